import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { LoadResult, MemberResult, Result } from '@/contract/result'
import { BEAM, answerTo } from '@/testing/core'
import BucklingShape from './BucklingShape.vue'
import { intoLanes } from './lanes'
import MemberStrip from './MemberStrip.vue'
import { heaviestAt, reserveLines } from './reserve'

const load = (id: string, from: number, to: number): LoadResult => ({
    id,
    name: id,
    case: 'g',
    kind: from === to ? 'point' : 'line',
    from,
    to,
    on: true,
    axles: [],
    direction: 'vertical',
    eccentricity: 0,
    across: 0,
    reduction: null,
    profile:
        from === to
            ? [[from, 5]]
            : [
                  [from, 5],
                  [to, 5],
              ],
})

it('puts loads that would overlap into lanes of their own', () => {
    const { placed, lanes } = intoLanes([load('a', 0, 3000), load('b', 3500, 6000), load('c', 1000, 4000)], 0)
    expect(lanes).toBe(2)
    expect(Object.fromEntries(placed.map((p) => [p.load.id, p.lane]))).toEqual({ a: 0, b: 0, c: 1 })
})

it('divides the envelope by the capacity at each place', () => {
    const result = {
        envelope: {
            M: { max: [[0, 6000, 0, 0, 30, -0.005, 0]], min: [[0, 6000, 0, 0, 0, 0, 0]] },
            V: { max: [], min: [] },
            w: { max: [], min: [] },
        },
        weighings: [
            {
                id: 'bending',
                title: 'Bending',
                ranges: [
                    [0, 3000, 90000],
                    [3000, 6000, 45000],
                ],
            },
        ],
    } as unknown as Result
    const lines = reserveLines(result)
    expect(heaviestAt(lines, 1500)?.ratio).toBeCloseTo(33750 / 90000, 9)
    expect(heaviestAt(lines, 4500)).toEqual({ id: 'bending', ratio: expect.closeTo(33750 / 45000, 9) })
})

describe('the drawing of the member', () => {
    const member: MemberResult = {
        length: 6000,
        angle: 0,
        stretches: [{ from: 0, to: 6000, section: 'IPE 300', h: 300 }],
        supports: [
            { x: 0, kind: 'fixed', bearing: 150, turning: true, bearsOnly: false, holds: 'normal' },
            { x: 6000, kind: 'pinned', bearing: 150, turning: false, bearsOnly: false, holds: 'normal' },
        ],
        hinges: [2000],
        fields: [{ from: 0, to: 6000, name: 'span 1', overhang: false }],
        loads: [load('Wall', 0, 6000), load('Post', 5900, 5900)],
        top: { continuous: false, positions: [3000] },
        bottom: { continuous: false, positions: [] },
    }
    const strip = mount(MemberStrip, {
        props: {
            member,
            sx: (x: number) => 80 + x / 10,
            y: 0,
            height: 200,
            units: 'metric',
            interactive: true,
            selected: 'Wall',
        },
    })

    it('names loads with values and units and keeps labels inside', () => {
        expect(strip.text()).toContain('Wall  5.00 kN/m')
        expect(strip.text()).toContain('6.000 m')
        const label = strip.findAll('text').find((t) => t.text().includes('Post'))
        expect(label?.attributes('text-anchor')).toBe('end')
    })
    it('can be taken hold of by keyboard: loads, the ends of the selected one, supports', async () => {
        const names = strip.findAll('[role="button"]').map((b) => b.attributes('aria-label'))
        expect(names).toContain('Start of the load')
        expect(names).toContain('Support 2 at 6.000 m')
        await strip.get('[aria-label="Support 2 at 6.000 m"]').trigger('keydown', { key: 'ArrowLeft' })
        expect(strip.emitted('nudge')?.[0]?.slice(1)).toEqual(['support', '1'])
    })
})

it('draws how a length buckles, with what holds it', () => {
    const { result } = answerTo({
        ...BEAM,
        restraint: { top: { kind: 'positions', positions: ['2.5 m'] }, bottom: { kind: 'supports' } },
    })
    const { shape } = result.weighings.find((w) => w.id === 'buckling')!
    const drawn = mount(BucklingShape, { props: { shape, member: result.member, units: 'metric' } })
    expect(drawn.html()).not.toMatch(/NaN|undefined|Infinity/)
    // Both flanges through all places, and a mark at each support in the length.
    const lines = drawn.findAll('path').map((p) => p.attributes('d') ?? '')
    expect(lines.filter((d) => d.split('L').length === shape.length)).toHaveLength(2)
    expect(drawn.text()).toContain('top flange')
    const inside = result.member.supports.filter((s) => s.x >= shape[0]![0]! - 1 && s.x <= shape.at(-1)![0]! + 1)
    expect(lines.filter((d) => d.endsWith('v18'))).toHaveLength(inside.length)
})
