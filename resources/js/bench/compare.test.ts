import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import ScalesPanel from '@/bench/ScalesPanel.vue'
import { useCompare } from '@/bench/compare'
import CurveStrip from '@/strips/CurveStrip.vue'
import { answerTo, BEAM, documentOf, editorOf } from '@/testing/core'

describe('comparing', () => {
    const result = answerTo(BEAM).result
    beforeEach(() => useCompare(editorOf(BEAM), 1).drop())

    it('keeps a state beside the one at work, and exchanges them', async () => {
        const editor = editorOf(BEAM, result)
        const compare = useCompare(editor, 1)
        compare.keep()
        expect(compare.name.value).toBe(`${BEAM.section} ${BEAM.grade}`)
        editor.change((d) => {
            d.section = 'IPE 400'
            d.collapse = true
        })
        editor.result.value = answerTo(documentOf(editor)).result
        compare.exchange()
        await nextTick()
        expect(documentOf(editor).section).toBe(BEAM.section)
        expect(documentOf(editor)).not.toHaveProperty('collapse')
        expect(compare.name.value).toContain('IPE 400')
    })

    it('tells of which member the kept state is, and does not exchange members', () => {
        const editor = editorOf(BEAM, result)
        useCompare(editor, 1).keep()
        const other = useCompare(editorOf({ ...BEAM, section: 'HEA 300' }, result), 2)
        expect(other.name.value).toContain(`${BEAM.mark}, ${BEAM.section}`)
        other.exchange()
        expect(other.kept.value?.member).toBe(1)
    })

    it('stands beside the ratios and under the curves', () => {
        const editor = editorOf(BEAM, result)
        const kept = answerTo({ ...BEAM, section: 'HEA 300' }).result
        const panel = mount(ScalesPanel, { props: { editor, kept } })
        expect(panel.text()).toMatch(/kept 0\.\d\d/)
        // Both sections beside each other, with what the one has more of than the other.
        const beside = panel.find('[aria-label="Both sections"]')
        expect(beside.findAll('svg path')).toHaveLength(2)
        expect(beside.text()).toContain('HEA 300')
        expect(beside.text()).toMatch(/[+−]\d+ %/)
        const strip = (under?: typeof kept.envelope.M) =>
            mount(CurveStrip, {
                props: {
                    title: 'M',
                    kind: 'moment',
                    curves: kept.envelope.M,
                    under,
                    combinations: [],
                    sx: (x: number) => x,
                    left: 0,
                    right: 100,
                    y: 0,
                    height: 100,
                    downward: true,
                    units: 'metric',
                },
            })
        expect(strip(kept.envelope.M).findAll('[stroke-dasharray]')).toHaveLength(2)
        expect(strip().findAll('[stroke-dasharray]')).toHaveLength(0)
    })
})
