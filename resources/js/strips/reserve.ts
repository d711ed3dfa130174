import type { Curve, Result } from '@/contract/result'
import { extremeOf, valueOf } from '@/lib/curve'

export interface ReserveLine {
    id: string
    curve: Curve
}

/**
 * How much of each resistance is used along the member: the envelope divided by the capacity at that place, still as
 * exact pieces. A weighing without a curve along the member (the slenderness of a web) has none, nor has one that is
 * left out.
 */
export function reserveLines(result: Result): ReserveLine[] {
    const { V, M } = result.envelope
    const w = result.envelope.sag ?? result.envelope.w
    const sources: Record<string, [Curve, 1 | -1][]> = {
        bending: [
            [M.max, 1],
            [M.min, -1],
        ],
        sagging: [[M.max, 1]],
        hogging: [[M.min, -1]],
        shear: [
            [V.max, 1],
            [V.min, -1],
        ],
        buckling: [
            [M.max, 1],
            [M.min, -1],
        ],
        'deflection-total': [
            [w.max, 1],
            [w.min, -1],
        ],
    }
    return result.weighings.flatMap((weighing) =>
        weighing.ranges.length === 0 || weighing.state === 'left out'
            ? []
            : (sources[weighing.group || weighing.id] ?? []).map(([curve, sign], _, all) => ({
                  id: weighing.group || weighing.id,
                  curve: weighing.ranges.flatMap(([from, to, capacity, ratio]) => {
                      const part = (of: Curve, way: 1 | -1) =>
                          divided(of, way, from as number, to as number, capacity as number)
                      return ratio === undefined
                          ? part(curve, sign)
                          : scaled(
                                part(curve, sign),
                                ratio,
                                Math.max(...all.map(([c, s]) => extremeOf(part(c, s), 1)?.value ?? 0)),
                            )
                  }),
              })),
    )
}

function divided(curve: Curve, sign: 1 | -1, from: number, to: number, capacity: number): Curve {
    return curve.flatMap((piece) => {
        const a = Math.max(from, piece[0] as number)
        const b = Math.min(to, piece[1] as number)
        if (b <= a) return []
        return [
            [
                a,
                b,
                piece[2] as number,
                ...shifted(piece.slice(3), a - (piece[0] as number)).map((c) => (sign * c) / capacity),
            ],
        ]
    })
}

/**
 * A length that is weighed as a whole: its ratio where the moment of either sign is greatest, and less in proportion.
 */
function scaled(curve: Curve, ratio: number, most: number): Curve {
    return most > 0
        ? curve.map((piece) => [...piece.slice(0, 3), ...piece.slice(3).map((c) => (c * ratio) / most)])
        : curve
}

/** p(t + by) as coefficients in t. */
function shifted(p: number[], by: number): number[] {
    const c = [...p]
    if (by === 0) return c
    for (let i = 0; i < c.length - 1; i++)
        for (let j = c.length - 2; j >= i; j--) c[j] = (c[j] as number) + by * (c[j + 1] as number)
    return c
}

/** The weighing that uses most at x. */
export function heaviestAt(lines: ReserveLine[], x: number): { id: string; ratio: number } | null {
    let best: { id: string; ratio: number } | null = null
    for (const line of lines) {
        for (const piece of line.curve) {
            if (x < (piece[0] as number) || x > (piece[1] as number)) continue
            const ratio = valueOf(piece, x)
            if (!best || ratio > best.ratio) best = { id: line.id, ratio }
        }
    }
    return best
}
