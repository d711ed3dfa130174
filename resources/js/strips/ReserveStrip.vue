<script setup lang="ts">
import { computed } from 'vue'
import { extremeOf, pathOf } from '@/lib/curve'
import { ratioText } from '@/lib/ratio'
import { heaviestAt, type ReserveLine } from '@/strips/reserve'

/** How much of each resistance is used along the member; above the line of 1.0 it does not hold. */
const props = defineProps<{
    lines: ReserveLine[]
    sx: (x: number) => number
    left: number
    right: number
    y: number
    height: number
    reading?: number | null
}>()

const DASH: Record<string, string> = {
    bending: '',
    hogging: '10 2',
    shear: '2 2',
    buckling: '7 3',
    'deflection-total': '1 3',
}
const NAME: Record<string, string> = {
    bending: 'bending',
    shear: 'shear',
    buckling: 'buckling',
    'deflection-total': 'deflection',
}
const top = computed(() =>
    Math.min(3, Math.max(1.15, ...props.lines.map((l) => (extremeOf(l.curve, 1)?.value ?? 0) * 1.08))),
)
const sy = computed(() => {
    const scale = (props.height - 20) / top.value
    return (v: number) => props.y + props.height - 6 - Math.max(-0.02, Math.min(top.value, v)) * scale
})
const read = computed(() =>
    props.reading === null || props.reading === undefined ? null : heaviestAt(props.lines, props.reading),
)
const key = computed(() => [...new Map(props.lines.map((l) => [NAME[l.id] ?? l.id, DASH[l.id] ?? ''])).entries()])
</script>

<template>
    <g>
        <text x="8" :y="y + height / 2 - 4" font-size="12" fill="var(--color-ink)">Reserve</text>
        <text x="8" :y="y + height / 2 + 10" font-size="11" fill="var(--color-faint)">used</text>
        <clipPath id="reserve-clip"
            ><rect :x="left - 2" :y="y + 12" :width="right - left + 4" :height="height - 17"
        /></clipPath>
        <rect
            :x="left"
            :y="sy(top)"
            :width="right - left"
            :height="Math.max(0, sy(1) - sy(top))"
            fill="var(--color-fail)"
            fill-opacity="0.07"
        />
        <path :d="`M${left} ${sy(1)}H${right}`" stroke="var(--color-fail)" stroke-width="1" />
        <text :x="left - 4" :y="sy(1) + 4" text-anchor="end" font-size="10.5" fill="var(--color-fail)">1.0</text>
        <path :d="`M${left} ${sy(0)}H${right}`" stroke="var(--color-ink)" stroke-width="0.9" />
        <g clip-path="url(#reserve-clip)">
            <path
                v-for="(l, i) in lines"
                :key="i"
                :d="pathOf(l.curve, sx, sy)"
                fill="none"
                stroke="var(--color-ink)"
                stroke-width="1.3"
                :stroke-dasharray="DASH[l.id]"
            />
        </g>
        <g v-for="([name, dash], i) in key" :key="name" font-size="10.5" fill="var(--color-faint)">
            <path
                :d="`M${left + i * 88} ${y + 7}h20`"
                stroke="var(--color-ink)"
                stroke-width="1.3"
                :stroke-dasharray="dash"
            />
            <text :x="left + i * 88 + 24" :y="y + 10.5">{{ name }}</text>
        </g>
        <text
            v-if="read"
            :x="right"
            :y="y + 10"
            text-anchor="end"
            font-size="11.5"
            fill="var(--color-accent)"
            class="halo"
        >
            {{ ratioText(read.ratio) }}<tspan fill="var(--color-faint)">{{ `  ${NAME[read.id] ?? read.id}` }}</tspan>
        </text>
    </g>
</template>
