import type { LoadResult, MemberResult } from '@/contract/result'
import { isThermal, VALUE } from '@/lib/member'
import { intoLanes } from '@/strips/lanes'
import { format, number, unitOf, type Kind, type UnitSystem } from '@/lib/units'

/** A load as it is drawn: its shape with arrows on a base line, a label, and the box it is taken hold of by. */
export interface LoadMark {
    load: LoadResult
    base: number
    label: string
    labelX: number
    labelY: number
    anchor: 'start' | 'middle' | 'end'
    shape: string
    arrows: string
    box: { x: number; y: number; width: number; height: number }
}

/** An area load is drawn as what it makes along the member. */
const KIND: Record<LoadResult['kind'], Kind> = { ...VALUE, area: 'lineLoad', slab: 'lineLoad' }
interface Vector {
    x: number
    y: number
}
const PLUMB: Vector = { x: 0, y: 1 }

/** How far a load that leans may reach beside the member, in the drawing. */
const ROOM = 14

/** Which way a load acts in a drawing in which the member lies level, however it lies in truth. */
function wayOf(load: LoadResult, angle: number): Vector {
    if (load.direction === 'normal') return PLUMB
    return load.direction === 'along' ? { x: -1, y: 0 } : { x: -Math.sin(angle), y: Math.max(0, Math.cos(angle)) }
}

/** The head of an arrow whose tip is at a point. */
function head(tip: Vector, way: Vector, size = 6): string {
    const back = { x: tip.x - way.x * size, y: tip.y - way.y * size }
    const side = { x: -way.y * (size / 2), y: way.x * (size / 2) }
    return `M${back.x + side.x} ${back.y + side.y}L${tip.x} ${tip.y}L${back.x - side.x} ${back.y - side.y}`
}

const values = (load: LoadResult): number[] => load.profile.map(([, value]) => value ?? 0)

/**
 * @param axis y of the line above which loads are drawn
 * @param room height above it
 */
export function loadMarks(
    member: MemberResult,
    sx: (x: number) => number,
    axis: number,
    room: number,
    units: UnitSystem,
): LoadMark[] {
    const end = sx(member.length)
    const perPixel = member.length / Math.max(1, end - sx(0))
    const { placed, lanes } = intoLanes(member.loads, 90 * perPixel)
    const lane = Math.min(46, room / lanes)
    const tall = Math.max(4, lane - (lane >= 13 ? 17 : 3))
    const most = Math.max(
        1e-9,
        ...member.loads.filter((l) => l.from !== l.to && !isThermal(l.kind)).flatMap((l) => values(l).map(Math.abs)),
    )
    return placed.map(({ load, lane: level }) => {
        const base = axis - level * lane
        const x0 = sx(load.from)
        const x1 = sx(load.to)
        const text = valueText(load, units)
        const way = load.direction === 'sideways' ? ', lateral' : ''
        const front = load.across
            ? `, ${format(Math.abs(load.across), 'size', units)} ${load.across > 0 ? 'in front' : 'behind'}`
            : ''
        const label = `${load.name ? `${load.name}  ` : ''}${text}${way}${front}${load.on ? '' : ', off'}`
        const nearEnd = x0 > end - Math.max(60, 6 * label.length)
        const mark = {
            load,
            base,
            label,
            labelX: x0 + 3,
            labelY: base - tall - 4,
            anchor: 'start' as LoadMark['anchor'],
            shape: '',
            arrows: '',
        }
        const [start = 0] = values(load)
        if (load.direction === 'sideways') {
            // It comes out of the drawing: the tips of arrows, or their feathers where it goes in.
            const r = Math.min(4.5, tall / 2)
            const line = load.from !== load.to
            const n = line ? Math.max(1, Math.round((x1 - x0) / 26)) : 0
            const places = line
                ? Array.from({ length: n + 1 }, (_, i) => ({
                      x: x0 + ((x1 - x0) * i) / n,
                      d: (load.from * (n - i) + load.to * i) / n,
                  }))
                : [{ x: x0, d: load.from }]
            for (const p of places) {
                const value = valueAt(load, p.d)
                if (value === 0) continue
                mark.shape += `M${p.x - r} ${base - r - 2}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
                mark.arrows += value > 0 ? dot(p.x, base - r - 2) : cross(p.x, base - r - 2, r * 0.7)
            }
            mark.labelY = base - 2 * r - 6
            if (mark.labelX + 6 * label.length > end) {
                mark.anchor = 'end'
                mark.labelX = Math.max(end, 6 * label.length)
            }
        } else if (load.kind === 'point' || load.kind === 'settlement') {
            const way = load.kind === 'point' ? wayOf(load, member.angle) : PLUMB
            // One that runs along the member lies just above it, a hand's breadth long.
            const long = way.y < 0.3 ? 26 : tall
            const foot = way.y < 0.3 ? base - 5 : base
            // At the right end it would run out of the drawing.
            const tip = way.y < 0.3 ? Math.min(x0, end + 12 - long) : x0
            const tail = { x: tip - way.x * long, y: foot - way.y * long }
            mark.shape = `M${tail.x} ${tail.y}L${tip} ${foot}`
            mark.arrows = start < 0 ? head(tail, { x: -way.x, y: -way.y }) : head({ x: tip, y: foot }, way)
            mark.anchor = nearEnd ? 'end' : 'start'
            mark.labelX = nearEnd ? Math.min(tip, tail.x) - 5 : Math.max(tip, tail.x) + 5
            mark.labelY = way.y < 0.3 ? foot + 4 : base - tall + 9
        } else if (load.axles.length) {
            // Somewhere on its way, which is the line with a tick at both ends.
            const behind = load.axles.at(-1)?.[0] ?? 0
            const front = Math.min(load.to, (load.from + load.to + behind) / 2)
            mark.shape = `M${x0} ${base}H${x1}M${x0} ${base - 4}v8M${x1} ${base - 4}v8`
            mark.arrows = load.axles
                .map(([d = 0]) => `M${sx(front - d)} ${base - tall}V${base}m-3 -6l3 6l3 -6`)
                .join('')
            mark.labelX = Math.min(sx(front) + 6, end - 6 * label.length)
            mark.labelY = base - tall + 9
        } else if (load.kind === 'moment' || load.kind === 'rotation') {
            const r = Math.min(9, tall / 2 + 2)
            const cy = base - r
            const s = start < 0 ? -1 : 1
            mark.shape = `M${x0 - s * r} ${cy}A${r} ${r} 0 1 ${s > 0 ? 1 : 0} ${x0} ${cy + r}`
            mark.arrows = `M${x0 + s * 5} ${cy + r - 4}L${x0} ${cy + r}l${s * 6} 3`
            mark.anchor = nearEnd ? 'end' : 'start'
            mark.labelX = nearEnd ? x0 - r - 4 : x0 + r + 4
            mark.labelY = cy + 4
        } else {
            // Even a small load is seen, but one that falls to nothing does.
            const points = load.profile.map(([x = 0, value = 0]) => ({
                x: sx(x),
                h: value === 0 ? 0 : isThermal(load.kind) ? 4 : Math.max(3, (tall * Math.abs(value)) / most),
            }))
            const way = isThermal(load.kind) ? PLUMB : wayOf(load, member.angle)
            const along = way.y < 0.3
            // No farther than there is room beside the member.
            const room = ROOM / Math.max(1, ...points.map((p) => p.h))
            const lean = along ? 0 : Math.max(-room, Math.min(room, way.x / way.y))
            mark.shape = `M${x0} ${base}${points.map((p) => `L${p.x - lean * p.h} ${base - p.h}`).join('')}L${x1} ${base}Z`
            mark.labelY = base - Math.max(...points.map((p) => p.h)) - 4
            const up = values(load).reduce((a, b) => a + b, 0) < 0
            const n = Math.max(1, Math.round((x1 - x0) / 24))
            for (let i = 0; i <= n; i++) {
                const x = x0 + ((x1 - x0) * i) / n
                const h = heightAt(points, x)
                if (h <= 5 || isThermal(load.kind)) continue
                const foot = { x, y: base }
                const tail = along ? { x: x + 14, y: base - h / 2 } : { x: x - lean * h, y: base - h }
                const tip = along ? { x, y: base - h / 2 } : foot
                if (along && (x < x0 || tail.x > x1)) continue
                mark.arrows += `M${tail.x} ${tail.y}L${tip.x} ${tip.y}${up ? head(tail, { x: -way.x, y: -way.y }, 4) : head(tip, way, 4)}`
            }
            // A long label near the right end would run out of the drawing.
            if (mark.labelX + 6 * label.length > end) {
                mark.anchor = 'end'
                mark.labelX = Math.max(end, 6 * label.length)
            }
        }
        const line = load.from !== load.to
        return { ...mark, box: { x: line ? x0 : x0 - 9, y: base - lane + 1, width: line ? x1 - x0 : 18, height: lane } }
    })
}

const dot = (x: number, y: number): string => `M${x - 1} ${y}h2m-1 -1v2`
const cross = (x: number, y: number, r: number): string =>
    `M${x - r} ${y - r}l${2 * r} ${2 * r}m0 ${-2 * r}l${-2 * r} ${2 * r}`

/** The value of a distributed load at a place; of a point load its value. */
function valueAt(load: LoadResult, x: number): number {
    const points = load.profile.map(([place = 0, h = 0]) => ({ x: place, h }))
    return heightAt(points, x)
}

/** Are the lanes high enough for labels? */
export function hasLabels(member: MemberResult, sx: (x: number) => number, room: number): boolean {
    const perPixel = member.length / Math.max(1, sx(member.length) - sx(0))
    return room / intoLanes(member.loads, 90 * perPixel).lanes >= 13
}

function valueText(load: LoadResult, units: UnitSystem): string {
    const kind = KIND[load.kind]
    const all = values(load)
    if (load.kind === 'train')
        return `${load.axles.map(([, f]) => number(f ?? 0, kind, units)).join(', ')} ${unitOf(kind, units)}`
    if (load.kind === 'concentrated') return `${format(load.axles[0]?.[1] ?? 0, kind, units)} anywhere`
    if (load.kind === 'lengths') return `${format(all[0] ?? 0, kind, units)} on any lengths`
    if (load.kind === 'warming') return `warmer by ${format(all[0] ?? 0, kind, units)}`
    if (load.kind === 'temperature') return `bottom warmer by ${format(all[0] ?? 0, kind, units)}`
    const [start = 0] = all
    const last = all.at(-1) ?? 0
    const peak = all.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a), 0)
    if (all.every((v) => v === start)) return format(start, kind, units)
    if (all.length === 2) return `${format(start, kind, units)} to ${format(last, kind, units)}`
    return `up to ${format(peak, kind, units)}`
}

function heightAt(points: { x: number; h: number }[], x: number): number {
    const i = points.findIndex((p) => p.x >= x - 1e-6)
    const b = points[Math.max(i, 0)]
    const a = points[i - 1]
    if (!b) return 0
    return a && b.x > a.x ? a.h + ((b.h - a.h) * (x - a.x)) / (b.x - a.x) : b.h
}
