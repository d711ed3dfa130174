<script setup lang="ts">
import { computed } from 'vue'
import Tex from '@/components/Tex.vue'
import type { Result } from '@/contract/result'
import { ratioText } from '@/lib/ratio'
import { format, type Kind, type UnitSystem } from '@/lib/units'
import { outlineOf, propertiesOf } from '@/sheet/sections'

/** The section of the kept state and that of now, drawn to one scale, with their properties beside each other. */
const props = defineProps<{ kept: Result; now: Result; units: UnitSystem }>()
const both = computed(() =>
    [props.kept, props.now].map((r) => ({ section: r.section, ratio: r.verdict.ratio, holds: r.verdict.holds })),
)
const scale = computed(() => 84 / Math.max(...both.value.flatMap(({ section }) => [section.h, section.b])))
const paths = computed(() =>
    both.value.map(({ section }, i) =>
        outlineOf(section, scale.value, 90 + i * 180 - (section.b * scale.value) / 2, 90 - section.h * scale.value),
    ),
)
/**
 * What both have: row by row, since their symbols may be of two standards; a hollow section and an I section share few.
 */
const rows = computed(() => {
    const kept = propertiesOf(props.kept.section)
    const isAlike = props.kept.section.shape === props.now.section.shape
    return propertiesOf(props.now.section).flatMap(([symbol, value, kind], i) => {
        const before = isAlike ? kept[i] : kept.find(([other]) => other === symbol)
        return before ? [{ symbol, before: before[1], value, kind, change: change(before[1], value) }] : []
    })
})
const weights = computed(() => [props.kept.section.weight, props.now.section.weight] as const)
const change = (before: number, value: number): string => {
    const percent = before ? Math.round(100 * (value / before - 1)) : 0
    return percent ? `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %` : 'same'
}
const text = (value: number, kind: Kind): string =>
    format(value, kind, props.units, kind === 'size' && props.units === 'us' ? 3 : undefined)
</script>

<template>
    <section class="border-b border-ink px-3 py-2" aria-label="Both sections">
        <svg viewBox="0 0 360 94" class="w-full" role="img" aria-label="Both sections to one scale">
            <path
                v-for="(path, i) in paths"
                :key="i"
                :d="path"
                fill="var(--color-shade)"
                fill-rule="evenodd"
                stroke="var(--color-ink)"
                stroke-width="1"
                :stroke-dasharray="i ? undefined : '4 2'"
            />
        </svg>
        <table class="grid-table">
            <thead>
                <tr>
                    <th></th>
                    <th v-for="(of, i) in both" :key="i" class="number">
                        {{ of.section.name }} {{ of.section.grade }}
                    </th>
                    <th class="number">Change</th>
                </tr>
            </thead>
            <tbody>
                <tr>
                    <td>Heaviest ratio</td>
                    <td
                        v-for="(of, i) in both"
                        :key="i"
                        class="number"
                        :class="of.holds ? 'text-hold' : 'font-semibold text-fail'"
                    >
                        {{ ratioText(of.ratio) }}
                    </td>
                    <td></td>
                </tr>
                <tr>
                    <td>Mass</td>
                    <td v-for="(w, i) in weights" :key="i" class="number">{{ format(w, 'mass', units) }}</td>
                    <td class="number">{{ change(...weights) }}</td>
                </tr>
                <tr v-for="r in rows" :key="r.symbol">
                    <td><Tex :tex="r.symbol" /></td>
                    <td class="number">{{ text(r.before, r.kind) }}</td>
                    <td class="number">{{ text(r.value, r.kind) }}</td>
                    <td class="number">{{ r.change }}</td>
                </tr>
            </tbody>
        </table>
    </section>
</template>
