import { useDebounceFn } from '@vueuse/core'
import { reactive, ref, shallowRef, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import type { Influence } from '@/contract/influence'
import { api, ApiError } from '@/lib/api'
import type { UnitSystem } from '@/lib/units'

export interface Axle {
    force: string
    distance: string
}

const PRESETS: Record<UnitSystem, { load: string; axle: Axle }> = {
    metric: { load: '1 kN/m', axle: { force: '50 kN', distance: '1.2 m' } },
    us: { load: '0.1 kip/ft', axle: { force: '10 kip', distance: '4 ft' } },
}

/** The influence line that is looked at: of what, with which loads, and the answer. Asked for only while it is open. */
export function useInfluence(editor: Editor) {
    const open = ref(false)
    const ask = reactive({ effect: 'M' as Influence['effect'], x: '', support: 0, load: '', axles: [] as Axle[] })
    /** Whether the loads are shown where they make the effect greatest or smallest. */
    const worst = ref<'max' | 'min'>('max')
    const answer = shallowRef<Influence | null>(null)
    const errors = ref<Record<string, string[]>>({})

    let running: AbortController | null = null
    async function load(): Promise<void> {
        const document = editor.document.value
        if (!open.value || !document) return
        running?.abort()
        running = new AbortController()
        try {
            const basis = editor.job.value?.basis
            answer.value = await api<Influence>('POST', 'influence', { document: { ...document, basis }, influence: ask }, running.signal)
            errors.value = {}
        } catch (e) {
            if (e instanceof ApiError) errors.value = e.errors
        }
    }
    const loadSoon = useDebounceFn(load, 80)
    watch([open, ask, editor.document], () => void loadSoon(), { deep: true })

    function start(middle: string): void {
        ask.x ||= middle
        ask.load ||= PRESETS[editor.units.value].load
    }

    function addAxle(): void {
        ask.axles.push({ ...PRESETS[editor.units.value].axle })
    }

    return { open, ask, worst, answer, errors, start, addAxle }
}

export type InfluenceState = ReturnType<typeof useInfluence>
