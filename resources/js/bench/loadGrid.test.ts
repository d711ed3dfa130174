import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { addRow, cellOf, pasteCells, setCell } from '@/bench/loadGrid'
import { isTable } from '@/bench/tableKeys'
import LoadGrid from '@/bench/LoadGrid.vue'
import { BEAM, documentOf, editorOf } from '@/testing/core'

const member = () => structuredClone(BEAM)

describe('cells of the table of loads', () => {
    it('stand for the fields that the kind of load has', () => {
        const [line, area, point] = member().loads
        expect(cellOf(line!, 'second')).toMatchObject({ key: 'end', optional: true })
        expect(cellOf(area!, 'second')).toMatchObject({ key: 'width', optional: false })
        expect(cellOf(point!, 'from')).toMatchObject({ key: 'x' })
        expect(cellOf(point!, 'to')).toBeNull()
        expect(cellOf({ ...area!, buildUp: 'Roof' }, 'value')).toBeNull()
        expect(cellOf({ ...area!, widths: [] }, 'from')).toBeNull()
    })
    it('take a load case by its name, a kind by its word and plain numbers with the unit of the job', () => {
        const d = member()
        setCell(d, 0, 'case', 'floor', 'metric')
        setCell(d, 0, 'kind', 'Area', 'metric')
        setCell(d, 0, 'value', '2.5', 'metric')
        setCell(d, 0, 'second', '3 ft', 'metric')
        expect(d.loads[0]).toMatchObject({ case: 'q', kind: 'area', value: '2.5 kN/m²', width: '3 ft' })
        setCell(d, 0, 'case', 'no such case', 'metric')
        setCell(d, 0, 'kind', 'nonsense', 'metric')
        expect(d.loads[0]).toMatchObject({ case: 'q', kind: 'area' })
    })
})

describe('rows of a spreadsheet', () => {
    it('fill cells from one on and make new rows', () => {
        const d = member()
        pasteCells(d, 2, 'name', 'Tank\tPermanent\tpoint\t12\t\t3\r\nSand\tPermanent\tline\t2\t4\t1\t2\r\n', 'metric')
        expect(d.loads).toHaveLength(4)
        expect(d.loads[2]).toMatchObject({ name: 'Tank', case: 'g', kind: 'point', value: '12 kN', x: '3 m' })
        expect(d.loads[3]).toMatchObject({
            name: 'Sand',
            case: 'g',
            kind: 'line',
            value: '2 kN/m',
            end: '4 kN/m',
            from: '1 m',
            to: '2 m',
        })
    })
    it('are told from one cell', () => {
        expect(isTable('4 kN/m\n')).toBe(false)
        expect(isTable('4\t5')).toBe(true)
        expect(isTable('4\n5')).toBe(true)
    })
})

it('begins a row like the last one, but no second load that moves', () => {
    const d = member()
    addRow(d, 'metric')
    expect(d.loads.at(-1)).toMatchObject({ kind: 'point', case: 'w' })
    d.loads.push({ id: 'c', case: 'q', kind: 'concentrated', value: '2 kN' })
    addRow(d, 'metric')
    expect(d.loads.at(-1)?.kind).toBe('point')
})

describe('the table', () => {
    const mounted = async () => {
        const editor = await editorOf(member())
        return {
            editor,
            grid: mount(LoadGrid, { props: { editor, selected: '' }, attachTo: globalThis.document.body }),
        }
    }
    it('moves down with Enter and begins a new row after the last', async () => {
        const { editor, grid } = await mounted()
        const value = (row: number) => grid.find(`[data-row="${row}"][data-column="value"] input`)
        ;(value(1).element as HTMLInputElement).focus()
        await value(1).trigger('keydown', { key: 'Enter' })
        await nextTick()
        expect(globalThis.document.activeElement).toBe(value(2).element)
        await value(2).trigger('keydown', { key: 'Enter' })
        await nextTick()
        await nextTick()
        expect(documentOf(editor).loads).toHaveLength(4)
        expect(globalThis.document.activeElement).toBe(value(3).element)
        await value(3).trigger('keydown', { key: 'ArrowUp' })
        await nextTick()
        expect(globalThis.document.activeElement).toBe(value(2).element)
    })
    it('writes what is typed into the document and removes rows', async () => {
        const { editor, grid } = await mounted()
        await grid.find('[data-row="0"][data-column="value"] input').setValue('7')
        await grid.find('[data-row="0"][data-column="name"] input').setValue('Brick wall')
        expect(documentOf(editor).loads[0]).toMatchObject({ value: '7 kN/m', name: 'Brick wall' })
        await grid.find('button[aria-label="Remove load 1"]').trigger('click')
        expect(documentOf(editor).loads.map((l) => l.id)).toEqual(['l2', 'l3'])
    })
})
