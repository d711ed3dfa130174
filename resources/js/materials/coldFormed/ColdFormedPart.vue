<script setup lang="ts">
import { computed } from 'vue'
import FieldLabel from '@/components/FieldLabel.vue'
import PlainField from '@/components/PlainField.vue'
import HoleFields from '@/materials/coldFormed/HoleFields.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { Editor } from '@/bench/editor'
import type { ColdFormedDocument, MemberDocument } from '@/contract/member'
import type { Kind } from '@/lib/units'
import { useChoices } from '@/materials/choices'

/** Dimensions and yield strength of a C or a Z bent from sheet. */
const props = defineProps<{ editor: Editor }>()
const units = computed(() => props.editor.units.value)
const of = computed(() => (props.editor.document.value as MemberDocument).coldFormed)
const fault = (key: string): string | undefined => props.editor.errors.value[`coldFormed.${key}`]?.[0]
const { choices } = useChoices('coldFormed')
const value = (e: Event): string => (e.target as HTMLInputElement).value

function set<K extends keyof ColdFormedDocument>(key: K, to: ColdFormedDocument[K]): void {
    props.editor.change((d) => {
        if (d.coldFormed) d.coldFormed[key] = to
    }, `coldFormed.${key}`)
}

const LISTS = [
    ['depths', 'Depths to choose from'],
    ['thicknesses', 'Thicknesses to choose from'],
] as const
/** What finite strips take, which direct strength goes by. */
const OF_STRIPS = ['distortionApart', 'sheetTurning', 'sheetSideways']
const isDirect = computed(() => !(props.editor.job.value?.basis.combinations ?? '6.10').startsWith('6.10'))
/** R of AISI S100. */
const isAmerican = computed(() => (props.editor.job.value?.basis.combinations ?? '').startsWith('asce'))
const hasLips = computed(() => of.value?.shape.includes('lipped'))

type Size = 'h' | 'b' | 'c' | 't' | 'r' | 'coating' | 'sheetTurning' | 'sheetSideways' | 'distortionApart'
const fields = computed(() => {
    const all: [key: Size, label: string, kind: Kind, empty?: string][] = [
        ['h', 'Depth, out to out', 'size'],
        ['b', 'Flange, out to out', 'size'],
        ['c', 'Lip, out to out', 'size'],
        ['t', 'Thickness uncoated', 'size'],
        ['r', 'Inner radius', 'size', units.value === 'metric' ? '3 mm' : '0.12 in'],
        ['coating', 'Coating, both faces', 'size', 'not said'],
        ['distortionApart', 'Distortion restrained every', 'length', 'nowhere'],
        ['sheetTurning', 'Sheeting against turning', 'force', 'none, N = Nm/m'],
        ['sheetSideways', 'Sheeting sideways', 'stress', 'none'],
    ]
    const ofLips = ['c', ...OF_STRIPS]
    return all.filter(
        ([key]) => (hasLips.value || !ofLips.includes(key)) && (isDirect.value || !OF_STRIPS.includes(key)),
    )
})
</script>

<template>
    <div v-if="of" class="grid grid-cols-2 gap-2">
        <label>
            <FieldLabel text="Shape" />
            <select
                class="field"
                :value="of.shape"
                @change="(e) => set('shape', value(e) as ColdFormedDocument['shape'])"
            >
                <option v-for="s in choices.shape ?? [of.shape]" :key="s">{{ s }}</option>
            </select>
        </label>
        <QuantityField
            v-for="[key, label, kind, empty] in fields"
            :key="key"
            :label="label"
            :kind="kind"
            :units="units"
            :optional="!!empty"
            :placeholder="empty"
            :model-value="of[key]"
            :error="fault(key)"
            @update:model-value="(v) => set(key, v)"
        />
        <PlainField
            label="Yield strength or grade"
            text
            list="sheet-grades"
            :model-value="of.yield"
            :error="fault('yield')"
            @update:model-value="(v) => set('yield', v)"
        />
        <datalist id="sheet-grades">
            <option v-for="g in choices.yield ?? []" :key="g">{{ g }}</option>
        </datalist>
        <label v-if="hasLips" class="block min-w-0">
            <FieldLabel text="Lips turned by, degrees" />
            <input
                class="field"
                inputmode="decimal"
                :value="of.lean ?? ''"
                placeholder="90"
                :aria-invalid="!!fault('lean')"
                @change="(e) => set('lean', value(e))"
            />
            <span v-if="fault('lean')" class="fault" role="alert">{{ fault('lean') }}</span>
        </label>
        <PlainField
            v-if="isAmerican"
            label="Uplift, R"
            text
            :model-value="of.uplift"
            placeholder="lateral buckling"
            :error="fault('uplift')"
            @update:model-value="(v) => set('uplift', v)"
        />
        <label v-if="isDirect">
            <FieldLabel text="Elastic buckling by" />
            <select
                class="field"
                :value="of.buckling || 'strips'"
                @change="(e) => set('buckling', value(e) as ColdFormedDocument['buckling'])"
            >
                <option value="strips">finite strips</option>
                <option value="formulas">closed formulas</option>
            </select>
        </label>
        <PlainField
            v-for="[key, label] in LISTS"
            :key="key"
            :label="label"
            text
            :model-value="of[key]"
            placeholder="all"
            :error="fault(key)"
            @update:model-value="(v) => set(key, v)"
        />
        <HoleFields class="col-span-2" :editor="editor" />
        <label class="col-span-2 flex items-center gap-2">
            <input
                type="checkbox"
                :checked="of.fastened !== false"
                @change="(e) => set('fastened', (e.target as HTMLInputElement).checked)"
            />
            Fastened to its supports
        </label>
    </div>
</template>
