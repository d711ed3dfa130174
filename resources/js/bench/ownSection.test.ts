import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import OwnSectionFields from '@/materials/steel/OwnSectionFields.vue'
import { isAngle, isTee, nameOf, nameOfStrips, ownSection, SECTION_NAMES, stripsOf } from '@/lib/sections'
import { BEAM, answerTo, documentOf, editorOf } from '@/testing/core'

it('reads the name of a welded section as the core does', () => {
    expect(ownSection('Welded I 500x200x8x15')).toEqual({ kind: 'I', dimensions: [500, 200, 8, 15] })
    expect(ownSection('welded I 600x300x200x10x20x15')).toEqual({
        kind: 'unequal',
        dimensions: [600, 300, 200, 10, 20, 15],
    })
    expect(nameOf('unequal', [600, 300, 200, 10, 20, 15])).toBe('welded I 600×300×200×10×20×15')
    expect(ownSection('welded box 300 × 200 × 10')).toEqual({ kind: 'box', dimensions: [300, 200, 10] })
    expect(ownSection('Flat 120 x 15')).toEqual({ kind: 'flat', dimensions: [120, 15] })
    expect(ownSection('round 40')).toEqual({ kind: 'round', dimensions: [40] })
    expect(ownSection('Welded T 150x120x8x12')).toEqual({ kind: 'tee', dimensions: [150, 120, 8, 12] })
    expect(ownSection('hollow 180×100×7 cold')).toEqual({ kind: 'hollowCold', dimensions: [180, 100, 7] })
    expect(ownSection('tube 200x8')?.kind).toBe('tube')
    expect([nameOf('tubeCold', [200, 8]), nameOf('angle', [120, 80, 10])]).toEqual([
        'tube 200×8 cold',
        'angle 120×80×10',
    ])
    expect([nameOf('flat', [120, 15]), nameOf('round', [40])]).toEqual(['flat 120×15', 'round 40'])
    expect([ownSection('flat 120'), ownSection('round 40×20')]).toEqual([null, null])
    expect([ownSection('IPE 300'), ownSection('welded I 500×200×8'), ownSection('welded I 500×200×0×9')]).toEqual([
        null,
        null,
        null,
    ])
    expect(nameOf('I', [500, 200, 7.999999, 15])).toBe('welded I 500×200×8×15')
    expect(SECTION_NAMES).toContain('RHS 200×100×8')
})

it('names tees as the core does, and knows them by any writing', () => {
    for (const name of ['½ IPE 300', 'WT10.5×22', 'WT5×6']) {
        expect(SECTION_NAMES).toContain(name)
        expect(isTee(name)).toBe(true)
        expect(answerTo({ ...BEAM, section: name }).result.section.shape).toBe('tee')
    }
    expect(['L 100×100×10', 'l4x4x1/2', 'angle 90×90×9', 'flat 120×15', 'UPE 200'].map(isAngle)).toEqual([
        true,
        true,
        true,
        false,
        false,
    ])
    expect([
        isTee('1/2 ipe 300'),
        isTee('wt7x34'),
        isTee('welded T 150×120×8×12'),
        isTee('W10×49'),
        isTee('IPE 300'),
    ]).toEqual([true, true, true, false, false])
})

it('begins with the section at work and writes each dimension into its name', async () => {
    const { result } = answerTo(BEAM)
    const editor = editorOf(BEAM, result)
    const fields = mount(OwnSectionFields, { props: { editor } })
    await fields.get('button').trigger('click')
    expect(documentOf(editor).section).toBe('welded I 300×150×7.1×10.7')
    await fields.findAll('input')[0]!.setValue('420')
    expect(documentOf(editor).section).toBe('welded I 420×150×7.1×10.7')
    await fields.findAll('input')[2]!.setValue('1 cm')
    expect(documentOf(editor).section).toBe('welded I 420×150×10×10.7')
    await fields.findAll('input')[2]!.setValue('thick')
    expect(documentOf(editor).section).toBe('welded I 420×150×10×10.7')
    expect(answerTo(documentOf(editor)).result.section.name).toBe('welded I 420×150×10×10.7')
    await fields.get('select').setValue('unequal')
    expect(documentOf(editor).section).toBe('welded I 300×150×150×7.1×10.7×10.7')
    await fields.findAll('input')[1]!.setValue('220')
    expect(answerTo(documentOf(editor)).result.section.name).toBe('welded I 300×220×150×7.1×10.7×10.7')
    await fields.get('select').setValue('box')
    expect(documentOf(editor).section).toBe('welded box 300×150×10.7')
    for (const [kind, shape] of [
        ['tee', 'tee'],
        ['channel', 'channel'],
        ['angle', 'angle'],
        ['hollowCold', 'rectangle'],
        ['tube', 'circle'],
    ] as const) {
        await fields.get('select').setValue(kind)
        expect(answerTo(documentOf(editor)).result.section.shape).toBe(shape)
    }
})

it('keeps what is no dimension in its field, with what is wrong, and the section as it was', async () => {
    const editor = editorOf({ ...BEAM, section: 'welded I 420×150×8×12' })
    const fields = mount(OwnSectionFields, { props: { editor } })
    const web = fields.findAll('input')[2]!
    for (const [text, says] of [
        ['thick', 'thick'],
        ['0', 'A dimension is more than 0.'],
        ['-3 mm', 'A dimension is more than 0.'],
    ] as const) {
        await web.trigger('focus')
        await web.setValue(text)
        await web.trigger('blur')
        expect(web.element.value).toContain(text)
        expect(fields.get('.fault').text()).toContain(says)
        expect(documentOf(editor).section).toBe('welded I 420×150×8×12')
    }
    // What begins with 0 can be typed on.
    await web.setValue('0.9 cm')
    expect(fields.find('.fault').exists()).toBe(false)
    expect(documentOf(editor).section).toBe('welded I 420×150×9×12')
})

it('builds a section of strips, and keeps what is no strip as it was typed', async () => {
    expect(stripsOf('IPE 300')).toBeNull()
    expect(nameOfStrips(stripsOf('Strips 12: 0,0 200,0;8: 100,6 100,160')!)).toBe(
        'strips 12: 0,0 200,0; 8: 100,6 100,160',
    )
    const editor = editorOf(BEAM, answerTo(BEAM).result)
    const fields = mount(OwnSectionFields, { props: { editor } })
    await fields.get('button').trigger('click')
    await fields.get('select').setValue('strips')
    expect(answerTo(documentOf(editor)).result.section.strips).toHaveLength(3)
    const points = fields.findAll('input')[3]!
    await points.setValue('100,6 100')
    expect(documentOf(editor).section).toBe('strips 12: 0,0 200,0; 8: 100,6 100')
    expect(points.element.value).toBe('100,6 100')
    await points.setValue('100,6 100,300')
    await fields
        .findAll('button')
        .find((b) => b.text() === 'Add a strip')!
        .trigger('click')
    expect(stripsOf(documentOf(editor).section ?? '')).toHaveLength(3)
    await fields.get('[aria-label="Remove strip 3"]').trigger('click')
    expect(answerTo(documentOf(editor)).result.section.h).toBeCloseTo(306, 6)
})
