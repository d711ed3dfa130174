import { describe, expect, it } from 'vitest'
import type { LoadDocument, MemberDocument } from '@/contract/member'
import { answerTo, BEAM } from '@/testing/core'
import { addLoad, changeKind, copyLoads, duplicate, pasteLoads, varyWidth } from './loads'

const draft = (change: Partial<MemberDocument> = {}): MemberDocument => structuredClone({ ...BEAM, ...change })
const reactionOf = (d: MemberDocument, id: string): number =>
    answerTo(d).result.reactions.cases.find((c) => c.id === id)?.reaction ?? NaN

describe.each(['metric', 'us'] as const)('in %s units', (units) => {
    it.each([
        'line',
        'area',
        'slab',
        'point',
        'moment',
        'settlement',
        'temperature',
        'train',
        'concentrated',
        'lengths',
        'warming',
    ] as LoadDocument['kind'][])('adds a %s that the core takes as it is', (kind) => {
        const d = draft()
        const id = addLoad(d, kind, units)
        expect(d.loads.at(-1)?.id).toBe(id)
        expect(answerTo(d).result.member.loads.at(-1)?.kind).toBe(kind)
    })
})

it('lets a load become any other kind and back, without losing what it has', () => {
    const d = draft()
    for (const kind of ['point', 'slab', 'line', 'settlement', 'area', 'line'] as const) {
        changeKind(d, 0, kind, 'metric')
        // The value is of another dimension on the way; everything else is in its place.
        d.loads[0]!.value = { point: '3 kN', slab: '2 kN/m²', line: '4 kN/m', settlement: '5 mm', area: '2 kN/m²' }[
            kind
        ]
        expect(answerTo(d).result.member.loads[0]?.kind).toBe(kind)
    }
    expect(d.loads[0]).toMatchObject({ name: 'Wall', case: 'g' })
})

it('duplicates into another load case times a factor that stays to be seen', () => {
    const d = draft()
    const id = duplicate(d, 1, 'g', '0.25')
    expect(d.loads[2]).toMatchObject({ id, case: 'g', value: '0.25 * (3 kN/m²)', name: 'Floor' })
    expect(reactionOf(d, 'g')).toBeCloseTo(4 * 11000 + 0.25 * 9 * 11000, 3)
    duplicate(d, 0)
    expect(d.loads[1]).toMatchObject({ value: '4 kN/m', case: 'g' })
    expect(new Set(d.loads.map((l) => l.id)).size).toBe(d.loads.length)
})

it('lets a width vary without changing the load, and makes it one again', () => {
    const d = draft()
    varyWidth(d, 1, true)
    expect(d.loads[1]?.widths).toEqual([
        { x: '0 m', width: '3 m' },
        { x: '11 m', width: '3 m' },
    ])
    expect(reactionOf(d, 'q')).toBeCloseTo(reactionOf(draft(), 'q'), 6)
    d.loads[1]!.widths![1]!.width = '1 m'
    expect(reactionOf(d, 'q')).toBeCloseTo(3 * 2 * 11000, 3)
    varyWidth(d, 1, false)
    expect(d.loads[1]).toMatchObject({ width: '3 m' })
    expect(d.loads[1]).not.toHaveProperty('widths')
})

describe('loads carried to another member', () => {
    const other = draft({
        loads: [],
        cases: [
            { id: 'x', name: 'Floor', category: 'B' },
            { id: 'g', name: 'Roof', category: 'H' },
        ],
    })
    const d = structuredClone(other)
    const ids = pasteLoads(d, copyLoads(draft(), ['l1', 'l2']))

    it('go into the load case of the same name and category, or bring theirs along', () => {
        expect(ids.length).toBe(2)
        expect(d.loads.map((l) => [l.name, d.cases.find((c) => c.id === l.case)?.name])).toEqual([
            ['Wall', 'Permanent'],
            ['Floor', 'Floor'],
        ])
        expect(d.cases.map((c) => c.name)).toEqual(['Floor', 'Roof', 'Permanent'])
        expect(new Set(d.cases.map((c) => c.id)).size).toBe(3)
    })
    it('can be pasted again', () => {
        pasteLoads(d, copyLoads(draft(), ['l1', 'l2']))
        expect(d.loads.length).toBe(4)
        expect(d.cases.length).toBe(3)
        expect(answerTo(d).result.member.loads.length).toBe(4)
    })
})
