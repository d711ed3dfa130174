import type { Curve } from '@/contract/result'

/** Reading and drawing the exact curves of a result: pieces [x0, x1, combination, c0, c1, …]. */
export function valueOf(piece: number[], x: number): number {
    const t = x - (piece[0] as number)
    let v = 0
    for (let i = piece.length - 1; i >= 3; i--) v = v * t + (piece[i] as number)
    return v
}

/** The piece that holds x; at a jump the one on the right, at the right end the last. */
export function pieceAt(curve: Curve, x: number): number[] | undefined {
    for (let i = curve.length - 1; i >= 0; i--) {
        const piece = curve[i] as number[]
        if (x >= (piece[0] as number)) return piece
    }
    return curve[0]
}

export function readAt(curve: Curve, x: number): { value: number; combination: number } | null {
    const piece = pieceAt(curve, x)
    return piece ? { value: valueOf(piece, x), combination: piece[2] as number } : null
}

/**
 * An SVG path of the curve. Up to cubic a piece is exactly one Bézier curve; the quintics of deflection are cut into
 * eight pieces that keep value and slope at both ends, which no screen or printer can tell from the curve.
 */
export function pathOf(curve: Curve, sx: (x: number) => number, sy: (v: number) => number): string {
    let d = ''
    let last: [number, number] | null = null
    for (const piece of curve) {
        const parts = piece.length > 7 ? 8 : 1
        const x0 = piece[0] as number
        const x1 = piece[1] as number
        for (let i = 0; i < parts; i++) {
            const a = x0 + ((x1 - x0) * i) / parts
            const b = x0 + ((x1 - x0) * (i + 1)) / parts
            const third = (b - a) / 3
            const va = valueOf(piece, a)
            const vb = valueOf(piece, b)
            const start: [number, number] = [sx(a), sy(va)]
            if (!last) d += `M${point(start)}`
            else if (Math.abs(last[1] - start[1]) > 1e-6 || Math.abs(last[0] - start[0]) > 1e-6) d += `L${point(start)}`
            const c1: [number, number] = [sx(a + third), sy(va + slopeOf(piece, a) * third)]
            const c2: [number, number] = [sx(b - third), sy(vb - slopeOf(piece, b) * third)]
            last = [sx(b), sy(vb)]
            d += `C${point(c1)} ${point(c2)} ${point(last)}`
        }
    }
    return d
}

/** The path closed to the line of zero, for a filled diagram. */
export function areaOf(curve: Curve, sx: (x: number) => number, sy: (v: number) => number): string {
    const first = curve[0]
    const end = curve.at(-1)
    if (!first || !end) return ''
    const zero = sy(0)
    return `M${point([sx(first[0] as number), zero])}L${pathOf(curve, sx, sy).slice(1)}L${point([sx(end[1] as number), zero])}Z`
}

export interface Extreme {
    x: number
    value: number
}

/** The greatest (sign 1) or smallest (−1) value of a curve, by its stationary points. */
export function extremeOf(curve: Curve, sign: 1 | -1): Extreme | null {
    let best: Extreme | null = null
    for (const piece of curve) {
        for (const x of candidates(piece)) {
            const value = valueOf(piece, x)
            if (!best || sign * value > sign * best.value + 1e-9 * Math.abs(best.value)) best = { x, value }
        }
    }
    return best
}

function candidates(piece: number[]): number[] {
    const x0 = piece[0] as number
    const x1 = piece[1] as number
    const xs = [x0, x1]
    // Where the slope changes sign between samples, bisection finds the place; it may also be zero just at a sample.
    const n = 8
    for (let i = 0; i < n; i++) {
        let a = x0 + ((x1 - x0) * i) / n
        let b = x0 + ((x1 - x0) * (i + 1)) / n
        xs.push(b)
        const sa = slopeOf(piece, a)
        if (sa * slopeOf(piece, b) >= 0) continue
        for (let k = 0; k < 40; k++) {
            const m = (a + b) / 2
            if (sa * slopeOf(piece, m) > 0) a = m
            else b = m
        }
        xs.push((a + b) / 2)
    }
    return xs
}

function slopeOf(piece: number[], x: number): number {
    const t = x - (piece[0] as number)
    let v = 0
    for (let i = piece.length - 1; i >= 4; i--) v = v * t + (i - 3) * (piece[i] as number)
    return v
}

function point(p: [number, number]): string {
    return `${Number(p[0].toFixed(2))} ${Number(p[1].toFixed(2))}`
}
