<script setup lang="ts">
import { computed } from 'vue'
import type { BuildUpDocument } from '@/contract/member'
import { loadOf } from '@/lib/buildUps'
import { format, type UnitSystem } from '@/lib/units'
import tables from '@core/data/loads.json'

/**
 * Imposed loads by use and layers of common materials. A layer is added to what is there as thickness times unit
 * weight, so that a build-up stays readable in the field.
 */
const props = defineProps<{
    category: string
    value: string
    asce: boolean
    buildUps: BuildUpDocument[]
    units: UnitSystem
}>()
const emit = defineEmits<{ take: [value: string, remark?: string]; follow: [name: string] }>()

const imposed = computed(() =>
    Object.entries(tables.imposed as Record<string, string[][]>)
        .filter(([source]) => source.startsWith(props.asce ? 'ASCE' : 'EN'))
        .map(([source, rows]) => ({ source, rows: rows.filter(([category]) => category === props.category) }))
        .filter((t) => t.rows.length),
)
const isPermanent = computed(() => props.category === 'permanent')
const THICKNESS = '100 mm'

function take(event: Event): void {
    const select = event.target as HTMLSelectElement
    const [kind, a, b] = JSON.parse(select.value) as [string, string, string]
    select.selectedIndex = 0
    if (kind === 'follow') emit('follow', a)
    else if (kind === 'imposed') emit('take', a, b)
    else emit('take', `${props.value.trim() ? `${props.value.trim()} + ` : ''}${THICKNESS} * ${b}`)
}
</script>

<template>
    <label v-if="isPermanent || imposed.length" class="col-span-2">
        <span class="label">{{ isPermanent ? 'Build-up, or add a layer of 100 mm' : 'Load by use' }}</span>
        <select class="field" :aria-label="isPermanent ? 'Add a layer' : 'Load by use'" @change="take">
            <option value="" selected disabled>{{ isPermanent ? 'build-up or material …' : 'use …' }}</option>
            <template v-if="isPermanent">
                <optgroup v-if="buildUps.length" label="Follow a build-up of the job">
                    <option v-for="b in buildUps" :key="b.name" :value="JSON.stringify(['follow', b.name, ''])">
                        {{ b.name }}, {{ format(loadOf(b) ?? 0, 'areaLoad', units) }}
                    </option>
                </optgroup>
                <option
                    v-for="[name, weight] in tables.materials"
                    :key="name"
                    :value="JSON.stringify(['layer', name, weight])"
                >
                    {{ name }}, {{ weight }}
                </option>
            </template>
            <optgroup v-for="t in imposed" :key="t.source" :label="t.source">
                <option
                    v-for="[, name, load] in t.rows"
                    :key="name"
                    :value="JSON.stringify(['imposed', load, `${name} (${t.source})`])"
                >
                    {{ name }}, {{ load }}
                </option>
            </optgroup>
        </select>
    </label>
</template>
