import type { BarRow } from '@/contract/result'

/**
 * The field of the block "concrete" that bars of the list belong to: "spans.2", "supports.1", "top"; null: none of its
 * own.
 */
export function fieldOf(row: BarRow, spans: number): string | null {
    const number = /(span|support) (\d+)$/.exec(row.where)
    if (row.face === 'top')
        return number ? `supports.${number[2]}` : row.where.endsWith('from end to end') ? 'top' : null
    if (row.face !== 'bottom' || row.where.includes('overhang')) return null
    return spans === 1 ? 'bottom' : number ? `spans.${number[2]}` : null
}

/** More bars, or closer ones of a slab, by so many steps; as it was where that is not possible. */
export function more(bars: string, steps: number): string {
    const said = bars.replace(/ in layers.*$/, '')
    const counted = /^(\d+)( ?[ø#].*)$/.exec(said)
    if (counted) return `${Math.max(2, Number(counted[1]) + steps)}${counted[2]}`
    const metric = /^(ø[\d.]+\/)(\d+)$/.exec(said)
    if (metric) return `${metric[1]}${Math.min(400, Math.max(75, Number(metric[2]) - 25 * steps))}`
    const american = /^(#\d+ at )([\d.]+)( in)$/.exec(said)
    if (american) return `${american[1]}${Math.min(18, Math.max(3, Number(american[2]) - steps))}${american[3]}`
    return said
}
