import type { MemberDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'
import { typed, type UnitSystem } from '@/lib/units'

export interface Span {
    from: number
    to: number
    name: string
}

/** Spans and overhangs of a document as it stands, in mm; none while a length or place cannot be read. */
export function spansOf(member: MemberDocument): Span[] {
    const length = readQuantity(member.length, 'length')
    const places = member.supports.map((s) => readQuantity(s.x, 'length'))
    if (length === null || length <= 0 || places.some((x) => x === null || x < 0 || x > length + 0.5)) return []
    const supports = (places as number[]).sort((a, b) => a - b)
    const ends = [0, ...supports, length].filter((x, i, all) => i === 0 || x - (all[i - 1] as number) > 1)
    const isSupport = (x: number): boolean => supports.some((s) => Math.abs(s - x) <= 1)
    let count = 0
    return ends.slice(1).map((to, i) => {
        const from = ends[i] as number
        const overhang = !isSupport(from) || !isSupport(to)
        return { from, to, name: overhang ? (from === 0 ? 'Left overhang' : 'Right overhang') : `Span ${++count}` }
    })
}

/**
 * Gives one span or overhang another length, in mm: what lies at its end or beyond (supports, loads, restraints, the
 * end of the member) moves along, what lies within keeps its place as long as it fits.
 */
export function stretch(member: MemberDocument, span: Span, length: number, units: UnitSystem): void {
    const end = span.from + length
    const moved = (text: string): string => {
        const x = readQuantity(text, 'length')
        if (x === null || x <= span.from + 0.5) return text
        if (x >= span.to - 0.5) return typed(x + end - span.to, 'length', units)
        return x > end ? typed(end, 'length', units) : text
    }
    member.length = moved(member.length)
    for (const s of member.supports) s.x = moved(s.x)
    if (member.hinges) member.hinges = member.hinges.map(moved)
    for (const s of member.steps ?? []) {
        s.from = moved(s.from)
        s.to = moved(s.to)
    }
    for (const l of member.loads) {
        if (l.x) l.x = moved(l.x)
        if (l.from) l.from = moved(l.from)
        if (l.to) l.to = moved(l.to)
        if (l.peak) l.peak = moved(l.peak)
        for (const w of l.widths ?? []) w.x = moved(w.x)
    }
    for (const flange of [member.restraint?.top, member.restraint?.bottom]) {
        if (flange?.positions) flange.positions = flange.positions.map(moved)
    }
}
