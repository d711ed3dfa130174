<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, ref } from 'vue'
import type { Editor } from '@/bench/editor'
import { COLUMNS, governs, HEADS, kindOf, pasteCells, setCell, shown, type Column } from '@/bench/endForces'
import { useTableKeys } from '@/bench/tableKeys'
import type { EndForcesDocument, MemberDocument } from '@/contract/member'
import { unitOf } from '@/lib/units'
import LazyField from '@/components/LazyField.vue'
import { materialOf } from '@/materials'
import { durationsOf } from '@/materials/durations'

/** The rows of end forces as a table under the drawing; keys as in the table of loads. */
const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ close: [] }>()
const rows = computed(() => (props.editor.document.value as MemberDocument).endForces ?? [])
const units = computed(() => props.editor.units.value)
const governed = computed(() => governs(props.editor.result.value))
const table = ref<HTMLElement | null>(null)
const fault = (row: number, column: string): string | undefined =>
    props.editor.errors.value[`endForces.${row}.${column}`]?.[0]
const whole = computed(() => props.editor.errors.value.endForces?.[0])

function set(row: number, column: Column, text: string): void {
    props.editor.change((d) => setCell(d.endForces ?? [], row, column, text, units.value), `endForces.${row}.${column}`)
}

/** Of timber, whose strength goes by how long loads stay. */
const byDuration = computed(() => materialOf(props.editor.document.value).byDuration)
const durations = computed(() => durationsOf(props.editor.job.value?.basis.combinations))
function setDuration(row: EndForcesDocument | undefined, to: string): void {
    if (!row) return
    if (to) row.duration = to as NonNullable<EndForcesDocument['duration']>
    else delete row.duration
}

function add(): void {
    props.editor.change((d) => void (d.endForces ??= []).push({}))
}

const { onKey, onPaste } = useTableKeys<Column>({
    element: table,
    rows: () => rows.value.length,
    add,
    paste: (at, text) => props.editor.change((d) => pasteCells(d, at.row, at.column, text, units.value)),
    close: () => emit('close'),
})
</script>

<template>
    <section class="flex max-h-[42%] shrink-0 flex-col border-t border-ink bg-sheet" aria-label="End forces as a table">
        <div class="flex items-baseline gap-3 px-3 py-1">
            <h2 class="font-semibold whitespace-nowrap">End forces</h2>
            <span class="truncate text-xs text-faint"
                >N compression +, My sagging +, Mz tension in front +. Rows can be pasted.</span
            >
            <button class="quiet ml-auto underline" @click="emit('close')">Close</button>
        </div>
        <p v-if="whole" class="fault px-3" role="alert">{{ whole }}</p>
        <div ref="table" class="min-h-0 overflow-auto px-2 pb-2" @keydown="onKey" @paste="onPaste">
            <table class="w-full table-fixed">
                <colgroup>
                    <col class="w-8" />
                    <col class="w-[25%]" />
                    <col span="5" />
                    <col v-if="byDuration" class="w-[12%]" />
                    <col class="w-[17%]" />
                    <col class="w-4" />
                </colgroup>
                <thead>
                    <tr class="text-left">
                        <th></th>
                        <th v-for="column in COLUMNS" :key="column" class="px-0.5 font-normal">
                            <span class="label" :class="column === 'name' ? '' : 'text-right'"
                                >{{ HEADS[column]
                                }}{{ column === 'name' ? '' : ` ${unitOf(kindOf(column), units)}` }}</span
                            >
                        </th>
                        <th v-if="byDuration" class="px-0.5 font-normal"><FieldLabel text="Stays" /></th>
                        <th class="px-0.5 font-normal"><FieldLabel text="Governs" /></th>
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(forces, row) in rows" :key="row">
                        <td class="text-right text-xs text-faint">{{ row + 1 }}</td>
                        <td
                            v-for="column in COLUMNS"
                            :key="column"
                            class="px-0.5 py-px"
                            :data-row="row"
                            :data-column="column"
                        >
                            <LazyField
                                :class="column === 'name' ? '' : 'text-right'"
                                :model-value="shown(forces[column], column, units)"
                                :aria-label="`${HEADS[column]} of row ${row + 1}`"
                                :aria-invalid="!!fault(row, column)"
                                :title="fault(row, column)"
                                @commit="set(row, column, $event)"
                            />
                            <span v-if="fault(row, column)" class="fault" role="alert">{{ fault(row, column) }}</span>
                        </td>
                        <td v-if="byDuration" class="px-0.5 py-px">
                            <select
                                class="field"
                                :value="forces.duration ?? ''"
                                :aria-label="`How long row ${row + 1} stays`"
                                @change="
                                    editor.change((d) =>
                                        setDuration(d.endForces?.[row], ($event.target as HTMLSelectElement).value),
                                    )
                                "
                            >
                                <option value="">{{ durations.medium }}</option>
                                <option v-for="(name, duration) in durations" :key="duration" :value="duration">
                                    {{ name }}
                                </option>
                            </select>
                        </td>
                        <td class="truncate px-1 text-xs" :title="(governed[row] ?? []).join(', ')">
                            {{ (governed[row] ?? []).join(', ') }}
                        </td>
                        <td>
                            <button
                                class="quiet px-0!"
                                :aria-label="`Remove row ${row + 1}`"
                                @click="editor.change((d) => void d.endForces?.splice(row, 1))"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
            <button class="quiet mt-1 underline" @click="add">Add a row</button>
        </div>
    </section>
</template>
