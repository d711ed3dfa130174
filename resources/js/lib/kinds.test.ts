import { describe, expect, it } from 'vitest'
import { MATERIALS } from '@/materials'
import { answerTo } from '@/testing/core'
import { KINDS, type KindId, startOf } from './kinds'

describe('a new member', () => {
    const all = Object.values(MATERIALS).flatMap((m) => Object.keys(m.kinds).map((k) => [m.label, k as KindId, m] as const))
    it.each(all)('of %s, a %s, can be weighed as it starts, in both systems of units', (_, kind, material) => {
        for (const units of ['metric', 'us'] as const) {
            const document = { ...startOf(kind, units, 3), ...structuredClone(material.kinds[kind]) }
            expect(document.mark).toBe(`${KINDS[kind].mark}3`)
            const { result } = answerTo(document)
            expect(result.verdict.state).toBe('holds')
        }
    })
})
