<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { ConcreteDocument, MemberDocument } from '@/contract/member'
import { barListCsv, massOf } from '@/materials/concrete/barList'
import BarFields from '@/materials/concrete/BarFields.vue'
import { detailSvg } from '@/materials/concrete/detailFile'
import ClimateFields from '@/materials/concrete/ClimateFields.vue'
import TieFields from '@/materials/concrete/TieFields.vue'
import RedistributionFields from '@/materials/concrete/RedistributionFields.vue'
import FlangeFields from '@/materials/concrete/FlangeFields.vue'
import { helpOf } from '@/lib/help'
import { typed } from '@/lib/units'
import { useChoices } from '@/materials/choices'

/** Size, strength class, bars and links of a concrete member. */
const props = defineProps<{ editor: Editor }>()
const units = computed(() => props.editor.units.value)
const concrete = computed(() => (props.editor.document.value as MemberDocument).concrete)
const fault = (key: string): string | undefined => props.editor.errors.value[`concrete.${key}`]?.[0]
const { choices } = useChoices('concrete')
const value = (e: Event): string => (e.target as HTMLInputElement).value

function set<K extends keyof ConcreteDocument>(key: K, to: ConcreteDocument[K]): void {
    props.editor.change((d) => {
        if (d.concrete) d.concrete[key] = to
    }, `concrete.${key}`)
}

const sizes = computed(() => {
    if (isSlab.value) return { depth: 'Thickness', width: 'Width of the strip' }
    return hasFlange.value ? { width: 'Width of the web', depth: 'Depth' } : { width: 'Width', depth: 'Depth' }
})
const hasFlange = computed(() => !isSlab.value && (concrete.value?.profile ?? 'rectangle') !== 'rectangle')
/** Of links that are chosen. */
const linkSpacing = computed(() => {
    const spacings = (props.editor.result.value?.section.links ?? []).map(([, , spacing = 0]) => spacing)
    if (!spacings.length) return 'as needed'
    const [least, most] = [Math.min(...spacings), Math.max(...spacings)].map((s) => typed(s, 'size', units.value))
    return least === most ? (least ?? '') : `${parseFloat(least ?? '')} to ${most}`
})
const list = computed(() => props.editor.result.value?.section.list ?? [])
const mass = computed(() =>
    massOf(
        list.value.reduce((sum, row) => sum + row.mass, 0),
        units.value,
    ),
)
function save(content: string, type: string, ending: string): void {
    const mark = props.editor.document.value?.mark || 'member'
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([content], { type }))
    link.download = `${mark.replace(/[^\w-]+/g, '-')}-${ending}`
    link.click()
    URL.revokeObjectURL(link.href)
}
const download = (): void => save(barListCsv(list.value, units.value), 'text/csv', 'bars.csv')
function draw(): void {
    const { mark = '', title = '' } = props.editor.document.value ?? {}
    const result = props.editor.result.value
    if (result) save(detailSvg(result, units.value, `${mark} ${title}`.trim()), 'image/svg+xml', 'detail.svg')
}
/** The family of rules for combinations, which the standard for concrete goes with. */
const family = computed(() => (props.editor.job.value?.basis.combinations ?? '6.10').split('-')[0] ?? '')
const isEuropean = computed(() => family.value.startsWith('6.10'))
const grades = computed(() => choices.value[`grade ${family.value}`] ?? choices.value.grade ?? [])
const USUAL: Record<string, string> = { asce: '60 ksi', classic: '460 MPa' }
const ASKED = { exposure: 'Exposure', fire: 'Fire' } as const
const REDUCTIONS = { momentsAtFace: 'Moments at the face of supports', shearAtD: 'Shear at d from the face' } as const
/** A slab has no links. */
const isSlab = computed(() => concrete.value?.form === 'slab')
type SizeKey = 'linkSpacing' | 'cover'
const links = computed<Partial<Record<SizeKey, string>>>(() =>
    isSlab.value ? { cover: 'Cover to the bars' } : { linkSpacing: 'Links, spacing', cover: 'Cover to the links' },
)
</script>

<template>
    <div v-if="concrete" class="grid grid-cols-2 gap-2">
        <QuantityField
            v-for="(label, key) in sizes"
            :key="key"
            :label="label"
            kind="size"
            :units="units"
            :model-value="concrete[key]"
            :error="fault(key)"
            @update:model-value="(v) => set(key, v)"
        />
        <label :class="{ 'col-span-2': isSlab }">
            <FieldLabel text="Strength class" />
            <input
                class="field"
                list="strength-classes"
                :value="concrete.grade"
                :aria-invalid="!!fault('grade')"
                @change="(e) => set('grade', value(e))"
            />
            <datalist id="strength-classes">
                <option v-for="g in grades" :key="g">{{ g }}</option>
            </datalist>
            <span v-if="fault('grade')" class="fault" role="alert">{{ fault('grade') }}</span>
        </label>
        <label v-if="!isSlab">
            <FieldLabel text="Shape" />
            <select
                class="field"
                :value="concrete.profile ?? 'rectangle'"
                @change="(e) => set('profile', value(e) as ConcreteDocument['profile'])"
            >
                <option v-for="p in choices.profile ?? [concrete.profile ?? 'rectangle']" :key="p">{{ p }}</option>
            </select>
        </label>
        <FlangeFields v-if="hasFlange" :editor="editor" />
        <BarFields class="col-span-2" :editor="editor" />
        <label class="col-span-2">
            <FieldLabel text="Sizes of bars to choose from" />
            <input
                class="field"
                :value="concrete.sizes ?? ''"
                :placeholder="
                    family === 'asce' && units === 'us'
                        ? '#4 to #11'
                        : isSlab
                          ? '8, 10, 12, 16, 20'
                          : '12, 16, 20, 25, 32'
                "
                :aria-invalid="!!fault('sizes')"
                @input="(e) => set('sizes', value(e))"
            />
            <span v-if="fault('sizes')" class="fault" role="alert">{{ fault('sizes') }}</span>
        </label>
        <label v-if="!isSlab">
            <FieldLabel text="Links, diameter" />
            <input
                class="field"
                :value="concrete.linkDiameter ?? ''"
                :aria-invalid="!!fault('linkDiameter')"
                @input="(e) => set('linkDiameter', value(e))"
            />
            <span v-if="fault('linkDiameter')" class="fault" role="alert">{{ fault('linkDiameter') }}</span>
        </label>
        <QuantityField
            v-for="(label, key) in links"
            :key="key"
            :label="label"
            kind="size"
            :units="units"
            :model-value="concrete[key]"
            :optional="key === 'linkSpacing'"
            :placeholder="key === 'linkSpacing' ? linkSpacing : undefined"
            :error="fault(key)"
            @update:model-value="(v) => set(key, v)"
        />
        <label v-if="!isSlab">
            <FieldLabel text="Legs of a link" />
            <input
                class="field"
                inputmode="numeric"
                :value="concrete.legs ?? ''"
                placeholder="chosen"
                :aria-invalid="!!fault('legs')"
                @input="(e) => set('legs', value(e))"
            />
            <span v-if="fault('legs')" class="fault" role="alert">{{ fault('legs') }}</span>
        </label>
        <QuantityField
            label="Yield strength of bars"
            kind="stress"
            :units="units"
            :model-value="concrete.yield"
            optional
            :placeholder="USUAL[family] ?? '500 MPa'"
            :error="fault('yield')"
            @update:model-value="(v) => set('yield', v)"
        />
        <QuantityField
            v-if="!isSlab"
            label="Yield strength of links"
            kind="stress"
            :units="units"
            optional
            :model-value="concrete.linkYield"
            placeholder="as the bars"
            :error="fault('linkYield')"
            @update:model-value="(v) => set('linkYield', v)"
        />
        <QuantityField
            label="Aggregate up to"
            kind="size"
            :units="units"
            optional
            :placeholder="family === 'asce' ? '0.75 in' : '20 mm'"
            :model-value="concrete.aggregate"
            :error="fault('aggregate')"
            @update:model-value="(v) => set('aggregate', v)"
        />
        <ClimateFields v-if="isEuropean" class="col-span-2" :editor="editor" />
        <label v-if="isEuropean" class="col-span-2">
            <FieldLabel text="Cracks up to, mm" />
            <select
                class="field"
                :value="concrete.crackWidth ?? '0.3'"
                @change="(e) => set('crackWidth', value(e) as ConcreteDocument['crackWidth'])"
            >
                <option v-for="w in choices.crackWidth ?? ['0.3']" :key="w">{{ w }}</option>
            </select>
        </label>
        <label v-for="(label, key) in ASKED" :key="key">
            <FieldLabel :text="label" />
            <select
                class="field"
                :value="concrete[key] ?? ''"
                :aria-invalid="!!fault(key)"
                @change="(e) => set(key, value(e))"
            >
                <option value="">not weighed</option>
                <option v-for="c in choices[`${key} ${family}`] ?? choices[key] ?? []" :key="c">{{ c }}</option>
            </select>
            <span v-if="fault(key)" class="fault" role="alert">{{ fault(key) }}</span>
        </label>
        <template v-if="isEuropean && concrete.exposure">
            <label>
                <FieldLabel text="Structural class" />
                <select
                    class="field"
                    :value="concrete.structuralClass ?? 'S4'"
                    @change="(e) => set('structuralClass', value(e))"
                >
                    <option v-for="n in 6" :key="n">S{{ n }}</option>
                </select>
            </label>
            <QuantityField
                label="Allowance for deviation"
                kind="size"
                :units="units"
                optional
                placeholder="10 mm"
                :model-value="concrete.coverDeviation"
                :error="fault('coverDeviation')"
                @update:model-value="(v) => set('coverDeviation', v)"
            />
        </template>
        <QuantityField
            label="Strength of what is below"
            kind="stress"
            :units="units"
            optional
            placeholder="not weighed"
            :model-value="concrete.bearingStrength"
            :error="fault('bearingStrength')"
            @update:model-value="(v) => set('bearingStrength', v)"
        />
        <label>
            <FieldLabel text="Stiffness for forces" />
            <input
                class="field"
                inputmode="decimal"
                :value="concrete.stiffnessFactor ?? ''"
                placeholder="1"
                :aria-invalid="!!fault('stiffnessFactor')"
                @input="(e) => set('stiffnessFactor', value(e))"
            />
            <span v-if="fault('stiffnessFactor')" class="fault" role="alert">{{ fault('stiffnessFactor') }}</span>
        </label>
        <label v-for="(label, key) in REDUCTIONS" :key="key" class="col-span-2 flex items-center gap-2 text-xs">
            <input
                type="checkbox"
                :checked="concrete[key] ?? false"
                @change="(e) => set(key, (e.target as HTMLInputElement).checked)"
            />
            <span :title="helpOf(label)">{{ label }}</span>
        </label>
        <TieFields class="col-span-2" :editor="editor" :family="family" />
        <RedistributionFields class="col-span-2" :editor="editor" />
        <div v-if="list.length" class="col-span-2 flex flex-wrap gap-x-3">
            <button class="quiet px-0! text-left underline" @click="download">
                Bar list as CSV, {{ list.length }} marks, {{ mass }}
            </button>
            <button class="quiet px-0! underline" @click="draw">Detail drawing as SVG</button>
        </div>
    </div>
</template>
