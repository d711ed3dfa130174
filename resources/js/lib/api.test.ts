import { afterEach, expect, it, vi } from 'vitest'
import { api } from './api'

afterEach(() => vi.unstubAllGlobals())

it('reads only after the changes that are on their way, whatever becomes of them', async () => {
    const asked: string[] = []
    let answer: (response: Response) => void = () => {}
    vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
        asked.push(`${init.method} ${url}`)
        return init.method === 'PATCH'
            ? new Promise<Response>((resolve) => (answer = resolve))
            : Promise.resolve(new Response('{}', { status: 200 }))
    })
    const change = api('PATCH', 'jobs/1', {})
    const failed = expect(change).rejects.toThrow('Not so.')
    const read = api('GET', 'members/1')
    await api('POST', 'design', {})
    expect(asked).toEqual(['PATCH /api/jobs/1', 'POST /api/design'])
    answer(new Response('{"message":"Not so."}', { status: 422 }))
    await failed
    await read
    expect(asked.at(-1)).toBe('GET /api/members/1')
})
