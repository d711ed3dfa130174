<script setup lang="ts">
import { computed } from 'vue'
import type { Result } from '@/contract/result'
import { format, type UnitSystem } from '@/lib/units'

/** How a length buckles, seen from above: where the flanges go, and what holds them. */
const props = defineProps<{ shape: number[][]; member: Result['member']; units: UnitSystem }>()
const LEFT = 8
const RIGHT = 332
const MIDDLE = 40
const from = computed(() => props.shape[0]?.[0] ?? 0)
const to = computed(() => props.shape.at(-1)?.[0] ?? 1)
const sx = (x: number): number => LEFT + ((x - from.value) / (to.value - from.value)) * (RIGHT - LEFT)
const line = (of: 1 | 2): string =>
    props.shape
        .map(
            (p, i) =>
                `${i ? 'L' : 'M'}${sx(p[0] as number).toFixed(1)} ${(MIDDLE - 27 * (p[of] as number)).toFixed(1)}`,
        )
        .join('')
const within = (x: number): boolean => x >= from.value - 1 && x <= to.value + 1
const supports = computed(() => props.member.supports.map((s) => s.x).filter(within))
const holds = computed(() =>
    (['top', 'bottom'] as const).flatMap((flange) =>
        props.member[flange].continuous
            ? []
            : props.member[flange].positions
                  .filter(within)
                  .map((x) => ({ x, of: flange === 'top' ? (1 as const) : (2 as const) })),
    ),
)
/** Where a flange is drawn at a place. */
function at(x: number, of: 1 | 2): number {
    const i = Math.max(
        1,
        props.shape.findIndex((p) => (p[0] as number) >= x - 1e-6),
    )
    const [a, b] = [props.shape[i - 1] as number[], props.shape[i] as number[]]
    const part = (x - (a[0] as number)) / ((b[0] as number) - (a[0] as number)) || 0
    return MIDDLE - 27 * ((a[of] as number) + part * ((b[of] as number) - (a[of] as number)))
}
</script>

<template>
    <figure class="buckling-shape">
        <svg viewBox="0 0 340 88" role="img" aria-label="How the length buckles, seen from above">
            <path
                :d="`M${LEFT} ${MIDDLE}H${RIGHT}`"
                stroke="var(--color-faint)"
                stroke-width="0.7"
                stroke-dasharray="1 3"
            />
            <path
                v-for="x in supports"
                :key="`s${x}`"
                :d="`M${sx(x)} ${MIDDLE - 9}v18`"
                stroke="var(--color-ink)"
                stroke-width="2"
            />
            <path :d="line(2)" fill="none" stroke="var(--color-ink)" stroke-width="1.2" stroke-dasharray="5 3" />
            <path :d="line(1)" fill="none" stroke="var(--color-ink)" stroke-width="1.8" />
            <path
                v-for="h in holds"
                :key="`${h.of}${h.x}`"
                :d="`M${sx(h.x) - 3} ${at(h.x, h.of) - 3}l6 6m0-6l-6 6`"
                stroke="var(--color-accent)"
                stroke-width="1.4"
            />
            <g font-size="10" fill="var(--color-faint)">
                <path :d="`M${LEFT} 82h18`" stroke="var(--color-ink)" stroke-width="1.8" />
                <text :x="LEFT + 22" y="85">top flange</text>
                <path :d="`M${LEFT + 84} 82h18`" stroke="var(--color-ink)" stroke-width="1.2" stroke-dasharray="5 3" />
                <text :x="LEFT + 106" y="85">bottom flange, from above</text>
                <text :x="RIGHT" y="85" text-anchor="end">
                    {{ format(from, 'length', units) }} – {{ format(to, 'length', units) }}
                </text>
            </g>
        </svg>
    </figure>
</template>
