<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, nextTick, ref } from 'vue'
import CombinationsPart from '@/bench/CombinationsPart.vue'
import EndForcesPart from '@/bench/EndForcesPart.vue'
import LoadsPart from '@/bench/LoadsPart.vue'
import PartFold from '@/bench/PartFold.vue'
import RestraintPart from '@/bench/RestraintPart.vue'
import { spansOf } from '@/bench/spans'
import StartOfKind from '@/bench/StartOfKind.vue'
import SupportsPart from '@/bench/SupportsPart.vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument } from '@/contract/member'
import { isLevel } from '@/lib/member'
import { MATERIALS, materialOf } from '@/materials'
import BucklingDrawing from '@/sheet/BucklingDrawing.vue'
import SectionDrawing from '@/sheet/SectionDrawing.vue'

/** The definition of the member in working order. */
const props = defineProps<{ editor: Editor; selected: string; reading?: number | null }>()
const emit = defineEmits<{ select: [id: string]; table: []; endForces: [] }>()

const doc = computed(() => props.editor.document.value as MemberDocument)
const errors = computed(() => props.editor.errors.value)
const has = (...starts: string[]): boolean =>
    Object.keys(errors.value).some((path) => starts.some((s) => path === s || path.startsWith(`${s}.`)))

function set<K extends 'mark' | 'title' | 'notes' | 'loadHeight' | 'selfWeight'>(
    key: K,
    value: MemberDocument[K],
): void {
    props.editor.change((d) => {
        d[key] = value
    }, key)
}

function setShears(on: boolean): void {
    props.editor.change((d) => {
        if (on) d.shears = true
        else delete d.shears
    }, 'shears')
}

function setCamber(text: string): void {
    props.editor.change((d) => {
        if (text.trim()) d.camber = text
        else delete d.camber
    }, 'camber')
}

/** Key, label, what holds where nothing is given anywhere. */
const LIMITS = [
    ['total', 'Total, span /', 250],
    ['variable', 'Variable load, span /', 300],
    ['sway', 'Cantilever post, height /', 300],
    ['frequency', 'Frequency, at least Hz', 'not weighed'],
] as const

function setLimit(key: (typeof LIMITS)[number][0], text: string): void {
    props.editor.change((d) => {
        const limits = { ...d.deflection }
        if (text.trim() === '') Reflect.deleteProperty(limits, key)
        else limits[key] = (Number.isFinite(Number(text)) ? Number(text) : text) as number
        if (Object.keys(limits).length) d.deflection = limits
        else delete d.deflection
    }, `deflection.${key}`)
}

const material = computed(() => materialOf(doc.value))
const section = computed(() => props.editor.result.value?.section)
/** Of several the cut at the reading line. */
const cut = computed(() => {
    const x = props.reading ?? 0
    return Math.max(0, section.value?.cuts?.findIndex((c) => x >= c.from && x <= c.to) ?? 0)
})
const sectionSummary = computed(() => {
    const of = section.value
    const more = doc.value.steps?.length
    return of ? `${of.name}${more ? ` and ${more} more` : ''} ${of.grade}` : material.value.label
})

const spans = computed(() => {
    const fields = spansOf(doc.value)
    const n = fields.filter((f) => f.name.startsWith('Span')).length
    const o = fields.length - n
    return `${n} ${n === 1 ? 'span' : 'spans'}${o ? `, ${o} ${o === 1 ? 'overhang' : 'overhangs'}` : ''}, ${doc.value.length}`
})
const combinations = computed(() => {
    const all = props.editor.result.value?.combinations ?? []
    const strength = all.filter((c) => c.purpose === 'strength').length
    const out = props.editor.result.value?.leftOut.length ?? 0
    return `${strength} strength, ${all.length - strength} serviceability${out ? `, ${out} left out` : ''}`
})
const restraintSummary = computed(() => {
    const word = (r: { kind: string; spacing?: string } | undefined): string =>
        r?.kind === 'spacing' ? `at ${r.spacing}` : (r?.kind ?? 'supports')
    return `top ${word(doc.value.restraint?.top)}, bottom ${word(doc.value.restraint?.bottom)}`
})
const basisLimits = computed(() => props.editor.job.value?.basis.deflection)
/** Parts by their titles, and what they are called where there is little room. */
const PARTS = [
    ['Spans and supports', 'Spans'],
    ['Loads', 'Loads'],
    ['Restraint', 'Restraint'],
    ['Section', 'Section'],
    ['Deflection and vibration', 'Deflection'],
] as const
const panel = ref<HTMLElement | null>(null)
/** To a part, which opens. */
async function jump(title: string): Promise<void> {
    const part = panel.value?.querySelector(`[data-part="${title}"]`)
    const button = part?.querySelector<HTMLButtonElement>('button')
    if (button?.getAttribute('aria-expanded') === 'false') button.click()
    await nextTick()
    part?.scrollIntoView({ block: 'start' })
    button?.focus({ preventScroll: true })
}
const value = (e: Event): string => (e.target as HTMLInputElement).value
</script>

<template>
    <div ref="panel">
        <nav
            class="sticky top-0 z-10 flex flex-wrap gap-x-0.5 border-b border-rule bg-paper px-2 py-0.5 text-xs"
            aria-label="Parts of the definition"
        >
            <button
                v-for="[title, short] in PARTS"
                :key="title"
                class="quiet px-1! underline"
                :aria-label="`Go to ${title}`"
                @click="jump(title)"
            >
                {{ short }}
            </button>
        </nav>
        <PartFold
            title="Member"
            :summary="[doc.mark, doc.title].filter(Boolean).join(', ') || 'untitled'"
            :faulty="has('mark', 'title', 'notes')"
        >
            <div class="grid grid-cols-[5rem_1fr] gap-2">
                <label
                    ><FieldLabel text="Mark" /><input
                        class="field"
                        :value="doc.mark"
                        @input="set('mark', value($event))"
                /></label>
                <label
                    ><FieldLabel text="Title" /><input
                        class="field"
                        :value="doc.title"
                        @input="set('title', value($event))"
                /></label>
            </div>
            <label class="mt-2 block">
                <FieldLabel text="Notes for the sheet" />
                <textarea class="field" rows="2" :value="doc.notes" @input="set('notes', value($event))"></textarea>
                <span v-if="errors.notes" class="fault">{{ errors.notes[0] }}</span>
            </label>
            <StartOfKind :editor="editor" />
        </PartFold>
        <PartFold
            title="Spans and supports"
            :summary="spans"
            open
            :faulty="has('length', 'slope', 'supports', 'hinges')"
            ><SupportsPart :editor="editor"
        /></PartFold>
        <PartFold
            title="Loads"
            :summary="`${doc.loads.length} ${doc.loads.length === 1 ? 'load' : 'loads'} in ${doc.cases.length} cases`"
            open
            :faulty="has('loads', 'cases')"
        >
            <LoadsPart :editor="editor" :selected="selected" @select="emit('select', $event)" @table="emit('table')" />
        </PartFold>
        <PartFold
            title="End forces"
            :summary="
                doc.endForces?.length
                    ? `${doc.endForces.length} ${doc.endForces.length === 1 ? 'row' : 'rows'}`
                    : 'none'
            "
            :faulty="has('endForces')"
            ><EndForcesPart :editor="editor" @table="emit('endForces')"
        /></PartFold>
        <PartFold title="Combinations" :summary="combinations" :faulty="has('combinations', 'leftOut')"
            ><CombinationsPart :editor="editor"
        /></PartFold>
        <PartFold title="Restraint" :summary="restraintSummary" :faulty="has('restraint', 'effectiveLengths')"
            ><RestraintPart :editor="editor"
        /></PartFold>
        <PartFold
            title="Section"
            :summary="sectionSummary"
            open
            :faulty="has('material', 'section', 'grade', 'steps', 'webStiffeners', ...Object.keys(MATERIALS))"
        >
            <template v-if="section">
                <SectionDrawing bare class="mx-auto w-52" :section="section" :units="editor.units.value" :cut="cut" />
                <BucklingDrawing
                    v-if="section.buckling"
                    class="mb-2"
                    :buckling="section.buckling"
                    :units="editor.units.value"
                />
                <p v-if="section.cuts?.length" class="mb-2 text-center text-xs text-faint">
                    {{ section.cuts[cut]?.title }}: {{ section.cuts[cut]?.text }}
                </p>
            </template>
            <div class="grid grid-cols-2 gap-2">
                <component :is="material.part" class="col-span-2" :editor="editor" />
                <label class="col-span-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="doc.selfWeight !== false"
                        @change="set('selfWeight', ($event.target as HTMLInputElement).checked)"
                    />
                    Self-weight acts
                </label>
                <label class="col-span-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="doc.shears === true"
                        @change="setShears(($event.target as HTMLInputElement).checked)"
                    />
                    Shear deformation counts
                </label>
            </div>
        </PartFold>
        <PartFold
            title="Deflection and vibration"
            :summary="`L/${doc.deflection?.total ?? basisLimits?.total ?? 250} total, L/${doc.deflection?.variable ?? basisLimits?.variable ?? 300} variable${doc.camber ? `, camber ${doc.camber}` : ''}`"
            :faulty="has('deflection', 'camber')"
        >
            <div class="grid grid-cols-2 gap-2">
                <label
                    v-for="[key, label, otherwise] in LIMITS.filter(([key]) => key !== 'sway' || !isLevel(doc))"
                    :key="key"
                >
                    <FieldLabel :text="label" />
                    <input
                        class="field"
                        :value="doc.deflection?.[key] ?? ''"
                        :placeholder="
                            basisLimits?.[key] || key !== 'frequency'
                                ? `${basisLimits?.[key] || otherwise} (job)`
                                : 'not weighed'
                        "
                        :aria-invalid="!!errors[`deflection.${key}`]"
                        @input="setLimit(key, value($event))"
                    />
                    <span v-if="errors[`deflection.${key}`]" class="fault" role="alert">{{
                        errors[`deflection.${key}`]?.[0]
                    }}</span>
                </label>
                <QuantityField
                    label="Camber in the middle"
                    kind="size"
                    :units="editor.units.value"
                    :model-value="doc.camber ?? ''"
                    placeholder="straight"
                    optional
                    :error="errors.camber?.[0]"
                    @update:model-value="setCamber"
                />
            </div>
        </PartFold>
    </div>
</template>
