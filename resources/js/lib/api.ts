import { ref } from 'vue'

/** Calls to the server. Errors carry the server's sentence and, for a document, the fields that are wrong. */
export class ApiError extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly errors: Record<string, string[]> = {},
        readonly body: Record<string, unknown> = {},
    ) {
        super(message)
    }
}

/** True while the server cannot be reached. */
export const away = ref(false)

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'

/** Changes that are on their way: what is read next, maybe on another page, must have them. */
const changes = new Set<Promise<unknown>>()

export async function api<T>(method: Method, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
    if (method === 'GET') await Promise.allSettled(changes)
    const answer = send<T>(method, path, body, signal)
    if (method === 'PUT' || method === 'PATCH' || method === 'DELETE') {
        changes.add(answer)
        answer.catch(() => {}).finally(() => changes.delete(answer))
    }
    return answer
}

async function send<T>(method: Method, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
    let response: Response
    try {
        response = await fetch(`/api/${path}`, {
            method,
            signal,
            headers: {
                Accept: 'application/json',
                'Content-Type': 'application/json',
                'X-XSRF-TOKEN': cookie('XSRF-TOKEN'),
            },
            body: body === undefined ? undefined : JSON.stringify(body),
        })
    } catch (e) {
        if (e instanceof DOMException && e.name === 'AbortError') throw e
        away.value = true
        throw new ApiError(0, 'The server cannot be reached just now.')
    }
    // A gateway without the application behind it is "away" as well.
    away.value = response.status === 502 || response.status === 503 || response.status === 504
    const text = await response.text()
    let data: unknown = null
    try {
        data = text === '' ? null : JSON.parse(text)
    } catch {
        throw new ApiError(away.value ? 0 : response.status, 'The server gave an answer that cannot be read.')
    }
    if (!response.ok) {
        const fault = (data ?? {}) as { message?: string; errors?: Record<string, string[]> }
        throw new ApiError(
            away.value ? 0 : response.status,
            fault.message ?? 'Something went wrong on the server.',
            fault.errors ?? {},
            fault as Record<string, unknown>,
        )
    }
    return data as T
}

function cookie(name: string): string {
    const found = document.cookie.split('; ').find((c) => c.startsWith(`${name}=`))
    return found ? decodeURIComponent(found.slice(name.length + 1)) : ''
}
