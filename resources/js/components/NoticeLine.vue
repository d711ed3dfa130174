<script setup lang="ts">
import { notice } from '@/lib/notice'
</script>

<template>
    <div
        v-if="notice.text"
        class="fixed bottom-4 left-1/2 flex -translate-x-1/2 items-center gap-4 bg-ink px-4 py-2 text-sheet"
        role="status"
    >
        <span>{{ notice.text }}</span>
        <button v-if="notice.undo" class="underline" @click="notice.back()">Undo</button>
        <button aria-label="Close" @click="notice.say('')">×</button>
    </div>
</template>
