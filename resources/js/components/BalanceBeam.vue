<script setup lang="ts">
import { computed } from 'vue'

/**
 * A verdict as a small pair of scales: level while there is reserve, tipped to the demand's side when there is none,
 * a broken line where it is not weighed.
 */
const props = defineProps<{ ratio: number | null; holds: boolean; open?: boolean }>()
const angle = computed(() => {
    if (props.open) return 0
    if (!props.holds) return -16
    return props.ratio === null ? 0 : 10 * (1 - Math.min(1, props.ratio))
})
</script>

<template>
    <svg
        viewBox="0 0 28 20"
        class="balance h-5 w-7 shrink-0"
        :class="holds ? 'text-hold' : 'text-fail'"
        aria-hidden="true"
    >
        <g fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round">
            <path d="M14 7v10M9.5 18h9" />
            <g :transform="`rotate(${angle} 14 7)`">
                <path
                    :stroke-width="holds || open ? 1.6 : 2.4"
                    :stroke-dasharray="open ? '2.5 3' : undefined"
                    d="M3 7h22"
                />
                <path d="M3 7v4M25 7v4" stroke-width="1.2" />
            </g>
        </g>
        <rect v-if="!holds && !open" x="0.8" y="13" width="5" height="4" fill="currentColor" />
    </svg>
</template>
