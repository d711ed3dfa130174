import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'
import type { MemberDocument } from '@/contract/member'
import { newMember } from '@/lib/member'
import { useEditor, type Editor } from './editor'

/** A server that keeps one member, as the real one answers. */
class Server {
    revision = 1
    document: MemberDocument = { ...newMember('B1', 'metric'), section: 'IPE 300' }
    puts = 0
    answer: 'work' | 'away' | 'gone' | 'busy' | 'broken' = 'work'

    async fetch(url: string, init: RequestInit): Promise<Response> {
        const json = (status: number, body: unknown): Response => new Response(JSON.stringify(body), { status })
        if (this.answer === 'away') throw new TypeError('no network')
        if (this.answer === 'busy')
            return json(503, { message: 'The database does not answer just now; this is tried again.' })
        if (this.answer === 'broken') return json(500, { message: 'A fault.' })
        if (url.endsWith('/design')) {
            const { document } = JSON.parse(init.body as string)
            if (document.length === 'x') return json(422, { message: 'bad', errors: { length: ['bad'] } })
            return json(200, {
                verdict: {
                    holds: true,
                    ratio: document.section.length / 10,
                    title: 'Bending',
                    weighing: 'bending',
                    reason: '',
                },
                section: { name: document.section, grade: 'S355' },
            })
        }
        if (init.method === 'GET')
            return json(200, {
                id: 1,
                revision: this.revision,
                document: this.document,
                job: { id: 2, name: 'Job', basis: { units: 'metric' } },
            })
        if (this.answer === 'gone')
            return json(404, { message: 'This no longer exists; it may have been deleted in another window.' })
        const { revision, document } = JSON.parse(init.body as string)
        this.puts++
        if (revision !== this.revision)
            return json(409, { message: 'changed', current: { revision: this.revision, document: this.document } })
        this.document = document
        return json(200, { revision: ++this.revision })
    }
}

describe('the editor', () => {
    let server: Server
    let scope: EffectScope
    let editor: Editor

    const later = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms)
    const setLength = (text: string): void => editor.change((d) => void (d.length = text), 'length')
    async function open(): Promise<void> {
        scope?.stop()
        scope = effectScope()
        editor = scope.run(() => useEditor(1)) as Editor
        await editor.load()
    }

    beforeEach(async () => {
        vi.useFakeTimers()
        localStorage.clear()
        server = new Server()
        vi.stubGlobal('fetch', (url: string, init: RequestInit) => server.fetch(url, init))
        await open()
    })
    afterEach(() => {
        scope.stop()
        vi.useRealTimers()
        vi.unstubAllGlobals()
    })

    it('saves a while after the last change, once', async () => {
        setLength('7 m')
        setLength('7.5 m')
        expect(editor.saveState.value).toBe('unsaved')
        await later(2000)
        expect([editor.saveState.value, server.puts, server.document.length]).toEqual(['saved', 1, '7.5 m'])
        expect(localStorage.length).toBe(0)
    })

    it('has everything stored before another page reads it, also what was typed during a save', async () => {
        setLength('7 m')
        await later(700)
        let answer: () => void = () => {}
        const fetch = server.fetch.bind(server)
        server.fetch = async (url, init) => {
            if (init.method === 'PUT' && server.puts === 1) await new Promise<void>((done) => (answer = done))
            return fetch(url, init)
        }
        setLength('8 m')
        await later(700)
        setLength('9 m')
        const done = editor.flush()
        answer()
        await done
        expect(server.document.length).toBe('9 m')
        expect(editor.saveState.value).toBe('saved')
    })
    it('keeps what cannot be sent, tries again, and brings it back to a window opened later', async () => {
        server.answer = 'away'
        setLength('8 m')
        await later(2000)
        expect(editor.saveState.value).toBe('away')
        server.answer = 'work'
        await open()
        expect(editor.document.value?.length).toBe('8 m')
        await later(2000)
        expect([editor.saveState.value, server.document.length]).toEqual(['saved', '8 m'])
    })

    it.each(['busy', 'broken'] as const)(
        'keeps, retries and sends what a server that is %s did not take',
        async (answer) => {
            server.answer = answer
            setLength('8 m')
            await later(2000)
            expect(editor.saveState.value).toBe('away')
            expect(localStorage.length).toBe(1)
            server.answer = 'work'
            await later(5000)
            expect([editor.saveState.value, server.document.length]).toEqual(['saved', '8 m'])
        },
    )

    it('sends what this browser has no room to keep, and says so', async () => {
        const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError')
        })
        setLength('8 m')
        expect(editor.isKept.value).toBe(false)
        await later(2000)
        full.mockRestore()
        expect([editor.saveState.value, editor.isKept.value, server.document.length]).toEqual(['saved', true, '8 m'])
    })

    it('goes on saving by itself when the server is back', async () => {
        server.answer = 'away'
        setLength('8 m')
        await later(2000)
        server.answer = 'work'
        await later(5000)
        expect([editor.saveState.value, server.document.length]).toEqual(['saved', '8 m'])
    })

    describe('when another window has saved in between', () => {
        beforeEach(async () => {
            server.revision = 5
            server.document = { ...newMember('B1', 'metric'), length: '9 m' }
            setLength('5 m')
            await later(2000)
            expect(editor.saveState.value).toBe('conflict')
        })

        it('overwrites nothing while it is not settled', async () => {
            setLength('5.5 m')
            await later(3000)
            expect(server.document.length).toBe('9 m')
        })
        it('keeps what is here; undo brings the other state', async () => {
            editor.settle('mine')
            await later(2000)
            expect([editor.saveState.value, server.document.length]).toEqual(['saved', '5 m'])
            editor.undo()
            expect(editor.document.value?.length).toBe('9 m')
        })
        it('takes the other one; undo brings this state back', async () => {
            editor.settle('theirs')
            await later(2000)
            expect([editor.saveState.value, editor.document.value?.length]).toEqual(['saved', '9 m'])
            editor.undo()
            expect(editor.document.value?.length).toBe('5 m')
        })
    })

    it('says when the member was deleted elsewhere and loses nothing', async () => {
        server.answer = 'gone'
        setLength('7 m')
        await later(2000)
        expect([editor.saveState.value, editor.saveMessage.value]).toEqual([
            'refused',
            expect.stringContaining('no longer exists'),
        ])
        expect(editor.document.value?.length).toBe('7 m')
    })

    it('shows the last complete result while a field is wrong, and saves the wrong text all the same', async () => {
        setLength('x')
        await later(2000)
        expect(editor.errors.value).toEqual({ length: ['bad'] })
        expect(editor.result.value?.section.name).toBe('IPE 300')
        expect(server.document.length).toBe('x')
    })

    it('remembers the verdict before a change', async () => {
        editor.change((d) => void (d.section = 'HEB 1000'))
        await later(10)
        expect(editor.before.value?.section).toBe('IPE 300 S355')
        expect(editor.result.value?.section.name).toBe('HEB 1000')
        // Several changes of one step, as in a drag, are compared with where the step began.
        for (const name of ['IPE 80', 'IPE 8', 'IPE']) {
            editor.change((d) => void (d.section = name), 'drag')
            await later(10)
        }
        expect(editor.before.value?.section).toBe('HEB 1000 S355')
    })

    it('stores units in the job and designs with them', async () => {
        editor.setUnits('us')
        await later(10)
        expect(editor.units.value).toBe('us')
    })
})
