<script setup lang="ts">
import { computed } from 'vue'
import type { TableBlock } from '@/contract/sheet'

const props = defineProps<{ block: TableBlock }>()
const columns = computed(() =>
    props.block.columns.map((c) => ({ text: c.replace(/^>/, ''), number: c.startsWith('>') })),
)
</script>

<template>
    <table class="sheet-table">
        <thead>
            <tr>
                <th v-for="(c, i) in columns" :key="i" :class="{ number: c.number }">{{ c.text }}</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="(row, r) in block.rows" :key="r">
                <td v-for="(cell, i) in row" :key="i" :class="{ number: columns[i]?.number }">{{ cell }}</td>
            </tr>
        </tbody>
    </table>
</template>
