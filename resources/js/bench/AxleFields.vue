<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { Axle } from '@/bench/influence'
import type { UnitSystem } from '@/lib/units'

/** The axles of a train from the front: load, and distance from the one before. */
defineProps<{ axles: Axle[]; units: UnitSystem; fault: (key: string) => string | undefined }>()
const emit = defineEmits<{ set: [index: number, key: keyof Axle, text: string]; add: []; remove: [index: number] }>()
</script>

<template>
    <div>
        <FieldLabel text="Train of axles, from the front" />
        <div v-for="(a, i) in axles" :key="i" class="mt-1 grid grid-cols-[1rem_1fr_1fr_1.2rem] items-start gap-x-1.5">
            <span class="pt-1 text-faint">{{ i + 1 }}</span>
            <QuantityField
                :model-value="a.force"
                :aria-label="`Load of axle ${i + 1}`"
                kind="force"
                :units="units"
                :error="fault(`axles.${i}.force`)"
                @update:model-value="(v) => emit('set', i, 'force', v)"
            />
            <QuantityField
                v-if="i > 0"
                :model-value="a.distance"
                :aria-label="`Distance of axle ${i + 1} from the one before`"
                kind="length"
                :units="units"
                :error="fault(`axles.${i}.distance`)"
                @update:model-value="(v) => emit('set', i, 'distance', v)"
            />
            <span v-else class="pt-1 text-xs text-faint">first axle</span>
            <button class="quiet px-1!" :aria-label="`Remove axle ${i + 1}`" @click="emit('remove', i)">×</button>
        </div>
        <button class="quiet underline" @click="emit('add')">Add an axle</button>
        <p v-if="fault('axles')" class="fault" role="alert">{{ fault('axles') }}</p>
    </div>
</template>
