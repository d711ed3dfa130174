import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref, shallowRef } from 'vue'
import CollapsePanel from '@/bench/CollapsePanel.vue'
import type { CollapseState } from '@/bench/collapse'
import type { Collapse } from '@/contract/collapse'
import SheetPaper from '@/sheet/SheetPaper.vue'
import MechanismStrip from '@/strips/MechanismStrip.vue'
import { answerTo, BEAM, documentOf, editorOf } from '@/testing/core'

const beam = {
    ...BEAM,
    restraint: { top: { kind: 'continuous' as const }, bottom: { kind: 'continuous' as const } },
    collapse: true,
}
const answer = answerTo(beam, 'collapse', 'full')
const asked = (collapse: Collapse): CollapseState => ({
    combination: ref(''),
    open: ref(true),
    answer: shallowRef(collapse),
    errors: ref({}),
})

describe('collapse', () => {
    it('tells the factor and the hinges in their order, and goes on the sheet', async () => {
        const editor = editorOf(beam, answer.result)
        const panel = mount(CollapsePanel, { props: { editor, collapse: asked(answer.collapse) } })
        expect(panel.text()).toContain(answer.collapse.factor!.toFixed(3))
        const rows = panel.findAll('tbody tr')
        expect(rows.map((r) => r.text().slice(0, 2))).toEqual(answer.collapse.hinges.map((_, i) => `${i + 1},`))
        await rows[0]!.trigger('click')
        expect(panel.emitted('read')).toEqual([[answer.collapse.hinges[0]!.x]])
        await panel.find('input[type=checkbox]').setValue(false)
        expect(documentOf(editor)).not.toHaveProperty('collapse')
    })

    it('gives the reason where there is no factor', () => {
        const loose = answerTo({ ...BEAM, section: 'HEA 300', grade: 'S460' }, 'collapse').collapse
        expect(loose.factor).toBeNull()
        const panel = mount(CollapsePanel, { props: { editor: editorOf(BEAM, answer.result), collapse: asked(loose) } })
        expect(panel.text()).toContain(loose.reason)
        expect(panel.find('table').exists()).toBe(false)
    })

    it('draws rigid parts between numbered hinges', () => {
        const strip = mount(MechanismStrip, {
            props: {
                collapse: answer.collapse,
                sx: (x: number) => x / 20,
                left: 0,
                right: 550,
                y: 0,
                height: 110,
                units: 'metric',
            },
        })
        expect(strip.findAll('circle')).toHaveLength(answer.collapse.hinges.length)
    })

    it('prints with the sheet where it is asked for', () => {
        const text = mount(SheetPaper, { props: { sheet: answer.full } }).text()
        expect(text).toContain('Plastic collapse')
        expect(text).toContain('In the mechanism')
        expect(mount(SheetPaper, { props: { sheet: answerTo(BEAM, 'full').full } }).text()).not.toContain(
            'Plastic collapse',
        )
    })
})
