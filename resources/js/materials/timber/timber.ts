import { computed, type ComputedRef } from 'vue'
import type { Editor } from '@/bench/editor'
import type { MemberDocument, TimberDocument } from '@/contract/member'

/** The same object with a value, or without it where that is an empty text. */
export function changed<T extends object, K extends keyof T>(of: T, key: K, to: T[K] | '' | undefined): T {
    const rest = Object.entries(of).filter(([name]) => name !== key)
    return Object.fromEntries(to === '' || to === undefined || to === false ? rest : [...rest, [key, to]]) as T
}

/** The timber block of the document that is edited: what it says, its faults, and how it is changed. */
export function useTimber(editor: Editor) {
    const timber: ComputedRef<TimberDocument | undefined> = computed(
        () => (editor.document.value as MemberDocument).timber,
    )
    /** The family of rules for combinations, which the standard for timber goes with. */
    const family = computed(() => (editor.job.value?.basis.combinations ?? '6.10').split('-')[0] ?? '')
    const fault = (path: string): string | undefined => editor.errors.value[`timber.${path}`]?.[0]

    /** An empty text takes the value away. */
    function set<K extends keyof TimberDocument>(key: K, to: TimberDocument[K] | ''): void {
        editor.change((d) => {
            if (d.timber) d.timber = changed(d.timber, key, to)
        }, `timber.${key}`)
    }
    return {
        timber,
        family,
        fault,
        set,
        units: editor.units,
        isEuropean: computed(() => family.value.startsWith('6.10')),
    }
}
