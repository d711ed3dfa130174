<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, toRaw } from 'vue'
import type { Editor } from '@/bench/editor'
import { spansOf, stretch } from '@/bench/spans'
import SlopeFields from '@/bench/SlopeFields.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument, SupportDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'
import { materialOf } from '@/materials'
import { isLevel, placeSupport } from '@/lib/member'
import { typed } from '@/lib/units'

/** Length, supports and, between them, the spans: typing a span moves everything to its right. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]

const fields = computed(() => spansOf(doc.value))
const level = computed(() => isLevel(doc.value))

/** Does anything strain the member along its axis? */
const strained = computed(
    () => !level.value || doc.value.loads.some((l) => l.direction === 'along') || !!doc.value.endForces?.length,
)

type Kind = SupportDocument['kind']
/** One that bears only is pinned, but does not hold down. */
const KINDS = ['pinned', 'roller', 'bears only', 'fixed', 'guided', 'elastic'] as const
const SPRINGS = [
    ['vertical', 'Against moving', 'spring', 'rigid'],
    ['rotation', 'Against turning', 'rotationSpring', 'free'],
] as const

/**
 * The document when a span field was entered: each keystroke starts from it, so that "1" on the way to "12" harms
 * nothing.
 */
let entered: MemberDocument | null = null
function enterSpan(document: MemberDocument | null): void {
    entered = document
}

function setSpan(index: number, text: string): void {
    const before = entered ?? doc.value
    const length = readQuantity(text, 'length')
    const span = spansOf(before)[index]
    if (!span || length === null || length <= 0) return
    const next = structuredClone(toRaw(before))
    stretch(next, span, length, units.value)
    props.editor.change((d) => void Object.assign(d, next), `span.${index}`)
}

function setLength(text: string): void {
    props.editor.change((d) => {
        const end = d.supports.findIndex((s) => s.x === d.length)
        placeSupport(d, end, text)
        d.length = text
    }, 'length')
}

function add(): void {
    props.editor.change((d) => {
        // In the middle of the longest span, where it is wanted most often.
        const longest = [...fields.value].sort((a, b) => b.to - b.from - (a.to - a.from))[0]
        const x = longest ? (longest.from + longest.to) / 2 : (readQuantity(d.length, 'length') ?? 0) / 2
        d.supports.push({
            x: typed(x, 'length', units.value),
            kind: 'pinned',
            bearing: d.supports[0]?.bearing ?? typed(150, 'size', units.value),
        })
        d.supports.sort((a, b) => (readQuantity(a.x, 'length') ?? 0) - (readQuantity(b.x, 'length') ?? 0))
    })
}

/** A support that holds against turning holds down as well. */
function setKind(s: SupportDocument, chosen: (typeof KINDS)[number]): void {
    const kind: Kind = chosen === 'bears only' ? 'pinned' : chosen
    s.kind = kind
    if (kind === 'pinned' || kind === 'roller') setBearsOnly(s, chosen === 'bears only')
    if (kind !== 'roller') delete s.holds
    if (kind !== 'fixed' && kind !== 'guided') delete s.along
    if (kind === 'fixed' || kind === 'guided') {
        delete s.bearsOnly
        delete s.stiffened
    }
    if (kind === 'pinned' || kind === 'roller') delete s.momentCapacity
}

function setCapacity(s: SupportDocument, text: string): void {
    if (text.trim()) s.momentCapacity = text
    else delete s.momentCapacity
}

function setBearsOnly(s: SupportDocument, only: boolean): void {
    if (only) s.bearsOnly = true
    else delete s.bearsOnly
}

/** Supports that press on the web; the others are connections. */
const bearing = computed(() =>
    doc.value.slope?.by === 'upright' || !materialOf(doc.value).hasWeb
        ? []
        : doc.value.supports.map((s, i) => (s.kind === 'fixed' || s.kind === 'guided' ? -1 : i)).filter((i) => i >= 0),
)
function setStiffened(s: SupportDocument, stiffened: boolean): void {
    if (stiffened) s.stiffened = true
    else delete s.stiffened
}

const bearsOnly = computed(() => doc.value.supports.some((s) => s.bearsOnly))
function setLiftsOff(d: MemberDocument, lifts: boolean): void {
    if (lifts) d.liftsOff = true
    else delete d.liftsOff
}

/** At a fifth of the last span, where the moment of a continuous beam is small. */
function addHinge(): void {
    props.editor.change((d) => {
        const last = fields.value.at(-1)
        const x = last ? last.from + (last.to - last.from) / (fields.value.length > 1 ? 5 : 2) : 0
        d.hinges = [...(d.hinges ?? []), typed(x, 'length', units.value)]
    })
}

function addSpan(): void {
    props.editor.change((d) => {
        const last = fields.value.at(-1)
        const end = (readQuantity(d.length, 'length') ?? 0) + (last ? last.to - last.from : 5000)
        d.length = typed(end, 'length', units.value)
        d.supports.push({
            x: d.length,
            kind: 'pinned',
            bearing: d.supports[0]?.bearing ?? typed(150, 'size', units.value),
        })
    })
}
</script>

<template>
    <div>
        <QuantityField
            label="Length of the member"
            kind="length"
            :units="units"
            :model-value="doc.length"
            :error="fault('length')"
            @update:model-value="setLength"
        />
        <SlopeFields class="mt-2" :editor="editor" />
        <p v-if="fault('supports')" class="fault mt-1" role="alert">{{ fault('supports') }}</p>
        <div class="mt-2 grid grid-cols-[1rem_1fr_5.9rem_1fr_1.2rem] items-start gap-x-1.5 gap-y-1">
            <span></span><FieldLabel text="Support at x" /><FieldLabel text="Kind" /><FieldLabel
                text="Bearing"
            /><span></span>
            <template v-for="(s, i) in doc.supports" :key="i">
                <span class="pt-1 text-faint">{{ i + 1 }}</span>
                <QuantityField
                    :aria-label="`Support ${i + 1} at x`"
                    kind="length"
                    :units="units"
                    :model-value="s.x"
                    :error="fault(`supports.${i}.x`)"
                    @update:model-value="(v) => editor.change((d) => placeSupport(d, i, v), `supports.${i}.x`)"
                />
                <select
                    class="field"
                    :value="s.kind === 'pinned' && s.bearsOnly ? 'bears only' : s.kind"
                    :aria-label="`Kind of support ${i + 1}`"
                    @change="
                        (e) =>
                            editor.change((d) =>
                                setKind(
                                    d.supports[i]!,
                                    (e.target as HTMLSelectElement).value as (typeof KINDS)[number],
                                ),
                            )
                    "
                >
                    <option v-for="kind in KINDS" :key="kind" :value="kind">{{ kind }}</option>
                </select>
                <QuantityField
                    :aria-label="`Bearing length of support ${i + 1}`"
                    kind="size"
                    :units="units"
                    :model-value="s.bearing"
                    :error="fault(`supports.${i}.bearing`)"
                    @update:model-value="
                        (v) => editor.change((d) => void (d.supports[i]!.bearing = v), `supports.${i}.bearing`)
                    "
                />
                <button
                    class="quiet px-1!"
                    :aria-label="`Remove support ${i + 1}`"
                    @click="editor.change((d) => void d.supports.splice(i, 1))"
                >
                    ×
                </button>
                <label
                    v-if="s.kind === 'elastic'"
                    class="col-span-4 col-start-2 -mt-0.5 flex items-center gap-1.5 text-xs text-faint"
                >
                    <input
                        type="checkbox"
                        class="size-3.5"
                        :checked="s.bearsOnly ?? false"
                        :aria-label="`Support ${i + 1} bears only`"
                        @change="
                            (e) =>
                                editor.change((d) =>
                                    setBearsOnly(d.supports[i]!, (e.target as HTMLInputElement).checked),
                                )
                        "
                    />
                    bears only, does not hold down
                </label>
                <p v-if="fault(`supports.${i}.bearsOnly`)" class="fault col-span-4 col-start-2" role="alert">
                    {{ fault(`supports.${i}.bearsOnly`) }}
                </p>
                <label
                    v-if="s.kind === 'roller' && !level"
                    class="col-span-4 col-start-2 border-l-2 border-l-rule pb-1 pl-2"
                >
                    <FieldLabel text="Holds" />
                    <select
                        class="field"
                        :value="s.holds ?? 'normal'"
                        :aria-invalid="!!fault(`supports.${i}.holds`)"
                        @change="
                            (e) =>
                                editor.change(
                                    (d) =>
                                        void (d.supports[i]!.holds = (e.target as HTMLSelectElement)
                                            .value as SupportDocument['holds']),
                                )
                        "
                    >
                        <option value="normal">normal to the member</option>
                        <option value="vertical">vertically</option>
                        <option value="horizontal">horizontally</option>
                    </select>
                    <span v-if="fault(`supports.${i}.holds`)" class="fault" role="alert">{{
                        fault(`supports.${i}.holds`)
                    }}</span>
                </label>
                <label
                    v-if="(s.kind === 'fixed' || s.kind === 'guided') && strained"
                    class="col-span-4 col-start-2 border-l-2 border-l-rule pb-1 pl-2"
                >
                    <FieldLabel text="Along the axis" />
                    <select
                        class="field"
                        :value="s.along ?? (s.kind === 'fixed' ? 'held' : 'free')"
                        @change="
                            (e) =>
                                editor.change(
                                    (d) =>
                                        void (d.supports[i]!.along = (e.target as HTMLSelectElement)
                                            .value as SupportDocument['along']),
                                )
                        "
                    >
                        <option value="held">restrained</option>
                        <option value="free">free to slide</option>
                    </select>
                </label>
                <div
                    v-if="s.kind !== 'pinned' && s.kind !== 'roller'"
                    class="col-span-4 col-start-2 border-l-2 border-l-rule pb-1 pl-2"
                >
                    <QuantityField
                        label="Moment capacity"
                        kind="moment"
                        :units="units"
                        :model-value="s.momentCapacity"
                        :error="fault(`supports.${i}.momentCapacity`)"
                        placeholder="as much as comes"
                        optional
                        @update:model-value="
                            (v) => editor.change((d) => setCapacity(d.supports[i]!, v), `supports.${i}.momentCapacity`)
                        "
                    />
                </div>
                <div
                    v-if="s.kind === 'elastic'"
                    class="col-span-4 col-start-2 grid grid-cols-2 gap-x-2 border-l-2 border-l-rule pb-1 pl-2"
                >
                    <QuantityField
                        v-for="[key, label, kind, empty] in SPRINGS"
                        :key="key"
                        :label="label"
                        :kind="kind"
                        :units="units"
                        :model-value="s[key]"
                        :error="fault(`supports.${i}.${key}`)"
                        :placeholder="empty"
                        optional
                        @update:model-value="
                            (v) => editor.change((d) => void (d.supports[i]![key] = v), `supports.${i}.${key}`)
                        "
                    />
                </div>
            </template>
        </div>
        <p v-if="bearing.length" class="mt-1 flex flex-wrap items-center gap-x-2.5">
            <span class="text-xs text-faint">Stiffener or end plate at</span>
            <label v-for="i in bearing" :key="i" class="flex items-center gap-1">
                <input
                    type="checkbox"
                    class="size-3.5"
                    :checked="doc.supports[i]?.stiffened ?? false"
                    :aria-label="`Web stiffened at support ${i + 1}`"
                    @change="
                        (e) =>
                            editor.change((d) => setStiffened(d.supports[i]!, (e.target as HTMLInputElement).checked))
                    "
                />
                {{ i + 1 }}
            </label>
        </p>
        <label v-if="bearsOnly" class="mt-1 flex items-center gap-1.5">
            <input
                type="checkbox"
                class="size-3.5"
                :checked="doc.liftsOff ?? false"
                @change="(e) => editor.change((d) => setLiftsOff(d, (e.target as HTMLInputElement).checked))"
            />
            may lift off (otherwise uplift is weighed)
        </label>
        <p v-if="fault('liftsOff')" class="fault" role="alert">{{ fault('liftsOff') }}</p>
        <div class="mt-1.5 flex gap-2">
            <button class="quiet underline" @click="add">Add a support</button>
            <button class="quiet underline" @click="addSpan">Add a span</button>
            <button class="quiet underline" @click="addHinge">Add a hinge</button>
        </div>
        <div v-if="doc.hinges?.length" class="mt-2 grid grid-cols-3 gap-x-2 gap-y-1">
            <div v-for="(x, i) in doc.hinges" :key="i" class="grid grid-cols-[1fr_1.2rem] items-end">
                <QuantityField
                    :label="`Hinge ${i + 1} at x`"
                    kind="length"
                    :units="units"
                    :model-value="x"
                    :error="fault(`hinges.${i}`)"
                    @update:model-value="(v) => editor.change((d) => void (d.hinges![i] = v), `hinges.${i}`)"
                />
                <button
                    class="quiet px-1! pb-1.5!"
                    :aria-label="`Remove hinge ${i + 1}`"
                    @click="editor.change((d) => void d.hinges?.splice(i, 1))"
                >
                    ×
                </button>
            </div>
        </div>
        <p v-if="fault('hinges')" class="fault mt-1" role="alert">{{ fault('hinges') }}</p>
        <div
            v-if="fields.length"
            class="mt-2 grid grid-cols-3 gap-x-2 gap-y-1"
            @focusin="enterSpan(doc)"
            @focusout="enterSpan(null)"
        >
            <QuantityField
                v-for="(f, i) in fields"
                :key="i"
                :label="f.name"
                kind="length"
                :units="units"
                :model-value="typed(f.to - f.from, 'length', units)"
                @update:model-value="(v) => setSpan(i, v)"
            />
        </div>
    </div>
</template>
