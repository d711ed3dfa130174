import { nextTick, type Ref } from 'vue'

/** Where a cell of a table is: its row, and the column by name. */
interface Place<C extends string> {
    row: number
    column: C
}

/**
 * What a table of inputs needs so that it is filled by keyboard and from a spreadsheet. Cells carry data-row and
 * data-column.
 */
interface Table<C extends string> {
    element: Ref<HTMLElement | null>
    rows: () => number
    add: () => void
    paste: (at: Place<C>, text: string) => void
    close: () => void
}

/** Is this more than one cell? */
export const isTable = (text: string): boolean => /[\t\n]/.test(text.replace(/\r?\n$/, ''))

/**
 * Enter and the arrow keys move down and up, Enter in the last row begins a new one, Escape closes; cells of a
 * spreadsheet go from the cell on that has the cursor.
 */
export function useTableKeys<C extends string>(
    table: Table<C>,
): { onKey: (event: KeyboardEvent) => void; onPaste: (event: ClipboardEvent) => void } {
    async function focus(row: number, column: C): Promise<void> {
        await nextTick()
        const cell = table.element.value?.querySelector<HTMLElement>(`[data-row="${row}"][data-column="${column}"]`)
        cell?.querySelector<HTMLElement>('input, select')?.focus()
    }

    function placeOf(event: Event): Place<C> | null {
        const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-row]')
        return cell ? { row: Number(cell.dataset.row), column: cell.dataset.column as C } : null
    }

    function onKey(event: KeyboardEvent): void {
        if (event.key === 'Escape') table.close()
        const at = placeOf(event)
        if (!at) return
        const inList = (event.target as HTMLElement).tagName === 'SELECT'
        if (event.key === 'Enter') {
            event.preventDefault()
            // What was typed is given on before there is another row.
            ;(event.target as HTMLElement).blur()
            if (at.row === table.rows() - 1 && !event.shiftKey) table.add()
            void focus(at.row + (event.shiftKey ? -1 : 1), at.column)
        } else if (!inList && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
            event.preventDefault()
            void focus(at.row + (event.key === 'ArrowDown' ? 1 : -1), at.column)
        }
    }

    function onPaste(event: ClipboardEvent): void {
        const text = event.clipboardData?.getData('text/plain') ?? ''
        const at = placeOf(event)
        if (!at || !isTable(text)) return
        event.preventDefault()
        ;(event.target as HTMLElement).blur()
        table.paste(at, text)
        void focus(at.row, at.column)
    }

    return { onKey, onPaste }
}
