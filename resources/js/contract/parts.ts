// Made from core/schema/parts.schema.json by "npm run types"; do not edit.

/**
 * What a value of a diagram is made of. N, mm, MPa; the parts add up to the value.
 */
export interface Parts {
    value: number
    combination: null | {
        id: string
        text: string
        clause: string
    }
    arrangement: string
    rows: PartRow[]
}
export interface PartRow {
    /**
     * id of the load; empty: several, or self-weight
     */
    load: string
    name: string
    case: string
    /**
     * span or place that it acts on
     */
    where: string
    factor: number
    /**
     * unfactored
     */
    each: number
    part: number
}
