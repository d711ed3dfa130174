<script setup lang="ts">
import { computed } from 'vue'
import type { SectionResult } from '@/contract/result'
import { factorOf, format, number, unitOf, type UnitSystem } from '@/lib/units'

/** The stress at which a thin section buckles over the half-wavelength, with its local and distortional values. */
const props = defineProps<{ buckling: NonNullable<SectionResult['buckling']>; units: UnitSystem }>()
const [LEFT, RIGHT, TOP, BOTTOM] = [34, 292, 16, 128]
const marks = computed(() =>
    props.buckling.flatMap((b) =>
        (['local', 'distortional'] as const).flatMap((mode) => {
            const at = b[mode]
            return at ? [{ mode, title: b.title, length: at[0], stress: at[1] }] : []
        }),
    ),
)
const lengths = computed(() => props.buckling.flatMap((b) => b.curve.map(([length]) => length)))
/** What lies far above the values that count is cut off. */
const top = computed(() => 1.6 * Math.max(1, ...marks.value.map((m) => m.stress)))
const x = (length: number): number => {
    const [from, to] = [Math.log(Math.min(...lengths.value)), Math.log(Math.max(...lengths.value))]
    return LEFT + ((Math.log(length) - from) / (to - from)) * (RIGHT - LEFT)
}
const y = (stress: number): number => BOTTOM - (stress / top.value) * (BOTTOM - TOP)
const paths = computed(() =>
    props.buckling.map((b) => {
        const line = b.curve.map(
            ([length, stress], i) => `${i ? 'L' : 'M'}${x(length).toFixed(1)} ${Math.max(-400, y(stress)).toFixed(1)}`,
        )
        return { title: b.title, d: line.join(''), dash: b.title === 'bending' ? '' : '4 2.5' }
    }),
)
/** The shapes of the first one, local and distortional, beside the section as it was. */
const shapes = computed(() => {
    const [first] = props.buckling
    const points = first?.points ?? []
    if (!first?.shapes || !points.length) return []
    const [xs, zs] = [points.map(([x = 0]) => x), points.map(([, z = 0]) => z)]
    const [width, height] = [Math.max(...xs) - Math.min(...xs), Math.max(...zs) - Math.min(...zs)]
    const k = Math.min(60 / height, 50 / width)
    return Object.entries(first.shapes).map(([mode, moves], i) => {
        const [cx, cy] = [70 + 130 * i, 196]
        const line = (by: number): string =>
            points
                .map(([px = 0, pz = 0], n) => {
                    const [dx = 0, dz = 0] = moves[n] ?? []
                    return `${n ? 'L' : 'M'}${(cx + k * (px + by * dx)).toFixed(1)} ${(cy - k * (pz + by * dz)).toFixed(1)}`
                })
                .join('')
        return { mode, cx, was: line(0), is: line(0.13 * height) }
    })
})
const height = computed(() => (shapes.value.length ? 246 : 160))
const lengthTicks = computed(() => {
    const factor = factorOf('size', props.units)
    const [from, to] = [Math.min(...lengths.value), Math.max(...lengths.value)]
    return [1, 10, 100, 1000, 10000]
        .flatMap((decade) => [decade, 2 * decade, 5 * decade])
        .map((value) => ({ value, at: value * factor }))
        .filter(({ at }) => at >= from && at <= to)
})
const stressTicks = computed(() => {
    const most = top.value / factorOf('stress', props.units)
    const rough = 10 ** Math.floor(Math.log10(most / 2))
    const step = most / rough > 6 ? 2 * rough : rough
    return Array.from({ length: Math.floor(most / step) + 1 }, (_, i) => ({
        value: i * step,
        at: i * step * factorOf('stress', props.units),
    }))
})
</script>

<template>
    <svg
        :viewBox="`0 0 300 ${height}`"
        role="img"
        aria-label="Buckling over the half-wavelength"
        font-size="9"
        fill="var(--color-ink)"
    >
        <clipPath id="buckling-area"><rect :x="LEFT" :y="TOP" :width="RIGHT - LEFT" :height="BOTTOM - TOP" /></clipPath>
        <g stroke="var(--color-rule)" stroke-width="0.6">
            <path v-for="t in stressTicks" :key="t.value" :d="`M${LEFT} ${y(t.at)}H${RIGHT}`" />
            <path v-for="t in lengthTicks" :key="t.value" :d="`M${x(t.at)} ${TOP}V${BOTTOM}`" />
        </g>
        <text v-for="t in stressTicks" :key="t.value" :x="LEFT - 4" :y="y(t.at) + 3" text-anchor="end">
            {{ t.value }}
        </text>
        <text v-for="t in lengthTicks" :key="t.value" :x="x(t.at)" :y="BOTTOM + 11" text-anchor="middle">
            {{ t.value }}
        </text>
        <text :x="LEFT" y="9">Stress at buckling, {{ unitOf('stress', units) }}</text>
        <text :x="RIGHT" :y="BOTTOM + 23" text-anchor="end">half-wavelength, {{ unitOf('size', units) }}</text>
        <g v-for="(p, i) in paths" :key="p.title">
            <path
                :d="p.d"
                fill="none"
                stroke="var(--color-ink)"
                stroke-width="1.3"
                :stroke-dasharray="p.dash"
                clip-path="url(#buckling-area)"
            />
            <path
                :d="`M${LEFT + 70 * i} ${BOTTOM + 20}h16`"
                stroke="var(--color-ink)"
                stroke-width="1.3"
                :stroke-dasharray="p.dash"
            />
            <text :x="LEFT + 70 * i + 20" :y="BOTTOM + 23">{{ p.title }}</text>
        </g>
        <g v-for="m in marks" :key="`${m.title} ${m.mode}`">
            <title>
                {{ m.title }}, {{ m.mode }}: {{ format(m.stress, 'stress', units) }} at
                {{ format(m.length, 'size', units) }}
            </title>
            <circle :cx="x(m.length)" :cy="y(m.stress)" r="2.6" fill="var(--color-accent)" />
            <text :x="x(m.length)" :y="y(m.stress) + 12" text-anchor="middle">
                {{ m.mode }} {{ number(m.stress, 'stress', units) }}
            </text>
        </g>
        <g v-for="s in shapes" :key="s.mode" fill="none">
            <path :d="s.was" stroke="var(--color-faint)" stroke-width="0.8" />
            <path :d="s.is" stroke="var(--color-accent)" stroke-width="1.4" stroke-linejoin="round" />
            <text :x="s.cx" y="242" text-anchor="middle" fill="var(--color-ink)">
                {{ s.mode }}, {{ buckling[0]?.title }}
            </text>
        </g>
    </svg>
</template>
