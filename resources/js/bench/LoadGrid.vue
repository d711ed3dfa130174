<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Editor } from '@/bench/editor'
import { addRow, cellOf, COLUMNS, HEADS, pasteCells, setCell, SHORT, type Column } from '@/bench/loadGrid'
import { useTableKeys } from '@/bench/tableKeys'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument } from '@/contract/member'

/**
 * All loads as a table under the drawing, quick by keyboard: Enter and the arrow keys move down and up, Enter in the
 * last row begins a new one, cells of a spreadsheet are pasted from the cell on that has the cursor.
 */
const props = defineProps<{ editor: Editor; selected: string }>()
const emit = defineEmits<{ select: [id: string]; close: [] }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const table = ref<HTMLElement | null>(null)
const fault = (row: number, key: string): string | undefined => props.editor.errors.value[`loads.${row}.${key}`]?.[0]

function set(row: number, column: Column, text: string): void {
    props.editor.change((d) => setCell(d, row, column, text, units.value), `loads.${row}.${column}`)
}

function add(): void {
    let id = ''
    props.editor.change((d) => void (id = addRow(d, units.value)))
    emit('select', id)
}

const { onKey, onPaste } = useTableKeys<Column>({
    element: table,
    rows: () => doc.value.loads.length,
    add,
    paste: (at, text) => props.editor.change((d) => pasteCells(d, at.row, at.column, text, units.value)),
    close: () => emit('close'),
})

const textOf = (event: Event): string => (event.target as HTMLInputElement | HTMLSelectElement).value
</script>

<template>
    <section class="flex max-h-[42%] shrink-0 flex-col border-t border-ink bg-sheet" aria-label="Loads as a table">
        <div class="flex items-baseline gap-3 px-3 py-1">
            <h2 class="font-semibold">Loads</h2>
            <span class="truncate text-xs text-faint">Enter: next row. Cells of a spreadsheet can be pasted.</span>
            <button class="quiet ml-auto underline" @click="emit('close')">Close</button>
        </div>
        <div ref="table" class="min-h-0 overflow-auto px-2 pb-2" @keydown="onKey" @paste="onPaste">
            <table class="w-full table-fixed">
                <colgroup>
                    <col class="w-[19%]" />
                    <col class="w-[19%]" />
                    <col class="w-[14%]" />
                    <col class="w-[16%]" />
                    <col class="w-[12%]" />
                    <col class="w-[10%]" />
                    <col class="w-[10%]" />
                    <col class="w-4" />
                </colgroup>
                <thead>
                    <tr class="text-left">
                        <th v-for="column in COLUMNS" :key="column" class="px-0.5 font-normal">
                            <span class="label">{{ HEADS[column] }}</span>
                        </th>
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    <tr
                        v-for="(l, row) in doc.loads"
                        :key="l.id"
                        class="align-top"
                        :class="l.id === selected ? 'bg-accent-soft/60' : ''"
                        @focusin="emit('select', l.id)"
                    >
                        <td
                            v-for="column in COLUMNS"
                            :key="column"
                            class="px-0.5 py-px"
                            :data-row="row"
                            :data-column="column"
                        >
                            <input
                                v-if="column === 'name'"
                                class="field"
                                :class="l.off ? 'line-through' : ''"
                                :value="l.name"
                                :aria-label="`Name of load ${row + 1}`"
                                @input="set(row, 'name', textOf($event))"
                            />
                            <select
                                v-else-if="column === 'case'"
                                class="field"
                                :value="l.case"
                                :aria-label="`Load case of load ${row + 1}`"
                                :aria-invalid="!!fault(row, 'case')"
                                :title="fault(row, 'case')"
                                @change="set(row, 'case', textOf($event))"
                            >
                                <option v-for="c in doc.cases" :key="c.id" :value="c.id">{{ c.name }}</option>
                            </select>
                            <select
                                v-else-if="column === 'kind'"
                                class="field"
                                :value="l.kind"
                                :aria-label="`Kind of load ${row + 1}`"
                                @change="set(row, 'kind', textOf($event))"
                            >
                                <option v-for="(name, kind) in SHORT" :key="kind" :value="kind">{{ name }}</option>
                            </select>
                            <QuantityField
                                v-else-if="cellOf(l, column)"
                                :aria-label="`${HEADS[column]} of load ${row + 1}`"
                                :kind="cellOf(l, column)!.kind"
                                :units="units"
                                :model-value="l[cellOf(l, column)!.key]"
                                :error="fault(row, cellOf(l, column)!.key)"
                                :optional="cellOf(l, column)!.optional"
                                @update:model-value="(v) => set(row, column, v)"
                            />
                            <span v-else class="block truncate py-1 text-xs text-faint">{{
                                column === 'value' ? (l.buildUp ?? 'axles') : ''
                            }}</span>
                        </td>
                        <td>
                            <button
                                class="quiet px-0!"
                                :aria-label="`Remove load ${row + 1}`"
                                @click="editor.change((d) => void d.loads.splice(row, 1))"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
            <button class="quiet mt-1 underline" @click="add">Add a load</button>
        </div>
    </section>
</template>
