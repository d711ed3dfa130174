import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref, shallowRef } from 'vue'
import ReserveBlock from '@/bench/ReserveBlock.vue'
import type { ReserveState } from '@/bench/reserve'
import type { MemberDocument } from '@/contract/member'
import type { Reserve } from '@/contract/reserve'
import { mergePatch } from '@/lib/mergePatch'
import { answerTo, BEAM, documentOf, editorOf } from '@/testing/core'

describe('a merge patch', () => {
    // Examples of RFC 7396, appendix A.
    it.each([
        [{ a: 'b' }, { a: 'c' }, { a: 'c' }],
        [{ a: 'b' }, { b: 'c' }, { a: 'b', b: 'c' }],
        [{ a: 'b', b: 'c' }, { a: null }, { b: 'c' }],
        [{ a: ['b'] }, { a: 'c' }, { a: 'c' }],
        [{ a: 'c' }, { a: ['b'] }, { a: ['b'] }],
        [{ a: { b: 'c' } }, { a: { b: 'd', c: null } }, { a: { b: 'd' } }],
        [{ a: [{ b: 'c' }] }, { a: [1] }, { a: [1] }],
    ])('of %j with %j is %j', (target, patch, result) => {
        const changed = structuredClone(target) as Record<string, unknown>
        mergePatch(changed, patch)
        expect(changed).toEqual(result)
    })
})

describe('the reserve', () => {
    const WEAK: MemberDocument = { ...structuredClone(BEAM), section: 'IPE 240', grade: 'S235' }
    const stateOf = (answer: Reserve | null): ReserveState =>
        ({ open: ref(true), answer: shallowRef(answer), errors: ref({}) }) as unknown as ReserveState
    const { result, reserve } = answerTo(WEAK, 'reserve')

    it('tells factors and what would help, and makes a change at a click', async () => {
        const editor = editorOf(WEAK, result)
        const block = mount(ReserveBlock, { props: { editor, reserve: stateOf(reserve) } })
        expect(block.text()).toContain('Reserve, and what would help')
        expect(block.text()).toMatch(/0\.\d\dtimes all variable loads would hold/)
        const rows = block.findAll('tbody tr')
        expect(rows.map((r) => r.get('button').text())).toEqual(reserve.changes.map((c) => c.text))
        const at = reserve.changes.findIndex((c) => c.holds)
        await rows[at]!.get('button').trigger('click')
        const changed = answerTo(documentOf(editor)).result.verdict
        expect(changed.holds).toBe(true)
        expect(changed.ratio).toBeCloseTo(reserve.changes[at]!.ratio!, 6)
    })
    it('has words where there is no factor', () => {
        const none: Reserve = {
            variable: { state: 'none', factor: null },
            all: { state: 'beyond', factor: null },
            lengths: { state: 'none', factor: null },
            changes: [],
        }
        const text = mount(ReserveBlock, { props: { editor: editorOf(BEAM, result), reserve: stateOf(none) } }).text()
        expect(text).toContain('No variable load acts.')
        expect(text).toContain('The member holds with 100 times all loads but self-weight as well.')
        expect(
            mount(ReserveBlock, { props: { editor: editorOf(BEAM, result), reserve: stateOf(null) } }).text(),
        ).toContain('Weighing')
    })
})
