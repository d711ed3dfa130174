<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { LoadDocument, MemberDocument } from '@/contract/member'
import { CATEGORIES, freshId, isAt, isAtOnePlace, isDisplacement } from '@/lib/member'
import { inSystem, readQuantity } from '@/lib/quantity'
import { typed, type Kind } from '@/lib/units'

/** Load cases and loads. One load at a time is open for editing: the one that is selected in the drawing. */
const props = defineProps<{ editor: Editor; selected: string }>()
const emit = defineEmits<{ select: [id: string] }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const root = ref<HTMLElement | null>(null)
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]

const KINDS: Record<LoadDocument['kind'], string> = {
    line: 'Line load',
    area: 'Area load × width',
    point: 'Point load',
    moment: 'Moment',
    settlement: 'Settlement of a support',
    rotation: 'Rotation of a support',
}
/** A rotation is rare: it is made from a settlement. */
const ADDED = ['line', 'area', 'point', 'moment', 'settlement'] as const
const VALUE: Record<LoadDocument['kind'], Kind> = {
    line: 'lineLoad',
    area: 'areaLoad',
    point: 'force',
    moment: 'moment',
    settlement: 'deflection',
    rotation: 'rotation',
}

function add(kind: LoadDocument['kind']): void {
    const id = freshId(
        'l',
        doc.value.loads.map((l) => l.id),
    )
    const us = units.value === 'us'
    props.editor.change((d) => {
        const base = { id, case: d.cases[0]?.id ?? '', kind, name: '', remark: '' }
        const middle = typed((readQuantity(d.length, 'length') ?? 0) / 2, 'length', units.value)
        if (kind === 'point') d.loads.push({ ...base, x: middle, value: us ? '2 kip' : '10 kN' })
        else if (kind === 'moment') d.loads.push({ ...base, x: middle, value: us ? '5 kip·ft' : '10 kNm' })
        else if (kind === 'settlement')
            d.loads.push({ ...base, case: caseFor(d, kind), x: d.supports.at(-1)?.x ?? middle, value: us ? '0.4 in' : '10 mm' })
        else if (kind === 'area') d.loads.push({ ...base, value: us ? '50 psf' : '2.5 kN/m²', width: us ? '10 ft' : '3 m' })
        else d.loads.push({ ...base, value: us ? '0.5 kip/ft' : '5 kN/m' })
    })
    emit('select', id)
}

/** A load case that takes this kind of load: the given one if it does; one for settlements is made when there is none. */
function caseFor(d: MemberDocument, kind: LoadDocument['kind'], given = ''): string {
    const fits = (c: MemberDocument['cases'][number]): boolean => (c.category === 'settlement') === isDisplacement(kind)
    const found = d.cases.find((c) => c.id === given && fits(c)) ?? d.cases.find(fits)
    if (found || !isDisplacement(kind)) return found?.id ?? ''
    const id = freshId(
        'd',
        d.cases.map((c) => c.id),
    )
    d.cases.push({ id, name: 'Settlement', category: 'settlement' })
    return id
}

function set(i: number, key: keyof LoadDocument, value: string): void {
    props.editor.change((d) => {
        const load = d.loads[i]
        if (load) (load[key] as string) = value
    }, `loads.${i}.${key}`)
}

function setKind(i: number, kind: LoadDocument['kind']): void {
    props.editor.change((d) => {
        const load = d.loads[i]
        if (!load) return
        load.kind = kind
        load.case = caseFor(d, kind, load.case)
        if (isDisplacement(kind)) {
            if (!d.supports.some((s) => isAt(s.x, load.x))) load.x = d.supports[0]?.x ?? ''
        } else if (isAtOnePlace(kind)) load.x ??= load.from || typed(0, 'length', units.value)
        if (kind === 'area') load.width ??= units.value === 'us' ? '10 ft' : '3 m'
    })
}

function remove(i: number): void {
    props.editor.change((d) => void d.loads.splice(i, 1))
}

function duplicate(i: number): void {
    const id = freshId(
        'l',
        doc.value.loads.map((l) => l.id),
    )
    props.editor.change((d) => {
        const load = d.loads[i]
        if (load) d.loads.splice(i + 1, 0, { ...load, id })
    })
    emit('select', id)
}

function addCase(): void {
    props.editor.change(
        (d) =>
            void d.cases.push({
                id: freshId(
                    'c',
                    d.cases.map((c) => c.id),
                ),
                name: 'Snow',
                category: 'snow',
            }),
    )
}

function removeCase(i: number): void {
    props.editor.change((d) => void d.cases.splice(i, 1))
}

const caseName = (id: string): string => doc.value.cases.find((c) => c.id === id)?.name ?? 'no case'
const used = (id: string): boolean => doc.value.loads.some((l) => l.case === id)

const at = (text: string | undefined): string => inSystem(text ?? '', 'length', units.value)

function place(l: LoadDocument): string {
    if (isDisplacement(l.kind)) return `support ${doc.value.supports.findIndex((s) => isAt(s.x, l.x)) + 1 || '?'}`
    if (isAtOnePlace(l.kind)) return `at ${at(l.x)}`
    return l.from || l.to ? `${at(l.from) || '0'} – ${at(l.to) || 'end'}` : 'full length'
}

function amount(l: LoadDocument): string {
    const value = inSystem(l.value, VALUE[l.kind], units.value)
    if (l.kind === 'area') return `${value} × ${at(l.width)}`
    return l.end && l.end !== l.value ? `${value} to ${inSystem(l.end, VALUE[l.kind], units.value)}` : value
}

const valueOf = (e: Event): string => (e.target as HTMLInputElement).value

watch(
    () => props.selected,
    async (id) => {
        await nextTick()
        root.value?.querySelector(`[data-load="${id}"]`)?.scrollIntoView({ block: 'nearest' })
    },
)
</script>

<template>
    <div ref="root">
        <div class="flex flex-wrap gap-x-1">
            <button v-for="kind in ADDED" :key="kind" class="quiet underline" @click="add(kind)">+ {{ KINDS[kind] }}</button>
        </div>
        <p v-if="fault('loads')" class="fault" role="alert">{{ fault('loads') }}</p>
        <ul class="mt-1">
            <li
                v-for="(l, i) in doc.loads"
                :key="l.id"
                :data-load="l.id"
                class="border-t border-rule"
                :class="l.id === selected ? 'border-l-2 border-l-accent bg-accent-soft/50 pl-2' : ''"
            >
                <button
                    class="grid w-full grid-cols-[1fr_auto] gap-x-2 py-1 text-left"
                    :aria-expanded="l.id === selected"
                    @click="emit('select', l.id === selected ? '' : l.id)"
                >
                    <span class="truncate" :class="l.name ? '' : 'text-faint'">{{ l.name || KINDS[l.kind] }}</span>
                    <span class="whitespace-nowrap">{{ amount(l) }}</span>
                    <span class="truncate text-xs text-faint">{{ caseName(l.case) }}</span>
                    <span class="text-right text-xs whitespace-nowrap text-faint">{{ place(l) }}</span>
                </button>
                <p v-if="l.id !== selected && Object.keys(editor.errors.value).some((p) => p.startsWith(`loads.${i}.`))" class="fault" role="alert">
                    {{ Object.entries(editor.errors.value).find(([p]) => p.startsWith(`loads.${i}.`))?.[1][0] }}
                </p>
                <div v-if="l.id === selected" class="grid grid-cols-2 gap-x-2 gap-y-1.5 pr-1 pb-2">
                    <label><span class="label">Name</span><input class="field" :value="l.name" @input="set(i, 'name', valueOf($event))" /></label>
                    <label>
                        <span class="label">Load case</span>
                        <select class="field" :value="l.case" :aria-invalid="!!fault(`loads.${i}.case`)" @change="set(i, 'case', valueOf($event))">
                            <option v-for="c in doc.cases" :key="c.id" :value="c.id">{{ c.name }}</option>
                        </select>
                        <span v-if="fault(`loads.${i}.case`)" class="fault" role="alert">{{ fault(`loads.${i}.case`) }}</span>
                    </label>
                    <label class="col-span-2">
                        <span class="label">Kind</span>
                        <select class="field" :value="l.kind" @change="setKind(i, valueOf($event) as LoadDocument['kind'])">
                            <option v-for="(name, kind) in KINDS" :key="kind" :value="kind">{{ name }}</option>
                        </select>
                    </label>
                    <QuantityField
                        :label="l.kind === 'line' ? 'Value at start' : 'Value'"
                        :kind="VALUE[l.kind]"
                        :units="units"
                        :model-value="l.value"
                        :error="fault(`loads.${i}.value`)"
                        @update:model-value="(v) => set(i, 'value', v)"
                    />
                    <QuantityField
                        v-if="l.kind === 'line'"
                        label="Value at end"
                        kind="lineLoad"
                        :units="units"
                        :model-value="l.end"
                        :error="fault(`loads.${i}.end`)"
                        placeholder="the same"
                        optional
                        @update:model-value="(v) => set(i, 'end', v)"
                    />
                    <QuantityField
                        v-else-if="l.kind === 'area'"
                        label="Width carried"
                        kind="length"
                        :units="units"
                        :model-value="l.width"
                        :error="fault(`loads.${i}.width`)"
                        @update:model-value="(v) => set(i, 'width', v)"
                    />
                    <label v-else-if="isDisplacement(l.kind)">
                        <span class="label">Support</span>
                        <select
                            class="field"
                            aria-label="Support that moves"
                            :value="doc.supports.find((s) => isAt(s.x, l.x))?.x ?? ''"
                            @change="set(i, 'x', valueOf($event))"
                        >
                            <option v-for="(s, k) in doc.supports" :key="k" :value="s.x">{{ k + 1 }} at {{ at(s.x) }}</option>
                        </select>
                        <span v-if="fault(`loads.${i}.x`)" class="fault" role="alert">{{ fault(`loads.${i}.x`) }}</span>
                    </label>
                    <QuantityField
                        v-else
                        label="At x"
                        kind="length"
                        :units="units"
                        :model-value="l.x"
                        :error="fault(`loads.${i}.x`)"
                        @update:model-value="(v) => set(i, 'x', v)"
                    />
                    <template v-if="l.kind === 'line' || l.kind === 'area'">
                        <QuantityField
                            label="From x"
                            kind="length"
                            :units="units"
                            :model-value="l.from"
                            :error="fault(`loads.${i}.from`)"
                            placeholder="left end"
                            optional
                            @update:model-value="(v) => set(i, 'from', v)"
                        />
                        <QuantityField
                            label="To x"
                            kind="length"
                            :units="units"
                            :model-value="l.to"
                            :error="fault(`loads.${i}.to`)"
                            placeholder="right end"
                            optional
                            @update:model-value="(v) => set(i, 'to', v)"
                        />
                    </template>
                    <label class="col-span-2"
                        ><span class="label">Remark</span><input class="field" :value="l.remark" @input="set(i, 'remark', valueOf($event))"
                    /></label>
                    <span class="col-span-2 flex gap-2">
                        <button class="quiet underline" @click="duplicate(i)">Duplicate</button>
                        <button class="quiet underline" @click="remove(i)">Remove</button>
                    </span>
                </div>
            </li>
        </ul>
        <div class="mt-2 border-t border-ink pt-1.5">
            <span class="label">Load cases</span>
            <div v-for="(c, i) in doc.cases" :key="c.id" class="mt-1 grid grid-cols-[1fr_1.2fr_1.2rem] gap-1.5">
                <div>
                    <input
                        class="field"
                        :value="c.name"
                        :aria-label="`Name of load case ${i + 1}`"
                        :aria-invalid="!!fault(`cases.${i}.name`)"
                        @input="editor.change((d) => void (d.cases[i]!.name = valueOf($event)), `cases.${i}.name`)"
                    />
                    <span v-if="fault(`cases.${i}.name`)" class="fault" role="alert">{{ fault(`cases.${i}.name`) }}</span>
                </div>
                <select
                    class="field"
                    :value="c.category"
                    :aria-label="`Category of ${c.name}`"
                    @change="editor.change((d) => void (d.cases[i]!.category = valueOf($event) as MemberDocument['cases'][number]['category']))"
                >
                    <option v-for="(name, category) in CATEGORIES" :key="category" :value="category">{{ name }}</option>
                </select>
                <button
                    class="quiet px-1!"
                    :disabled="used(c.id)"
                    :title="used(c.id) ? 'Loads belong to this case' : ''"
                    :aria-label="`Remove load case ${c.name}`"
                    @click="removeCase(i)"
                >
                    ×
                </button>
            </div>
            <button class="quiet mt-1 underline" @click="addCase">Add a load case</button>
        </div>
    </div>
</template>
