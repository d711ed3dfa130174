<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import { spansOf } from '@/bench/spans'
import type { MemberDocument } from '@/contract/member'

/** Arrangements of imposed load by hand: one row each, a mark for every span or overhang that it lies on. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const rows = computed(() => doc.value.arrangements ?? [])
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]
/** Spans that are marked but are not there any more have a column too, so that they can be taken out. */
const columns = computed(() => {
    const spans = spansOf(doc.value)
    const last = Math.max(spans.length, ...rows.value.flat())
    return Array.from({ length: last }, (_, i) => ({ number: i + 1, name: spans[i]?.name ?? 'not there' }))
})

function toggle(i: number, span: number): void {
    props.editor.change((d) => {
        const row = d.arrangements?.[i]
        d.arrangements?.splice(
            i,
            1,
            row?.includes(span) ? row.filter((n) => n !== span) : [...(row ?? []), span].sort((a, b) => a - b),
        )
    })
}

/** Every other span to begin with: the one that is wanted most often beside all. */
function add(): void {
    const odd = columns.value.map((c) => c.number).filter((n) => n % 2 === 1)
    props.editor.change((d) => void (d.arrangements = [...(d.arrangements ?? []), odd]))
}

const short = (name: string): string =>
    name.replace('Span ', '').replace('Left overhang', 'left').replace('Right overhang', 'right')
</script>

<template>
    <div>
        <div class="overflow-x-auto" tabindex="0" aria-label="Arrangements of imposed load">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th>Loaded spans</th>
                        <th v-for="c in columns" :key="c.number" class="text-center! font-normal" :title="c.name">
                            {{ short(c.name) }}
                        </th>
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(row, i) in rows" :key="i">
                        <td>{{ i + 1 }}</td>
                        <td v-for="c in columns" :key="c.number" class="text-center">
                            <input
                                type="checkbox"
                                class="size-3.5"
                                :checked="row.includes(c.number)"
                                :aria-label="`Arrangement ${i + 1} loads ${c.name}`"
                                @change="toggle(i, c.number)"
                            />
                        </td>
                        <td>
                            <button
                                class="quiet px-1!"
                                :aria-label="`Remove arrangement ${i + 1}`"
                                @click="editor.change((d) => void d.arrangements?.splice(i, 1))"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <template v-for="(_, i) in rows" :key="i">
            <p v-if="fault(`arrangements.${i}`)" class="fault" role="alert">
                Arrangement {{ i + 1 }}: {{ fault(`arrangements.${i}`) }}
            </p>
        </template>
        <p v-if="fault('arrangements')" class="fault" role="alert">{{ fault('arrangements') }}</p>
        <button class="quiet underline" @click="add">Add an arrangement</button>
    </div>
</template>
