<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BarRow, Result } from '@/contract/result'
import { fieldOf, more } from '@/materials/concrete/barsInHand'

/** The bars in elevation, to be taken hold of: dragged or moved with the arrow keys they become more or fewer. */
const props = defineProps<{ result: Result }>()
const emit = defineEmits<{ set: [field: string, bars: string]; type: [field: string] }>()
const [W, TOP, DEPTH, PER_BAR] = [287, 18, 46, 14]
const sx = (x: number): number => 4 + (x / props.result.member.length) * (W - 8)

const spans = computed(() => (props.result.section.list ?? []).filter((b) => b.face === 'bottom').length)
/** A group that runs through is said once, at its first place. */
const THROUGH: Record<string, string> = { bottom: 'spans.1', top: 'supports.1' }
interface Grip {
    row: BarRow
    field: string
    text: string
    y: number
    title: string
}
const grips = computed<Grip[]>(() =>
    (props.result.section.list ?? []).flatMap((row) => {
        const field = fieldOf(row, spans.value)
        const text = field && (props.result.section.bars?.[field] ?? props.result.section.bars?.[THROUGH[field] ?? ''])
        if (!field || !text) return []
        const y =
            row.face === 'top'
                ? TOP + (field === 'top' ? 6 : 12)
                : TOP + DEPTH - (Number(field.split('.')[1] ?? 0) % 2 ? 6 : 10)
        return [{ row, field, text: text.replace(/ in layers.*$/, ''), y, title: row.where.replace(', ', ' bars, ') }]
    }),
)

const held = ref<{ grip: Grip; from: number; steps: number } | null>(null)
const shown = (g: Grip): string => (held.value?.grip.field === g.field ? more(g.text, held.value.steps) : g.text)
function hold(g: Grip, e: PointerEvent): void {
    ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
    held.value = { grip: g, from: e.clientY, steps: 0 }
}
function drag(e: PointerEvent): void {
    if (held.value) held.value.steps = Math.round((held.value.from - e.clientY) / PER_BAR)
}
function letGo(): void {
    const at = held.value
    held.value = null
    if (!at) return
    if (at.steps === 0) emit('type', at.grip.field)
    else emit('set', at.grip.field, more(at.grip.text, at.steps))
}
function onKey(g: Grip, e: KeyboardEvent): void {
    const steps = { ArrowUp: 1, ArrowDown: -1 }[e.key]
    if (steps) emit('set', g.field, more(g.text, steps))
    else if (e.key === 'Enter' || e.key === ' ') emit('type', g.field)
    else return
    e.preventDefault()
}
/** Ends are drawn a little short, so that neighbours can be told apart. */
const lineOf = (g: Grip): string => `M${sx(g.row.from) + 2} ${g.y}H${sx(g.row.to) - 2}`
/** Where the text of bars stands: away from the middle of a neighbour's. */
const textY = (g: Grip): number =>
    g.row.face === 'bottom' ? TOP + DEPTH + 11 : g.field === 'top' ? TOP + DEPTH / 2 + 4 : TOP - 6
</script>

<template>
    <svg :viewBox="`0 0 ${W} 80`" class="w-full touch-none select-none" role="group" aria-label="Bars in elevation">
        <rect
            :x="sx(0)"
            :y="TOP"
            :width="sx(result.member.length) - sx(0)"
            :height="DEPTH"
            fill="var(--color-shade)"
            stroke="var(--color-line)"
        />
        <path
            v-for="(s, i) in result.member.supports"
            :key="i"
            :d="`M${sx(s.x)} ${TOP + DEPTH}l-4 7h8z`"
            fill="none"
            stroke="var(--color-faint)"
        />
        <g
            v-for="g in grips"
            :key="g.field"
            role="button"
            tabindex="0"
            class="bar-grip"
            :aria-label="`${g.title}: ${g.text}. Up and down for more and fewer, Enter to type`"
            @pointerdown="hold(g, $event)"
            @pointermove="drag"
            @pointerup="letGo"
            @pointercancel="held = null"
            @keydown="onKey(g, $event)"
        >
            <title>{{ g.title }}: drag up for more, down for fewer; click to type</title>
            <path :d="lineOf(g)" stroke="transparent" stroke-width="11" />
            <path :d="lineOf(g)" stroke="currentColor" stroke-width="2" />
            <text
                :x="(sx(g.row.from) + sx(g.row.to)) / 2"
                :y="textY(g)"
                font-size="11"
                text-anchor="middle"
                fill="currentColor"
                class="halo tabular-nums"
            >
                {{ shown(g) }}
            </text>
        </g>
    </svg>
</template>

<style scoped>
.bar-grip {
    cursor: ns-resize;
    color: var(--color-ink);
    outline: none;
}
.bar-grip:hover,
.bar-grip:focus-visible {
    color: var(--color-accent);
}
.bar-grip:focus-visible path:last-of-type {
    stroke-width: 4;
}
</style>
