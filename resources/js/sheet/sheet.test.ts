import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { answerTo, BEAM } from '@/testing/core'
import PackIndex from './PackIndex.vue'
import BucklingDrawing from './BucklingDrawing.vue'
import SectionDrawing from './SectionDrawing.vue'
import { outlineOf } from '@/sheet/sections'
import SheetPaper from './SheetPaper.vue'

const { result, full, brief } = answerTo(BEAM, 'full', 'brief')

describe.each([
    ['full', full],
    ['brief', brief],
])('the %s sheet', (_, sheet) => {
    const paper = mount(SheetPaper, { props: { sheet } })

    it('has every heading, table and figure of the document, in order', () => {
        const expected = sheet.blocks.filter((b) => b.type === 'heading').map((b) => (b as { text: string }).text)
        expect(paper.findAll('h2').map((h) => h.text())).toEqual(expected)
        const count = (type: string): number => sheet.blocks.filter((b) => b.type === type).length
        expect(paper.findAll('table').length).toBe(count('table'))
        // How a member buckles is drawn in the weighing itself.
        expect(paper.findAll('figure:not(.sheet-weighing *)').length).toBe(count('figure'))
        expect(paper.findAll('.sheet-weighing figure').length).toBe(sheet === full ? 1 : 0)
        expect(paper.findAll('.sheet-weighing').length).toBe(count('weighing'))
    })
    it('gives each row of a table a cell under each heading, numbers at the right', () => {
        for (const table of paper.findAll('table')) {
            const head = table.findAll('th')
            for (const row of table.findAll('tbody tr')) {
                const cells = row.findAll('td')
                expect(cells.length).toBeLessThanOrEqual(head.length)
                cells.forEach((cell, i) => expect(cell.classes('number')).toBe(head[i]?.classes('number')))
            }
        }
    })
    it('starts with the job and the verdict', () => {
        expect(paper.get('.sheet-title').text()).toContain('26-001')
        expect(paper.get('.sheet-verdict').text()).toContain(result.verdict.holds ? 'Holds' : 'Does not hold')
    })
    it('prints no placeholder', () => {
        expect(paper.text()).not.toMatch(/undefined|NaN|null|\[object/)
        expect(paper.html()).not.toContain('katex-error')
    })
})

it('prints every line of a derivation on the full sheet only', () => {
    const lines = result.weighings.reduce((n, w) => n + w.lines.length, 0)
    const printed = (sheet: typeof full): number =>
        mount(SheetPaper, { props: { sheet } }).findAll('.derivation-line, .derivation-given > span').length
    expect(printed(full)).toBe(lines)
    expect(printed(brief)).toBeLessThan(lines)
})

it('draws no coordinate that is not a number', () => {
    for (const svg of mount(SheetPaper, { props: { sheet: full } }).findAll('svg'))
        expect(svg.html()).not.toMatch(/NaN|Infinity|undefined/)
    expect(mount(SectionDrawing, { props: { section: result.section, units: 'us' } }).text()).toContain('in')
    const hollow = { ...result.section, h: 200, b: 100, tw: 8, tf: 8, r: 12 }
    for (const shape of ['rectangle', 'circle'] as const) {
        const drawn = mount(SectionDrawing, { props: { section: { ...hollow, shape }, units: 'metric' } })
        // Outline and hole.
        expect(drawn.get('path').attributes('d')?.match(/M/g)).toHaveLength(2)
        expect(drawn.html()).not.toMatch(/NaN/)
        expect(drawn.text()).toContain(shape === 'circle' ? 'd' : '100.0 mm')
    }
})

it('draws a channel with its web to the left, and tells where its shear centre is', () => {
    const channel = {
        ...result.section,
        shape: 'channel' as const,
        h: 300,
        b: 100,
        tw: 10,
        tf: 16,
        r: 16,
        toe: 8,
        slope: 0.08,
        at: 50,
        ys: 27,
        ym: 54.7,
    }
    const path = outlineOf(channel, 1, 0, 0)
    expect(path).not.toMatch(/NaN/)
    const numbers = [...path.matchAll(/([\d.]+) ([\d.]+)(?=[LAZ])/g)].map(([, x, y]) => [Number(x), Number(y)] as const)
    const xs = numbers.map(([x]) => x)
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([0, 100])
    // The same above and below; thinner at the tips than at the web.
    expect(numbers.map(([x, y]) => `${x.toFixed(6)} ${(300 - y).toFixed(6)}`)).toContain(
        `${numbers[3]![0].toFixed(6)} ${numbers[3]![1].toFixed(6)}`,
    )
    expect(numbers[3]![1]).toBeLessThan(numbers[4]![1])
    // A flat and a round have an outline without a hole.
    for (const shape of ['flat', 'round', 'angle', 'unequal', 'tee'] as const) {
        const other = outlineOf({ ...channel, shape, top: 80 }, 1, 0, 0)
        expect(other).not.toMatch(/NaN|undefined/)
        expect(other.match(/M/g)).toHaveLength(1)
    }
    // Corners without radius stay corners.
    expect(outlineOf({ ...channel, toe: 0, slope: 0 }, 1, 0, 0)).toContain('L100 16')
    // An I section with flanges that slope: thinner at the tips than in the middle of the outstand, thicker at the web.
    expect(outlineOf({ ...channel, shape: 'I', toe: 0, r: 0, slope: 0.1, b: 100, tw: 20, tf: 16 }, 1, 0, 0)).toMatch(
        /^M0 0L100 0L100 14A0 0 0 0 1 100 14L60 18/,
    )
    const drawn = mount(SectionDrawing, { props: { section: channel, units: 'metric' } })
    expect(drawn.text()).toContain('54.7 mm')
    expect(drawn.text()).toContain('27.0 mm')
})

it('draws where a thin section buckles, with its least values, in the units chosen', () => {
    const curve: [number, number][] = [
        [25.4, 400],
        [101.6, 100],
        [254, 200],
        [2540, 20],
    ]
    const buckling = [{ title: 'bending', curve, local: [101.6, 100] as [number, number] }]
    const drawn = mount(BucklingDrawing, { props: { buckling, units: 'us' } })
    expect(drawn.text()).toContain('local 14.50')
    expect(drawn.find('title').text()).toBe('bending, local: 14.50 ksi at 4.00 in')
    // The least is drawn on its curve; half-wavelengths lie by their logarithm.
    const circle = drawn.find('circle')
    expect(drawn.html()).toContain(
        `L${Number(circle.attributes('cx')).toFixed(1)} ${Number(circle.attributes('cy')).toFixed(1)}`,
    )
    expect(Number(circle.attributes('cx'))).toBeCloseTo(34 + (258 * Math.log(4)) / Math.log(100), 6)
    expect(mount(BucklingDrawing, { props: { buckling, units: 'metric' } }).text()).toContain('half-wavelength, mm')
})

describe('the index of a pack', () => {
    const index = {
        job: 'Test job',
        number: '',
        client: 'Client',
        office: 'Office',
        date: '2026-11-25',
        sheets: [
            {
                mark: 'B1',
                title: 'One',
                section: 'IPE 300',
                governs: 'Bending',
                ratio: 0.9999,
                state: 'holds' as const,
                page: 2,
            },
            {
                mark: 'B2',
                title: 'Two',
                section: 'IPE 240',
                governs: 'Bending',
                ratio: 1.0001,
                state: 'fails' as const,
                page: 5,
            },
        ],
        left: [{ mark: 'B3', title: 'Three', reason: 'It has no load.' }],
    }
    const table = mount(PackIndex, { props: { index } })
    const row = (i: number): string[] =>
        table
            .findAll('.sheet-index tbody tr')
            [i]!.findAll('td')
            .map((c) => c.text())

    it('rounds a ratio so that 1.00 holds and more does not', () => {
        expect(row(0)).toEqual(['B1', 'One', 'IPE 300', 'Bending', '1.00', 'holds', '2'])
        expect(row(1)).toEqual(['B2', 'Two', 'IPE 240', 'Bending', '1.01', 'does not hold', '5'])
    })
    it('names what is left out, with the reason, and leaves room to sign', () => {
        expect(row(2)).toEqual(['B3', 'Three', 'no sheet: It has no load.'])
        expect(table.text()).toContain('Checked by')
        expect(table.findAll('dd')[0]!.text()).toBe('–')
    })
})

it('draws influence lines that were put on it', () => {
    const influence = [{ effect: 'M' as const, x: '2.5 m', support: 0, load: '1 kN/m', axles: [] }]
    const paper = mount(SheetPaper, { props: { sheet: answerTo({ ...BEAM, influence }, 'brief').brief } })
    expect(paper.text()).toContain('Influence line of the moment at x = 2.500 m')
    expect(paper.findAll('svg').some((s) => s.text().includes('Influence M'))).toBe(true)
})

describe('what the engineer says to weighings', () => {
    const said = {
        bending: { text: 'As the floor model has it.' },
        shear: { text: 'End plates on site.', leftOut: true },
    }
    const short = { ...BEAM, length: '5 m', supports: BEAM.supports.slice(0, 2), loads: BEAM.loads.slice(0, 1) }
    const answer = answerTo({ ...short, remarks: said }, 'full', 'brief')

    it('stands at the weighing on the full sheet, and what is left out has no derivation', () => {
        const paper = mount(SheetPaper, { props: { sheet: answer.full } })
        expect(paper.findAll('.sheet-said').map((p) => p.text())).toEqual(['Remark. As the floor model has it.'])
        const titles = paper.findAll('.sheet-weighing h3').map((h) => h.text())
        expect(titles.some((t) => t.startsWith('Bending'))).toBe(true)
        expect(titles.some((t) => /^Shear EN|^Shear\s*EN/.test(t))).toBe(false)
    })
    it('rounds a ratio in the summary as beside its derivation', () => {
        const paper = mount(SheetPaper, { props: { sheet: answer.full } })
        for (const weighing of paper.findAll('.sheet-weighing')) {
            const ratio = /^\d\.\d{3}/.exec(weighing.find('h3 b').exists() ? weighing.get('h3 b').text() : '')?.[0]
            if (ratio) expect(paper.get('table').text()).toContain(ratio)
            if (weighing.find('.sheet-note').exists()) expect(weighing.get('.sheet-note').text()).not.toMatch(/,$/)
        }
    })
    it('stands in the summary of both, with the reason of what is left out', () => {
        for (const sheet of [answer.full, answer.brief]) {
            const paper = mount(SheetPaper, { props: { sheet } })
            expect(paper.get('.sheet-verdict').text()).toContain('1 weighing left out')
            expect(paper.text()).toContain('the verdict is without: Shear. End plates on site.')
            const row = paper.findAll('tr').find((tr) => tr.find('td').exists() && tr.get('td').text() === 'Shear')!
            expect(row.text()).toContain('left out')
        }
        expect(mount(SheetPaper, { props: { sheet: answer.brief } }).text()).toContain(
            'Bending: As the floor model has it.',
        )
    })
})
