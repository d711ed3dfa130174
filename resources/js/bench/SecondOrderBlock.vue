<script setup lang="ts">
import type { SecondOrderResult } from '@/contract/result'
import { format, type UnitSystem } from '@/lib/units'

/** What the axial force makes of the deflection in the plane of bending. */
defineProps<{ answer: SecondOrderResult; units: UnitSystem }>()
const far = (factor: number | null): string => (factor === null ? 'far off' : factor.toFixed(2))
</script>

<template>
    <section>
        <h3 class="font-semibold">Second order in the plane of bending</h3>
        <table class="grid-table mt-1">
            <thead>
                <tr>
                    <th>Comb.</th>
                    <th class="number">N</th>
                    <th class="number">Buckles at</th>
                    <th class="number">M, 1st and 2nd order</th>
                    <th class="number">w</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in answer.rows" :key="row.combination" :title="row.arrangement">
                    <td class="whitespace-nowrap">{{ row.combination }}</td>
                    <td class="number">{{ format(row.N, 'force', units) }}</td>
                    <td class="number">
                        {{ far(row.factor)
                        }}<span
                            v-if="row.length !== null"
                            class="block text-xs text-faint"
                            title="Length of a pinned bar that N buckles at this factor"
                            >L cr {{ format(row.length, 'length', units) }}</span
                        >
                    </td>
                    <td class="number">
                        {{ format(row.first.M, 'moment', units)
                        }}<span class="block">{{
                            row.second ? format(row.second.M, 'moment', units) : 'buckled'
                        }}</span>
                    </td>
                    <td class="number">
                        {{ format(row.first.w, 'deflection', units)
                        }}<span class="block">{{ row.second ? format(row.second.w, 'deflection', units) : '' }}</span>
                    </td>
                </tr>
            </tbody>
        </table>
        <p class="mt-1 text-xs text-faint">
            Factor on the loads at which the straight member buckles;
            {{
                answer.enough
                    ? 'from 10 on first order is good enough'
                    : 'below 10 look at second order; the weighing with axial force has it'
            }}.
        </p>
    </section>
</template>
