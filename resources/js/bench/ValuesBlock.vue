<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import type { Result } from '@/contract/result'
import { readAt } from '@/lib/curve'
import { readQuantity } from '@/lib/quantity'
import { format, number, typed, unitOf, type Kind, type UnitSystem } from '@/lib/units'

/** Values of what the strips show, at the tenths of each span or at places that the engineer lists. */
const props = defineProps<{ result: Result; units: UnitSystem }>()
const list = ref('')
const NAMES: Record<string, string> = { Mz: 'Lateral M', v: 'Lateral w' }
const EFFECTS = computed(() =>
    (
        [
            ['N', 'force'],
            ['V', 'force'],
            ['M', 'moment'],
            ['w', 'deflection'],
            ['Mz', 'moment'],
            ['v', 'deflection'],
            ['T', 'moment'],
        ] as const
    ).filter(([effect]) => props.result.envelope[effect]),
)

const places = computed(() =>
    list.value
        .split(/[;,]\s+|;/)
        .map((text) => text.trim())
        .filter(Boolean)
        .map((text) => ({
            text,
            x: readQuantity(/[a-z]/i.test(text) ? text : `${text} ${unitOf('length', props.units)}`, 'length'),
        })),
)
const fault = computed(() => {
    const bad = places.value.find((p) => p.x === null || p.x < 0 || p.x > props.result.member.length + 0.5)
    return bad ? `“${bad.text}” is no place on the beam.` : ''
})
/** Just inside the ends of a span, where shear and moment may jump. */
const INSIDE = 1e-6
const rows = computed(() => {
    if (places.value.length && !fault.value)
        return places.value.map((p) => ({ name: '', at: p.x as number, x: p.x as number }))
    return props.result.member.fields.flatMap(({ name, from, to }) =>
        Array.from({ length: 11 }, (_, i) => {
            const at = from + ((to - from) * i) / 10
            return { name: i === 0 ? name : '', at, x: i === 10 ? at - INSIDE * (to - from) : at }
        }),
    )
})

function read(effect: 'N' | 'V' | 'M' | 'w' | 'Mz' | 'v' | 'T', kind: Kind, x: number): string {
    const curves = (props.result.shown ?? props.result.envelope)[effect]
    if (!curves) return ''
    const [low, high] = [curves.min, curves.max].map((c) => number(readAt(c, x)?.value ?? 0, kind, props.units))
    return low === high ? `${low}` : `${low} to ${high}`
}
</script>

<template>
    <Disclosure v-slot="{ open }" as="section">
        <DisclosureButton class="flex w-full items-baseline gap-2 text-left font-semibold">
            <span class="w-2.5 font-normal text-faint">{{ open ? '–' : '+' }}</span> Values along the member
        </DisclosureButton>
        <DisclosurePanel class="mt-1">
            <label class="block">
                <FieldLabel text="At these places, apart by a semicolon; empty: tenths of the spans" />
                <input
                    v-model="list"
                    class="field"
                    :placeholder="`${typed(1500, 'length', units)}; ${typed(2400, 'length', units)}`"
                />
            </label>
            <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
            <table class="grid-table mt-1">
                <thead>
                    <tr>
                        <th>x</th>
                        <th v-for="[effect, kind] in EFFECTS" :key="effect" class="number">
                            {{ NAMES[effect] ?? effect }} {{ unitOf(kind, units) }}
                        </th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(r, i) in rows" :key="i">
                        <td class="whitespace-nowrap">
                            {{ format(r.at, 'length', units)
                            }}<span v-if="r.name" class="block text-xs text-faint">{{ r.name }}</span>
                        </td>
                        <td v-for="[effect, kind] in EFFECTS" :key="effect" class="number">
                            {{ read(effect, kind, r.x) }}
                        </td>
                    </tr>
                </tbody>
            </table>
        </DisclosurePanel>
    </Disclosure>
</template>
