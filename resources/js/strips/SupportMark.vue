<script setup lang="ts">
import { computed } from 'vue'
import type { MemberResult } from '@/contract/result'

/** The mark of a support under the axis of a beam that is eight units deep. */
const props = defineProps<{
    kind: MemberResult['supports'][number]['kind']
    turning: boolean
    bearsOnly?: boolean
    /** By how much the mark is turned, rad: a plumb support of a sloping member. */
    turn?: number
    x: number
    y: number
    atRight: boolean
}>()
const out = computed(() => (props.atRight ? 1 : -1))
</script>

<template>
    <g
        fill="none"
        stroke="currentColor"
        stroke-width="1.2"
        :transform="turn ? `rotate(${(turn * 180) / Math.PI} ${x} ${y})` : undefined"
    >
        <path v-if="kind === 'pinned'" :d="`M${x} ${y + 4}l-7 12h14z`" fill="var(--color-sheet)" />
        <template v-else-if="kind === 'roller'">
            <path :d="`M${x} ${y + 4}l-6 8h12zM${x - 9} ${y + 17}h18`" fill="var(--color-sheet)" />
            <circle
                v-for="dx in [-3, 3]"
                :key="dx"
                :cx="x + dx"
                :cy="y + 14.5"
                r="2"
                fill="var(--color-sheet)"
                stroke-width="0.9"
            />
        </template>
        <template v-else-if="kind === 'fixed'">
            <path :d="`M${x} ${y - 14}V${y + 16}`" stroke-width="3" />
            <path v-for="k in 5" :key="k" :d="`M${x} ${y - 14 + k * 6}l${out * 6} 5`" stroke-width="0.8" />
        </template>
        <template v-else-if="kind === 'guided'">
            <path :d="`M${x} ${y - 12}V${y + 12}M${x + out * 6} ${y - 14}V${y + 14}`" />
            <circle
                v-for="dy in [-7, 7]"
                :key="dy"
                :cx="x + out * 3"
                :cy="y + dy"
                r="2.4"
                fill="var(--color-sheet)"
                stroke-width="0.9"
            />
        </template>
        <template v-else>
            <path :d="`M${x} ${y + 4}v2l-5 1.5l10 2.5l-10 2.5l10 2.5l-5 1.5v1`" stroke-width="1" />
            <path :d="`M${x - 8} ${y + 18.5}h16`" />
            <path v-if="turning" :d="`M${x - 9} ${y - 2}A9.5 9.5 0 0 1 ${x + 9} ${y - 2}`" stroke-width="1" />
        </template>
        <path v-if="bearsOnly" :d="`M${x - 9} ${y + 22}h18`" stroke-dasharray="3 2" />
    </g>
</template>
