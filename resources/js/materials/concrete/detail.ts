import type { BarRow, Result } from '@/contract/result'

/** The largest usual scale at which a member is no longer than a sheet of 800 mm. */
export const scaleFor = (length: number): number => [10, 20, 25, 50, 100].find((s) => length / s <= 800) ?? 200

/** Where bars end within spans: how far from the nearest support, and on which side of the text the end is. */
export function endsOf(
    bar: BarRow,
    member: Result['member'],
): { x: number; from: number; support: number; side: -1 | 1 }[] {
    return ([bar.from, bar.to] as const).flatMap((x, i) => {
        const distances = member.supports.map((s) => Math.abs(s.x - x))
        const from = Math.min(...distances)
        return member.supports.length
            ? [{ x, from, support: distances.indexOf(from) + 1, side: i === 0 ? (1 as const) : (-1 as const) }]
            : []
    })
}
