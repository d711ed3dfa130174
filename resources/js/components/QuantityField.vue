<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, ref, useId, watch } from 'vue'
import { helpOf } from '@/lib/help'
import { inSystem, parseQuantity, QuantityError, withUnit } from '@/lib/quantity'
import { typed, type Kind, type UnitSystem } from '@/lib/units'

/**
 * A number with its unit: takes arithmetic and units and keeps what was typed. A plain number gets the unit of the
 * job's unit system; a value typed in the other system is shown converted until the field is entered.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{
    modelValue: string | undefined
    kind: Kind
    units: UnitSystem
    label?: string
    error?: string
    placeholder?: string
    optional?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

/** The fault is read out with the field; the bench tells the first one aloud. */
const faultId = useId()
const focused = ref(false)
const text = ref(shown())

function shown(): string {
    const given = props.modelValue ?? ''
    return focused.value ? given : inSystem(given, props.kind, props.units)
}

watch(
    () => [props.modelValue, props.units],
    () => {
        if (!focused.value) text.value = shown()
    },
)

const fault = computed(() => {
    if (text.value.trim() === '' && props.optional) return ''
    try {
        parseQuantity(text.value, props.kind, props.units)
        return props.error ?? ''
    } catch (e) {
        return e instanceof QuantityError ? e.message : ''
    }
})

/** What arithmetic comes to, for the eye. */
const sum = computed(() => {
    if (!/[-+*/()]|\d\s*(ft|m)\s*\d/.test(text.value.replace(/\/(m|mm|ft|in|rad)\b/g, '').replace(/^-/, ''))) return ''
    try {
        return `= ${typed(parseQuantity(text.value, props.kind, props.units), props.kind, props.units)}`
    } catch {
        return ''
    }
})

function onInput(): void {
    emit('update:modelValue', withUnit(text.value, props.kind, props.units))
}

function enter(event: FocusEvent): void {
    focused.value = true
    text.value = props.modelValue ?? ''
    ;(event.target as HTMLInputElement).select()
}

function leave(): void {
    focused.value = false
    text.value = shown()
}
</script>

<template>
    <label class="block min-w-0">
        <FieldLabel v-if="label" :text="label" />
        <input
            v-model="text"
            class="field"
            :aria-label="label ? undefined : ($attrs['aria-label'] as string)"
            :aria-invalid="fault !== ''"
            :aria-describedby="fault ? faultId : undefined"
            :aria-description="fault ? undefined : helpOf(label)"
            :placeholder="placeholder"
            spellcheck="false"
            autocomplete="off"
            @input="onInput"
            @focus="enter"
            @blur="leave"
        />
        <span v-if="fault" :id="faultId" class="fault block">{{ fault }}</span>
        <span v-else-if="sum" class="block text-xs text-faint">{{ sum }}</span>
    </label>
</template>
