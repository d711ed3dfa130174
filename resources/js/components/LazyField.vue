<script setup lang="ts">
import { ref, watch } from 'vue'

/** A text that is given on when the field is left or Enter is pressed; what is typed until then outlasts every answer of the server. */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ modelValue: string | number | undefined }>()
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
    <input v-model="text" class="field" v-bind="$attrs" @focus="focused = true" @blur="focused = false" @change="emit('commit', text)" />
</template>
