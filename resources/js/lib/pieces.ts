import type { MemberRow, Piece } from '@/lib/jobs'
import { format, type UnitSystem } from '@/lib/units'

export interface PieceRow extends Piece {
    marks: string[]
}

/** The pieces of all members, those that are alike in one row. */
export function piecesOf(members: MemberRow[]): PieceRow[] {
    const rows = new Map<string, PieceRow>()
    for (const { mark, summary } of members) {
        for (const piece of summary.pieces ?? []) {
            const key = `${piece.name} ${piece.grade} ${piece.length}`
            const row = rows.get(key) ?? { ...piece, pieces: 0, volume: 0, mass: 0, marks: [] }
            rows.set(key, {
                ...row,
                pieces: row.pieces + piece.pieces,
                volume: row.volume + piece.volume,
                mass: row.mass + piece.mass,
                marks: [...row.marks, mark],
            })
        }
    }
    return [...rows.values()].sort(
        (a, b) => a.grade.localeCompare(b.grade) || a.name.localeCompare(b.name) || a.length - b.length,
    )
}

const BOARD_FEET = 423.776
const POUNDS = 2.2046226

export const volumeOf = (m3: number, units: UnitSystem): string =>
    units === 'metric' ? `${m3.toFixed(3)} m³` : `${(m3 * BOARD_FEET).toFixed(1)} bd ft`
export const massOfPieces = (kg: number, units: UnitSystem): string =>
    units === 'metric' ? `${kg.toFixed(0)} kg` : `${(kg * POUNDS).toFixed(0)} lb`

/** The list as comma-separated values. */
export function piecesCsv(rows: PieceRow[], units: UnitSystem): string {
    const quoted = (cell: string): string => (/[",]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)
    const lines = rows.map((r) =>
        [
            r.name,
            r.grade,
            String(r.pieces),
            format(r.length, 'length', units),
            volumeOf(r.volume, units),
            massOfPieces(r.mass, units),
            r.marks.join(' '),
        ]
            .map(quoted)
            .join(','),
    )
    return ['Timber,Grade,Pieces,Length,Volume,Mass,Members', ...lines].join('\n') + '\n'
}
