// Made from core/schema/collapse.schema.json by "npm run types"; do not edit.

/**
 * Plastic collapse under the loads of a strength combination. N, mm.
 */
export interface Collapse {
    /**
     * why there is no factor; empty when there is one
     */
    reason: string
    combination: string
    arrangement: string
    /**
     * by how much the loads can grow
     */
    factor: number | null
    plasticMoment: number
    /**
     * in the order in which they form
     */
    hinges: CollapseHinge[]
    /**
     * as a curve of the result
     */
    moment: number[][]
    /**
     * deflection of the mechanism
     */
    shape: number[][]
    internal: number
    external: number
    lines: CollapseLine[]
    notes: string[]
}
export interface CollapseHinge {
    /**
     * at collapse
     */
    x: number
    sagging: boolean
    /**
     * of the loads, when it forms
     */
    factor: number
    /**
     * where it forms; under a distributed load it moves
     */
    formedAt: number
    /**
     * does it take part in the mechanism
     */
    turns: boolean
    /**
     * of the mechanism, when the last hinge turns by 1
     */
    rotation: number
    moment: number
    /**
     * is the compressed flange restrained there
     */
    held: boolean
}
export interface CollapseLine {
    symbol: string
    formula: string
    values: string
    result: string
    clause: string
    note: string
}
