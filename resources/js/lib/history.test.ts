import { describe, expect, it } from 'vitest'
import { History } from './history'

describe('History', () => {
    it('goes back and forth, up to its limit', () => {
        const history = new History<number>()
        for (let i = 0; i < 500; i++) history.push(i)
        let now: number | null = 500
        for (let i = 499; i >= 200; i--) expect((now = history.undo(now as number))).toBe(i)
        expect(history.undo(0)).toBeNull()
        for (let i = 201; i <= 500; i++) expect((now = history.redo(now as number))).toBe(i)
        expect(history.canRedo).toBe(false)
    })
    it('makes one step of quick changes to one field', () => {
        const history = new History<string>()
        history.push('', 'name', false, 0)
        history.push('a', 'name', false, 300)
        history.push('ab', 'title', false, 500)
        expect(history.undo('abc')).toBe('ab')
        expect(history.undo('ab')).toBe('')
    })
    it('makes one step of a hold, however slow it is, and another of the next', () => {
        const history = new History<number>()
        history.push(0, 'drag.1', true, 0)
        history.push(1, 'drag.1', true, 5_000)
        history.push(2, 'drag.2', true, 5_100)
        expect(history.undo(3)).toBe(2)
        expect(history.undo(2)).toBe(0)
        expect(history.canUndo).toBe(false)
    })
    it('forgets what was undone when something else is changed', () => {
        const history = new History<number>()
        history.push(1)
        history.undo(2)
        history.push(1)
        expect(history.canRedo).toBe(false)
    })
})
