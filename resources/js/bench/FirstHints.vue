<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'

/** Three hints in an empty bench; closed once, they are gone for good. */
const closed = useLocalStorage('waage.hints', false)
const HINTS = [
    ['Left', 'Give spans and supports, then loads. A field takes units and sums: 3.2 m + 1.8 m.'],
    ['Middle', 'Click into the drawing to put a load or a support there. What is drawn can be dragged.'],
    ['Right', 'The verdict follows at once. A weighing opens its derivation; ? shows the keys.'],
] as const
</script>

<template>
    <div
        v-if="!closed"
        class="absolute right-4 bottom-6 left-20 z-5 border border-ink bg-sheet px-4 py-3"
        role="note"
        aria-label="First steps"
        @click.stop
    >
        <dl class="grid grid-cols-[4rem_1fr] gap-y-1">
            <template v-for="[where, hint] in HINTS" :key="where">
                <dt class="font-serif font-semibold">{{ where }}</dt>
                <dd>{{ hint }}</dd>
            </template>
        </dl>
        <button class="action mt-2 py-0.5!" @click="closed = true">Understood</button>
    </div>
</template>
