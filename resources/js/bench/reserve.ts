import { useAsked } from '@/bench/asked'
import type { Editor } from '@/bench/editor'
import type { Reserve } from '@/contract/reserve'

/** How much more the member bears, and what would help one that does not hold; asked for while it is looked at. */
export const useReserve = (editor: Editor) => useAsked<Reserve>(editor, 'reserve', () => ({}))

export type ReserveState = ReturnType<typeof useReserve>
