<script setup lang="ts">
import { computed } from 'vue'
import type { Influence } from '@/contract/influence'
import { format, type UnitSystem } from '@/lib/units'
import CurveStrip from '@/strips/CurveStrip.vue'

/** An influence line, positive downward like the load that it belongs to, with the loads at their worst places. */
const props = defineProps<{
    influence: Influence
    worst: 'max' | 'min'
    sx: (x: number) => number
    left: number
    right: number
    y: number
    height: number
    units: UnitSystem
    reading?: number | null
}>()
const NAMES = { M: 'Influence M', V: 'Influence V', R: 'Influence R' }
const loads = computed(() => props.influence[props.worst])
</script>

<template>
    <g>
        <CurveStrip
            :title="NAMES[influence.effect]"
            :kind="influence.effect === 'M' ? 'length' : 'number'"
            :curves="{ max: influence.curve, min: influence.curve }"
            :combinations="[]"
            :sx="sx"
            :left="left"
            :right="right"
            :y="y"
            :height="height - 9"
            downward
            :units="units"
            :reading="reading"
        />
        <rect
            v-for="([a, b], i) in loads.parts"
            :key="i"
            :x="sx(a ?? 0)"
            :y="y + height - 6"
            :width="sx(b ?? 0) - sx(a ?? 0)"
            height="5"
            fill="var(--color-accent)"
            fill-opacity="0.55"
        >
            <title>
                Uniform load from {{ format(a ?? 0, 'length', units) }} to {{ format(b ?? 0, 'length', units) }}
            </title>
        </rect>
        <path
            v-for="([x], i) in loads.train?.axles ?? []"
            :key="`axle${i}`"
            :d="`M${sx(x ?? 0)} ${y + 3}v13m-3 -5l3 5l3 -5`"
            fill="none"
            stroke="var(--color-accent)"
            stroke-width="1.4"
        />
        <path
            v-if="influence.effect !== 'R'"
            :d="`M${sx(influence.x)} ${y + 4}V${y + height}`"
            stroke="var(--color-ink)"
            stroke-width="0.8"
            stroke-dasharray="1 3"
        />
    </g>
</template>
