import { ref } from 'vue'
import { useAsked } from '@/bench/asked'
import type { Editor } from '@/bench/editor'
import type { Collapse } from '@/contract/collapse'

/** Plastic collapse under one combination; empty: the one that collapses first. */
export function useCollapse(editor: Editor) {
    const combination = ref('')
    return { combination, ...useAsked<Collapse>(editor, 'collapse', () => ({ combination: combination.value })) }
}

export type CollapseState = ReturnType<typeof useCollapse>
