import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import DefinitionPanel from '@/bench/DefinitionPanel.vue'
import ScalesPanel from '@/bench/ScalesPanel.vue'
import SectionsBeside from '@/bench/SectionsBeside.vue'
import type { BasisDocument, MemberDocument } from '@/contract/member'
import { FAMILIES, GRADES } from '@/lib/member'
import { SECTION_NAMES } from '@/lib/sections'
import BasisForm from '@/pages/BasisForm.vue'
import SectionDrawing from '@/sheet/SectionDrawing.vue'
import { outlineOf, propertiesOf } from '@/sheet/sections'
import SheetPaper from '@/sheet/SheetPaper.vue'
import { answerTo, BEAM, documentOf, editorOf } from '@/testing/core'

globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
}

const GIRDER: MemberDocument = {
    ...structuredClone(BEAM),
    section: 'W16×26',
    grade: 'A992',
    basis: { combinations: 'asce-7-22-lrfd', units: 'us' },
}
const european = answerTo(BEAM)
const american = answerTo(GIRDER, 'full', 'brief')
const tube = answerTo({ ...structuredClone(GIRDER), section: 'HSS 10×6×3/8', grade: 'A500 C' })

describe('a member by the American standard', () => {
    it('is compact or not, where a European one has a class', () => {
        const scales = (of: typeof european, doc: MemberDocument): string =>
            mount(ScalesPanel, { props: { editor: editorOf(doc, of.result) } }).text()
        expect(scales(american, GIRDER)).toContain('compact')
        expect(scales(european, BEAM)).toContain('class 1')
        expect(scales(american, GIRDER)).not.toContain('class 1')
    })
    it('has demand and capacity in the symbols of the standard', () => {
        const bending = american.result.weighings.find((w) => w.id === 'bending')
        expect([bending?.demandTex, bending?.capacityTex]).toEqual(['M_{\\mathrm{u}}', 'M_{\\mathrm{c}}'])
        expect(european.result.weighings.find((w) => w.id === 'bending')?.demandTex).toBe('M_{\\mathrm{Ed}}')
    })
    it('has properties in the symbols of the standard, whatever its shape', () => {
        const symbols = (of: typeof european): string[] => propertiesOf(of.result.section).map(([symbol]) => symbol)
        expect(symbols(american)).toEqual(
            expect.arrayContaining([
                'd',
                'b_{\\mathrm{f}}',
                'I_{\\mathrm{x}}',
                'S_{\\mathrm{x}}',
                'Z_{\\mathrm{x}}',
                'J',
                'C_{\\mathrm{w}}',
            ]),
        )
        expect(symbols(european)).toEqual(
            expect.arrayContaining([
                'h',
                'b',
                'I_{\\mathrm{y}}',
                'W_{\\mathrm{el,y}}',
                'W_{\\mathrm{pl,y}}',
                'I_{\\mathrm{t}}',
                'I_{\\mathrm{w}}',
            ]),
        )
        expect(symbols(tube)).toEqual(expect.arrayContaining(['H', 'B', 't', 'J']))
        expect(symbols(tube)).not.toContain('C_{\\mathrm{w}}')
    })
    it('tells thicknesses in inches to a thousandth, beside a drawing', () => {
        const drawing = mount(SectionDrawing, { props: { section: american.result.section, units: 'us' } })
        expect(drawing.text()).toContain('0.250 in')
        expect(drawing.get('svg path').attributes('d')).not.toMatch(/NaN|undefined/)
    })
    it('is printed with its standard in the heading, and whole in the brief version', () => {
        const full = mount(SheetPaper, { props: { sheet: american.full } })
        expect(full.findAll('h2').map((h) => h.text())).toContain('Weighings (ANSI/AISC 360-22, LRFD)')
        expect(full.classes('sheet-brief')).toBe(false)
        expect(full.html()).not.toContain('katex-error')
        const brief = mount(SheetPaper, { props: { sheet: american.brief } })
        expect(brief.classes('sheet-brief')).toBe(true)
        expect(brief.text()).toContain('Weighed after ANSI/AISC 360-22, LRFD')
        expect(brief.text()).not.toMatch(/undefined|NaN|null/)
    })
})

describe('the outline of a section', () => {
    it.each([
        ['I', european.result.section],
        ['box', tube.result.section],
    ])('of an %s starts at its corner and closes', (_, section) => {
        const path = outlineOf(section, 0.5, 10, 20)
        expect(path.startsWith('M')).toBe(true)
        expect(path.endsWith('Z') || path.endsWith('z')).toBe(true)
        expect(path).not.toMatch(/NaN|undefined/)
    })
    it('grows with the scale', () => {
        const width = (k: number): number => Number(/h([\d.]+)/.exec(outlineOf(european.result.section, k, 0, 0))?.[1])
        expect(width(2)).toBeCloseTo(2 * width(1))
        expect(width(1)).toBeCloseTo(european.result.section.b)
    })
})

describe('two sections beside each other', () => {
    const beside = mount(SectionsBeside, { props: { kept: european.result, now: american.result, units: 'metric' } })
    const cells = (row: string): string[] =>
        beside
            .findAll('tbody tr')
            .find((tr) => tr.text().startsWith(row))!
            .findAll('td')
            .map((td) => td.text())

    it('are drawn to one scale, the kept one with a broken line', () => {
        const [kept, now] = beside.findAll('svg path')
        expect(kept?.attributes('stroke-dasharray')).toBeDefined()
        expect(now?.attributes('stroke-dasharray')).toBeUndefined()
    })
    it('have names, grades, ratios and the change of each property', () => {
        expect(beside.findAll('th').map((th) => th.text())).toEqual(['', 'IPE 300 S275', 'W16×26 A992', 'Change'])
        const [, before, after, change] = cells('Mass')
        expect(before).toBe('42.2 kg/m')
        expect(after).toContain('kg/m')
        expect(change).toMatch(/^[+−]\d+ %$/)
        // One row for each property, although the two standards have other names for them.
        expect(beside.findAll('tbody tr').length).toBe(2 + propertiesOf(american.result.section).length)
    })
    it('say of what is alike that it is the same', () => {
        const same = mount(SectionsBeside, { props: { kept: european.result, now: european.result, units: 'metric' } })
        expect(
            same
                .findAll('tbody tr')
                .slice(1)
                .map((tr) => tr.findAll('td').at(-1)!.text()),
        ).toEqual(Array.from({ length: 1 + propertiesOf(european.result.section).length }, () => 'same'))
    })
    it('have only what both have where their shapes differ', () => {
        const other = mount(SectionsBeside, { props: { kept: american.result, now: tube.result, units: 'us' } })
        expect(other.findAll('tbody tr').length).toBeLessThan(2 + propertiesOf(tube.result.section).length)
        expect(other.text()).not.toMatch(/NaN|Infinity/)
    })
})

describe('grades and families', () => {
    it('come from both standards, every family with sections', () => {
        expect(GRADES.map((of) => of.standard)).toEqual(['EN 10025', 'ASTM'])
        for (const family of ['W', 'HSS', 'Pipe', 'WT', '½ IPE']) {
            expect(FAMILIES).toContain(family)
            expect(SECTION_NAMES.some((name) => name.startsWith(family))).toBe(true)
        }
        expect(new Set(SECTION_NAMES).size).toBe(SECTION_NAMES.length)
    })
    it('asks an American member for its ductility, and forgets it again', async () => {
        const editor = editorOf(structuredClone(GIRDER), american.result)
        const panel = mount(DefinitionPanel, { props: { editor, selected: '' } })
        const ductility = panel.findAll('select').find((s) => s.text().includes('highly ductile'))!
        await ductility.setValue('high')
        expect(documentOf(editor).ductility).toBe('high')
        expect(answerTo(documentOf(editor)).result.weighings.map((w) => w.id)).toEqual(
            expect.arrayContaining(['seismic-compactness', 'seismic-bracing']),
        )
        await ductility.setValue('none')
        expect(documentOf(editor)).not.toHaveProperty('ductility')
        panel.unmount()
    })
    it('does not ask a European one', () => {
        const panel = mount(DefinitionPanel, { props: { editor: editorOf(BEAM, european.result), selected: '' } })
        expect(panel.text()).not.toContain('Ductility')
        panel.unmount()
    })
    it('says of each rule set what steel is weighed after', () => {
        const text = (combinations: BasisDocument['combinations']): string =>
            mount(BasisForm, {
                props: {
                    job: {
                        id: 1,
                        name: 'Hall',
                        number: '',
                        client: '',
                        engineer: '',
                        checker: '',
                        basis: { combinations },
                        members: [],
                    } as never,
                    errors: {},
                },
            }).text()
        expect(text('6.10')).toContain('Steel after EN 1993, concrete after EN 1992')
        expect(text('classic')).toContain('Steel after EN 1993, concrete after BS 8110-1; timber is not weighed.')
        expect(text('asce-7-16-asd')).toContain(
            'Steel after ANSI/AISC 360-16, ASD; concrete is not weighed; timber after the NDS 2018; cold-formed after AISI S100-16.',
        )
        expect(text('asce-7-22-lrfd')).toContain(
            'Steel after ANSI/AISC 360-22, LRFD; concrete after ACI 318-19; timber after the NDS 2018; cold-formed after AISI S100-16.',
        )
        expect(text('nbc-2020')).toContain('Timber after CSA O86:19')
        expect(text('as-nzs-1170')).toContain('Cold-formed after AS/NZS 4600')
    })
})
