<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import FieldLabel from '@/components/FieldLabel.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { HolesDocument, MemberDocument } from '@/contract/member'
import type { Kind } from '@/lib/units'

/** A row of openings in the web. */
const props = defineProps<{ editor: Editor }>()
const units = computed(() => props.editor.units.value)
const of = computed(() => (props.editor.document.value as MemberDocument).coldFormed)
const fault = (key: string): string | undefined => props.editor.errors.value[`coldFormed.holes.${key}`]?.[0]
const START: Record<'metric' | 'us', HolesDocument> = {
    metric: { shape: 'round', depth: '75 mm', spacing: '1.2 m', first: '0.5 m' },
    us: { shape: 'round', depth: '3 in', spacing: '4 ft', first: '20 in' },
}
function put(there: boolean): void {
    props.editor.change((d) => {
        if (!d.coldFormed) return
        if (there) d.coldFormed.holes = { ...START[units.value] }
        else delete d.coldFormed.holes
    })
}
function set<K extends keyof HolesDocument>(key: K, to: HolesDocument[K]): void {
    props.editor.change((d) => {
        if (d.coldFormed?.holes) d.coldFormed.holes[key] = to
    }, `coldFormed.holes.${key}`)
}
const fields = computed(() => {
    const all: [key: 'depth' | 'length' | 'spacing' | 'first', label: string, kind: Kind][] = [
        ['depth', of.value?.holes?.shape === 'slotted' ? 'Hole, depth' : 'Hole, diameter', 'size'],
        ['length', 'Hole, length', 'size'],
        ['spacing', 'Holes every', 'length'],
        ['first', 'End to the first hole', 'length'],
    ]
    return all.filter(([key]) => key !== 'length' || of.value?.holes?.shape === 'slotted')
})
</script>

<template>
    <div v-if="of" class="grid grid-cols-2 gap-2">
        <label class="col-span-2 flex items-center gap-2">
            <input type="checkbox" :checked="!!of.holes" @change="(e) => put((e.target as HTMLInputElement).checked)" />
            Holes in the web
        </label>
        <template v-if="of.holes">
            <label>
                <FieldLabel text="Shape of holes" />
                <select
                    class="field"
                    :value="of.holes.shape ?? 'round'"
                    @change="(e) => set('shape', (e.target as HTMLSelectElement).value as HolesDocument['shape'])"
                >
                    <option>round</option>
                    <option>slotted</option>
                </select>
            </label>
            <QuantityField
                v-for="[key, label, kind] in fields"
                :key="key"
                :label="label"
                :kind="kind"
                :units="units"
                :model-value="of.holes[key]"
                :error="fault(key)"
                @update:model-value="(v) => set(key, v)"
            />
        </template>
    </div>
</template>
