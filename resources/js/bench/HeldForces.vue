<script setup lang="ts">
import { number, unitOf, type UnitSystem } from '@/lib/units'

/** Forces at the places that hold the member, in one direction: by load case, and the range for strength. */
defineProps<{
    title: string
    label: string
    heads: string[]
    cases: { name: string; forces: number[] }[]
    /** Greatest and smallest at each place. */
    strength: (readonly [number, number])[]
    units: UnitSystem
}>()
const SIDES = [
    ['greatest', 0],
    ['smallest', 1],
] as const
</script>

<template>
    <section>
        <h3 class="font-semibold">{{ title.replace('forces', `forces in ${unitOf('force', units)}`) }}</h3>
        <div class="overflow-x-auto" tabindex="0" :aria-label="label">
            <table class="grid-table mt-1">
                <thead>
                    <tr>
                        <th></th>
                        <th v-for="h in heads" :key="h" class="number whitespace-nowrap">{{ h }}</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="c in cases" :key="c.name">
                        <td>{{ c.name }}</td>
                        <td v-for="(f, i) in c.forces" :key="i" class="number">{{ number(f, 'force', units) }}</td>
                    </tr>
                    <tr v-for="[name, side] in SIDES" :key="name">
                        <td>Strength, {{ name }}</td>
                        <td v-for="(f, i) in strength" :key="i" class="number font-semibold">
                            {{ number(f[side], 'force', units) }}
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
    </section>
</template>
