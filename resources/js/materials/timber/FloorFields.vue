<script setup lang="ts">
import QuantityField from '@/components/QuantityField.vue'
import type { Editor } from '@/bench/editor'
import type { TimberFloorDocument } from '@/contract/member'
import PlainField from '@/components/PlainField.vue'
import { changed, useTimber } from '@/materials/timber/timber'

/** What the vibration of a floor of joists depends on. */
const props = defineProps<{ editor: Editor }>()
const { timber, fault, units } = useTimber(props.editor)

const FIELDS: [key: Exclude<keyof TimberFloorDocument, 'width'>, label: string, otherwise: string][] = [
    ['transverse', 'Stiffness across, Nm²/m', '5000'],
    ['mass', 'Mass, kg/m²', 'permanent load'],
    ['damping', 'Damping, %', '1'],
    ['share', 'Share of 1 kN', '1'],
    ['a', 'Deflection under 1 kN, mm', '1.5'],
]

function change(key: keyof TimberFloorDocument, to: string): void {
    props.editor.change((d) => {
        if (d.timber?.floor) d.timber.floor = changed(d.timber.floor, key, to)
    }, `timber.floor.${key}`)
}
</script>

<template>
    <div v-if="timber">
        <div v-if="timber.floor" class="grid grid-cols-2 gap-2">
            <QuantityField
                label="Width of the floor"
                kind="length"
                :units="units"
                :model-value="timber.floor.width"
                :error="fault('floor.width')"
                @update:model-value="(v) => change('width', v)"
            />
            <PlainField
                v-for="[key, label, otherwise] in FIELDS"
                :key="key"
                :label="label"
                :placeholder="otherwise"
                :model-value="timber.floor[key]"
                :error="fault(`floor.${key}`)"
                @update:model-value="(v) => change(key, v)"
            />
            <button class="quiet px-0! text-left underline" @click="editor.change((d) => void delete d.timber?.floor)">
                Do not weigh vibration
            </button>
        </div>
        <button
            v-else
            class="quiet px-0! underline"
            @click="editor.change((d) => void (d.timber && (d.timber.floor = { width: d.timber.rowWidth || '5 m' })))"
        >
            Weigh the vibration of the floor
        </button>
    </div>
</template>
