<script setup lang="ts">
import QuantityField from '@/components/QuantityField.vue'
import type { Editor } from '@/bench/editor'
import type { TimberPropertiesDocument } from '@/contract/member'
import type { Kind } from '@/lib/units'
import PlainField from '@/components/PlainField.vue'
import { changed, useTimber } from '@/materials/timber/timber'

/** Values in place of those of the grade; LVL needs all of them. */
const props = defineProps<{ editor: Editor }>()
const { timber, fault, units, isEuropean } = useTimber(props.editor)

const FIELDS: [key: Exclude<keyof TimberPropertiesDocument, 'density' | 'sizeExponent'>, label: string, kind: Kind][] =
    [
        ['bending', 'Bending strength', 'stress'],
        ['shear', 'Shear strength', 'stress'],
        ['tension', 'Tension strength', 'stress'],
        ['compression', 'Compression strength', 'stress'],
        ['across', 'Compression across the grain', 'stress'],
        ['E', 'Modulus of elasticity', 'modulusOfElasticity'],
        ['E05', 'Its fifth percentile', 'modulusOfElasticity'],
    ]

function change(key: keyof TimberPropertiesDocument, to: string): void {
    props.editor.change((d) => {
        if (!d.timber) return
        const of: TimberPropertiesDocument = changed(d.timber.properties ?? {}, key, to)
        d.timber = changed(d.timber, 'properties', Object.keys(of).length ? of : undefined)
    }, `timber.properties.${key}`)
}
</script>

<template>
    <div v-if="timber" class="grid grid-cols-2 gap-2">
        <QuantityField
            v-for="[key, label, kind] in FIELDS"
            :key="key"
            :label="label"
            :kind="kind"
            :units="units"
            optional
            placeholder="of the grade"
            :model-value="timber.properties?.[key]"
            :error="fault(`properties.${key}`)"
            @update:model-value="(v) => change(key, v)"
        />
        <PlainField
            label="Density, kg/m³"
            placeholder="of the grade"
            :model-value="timber.properties?.density"
            :error="fault('properties.density')"
            @update:model-value="(v) => change('density', v)"
        />
        <PlainField
            v-if="isEuropean"
            label="Size exponent of LVL"
            placeholder="0.12"
            :model-value="timber.properties?.sizeExponent"
            :error="fault('properties.sizeExponent')"
            @update:model-value="(v) => change('sizeExponent', v)"
        />
    </div>
</template>
