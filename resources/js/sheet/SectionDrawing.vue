<script setup lang="ts">
import { computed } from 'vue'
import Tex from '@/components/Tex.vue'
import type { SectionResult } from '@/contract/result'
import { format, type Kind, type UnitSystem } from '@/lib/units'

/** The section to scale with its dimensions, and its properties beside it. */
const props = defineProps<{ section: SectionResult; units: UnitSystem }>()
const CENTRE = 150
const scale = computed(() => 150 / Math.max(props.section.h, props.section.b))
const outline = computed(() => {
    const { h, b, tw, tf, r } = props.section
    const k = scale.value
    const [H, B, T, F, R] = [h * k, b * k, tw * k, tf * k, r * k]
    const x0 = CENTRE - B / 2
    const y0 = 95 - H / 2
    const wl = CENTRE - T / 2
    const wr = CENTRE + T / 2
    return {
        path: `M${x0} ${y0}h${B}v${F}H${wr + R}a${R} ${R} 0 0 0 ${-R} ${R}V${y0 + H - F - R}a${R} ${R} 0 0 0 ${R} ${R}H${x0 + B}v${F}h${-B}v${-F}H${wl - R}a${R} ${R} 0 0 0 ${R} ${-R}V${y0 + F + R}a${R} ${R} 0 0 0 ${-R} ${-R}H${x0}Z`,
        x0,
        y0,
        B,
        H,
    }
})
const rows = computed<[string, number, Kind][]>(() => {
    const s = props.section
    return [
        ['h', s.h, 'size'],
        ['A', s.A, 'area'],
        ['b', s.b, 'size'],
        ['t_{\\mathrm{w}}', s.tw, 'size'],
        ['t_{\\mathrm{f}}', s.tf, 'size'],
        ['r', s.r, 'size'],
        ['I_{\\mathrm{y}}', s.Iy, 'secondMoment'],
        ['I_{\\mathrm{z}}', s.Iz, 'secondMoment'],
        ['W_{\\mathrm{el,y}}', s.Wely, 'modulus'],
        ['W_{\\mathrm{pl,y}}', s.Wply, 'modulus'],
        ['I_{\\mathrm{t}}', s.It, 'secondMoment'],
        ['I_{\\mathrm{w}}', s.Iw, 'warping'],
    ]
})
</script>

<template>
    <div class="section-drawing">
        <svg viewBox="0 0 250 206">
            <path :d="outline.path" fill="var(--color-shade)" stroke="var(--color-ink)" stroke-width="1.2" />
            <g font-size="11" fill="var(--color-ink)" stroke="var(--color-ink)" stroke-width="0.6">
                <path :d="`M${outline.x0} ${outline.y0 + outline.H + 10}h${outline.B}m0-3v6m${-outline.B} 0v-6`" />
                <path :d="`M${outline.x0 - 10} ${outline.y0}v${outline.H}m-3 0h6m0 ${-outline.H}h-6`" />
                <text :x="CENTRE" :y="outline.y0 + outline.H + 21" text-anchor="middle" stroke="none">{{ format(section.b, 'size', units) }}</text>
                <text :x="outline.x0 - 14" y="98" text-anchor="end" stroke="none">{{ format(section.h, 'size', units) }}</text>
            </g>
        </svg>
        <dl>
            <template v-for="[symbol, value, kind] in rows" :key="symbol">
                <dt><Tex :tex="symbol" /></dt>
                <dd>{{ format(value, kind, units) }}</dd>
            </template>
        </dl>
    </div>
</template>
