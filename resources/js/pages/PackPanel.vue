<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { api, ApiError } from '@/lib/api'

/** The pack of all sheets of the job: made by the server's queue, with progress and cancel. */
const props = defineProps<{ job: number; empty: boolean }>()

interface Pack {
    id: number
    state: 'waiting' | 'working' | 'ready' | 'cancelled' | 'failed'
    done: number
    total: number
    message: string
}
const pack = ref<Pack | null>(null)
const paper = ref('A4')
const full = ref(true)
const fault = ref('')

const { pause, resume } = useIntervalFn(poll, 400, { immediate: false })

async function make(): Promise<void> {
    fault.value = ''
    try {
        pack.value = await api<Pack>('POST', `jobs/${props.job}/packs`, { paper: paper.value, full: full.value })
        resume()
    } catch (e) {
        fault.value = e instanceof ApiError ? e.message : String(e)
    }
}

async function poll(): Promise<void> {
    if (!pack.value) return
    try {
        pack.value = await api<Pack>('GET', `packs/${pack.value.id}`)
    } catch (e) {
        if (!(e instanceof ApiError) || e.status !== 0) pause()
        return
    }
    if (pack.value.state !== 'waiting' && pack.value.state !== 'working') pause()
}

async function cancel(): Promise<void> {
    if (pack.value) pack.value = await api<Pack>('DELETE', `packs/${pack.value.id}`)
}
</script>

<template>
    <div>
        <h2 class="font-serif text-lg">Pack of sheets</h2>
        <div class="mt-2 flex items-center gap-2">
            <select v-model="paper" class="field w-24!" aria-label="Paper">
                <option>A4</option>
                <option>Letter</option>
            </select>
            <select v-model="full" class="field w-24!" aria-label="Extent">
                <option :value="true">full</option>
                <option :value="false">brief</option>
            </select>
            <button
                class="action"
                :disabled="empty || pack?.state === 'waiting' || pack?.state === 'working'"
                @click="make"
            >
                Make the pack
            </button>
        </div>
        <p v-if="fault" class="fault mt-1" role="alert">{{ fault }}</p>
        <div v-if="pack" class="mt-2" role="status">
            <template v-if="pack.state === 'waiting' || pack.state === 'working'">
                <progress class="w-full accent-ink" :max="pack.total + 1" :value="pack.done"></progress>
                <span class="flex items-center justify-between text-faint">
                    {{
                        pack.state === 'waiting'
                            ? 'Waiting'
                            : pack.done < pack.total
                              ? `${pack.done} of ${pack.total} members`
                              : 'Printing'
                    }}
                    <button class="quiet" @click="cancel">Cancel</button>
                </span>
            </template>
            <a v-else-if="pack.state === 'ready'" class="underline" :href="`/api/packs/${pack.id}/pdf`" target="_blank"
                >Open the pack (PDF)</a
            >
            <span v-else-if="pack.state === 'cancelled'">Cancelled.</span>
            <span v-if="pack.message" :class="pack.state === 'failed' ? 'fault' : 'block text-faint'">{{
                pack.message
            }}</span>
        </div>
    </div>
</template>
