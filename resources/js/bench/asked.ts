import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import { api, ApiError } from '@/lib/api'

/** An answer about the member that is asked for only while somebody looks at it, and again whenever the member or the question changes. */
export function useAsked<T>(editor: Editor, path: string, question: () => Record<string, unknown>) {
    const open = ref(false)
    const answer = shallowRef<T | null>(null)
    const errors = ref<Record<string, string[]>>({})

    let running: AbortController | null = null
    async function load(): Promise<void> {
        const document = editor.document.value
        if (!open.value || !document) return
        running?.abort()
        running = new AbortController()
        try {
            const basis = editor.job.value?.basis
            answer.value = await api<T>('POST', path, { document: { ...document, basis }, ...question() }, running.signal)
            errors.value = {}
        } catch (e) {
            // A server that does not answer is told of by the editor.
            if (e instanceof ApiError && e.status !== 0) errors.value = Object.keys(e.errors).length ? e.errors : { '': [e.message] }
        }
    }
    const loadSoon = useDebounceFn(load, 80)
    watch([open, question, editor.document], () => void loadSoon(), { deep: true })

    return { open, answer, errors }
}
