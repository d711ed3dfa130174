<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { CollapseState } from '@/bench/collapse'
import type { Compare } from '@/bench/compare'
import type { Editor } from '@/bench/editor'
import type { InfluenceState } from '@/bench/influence'
import type { PartsState } from '@/bench/parts'
import PartsCard from '@/bench/PartsCard.vue'
import FirstHints from '@/bench/FirstHints.vue'
import PlaceHere from '@/bench/PlaceHere.vue'
import type { MemberDocument } from '@/contract/member'
import type { Result } from '@/contract/result'
import { readAt } from '@/lib/curve'
import { isAtOnePlace, isDisplacement, placeSupport } from '@/lib/member'
import { readQuantity } from '@/lib/quantity'
import { format, typed, type Kind } from '@/lib/units'
import CurveStrip from '@/strips/CurveStrip.vue'
import InfluenceStrip from '@/strips/InfluenceStrip.vue'
import MechanismStrip from '@/strips/MechanismStrip.vue'
import MemberStrip from '@/strips/MemberStrip.vue'
import type { Held } from '@/strips/held'
import { reserveLines } from '@/strips/reserve'
import ReserveStrip from '@/strips/ReserveStrip.vue'

/** All strips on one x axis, with the reading line; loads and supports are taken hold of here. */
const props = defineProps<{
    editor: Editor
    selected: string
    influence?: InfluenceState
    collapse?: CollapseState
    compare?: Compare
    parts?: PartsState
}>()
const emit = defineEmits<{ select: [id: string]; edit: [id: string]; pick: [x: number] }>()
const reading = defineModel<number | null>('reading', { required: true })

const LEFT = 76
const RIGHT = 16

const board = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(board)
const result = computed(() => props.editor.result.value)
const units = computed(() => props.editor.units.value)
const length = computed(() => result.value?.member.length ?? 1)
const right = computed(() => width.value - RIGHT)
const sx = computed(() => (x: number) => LEFT + (x / length.value) * (right.value - LEFT))
const xAt = (event: MouseEvent): number => {
    const box = board.value?.getBoundingClientRect()
    return ((event.clientX - (box?.left ?? 0) - LEFT) / (right.value - LEFT)) * length.value
}
const within = (x: number): number => Math.min(length.value, Math.max(0, x))

/** Diagrams of the material, such as bars needed and there; those with the name of a force add to its strip. */
const figures = computed(() => (result.value?.figures ?? []).filter((f) => f.curves.max.length > 0))
const there = (id: string) => (result.value?.shown ? undefined : result.value?.figures.find((f) => f.id === id)?.there)

/**
 * The names of forces, or of the material's figures: an axial force, lateral bending and torsion have strips where
 * there are any.
 */
const strips = computed<string[]>(() => [
    ...(result.value?.envelope.N ? (['N'] as const) : []),
    'V',
    'M',
    ...(result.value?.envelope.Mz ? (['Mz'] as const) : []),
    ...(result.value?.envelope.T ? (['T'] as const) : []),
    ...figures.value.map((f) => f.id),
    'w',
    'reserve',
])

const heights = computed(() => {
    const h = Math.max(340, height.value)
    const member = Math.round(h * 0.31)
    const each = (h - member) / strips.value.length
    return { total: h, member, each, at: (strip: string) => member + strips.value.indexOf(strip) * each }
})
const curves = computed(() => result.value?.shown ?? result.value?.envelope)
/** Envelopes are compared with envelopes. */
const under = computed(() =>
    result.value?.shown || collapsed.value ? undefined : props.compare?.kept.value?.result.envelope,
)
/** While it is open, the influence line stands where the deflection is. */
const line = computed(() => (props.influence?.open.value ? props.influence.answer.value : null))
/** While that is open, moment and mechanism of collapse stand where moment and deflection are. */
const collapsed = computed(() => {
    const answer = props.collapse?.open.value ? props.collapse.answer.value : null
    return answer?.factor ? answer : null
})
const reserve = computed(() => (result.value ? reserveLines(result.value) : []))

function onMove(event: PointerEvent): void {
    if (held) drag(event)
    else if (!props.parts?.open.value) reading.value = within(xAt(event))
}

/** A place of the member that something may be put at. */
const spot = ref<number | null>(null)
const grid = (): number => (units.value === 'us' ? 76.2 : 50)
const take = (x: number): void => void (spot.value = within(Math.round(x / grid()) * grid()))

/** The diagrams whose values can be taken apart. */
const TITLES: Record<string, [string, Kind]> = {
    N: ['Axial N', 'force'],
    V: ['Shear V', 'force'],
    M: ['Moment M', 'moment'],
    Mz: ['Lateral M', 'moment'],
    T: ['Torque T', 'moment'],
    w: ['Deflection', 'deflection'],
}
const effects = computed(() =>
    strips.value.flatMap((id) => (TITLES[id] ? [{ id, title: TITLES[id][0], kind: TITLES[id][1] }] : [])),
)

/** What the greater value of a diagram at x is made of; of bars and links the moment and the shear. */
function open(x: number, strip = 'M'): void {
    const id = strip === 'Asw' ? 'V' : TITLES[strip] ? strip : 'M'
    const pair = result.value?.envelope[id as keyof Result['envelope']]
    if (!pair) return
    const [max, min] = [readAt(pair.max, x), readAt(pair.min, x)]
    reading.value = x
    props.parts?.look(id, x, Math.abs(min?.value ?? 0) > Math.abs(max?.value ?? 0) ? -1 : 1)
}

/**
 * A click into the drawing of the member asks what to put there; one below it takes its x, or tells what a value is
 * made of.
 */
function onClick(event: MouseEvent): void {
    if (spot.value !== null) return void (spot.value = null)
    const top = board.value?.getBoundingClientRect().top ?? 0
    if (event.clientY - top > heights.value.member) {
        if (props.influence?.open.value) emit('pick', within(xAt(event)))
        else
            open(
                within(xAt(event)),
                strips.value[Math.floor((event.clientY - top - heights.value.member) / heights.value.each)],
            )
        return
    }
    if ((event.target as Element).closest('[role=button]') === null && result.value) take(xAt(event))
}

/** Arrow keys on the board move the reading line. */
function onKey(event: KeyboardEvent): void {
    if (event.target !== event.currentTarget) return
    if (event.key === 'Enter' && reading.value !== null) {
        // Otherwise the key would press the button that takes the focus.
        event.preventDefault()
        if (props.influence?.open.value) emit('pick', reading.value)
        else take(reading.value)
        return
    }
    if (event.key === ' ' && reading.value !== null) {
        event.preventDefault()
        return open(reading.value)
    }
    const by = step(event)
    if (by === 0) return
    event.preventDefault()
    reading.value = within((reading.value ?? 0) + by)
}

/** Nudge by 0.1 m or 0.25 ft; with Shift ten times, with Alt a tenth of it. */
function step(event: KeyboardEvent): number {
    const direction = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
    const base = units.value === 'us' ? 76.2 : 100
    return direction * base * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1)
}

/** What is held, where it was when it was taken, in mm; a support by its place in the document. */
interface Grip {
    what: Held
    id: string
    index: number
    from: number
    to: number
}
let held: (Grip & { start: number; hold: string }) | null = null
let holds = 0

/** As the document has it now, which may be ahead of the last result. */
function grip(what: Held, id: string): Grip {
    const document = props.editor.document.value
    const at = (text: string | undefined, otherwise: number): number => readQuantity(text, 'length') ?? otherwise
    if (what === 'support' || what === 'hinge') {
        const texts = what === 'support' ? (document?.supports ?? []).map((s) => s.x) : (document?.hinges ?? [])
        const places = texts.map((x, index) => ({ index, x: at(x, 0) })).sort((a, b) => a.x - b.x)
        const place = places[Number(id)] ?? { index: -1, x: 0 }
        return { what, id, index: place.index, from: place.x, to: place.x }
    }
    const load = document?.loads.find((l) => l.id === id)
    const point = load !== undefined && isAtOnePlace(load.kind)
    const [first, last] = [load?.widths?.[0]?.x ?? load?.from, load?.widths?.at(-1)?.x ?? load?.to]
    return {
        what,
        id,
        index: -1,
        from: at(point ? load.x : first, 0),
        to: point ? at(load.x, 0) : at(last, length.value),
    }
}

function grab(event: PointerEvent, what: Held, id: string): void {
    ;(event.target as Element).setPointerCapture(event.pointerId)
    ;(event.target as SVGElement).focus()
    if (what !== 'support' && what !== 'hinge') emit('select', id)
    held = { ...grip(what, id), start: xAt(event), hold: `hold.${++holds}` }
}

function drag(event: PointerEvent): void {
    if (!held) return
    const anchor = held.what === 'to' ? held.to : held.from
    const by = Math.round((anchor + xAt(event) - held.start) / grid()) * grid() - anchor
    if (Math.abs(xAt(event) - held.start) < grid() / 2) return
    reading.value = within(anchor + by)
    move(held, by, held.hold)
}

function nudge(event: KeyboardEvent, what: Held, id: string): void {
    if (event.key === 'Enter') return emit('edit', id)
    const by = step(event)
    if (by === 0) return
    event.preventDefault()
    move(grip(what, id), by)
}

/** The moves of one hold are one step of undo. */
function move({ what, id, index, from, to }: Grip, by: number, hold = ''): void {
    const at = (x: number): string => typed(within(x), 'length', units.value)
    props.editor.change(
        (d: MemberDocument) => {
            if (what === 'support') return placeSupport(d, index, at(from + by))
            if (what === 'hinge') {
                if (d.hinges && index >= 0) d.hinges[index] = at(from + by)
                return
            }
            const load = d.loads.find((l) => l.id === id)
            if (!load) return
            if (isDisplacement(load.kind)) return // it belongs to its support
            if (isAtOnePlace(load.kind)) load.x = at(from + by)
            else if (load.widths) stretchWidths(load.widths, what, from, to, by)
            else if (what === 'from') load.from = at(Math.min(from + by, to - 50))
            else if (what === 'to') load.to = at(Math.max(to + by, from + 50))
            else {
                const room = Math.min(Math.max(by, -from), length.value - to)
                if (room === 0) return
                load.from = at(from + room)
                load.to = at(to + room)
            }
        },
        hold || `nudge.${what}.${id}`,
        hold !== '',
    )
}

/** Widths along the member move together, or are drawn out by the end that is held. */
function stretchWidths(widths: { x: string }[], what: Held, from: number, to: number, by: number): void {
    const start =
        what === 'to' ? from : within(Math.min(from + by, what === 'from' ? to - 50 : length.value - (to - from)))
    const end = what === 'from' ? to : what === 'to' ? within(Math.max(to + by, from + 50)) : start + to - from
    // Measured from where they are now, which a drag has moved already.
    const places = widths.map((w) => readQuantity(w.x, 'length') ?? 0)
    const [first, last] = [places[0] ?? 0, places.at(-1) ?? 0]
    widths.forEach((w, i) => {
        w.x = typed(
            start + (((places[i] ?? 0) - first) * (end - start)) / Math.max(1, last - first),
            'length',
            units.value,
        )
    })
}

function release(): void {
    held = null
}
</script>

<template>
    <div
        ref="board"
        class="relative h-full min-h-0 touch-none overflow-hidden select-none focus-visible:outline-1! focus-visible:-outline-offset-2!"
        tabindex="0"
        role="group"
        aria-label="Strips. Arrow keys move the reading line, Enter puts a load or a support there, Space tells what the moment is made of."
        @pointermove="onMove"
        @pointerup="release"
        @click="onClick"
        @keydown="onKey"
    >
        <svg v-if="result && curves && width > 0" :width="width" :height="heights.total" class="block">
            <path
                v-for="strip in strips"
                :key="strip"
                :d="`M0 ${heights.at(strip)}H${width}`"
                stroke="var(--color-rule)"
            />
            <path
                v-for="(s, i) in result.member.supports"
                :key="`s${i}`"
                :d="`M${sx(s.x)} ${heights.member}V${heights.total}`"
                stroke="var(--color-rule)"
                stroke-dasharray="2 3"
            />
            <CurveStrip
                v-if="curves.N"
                title="Axial N"
                kind="force"
                :curves="curves.N"
                :under="under?.N"
                :combinations="result.combinations"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('N')"
                :height="heights.each"
                :downward="false"
                :units="units"
                :reading="reading"
            />
            <CurveStrip
                title="Shear V"
                kind="force"
                :curves="curves.V"
                :under="under?.V"
                :combinations="result.combinations"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('V')"
                :height="heights.each"
                :downward="false"
                :units="units"
                :reading="reading"
            />
            <CurveStrip
                :title="collapsed ? 'Collapse M' : 'Moment M'"
                kind="moment"
                :curves="collapsed ? { max: collapsed.moment, min: collapsed.moment } : curves.M"
                :combinations="collapsed ? [] : result.combinations"
                :under="under?.M"
                :limit="collapsed ? undefined : there('M')"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('M')"
                :height="heights.each"
                downward
                :units="units"
                :reading="reading"
            />
            <CurveStrip
                v-if="curves.Mz"
                title="Lateral M"
                kind="moment"
                :curves="curves.Mz"
                :combinations="result.combinations"
                :under="under?.Mz"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('Mz')"
                :height="heights.each"
                downward
                :units="units"
                :reading="reading"
            />
            <CurveStrip
                v-if="curves.T"
                title="Torque T"
                kind="moment"
                :curves="curves.T"
                :combinations="result.combinations"
                :under="under?.T"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('T')"
                :height="heights.each"
                :downward="false"
                :units="units"
                :reading="reading"
            />
            <CurveStrip
                v-for="f in figures"
                :key="f.id"
                :title="f.title"
                :kind="f.kind as Kind"
                :curves="f.curves"
                :limit="f.there"
                :combinations="result.combinations"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at(f.id)"
                :height="heights.each"
                :downward="f.downward"
                :units="units"
                :reading="reading"
            />
            <InfluenceStrip
                v-if="line"
                :influence="line"
                :worst="influence?.worst.value ?? 'max'"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('w')"
                :height="heights.each"
                :units="units"
                :reading="reading"
            />
            <MechanismStrip
                v-else-if="collapsed"
                :collapse="collapsed"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('w')"
                :height="heights.each"
                :units="units"
            />
            <CurveStrip
                v-else
                title="Deflection"
                kind="deflection"
                :curves="curves.w"
                :under="under?.w"
                :limit="there('w')"
                :combinations="result.combinations"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('w')"
                :height="heights.each"
                downward
                :units="units"
                :reading="reading"
            />
            <ReserveStrip
                :lines="reserve"
                :sx="sx"
                :left="LEFT"
                :right="right"
                :y="heights.at('reserve')"
                :height="heights.each"
                :reading="reading"
            />
            <g v-if="reading !== null" pointer-events="none">
                <path :d="`M${sx(reading)} 18V${heights.total}`" stroke="var(--color-accent)" stroke-width="1" />
                <text
                    :x="Math.min(Math.max(sx(reading), LEFT + 30), right - 30)"
                    y="13"
                    text-anchor="middle"
                    font-size="11.5"
                    fill="var(--color-accent)"
                >
                    x = {{ format(reading, 'length', units) }}
                </text>
            </g>
            <MemberStrip
                :member="result.member"
                :timber="result.section.timber"
                :sx="sx"
                :y="14"
                :height="heights.member - 14"
                :units="units"
                :selected="selected"
                interactive
                @select="emit('select', $event)"
                @grab="grab"
                @nudge="nudge"
            />
        </svg>
        <FirstHints v-if="result && !editor.document.value?.loads.length" />
        <PlaceHere
            v-if="spot !== null"
            :editor="editor"
            :x="spot"
            :style="{ left: `${Math.min(sx(spot), right - 170)}px`, top: '34px' }"
            @close="spot = null"
            @edit="emit('edit', $event)"
        />
        <PartsCard
            v-if="parts?.open.value && reading !== null"
            :editor="editor"
            :parts="parts"
            :effects="effects"
            :style="{ left: `${sx(reading) > width / 2 ? LEFT : right - 384}px`, top: '8px' }"
            @edit="emit('edit', $event)"
        />
    </div>
</template>
