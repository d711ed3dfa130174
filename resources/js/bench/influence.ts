import { reactive, ref } from 'vue'
import { useAsked } from '@/bench/asked'
import type { Editor } from '@/bench/editor'
import type { Influence } from '@/contract/influence'
import type { UnitSystem } from '@/lib/units'

export interface Axle {
    force: string
    distance: string
}

export const AXLES: Record<UnitSystem, Axle> = {
    metric: { force: '50 kN', distance: '1.2 m' },
    us: { force: '10 kip', distance: '4 ft' },
}
const LOAD: Record<UnitSystem, string> = { metric: '1 kN/m', us: '0.1 kip/ft' }

/** The influence line that is looked at: of what, with which loads, and the answer. */
export function useInfluence(editor: Editor) {
    const ask = reactive({
        effect: 'M' as Influence['effect'],
        left: false,
        x: '',
        support: 0,
        load: '',
        axles: [] as Axle[],
    })
    /** Whether the loads are shown where they make the effect greatest or smallest. */
    const worst = ref<'max' | 'min'>('max')
    const { open, answer, errors } = useAsked<Influence>(editor, 'influence', () => ({ influence: ask }))

    function start(middle: string): void {
        ask.x ||= middle
        ask.load ||= LOAD[editor.units.value]
    }

    function addAxle(): void {
        ask.axles.push({ ...AXLES[editor.units.value] })
    }

    return { open, ask, worst, answer, errors, start, addAxle }
}

export type InfluenceState = ReturnType<typeof useInfluence>
