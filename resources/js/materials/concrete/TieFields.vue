<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import FieldLabel from '@/components/FieldLabel.vue'
import PlainField from '@/components/PlainField.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { ConcreteDocument, MemberDocument } from '@/contract/member'
import { helpOf } from '@/lib/help'

/** Where in the building the member ties it together, and what that asks of its bars. */
const props = defineProps<{ editor: Editor; family: string }>()
const concrete = computed(() => (props.editor.document.value as MemberDocument).concrete)
const units = computed(() => props.editor.units.value)
const fault = (key: string): string | undefined => props.editor.errors.value[`concrete.${key}`]?.[0]
const label = computed(() => (props.family === 'asce' ? 'Integrity bars for a member' : 'Tie of the building'))
const isInside = computed(() => concrete.value?.tie === 'inside')
const isClassic = computed(() => props.family === 'classic' && concrete.value?.tie)
const laps = 'Bottom bars lap over inner supports'

function set<K extends keyof ConcreteDocument>(key: K, to: ConcreteDocument[K]): void {
    props.editor.change((d) => {
        if (!d.concrete) return
        if (to === '' || to === false) Reflect.deleteProperty(d.concrete, key)
        else d.concrete[key] = to
    }, `concrete.${key}`)
}
</script>

<template>
    <div v-if="concrete" class="grid grid-cols-2 gap-2">
        <label>
            <FieldLabel :text="label" />
            <select
                class="field"
                :value="concrete.tie ?? ''"
                :aria-invalid="!!fault('tie')"
                @change="(e) => set('tie', (e.target as HTMLSelectElement).value as ConcreteDocument['tie'])"
            >
                <option value="">not weighed</option>
                <option value="edge">along an edge</option>
                <option value="inside">inside</option>
            </select>
            <span v-if="fault('tie')" class="fault" role="alert">{{ fault('tie') }}</span>
        </label>
        <QuantityField
            v-if="isInside && family !== 'asce' && concrete.form !== 'slab'"
            label="Width of floor tied"
            kind="length"
            :units="units"
            :model-value="concrete.tieWidth"
            :error="fault('tieWidth')"
            @update:model-value="(v) => set('tieWidth', v)"
        />
        <PlainField
            v-if="isClassic"
            label="Storeys"
            :model-value="concrete.tieStoreys"
            :error="fault('tieStoreys')"
            @update:model-value="(v) => set('tieStoreys', v)"
        />
        <QuantityField
            v-if="isClassic && isInside"
            label="Dead and imposed load of floors"
            kind="areaLoad"
            :units="units"
            :model-value="concrete.tieLoad"
            :error="fault('tieLoad')"
            @update:model-value="(v) => set('tieLoad', v)"
        />
        <label class="col-span-2 flex items-center gap-2 text-xs">
            <input
                type="checkbox"
                :checked="concrete.bottomLaps ?? false"
                @change="(e) => set('bottomLaps', (e.target as HTMLInputElement).checked)"
            />
            <span :title="helpOf(laps)">{{ laps }}</span>
        </label>
    </div>
</template>
