import { describe, expect, it } from 'vitest'
import cases from '@core/tests/data/quantities.json'
import { isBare, parseQuantity, readQuantity } from './quantity'
import type { Kind, UnitSystem } from './units'

// The same cases as the server's reader.
describe('parseQuantity', () => {
    it.each(cases.good as [string, Kind, number][])('reads %s as %s', (text, kind, value) => {
        expect(parseQuantity(text, kind)).toBeCloseTo(value, 9 - Math.ceil(Math.log10(Math.max(1, Math.abs(value)))))
    })
    it.each(cases.bare as [string, Kind, UnitSystem, number][])(
        'gives %s (%s) the unit of the field in %s',
        (text, kind, system, value) => {
            expect(parseQuantity(text, kind, system)).toBeCloseTo(value, 8)
        },
    )
    it.each(cases.bad as [string, Kind, string][])('says what is wrong with "%s"', (text, kind, message) => {
        expect(() => parseQuantity(text, kind)).toThrow(message)
    })
    it('refuses a text that is far too long', () => {
        expect(() => parseQuantity('9'.repeat(10_000), 'length')).toThrow('too long')
    })
})

it('tells arithmetic without a unit', () => {
    expect([isBare('2.2*8.1'), isBare('3 m'), isBare('?')]).toEqual([true, false, false])
    expect(readQuantity('x', 'length')).toBeNull()
})
