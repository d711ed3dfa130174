import { useDebounceFn, useTimeoutFn } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import { api, ApiError } from '@/lib/api'

/**
 * An answer about the member that is asked for only while somebody looks at it, and again whenever the member or the
 * question changes.
 */
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
            answer.value = await api<T>(
                'POST',
                path,
                { document: { ...document, basis }, ...question() },
                running.signal,
            )
            errors.value = {}
        } catch (e) {
            if (!(e instanceof ApiError)) return
            // It is asked again when its turn has come; a newer question is on its way already.
            if (e.status === 429) askAgain()
            // A server that does not answer is told of by the editor.
            else if (e.status !== 0 && e.status !== 409)
                errors.value = Object.keys(e.errors).length ? e.errors : { '': [e.message] }
        }
    }
    const { start: askAgain } = useTimeoutFn(load, 2000, { immediate: false })
    const loadSoon = useDebounceFn(load, 80)
    watch([open, question, editor.document], () => void loadSoon(), { deep: true })

    return { open, answer, errors }
}
