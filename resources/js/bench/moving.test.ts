import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import AxleFields from '@/bench/AxleFields.vue'
import ForcesPanel from '@/bench/ForcesPanel.vue'
import LoadsPart from '@/bench/LoadsPart.vue'
import OtherLoads from '@/bench/OtherLoads.vue'
import SupportsPart from '@/bench/SupportsPart.vue'
import type { MemberDocument } from '@/contract/member'
import MemberStrip from '@/strips/MemberStrip.vue'
import { answerTo, BEAM, documentOf, editorOf } from '@/testing/core'

const result = answerTo(BEAM).result
const open = (editor: ReturnType<typeof editorOf>, selected: string) =>
    mount(LoadsPart, { props: { editor, selected } })

describe('loads that move', () => {
    it('gives a train a load case of its own and takes more axles', async () => {
        const editor = editorOf(BEAM, result)
        const part = open(editor, '')
        part.findComponent(OtherLoads).vm.$emit('add', 'train')
        const train = documentOf(editor).loads.at(-1)!
        expect(documentOf(editor).loads.filter((l) => l.case === train.case)).toHaveLength(1)
        const axles = open(editor, train.id).findComponent(AxleFields)
        expect(axles.findAll('input')).toHaveLength(3)
        await axles
            .findAll('button')
            .find((b) => b.text() === 'Add an axle')!
            .trigger('click')
        expect(documentOf(editor).loads.at(-1)?.axles).toHaveLength(3)
        const answer = answerTo(documentOf(editor)).result
        const text = mount(MemberStrip, {
            props: { member: answer.member, sx: (x: number) => x / 15, y: 0, height: 260, units: 'metric' },
        }).text()
        expect(text).toContain('50.0, 50.0, 50.0 kN')
    })

    it('reduces with the floor area, with the line that says so', async () => {
        const document = structuredClone(BEAM)
        document.loads[1]!.area = '40 m²'
        const answer = answerTo(document).result
        expect(answer.member.loads[1]?.reduction?.result).toBe('0.75')
        expect(open(editorOf(document, answer), 'l2').text()).toContain('EN 1991-1-1, 6.3.1.2(10)')
    })

    it('takes a value by use, and a layer into a build-up', async () => {
        const editor = editorOf(BEAM, result)
        const use = open(editor, 'l2').find('select[aria-label="Load by use"]')
        await use.setValue(use.findAll('option').at(1)!.attributes('value'))
        expect(documentOf(editor).loads[1]).toMatchObject({
            value: '3 kN/m²',
            remark: 'Offices (EN 1991-1-1, Table 6.2)',
        })
        editor.change((d) => Object.assign(d.loads[1]!, { case: 'g', value: '0.5 kN/m²' }))
        const layer = open(editor, 'l2').find('select[aria-label="Add a layer"]')
        await layer.setValue(layer.findAll('option').at(1)!.attributes('value'))
        expect(documentOf(editor).loads[1]?.value).toBe('0.5 kN/m² + 100 mm * 25 kN/m³')
        expect(answerTo(documentOf(editor)).result.member.loads[1]?.profile[0]?.[1]).toBeCloseTo(9, 9)
    })
})

describe('supports', () => {
    it('bear only, and forget it when they hold against turning', async () => {
        const editor = editorOf(BEAM, result)
        const kind = mount(SupportsPart, { props: { editor } }).find('select[aria-label="Kind of support 1"]')
        await kind.setValue('bears only')
        expect(documentOf(editor).supports[0]).toMatchObject({ kind: 'pinned', bearsOnly: true })
        expect(answerTo(documentOf(editor)).result.weighings.some((w) => w.id === 'uplift-1')).toBe(true)
        await kind.setValue('fixed')
        expect(documentOf(editor).supports[0]).not.toHaveProperty('bearsOnly')
    })

    it('have a stiffened web, as under a load, and are not weighed then', async () => {
        const editor = editorOf(BEAM, result)
        const webs = () => answerTo(documentOf(editor)).result.weighings.filter((w) => w.id.startsWith('web-'))
        expect(webs().map((w) => w.id)).toContain('web-support')
        const part = mount(SupportsPart, { props: { editor } })
        for (const box of part.findAll('input[aria-label^="Web stiffened at support"]')) await box.setValue(true)
        expect(documentOf(editor).supports.every((s) => s.stiffened)).toBe(true)
        expect(webs().map((w) => w.id)).not.toContain('web-support')
        editor.change(
            (d) => void d.loads.push({ id: 'new', case: 'g', kind: 'point', name: 'Post', value: '20 kN', x: '1 m' }),
        )
        const form = open(editor, 'new')
        const field = form.findAll('label').find((l) => l.text().startsWith('Acts on a length of'))!
        await field.get('input').setValue('90')
        expect(documentOf(editor).loads.at(-1)).toMatchObject({ bearing: '90 mm' })
        expect(webs().map((w) => w.title)).toContain('Web under “Post”')
        await form
            .findAll('label')
            .find((l) => l.text() === 'The web is stiffened under it')!
            .get('input')
            .setValue(true)
        expect(webs()).toHaveLength(0)
    })

    it('let the member lift off, and tell where it does', async () => {
        const document: MemberDocument = {
            ...structuredClone(BEAM),
            length: '12 m',
            supports: ['0 m', '6 m', '12 m'].map((x) => ({
                x,
                kind: 'pinned',
                bearing: '150 mm',
                ...(x === '12 m' ? { bearsOnly: true } : {}),
            })),
            loads: [{ id: 'p', case: 'q', kind: 'point', name: '', remark: '', x: '3 m', value: '80 kN' }],
        }
        const editor = editorOf(document, result)
        await mount(SupportsPart, { props: { editor } }).find('input[type="checkbox"]:not([aria-label])').setValue(true)
        expect(documentOf(editor).liftsOff).toBe(true)
        const answer = answerTo(documentOf(editor)).result
        expect(answer.weighings.some((w) => w.id.startsWith('uplift'))).toBe(false)
        const forces = mount(ForcesPanel, { props: { editor: editorOf(documentOf(editor), answer) } })
        expect(forces.text()).toMatch(/Support 3\s*[\d.]+ mm\s*CHA 1: Floor, off support 3/)
    })
})
