import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import DefinitionPanel from '@/bench/DefinitionPanel.vue'
import ForcesPanel from '@/bench/ForcesPanel.vue'
import LoadForm from '@/bench/LoadForm.vue'
import { SHORT } from '@/bench/loadGrid'
import PartFold from '@/bench/PartFold.vue'
import SlopeFields from '@/bench/SlopeFields.vue'
import StepsFields from '@/materials/steel/StepsFields.vue'
import SupportsPart from '@/bench/SupportsPart.vue'
import type { MemberDocument } from '@/contract/member'
import { VALUE } from '@/lib/member'
import BuildUpsForm from '@/pages/BuildUpsForm.vue'
import MemberStrip from '@/strips/MemberStrip.vue'
import { loadMarks } from '@/strips/loadMarks'
import { answerTo, BEAM, documentOf, editorOf } from '@/testing/core'

/** A rafter with roofing, snow on plan and wind on it, and a force beside its axis. */
const RAFTER: MemberDocument = {
    ...BEAM,
    version: 4,
    length: '6 m',
    slope: { by: 'angle', value: '30 deg' },
    supports: [
        { x: '0 m', kind: 'pinned', bearing: '150 mm' },
        { x: '6 m', kind: 'roller', holds: 'vertical', bearing: '150 mm' },
    ],
    steps: [{ from: '2 m', to: '4 m', section: 'IPE 360' }],
    cases: [
        { id: 'g', name: 'Roof', category: 'permanent' },
        { id: 's', name: 'Snow', category: 'snow' },
        { id: 'w', name: 'Wind', category: 'wind-down' },
    ],
    loads: [
        { id: 'l1', case: 'g', kind: 'line', name: 'Roofing', value: '2 kN/m' },
        { id: 'l2', case: 's', kind: 'line', name: 'Snow', value: '3 kN/m', direction: 'plan' },
        { id: 'l3', case: 'w', kind: 'line', name: 'Wind', value: '1 kN/m', direction: 'normal' },
        {
            id: 'l4',
            case: 'g',
            kind: 'point',
            name: 'Tie',
            x: '5.9 m',
            value: '4 kN',
            direction: 'along',
            eccentricity: '100 mm',
        },
    ],
}
const { result } = answerTo(RAFTER)
const sx = (x: number): number => 80 + x / 10

describe('how a member lies', () => {
    it('is chosen, with a value to start from, and taken back', async () => {
        const editor = editorOf(BEAM)
        const fields = mount(SlopeFields, { props: { editor } })
        await fields.get('select').setValue('rise')
        expect(documentOf(editor).slope).toEqual({ by: 'rise', value: '1.5 m' })
        await fields.get('input').setValue('2')
        expect(documentOf(editor).slope).toEqual({ by: 'rise', value: '2 m' })
        await fields.get('select').setValue('upright')
        expect(documentOf(editor).slope).toEqual({ by: 'upright' })
        await fields.get('select').setValue('level')
        expect(documentOf(editor).slope).toBeUndefined()
    })
    it('says what it comes to on plan and in height', () => {
        expect(mount(SlopeFields, { props: { editor: editorOf(RAFTER, result) } }).text()).toContain(
            '5.196 m on plan, 3.000 m up',
        )
    })
    it('lets a roller hold in a direction of its own, and forgets it', async () => {
        const editor = editorOf(RAFTER, result)
        const part = mount(SupportsPart, { props: { editor } })
        const holds = part.findAll('select').find((s) => s.findAll('option').some((o) => o.text() === 'horizontally'))!
        await holds.setValue('horizontal')
        expect(documentOf(editor).supports[1]).toMatchObject({ kind: 'roller', holds: 'horizontal' })
        await part.get('[aria-label="Kind of support 2"]').setValue('fixed')
        expect(documentOf(editor).supports[1]).not.toHaveProperty('holds')
    })
})

describe('the direction of a load', () => {
    const form = (document: MemberDocument, index: number) => {
        const editor = editorOf(document, result)
        return { editor, form: mount(LoadForm, { props: { editor, index, kinds: SHORT, values: VALUE } }) }
    }
    const options = (f: ReturnType<typeof form>['form']) =>
        f
            .findAll('label')
            .find((l) => l.find('.label').text() === 'Acts')!
            .findAll('option')
            .map((o) => o.element.value)
    it('has the ways in which it can act on a member that lies so', () => {
        expect(options(form(RAFTER, 0).form)).toEqual(['vertical', 'plan', 'normal', 'along', 'sideways'])
        expect(options(form(RAFTER, 3).form)).toEqual(['vertical', 'normal', 'along', 'sideways'])
        expect(options(form(BEAM, 0).form)).toEqual(['vertical', 'along', 'sideways'])
        expect(options(form({ ...RAFTER, slope: { by: 'upright' } }, 0).form)).toEqual([
            'vertical',
            'normal',
            'along',
            'sideways',
        ])
    })
    it('asks how far beside the axis a force along it acts', async () => {
        const { editor, form: f } = form(RAFTER, 3)
        const field = f.findAll('label').find((l) => l.text().startsWith('Beside the axis'))!
        await field.get('input').setValue('-80')
        expect(documentOf(editor).loads[3]?.eccentricity).toBe('-80 mm')
        expect(form(BEAM, 2).form.text()).not.toContain('Beside the axis')
        const across = f.findAll('label').find((l) => l.text().startsWith('In front of it'))!
        await across.get('input').setValue('50')
        expect(documentOf(editor).loads[3]?.across).toBe('50 mm')
    })
})

describe('a member that bends sideways', () => {
    const document: MemberDocument = {
        ...structuredClone(BEAM),
        cases: [{ id: 'g', name: 'Rails', category: 'permanent' }],
        loads: [
            { id: 'a', case: 'g', kind: 'line', name: 'Front', value: '2 kN/m', direction: 'sideways' },
            { id: 'b', case: 'g', kind: 'point', name: 'Back', x: '1 m', value: '-3 kN', direction: 'sideways' },
        ],
    }
    const answer = answerTo(document).result
    it('has loads that come out of the drawing or go into it', () => {
        const [front, back] = loadMarks(answer.member, sx, 180, 150, 'metric')
        expect(front!.label).toContain('2.00 kN/m, lateral')
        expect(front!.shape.match(/M/g)!.length).toBeGreaterThan(10)
        expect(front!.arrows).toContain('h2m')
        expect(back!.arrows.match(/l/g)).toHaveLength(2)
    })
    it('has a strip, extremes and the forces that hold it', () => {
        const text = mount(ForcesPanel, { props: { editor: editorOf(document, answer) } }).text()
        expect(text).toContain('Lateral M')
        expect(text).toContain('Lateral forces in kN, to the back positive')
        expect(answer.envelope.Mz?.max.length).toBeGreaterThan(0)
    })
})

describe('a member that is twisted', () => {
    const document: MemberDocument = {
        ...structuredClone(BEAM),
        section: 'SHS 200×200×8',
        loads: [{ id: 'a', case: 'g', kind: 'line', name: 'Skin', value: '6 kN/m' }],
    }
    it('is told by how far in front of the axis a load acts', async () => {
        const editor = editorOf(document)
        const form = mount(LoadForm, { props: { editor, index: 0, kinds: SHORT, values: VALUE } })
        const across = form.findAll('label').find((l) => l.text().startsWith('In front of the axis by'))!
        await across.get('input').setValue('150')
        expect(documentOf(editor).loads[0]?.across).toBe('150 mm')
        const { result: twisted } = answerTo(documentOf(editor))
        expect(twisted.weighings.map((w) => w.id)).toContain('torsion')
        expect(loadMarks(twisted.member, sx, 180, 150, 'metric')[0]!.label).toContain('150.0 mm in front')
        expect(twisted.envelope.T?.max.length).toBeGreaterThan(0)
        expect(mount(ForcesPanel, { props: { editor: editorOf(documentOf(editor), twisted) } }).text()).toContain(
            'Torque',
        )
    })
    it('is not where the load acts on the axis, nor by one along it', () => {
        expect(answerTo(document).result.envelope.T).toBeUndefined()
        const labels = (direction: 'along' | 'sideways'): string[] =>
            mount(LoadForm, {
                props: {
                    editor: editorOf({ ...document, loads: [{ ...document.loads[0]!, direction }] }),
                    index: 0,
                    kinds: SHORT,
                    values: VALUE,
                },
            })
                .findAll('label')
                .map((l) => l.text())
        expect([...labels('along'), ...labels('sideways')].filter((l) => l.startsWith('In front of'))).toEqual([])
    })
})

describe('the drawing of a sloping member', () => {
    const marks = loadMarks(result.member, sx, 180, 150, 'metric')
    const mark = (id: string) => marks.find((m) => m.load.id === id)!
    it('leans plumb loads, stands wind on the member and lays a force along it', () => {
        // The top of the band of a plumb load lies to the right of its foot: the member rises to the right.
        const [, x0, , x1] = /^M([\d.]+) ([\d.]+)L([\d.]+)/.exec(mark('l1').shape)!.map(Number) as [
            number,
            number,
            number,
            number,
        ]
        expect(x1).toBeGreaterThan(x0 + 1)
        const wind = /^M([\d.]+) ([\d.]+)L([\d.]+)/.exec(mark('l3').shape)!.map(Number)
        expect(wind[3]).toBeCloseTo(wind[1]!, 6)
        const [, , y0, , y1] = /^M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)/.exec(mark('l4').shape)!.map(Number) as [
            number,
            number,
            number,
            number,
            number,
        ]
        expect(y1).toBe(y0)
        expect(mark('l4').anchor).toBe('end')
    })
    it('says how it lies and names its sections', () => {
        const strip = mount(MemberStrip, { props: { member: result.member, sx, y: 0, height: 200, units: 'metric' } })
        expect(strip.text()).toContain('30.0 deg')
        expect(strip.text()).toContain('IPE 360')
        expect(strip.html()).not.toContain('NaN')
        expect(strip.findAll('g[transform^="rotate(30"]').length).toBe(2)
    })
})

describe('lengths with another section', () => {
    it('are added behind the last one, changed and removed', async () => {
        const editor = editorOf(RAFTER, result)
        const fields = mount(StepsFields, { props: { editor } })
        await fields.findAll('button').at(-1)!.trigger('click')
        expect(documentOf(editor).steps?.[1]).toEqual({ from: '4 m', to: '5.5 m', section: 'IPE 300' })
        await fields.get('[aria-label="Section of length 2"]').setValue('IPE 330')
        await fields.get('[aria-label="End of section 2"]').setValue('6')
        expect(documentOf(editor).steps?.[1]).toEqual({ from: '4 m', to: '6 m', section: 'IPE 330' })
        await fields.get('[aria-label="Width of the plates of section 2"]').setValue('120')
        expect(documentOf(editor).steps?.[1]?.plateWidth).toBe('120 mm')
        await fields.get('[aria-label="Width of the plates of section 2"]').setValue('')
        expect(documentOf(editor).steps?.[1]).not.toHaveProperty('plateWidth')
        await fields.get('[aria-label="Remove section 2"]').trigger('click')
        await fields.get('[aria-label="Remove section 1"]').trigger('click')
        expect(documentOf(editor)).not.toHaveProperty('steps')
    })
    it('are told in the summary of the section', () => {
        const panel = mount(DefinitionPanel, { props: { editor: editorOf(RAFTER, result), selected: '' } })
        expect(panel.findAllComponents(PartFold).map((f) => f.props('summary'))).toContain('IPE 300 and 1 more S275')
    })
})

it('shows axial and horizontal forces and second order among the forces', () => {
    const panel = mount(ForcesPanel, { props: { editor: editorOf(RAFTER, result) } })
    expect(panel.text()).toContain('N, compression')
    expect(
        panel
            .get('[aria-label="Horizontal reactions by load case"]')
            .findAll('tbody tr')
            .map((tr) => tr.get('td').text()),
    ).toEqual(['Self-weight', 'Roof', 'Snow', 'Wind', 'Strength, greatest', 'Strength, smallest'])
    expect(panel.text()).toContain('Second order in the plane of bending')
    expect(panel.text()).toContain('from 10 on first order is good enough')
})

describe('build-ups of the job', () => {
    const FLOOR = {
        name: 'Floor',
        layers: [
            { name: 'Slab', thickness: '120 mm', weight: '25 kN/m³' },
            { name: 'Services', thickness: '', weight: '0.3 kN/m²' },
        ],
    }
    const form = () => mount(BuildUpsForm, { props: { buildUps: [FLOOR], units: 'metric', errors: {} } })
    it('add up their layers and are saved when a field is left', async () => {
        const f = form()
        await f.get('button').trigger('click')
        expect(f.text()).toContain('3.30 kN/m²')
        await f.get('[aria-label="Thickness of layer 1 of Floor"]').setValue('100 mm')
        expect(f.emitted('save')?.at(-1)?.[0]).toMatchObject([{ layers: [{ thickness: '100 mm' }, {}] }])
        expect(f.text()).toContain('2.80 kN/m²')
        await f.get('[aria-label="Layer 1 of Floor"]').setValue('Granite')
        expect(f.emitted('save')?.at(-1)?.[0]).toMatchObject([
            { layers: [{ name: 'Granite', weight: '28 kN/m³' }, {}] },
        ])
        await f
            .findAll('button')
            .find((b) => b.text() === 'Add a build-up')!
            .trigger('click')
        expect((f.emitted('save')?.at(-1)?.[0] as unknown[]).length).toBe(2)
    })
    it('go into the library of the office and come from it', async () => {
        const ROOF = { name: 'Roof', layers: [{ name: 'Sheeting', thickness: '', weight: '0.3 kN/m²' }] }
        const sent: unknown[] = []
        vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
            sent.push(init.method, init.body && JSON.parse(String(init.body)))
            return new Response(JSON.stringify(init.method === 'POST' ? [ROOF, FLOOR] : [ROOF]), {
                status: 200,
                headers: { 'Content-Type': 'application/json' },
            })
        })
        const f = form()
        await flushPromises()
        await f.get('button').trigger('click')
        const press = (text: string) =>
            f
                .findAll('button')
                .find((b) => b.text() === text)!
                .trigger('click')
        await press('Take')
        expect(f.emitted('save')?.at(-1)?.[0]).toEqual([FLOOR, ROOF])
        await press('Keep for the office')
        await flushPromises()
        expect(sent.slice(-2)).toEqual(['POST', { buildUp: FLOOR }])
        expect(f.text()).toContain('in the library of the office')
        vi.unstubAllGlobals()
    })
    it('are followed by a load, or no longer', async () => {
        const document: MemberDocument = {
            ...BEAM,
            loads: [{ id: 'l1', case: 'g', kind: 'area', name: 'Floor', value: '1 kN/m²', width: '2 m' }],
        }
        const editor = editorOf(document)
        Object.assign(editor.job.value!.basis, { buildUps: [FLOOR] })
        const f = mount(LoadForm, { props: { editor, index: 0, kinds: SHORT, values: VALUE } })
        await f.get('[aria-label="Add a layer"]').setValue(JSON.stringify(['follow', 'Floor', '']))
        expect(documentOf(editor).loads[0]).toMatchObject({ buildUp: 'Floor', value: '' })
        expect(f.text()).toContain('3.30 kN/m²')
        await f
            .findAll('button')
            .find((b) => b.text() === 'Give it a value of its own')!
            .trigger('click')
        expect(documentOf(editor).loads[0]).toMatchObject({ value: '3.3 kN/m²' })
        expect(documentOf(editor).loads[0]).not.toHaveProperty('buildUp')
    })
})
