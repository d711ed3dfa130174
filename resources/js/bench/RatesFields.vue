<script setup lang="ts">
import { onMounted, ref } from 'vue'
import LazyField from '@/components/LazyField.vue'
import { api, ApiError } from '@/lib/api'

/** What steel costs the office, in money and carbon; kept for all its jobs. */
const emit = defineEmits<{ saved: [currency: string] }>()

interface Rates {
    price: number | null
    coating: number | null
    carbon: number | null
    currency: string
}
/** No field stands there before its value has come: what is typed must not be written over. */
const rates = ref<Rates | null>(null)
const faults = ref<Record<string, string[]>>({})
const FIELDS: [keyof Rates, string, string][] = [
    ['price', 'Steel', 'per kg'],
    ['coating', 'Coating', 'per m²'],
    ['currency', 'Currency', ''],
    ['carbon', 'Embodied carbon', 'kg CO₂e per kg'],
]
async function ask(method: 'GET' | 'PATCH', body: Record<string, string> = {}): Promise<void> {
    try {
        rates.value = await api<Rates>(method, 'rates', method === 'GET' ? undefined : body)
        faults.value = Object.fromEntries(
            Object.entries(faults.value).filter(([key]) => key !== 'all' && !(key in body)),
        )
        emit('saved', rates.value.currency)
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        faults.value = { ...faults.value, ...(Object.keys(e.errors).length ? e.errors : { all: [e.message] }) }
    }
}
onMounted(() => ask('GET'))
</script>

<template>
    <p v-if="faults.all" class="fault" role="alert">{{ faults.all[0] }}</p>
    <div v-if="rates" class="grid grid-cols-2 gap-x-3 gap-y-1">
        <label v-for="[key, label, unit] in FIELDS" :key="key">
            <span class="text-xs text-faint"
                >{{ label }}<template v-if="unit">, {{ unit }}</template></span
            >
            <LazyField
                :model-value="rates[key] ?? ''"
                @commit="(text: string) => ask('PATCH', { [key]: text.trim() })"
            />
            <span v-if="faults[key]" class="fault">{{ faults[key]?.[0] }}</span>
        </label>
    </div>
</template>
