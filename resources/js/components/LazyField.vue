<script setup lang="ts">
import { ref, watch } from 'vue'

/**
 * A text, of several rows where they are given, that is given on when the field is left or Enter is pressed in a single
 * row; what is typed until then outlasts every answer of the server.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ modelValue: string | number | undefined; rows?: number }>()
const emit = defineEmits<{ commit: [text: string] }>()

const focused = ref(false)
const text = ref(String(props.modelValue ?? ''))
watch(
    () => props.modelValue,
    (value) => {
        if (!focused.value) text.value = String(value ?? '')
    },
)
</script>

<template>
    <textarea
        v-if="rows"
        v-model="text"
        class="field"
        :rows="rows"
        v-bind="$attrs"
        @focus="focused = true"
        @blur="focused = false"
        @change="emit('commit', text)"
    ></textarea>
    <input
        v-else
        v-model="text"
        class="field"
        v-bind="$attrs"
        @focus="focused = true"
        @blur="focused = false"
        @change="emit('commit', text)"
    />
</template>
