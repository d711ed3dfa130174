<script setup lang="ts">
import { computed } from 'vue'
import FieldLabel from '@/components/FieldLabel.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { Editor } from '@/bench/editor'
import type { TimberDocument } from '@/contract/member'
import { useChoices } from '@/materials/choices'
import FloorFields from '@/materials/timber/FloorFields.vue'
import NotchFields from '@/materials/timber/NotchFields.vue'
import OwnValues from '@/materials/timber/OwnValues.vue'
import PlainField from '@/components/PlainField.vue'
import { changed, useTimber } from '@/materials/timber/timber'

/** Size, grade and circumstances of a timber member. */
const props = defineProps<{ editor: Editor }>()
const { timber, family, fault, set, units, isEuropean } = useTimber(props.editor)
const { choices } = useChoices('timber')
const value = (e: Event): string => (e.target as HTMLInputElement).value
const checked = (e: Event): boolean => (e.target as HTMLInputElement).checked

const grades = computed(() => choices.value[`grade ${family.value}`] ?? choices.value.grade ?? [])
/** What is found for a size that is left open. */
const found = computed(() => {
    const size = /([\d.]+)×([\d.]+)$/.exec(props.editor.result.value?.section.name ?? '')
    const unit = units.value === 'metric' ? 'mm' : 'in'
    return { width: size ? `found: ${size[1]} ${unit}` : 'found', depth: size ? `found: ${size[2]} ${unit}` : 'found' }
})
const isGlulam = computed(() => props.editor.result.value?.section.family === 'glulam')
const SERVICE = computed(() =>
    isEuropean.value ? { 1: '1, heated inside', 2: '2, covered, moist', 3: '3, exposed' } : { 1: 'dry', 3: 'wet' },
)
type Flag = 'criticalOfMember' | 'sharesLoad' | 'installedWet' | 'incised' | 'byDepthToBreadth' | 'fireUnrestrained'
const flags = computed<Partial<Record<Flag, string>>>(() => ({
    sharesLoad: 'One of several that share the load',
    installedWet: 'Installed wet',
    ...(isEuropean.value
        ? { criticalOfMember: 'Lateral buckling by the eigenvalue' }
        : { incised: 'Incised for preservatives' }),
    ...(family.value === 'asce' ? { byDepthToBreadth: 'Lateral buckling by depth to breadth (4.4.1)' } : {}),
}))
const ROW = { spacing: ['Spacing of the row', 'size'], rowWidth: ['Width of the row', 'length'] } as const
const FIRE = ['R15', 'R30', 'R45', 'R60', 'R90'] as const
/** A taper needs a depth, and one at its low end to start from. */
function setTaper(to: string): void {
    const depth = props.editor.result.value?.section.h ?? 0
    props.editor.change((d) => {
        if (!d.timber) return
        if (!to) d.timber = changed(changed(changed(d.timber, 'taper', ''), 'endDepth', ''), 'taperedEdge', '')
        else
            d.timber = {
                ...d.timber,
                taper: to as TimberDocument['taper'],
                endDepth: d.timber.endDepth || `${Math.round(depth * 0.6)} mm`,
            }
    }, 'timber.taper')
}
const hasNotches = computed(() => (timber.value?.notches?.length ?? 0) > 0)
const hasFaultIn = (key: string): boolean =>
    Object.keys(props.editor.errors.value).some((path) => path.startsWith(`timber.${key}`))
</script>

<template>
    <div v-if="timber" class="grid grid-cols-2 gap-2">
        <QuantityField
            label="Width"
            kind="size"
            :units="units"
            optional
            :placeholder="found.width"
            :model-value="timber.width"
            :error="fault('width')"
            @update:model-value="(v) => set('width', v)"
        />
        <QuantityField
            label="Depth"
            kind="size"
            :units="units"
            optional
            :placeholder="found.depth"
            :model-value="timber.depth"
            :error="fault('depth')"
            @update:model-value="(v) => set('depth', v)"
        />
        <label class="col-span-2">
            <FieldLabel text="Grade" />
            <select
                class="field"
                :value="timber.grade"
                :aria-invalid="!!fault('grade')"
                @change="(e) => set('grade', value(e))"
            >
                <option v-if="!grades.includes(timber.grade)" :key="timber.grade">{{ timber.grade }}</option>
                <option v-for="g in grades" :key="g">{{ g }}</option>
            </select>
            <span v-if="fault('grade')" class="fault" role="alert">{{ fault('grade') }}</span>
        </label>
        <PlainField
            label="Plies"
            :model-value="timber.plies"
            placeholder="1"
            :error="fault('plies')"
            @update:model-value="(v) => set('plies', v)"
        />
        <label>
            <FieldLabel :text="isEuropean ? 'Service class' : 'In service'" />
            <select
                class="field"
                :value="timber.serviceClass ?? '1'"
                :aria-invalid="!!fault('serviceClass')"
                @change="(e) => set('serviceClass', value(e) as TimberDocument['serviceClass'])"
            >
                <option v-for="(name, key) in SERVICE" :key="key" :value="key">{{ name }}</option>
            </select>
        </label>
        <QuantityField
            v-if="isGlulam"
            label="Laminations"
            kind="size"
            :units="units"
            optional
            :placeholder="isEuropean ? '40 mm' : units === 'us' ? '1.5 in' : '38 mm'"
            :model-value="timber.lamination"
            :error="fault('lamination')"
            @update:model-value="(v) => set('lamination', v)"
        />
        <template v-if="isGlulam && isEuropean">
            <label>
                <FieldLabel text="Taper" />
                <select
                    class="field"
                    :value="timber.taper ?? ''"
                    :aria-invalid="!!fault('taper')"
                    @change="(e) => setTaper(value(e))"
                >
                    <option value="">none</option>
                    <option v-for="t in ['single tapered', 'double tapered']" :key="t">{{ t }}</option>
                </select>
                <span v-if="fault('taper')" class="fault" role="alert">{{ fault('taper') }}</span>
            </label>
            <template v-if="timber.taper">
                <QuantityField
                    label="Depth at the low end"
                    kind="size"
                    :units="units"
                    :model-value="timber.endDepth"
                    :error="fault('endDepth')"
                    @update:model-value="(v) => set('endDepth', v)"
                />
                <label>
                    <FieldLabel text="Tapered edge" />
                    <select
                        class="field"
                        :value="timber.taperedEdge ?? 'top'"
                        @change="(e) => set('taperedEdge', value(e) as TimberDocument['taperedEdge'])"
                    >
                        <option value="top">upper edge</option>
                        <option value="bottom">lower edge</option>
                    </select>
                </label>
            </template>
        </template>
        <label v-for="(label, key) in flags" :key="key" class="col-span-2 flex items-center gap-2">
            <input type="checkbox" :checked="timber[key] === true" @change="(e) => set(key, checked(e))" />
            {{ label }}
        </label>
        <QuantityField
            v-for="([label, kind], key) in ROW"
            :key="key"
            :label="label"
            :kind="kind"
            :units="units"
            optional
            :placeholder="key === 'spacing' ? 'alone' : 'not listed'"
            :model-value="timber[key]"
            :error="fault(key)"
            @update:model-value="(v) => set(key, v)"
        />
        <label>
            <FieldLabel text="Bears on timber of" />
            <select
                class="field"
                :value="timber.sill ?? ''"
                :aria-invalid="!!fault('sill')"
                @change="(e) => set('sill', value(e))"
            >
                <option value="">not timber</option>
                <option v-for="g in grades.filter((g) => g !== 'LVL')" :key="g">{{ g }}</option>
            </select>
            <span v-if="fault('sill')" class="fault" role="alert">{{ fault('sill') }}</span>
        </label>
        <QuantityField
            v-if="timber.sill"
            label="It goes on beyond by"
            kind="size"
            :units="units"
            optional
            placeholder="0"
            :model-value="timber.sillBeyond"
            :error="fault('sillBeyond')"
            @update:model-value="(v) => set('sillBeyond', v)"
        />
        <QuantityField
            label="Final deflection up to"
            kind="size"
            :units="units"
            optional
            placeholder="by the span only"
            :model-value="timber.mostDeflection"
            :error="fault('mostDeflection')"
            @update:model-value="(v) => set('mostDeflection', v)"
        />
        <template v-if="isEuropean">
            <label>
                <FieldLabel text="Fire" />
                <select
                    class="field"
                    :value="timber.fire ?? ''"
                    :aria-invalid="!!fault('fire')"
                    @change="(e) => set('fire', value(e))"
                >
                    <option value="">not weighed</option>
                    <option v-for="r in FIRE" :key="r">{{ r }}</option>
                </select>
                <span v-if="fault('fire')" class="fault" role="alert">{{ fault('fire') }}</span>
            </label>
            <template v-if="timber.fire">
                <label>
                    <FieldLabel text="Burns from" />
                    <select
                        class="field"
                        :value="timber.fireSides ?? 3"
                        @change="(e) => set('fireSides', Number(value(e)))"
                    >
                        <option v-for="(side, i) in choices.fireSides ?? []" :key="side" :value="i + 1">
                            {{ side }}
                        </option>
                    </select>
                </label>
                <label class="col-span-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="timber.fireUnrestrained === true"
                        @change="(e) => set('fireUnrestrained', checked(e))"
                    />
                    Lateral restraint burns first
                </label>
            </template>
        </template>
        <details class="col-span-2" :open="hasNotches || hasFaultIn('notches')">
            <summary class="cursor-pointer">Notches</summary>
            <NotchFields class="mt-1" :editor="editor" />
        </details>
        <details v-if="isEuropean" class="col-span-2" :open="!!timber.floor">
            <summary class="cursor-pointer">Vibration</summary>
            <FloorFields class="mt-1" :editor="editor" />
        </details>
        <details class="col-span-2" :open="timber.grade === 'LVL' || hasFaultIn('properties')">
            <summary class="cursor-pointer">Values in place of the grade's</summary>
            <OwnValues class="mt-1" :editor="editor" />
        </details>
    </div>
</template>
