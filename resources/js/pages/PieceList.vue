<script setup lang="ts">
import { computed } from 'vue'
import type { MemberRow } from '@/lib/jobs'
import { massOfPieces, piecesCsv, piecesOf, volumeOf } from '@/lib/pieces'
import { format, type UnitSystem } from '@/lib/units'

/** What all members of a job are cut from, summed, and as a file. */
const props = defineProps<{ members: MemberRow[]; units: UnitSystem; job: string }>()
const rows = computed(() => piecesOf(props.members))
const sum = (of: 'volume' | 'mass'): number => rows.value.reduce((all, row) => all + row[of], 0)

function download(): void {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([piecesCsv(rows.value, props.units)], { type: 'text/csv' }))
    link.download = `${props.job.replace(/[^\w-]+/g, '-')}-timber.csv`
    link.click()
    URL.revokeObjectURL(link.href)
}
</script>

<template>
    <details v-if="rows.length" class="mt-6">
        <summary class="cursor-pointer font-serif text-lg">Timber list</summary>
        <table class="grid-table mt-2">
            <thead>
                <tr>
                    <th>Timber</th>
                    <th>Grade</th>
                    <th class="number">Pieces</th>
                    <th class="number">Length</th>
                    <th class="number">Volume</th>
                    <th class="number">Mass</th>
                    <th>Members</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="`${row.name} ${row.grade} ${row.length}`">
                    <td>{{ row.name }}</td>
                    <td>{{ row.grade }}</td>
                    <td class="number">{{ row.pieces }}</td>
                    <td class="number">{{ format(row.length, 'length', units) }}</td>
                    <td class="number">{{ volumeOf(row.volume, units) }}</td>
                    <td class="number">{{ massOfPieces(row.mass, units) }}</td>
                    <td>{{ row.marks.join(', ') }}</td>
                </tr>
                <tr class="font-semibold">
                    <td colspan="4">All</td>
                    <td class="number">{{ volumeOf(sum('volume'), units) }}</td>
                    <td class="number">{{ massOfPieces(sum('mass'), units) }}</td>
                    <td></td>
                </tr>
            </tbody>
        </table>
        <button class="quiet mt-1 px-0! underline" @click="download">Save as CSV</button>
    </details>
</template>
