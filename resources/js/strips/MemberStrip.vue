<script setup lang="ts">
import { computed } from 'vue'
import type { LoadResult, MemberResult } from '@/contract/result'
import { isDisplacement } from '@/lib/member'
import SupportMark from '@/strips/SupportMark.vue'
import { intoLanes } from '@/strips/lanes'
import type { Held } from '@/strips/held'
import { format, type Kind, type UnitSystem } from '@/lib/units'

/** The member to scale along x: loads in lanes above, supports, restraints and dimensions below. */
const props = defineProps<{
    member: MemberResult
    sx: (x: number) => number
    y: number
    height: number
    units: UnitSystem
    selected?: string
    interactive?: boolean
}>()
const emit = defineEmits<{
    select: [id: string]
    grab: [event: PointerEvent, what: Held, id: string]
    nudge: [event: KeyboardEvent, what: Held, id: string]
}>()

const KIND: Record<LoadResult['kind'], Kind> = {
    line: 'lineLoad',
    area: 'lineLoad',
    point: 'force',
    moment: 'moment',
    settlement: 'deflection',
    rotation: 'rotation',
}
const beamY = computed(() => props.y + props.height - 46)
const perPixel = computed(() => props.member.length / Math.max(1, props.sx(props.member.length) - props.sx(0)))
const layout = computed(() => intoLanes(props.member.loads, 90 * perPixel.value))
const laneHeight = computed(() => Math.min(46, (props.height - 62) / layout.value.lanes))
const labelled = computed(() => laneHeight.value >= 13)

interface Drawn {
    load: LoadResult
    base: number
    label: string
    labelX: number
    labelY: number
    anchor: 'start' | 'middle' | 'end'
    shape: string
    arrows: string
    box: { x: number; y: number; w: number; h: number }
}

const drawn = computed<Drawn[]>(() => {
    const most = Math.max(
        1e-9,
        ...props.member.loads.filter((l) => l.kind === 'line' || l.kind === 'area').flatMap((l) => [Math.abs(l.start), Math.abs(l.end)]),
    )
    return layout.value.placed.map(({ load, lane }) => {
        const base = beamY.value - 9 - lane * laneHeight.value
        const tall = Math.max(4, laneHeight.value - (labelled.value ? 17 : 3))
        const x0 = props.sx(load.from)
        const x1 = props.sx(load.to)
        const kind = KIND[load.kind]
        const value =
            load.start === load.end
                ? format(load.start, kind, props.units)
                : `${format(load.start, kind, props.units)} to ${format(load.end, kind, props.units)}`
        const label = load.name ? `${load.name}  ${value}` : value
        let shape = ''
        let arrows = ''
        let labelX = x0 + 3
        let labelY = base - tall - 4
        let anchor: Drawn['anchor'] = 'start'
        if (load.kind === 'point' || load.kind === 'settlement') {
            const up = load.start < 0
            shape = `M${x0} ${base - tall}V${base}`
            arrows = up ? `M${x0 - 3} ${base - tall + 6}L${x0} ${base - tall}l3 6` : `M${x0 - 3} ${base - 6}L${x0} ${base}l3 -6`
            anchor = x0 > props.sx(props.member.length) - 60 ? 'end' : 'start'
            labelX = anchor === 'end' ? x0 - 5 : x0 + 5
            labelY = base - tall + 9
        } else if (load.kind === 'moment' || load.kind === 'rotation') {
            const r = Math.min(9, tall / 2 + 2)
            const cy = base - r
            const s = load.start < 0 ? -1 : 1
            shape = `M${x0 - s * r} ${cy}A${r} ${r} 0 1 ${s > 0 ? 1 : 0} ${x0} ${cy + r}`
            arrows = `M${x0 + s * 5} ${cy + r - 4}L${x0} ${cy + r}l${s * 6} 3`
            labelX = x0 + r + 4
            labelY = cy + 4
            if (x0 > props.sx(props.member.length) - 60) {
                anchor = 'end'
                labelX = x0 - r - 4
            }
        } else {
            const h0 = Math.max(load.start === 0 ? 0 : 3, (tall * Math.abs(load.start)) / most)
            const h1 = Math.max(load.end === 0 ? 0 : 3, (tall * Math.abs(load.end)) / most)
            shape = `M${x0} ${base}V${base - h0}L${x1} ${base - h1}V${base}Z`
            labelY = base - Math.max(h0, h1) - 4
            const n = Math.max(1, Math.round((x1 - x0) / 24))
            for (let i = 0; i <= n; i++) {
                const x = x0 + ((x1 - x0) * i) / n
                const h = h0 + ((h1 - h0) * i) / n
                const up = load.start + load.end < 0
                if (h > 5) arrows += up ? `M${x} ${base}V${base - h}m-2 4 2-4 2 4` : `M${x} ${base - h}V${base}m-2-4 2 4 2-4`
            }
        }
        const line = load.from !== load.to
        // A long label near the right end would run out of the drawing.
        const end = props.sx(props.member.length)
        if (line && labelX + 6 * label.length > end) {
            anchor = 'end'
            labelX = Math.max(end, 6 * label.length)
        }
        const box = { x: line ? x0 : x0 - 9, y: base - laneHeight.value + 1, w: line ? x1 - x0 : 18, h: laneHeight.value }
        return { load, base, label, labelX, labelY, anchor, shape, arrows, box }
    })
})

const dimensions = computed(() =>
    props.member.fields.map((f) => ({ x0: props.sx(f.from), x1: props.sx(f.to), text: format(f.to - f.from, 'length', props.units) })),
)

/** Full size only for what can be held by mouse and keyboard. */
const handle = (label: string) => (props.interactive ? { tabindex: 0, role: 'button', 'aria-label': label } : {})
</script>

<template>
    <g>
        <g v-for="d in drawn" :key="d.load.id" :class="d.load.id === selected ? 'text-accent' : 'text-ink'">
            <path
                :d="d.shape"
                fill="currentColor"
                :fill-opacity="d.load.from === d.load.to ? 0 : 0.07"
                stroke="currentColor"
                :stroke-width="d.load.from === d.load.to ? 1.6 : 0.8"
                :stroke-dasharray="isDisplacement(d.load.kind) ? '3 2' : undefined"
            />
            <path :d="d.arrows" fill="none" stroke="currentColor" :stroke-width="d.load.from === d.load.to ? 1.4 : 0.6" />
            <text
                v-if="labelled"
                :x="d.labelX"
                :y="d.labelY"
                :text-anchor="d.anchor"
                font-size="11"
                fill="currentColor"
                stroke="var(--color-paper)"
                stroke-width="3"
                paint-order="stroke"
            >
                {{ d.label }}
            </text>
            <template v-if="interactive">
                <rect
                    v-bind="{ ...d.box, width: d.box.w, height: d.box.h, ...handle(`Load ${d.label}`) }"
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
            <rect :x="sx(0)" :y="beamY - 4" :width="sx(member.length) - sx(0)" height="8" fill="var(--color-sheet)" stroke-width="1.4" />
            <template
                v-for="[restraint, dy] in [
                    [member.top, -4],
                    [member.bottom, 4],
                ] as const"
                :key="dy"
            >
                <path v-if="restraint.continuous" :d="`M${sx(0)} ${beamY + dy}H${sx(member.length)}`" stroke-width="3" stroke-dasharray="2 3" />
                <path v-for="x in restraint.positions" :key="x" :d="`M${sx(x) - 3} ${beamY + dy - 3}l6 6m0 -6l-6 6`" stroke-width="1" />
            </template>
        </g>

        <g v-for="(s, i) in member.supports" :key="i" class="text-ink">
            <SupportMark :kind="s.kind" :turning="s.turning" :x="sx(s.x)" :y="beamY" :at-right="s.x > member.length / 2" />
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
