<script setup lang="ts">
import { computed } from 'vue'
import type { Collapse } from '@/contract/collapse'
import { pathOf } from '@/lib/curve'
import { format, type UnitSystem } from '@/lib/units'

/** The mechanism in which a beam collapses: rigid parts between numbered hinges. Only its shape means something. */
const props = defineProps<{
    collapse: Collapse
    sx: (x: number) => number
    left: number
    right: number
    y: number
    height: number
    units: UnitSystem
}>()
const PAD = 26
const ends = computed(() => {
    const w = props.collapse.shape.flatMap(([a = 0, b = 0, , ...p]) => [p[0] ?? 0, (p[0] ?? 0) + (p[1] ?? 0) * (b - a)])
    return { most: Math.max(0, ...w), least: Math.min(0, ...w) }
})
const sy = computed(() => {
    const { most, least } = ends.value
    const scale = (props.height - 2 * PAD) / Math.max(1e-9, most - least)
    return (w: number): number => props.y + PAD + (w - least) * scale
})
const path = computed(() => pathOf(props.collapse.shape, props.sx, sy.value))
function deflection(x: number): number {
    const piece = props.collapse.shape.findLast(([a = 0]) => a <= x + 1e-6)
    return piece ? (piece[3] ?? 0) + (piece[4] ?? 0) * (x - (piece[0] ?? 0)) : 0
}
const hinges = computed(() =>
    props.collapse.hinges.map((h, i) => ({
        ...h,
        n: i + 1,
        cx: props.sx(h.x),
        cy: sy.value(h.turns ? deflection(h.x) : 0),
    })),
)
</script>

<template>
    <g>
        <text x="8" :y="y + height / 2 + 4" font-size="12" fill="var(--color-ink)">Mechanism</text>
        <path :d="`M${left} ${sy(0)}H${right}`" stroke="var(--color-faint)" stroke-width="0.8" stroke-dasharray="3 3" />
        <path :d="path" fill="none" stroke="var(--color-ink)" stroke-width="2" />
        <g v-for="h in hinges" :key="h.n">
            <circle
                :cx="h.cx"
                :cy="h.cy"
                r="4"
                fill="var(--color-sheet)"
                stroke="var(--color-accent)"
                stroke-width="1.6"
            />
            <text
                :x="Math.min(right - 4, Math.max(left + 4, h.cx))"
                :y="h.cy + (h.sagging ? 17 : -9)"
                text-anchor="middle"
                font-size="11"
                font-weight="600"
                fill="var(--color-accent)"
            >
                {{ h.n }}
            </text>
            <title>Hinge {{ h.n }} at {{ format(h.x, 'length', units) }}</title>
        </g>
    </g>
</template>
