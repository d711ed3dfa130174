import { reactive } from 'vue'
import { useAsked } from '@/bench/asked'
import type { Editor } from '@/bench/editor'
import type { Parts } from '@/contract/parts'
import { typed } from '@/lib/units'

/** What a value at a place of a diagram is made of. */
export function useParts(editor: Editor) {
    const ask = reactive({ effect: 'M', x: '', sign: 1 as 1 | -1 })
    const { open, answer, errors } = useAsked<Parts>(editor, 'parts', () => ({ parts: ask }))

    function look(effect: string, x: number, sign: 1 | -1): void {
        answer.value = null
        Object.assign(ask, { effect, x: typed(x, 'length', editor.units.value), sign })
        open.value = true
    }

    return { open, ask, answer, errors, look }
}

export type PartsState = ReturnType<typeof useParts>
