<script setup lang="ts">
import { computed } from 'vue'
import type { CombinationResult, CurvePair } from '@/contract/result'
import { areaOf, extremeOf, pathOf, readAt } from '@/lib/curve'
import { format, number, unitOf, type Kind, type UnitSystem } from '@/lib/units'

/**
 * One diagram on the shared x axis: the greatest and the smallest value at each x. Moments are drawn on the side in
 * tension (sagging downward), deflections as they go; shear upward.
 */
const props = defineProps<{
    title: string
    kind: Kind
    curves: CurvePair
    combinations: CombinationResult[]
    /** Of a state that is compared with. */
    under?: CurvePair
    /** What there is, or what is allowed, in steps. */
    limit?: CurvePair
    sx: (x: number) => number
    left: number
    right: number
    y: number
    height: number
    downward: boolean
    units: UnitSystem
    reading?: number | null
    color?: string
}>()

const PAD = 17
/** Room that the value at the reading line takes at the right end; a label that stands there gives way. */
const READING = 140
/** A limit that is further off than so many times the curve is told and not drawn, so that the curve stays readable. */
const FAR = 2.2
const extremes = computed(() => ({ max: extremeOf(props.curves.max, 1), min: extremeOf(props.curves.min, -1) }))
const under = computed(() =>
    props.under ? { max: extremeOf(props.under.max, 1), min: extremeOf(props.under.min, -1) } : null,
)
const limits = computed(() => {
    const greatest = extremeOf(props.limit?.max ?? [], 1)?.value ?? 0
    const smallest = extremeOf(props.limit?.min ?? [], -1)?.value ?? 0
    const most = Math.max(extremes.value.max?.value ?? 0, -(extremes.value.min?.value ?? 0))
    return { greatest, smallest, drawn: props.limit !== undefined && Math.max(greatest, -smallest) <= FAR * most }
})
/** Of a limit that is too far off to be drawn. */
const farLimit = computed(() => {
    const { greatest, smallest, drawn } = limits.value
    return !props.limit || drawn || greatest - smallest < 1e-9
        ? ''
        : `limit ${format(Math.max(greatest, -smallest), props.kind, props.units)}`
})
const range = computed(() => {
    const { greatest, smallest, drawn } = limits.value
    const top = Math.max(0, extremes.value.max?.value ?? 0, under.value?.max?.value ?? 0, drawn ? greatest : 0)
    const bottom = Math.min(0, extremes.value.min?.value ?? 0, under.value?.min?.value ?? 0, drawn ? smallest : 0)
    return top - bottom < 1e-9 ? { top: 1, bottom: 0 } : { top, bottom }
})
const sy = computed(() => {
    const { top, bottom } = range.value
    const scale = (props.height - 2 * PAD) / (top - bottom)
    return props.downward
        ? (v: number) => props.y + PAD + (v - bottom) * scale
        : (v: number) => props.y + PAD + (top - v) * scale
})
const areas = computed(() =>
    [props.curves.max, props.curves.min].map((c) => ({
        area: areaOf(c, props.sx, sy.value),
        line: pathOf(c, props.sx, sy.value),
    })),
)

const labels = computed(() => {
    const list: { x: number; y: number; text: string; anchor: 'start' | 'middle' | 'end' }[] = []
    for (const [key, sign] of [
        ['max', 1],
        ['min', -1],
    ] as const) {
        const e = extremes.value[key]
        if (!e || sign * e.value <= 1e-6 * (range.value.top - range.value.bottom)) continue
        const x = props.sx(e.x)
        const below = sign > 0 === props.downward
        const text = number(e.value, props.kind, props.units)
        if (Number(text) === 0) continue
        list.push({
            x: Math.min(props.right - 2, Math.max(props.left + 2, x)),
            y: sy.value(e.value) + (below ? 12 : -4),
            text,
            anchor: x < props.left + 24 ? 'start' : x > props.right - 24 ? 'end' : 'middle',
        })
    }
    return list
})

const read = computed(() => {
    if (props.reading === null || props.reading === undefined) return null
    const max = readAt(props.curves.max, props.reading)
    const min = readAt(props.curves.min.length ? props.curves.min : props.curves.max, props.reading)
    if (!max || !min) return null
    const id = (i: number): string => props.combinations[i]?.id ?? ''
    const one = Math.abs(max.value - min.value) < 1e-6 * (range.value.top - range.value.bottom)
    const heavier = Math.abs(max.value) >= Math.abs(min.value) ? max : min
    return {
        ys: one ? [sy.value(max.value)] : [sy.value(max.value), sy.value(min.value)],
        text: one
            ? format(max.value, props.kind, props.units)
            : `${number(min.value, props.kind, props.units)} to ${format(max.value, props.kind, props.units)}`,
        combination: id(heavier.combination),
    }
})
</script>

<template>
    <g>
        <text x="8" :y="y + height / 2 - 4" font-size="12" fill="var(--color-ink)">{{ title }}</text>
        <text x="8" :y="y + height / 2 + 10" font-size="11" fill="var(--color-faint)">{{ unitOf(kind, units) }}</text>
        <template v-for="(a, i) in areas" :key="i">
            <path :d="a.area" :fill="color ?? 'var(--color-hold)'" fill-opacity="0.1" />
            <path :d="a.line" fill="none" :stroke="color ?? 'var(--color-hold)'" stroke-width="1.5" />
        </template>
        <template v-if="props.under">
            <path
                v-for="(c, i) in [props.under.max, props.under.min]"
                :key="`under${i}`"
                :d="pathOf(c, sx, sy)"
                fill="none"
                stroke="var(--color-accent)"
                stroke-width="1.1"
                stroke-dasharray="5 3"
            />
        </template>
        <template v-if="limits.drawn">
            <path
                v-for="(c, i) in [props.limit!.max, props.limit!.min].filter((c) => c.length)"
                :key="`limit${i}`"
                :d="pathOf(c, sx, sy)"
                fill="none"
                stroke="var(--color-ink)"
                stroke-width="1"
                stroke-dasharray="7 2"
            />
        </template>
        <text v-if="farLimit" x="8" :y="y + height / 2 + 23" font-size="11" fill="var(--color-faint)">{{
            farLimit
        }}</text>
        <path :d="`M${left} ${sy(0)}H${right}`" stroke="var(--color-ink)" stroke-width="0.9" />
        <text
            v-for="(l, i) in labels.filter((l) => !read || l.x < right - READING || l.y > y + 22)"
            :key="i"
            :x="l.x"
            :y="l.y"
            :text-anchor="l.anchor"
            font-size="11.5"
            font-weight="600"
            fill="var(--color-ink)"
            class="halo"
        >
            {{ l.text }}
        </text>
        <template v-if="read">
            <circle
                v-for="(cy, i) in read.ys"
                :key="i"
                :cx="sx(reading ?? 0)"
                :cy="cy"
                r="3"
                fill="var(--color-accent)"
            />
            <text :x="right" :y="y + 11" text-anchor="end" font-size="11.5" fill="var(--color-accent)" class="halo">
                {{ read.text
                }}<tspan v-if="read.combination" fill="var(--color-faint)">{{ `  ${read.combination}` }}</tspan>
            </text>
        </template>
    </g>
</template>
