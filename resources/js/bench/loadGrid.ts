import { changeKind, addLoad } from '@/bench/loads'
import type { LoadDocument, MemberDocument } from '@/contract/member'
import { isAtOnePlace, isDisplacement, isMoving, VALUE } from '@/lib/member'
import { withUnit } from '@/lib/quantity'
import type { Kind, UnitSystem } from '@/lib/units'

/** Loads as rows of a table that is filled by keyboard or from a spreadsheet. */
export const COLUMNS = ['name', 'case', 'kind', 'value', 'second', 'from', 'to'] as const
export type Column = (typeof COLUMNS)[number]

export const HEADS: Record<Column, string> = {
    name: 'Name',
    case: 'Load case',
    kind: 'Kind',
    value: 'Value',
    second: 'Width, or end',
    from: 'From, or at x',
    to: 'To x',
}

export const SHORT: Record<LoadDocument['kind'], string> = {
    line: 'line',
    area: 'area',
    slab: 'slab',
    point: 'point',
    moment: 'moment',
    settlement: 'settlement',
    rotation: 'rotation',
    temperature: 'difference of temperature',
    warming: 'change of temperature',
    train: 'train',
    concentrated: 'concentrated',
    lengths: 'any lengths',
}

type Cell = { key: 'value' | 'end' | 'width' | 'x' | 'from' | 'to'; kind: Kind; optional: boolean }

/** The field behind a cell; null where the load has none there. */
export function cellOf(load: LoadDocument, column: Column): Cell | null {
    if (column === 'value')
        return load.kind === 'train' || load.buildUp ? null : { key: 'value', kind: VALUE[load.kind], optional: false }
    if (column === 'second') {
        if (load.kind === 'line') return { key: 'end', kind: 'lineLoad', optional: true }
        return (load.kind === 'area' && !load.widths) || load.kind === 'slab'
            ? { key: 'width', kind: 'length', optional: false }
            : null
    }
    if (load.widths) return null
    if (isAtOnePlace(load.kind))
        return column === 'from' && !isDisplacement(load.kind) ? { key: 'x', kind: 'length', optional: false } : null
    return column === 'from' || column === 'to' ? { key: column, kind: 'length', optional: true } : null
}

/** Puts a text into a cell: a load case by its name, a kind by its word. What does not fit is left as it is. */
export function setCell(d: MemberDocument, row: number, column: Column, text: string, units: UnitSystem): void {
    const load = d.loads[row]
    if (!load) return
    const word = text.trim().toLowerCase()
    if (column === 'name') load.name = text
    else if (column === 'case') {
        const found = d.cases.find((c) => c.id === text || c.name.toLowerCase() === word)
        if (found) load.case = found.id
    } else if (column === 'kind') {
        const kind = (Object.keys(SHORT) as LoadDocument['kind'][]).find((k) => k === word || SHORT[k] === word)
        if (kind && kind !== load.kind) changeKind(d, row, kind, units)
    } else {
        const cell = cellOf(load, column)
        if (cell) load[cell.key] = withUnit(text, cell.kind, units)
    }
}

/** A new row below the last, of the same kind and load case: what is typed next is most often alike. */
export function addRow(d: MemberDocument, units: UnitSystem): string {
    // A load case has one load that moves, and few supports move.
    const last = d.loads.findLast((l) => !isMoving(l.kind) && !isDisplacement(l.kind))
    const id = addLoad(d, last?.kind ?? 'line', units)
    const load = d.loads.at(-1)
    if (load && last) load.case = last.case
    return id
}

/** Fills cells from the rows and columns of a spreadsheet, from a cell on; rows that are missing are added. */
export function pasteCells(d: MemberDocument, row: number, column: Column, text: string, units: UnitSystem): void {
    const first = COLUMNS.indexOf(column)
    const rows = text.replace(/\r/g, '').replace(/\n$/, '').split('\n')
    rows.forEach((line, i) => {
        if (row + i >= d.loads.length) addRow(d, units)
        const cells = line.split('\t')
        // The kind decides which fields there are.
        const order = cells
            .map((_, j) => j)
            .sort((a, b) => Number(COLUMNS[first + b] === 'kind') - Number(COLUMNS[first + a] === 'kind'))
        for (const j of order) {
            const at = COLUMNS[first + j]
            if (at) setCell(d, row + i, at, cells[j] ?? '', units)
        }
    })
}
