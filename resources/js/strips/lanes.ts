import type { LoadResult } from '@/contract/result'

export interface Placed {
    load: LoadResult
    lane: number
}

/**
 * Puts loads into as few lanes above the member as they need, so that none covers another. `width` in mm is what a
 * point load needs.
 */
export function intoLanes(loads: LoadResult[], width: number): { placed: Placed[]; lanes: number } {
    const ends: number[] = []
    const placed = loads.map((load) => {
        const point = load.from === load.to
        const from = point ? load.from - width / 2 : load.from
        const to = point ? load.from + width / 2 : load.to
        let lane = ends.findIndex((end) => end <= from + 1e-6)
        if (lane < 0) lane = ends.push(0) - 1
        ends[lane] = to
        return { load, lane }
    })
    return { placed, lanes: Math.max(1, ends.length) }
}
