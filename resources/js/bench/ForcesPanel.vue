<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import HeldForces from '@/bench/HeldForces.vue'
import SecondOrderBlock from '@/bench/SecondOrderBlock.vue'
import SelfCheckBlock from '@/bench/SelfCheckBlock.vue'
import ValuesBlock from '@/bench/ValuesBlock.vue'
import type { CombinationReactions } from '@/contract/result'
import { format, number, unitOf, type Kind } from '@/lib/units'

/** Extremes, reactions with the check of equilibrium, and the list of combinations. */
const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ read: [x: number] }>()
const result = computed(() => props.editor.result.value)
const units = computed(() => props.editor.units.value)
const KIND: Record<string, Kind> = {
    N: 'force',
    V: 'force',
    M: 'moment',
    w: 'deflection',
    slope: 'rotation',
    Vy: 'force',
    Mz: 'moment',
    v: 'deflection',
    T: 'moment',
}
const NAMES: Record<string, string> = { Vy: 'Lateral V', Mz: 'Lateral M', v: 'Lateral w', T: 'Torque' }
const STRENGTH = ['strength', 'construction', 'accidental', 'seismic']
const forStrength = computed(() => {
    const ids = new Set(result.value?.combinations.filter((c) => STRENGTH.includes(c.purpose)).map((c) => c.id))
    return result.value?.reactions.combinations.filter((c) => ids.has(c.id)) ?? []
})
const strength = computed(() => {
    const all = forStrength.value
    return (result.value?.member.supports ?? []).map((_, i) => ({
        most: Math.max(...all.map((c) => c.forces[i]?.[0] ?? 0)),
        least: Math.min(...all.map((c) => c.forces[i]?.[1] ?? 0)),
    }))
})
const slides = computed(() => result.value?.envelope.N !== undefined)
/** Greatest and smallest force at each place over the strength combinations. */
function ranges(combinations: CombinationReactions[], of: 'forces' | 'horizontal'): (readonly [number, number])[] {
    const all = combinations.filter((c) => forStrength.value.some((s) => s.id === c.id)).map((c) => c[of])
    return (all[0] ?? []).map(
        (_, i) => [Math.max(...all.map((f) => f[i]?.[0] ?? 0)), Math.min(...all.map((f) => f[i]?.[1] ?? 0))] as const,
    )
}
/** One number when no variable load makes a difference. */
function range([most, least]: number[]): string {
    const [a, b] = [number(least ?? 0, 'force', units.value), number(most ?? 0, 'force', units.value)]
    return a === b ? a : `${a} to ${b}`
}
const zeros = computed(() => {
    const { max = [], min = [] } = result.value?.zeros ?? {}
    return [...new Set([...max, ...min].sort((a, b) => a - b).map((x) => format(x, 'length', units.value)))]
})
const fixed = computed(() => result.value?.member.supports.some((s) => s.turning))
</script>

<template>
    <div v-if="result" class="space-y-4 p-3">
        <section>
            <h3 class="font-semibold">Extremes</h3>
            <table class="grid-table mt-1">
                <tbody>
                    <tr v-for="(e, i) in result.extremes" :key="i">
                        <td>
                            {{
                                e.effect === 'N'
                                    ? e.value > 0
                                        ? 'N, compression'
                                        : 'N, tension'
                                    : (NAMES[e.effect] ?? e.effect)
                            }}
                        </td>
                        <td class="number">{{ format(e.value, KIND[e.effect] as Kind, units) }}</td>
                        <td class="number">
                            <button class="underline decoration-rule" @click="emit('read', e.x)">
                                x = {{ format(e.x, 'length', units) }}
                            </button>
                        </td>
                        <td class="text-xs text-faint">{{ e.combination }}: {{ e.arrangement }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="mt-1 text-xs text-faint">
                Moment zero at {{ zeros.length ? `x = ${zeros.join(', ')}` : 'no place between the ends' }}.
            </p>
        </section>
        <SelfCheckBlock :check="result.selfCheck" :units="units" />
        <SecondOrderBlock v-if="result.secondOrder" :answer="result.secondOrder" :units="units" />
        <ValuesBlock :result="result" :units="units" />
        <section>
            <h3 class="font-semibold">Reactions in {{ unitOf('force', units) }}, up positive</h3>
            <div class="overflow-x-auto" tabindex="0" aria-label="Reactions by load case">
                <table class="grid-table mt-1">
                    <thead>
                        <tr>
                            <th>Unfactored, all spans</th>
                            <th v-for="(_, i) in result.member.supports" :key="i" class="number">{{ i + 1 }}</th>
                            <th class="number">Sum</th>
                            <th class="number">Loads</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="c in result.reactions.cases" :key="c.id">
                            <td>{{ c.name }}</td>
                            <td v-for="(f, i) in c.forces" :key="i" class="number">
                                {{ number(f, 'force', units)
                                }}<span
                                    v-if="fixed && result.member.supports[i]?.turning"
                                    class="block text-xs text-faint"
                                    >{{ format(c.moments[i] ?? 0, 'moment', units) }}</span
                                >
                            </td>
                            <td class="number">{{ number(c.reaction, 'force', units) }}</td>
                            <td class="number">{{ number(c.load, 'force', units) }}</td>
                        </tr>
                        <tr v-if="strength.length">
                            <td>Strength, greatest</td>
                            <td v-for="(s, i) in strength" :key="i" class="number font-semibold">
                                {{ number(s.most, 'force', units) }}
                            </td>
                        </tr>
                        <tr v-if="strength.length">
                            <td>Strength, smallest</td>
                            <td
                                v-for="(s, i) in strength"
                                :key="i"
                                class="number"
                                :class="s.least < 0 ? 'font-semibold text-fail' : ''"
                            >
                                {{ number(s.least, 'force', units) }}
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <p v-if="strength.some((s, i) => s.least < 0 && !result!.member.supports[i]?.bearsOnly)" class="fault mt-1">
                A negative reaction is uplift: the support must be able to hold the member down.
            </p>
        </section>
        <HeldForces
            v-if="result.sideways"
            title="Lateral forces, to the back positive"
            label="Lateral forces where the member is restrained"
            :heads="result.sideways.places.map((x) => `x = ${format(x, 'length', units)}`)"
            :cases="result.sideways.cases.filter((c) => c.forces.some((f) => Math.abs(f) > 0.5))"
            :strength="ranges(result.sideways.combinations, 'forces')"
            :units="units"
        />
        <section v-if="result.lifts.length">
            <h3 class="font-semibold">Lifts off</h3>
            <table class="grid-table mt-1">
                <tbody>
                    <tr v-for="(l, i) in result.lifts" :key="i">
                        <td class="whitespace-nowrap">Support {{ l.support + 1 }}</td>
                        <td class="number">{{ format(l.lift, 'deflection', units) }}</td>
                        <td class="text-xs text-faint">{{ l.combination }}: {{ l.arrangement }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="mt-1 text-xs text-faint">Greatest over the strength and over the characteristic combinations.</p>
        </section>
        <HeldForces
            v-if="slides"
            title="Horizontal forces, to the right positive"
            label="Horizontal reactions by load case"
            :heads="result.member.supports.map((_, i) => `${i + 1}`)"
            :cases="result.reactions.cases.map((c) => ({ name: c.name, forces: c.horizontal }))"
            :strength="ranges(result.reactions.combinations, 'horizontal')"
            :units="units"
        />
        <section>
            <h3 class="font-semibold">
                Reactions by combination in {{ unitOf('force', units) }}, smallest to greatest
            </h3>
            <div class="overflow-x-auto" tabindex="0" aria-label="Reactions by combination">
                <table class="grid-table mt-1">
                    <tbody>
                        <tr v-for="c in result.reactions.combinations" :key="c.id">
                            <td class="whitespace-nowrap">{{ c.id }}</td>
                            <td v-for="(f, i) in c.forces" :key="i" class="number">{{ range(f) }}</td>
                        </tr>
                    </tbody>
                </table>
            </div>
        </section>
    </div>
</template>
