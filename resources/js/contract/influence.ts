// Made from core/schema/influence.schema.json by "npm run types"; do not edit.

/**
 * An influence line and what loads make with it. N, mm; ordinates in mm for a moment, without a unit for a shear force or a reaction.
 */
export interface Influence {
    effect: 'M' | 'V' | 'R'
    /**
     * of a shear force: just to the left of x
     */
    left: boolean
    x: number
    support: number
    /**
     * uniform load
     */
    load: number
    curve: number[][]
    max: InfluenceWorst
    min: InfluenceWorst
    /**
     * with the load on the whole beam
     */
    all: number
}
export interface InfluenceWorst {
    /**
     * with the load on the worst lengths
     */
    value: number
    parts: [number, number][]
    /**
     * with the load on whole spans only
     */
    spans: number
    on: string[]
    train: null | InfluenceTrain
}
export interface InfluenceTrain {
    value: number
    /**
     * place and force of each axle that stands on the beam
     */
    axles: [number, number][]
}
