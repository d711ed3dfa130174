<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument, SlopeDocument } from '@/contract/member'
import { format } from '@/lib/units'

/** How the axis of the member lies. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const by = computed(() => doc.value.slope?.by ?? 'level')
const fault = computed(() => props.editor.errors.value['slope.value']?.[0])
const NAMES: Record<SlopeDocument['by'], string> = {
    level: 'level',
    angle: 'at an angle',
    rise: 'with a rise',
    upright: 'upright',
}

function choose(chosen: SlopeDocument['by']): void {
    props.editor.change((d) => {
        if (chosen === 'level') delete d.slope
        else if (chosen === 'upright') d.slope = { by: chosen }
        else d.slope = { by: chosen, value: chosen === 'angle' ? '15 deg' : units.value === 'us' ? '5 ft' : '1.5 m' }
    })
}

/** What the other measures of the slope come to. */
const comes = computed(() => {
    const member = props.editor.result.value?.member
    if (!member || by.value === 'level') return ''
    if (by.value === 'upright') return 'x runs upward from the foot.'
    const { angle, length } = member
    const height = `${format(length * Math.cos(angle), 'length', units.value)} on plan, ${format(length * Math.sin(angle), 'length', units.value)} up`
    return by.value === 'rise'
        ? `${format(angle, 'angle', units.value)}, ${height}. x runs along the member.`
        : `${height}. x runs along the member.`
})
</script>

<template>
    <div class="grid grid-cols-2 gap-x-2">
        <label>
            <FieldLabel text="The member lies" />
            <select
                class="field"
                :value="by"
                @change="(e) => choose((e.target as HTMLSelectElement).value as SlopeDocument['by'])"
            >
                <option v-for="(name, key) in NAMES" :key="key" :value="key">{{ name }}</option>
            </select>
        </label>
        <QuantityField
            v-if="by === 'angle' || by === 'rise'"
            :label="by === 'angle' ? 'Rises to the right by' : 'Right end higher by'"
            :kind="by === 'angle' ? 'angle' : 'length'"
            :units="units"
            :model-value="doc.slope?.value"
            :error="fault"
            @update:model-value="(v) => editor.change((d) => void (d.slope!.value = v), 'slope.value')"
        />
        <p v-if="comes" class="col-span-2 mt-0.5 text-xs text-faint">{{ comes }}</p>
    </div>
</template>
