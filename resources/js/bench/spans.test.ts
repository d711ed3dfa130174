import { describe, expect, it } from 'vitest'
import type { MemberDocument } from '@/contract/member'
import { newMember } from '@/lib/member'
import { spansOf, stretch, type Span } from './spans'

describe('a span that is given another length', () => {
    const member = (): MemberDocument => ({
        ...newMember('B1', 'metric'),
        length: '12 m',
        supports: ['0 m', '6 m', '12 m'].map((x) => ({ x, kind: 'pinned' as const, bearing: '150 mm' })),
        loads: [
            { id: 'a', case: 'g', kind: 'line', value: '1 kN/m', from: '3 m', to: '9 m' },
            { id: 'b', case: 'g', kind: 'point', value: '1 kN', x: '5.5 m' },
            { id: 'c', case: 'g', kind: 'line', value: '1 kN/m' },
        ],
        restraint: { top: { kind: 'positions', positions: ['2 m', '6 m', '8 m'] } },
    })
    const after = (index: number, length: number) => {
        const m = member()
        stretch(m, spansOf(m)[index] as Span, length, 'metric')
        return [
            m.length,
            m.supports.map((s) => s.x),
            m.loads.map((l) => l.x ?? [l.from, l.to]),
            m.restraint?.top?.positions,
        ]
    }

    it('moves what lies at its end and beyond', () => {
        expect(after(0, 6500)).toEqual([
            '12.5 m',
            ['0 m', '6.5 m', '12.5 m'],
            [['3 m', '9.5 m'], '5.5 m', [undefined, undefined]],
            ['2 m', '6.5 m', '8.5 m'],
        ])
    })
    it('keeps what lies within as long as it fits', () => {
        expect(after(0, 4000)).toEqual([
            '10 m',
            ['0 m', '4 m', '10 m'],
            [['3 m', '7 m'], '4 m', [undefined, undefined]],
            ['2 m', '4 m', '6 m'],
        ])
        expect(after(1, 2000)).toEqual([
            '8 m',
            ['0 m', '6 m', '8 m'],
            [['3 m', '8 m'], '5.5 m', [undefined, undefined]],
            ['2 m', '6 m', '8 m'],
        ])
    })
})

it('names spans and overhangs of the document as it stands', () => {
    const member = newMember('B1', 'metric')
    member.length = '10 m'
    member.supports = ['9 m', '1 m', '5 m'].map((x) => ({ x, kind: 'pinned' as const, bearing: '150 mm' }))
    expect(spansOf(member)).toEqual([
        { from: 0, to: 1000, name: 'Left overhang' },
        { from: 1000, to: 5000, name: 'Span 1' },
        { from: 5000, to: 9000, name: 'Span 2' },
        { from: 9000, to: 10000, name: 'Right overhang' },
    ])
    member.length = '1/0'
    expect(spansOf(member)).toEqual([])
})
