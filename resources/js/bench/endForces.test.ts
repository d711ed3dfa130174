import { describe, expect, it } from 'vitest'
import { mount } from '@vue/test-utils'
import { cellsOf, governs, pasteCells, rowsOf, setCell, shown } from '@/bench/endForces'
import EndForcesGrid from '@/bench/EndForcesGrid.vue'
import EndForcesPart from '@/bench/EndForcesPart.vue'
import { BEAM, answerTo, documentOf, editorOf } from '@/testing/core'
import type { MemberDocument } from '@/contract/member'

const COLUMN: MemberDocument = {
    ...BEAM,
    length: '5 m',
    slope: { by: 'upright' },
    supports: [
        { x: '0 m', kind: 'pinned', bearing: '150 mm' },
        { x: '5 m', kind: 'roller', bearing: '150 mm' },
    ],
    section: 'HEB 200',
    loads: [],
    endForces: [
        { name: 'Snow', N: '420 kN' },
        { name: 'Wind', N: '90 kN', My2: '60 kNm', Mz1: '2 kNm' },
    ],
}

describe('rows from outside', () => {
    it('reads a spreadsheet, a file with semicolons and one with commas', () => {
        expect(cellsOf('a\t1,5\t-2\r\nb\t3\t4\r\n')).toEqual([
            ['a', '1.5', '-2'],
            ['b', '3', '4'],
        ])
        expect(cellsOf('a;1,5;−2')).toEqual([['a', '1.5', '-2']])
        expect(cellsOf('"a, b",1.5,2')).toEqual([['a, b', '1.5', '2']])
    })

    it('passes over a heading, and takes a first column of words for the name', () => {
        expect(rowsOf('Combination;N;My1;My2\nSnow;420;0;-30', 'metric')).toEqual([
            { name: 'Snow', N: '420 kN', My1: '0 kNm', My2: '-30 kNm' },
        ])
        expect(rowsOf('12,3,4', 'metric')).toEqual([{ N: '12 kN', My1: '3 kNm', My2: '4 kNm' }])
        // With six columns the first one is the name, a number as well.
        expect(rowsOf('101,12,3,4,5,6', 'us')).toEqual([
            { name: '101', N: '12 kip', My1: '3 kip·ft', My2: '4 kip·ft', Mz1: '5 kip·ft', Mz2: '6 kip·ft' },
        ])
        expect(rowsOf('\n\n', 'metric')).toEqual([])
    })

    it('fills cells from one on, and adds rows that are missing', () => {
        const d = structuredClone(COLUMN)
        pasteCells(d, 1, 'My1', '5\t6\n7\t8 kNm', 'metric')
        expect(d.endForces?.[1]).toEqual({ name: 'Wind', N: '90 kN', My1: '5 kNm', My2: '6 kNm', Mz1: '2 kNm' })
        expect(d.endForces?.[2]).toEqual({ My1: '7 kNm', My2: '8 kNm' })
    })

    it('shows numbers in the unit of the column without it, anything else as it was typed', () => {
        expect([
            shown('420 kN', 'N', 'metric'),
            shown('420 kN', 'N', 'us'),
            shown('2*210 kN', 'N', 'metric'),
            shown(undefined, 'N', 'metric'),
            shown('5 kN', 'name', 'metric'),
        ]).toEqual(['420', '420 kN', '2*210', '', '5 kN'])
        const rows = [{}]
        setCell(rows, 0, 'N', ' 12 ', 'metric')
        setCell(rows, 4, 'N', '12', 'metric')
        expect(rows).toEqual([{ N: '12 kN' }])
    })
})

describe('what a row governs', () => {
    const { result } = answerTo(COLUMN)

    it('is told beside it and in the definition', () => {
        expect(governs(result)[0]).toContain('Axial force')
        expect(governs(result)[1]).toContain('Bending')
        expect(governs(null)).toEqual({})
        const editor = editorOf(COLUMN, result)
        expect(mount(EndForcesPart, { props: { editor } }).text()).toMatch(/Wind: .*Bending/)
        const grid = mount(EndForcesGrid, { props: { editor } })
        expect(grid.findAll('tbody tr')[0]?.text()).toContain('Axial force')
    })

    it('is typed, removed and added to in the table', async () => {
        const editor = editorOf(COLUMN, result)
        const grid = mount(EndForcesGrid, { props: { editor }, attachTo: document.body })
        await grid.get('[aria-label="N of row 1"]').setValue('300')
        expect(documentOf(editor).endForces?.[0]?.N).toBe('300 kN')
        await grid.get('[aria-label="N of row 2"]').trigger('keydown', { key: 'Enter' })
        expect(documentOf(editor).endForces).toHaveLength(3)
        await grid.get('[aria-label="Remove row 1"]').trigger('click')
        expect(documentOf(editor).endForces?.[0]?.name).toBe('Wind')
        await grid.trigger('keydown', { key: 'Escape' })
    })

    it('comes from a file, which is refused when it has too many rows', async () => {
        const editor = editorOf({ ...COLUMN, endForces: [] }, result)
        const part = mount(EndForcesPart, { props: { editor } })
        const input = part.get('input[type="file"]')
        const give = async (text: string): Promise<void> => {
            Object.defineProperty(input.element, 'files', {
                value: [{ name: 'frame.csv', text: () => Promise.resolve(text) }],
                configurable: true,
            })
            await input.trigger('change')
            await new Promise((done) => setTimeout(done, 20))
        }
        await give('name,N,My1\nA,10,1\nB,20,2\n')
        expect(documentOf(editor).endForces).toEqual([
            { name: 'A', N: '10 kN', My1: '1 kNm' },
            { name: 'B', N: '20 kN', My1: '2 kNm' },
        ])
        expect(part.text()).toContain('2 rows read from frame.csv.')
        await give('1,2\n'.repeat(499))
        expect(part.text()).toContain('there is room for 498 more')
        expect(documentOf(editor).endForces).toHaveLength(2)
    })
})
