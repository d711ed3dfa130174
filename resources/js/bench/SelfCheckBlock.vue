<script setup lang="ts">
import { computed } from 'vue'
import type { SelfCheckResult } from '@/contract/result'
import { format, type UnitSystem } from '@/lib/units'

/**
 * What tells an engineer that the rest can be believed: equilibrium, small displacements, a line of hand calculation.
 */
const props = defineProps<{ check: SelfCheckResult; units: UnitSystem }>()
const AGREES = 1e-6
const balanced = computed(() => props.check.equilibrium.force < AGREES && props.check.equilibrium.moment < AGREES)
const hand = computed(() => props.check.hand)
const difference = computed(() => {
    if (!hand.value) return ''
    const percent = 100 * (hand.value.computed / hand.value.value - 1)
    return `${percent >= 0.05 ? '+' : ''}${Math.abs(percent) < 0.05 ? '0.0' : percent.toFixed(1)} %`
})
</script>

<template>
    <section>
        <h3 class="font-semibold">Self-check, loads unfactored</h3>
        <table class="grid-table mt-1">
            <tbody>
                <tr>
                    <td>
                        Loads {{ format(check.equilibrium.load, 'force', units) }}, reactions
                        {{ format(check.equilibrium.reaction, 'force', units) }}
                    </td>
                    <td class="text-right" :class="balanced ? '' : 'text-fail'">
                        {{ balanced ? 'in equilibrium' : 'not in equilibrium' }}
                    </td>
                </tr>
                <tr v-if="check.deflection.part !== null">
                    <td>Greatest deflection L / {{ check.deflection.part.toFixed(0) }}</td>
                    <td class="text-right" :class="check.deflection.small ? '' : 'text-fail'">
                        {{ check.deflection.small ? 'small' : 'not small: first-order theory does not hold' }}
                    </td>
                </tr>
                <tr v-if="hand">
                    <td>
                        Greatest M {{ format(hand.computed, 'moment', units) }}, by hand {{ hand.formula }} =
                        {{ format(hand.value, 'moment', units) }}
                    </td>
                    <td class="text-right">
                        {{ difference }}<span v-if="!hand.fits" class="block text-xs text-faint">an estimate</span>
                    </td>
                </tr>
            </tbody>
        </table>
    </section>
</template>
