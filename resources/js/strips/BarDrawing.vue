<script setup lang="ts">
import { computed } from 'vue'
import type { BarRow, Result } from '@/contract/result'
import SupportMark from '@/strips/SupportMark.vue'
import { format, type UnitSystem } from '@/lib/units'

/** The bars of a beam in elevation, its depth exaggerated, and below it each of them pulled out with its mark. */
const props = defineProps<{ result: Result; sx: (x: number) => number; units: UnitSystem }>()
const TOP = 14
const DEPTH = 54
const ROW = 19
const bars = computed(() => (props.result.section.list ?? []).filter((b) => b.face === 'top' || b.face === 'bottom'))
const links = computed(() =>
    (props.result.section.list ?? []).filter((b) => b.face === 'link' && !b.where.startsWith('single')),
)
const spacing = (b: BarRow): number => (b.to - b.from) / b.number
/** Spacing of links, as their place tells it. */
function apart(b: BarRow): string {
    const spacing = parseFloat(/[\d.]+/.exec(b.where)?.[0] ?? '')
    return props.units === 'us' ? ` at ${spacing} in` : `/${spacing}`
}
/** So many as can be told apart. */
function lines(b: BarRow): number[] {
    const step = Math.max(spacing(b), ((b.to - b.from) * 4) / Math.max(1, props.sx(b.to) - props.sx(b.from)))
    return Array.from({ length: Math.max(1, Math.floor((b.to - b.from) / step)) }, (_, i) => b.from + (i + 0.5) * step)
}
const yOf = (b: BarRow): number => (b.face === 'top' ? TOP + 7 : TOP + DEPTH - 7)
/** A bent end stands up from a bottom bar. */
function path(b: BarRow, y: number, leg: number): string {
    const [left, right] = b.bends
    return `${left ? `M${props.sx(b.from)} ${y - leg}V${y}` : `M${props.sx(b.from)} ${y}`}H${props.sx(b.to)}${right ? `V${y - leg}` : ''}`
}
const rowY = (i: number): number => TOP + DEPTH + 40 + i * ROW
const height = computed(() => rowY(bars.value.length) + 4)
</script>

<template>
    <svg :viewBox="`0 0 680 ${height}`" role="img" aria-label="Bars in elevation">
        <rect
            :x="sx(0)"
            :y="TOP"
            :width="sx(result.member.length) - sx(0)"
            :height="DEPTH"
            fill="var(--color-shade)"
            stroke="var(--color-ink)"
            stroke-width="0.9"
        />
        <g stroke="var(--color-faint)" stroke-width="0.6">
            <template v-for="b in links" :key="b.mark">
                <path v-for="x in lines(b)" :key="x" :d="`M${sx(x)} ${TOP + 5}V${TOP + DEPTH - 5}`" />
            </template>
        </g>
        <g fill="none" stroke="var(--color-ink)" stroke-width="1.6">
            <path v-for="b in bars" :key="b.mark" :d="path(b, yOf(b), DEPTH - 16)" />
        </g>
        <g font-size="9" fill="var(--color-ink)">
            <text v-for="b in links" :key="b.mark" :x="(sx(b.from) + sx(b.to)) / 2" :y="TOP - 4" text-anchor="middle">
                {{ b.mark }} {{ b.size }}{{ apart(b) }}
            </text>
        </g>
        <SupportMark
            v-for="(s, i) in result.member.supports"
            :key="i"
            :kind="s.kind"
            :turning="s.turning"
            :bears-only="s.bearsOnly"
            :x="sx(s.x)"
            :y="TOP + DEPTH - 4"
            :at-right="s.x > result.member.length / 2"
        />
        <g v-for="(b, i) in bars" :key="`out${b.mark}`">
            <path :d="path(b, rowY(i), 8)" fill="none" stroke="var(--color-ink)" stroke-width="1.2" />
            <text x="4" :y="rowY(i) + 3" font-size="9" fill="var(--color-ink)">{{ b.mark }}</text>
            <text
                :x="(sx(b.from) + sx(b.to)) / 2"
                :y="rowY(i) - 3"
                font-size="9"
                text-anchor="middle"
                fill="var(--color-ink)"
                class="halo"
            >
                {{ b.number }} {{ b.size }}, {{ format(b.length, 'length', units) }}
            </text>
        </g>
    </svg>
</template>
