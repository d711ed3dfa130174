<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import ChosenArrangements from '@/bench/ChosenArrangements.vue'
import QuantityField from '@/components/QuantityField.vue'
import { spansOf } from '@/bench/spans'
import type { CombinationDocument, MemberDocument } from '@/contract/member'
import type { CombinationResult } from '@/contract/result'

/** Every combination with its factors and what it governs; each can be left out, and the engineer's own are added. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]

const PURPOSES: Record<CombinationResult['purpose'], string> = {
    strength: 'Strength',
    equilibrium: 'Equilibrium',
    construction: 'Stage of construction',
    accidental: 'Accidental',
    seismic: 'Seismic',
    fire: 'Fire',
    characteristic: 'Serviceability, characteristic',
    frequent: 'Serviceability, frequent',
    'quasi-permanent': 'Serviceability, quasi-permanent',
}
const groups = computed(() => {
    const result = props.editor.result.value
    const all = [...(result?.combinations ?? []), ...(result?.leftOut ?? [])]
    return Object.entries(PURPOSES)
        .map(([purpose, title]) => ({
            title,
            rows: all
                .filter((c) => c.purpose === purpose)
                .sort((a, b) => Number(a.own) - Number(b.own) || a.id.localeCompare(b.id, 'en', { numeric: true })),
        }))
        .filter((g) => g.rows.length)
})
const isOut = (c: CombinationResult): boolean => doc.value.leftOut?.includes(c.key) ?? false

function toggle(c: CombinationResult): void {
    props.editor.change((d) => {
        const out = d.leftOut ?? []
        d.leftOut = out.includes(c.key) ? out.filter((k) => k !== c.key) : [...out, c.key]
        if (!d.leftOut.length) delete d.leftOut
    })
}

/** What is chosen by hand starts with all spans, and is kept while another arrangement is tried. */
function arrange(d: MemberDocument, arrangement: NonNullable<MemberDocument['arrangement']>): void {
    d.arrangement = arrangement
    if (arrangement === 'chosen') d.arrangements ??= [spansOf(d).map((_, i) => i + 1)]
}

function setBySpan(d: MemberDocument, bySpan: boolean): void {
    if (bySpan) d.permanentBySpan = true
    else delete d.permanentBySpan
}

/** The load cases that have a factor of their own. */
const variable = computed(() => doc.value.cases.filter((c) => c.category !== 'permanent'))

function add(): void {
    props.editor.change((d) => {
        const factors = variable.value.map((c) => ({ case: c.id, factor: '1.5' }))
        d.combinations = [
            ...(d.combinations ?? []),
            { name: `Own ${(d.combinations?.length ?? 0) + 1}`, purpose: 'strength', permanent: '1.35', factors },
        ]
    })
}

function change(i: number, apply: (c: CombinationDocument) => void, key: string): void {
    props.editor.change((d) => {
        const own = d.combinations?.[i]
        if (own) apply(own)
    }, `combinations.${i}.${key}`)
}

function setFactor(i: number, id: string, factor: string): void {
    change(
        i,
        (c) => {
            const given = c.factors.find((f) => f.case === id)
            if (given) given.factor = factor
            else c.factors.push({ case: id, factor })
        },
        id,
    )
}

/** A factor of a load case that was removed since; it is told of here, since it has no field. */
const lost = (i: number): string | undefined =>
    Object.entries(props.editor.errors.value).find(([p]) =>
        new RegExp(`^combinations\\.${i}\\.factors\\.\\d+\\.case$`).test(p),
    )?.[1][0]

function remove(i: number): void {
    props.editor.change((d) => {
        d.combinations?.splice(i, 1)
        if (!d.combinations?.length) delete d.combinations
    })
}

const valueOf = (e: Event): string => (e.target as HTMLInputElement).value
</script>

<template>
    <div>
        <label class="mb-1.5 block">
            <FieldLabel text="Imposed load lies" />
            <select
                class="field"
                :value="doc.arrangement ?? 'worst'"
                @change="
                    (e) => editor.change((d) => arrange(d, valueOf(e) as NonNullable<MemberDocument['arrangement']>))
                "
            >
                <option value="worst">on any spans, where it is worst</option>
                <option value="alternate">on every other span, two adjacent ones, or all</option>
                <option value="all">on all spans</option>
                <option value="chosen">as chosen here</option>
            </select>
        </label>
        <ChosenArrangements v-if="doc.arrangement === 'chosen'" class="mb-1.5" :editor="editor" />
        <label class="mb-1.5 block">
            <FieldLabel text="Permanent load has" />
            <select
                class="field"
                :value="doc.permanentBySpan ? 'span' : 'all'"
                @change="(e) => editor.change((d) => setBySpan(d, valueOf(e) === 'span'))"
            >
                <option value="all">one factor on all spans</option>
                <option value="span">its greater factor only on spans where it does harm</option>
            </select>
        </label>
        <p v-if="fault('leftOut')" class="fault" role="alert">{{ fault('leftOut') }}</p>
        <section v-for="g in groups" :key="g.title" class="mb-1.5">
            <h3 class="label">{{ g.title }}</h3>
            <div
                v-for="c in g.rows"
                :key="c.key + c.id"
                class="grid grid-cols-[1.1rem_3.2rem_1fr] gap-x-1.5 border-t border-rule py-0.5"
                :title="c.clause"
            >
                <input
                    v-if="!c.own"
                    type="checkbox"
                    class="mt-1 size-3.5 self-start"
                    :checked="!isOut(c)"
                    :aria-label="`${c.id} counts`"
                    @change="toggle(c)"
                />
                <span v-else></span>
                <span :class="isOut(c) ? 'text-faint line-through' : ''">{{ c.id }}</span>
                <span :class="isOut(c) ? 'text-faint line-through' : ''">
                    {{ c.text }}
                    <span v-if="c.governs.length" class="block text-xs text-faint"
                        >governs {{ c.governs.join(', ') }}</span
                    >
                </span>
            </div>
        </section>
        <p v-if="!groups.length" class="text-faint">No load acts yet, so there is nothing to combine.</p>

        <div v-for="(own, i) in doc.combinations ?? []" :key="i" class="mt-2 border-l-2 border-l-rule pl-2">
            <div class="grid grid-cols-[1fr_1fr_1.2rem] gap-x-2">
                <label
                    ><span class="label">Own combination</span
                    ><input
                        class="field"
                        :value="own.name"
                        @input="(e) => change(i, (c) => void (c.name = valueOf(e)), 'name')"
                /></label>
                <label>
                    <FieldLabel text="For" />
                    <select
                        class="field"
                        :value="own.purpose"
                        @change="
                            (e) =>
                                change(
                                    i,
                                    (c) => void (c.purpose = valueOf(e) as CombinationResult['purpose']),
                                    'purpose',
                                )
                        "
                    >
                        <option v-for="(name, purpose) in PURPOSES" :key="purpose" :value="purpose">{{ name }}</option>
                    </select>
                </label>
                <button
                    class="quiet self-end px-1! pb-1.5!"
                    :aria-label="`Remove own combination ${i + 1}`"
                    @click="remove(i)"
                >
                    ×
                </button>
            </div>
            <div class="mt-1 grid grid-cols-3 gap-x-2 gap-y-1">
                <QuantityField
                    label="Permanent"
                    kind="number"
                    :units="units"
                    :model-value="own.permanent"
                    :error="fault(`combinations.${i}.permanent`)"
                    placeholder="0"
                    optional
                    @update:model-value="(v) => change(i, (c) => void (c.permanent = v), 'permanent')"
                />
                <QuantityField
                    v-for="k in variable"
                    :key="k.id"
                    :label="k.name"
                    kind="number"
                    :units="units"
                    :model-value="own.factors.find((f) => f.case === k.id)?.factor ?? ''"
                    :error="fault(`combinations.${i}.factors.${own.factors.findIndex((f) => f.case === k.id)}.factor`)"
                    placeholder="0"
                    optional
                    @update:model-value="(v) => setFactor(i, k.id, v)"
                />
            </div>
            <p v-if="lost(i)" class="fault" role="alert">
                {{ lost(i) }}
                <button
                    class="quiet underline"
                    @click="
                        change(
                            i,
                            (c) => void (c.factors = c.factors.filter((f) => variable.some((k) => k.id === f.case))),
                            'lost',
                        )
                    "
                >
                    Take it out
                </button>
            </p>
        </div>
        <button class="quiet mt-1 underline" @click="add">Add a combination of your own</button>
    </div>
</template>
