<script setup lang="ts">
import { useId } from 'vue'
import FieldLabel from '@/components/FieldLabel.vue'

/** A number or a short text without a unit. */
defineProps<{
    label: string
    modelValue: string | number | undefined
    error?: string | undefined
    placeholder?: string
    text?: boolean
    list?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const faultId = useId()
</script>

<template>
    <label class="block min-w-0">
        <FieldLabel :text="label" />
        <input
            class="field"
            :inputmode="text ? 'text' : 'decimal'"
            :list="list"
            :value="modelValue ?? ''"
            :placeholder="placeholder"
            :aria-invalid="!!error"
            :aria-describedby="error ? faultId : undefined"
            autocomplete="off"
            @change="(e) => emit('update:modelValue', (e.target as HTMLInputElement).value)"
        />
        <span v-if="error" :id="faultId" class="fault block" role="alert">{{ error }}</span>
    </label>
</template>
