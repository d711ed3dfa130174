<script setup lang="ts">
import { computed } from 'vue'
import type { MemberResult, TimberResult } from '@/contract/result'
import { isDisplacement } from '@/lib/member'
import SupportMark from '@/strips/SupportMark.vue'
import { hasLabels, loadMarks } from '@/strips/loadMarks'
import type { Held } from '@/strips/held'
import { format, type UnitSystem } from '@/lib/units'

/** The member to scale along x: loads in lanes above, supports, restraints and dimensions below. */
const props = defineProps<{
    member: MemberResult
    sx: (x: number) => number
    y: number
    height: number
    units: UnitSystem
    selected?: string
    interactive?: boolean
    /** Notches and taper of a member of timber. */
    timber?: TimberResult | undefined
}>()
const emit = defineEmits<{
    select: [id: string]
    grab: [event: PointerEvent, what: Held, id: string]
    nudge: [event: KeyboardEvent, what: Held, id: string]
}>()

const beamY = computed(() => props.y + props.height - 46)
const room = computed(() => props.height - 62)
const labelled = computed(() => hasLabels(props.member, props.sx, room.value))
const drawn = computed(() => loadMarks(props.member, props.sx, beamY.value - 9, room.value, props.units))

const dimensions = computed(() =>
    props.member.fields.map((f) => ({
        x0: props.sx(f.from),
        x1: props.sx(f.to),
        text: format(f.to - f.from, 'length', props.units),
    })),
)

/** Where a label between two places does not meet a support. */
function clearOf(from: number, to: number): number {
    const places = [0.5, 0.25, 0.75].map((part) => from + part * (to - from))
    return places.find((x) => props.member.supports.every((s) => Math.abs(props.sx(s.x) - x) > 22)) ?? (from + to) / 2
}

/** Upper and lower edge of a tapered member, exaggerated. */
const edges = computed(() => {
    const taper = props.timber?.taper
    if (!taper) return null
    const [deep, low] = [13, Math.max(3, 13 * taper.part)]
    const [x0, x1] = [props.sx(0), props.sx(props.member.length)]
    const straight = beamY.value + (taper.above ? 4 : -4)
    const at = (depth: number): number => (taper.above ? straight - depth : straight + depth)
    const tapered = taper.double
        ? `M${x0} ${at(low)}L${(x0 + x1) / 2} ${at(deep)}L${x1} ${at(low)}`
        : `M${x0} ${at(low)}L${x1} ${at(deep)}`
    const level = `M${x0} ${straight}H${x1}`
    const outline = `${tapered}L${x1} ${straight}H${x0}Z`
    return { outline, top: taper.above ? tapered : level, bottom: taper.above ? level : tapered }
})

/** Lengths of one section, as deep as they are to each other. */
const stretches = computed(() => {
    const deepest = Math.max(...props.member.stretches.map((s) => s.h))
    return props.member.stretches.map((s) => ({
        x: props.sx(s.from),
        width: props.sx(s.to) - props.sx(s.from),
        to: s.to,
        deep: props.member.stretches.length > 1 ? 4 + 9 * (s.h / deepest) ** 2 : 8,
        section: s.section,
        labelX: clearOf(props.sx(s.from), props.sx(s.to)),
    }))
})

const deepAt = (x: number): number => (edges.value ? 8 : (stretches.value.find((s) => x <= s.to + 1e-6)?.deep ?? 8))

/** Notches at the ends, as long as they are but so that they can be seen. */
const cuts = computed(() =>
    (props.timber?.notches ?? []).flatMap((n) => {
        const support = props.member.supports[n.support]
        if (!support) return []
        const isLeft = support.x < props.member.length / 2
        const end = props.sx(isLeft ? 0 : props.member.length)
        const corner = props.sx(support.x + (isLeft ? n.x : -n.x))
        const width = Math.max(6, Math.abs(corner - end))
        const x = isLeft ? end - 1 : end + 1 - width
        return [{ x, width, y: n.below ? beamY.value + 1 : beamY.value - 5, corner: isLeft ? x + width : x }]
    }),
)

/** A support that holds plumb or level is turned as the member is; a pinned one at an end stands plumb. */
function turnOf(s: MemberResult['supports'][number]): number {
    const { angle, length } = props.member
    if (s.kind === 'pinned' && (s.x === 0 || s.x === length)) return s.x === length && angle > 1.5 ? 0 : angle
    if (s.kind !== 'roller') return 0
    if (s.holds === 'vertical') return angle
    return s.holds === 'horizontal' ? angle + (s.x > length / 2 ? -1 : 1) * (Math.PI / 2) : 0
}

const lies = computed(() => {
    const { angle } = props.member
    const y = props.y + 16
    const x = props.sx(0) - 58
    if (Math.abs(angle) > 1.57)
        return { text: 'upright', y: y + 20, path: `M${x + 46} ${y + 6}V${y - 14}m-3 5l3 -5l3 5` }
    const rise = 34 * Math.tan(Math.max(-0.9, Math.min(0.9, angle)))
    return {
        text: format(angle, 'angle', props.units),
        y: y + 20,
        path: `M${x} ${y + 8}h40M${x} ${y + 8 + Math.min(0, rise)}l34 ${-rise}`,
    }
})

/** Full size only for what can be held by mouse and keyboard. */
const handle = (label: string) => (props.interactive ? { tabindex: 0, role: 'button', 'aria-label': label } : {})
</script>

<template>
    <g>
        <g
            v-for="d in drawn"
            :key="d.load.id"
            :class="d.load.id === selected ? 'text-accent' : d.load.on ? 'text-ink' : 'text-faint opacity-60'"
        >
            <path
                :d="d.shape"
                fill="currentColor"
                :fill-opacity="d.load.from === d.load.to ? 0 : 0.07"
                stroke="currentColor"
                :stroke-width="d.load.from === d.load.to ? 1.6 : 0.8"
                :stroke-dasharray="isDisplacement(d.load.kind) ? '3 2' : undefined"
            />
            <path
                :d="d.arrows"
                fill="none"
                stroke="currentColor"
                :stroke-width="d.load.from === d.load.to ? 1.4 : 0.6"
            />
            <text
                v-if="labelled"
                :x="d.labelX"
                :y="d.labelY"
                :text-anchor="d.anchor"
                font-size="11"
                fill="currentColor"
                class="halo"
            >
                {{ d.label }}
            </text>
            <template v-if="interactive">
                <rect
                    v-bind="{ ...d.box, ...handle(`Load ${d.label}`) }"
                    fill="transparent"
                    class="cursor-grab focus:outline-2 focus:outline-accent"
                    @pointerdown.prevent="emit('grab', $event, 'load', d.load.id)"
                    @focus="emit('select', d.load.id)"
                    @keydown="emit('nudge', $event, 'load', d.load.id)"
                />
                <template v-if="d.load.id === selected && d.load.from !== d.load.to">
                    <rect
                        v-for="end in ['from', 'to'] as const"
                        :key="end"
                        :x="sx(d.load[end]) - 4"
                        :y="d.base - 8"
                        width="8"
                        height="8"
                        fill="var(--color-sheet)"
                        stroke="currentColor"
                        class="cursor-ew-resize"
                        v-bind="handle(end === 'from' ? 'Start of the load' : 'End of the load')"
                        @pointerdown.prevent="emit('grab', $event, end, d.load.id)"
                        @keydown="emit('nudge', $event, end, d.load.id)"
                    />
                </template>
            </template>
        </g>

        <!-- the member: flanges as two lines, restraints as short strokes on them -->
        <g stroke="var(--color-ink)" fill="none">
            <path v-if="edges" :d="edges.outline" fill="var(--color-sheet)" stroke-width="1.4" />
            <rect
                v-for="s in edges ? [] : stretches"
                :key="s.x"
                :x="s.x"
                :y="beamY - 4"
                :width="s.width"
                :height="s.deep"
                fill="var(--color-sheet)"
                stroke-width="1.4"
            />
            <g v-for="(cut, i) in cuts" :key="`cut${i}`">
                <rect :x="cut.x" :y="cut.y" :width="cut.width" height="4" fill="var(--color-paper)" stroke="none" />
                <path :d="`M${cut.corner} ${cut.y}v4`" stroke-width="1.4" />
                <path :d="`M${cut.x} ${cut.y < beamY - 4 ? cut.y + 4 : cut.y}h${cut.width}`" stroke-width="1.4" />
            </g>
            <template
                v-for="[restraint, flange] in [
                    [member.top, 'top'],
                    [member.bottom, 'bottom'],
                ] as const"
                :key="flange"
            >
                <template v-if="restraint.continuous">
                    <path v-if="edges" :d="edges[flange]" stroke-width="3" stroke-dasharray="2 3" />
                    <path
                        v-for="s in edges ? [] : stretches"
                        :key="s.x"
                        :d="`M${s.x} ${beamY - 4 + (flange === 'top' ? 0 : s.deep)}h${s.width}`"
                        stroke-width="3"
                        stroke-dasharray="2 3"
                    />
                </template>
                <path
                    v-for="x in restraint.positions"
                    :key="x"
                    :d="`M${sx(x) - 3} ${beamY - 7 + (flange === 'top' ? 0 : deepAt(x))}l6 6m0 -6l-6 6`"
                    stroke-width="1"
                />
            </template>
        </g>

        <g v-for="(s, i) in member.supports" :key="i" class="text-ink">
            <SupportMark
                :kind="s.kind"
                :turning="s.turning"
                :bears-only="s.bearsOnly"
                :x="sx(s.x)"
                :y="beamY - 8 + deepAt(s.x)"
                :at-right="s.x > member.length / 2"
                :turn="turnOf(s)"
            />
            <rect
                v-if="interactive"
                :x="sx(s.x) - 10"
                :y="beamY + 4"
                width="20"
                height="16"
                fill="transparent"
                class="cursor-ew-resize"
                v-bind="handle(`Support ${i + 1} at ${format(s.x, 'length', units)}`)"
                @pointerdown.prevent="emit('grab', $event, 'support', String(i))"
                @keydown="emit('nudge', $event, 'support', String(i))"
            />
        </g>

        <circle
            v-for="(x, i) in member.hinges"
            :key="`hinge${i}`"
            :cx="sx(x)"
            :cy="beamY"
            r="4.5"
            fill="var(--color-sheet)"
            stroke="var(--color-ink)"
            stroke-width="1.4"
            v-bind="handle(`Hinge at ${format(x, 'length', units)}`)"
            :class="interactive ? 'cursor-ew-resize' : ''"
            @pointerdown.prevent="emit('grab', $event, 'hinge', String(i))"
            @keydown="emit('nudge', $event, 'hinge', String(i))"
        />

        <text
            v-for="s in stretches.length > 1 && !edges
                ? stretches.filter((s) => s.width > 6 * s.section.length + 8)
                : []"
            :key="`section${s.x}`"
            :x="s.labelX"
            :y="beamY + 17"
            text-anchor="middle"
            font-size="10.5"
            fill="var(--color-ink)"
            class="halo"
        >
            {{ s.section }}
        </text>
        <!-- how the member lies in truth: drawn level, its loads lean -->
        <g v-if="member.angle !== 0" font-size="11" fill="var(--color-ink)">
            <path :d="lies.path" fill="none" stroke="var(--color-ink)" stroke-width="1.2" />
            <text :x="sx(0) - 12" :y="lies.y + 3" text-anchor="end">{{ lies.text }}</text>
        </g>

        <g stroke="var(--color-faint)" stroke-width="0.7" fill="none">
            <template v-for="(d, i) in dimensions" :key="i">
                <path
                    :d="`M${d.x0} ${beamY + 30}H${d.x1}M${d.x0 - 2.5} ${beamY + 32.5}l5 -5M${d.x1 - 2.5} ${beamY + 32.5}l5 -5M${d.x0} ${beamY + 24}V${beamY + 34}M${d.x1} ${beamY + 24}V${beamY + 34}`"
                />
                <text
                    v-if="d.x1 - d.x0 > 44"
                    :x="(d.x0 + d.x1) / 2"
                    :y="beamY + 27.5"
                    text-anchor="middle"
                    font-size="11"
                    fill="var(--color-faint)"
                    stroke="none"
                    >{{ d.text }}</text
                >
            </template>
        </g>
    </g>
</template>
