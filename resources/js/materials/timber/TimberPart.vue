<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument, TimberDocument } from '@/contract/member'
import { useChoices } from '@/materials/choices'

/** Size, strength class and circumstances of a timber member. */
const props = defineProps<{ editor: Editor }>()
const units = computed(() => props.editor.units.value)
const timber = computed(() => (props.editor.document.value as MemberDocument).timber)
const fault = (key: string): string | undefined => props.editor.errors.value[`timber.${key}`]?.[0]
const { choices } = useChoices('timber')
const value = (e: Event): string => (e.target as HTMLSelectElement).value

function set<K extends keyof TimberDocument>(key: K, to: TimberDocument[K]): void {
    props.editor.change((d) => {
        if (d.timber) d.timber[key] = to
    }, `timber.${key}`)
}

const SERVICE = { 1: '1, heated inside', 2: '2, covered, moist', 3: '3, exposed' } as const
</script>

<template>
    <div v-if="timber" class="grid grid-cols-2 gap-2">
        <QuantityField
            label="Width"
            kind="size"
            :units="units"
            :model-value="timber.width"
            :error="fault('width')"
            @update:model-value="(v) => set('width', v)"
        />
        <QuantityField
            label="Depth"
            kind="size"
            :units="units"
            :model-value="timber.depth"
            :error="fault('depth')"
            @update:model-value="(v) => set('depth', v)"
        />
        <label>
            <FieldLabel text="Strength class" />
            <select class="field" :value="timber.grade" :aria-invalid="!!fault('grade')" @change="(e) => set('grade', value(e))">
                <option v-for="g in choices.grade ?? [timber.grade]" :key="g">{{ g }}</option>
            </select>
            <span v-if="fault('grade')" class="fault" role="alert">{{ fault('grade') }}</span>
        </label>
        <label>
            <FieldLabel text="Service class" />
            <select
                class="field"
                :value="timber.serviceClass ?? '1'"
                @change="(e) => set('serviceClass', value(e) as TimberDocument['serviceClass'])"
            >
                <option v-for="(name, key) in SERVICE" :key="key" :value="key">{{ name }}</option>
            </select>
        </label>
        <label class="col-span-2 flex items-center gap-2">
            <input type="checkbox" :checked="timber.sharesLoad === true" @change="(e) => set('sharesLoad', (e.target as HTMLInputElement).checked)" />
            One of several that share the load
        </label>
    </div>
</template>
