<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Editor } from '@/bench/editor'
import { governs, MOST, rowsOf } from '@/bench/endForces'
import type { MemberDocument } from '@/contract/member'

/** Forces at the ends of the member from an analysis of the whole structure: a row for each of its combinations. */
const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ table: [] }>()
const rows = computed(() => (props.editor.document.value as MemberDocument).endForces ?? [])
const said = ref('')
const governing = computed(() =>
    Object.entries(governs(props.editor.result.value)).map(
        ([row, titles]) => `${rows.value[Number(row)]?.name || `row ${Number(row) + 1}`}: ${titles.join(', ')}`,
    ),
)
const faults = computed(() =>
    Object.entries(props.editor.errors.value).filter(([path]) => path.startsWith('endForces')),
)

async function read(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    if (!file) return
    const read = rowsOf(await file.text(), props.editor.units.value)
    input.value = ''
    const room = MOST - rows.value.length
    said.value =
        read.length === 0
            ? `There are no rows in ${file.name}.`
            : read.length > room
              ? `${file.name} has ${read.length} rows; there is room for ${room} more.`
              : `${read.length} ${read.length === 1 ? 'row' : 'rows'} read from ${file.name}.`
    if (read.length > 0 && read.length <= room) props.editor.change((d) => void (d.endForces ??= []).push(...read))
}
</script>

<template>
    <p class="text-xs text-faint">
        N, My and Mz at the start and the end, as an analysis of the whole structure gives them for each of its
        combinations: factored, with sway and second order in it. Every row is weighed.
    </p>
    <div class="mt-1 flex flex-wrap items-baseline gap-x-3">
        <button class="quiet underline" @click="emit('table')">{{ rows.length ? 'As a table' : 'Enter rows' }}</button>
        <label class="quiet cursor-pointer underline focus-within:outline-2">
            Read a CSV file<input
                type="file"
                accept=".csv,.txt,text/csv"
                class="sr-only"
                aria-label="Read end forces from a CSV file"
                @change="read"
            />
        </label>
        <button v-if="rows.length" class="quiet underline" @click="editor.change((d) => void (d.endForces = []))">
            Remove all
        </button>
    </div>
    <p v-if="said" class="mt-1 text-xs" aria-live="polite">{{ said }}</p>
    <p v-for="[path, messages] in faults.slice(0, 3)" :key="path" class="fault" role="alert">
        {{ path === 'endForces' ? '' : `Row ${Number(path.split('.')[1]) + 1}: ` }}{{ messages[0] }}
    </p>
    <p v-if="faults.length > 3" class="fault">and {{ faults.length - 3 }} more</p>
    <ul v-if="governing.length" class="mt-1 text-xs">
        <li v-for="g in governing" :key="g">{{ g }}</li>
    </ul>
</template>
