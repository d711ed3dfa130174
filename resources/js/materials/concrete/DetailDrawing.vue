<script setup lang="ts">
import { computed } from 'vue'
import type { BarRow, Result } from '@/contract/result'
import { format, typed, type UnitSystem } from '@/lib/units'
import { endsOf, scaleFor } from '@/materials/concrete/detail'
import { outlineOf, tornOf } from '@/sheet/sections'

/**
 * The detail of a concrete member to scale, for the drawing board: elevation, its bars pulled out with where they end,
 * and its sections. Lengths of the drawing are mm of paper.
 */
const props = defineProps<{ result: Result; units: UnitSystem; title: string }>()
const MARGIN = 14
const ROW = 9
/** Sections are drawn larger. */
const CUT = 10
const section = computed(() => props.result.section)
const member = computed(() => props.result.member)
const scale = computed(() => scaleFor(member.value.length))
const sx = (x: number): number => MARGIN + x / scale.value
const depth = computed(() => section.value.h / scale.value)
const TOP = 34
const list = computed(() => section.value.list ?? [])
const bars = computed(() => list.value.filter((b) => b.face === 'top' || b.face === 'bottom'))
const links = computed(() => list.value.filter((b) => b.face === 'link' && !b.where.startsWith('single')))
const inset = computed(() => ((section.value.link?.[0] ?? 25) + (section.value.link?.[1] ?? 0)) / scale.value)
const yOf = (b: BarRow): number => (b.face === 'top' ? TOP + inset.value + 0.6 : TOP + depth.value - inset.value - 0.6)
const placed = (b: BarRow): number[] =>
    Array.from({ length: b.number }, (_, i) => b.from + ((i + 0.5) * (b.to - b.from)) / Math.max(1, b.number))
const zoneY = computed(() => TOP + depth.value + 11)
const rowY = (i: number): number => zoneY.value + 20 + i * ROW
/** Whole millimetres, or inches; the title says which. */
const mm = (x: number): string =>
    props.units === 'us' ? typed(x, 'size', 'us').replace(' in', '″') : String(Math.round(x))
const cuts = computed(() => {
    const all = (section.value.cuts ?? []).map((c, index) => ({ ...c, index }))
    return all.filter((c, i) => all.findIndex((other) => other.text === c.text) === i)
})
const cutsY = computed(() => rowY(bars.value.length) + 14)
const cut = computed(() => tornOf(section.value))
const cutWidth = computed(() => Math.max(48, cut.value.b / CUT + 26))
const width = computed(() => Math.max(sx(member.value.length) + MARGIN, MARGIN * 2 + cutWidth.value))
const perRow = computed(() => Math.max(1, Math.floor((width.value - 2 * MARGIN) / cutWidth.value)))
const cutHeight = computed(() => section.value.h / CUT + 20)
const cutAt = (i: number): [number, number] => [
    MARGIN + 8 + (i % perRow.value) * cutWidth.value,
    cutsY.value + Math.floor(i / perRow.value) * cutHeight.value,
]
const height = computed(() => cutsY.value + Math.ceil(cuts.value.length / perRow.value) * cutHeight.value + 4)
/** Spacing of links, as their place tells it. */
const apart = (b: BarRow): string => /[\d.]+/.exec(b.where)?.[0]?.replace(/\.0$/, '') ?? ''
function path(b: BarRow, y: number, leg: number): string {
    const [left, right] = b.bends
    return `${left ? `M${sx(b.from)} ${y - leg}V${y}` : `M${sx(b.from)} ${y}`}H${sx(b.to)}${right ? `V${y - leg}` : ''}`
}
</script>

<template>
    <svg
        xmlns="http://www.w3.org/2000/svg"
        :viewBox="`0 0 ${width} ${height}`"
        :width="`${width}mm`"
        :height="`${height}mm`"
        font-family="sans-serif"
        font-size="3.2"
        fill="none"
        stroke="#1f2328"
        stroke-width="0.25"
    >
        <g stroke="none" fill="#1f2328">
            <text :x="MARGIN" y="10" font-size="5" font-weight="bold">{{ title }}</text>
            <text :x="MARGIN" y="16">
                {{ section.name }}, {{ section.grade }}. Elevation 1 : {{ scale }}, sections 1 : {{ CUT }};
                {{ units === 'us' ? 'inches' : 'mm' }}.
            </text>
        </g>
        <rect :x="sx(0)" :y="TOP" :width="member.length / scale" :height="depth" stroke-width="0.5" />
        <path
            v-if="section.shape === 'flanged'"
            :d="`M${sx(0)} ${section.stemUp ? TOP + depth - section.tf / scale : TOP + section.tf / scale}h${member.length / scale}`"
        />
        <rect
            v-for="(s, i) in member.supports"
            :key="`s${i}`"
            :x="sx(s.x - Math.max(s.bearing, 50) / 2)"
            :y="TOP + depth"
            :width="Math.max(s.bearing, 50) / scale"
            height="5"
            fill="#dcdcd6"
        />
        <g stroke-width="0.15">
            <template v-for="b in links" :key="`l${b.mark}`">
                <path v-for="x in placed(b)" :key="x" :d="`M${sx(x)} ${TOP + inset}V${TOP + depth - inset}`" />
            </template>
        </g>
        <path v-for="b in bars" :key="`b${b.mark}`" :d="path(b, yOf(b), depth - 2 * inset - 1)" stroke-width="0.6" />
        <g v-for="(s, i) in member.supports" :key="`x${i}`">
            <path :d="`M${sx(s.x)} ${TOP - 8}V${TOP + depth + 6}`" stroke-dasharray="3 1 0.6 1" />
            <circle :cx="sx(s.x)" :cy="TOP - 11" r="3" />
            <text :x="sx(s.x)" :y="TOP - 9.9" text-anchor="middle" stroke="none" fill="#1f2328">{{ i + 1 }}</text>
        </g>
        <g v-for="(s, i) in member.supports.slice(1)" :key="`d${i}`">
            <path :d="`M${sx(member.supports[i]!.x)} ${TOP - 4}H${sx(s.x)}m-1 -1l-0 2`" />
            <text
                :x="(sx(member.supports[i]!.x) + sx(s.x)) / 2"
                :y="TOP - 5"
                text-anchor="middle"
                stroke="none"
                fill="#1f2328"
            >
                {{ mm(s.x - member.supports[i]!.x) }}
            </text>
        </g>
        <g v-for="(b, i) in links" :key="`z${b.mark}`">
            <path
                :d="`M${sx(b.from)} ${zoneY}H${sx(b.to)}M${sx(b.from)} ${zoneY - 1.5}v3M${sx(b.to)} ${zoneY - 1.5}v3`"
            />
            <text
                :x="(sx(b.from) + sx(b.to)) / 2"
                :y="zoneY + (i % 2 ? 4 : -1)"
                text-anchor="middle"
                stroke="none"
                fill="#1f2328"
            >
                {{ b.number }} {{ b.size }}/{{ apart(b) }} {{ b.mark }}, {{ mm(b.to - b.from) }}
            </text>
        </g>
        <g v-for="(b, i) in bars" :key="`r${b.mark}`">
            <path :d="path(b, rowY(i), 3)" stroke-width="0.6" />
            <circle cx="6" :cy="rowY(i) - 1" r="3" />
            <g stroke="none" fill="#1f2328">
                <text x="6" :y="rowY(i)" text-anchor="middle" font-size="2.8">{{ b.mark }}</text>
                <text :x="(sx(b.from) + sx(b.to)) / 2" :y="rowY(i) - 1" text-anchor="middle">
                    {{ b.number }} {{ b.size }}, {{ format(b.length, 'length', units) }}
                </text>
                <text
                    v-for="e in endsOf(b, member)"
                    :key="e.x"
                    :x="sx(e.x) + e.side * 1"
                    :y="rowY(i) + 3.4"
                    :text-anchor="e.side < 0 ? 'end' : 'start'"
                    font-size="2.6"
                >
                    {{ mm(e.from) }} from {{ e.support }}
                </text>
            </g>
        </g>
        <g v-for="(c, i) in cuts" :key="c.text">
            <path
                :d="outlineOf(cut, 1 / CUT, ...cutAt(i), c.index)"
                stroke-width="0.35"
                fill="#f1f0ea"
                fill-rule="evenodd"
            />
            <g stroke="none" fill="#1f2328">
                <text :x="cutAt(i)[0]" :y="cutAt(i)[1] - 3">{{ c.title }}</text>
                <text
                    v-for="(part, k) in c.text.split(', ')"
                    :key="part"
                    :x="cutAt(i)[0]"
                    :y="cutAt(i)[1] + section.h / CUT + 5 + k * 4"
                    font-size="2.6"
                >
                    {{ part }}
                </text>
            </g>
        </g>
    </svg>
</template>
