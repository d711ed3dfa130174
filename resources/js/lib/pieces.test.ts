import { expect, it } from 'vitest'
import type { MemberRow, Piece } from '@/lib/jobs'
import { piecesCsv, piecesOf } from '@/lib/pieces'

const piece = (pieces: number, length: number, name = '38×275'): Piece => ({
    name,
    grade: 'C24',
    pieces,
    length,
    volume: 0.1 * pieces,
    mass: 42 * pieces,
})
const member = (mark: string, ...pieces: Piece[]): MemberRow => ({
    id: 1,
    mark,
    title: '',
    section: '',
    revision: 1,
    summary: { state: 'holds', pieces },
})

it('sums pieces that are alike over the members of a job', () => {
    const rows = piecesOf([
        member('J1', piece(17, 4200)),
        member('J7', piece(3, 4200)),
        member('J8', piece(2, 3000)),
        member('B1'),
    ])
    expect(rows.map((r) => [r.length, r.pieces, r.marks.join(' ')])).toEqual([
        [3000, 2, 'J8'],
        [4200, 20, 'J1 J7'],
    ])
    expect(rows[1]?.mass).toBeCloseTo(840)
})

it('writes them as values between commas', () => {
    const csv = piecesCsv(piecesOf([member('J1', piece(2, 4200, '2 / 38×275, planed'))]), 'metric')
    expect(csv.split('\n')[1]).toBe('"2 / 38×275, planed",C24,2,4.200 m,0.200 m³,84 kg,J1')
})
