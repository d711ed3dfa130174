<script setup lang="ts">
import { computed } from 'vue'
import Tex from '@/components/Tex.vue'
import type { SectionResult } from '@/contract/result'
import { format, type Kind, type UnitSystem } from '@/lib/units'
import { charredOf, jointsOf, outlineOf, propertiesOf, tornOf } from '@/sheet/sections'

/** The section to scale with its dimensions, and its properties beside it unless it is bare. */
const props = defineProps<{ section: SectionResult; units: UnitSystem; bare?: boolean; cut?: number }>()
const CENTRE = 150
const drawn = computed(() => tornOf(props.section))
const scale = computed(() => 150 / Math.max(drawn.value.h, drawn.value.b))
const box = computed(() => {
    const [H, B] = [drawn.value.h * scale.value, drawn.value.b * scale.value]
    return { x0: CENTRE - B / 2, y0: 95 - H / 2, B, H }
})
const path = computed(() => outlineOf(drawn.value, scale.value, box.value.x0, box.value.y0, props.cut))
const joints = computed(() => jointsOf(drawn.value, scale.value, box.value.x0, box.value.y0))
const charred = computed(() => charredOf(drawn.value, scale.value, box.value.x0, box.value.y0))
/** Of a section built of strips: centroid, shear centre, and the ends of a line along the strong principal axis. */
const marks = computed(() => {
    const { shape, h, ys = 0, zs = 0, ym = 0, zm = 0, lean = 0 } = props.section
    if (shape !== 'strips') return null
    const k = scale.value
    const [x, y] = [box.value.x0 + ys * k, box.value.y0 + (h - zs) * k]
    const [dx, dy] = [Math.cos(lean) * 40, -Math.sin(lean) * 40]
    return { x, y, mx: x + ym * k, my: y - zm * k, axis: `M${x - dx} ${y - dy}l${2 * dx} ${2 * dy}` }
})
/** Where a flange is torn off: a sharp line across it. */
const torn = computed(() => {
    if (drawn.value === props.section) return ''
    const { tf, h, stemUp, sides = 2 } = props.section
    const { x0, y0, B } = box.value
    const [top, half] = [y0 + (stemUp ? (h - tf) * scale.value : 0), (tf * scale.value) / 2]
    const line = (x: number): string => `M${x} ${top - 4}v${half + 1}l-3 2l6 3l-3 2v${half + 1}`
    return line(x0 + B) + (sides === 2 ? line(x0) : '')
})
const rows = computed(() => propertiesOf(props.section))
/** Thicknesses in inches are told to a thousandth. */
const decimals = (kind: Kind): number | undefined => (kind === 'size' && props.units === 'us' ? 3 : undefined)
</script>

<template>
    <div :class="bare ? '' : 'section-drawing'">
        <svg viewBox="0 0 250 206" role="img" :aria-label="`Section ${section.name}`">
            <path
                :d="path"
                fill="var(--color-shade)"
                :fill-rule="section.shape === 'strips' ? 'nonzero' : 'evenodd'"
                stroke="var(--color-ink)"
                stroke-width="1.2"
            />
            <path v-if="joints" :d="joints" fill="none" stroke="var(--color-faint)" stroke-width="0.5" />
            <path
                v-if="charred"
                :d="charred"
                fill="var(--color-sheet)"
                fill-opacity="0.75"
                stroke="var(--color-accent)"
                stroke-width="1.1"
                stroke-dasharray="4 2"
            />
            <path v-if="torn" :d="torn" fill="none" stroke="var(--color-ink)" stroke-width="0.9" />
            <g v-if="marks" font-size="10" fill="none" stroke="var(--color-accent)" stroke-width="0.9">
                <path :d="marks.axis" stroke-dasharray="5 3" />
                <path :d="`M${marks.x - 4} ${marks.y}h8m-4 -4v8`" />
                <circle :cx="marks.mx" :cy="marks.my" r="3.5" />
                <text :x="marks.x + 5" :y="marks.y - 5" fill="var(--color-ink)" stroke="none">S</text>
                <text :x="marks.mx + 6" :y="marks.my + 10" fill="var(--color-ink)" stroke="none">M</text>
            </g>
            <g font-size="11" fill="var(--color-ink)" stroke="var(--color-ink)" stroke-width="0.6">
                <path :d="`M${box.x0} ${box.y0 + box.H + 10}h${box.B}m0-3v6m${-box.B} 0v-6`" />
                <path :d="`M${box.x0 - 10} ${box.y0}v${box.H}m-3 0h6m0 ${-box.H}h-6`" />
                <text :x="CENTRE" :y="box.y0 + box.H + 21" text-anchor="middle" stroke="none">
                    {{ format(section.b, 'size', units) }}
                </text>
                <text :x="box.x0 - 14" :y="marks ? 70 : 98" text-anchor="end" stroke="none">
                    {{ format(section.h, 'size', units) }}
                </text>
            </g>
        </svg>
        <dl v-if="!bare">
            <template v-for="[symbol, value, kind] in rows" :key="symbol">
                <dt><Tex :tex="symbol" /></dt>
                <dd>{{ format(value, kind, units, decimals(kind)) }}</dd>
            </template>
        </dl>
    </div>
</template>
