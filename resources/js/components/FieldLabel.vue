<script setup lang="ts">
import { helpOf } from '@/lib/help'

/** The label of a field; with a dotted line where there is help to it. */
defineProps<{ text: string }>()
</script>

<template>
    <span class="label"
        ><span
            :class="helpOf(text) ? 'cursor-help decoration-dotted underline-offset-2 hover:underline' : ''"
            :title="helpOf(text)"
            >{{ text }}</span
        ></span
    >
</template>
