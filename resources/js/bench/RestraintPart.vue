<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument, RestraintDocument } from '@/contract/member'
import { isBare } from '@/lib/quantity'
import { materialOf } from '@/materials'
import { unitOf } from '@/lib/units'

/** Lateral restraint of each flange, and where the load meets the section. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const fault = (path: string): string | undefined =>
    Object.entries(props.editor.errors.value).find(([p]) => p === path || p.startsWith(`${path}.`))?.[1][0]

const KINDS: Record<RestraintDocument['kind'], string> = {
    continuous: 'continuous',
    supports: 'at the supports only',
    spacing: 'at a spacing',
    positions: 'at given positions',
}

function set(flange: 'top' | 'bottom', change: Partial<RestraintDocument>): void {
    props.editor.change(
        (d) => {
            const restraint = { top: { kind: 'supports' }, bottom: { kind: 'supports' }, ...d.restraint } as Record<
                'top' | 'bottom',
                RestraintDocument
            >
            const next = { ...restraint[flange], ...change }
            if (next.kind === 'spacing') next.spacing ??= units.value === 'us' ? '5 ft' : '1.5 m'
            if (next.kind === 'positions') next.positions ??= [d.length]
            d.restraint = { ...restraint, [flange]: next }
        },
        `restraint.${flange}.${Object.keys(change).join()}`,
    )
}

const LENGTHS = { y: 'Buckling y-y', z: 'Buckling z-z', twist: 'Twisting' } as const

/**
 * Buckling length over length: ideal ends where they turn freely, with some give where they are fixed (common
 * practice).
 */
const ENDS: [string, string][] = [
    ['1.0', 'both pinned, no sway'],
    ['0.8', 'one fixed, one pinned, no sway'],
    ['0.65', 'both fixed, no sway'],
    ['1.2', 'both fixed, the head sways'],
    ['2.0', 'one pinned, one fixed, the head sways'],
    ['2.1', 'foot fixed, head free'],
]

function setLengths(change: Partial<Record<keyof typeof LENGTHS, string>>): void {
    props.editor.change(
        (d) => {
            const next = { ...d.effectiveLengths, ...change }
            d.effectiveLengths = Object.fromEntries(Object.entries(next).filter(([, v]) => v)) as typeof next
        },
        `effectiveLengths.${Object.keys(change).join()}`,
    )
}

/** Both axes alike; either can be changed by itself. */
function fromEnds(list: HTMLSelectElement): void {
    const text = `${list.value}*(${doc.value.length})`
    if (list.value) setLengths({ y: text, z: text })
    list.value = ''
}

/** "1.2; 2.4 m": each entry gets the unit of the unit system when it has none. */
function positions(text: string): string[] {
    const unit = unitOf('length', units.value)
    return text
        .split(';')
        .map((t) => t.trim())
        .filter((t) => t !== '')
        .map((t) => (isBare(t) ? `${t} ${unit}` : t))
}
</script>

<template>
    <div class="space-y-2">
        <div v-for="flange in ['top', 'bottom'] as const" :key="flange" class="grid grid-cols-2 gap-2">
            <label>
                <span class="label">{{ flange === 'top' ? 'Top' : 'Bottom' }} {{ materialOf(doc).edge }}</span>
                <select
                    class="field"
                    :value="doc.restraint?.[flange]?.kind ?? 'supports'"
                    @change="
                        set(flange, { kind: ($event.target as HTMLSelectElement).value as RestraintDocument['kind'] })
                    "
                >
                    <option v-for="(name, kind) in KINDS" :key="kind" :value="kind">{{ name }}</option>
                </select>
            </label>
            <QuantityField
                v-if="doc.restraint?.[flange]?.kind === 'spacing'"
                label="Spacing"
                kind="length"
                :units="units"
                :model-value="doc.restraint[flange].spacing"
                :error="fault(`restraint.${flange}.spacing`)"
                @update:model-value="(v) => set(flange, { spacing: v })"
            />
            <label v-else-if="doc.restraint?.[flange]?.kind === 'positions'">
                <FieldLabel text="Positions, with ; between" />
                <input
                    class="field"
                    :value="doc.restraint[flange].positions?.join('; ')"
                    :aria-invalid="!!fault(`restraint.${flange}.positions`)"
                    @change="set(flange, { positions: positions(($event.target as HTMLInputElement).value) })"
                />
                <span v-if="fault(`restraint.${flange}.positions`)" class="fault" role="alert">{{
                    fault(`restraint.${flange}.positions`)
                }}</span>
            </label>
        </div>
        <label class="block">
            <FieldLabel text="Load acts" />
            <select
                class="field"
                :value="doc.loadHeight ?? 'top'"
                @change="
                    editor.change((d) => void (d.loadHeight = ($event.target as HTMLSelectElement).value as 'top'))
                "
            >
                <option value="top">on the top flange</option>
                <option value="centre">at the shear centre</option>
                <option value="bottom">on the bottom flange</option>
            </select>
        </label>
        <div>
            <label class="block">
                <FieldLabel text="Buckling lengths under axial force, from the ends" />
                <select class="field" value="" @change="fromEnds($event.target as HTMLSelectElement)">
                    <option value="">choose how the ends are connected</option>
                    <option v-for="[factor, ends] in ENDS" :key="ends" :value="factor">
                        {{ ends }}: {{ factor }} L
                    </option>
                </select>
            </label>
            <div class="mt-1 grid grid-cols-3 gap-2">
                <QuantityField
                    v-for="(name, axis) in LENGTHS"
                    :key="axis"
                    :label="name"
                    kind="length"
                    :units="units"
                    :model-value="doc.effectiveLengths?.[axis]"
                    :error="fault(`effectiveLengths.${axis}`)"
                    optional
                    placeholder="as restrained"
                    @update:model-value="(v) => setLengths({ [axis]: v })"
                />
            </div>
        </div>
        <p class="text-xs text-faint">Supports always restrain the section laterally and against twisting.</p>
    </div>
</template>
