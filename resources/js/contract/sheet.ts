// Made from core/schema/sheet.schema.json by "npm run types"; do not edit.

export type SheetBlock =
    | HeadingBlock
    | TextBlock
    | ValuesBlock
    | ListBlock
    | TableBlock
    | FigureBlock
    | DerivationBlock
    | WeighingBlock
    | VerdictBlock

/**
 * A calculation sheet: its parts in order, and the result whose curves and weighings they refer to.
 */
export interface Sheet {
    mark: string
    title: string
    units: 'metric' | 'us'
    full: boolean
    job: SheetJob
    /**
     * as result.schema.json
     */
    result: {
        [k: string]: unknown
    }
    /**
     * as influence.schema.json
     */
    influence?: {
        [k: string]: unknown
    }[]
    /**
     * as collapse.schema.json, where the sheet shows it
     */
    collapse?: {
        [k: string]: unknown
    }
    blocks: SheetBlock[]
}
export interface SheetJob {
    job: string
    number: string
    client: string
    engineer: string
    checker: string
    office: string
    date: string
    revision: string
    [k: string]: string
}
export interface HeadingBlock {
    type: 'heading'
    text: string
}
export interface TextBlock {
    type: 'text'
    text: string
}
export interface ValuesBlock {
    type: 'values'
    /**
     * Items: LaTeX
     */
    items: string[]
}
export interface ListBlock {
    type: 'list'
    title: string
    items: string[]
}
export interface TableBlock {
    type: 'table'
    columns: string[]
    rows: string[][]
}
export interface FigureBlock {
    type: 'figure'
    /**
     * figure: one of the result's figures, by index
     */
    name:
        | 'member'
        | 'N'
        | 'V'
        | 'M'
        | 'w'
        | 'Vy'
        | 'Mz'
        | 'v'
        | 'T'
        | 'section'
        | 'collapse'
        | 'mechanism'
        | 'influence'
        | 'figure'
        | 'bars'
    caption: string
    index?: number
}
export interface DerivationBlock {
    type: 'derivation'
    lines: {
        symbol: string
        formula: string
        values: string
        result: string
        clause: string
        note: string
    }[]
}
export interface WeighingBlock {
    type: 'weighing'
    id: string
}
export interface VerdictBlock {
    type: 'verdict'
    state: 'holds' | 'fails' | 'uncovered' | 'unloaded'
    ratio: number | null
    text: string
}
