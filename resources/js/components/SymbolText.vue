<script setup lang="ts">
import { computed } from 'vue'

/** Text with the symbols in it set as in a formula: M_cr becomes an M with the index cr, α_cr an α. */
const props = defineProps<{ text: string }>()
const parts = computed(() =>
    props.text.split(/(?<![\p{L}\d_])(\p{L}_[A-Za-z0-9]+)\b/u).map((part, i) => (i % 2 ? part.split('_') : [part])),
)
</script>

<template>
    <span
        ><template v-for="([symbol, index], i) in parts" :key="i"
            ><template v-if="index"
                ><i>{{ symbol }}</i
                ><sub>{{ index }}</sub></template
            ><template v-else>{{ symbol }}</template></template
        ></span
    >
</template>
