import { describe, expect, it } from 'vitest'
import type { BarRow } from '@/contract/result'
import { fieldOf, more } from '@/materials/concrete/barsInHand'

const row = (face: BarRow['face'], where: string): BarRow => ({ face, where }) as BarRow

describe('bars that are taken hold of', () => {
    it('belong to a field', () => {
        expect(fieldOf(row('bottom', 'bottom, span 2'), 3)).toBe('spans.2')
        expect(fieldOf(row('bottom', 'bottom, span 1'), 1)).toBe('bottom')
        expect(fieldOf(row('top', 'top, support 3'), 3)).toBe('supports.3')
        expect(fieldOf(row('top', 'top, from end to end'), 3)).toBe('top')
        expect(fieldOf(row('bottom', 'bottom, left overhang'), 2)).toBeNull()
        expect(fieldOf(row('link', 'links at 200 mm'), 2)).toBeNull()
    })
    it.each([
        ['4ø16', 1, '5ø16'],
        ['2ø16', -1, '2ø16'],
        ['6ø20 in layers of 4 and 2', 2, '8ø20'],
        ['3 #8', 1, '4 #8'],
        ['ø12/150', 1, 'ø12/125'],
        ['ø12/150', -2, 'ø12/200'],
        ['#5 at 12 in', 1, '#5 at 11 in'],
        ['A393', 1, 'A393'],
    ])('%s and %i more are %s', (bars, steps, then) => expect(more(bars, steps)).toBe(then))
})
