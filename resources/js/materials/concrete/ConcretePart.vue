<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { ConcreteDocument, MemberDocument } from '@/contract/member'
import { barListCsv, massOf } from '@/materials/concrete/barList'
import BarFields from '@/materials/concrete/BarFields.vue'
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
function download(): void {
    const mark = props.editor.document.value?.mark || 'member'
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([barListCsv(list.value, units.value)], { type: 'text/csv' }))
    link.download = `${mark.replace(/[^\w-]+/g, '-')}-bars.csv`
    link.click()
    URL.revokeObjectURL(link.href)
}
/** The family of rules for combinations, which the standard for concrete goes with. */
const family = computed(() => (props.editor.job.value?.basis.combinations ?? '6.10').split('-')[0] ?? '')
const isEuropean = computed(() => family.value.startsWith('6.10'))
const grades = computed(() => choices.value[`grade ${family.value}`] ?? choices.value.grade ?? [])
const USUAL: Record<string, string> = { asce: '60 ksi', classic: '460 MPa' }
const TIME = [
    ['creep', 'Creep coefficient', '2'],
    ['shrinkage', 'Shrinkage, ‰', '0.4'],
] as const
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
            <select class="field" :value="concrete.profile ?? 'rectangle'" @change="(e) => set('profile', value(e) as ConcreteDocument['profile'])">
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
                :placeholder="family === 'asce' && units === 'us' ? '#4 to #11' : isSlab ? '8, 10, 12, 16, 20' : '12, 16, 20, 25, 32'"
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
        <label v-for="[key, label, otherwise] in isEuropean ? TIME : []" :key="key">
            <FieldLabel :text="label" />
            <input
                class="field"
                inputmode="decimal"
                :value="concrete[key] ?? ''"
                :placeholder="otherwise"
                :aria-invalid="!!fault(key)"
                @input="(e) => set(key, value(e))"
            />
            <span v-if="fault(key)" class="fault" role="alert">{{ fault(key) }}</span>
        </label>
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
            <select class="field" :value="concrete[key] ?? ''" :aria-invalid="!!fault(key)" @change="(e) => set(key, value(e))">
                <option value="">not weighed</option>
                <option v-for="c in choices[`${key} ${family}`] ?? choices[key] ?? []" :key="c">{{ c }}</option>
            </select>
            <span v-if="fault(key)" class="fault" role="alert">{{ fault(key) }}</span>
        </label>
        <template v-if="isEuropean && concrete.exposure">
            <label>
                <FieldLabel text="Structural class" />
                <select class="field" :value="concrete.structuralClass ?? 'S4'" @change="(e) => set('structuralClass', value(e))">
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
            <input type="checkbox" :checked="concrete[key] ?? false" @change="(e) => set(key, (e.target as HTMLInputElement).checked)" />
            <span :title="helpOf(label)">{{ label }}</span>
        </label>
        <RedistributionFields class="col-span-2" :editor="editor" />
        <button v-if="list.length" class="quiet col-span-2 px-0! text-left underline" @click="download">
            Bar list as CSV, {{ list.length }} marks, {{ mass }}
        </button>
    </div>
</template>
