/** So many steps can be undone: a document is some kilobytes. */
const MOST = 300

/** Undo and redo. Steps with the same key within a second are one; those of a hold are one however long it lasts. */
export class History<T> {
    private past: T[] = []
    private future: T[] = []
    private lastKey = ''
    private lastTime = 0

    get canUndo(): boolean {
        return this.past.length > 0
    }

    get canRedo(): boolean {
        return this.future.length > 0
    }

    /** Remembers the state before a change; true when that begins a new step. */
    push(state: T, key = '', isHold = false, now = Date.now()): boolean {
        const same =
            key !== '' && key === this.lastKey && (isHold || now - this.lastTime < 1000) && this.past.length > 0
        if (!same) this.past.push(state)
        if (this.past.length > MOST) this.past.shift()
        this.future = []
        this.lastKey = key
        this.lastTime = now
        return !same
    }

    undo(current: T): T | null {
        const state = this.past.pop()
        if (state === undefined) return null
        this.future.push(current)
        this.lastKey = ''
        return state
    }

    redo(current: T): T | null {
        const state = this.future.pop()
        if (state === undefined) return null
        this.past.push(current)
        this.lastKey = ''
        return state
    }
}
