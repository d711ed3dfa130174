// Made from core/schema/reserve.schema.json by "npm run types"; do not edit.

/**
 * How much more a member bears until its first weighing tips, and what single change makes one hold that does not.
 */
export interface Reserve {
    variable: ReserveFactor
    all: ReserveFactor1
    lengths: ReserveFactor2
    /**
     * each with what it makes of the member alone; empty where it holds
     */
    changes: ReserveChange[]
}
/**
 * on all variable loads
 */
export interface ReserveFactor {
    /**
     * none: no such load acts, or it is continuously restrained; beyond: more than 100; never: it does not hold even without them
     */
    state: 'found' | 'none' | 'beyond' | 'never'
    /**
     * the member holds up to this, at most 0.1 % less
     */
    factor: number | null
}
/**
 * on all loads but self-weight
 */
export interface ReserveFactor1 {
    /**
     * none: no such load acts, or it is continuously restrained; beyond: more than 100; never: it does not hold even without them
     */
    state: 'found' | 'none' | 'beyond' | 'never'
    /**
     * the member holds up to this, at most 0.1 % less
     */
    factor: number | null
}
/**
 * on the lengths between what holds the member sideways, its moments as they are
 */
export interface ReserveFactor2 {
    /**
     * none: no such load acts, or it is continuously restrained; beyond: more than 100; never: it does not hold even without them
     */
    state: 'found' | 'none' | 'beyond' | 'never'
    /**
     * the member holds up to this, at most 0.1 % less
     */
    factor: number | null
}
export interface ReserveChange {
    text: string
    /**
     * JSON merge patch (RFC 7396) on the member document
     */
    patch: {
        [k: string]: unknown
    }
    holds: boolean
    ratio: number | null
    /**
     * the heaviest weighing then
     */
    title: string
}
