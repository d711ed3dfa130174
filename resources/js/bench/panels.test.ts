import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { placeSupport } from '@/lib/member'
import { reserveLines } from '@/strips/reserve'
import { BEAM, answerTo, documentOf, editorOf } from '@/testing/core'
import CombinationsPart from './CombinationsPart.vue'
import ForcesPanel from './ForcesPanel.vue'
import LoadsPart from './LoadsPart.vue'
import OtherLoads from './OtherLoads.vue'
import RestraintPart from './RestraintPart.vue'
import ScalesPanel from './ScalesPanel.vue'
import SelfCheckBlock from './SelfCheckBlock.vue'
import ShortlistPanel from './ShortlistPanel.vue'
import SupportsPart from './SupportsPart.vue'
import ValuesBlock from './ValuesBlock.vue'

const { result, shortlist } = answerTo(BEAM, 'shortlist')
// jsdom has neither.
Element.prototype.scrollIntoView = () => {}
globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
}
afterEach(() => vi.unstubAllGlobals())

describe('the scales', () => {
    it('lists every weighing, what is not covered or heaviest first', () => {
        const panel = mount(ScalesPanel, { props: { editor: editorOf(BEAM, result) } })
        expect(panel.findAll('li').map((li) => li.get('.truncate').text())).toEqual(
            result.weighings.map((w) => w.title),
        )
        const ratios = result.weighings.map((w) => w.ratio ?? -1)
        expect([...ratios].sort((a, b) => b - a)).toEqual(ratios)
    })
    it('opens a weighing on its derivation and moves the reading line to its place', async () => {
        const panel = mount(ScalesPanel, { props: { editor: editorOf(BEAM, result) } })
        await panel.findAll('button')[0]!.trigger('click')
        const first = result.weighings[0]!
        expect(panel.emitted('read')?.[0]).toEqual([first.x])
        expect(panel.findAll('.derivation-line, .derivation-given > span').length).toBe(first.lines.length)
        expect(panel.text()).toContain(first.arrangement)
    })
    it('puts the arrangement of a weighing into the strips, and the envelope back', async () => {
        const editor = editorOf(BEAM, result)
        const panel = mount(ScalesPanel, { props: { editor } })
        const at = result.weighings.findIndex((w) => w.id === 'bending')
        await panel.findAll('li')[at]!.get('button').trigger('click')
        const show = () => panel.findAll('button').find((b) => /strips/i.test(b.text()))!
        await show().trigger('click')
        expect(editor.show.value).toBe('weighing:bending')
        await nextTick()
        await show().trigger('click')
        expect(editor.show.value).toBe('envelope')
    })
    it('keeps what the engineer says to a weighing, and leaves it out', async () => {
        const editor = editorOf(BEAM, result)
        const panel = mount(ScalesPanel, { props: { editor } })
        const at = result.weighings.findIndex((w) => w.id === 'bending')
        const row = panel.findAll('li')[at]!
        await row.get('button').trigger('click')
        const type = async (text: string) => {
            await row.get('textarea').setValue(text)
            await row.get('textarea').trigger('change')
        }
        await type('  As the floor model. ')
        expect(editor.document.value?.remarks).toEqual({ bending: { text: 'As the floor model.' } })
        // The box may be clicked before the answer to the text has come.
        await row.get('input[type=checkbox]').trigger('change')
        expect(editor.document.value?.remarks).toEqual({ bending: { text: 'As the floor model.', leftOut: true } })
        await type('')
        expect(editor.document.value?.remarks).toEqual({ bending: { text: '', leftOut: true } })
        editor.change((d) => (d.remarks = { bending: { text: 'Other words.' } }))
        await type('')
        expect(editor.document.value).not.toHaveProperty('remarks')
    })
    it('strikes out a weighing that is left out, in the list and in the reserve', () => {
        const { result: without } = answerTo({
            ...BEAM,
            remarks: { bending: { text: 'As the floor model.', leftOut: true } },
        })
        const panel = mount(ScalesPanel, { props: { editor: editorOf(BEAM, without) } })
        const row = panel.findAll('li')[without.weighings.findIndex((w) => w.id === 'bending')]!
        expect(row.text()).toContain('left out')
        expect(row.find('.line-through').exists()).toBe(true)
        expect(without.messages.join()).toContain('without: Bending')
        expect(reserveLines(result).map((l) => l.id)).toContain('bending')
        expect(reserveLines(without).map((l) => l.id)).not.toContain('bending')
    })
})

describe('the forces', () => {
    const panel = mount(ForcesPanel, { props: { editor: editorOf(BEAM, result) } })
    const rows = panel
        .findAll('[aria-label="Reactions by load case"] tbody tr')
        .map((tr) => tr.findAll('td').map((td) => td.text()))

    it('has each load case unfactored, with its sum beside the load', () => {
        const cases = rows.filter((r) => !r[0]!.startsWith('Strength'))
        expect(cases.map((r) => r[0])).toEqual(result.reactions.cases.map((c) => c.name))
        for (const cells of cases) {
            expect(cells.at(-1)).toBe(cells.at(-2))
            const [a, b, c] = cells.slice(1, 4).map(Number)
            expect(a! + b! + c!).toBeCloseTo(Number(cells.at(-2)), 0)
        }
    })
    it('warns of a support that is pulled up', () => {
        const least = rows
            .find((r) => r[0] === 'Strength, smallest')!
            .slice(1)
            .map(Number)
        expect(Math.min(...least)).toBeLessThan(0)
        expect(panel.get('.fault').text()).toContain('is uplift')
    })
})

describe('the shortlist', () => {
    const open = async (editor = editorOf(BEAM, result)) => {
        vi.stubGlobal(
            'fetch',
            async () =>
                new Response(JSON.stringify(shortlist), {
                    status: 200,
                    headers: { 'Content-Type': 'application/json' },
                }),
        )
        const panel = mount(ShortlistPanel, { props: { editor }, attachTo: document.body })
        await flushPromises()
        return panel
    }
    it('shows the sections that hold, lightest first, and counts them', async () => {
        const panel = await open()
        const holding = shortlist.filter((r) => r.holds)
        expect(panel.text()).toContain(`${holding.length} of ${shortlist.length} sections hold.`)
        const masses = panel.findAll('tbody tr').map((tr) => Number(tr.findAll('td')[2]!.text()))
        expect(masses).toEqual([...masses].sort((a, b) => a - b))
        panel.unmount()
    })
    it('counts nothing before the sections are weighed', async () => {
        vi.stubGlobal('fetch', () => new Promise(() => {}))
        const panel = mount(ShortlistPanel, { props: { editor: editorOf(BEAM, result) } })
        await flushPromises()
        expect(panel.text()).toContain('The sections are being weighed.')
        expect(panel.text()).not.toContain('hold')
        panel.unmount()
    })
    it('weighs anew when a wrong field is right again', async () => {
        const editor = editorOf(BEAM, result)
        const panel = await open(editor)
        const asked = vi.fn(async () => Response.json(shortlist.slice(0, 2)))
        vi.stubGlobal('fetch', asked)
        editor.errors.value = { length: ['bad'] }
        editor.change((d) => void (d.length = '12 m'))
        await flushPromises()
        expect(asked).not.toHaveBeenCalled()
        editor.errors.value = {}
        await flushPromises()
        expect(panel.text()).toContain('of 2 sections hold.')
        panel.unmount()
    })
    it('shows those that fail with their reason when asked to', async () => {
        const panel = await open()
        const before = panel.findAll('tbody tr').length
        await panel.findAll('input[type=checkbox]').at(-1)!.setValue(true)
        expect(panel.findAll('tbody tr').length).toBe(shortlist.length)
        expect(before).toBeLessThan(shortlist.length)
        panel.unmount()
    })
    it('walks by arrow keys and takes a section by a click', async () => {
        const editor = editorOf(BEAM, result)
        const panel = await open(editor)
        const buttons = panel.findAll('tbody td:nth-child(2) button:first-child')
        ;(buttons[0]!.element as HTMLElement).focus()
        await buttons[0]!.trigger('keydown', { key: 'ArrowDown' })
        expect(document.activeElement).toBe(buttons[1]!.element)
        await buttons[1]!.trigger('click')
        expect(documentOf(editor).section).toBe(buttons[1]!.text())
        panel.unmount()
    })
    it('leaves out what there is no room for, and says how many', async () => {
        const panel = await open()
        const [depth, width] = ['Depth up to', 'Width up to'].map((l) =>
            panel
                .findAll('label')
                .find((e) => e.text().startsWith(l))!
                .get('input'),
        )
        await depth!.setValue('300')
        await width!.setValue('160 mm')
        const fitting = shortlist.filter((r) => Number(r.depth) <= 300 && Number(r.width) <= 160)
        expect(panel.text()).toContain(
            `${fitting.filter((r) => r.holds).length} of ${fitting.length} sections hold; ${shortlist.length - fitting.length} more do not fit.`,
        )
        await depth!.setValue('deep')
        expect(panel.text()).toContain('A number is missing before “deep”.')
        for (const field of [depth, width]) await field!.setValue('')
        expect(panel.text()).toContain(`of ${shortlist.length} sections hold.`)
        panel.unmount()
    })
    it('has surface, price and carbon of a metre in place of the mass, sorted by them', async () => {
        const panel = await open()
        const column = () => panel.findAll('tbody tr').map((tr) => Number(tr.findAll('td')[2]!.text()))
        const holding = shortlist.filter((r) => r.holds)
        for (const [by, unit, value, decimals] of [
            ['surface', 'm²/m', (r: Record<string, unknown>) => Number(r.surface) / 1000, 2],
            ['price', 'price/m', (r: Record<string, unknown>) => Number(r.price), 2],
            ['carbon', 'kg CO₂e/m', (r: Record<string, unknown>) => Number(r.carbon), 0],
        ] as const) {
            await panel.get('select').setValue(by)
            expect(panel.get('thead').text()).toContain(unit)
            const values = holding.map(value).sort((a, b) => a - b)
            expect(column()).toEqual(values.map((v) => Number(v.toFixed(decimals))))
        }
        panel.unmount()
    })
    it('marks favourites, shows only them, and takes a mark back that could not be kept', async () => {
        const panel = await open()
        await panel
            .findAll('label')
            .find((l) => l.text() === 'favourites only')!
            .get('input')
            .setValue(true)
        const names = () => panel.findAll('tbody tr').map((tr) => tr.get('button').text())
        const marked = shortlist.filter((r) => r.favourite)
        expect(marked.length).toBe(2)
        expect(panel.text()).toContain(`${marked.filter((r) => r.holds).length} of 2 favourites hold.`)
        expect(names().length).toBe(marked.filter((r) => r.holds).length)
        vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ message: 'Not today.' }), { status: 500 }))
        const before = names()
        await panel.get('button.favourite').trigger('click')
        await flushPromises()
        expect(names()).toEqual(before)
        expect(panel.text()).toContain('Not today.')
        panel.unmount()
    })
    it('weighs only the families that are ticked', async () => {
        const editor = editorOf(BEAM, result)
        const panel = await open(editor)
        await panel.findAll('input[type=checkbox]')[0]!.setValue(false)
        expect(documentOf(editor).families).toEqual(['HEA', 'HEB', 'HEM'])
        panel.unmount()
    })
})

describe('the loads', () => {
    it.each([
        ['Line load', 'line', undefined],
        ['Area load × width', 'area', undefined],
        ['Point load', 'point', '5.5 m'],
        ['Moment', 'moment', '5.5 m'],
    ])('adds a %s that is complete at once', async (label, kind, x) => {
        const editor = editorOf(BEAM)
        const part = mount(LoadsPart, { props: { editor, selected: '' } })
        await part
            .findAll('button')
            .find((b) => b.text() === `+ ${label}`)!
            .trigger('click')
        const load = documentOf(editor).loads.at(-1)!
        expect(load).toMatchObject({ kind, case: 'g' })
        expect(load.x).toBe(x)
        expect(part.emitted('select')?.at(-1)).toEqual([load.id])
        expect(answerTo(documentOf(editor)).result.member.loads.length).toBe(4)
    })
    it('keeps what a load has when its kind changes', async () => {
        const editor = editorOf(BEAM)
        const part = mount(LoadsPart, { props: { editor, selected: 'l1' } })
        await part
            .findAll('select')
            .find((s) => s.findAll('option').some((o) => o.text() === 'Moment'))!
            .setValue('point')
        expect(documentOf(editor).loads[0]).toMatchObject({ kind: 'point', name: 'Wall', value: '4 kN/m', x: '0 m' })
    })
    it('duplicates and removes', async () => {
        const editor = editorOf(BEAM)
        const part = mount(LoadsPart, { props: { editor, selected: 'l1' } })
        const press = (text: string) =>
            part
                .findAll('button')
                .find((b) => b.text() === text)!
                .trigger('click')
        await press('Duplicate')
        expect(documentOf(editor).loads.map((l) => l.name)).toEqual(['Wall', 'Wall', 'Floor', 'Uplift'])
        expect(new Set(documentOf(editor).loads.map((l) => l.id)).size).toBe(4)
        await press('Remove')
        expect(documentOf(editor).loads.length).toBe(3)
    })
    it('says a fault at its field, and on the line of a load that is closed', async () => {
        const editor = editorOf(BEAM)
        editor.errors.value = { 'loads.0.value': ['This is no line load.'], 'loads.2.x': ['This lies off the member.'] }
        const part = mount(LoadsPart, { props: { editor, selected: 'l1' } })
        expect(part.findAll('.fault').map((a) => a.text())).toEqual([
            'This is no line load.',
            'This lies off the member.',
        ])
    })
    it('does not remove a load case that loads belong to', async () => {
        const editor = editorOf({ ...BEAM, cases: [...BEAM.cases, { id: 's', name: 'Snow', category: 'snow' }] })
        const part = mount(LoadsPart, { props: { editor, selected: '' } })
        expect(part.get('[aria-label="Remove load case Floor"]').attributes('disabled')).toBeDefined()
        await part.get('[aria-label="Remove load case Snow"]').trigger('click')
        expect(documentOf(editor).cases.map((c) => c.id)).toEqual(['g', 'q', 'w'])
    })
})

describe('load cases', () => {
    it('makes alternatives of variable load cases, of which one acts at a time', async () => {
        const editor = editorOf({ ...BEAM, cases: [...BEAM.cases, { id: 's', name: 'Snow', category: 'snow' }] })
        const part = mount(LoadsPart, { props: { editor, selected: '' } })
        expect(part.find('[aria-label="Alternatives that Permanent belongs to"]').exists()).toBe(false)
        await part.get('[aria-label="Alternatives that Floor belongs to"]').setValue('use')
        await part.get('[aria-label="Alternatives that Snow belongs to"]').setValue('use')
        editor.change((d) => void d.loads.push({ id: 'l9', case: 's', kind: 'line', value: '1 kN/m' }))
        const texts = answerTo(documentOf(editor)).result.combinations.map((c) => c.text)
        expect(texts.some((t) => t.includes('Floor'))).toBe(true)
        expect(texts.some((t) => t.includes('Floor') && t.includes('Snow'))).toBe(false)
        await part.get('[aria-label="Alternatives that Snow belongs to"]').setValue('')
        expect(documentOf(editor).cases.find((c) => c.id === 's')).not.toHaveProperty('alternatives')
    })
})

describe('supports and spans', () => {
    const press = (part: ReturnType<typeof mount>, text: string) =>
        part
            .findAll('button')
            .find((b) => b.text().includes(text))!
            .trigger('click')
    it('adds a support in the middle of the longest span', async () => {
        const editor = editorOf(BEAM)
        await press(mount(SupportsPart, { props: { editor } }), 'support')
        expect(documentOf(editor).supports.map((s) => s.x)).toEqual(['0 m', '2.5 m', '5 m', '9 m'])
    })
    it('adds a span of the last length', async () => {
        const editor = editorOf({ ...BEAM, length: '9 m', loads: [] })
        await press(mount(SupportsPart, { props: { editor } }), 'span')
        expect(documentOf(editor).supports.map((s) => s.x)).toEqual(['0 m', '5 m', '9 m', '13 m'])
        expect(documentOf(editor).length).toBe('13 m')
    })
})

describe('supports of all kinds', () => {
    it('asks for the stiffness of an elastic support only', async () => {
        const editor = editorOf(BEAM)
        const part = mount(SupportsPart, { props: { editor } })
        expect(part.text()).not.toContain('Against moving')
        await part.get('[aria-label="Kind of support 2"]').setValue('elastic')
        expect(part.text()).toContain('Against moving')
        expect(documentOf(editor).supports[1]!.kind).toBe('elastic')
    })
    it('adds a hinge where the beam still holds, and takes it out', async () => {
        const editor = editorOf(BEAM)
        const part = mount(SupportsPart, { props: { editor } })
        await part
            .findAll('button')
            .find((b) => b.text() === 'Add a hinge')!
            .trigger('click')
        expect(documentOf(editor).hinges?.length).toBe(1)
        await part.get('[aria-label="Remove hinge 1"]').trigger('click')
        expect(documentOf(editor).hinges).toEqual([])
    })
    it('makes a load case for the first settlement and uses it for the next', async () => {
        const editor = editorOf(BEAM)
        const part = mount(LoadsPart, { props: { editor, selected: '' } })
        const press = () => part.findComponent(OtherLoads).vm.$emit('add', 'settlement')
        press()
        press()
        expect(documentOf(editor).cases.filter((c) => c.category === 'settlement').length).toBe(1)
        expect(documentOf(editor).loads.at(-1)).toMatchObject({ kind: 'settlement', x: '9 m', case: 'd' })
        expect(answerTo(documentOf(editor)).result.reactions.cases.at(-1)?.reaction).toBeCloseTo(0, 6)
    })
    it('moves a settlement with its support, and with no other', () => {
        const document = structuredClone(BEAM)
        document.loads.push(
            { id: 's', case: 'd', kind: 'settlement', x: '5.0 m', value: '5 mm' },
            { id: 'p', case: 'g', kind: 'point', x: '5 m', value: '1 kN' },
        )
        placeSupport(document, 1, '4')
        placeSupport(document, 1, '4.5 m')
        expect(document.supports[1]!.x).toBe('4.5 m')
        expect(document.loads.slice(-2).map((l) => l.x)).toEqual(['4.5 m', '5 m'])
    })
})

describe('self-check and values', () => {
    it('says that loads and reactions agree, and how far the hand formula is off', () => {
        const simple = answerTo({
            ...BEAM,
            length: '6 m',
            supports: [BEAM.supports[0]!, { ...BEAM.supports[1]!, x: '6 m' }],
            loads: BEAM.loads.slice(0, 2),
        }).result
        const block = mount(SelfCheckBlock, { props: { check: simple.selfCheck, units: 'metric' } })
        expect(block.text()).toContain('in equilibrium')
        expect(block.text()).toMatch(/w L² \/ 8 = [\d.]+ kNm\s*0\.0 %/)
        expect(block.text()).not.toContain('estimate')
    })
    it('shows a fault of equilibrium', () => {
        const check = structuredClone(result.selfCheck)
        check.equilibrium.moment = 0.01
        expect(
            mount(SelfCheckBlock, { props: { check, units: 'metric' } })
                .get('.text-fail')
                .text(),
        ).toBe('not in equilibrium')
    })
    it('reads the tenths of each span, inside its ends, or the places that are listed', async () => {
        const block = mount(ValuesBlock, { props: { result, units: 'metric' } })
        await block.get('button').trigger('click')
        const rows = () => block.findAll('tbody tr').map((tr) => tr.findAll('td').map((td) => td.text()))
        expect(rows().length).toBe(11 * result.member.fields.length)
        // Shear jumps at the support between the spans.
        expect(rows()[10]![1]).not.toBe(rows()[11]![1])
        await block.get('input').setValue('2.5; 4 m')
        expect(rows().map((r) => r[0])).toEqual(['2.500 m', '4.000 m'])
        await block.get('input').setValue('2.5; 40 m')
        expect(block.get('[role=alert]').text()).toBe('“40 m” is no place on the beam.')
    })
})

describe('combinations', () => {
    it('lists every one with what it governs, and leaves one out and takes it in again', async () => {
        const editor = editorOf(BEAM, result)
        const part = mount(CombinationsPart, { props: { editor } })
        for (const c of result.combinations) expect(part.text()).toContain(c.text)
        expect(part.text()).toContain(
            `governs ${result.combinations.find((c) => c.governs.length)!.governs.join(', ')}`,
        )
        const box = part.get('[aria-label="STR 1 counts"]')
        await box.setValue(false)
        expect(documentOf(editor).leftOut).toEqual([result.combinations.find((c) => c.id === 'STR 1')!.key])
        expect(answerTo(documentOf(editor)).result.leftOut.map((c) => c.id)).toEqual(['STR 1'])
        await box.setValue(true)
        expect(documentOf(editor)).not.toHaveProperty('leftOut')
    })

    it('takes arrangements by hand and says where one is of nothing', async () => {
        const editor = editorOf(BEAM, result)
        const part = mount(CombinationsPart, { props: { editor } })
        await part.findAll('select')[0]!.setValue('chosen')
        expect(documentOf(editor)).toMatchObject({ arrangement: 'chosen', arrangements: [[1, 2, 3]] })
        await part
            .findAll('button')
            .find((b) => b.text() === 'Add an arrangement')!
            .trigger('click')
        for (const input of part.findAll('input[aria-label^="Arrangement 1 loads"]')) await input.setValue(false)
        expect(documentOf(editor).arrangements).toEqual([[], [1, 3]])
        editor.errors.value = { 'arrangements.0': ['This arrangement loads no span.'] }
        await nextTick()
        expect(part.text()).toContain('Arrangement 1: This arrangement loads no span.')
        await part.find('button[aria-label="Remove arrangement 1"]').trigger('click')
        expect(answerTo(documentOf(editor)).result.messages.join()).toContain('No arrangement loads span 2')
        await part.findAll('select')[1]!.setValue('span')
        expect(documentOf(editor).permanentBySpan).toBe(true)
    })
    it('takes buckling lengths from how the ends are held, and each by itself', async () => {
        const editor = editorOf(BEAM, result)
        const part = mount(RestraintPart, { props: { editor } })
        const ends = part.findAll('select').at(-1)!
        await ends.setValue('0.8')
        expect(documentOf(editor).effectiveLengths).toEqual({ y: '0.8*(11 m)', z: '0.8*(11 m)' })
        await part.findAll('input').at(-1)!.setValue('4')
        expect(documentOf(editor).effectiveLengths?.twist).toBe('4 m')
        await part.findAll('input').at(-1)!.setValue('')
        expect(documentOf(editor).effectiveLengths).toEqual({ y: '0.8*(11 m)', z: '0.8*(11 m)' })
    })
    it('adds one of the engineer that the core takes, and takes a removed load case out of it', async () => {
        const editor = editorOf(BEAM, result)
        const part = mount(CombinationsPart, { props: { editor } })
        await part.get('button').trigger('click')
        const own = answerTo(documentOf(editor)).result.combinations.find((c) => c.own)
        expect(own?.text).toBe('Own 1: 1.35 × Permanent + 1.5 × Floor + 1.5 × Wind')
        editor.change((d) => {
            d.cases = d.cases.filter((c) => c.id !== 'w')
            d.loads = d.loads.filter((l) => l.case !== 'w')
        })
        editor.errors.value = {
            'combinations.0.factors.1.case': ['This combination refers to a load case that is no longer there.'],
        }
        await part.vm.$nextTick()
        expect(part.get('[role=alert]').text()).toContain('no longer there')
        await part
            .findAll('button')
            .find((b) => b.text() === 'Take it out')!
            .trigger('click')
        expect(documentOf(editor).combinations?.[0]?.factors).toEqual([{ case: 'q', factor: '1.5' }])
        await part.get('[aria-label="Remove own combination 1"]').trigger('click')
        expect(documentOf(editor)).not.toHaveProperty('combinations')
    })
})

describe('restraints', () => {
    it.each(['continuous', 'spacing', 'positions'])(
        'takes %s for a flange with values that are valid at once',
        async (kind) => {
            const editor = editorOf(BEAM)
            const part = mount(RestraintPart, { props: { editor } })
            await part.findAll('select')[0]!.setValue(kind)
            expect(documentOf(editor).restraint?.top?.kind).toBe(kind)
            expect(answerTo(documentOf(editor)).result.member.top.continuous).toBe(kind === 'continuous')
        },
    )
})
