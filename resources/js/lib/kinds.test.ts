import { describe, expect, it } from 'vitest'
import { MATERIALS } from '@/materials'
import { answerTo } from '@/testing/core'
import { KINDS, type KindId, startOf } from './kinds'

describe('a new member', () => {
    const all = Object.values(MATERIALS).flatMap((m) =>
        Object.keys(m.kinds).map((k) => [m.label, k as KindId, m] as const),
    )
    it.each(all)('of %s, a %s, can be weighed as it starts, in both systems of units', (_, kind, material) => {
        for (const units of ['metric', 'us'] as const) {
            const document = { ...startOf(kind, units, 3), ...structuredClone(material.kinds[kind]) }
            expect(document.mark).toBe(`${KINDS[kind].mark}3`)
            const { result } = answerTo(document)
            expect(result.verdict.state).toBe('holds')
        }
    })

    it.each(Object.entries(MATERIALS.coldFormed.byRules?.american ?? {}))(
        'of cold-formed steel, a %s, can be weighed by American rules',
        (kind, start) => {
            const document = {
                ...startOf(kind as KindId, 'us', 3),
                ...structuredClone(start),
                basis: { combinations: 'asce-7-22-lrfd' as const },
            }
            expect(answerTo(document).result.verdict.state).toBe('holds')
        },
    )
})
