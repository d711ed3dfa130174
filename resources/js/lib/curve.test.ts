import { describe, expect, it } from 'vitest'
import { areaOf, extremeOf, pathOf, readAt } from './curve'
import { ratioText } from './ratio'
import { format, number, typed } from './units'

const same = (v: number): number => v
// Shear and moment of 10 N/mm on 6 m, cut at 2 m: M = 30 000 x − 5 x².
const moment = [
    [0, 2000, 0, 0, 30000, -5, 0],
    [2000, 6000, 1, 40e6, 10000, -5, 0],
]

describe('exact curves', () => {
    it('reads values and the governing combination at any x', () => {
        expect(readAt(moment, 3000)).toEqual({ value: 45e6, combination: 1 })
        expect(readAt(moment, 1000)).toEqual({ value: 25e6, combination: 0 })
        expect(readAt(moment, 6000)?.value).toBeCloseTo(0, 3)
        expect(readAt([], 1)).toBeNull()
    })
    it('finds the extreme where it is: wL²/8 at midspan', () => {
        const most = extremeOf(moment, 1)
        expect(most?.x).toBeCloseTo(3000, 3)
        expect(most?.value).toBeCloseTo(45e6, 3)
        expect(extremeOf(moment, -1)?.value).toBeCloseTo(0, 3)
    })
    it('draws a parabola as exactly one Bézier curve', () => {
        // A quadratic through (0, 0) with slope 30: control points at a third and two thirds of the tangents.
        expect(pathOf([[0, 3, 0, 0, 30, -5, 0]], same, same)).toBe('M0 0C1 30 2 45 3 45')
    })
    it('draws jumps upright and closes areas to zero', () => {
        expect(
            pathOf(
                [
                    [0, 3, 0, 3],
                    [3, 6, 0, -3],
                ],
                same,
                same,
            ),
        ).toBe('M0 3C1 3 2 3 3 3L3 -3C4 -3 5 -3 6 -3')
        expect(areaOf([[0, 3, 0, 3]], same, same)).toBe('M0 0L0 3C1 3 2 3 3 3L3 0Z')
        expect(areaOf([], same, same)).toBe('')
    })
})

describe('numbers as they are shown', () => {
    it('rounds ratios up, so that 1.00 always holds', () => {
        expect([ratioText(0.998), ratioText(1), ratioText(1.0004), ratioText(0.5), ratioText(null)]).toEqual([
            '1.00',
            '1.00',
            '1.01',
            '0.50',
            '–',
        ])
    })
    it('formats in both unit systems', () => {
        expect(format(123456, 'force', 'metric')).toBe('123.5 kN')
        expect(format(3048, 'length', 'us')).toBe('10.000 ft')
        expect(number(-0.001, 'force', 'metric')).toBe('0.0')
        expect(typed(2500, 'length', 'metric')).toBe('2.5 m')
    })
})
