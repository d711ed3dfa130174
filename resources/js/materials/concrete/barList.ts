import type { BarRow } from '@/contract/result'

const COLUMNS = ['mark', 'where', 'diameter mm', 'number', 'length mm', 'shape', 'mass kg'] as const

const quoted = (text: string): string => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)

/** The bars for the workshop as a file (RFC 4180). */
export function barListCsv(rows: BarRow[]): string {
    const lines = rows.map((r) =>
        [r.mark, r.where, r.diameter, r.number, Math.round(r.length), r.shape, r.mass.toFixed(2)].map((c) => quoted(String(c))),
    )
    return [[...COLUMNS], ...lines].map((line) => line.join(',')).join('\r\n') + '\r\n'
}
