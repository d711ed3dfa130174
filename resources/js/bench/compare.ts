import { computed, shallowRef, toRaw } from 'vue'
import type { Editor } from '@/bench/editor'
import type { MemberDocument } from '@/contract/member'
import type { Result } from '@/contract/result'

interface Kept {
    member: number
    mark: string
    document: MemberDocument
    result: Result
}

/** Kept while the page is open, so that two members can be compared as well as two states of one. */
const kept = shallowRef<Kept | null>(null)

/** A state that is kept beside the one at work: its curves lie under those of now, its ratios stand beside them. */
export function useCompare(editor: Editor, member: number) {
    const isOwn = computed(() => kept.value?.member === member)
    const name = computed(() => {
        const of = kept.value
        if (!of) return ''
        const { section } = of.result
        return `${isOwn.value ? '' : `${of.mark}, `}${section.name} ${section.grade}`
    })

    function keep(): void {
        const document = editor.document.value
        const result = editor.result.value
        if (document && result)
            kept.value = { member, mark: document.mark ?? '', document: structuredClone(toRaw(document)), result }
    }

    function drop(): void {
        kept.value = null
    }

    /** Takes the kept state up again and keeps the present one instead; one step of undo. */
    function exchange(): void {
        const of = kept.value
        if (!of || !isOwn.value) return
        keep()
        editor.change((d) => {
            for (const key of Object.keys(d)) if (!(key in of.document)) Reflect.deleteProperty(d, key)
            Object.assign(d, structuredClone(of.document))
        })
    }

    return { kept, isOwn, name, keep, drop, exchange }
}

export type Compare = ReturnType<typeof useCompare>
