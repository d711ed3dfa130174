<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import FieldLabel from '@/components/FieldLabel.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { ConcreteDocument, MemberDocument } from '@/contract/member'

/** Width and thickness of a flange, how much of it counts, and where its weight does. */
const props = defineProps<{ editor: Editor }>()
const concrete = computed(() => (props.editor.document.value as MemberDocument).concrete)
const fault = (key: string): string | undefined => props.editor.errors.value[`concrete.${key}`]?.[0]
const SIZES = {
    flangeWidth: 'Flange, width',
    flangeThickness: 'Flange, thickness',
    effectiveWidth: 'Effective width',
} as const

function set<K extends keyof ConcreteDocument>(key: K, to: ConcreteDocument[K]): void {
    props.editor.change((d) => {
        if (d.concrete) d.concrete[key] = to
    }, `concrete.${key}`)
}
</script>

<template>
    <QuantityField
        v-for="(label, key) in SIZES"
        :key="key"
        :label="label"
        kind="size"
        :units="editor.units.value"
        :model-value="concrete?.[key]"
        :optional="key === 'effectiveWidth'"
        :placeholder="key === 'effectiveWidth' ? 'by the standard' : undefined"
        :error="fault(key)"
        @update:model-value="(v) => set(key, v)"
    />
    <label>
        <FieldLabel text="Flange's weight" />
        <select
            class="field"
            :value="concrete?.flangeWeight ?? 'own'"
            @change="
                (e) => set('flangeWeight', (e.target as HTMLSelectElement).value as ConcreteDocument['flangeWeight'])
            "
        >
            <option value="own">counted here</option>
            <option value="slab">in the slab's load</option>
        </select>
    </label>
</template>
