<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument } from '@/contract/member'

/** Pairs of stiffeners on a slender web between the supports. */
const props = defineProps<{ editor: Editor }>()
const units = computed(() => props.editor.units.value)
const of = computed(() => (props.editor.document.value as MemberDocument).webStiffeners)
const fault = (key: string): string | undefined => props.editor.errors.value[`webStiffeners.${key}`]?.[0]

type Key = 'spacing' | 'width' | 'thickness' | 'endPost'
const FIELDS: { key: Key; label: string; kind: 'length' | 'size'; empty?: string }[] = [
    { key: 'spacing', label: 'Spacing, at most', kind: 'length' },
    { key: 'width', label: 'Width of a plate', kind: 'size' },
    { key: 'thickness', label: 'Thickness', kind: 'size' },
    { key: 'endPost', label: 'End post, pairs apart', kind: 'size', empty: 'one pair' },
]
const START = {
    metric: { spacing: '1.5 m', width: '80 mm', thickness: '10 mm' },
    us: { spacing: '5 ft', width: '3 in', thickness: '3/8 in' },
}

function set(key: Key, text: string): void {
    props.editor.change((d) => {
        if (!d.webStiffeners) return
        if (key === 'endPost' && !text.trim()) delete d.webStiffeners.endPost
        else d.webStiffeners[key] = text
    }, `webStiffeners.${key}`)
}
</script>

<template>
    <div>
        <div v-if="of" class="grid grid-cols-2 gap-x-2 gap-y-1">
            <QuantityField
                v-for="f in FIELDS"
                :key="f.key"
                :label="f.label"
                :kind="f.kind"
                :units="units"
                :model-value="of[f.key] ?? ''"
                :error="fault(f.key)"
                :placeholder="f.empty"
                :optional="!!f.empty"
                @update:model-value="(v) => set(f.key, v)"
            />
            <button class="quiet px-0! text-left underline" @click="editor.change((d) => void delete d.webStiffeners)">
                Remove the stiffeners
            </button>
        </div>
        <button
            v-else
            class="quiet px-0! underline"
            @click="editor.change((d) => void (d.webStiffeners = { ...START[units] }))"
        >
            Add stiffeners of the web
        </button>
    </div>
</template>
