<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import FieldLabel from '@/components/FieldLabel.vue'
import type { MemberDocument } from '@/contract/member'

/** By how much moments over inner supports are less, in %. */
const props = defineProps<{ editor: Editor }>()
const document = computed(() => props.editor.document.value as MemberDocument)
const inner = computed(() => document.value.supports.map((_, i) => i + 1).slice(1, -1))
const fault = (number: number): string | undefined =>
    props.editor.errors.value[`concrete.redistribution.${number}`]?.[0]

function set(number: number, text: string): void {
    props.editor.change((d) => {
        if (!d.concrete) return
        const parts = { ...d.concrete.redistribution, [number]: text }
        if (text.trim() === '') Reflect.deleteProperty(parts, number)
        if (Object.keys(parts).length) d.concrete.redistribution = parts
        else Reflect.deleteProperty(d.concrete, 'redistribution')
    }, `concrete.redistribution.${number}`)
}
</script>

<template>
    <div v-if="inner.length" class="grid grid-cols-2 gap-2">
        <div class="col-span-2"><FieldLabel text="Moments over supports less by, %" /></div>
        <label v-for="number in inner" :key="number" class="grid grid-cols-[4.5rem_1fr] items-center gap-1">
            <span class="text-xs">Support {{ number }}</span>
            <input
                class="field"
                inputmode="decimal"
                placeholder="0"
                :aria-label="`Moment over support ${number} less by, %`"
                :value="document.concrete?.redistribution?.[number] ?? ''"
                :aria-invalid="!!fault(number)"
                @input="set(number, ($event.target as HTMLInputElement).value)"
            />
            <span v-if="fault(number)" class="fault col-span-2" role="alert">{{ fault(number) }}</span>
        </label>
    </div>
</template>
