import type { EndForcesDocument, MemberDocument } from '@/contract/member'
import type { Result } from '@/contract/result'
import { withUnit } from '@/lib/quantity'
import { unitOf, type Kind, type UnitSystem } from '@/lib/units'

/** Rows of forces at the ends of a member, filled by keyboard, from a spreadsheet or from a file. */
export const COLUMNS = ['name', 'N', 'My1', 'My2', 'Mz1', 'Mz2'] as const
export type Column = (typeof COLUMNS)[number]

export const HEADS: Record<Column, string> = {
    name: 'Combination',
    N: 'N',
    My1: 'My start',
    My2: 'My end',
    Mz1: 'Mz start',
    Mz2: 'Mz end',
}

export const MOST = 500

export const kindOf = (column: Column): Kind => (column === 'N' ? 'force' : 'moment')

/** What a cell shows: a number in the unit of its column without it, anything else as it was typed. */
export function shown(text: string | undefined, column: Column, units: UnitSystem): string {
    const unit = ` ${unitOf(kindOf(column), units)}`
    return column !== 'name' &&
        text?.endsWith(unit) &&
        withUnit(text.slice(0, -unit.length), kindOf(column), units) === text
        ? text.slice(0, -unit.length)
        : (text ?? '')
}

/** Puts a text into a cell; a plain number gets the unit of the system. */
export function setCell(rows: EndForcesDocument[], row: number, column: Column, text: string, units: UnitSystem): void {
    const forces = rows[row]
    if (!forces) return
    forces[column] = column === 'name' ? text : withUnit(text.trim(), kindOf(column), units)
}

/**
 * Cells of a text: of a spreadsheet (tabs), or of a file with semicolons or commas. Where semicolons or tabs part the
 * cells a comma in a number is a decimal one. Quotes around a cell go.
 */
export function cellsOf(text: string): string[][] {
    const lines = text
        .replace(/^\uFEFF/, '')
        .replace(/\r/g, '')
        .split('\n')
        .filter((l) => l.trim() !== '')
    const separator = lines.some((l) => l.includes('\t')) ? '\t' : lines.some((l) => l.includes(';')) ? ';' : ','
    return lines.map((line) =>
        split(line, separator).map((cell) =>
            (separator !== ',' && /^[-+−]?\d+,\d+/.test(cell) ? cell.replace(',', '.') : cell).replace(/^−/, '-'),
        ),
    )
}

function split(line: string, separator: string): string[] {
    const cells: string[] = []
    let cell = ''
    let quoted = false
    for (const c of line) {
        if (c === '"') quoted = !quoted
        else if (c === separator && !quoted) {
            cells.push(cell.trim())
            cell = ''
        } else cell += c
    }
    return [...cells, cell.trim()]
}

const isNumber = (cell: string): boolean => /^[-+]?[\d.]/.test(cell)

/**
 * Rows of a file or of a pasted table without a place: a first line without numbers is a heading, and a first column of
 * words is the name of the combination.
 */
export function rowsOf(text: string, units: UnitSystem): EndForcesDocument[] {
    const lines = cellsOf(text)
    const first = lines[0] ?? []
    const body = first.length > 0 && !first.some(isNumber) ? lines.slice(1) : lines
    const isNamed = body.some((cells) => cells.length > COLUMNS.length - 1 || !isNumber(cells[0] ?? '0'))
    const columns = isNamed ? COLUMNS : COLUMNS.slice(1)
    return body.map((cells) => {
        const row: EndForcesDocument = {}
        cells.forEach((cell, i) => {
            const column = columns[i]
            if (column && cell !== '') setCell([row], 0, column, cell, units)
        })
        return row
    })
}

/** Fills cells from the rows and columns of a spreadsheet, from a cell on; rows that are missing are added. */
export function pasteCells(d: MemberDocument, row: number, column: Column, text: string, units: UnitSystem): void {
    const first = COLUMNS.indexOf(column)
    const rows = (d.endForces ??= [])
    cellsOf(text).forEach((cells, i) => {
        if (row + i >= rows.length) rows.push({})
        cells.forEach((cell, j) => {
            const at = COLUMNS[first + j]
            if (at) setCell(rows, row + i, at, cell, units)
        })
    })
}

/** What each row governs, by its number from 0. */
export function governs(result: Result | null): Record<number, string[]> {
    const titles: Record<number, string[]> = {}
    for (const w of result?.weighings ?? []) {
        const row = /^ROW (\d+)$/.exec(w.combination)
        if (row && w.ratio !== null) (titles[Number(row[1]) - 1] ??= []).push(w.title)
    }
    return titles
}
