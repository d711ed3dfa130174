<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import FieldLabel from '@/components/FieldLabel.vue'
import type { ConcreteDocument, MemberDocument } from '@/contract/member'
import PlainField from '@/components/PlainField.vue'

/** Creep and shrinkage as typed, or of the climate the member stands in. */
const props = defineProps<{ editor: Editor }>()
const concrete = computed(() => (props.editor.document.value as MemberDocument).concrete)
const fault = (key: string): string | undefined => props.editor.errors.value[`concrete.${key}`]?.[0]
const isWorked = computed(() => String(concrete.value?.humidity ?? '').trim() !== '')

function set<K extends keyof ConcreteDocument>(key: K, to: ConcreteDocument[K]): void {
    props.editor.change((d) => {
        if (!d.concrete) return
        if (to === '') Reflect.deleteProperty(d.concrete, key)
        else d.concrete[key] = to
    }, `concrete.${key}`)
}
</script>

<template>
    <div v-if="concrete" class="grid grid-cols-2 gap-2">
        <PlainField
            label="Creep coefficient"
            :model-value="concrete.creep"
            :placeholder="isWorked ? 'worked out' : '2'"
            :error="fault('creep')"
            @update:model-value="(v) => set('creep', v)"
        />
        <PlainField
            label="Shrinkage, ‰"
            :model-value="concrete.shrinkage"
            :placeholder="isWorked ? 'worked out' : '0.4'"
            :error="fault('shrinkage')"
            @update:model-value="(v) => set('shrinkage', v)"
        />
        <PlainField
            label="Relative humidity, %"
            :model-value="concrete.humidity"
            placeholder="not said"
            :error="fault('humidity')"
            @update:model-value="(v) => set('humidity', v)"
        />
        <PlainField
            v-if="isWorked"
            label="Age when loaded, days"
            :model-value="concrete.loadingAge"
            placeholder="28"
            :error="fault('loadingAge')"
            @update:model-value="(v) => set('loadingAge', v)"
        />
        <label v-if="isWorked">
            <FieldLabel text="Class of cement" />
            <select
                class="field"
                :value="concrete.cement || 'N'"
                @change="(e) => set('cement', (e.target as HTMLSelectElement).value as ConcreteDocument['cement'])"
            >
                <option>N</option>
                <option>S</option>
                <option>R</option>
            </select>
        </label>
        <PlainField
            label="After finishes up to L over"
            :model-value="concrete.finishes"
            placeholder="no limit"
            :error="fault('finishes')"
            @update:model-value="(v) => set('finishes', v)"
        />
    </div>
</template>
