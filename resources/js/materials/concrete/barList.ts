import type { BarRow } from '@/contract/result'
import type { UnitSystem } from '@/lib/units'

const quoted = (text: string): string => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)

const INCH = 25.4
const POUND = 0.45359237

/** Mass of bars with its unit, kg or lb. */
export const massOf = (kg: number, units: UnitSystem): string =>
    units === 'us' ? `${(kg / POUND).toFixed(1)} lb` : `${kg.toFixed(1)} kg`

/** The bars for the workshop as a file (RFC 4180), in mm and kg or in inches and pounds. */
export function barListCsv(rows: BarRow[], units: UnitSystem): string {
    const [length, mass] = units === 'us' ? ['in', 'lb'] : ['mm', 'kg']
    const columns = ['mark', 'where', 'size', 'number', `length ${length}`, `shape ${length}`, `mass ${mass}`]
    const lines = rows.map((r) =>
        [
            r.mark,
            r.where,
            r.size,
            r.number,
            units === 'us' ? (r.length / INCH).toFixed(2) : Math.round(r.length),
            r.shape,
            (units === 'us' ? r.mass / POUND : r.mass).toFixed(2),
        ].map((c) => quoted(String(c))),
    )
    return [columns, ...lines].map((line) => line.join(',')).join('\r\n') + '\r\n'
}
