<script setup lang="ts">
import { computed } from 'vue'
import Tex from '@/components/Tex.vue'
import type { SectionResult } from '@/contract/result'
import { format, type Kind, type UnitSystem } from '@/lib/units'

/** The section to scale with its dimensions, and its properties beside it. */
const props = defineProps<{ section: SectionResult; units: UnitSystem }>()
const CENTRE = 150
const scale = computed(() => 150 / Math.max(props.section.h, props.section.b))
const box = computed(() => {
    const [H, B] = [props.section.h * scale.value, props.section.b * scale.value]
    return { x0: CENTRE - B / 2, y0: 95 - H / 2, B, H }
})
const path = computed(() => {
    const { shape, tw, tf, r } = props.section
    const k = scale.value
    const { x0, y0, B, H } = box.value
    const [T, F, R] = [tw * k, tf * k, r * k]
    if (shape === 'circle') return `${rounded(x0, y0, B, H, B / 2)}${rounded(x0 + T, y0 + T, B - 2 * T, H - 2 * T, B / 2 - T)}`
    // Hot-finished corners are as thick as the sides, cold-formed ones as well.
    if (shape === 'rectangle') return `${rounded(x0, y0, B, H, R)}${rounded(x0 + T, y0 + T, B - 2 * T, H - 2 * T, Math.max(0, R - T))}`
    const wl = CENTRE - T / 2
    const wr = CENTRE + T / 2
    return `M${x0} ${y0}h${B}v${F}H${wr + R}a${R} ${R} 0 0 0 ${-R} ${R}V${y0 + H - F - R}a${R} ${R} 0 0 0 ${R} ${R}H${x0 + B}v${F}h${-B}v${-F}H${wl - R}a${R} ${R} 0 0 0 ${R} ${-R}V${y0 + F + R}a${R} ${R} 0 0 0 ${-R} ${-R}H${x0}Z`
})
function rounded(x: number, y: number, w: number, h: number, r: number): string {
    const corner = (dx: number, dy: number): string => `a${r} ${r} 0 0 1 ${dx} ${dy}`
    return `M${x + r} ${y}h${w - 2 * r}${corner(r, r)}v${h - 2 * r}${corner(-r, r)}h${-(w - 2 * r)}${corner(-r, -r)}v${-(h - 2 * r)}${corner(r, -r)}Z`
}
/** Symbols by the standards: of both axes, strong and weak, and of torsion. */
const SYMBOLS = {
    EN: {
        h: 'h',
        b: 'b',
        strong: 'I_{\\mathrm{y}}',
        weak: 'I_{\\mathrm{z}}',
        elastic: 'W_{\\mathrm{el,y}}',
        plastic: 'W_{\\mathrm{pl,y}}',
        torsion: 'I_{\\mathrm{t}}',
        warping: 'I_{\\mathrm{w}}',
    },
    AISC: {
        h: 'd',
        b: 'b_{\\mathrm{f}}',
        strong: 'I_{\\mathrm{x}}',
        weak: 'I_{\\mathrm{y}}',
        elastic: 'S_{\\mathrm{x}}',
        plastic: 'Z_{\\mathrm{x}}',
        torsion: 'J',
        warping: 'C_{\\mathrm{w}}',
    },
} as const
const rows = computed<[string, number, Kind][]>(() => {
    const s = props.section
    const name = SYMBOLS[s.symbols]
    const dimensions: Record<SectionResult['shape'], [string, number, Kind][]> = {
        I: [
            [name.b, s.b, 'size'],
            ['t_{\\mathrm{w}}', s.tw, 'size'],
            ['t_{\\mathrm{f}}', s.tf, 'size'],
            ['r', s.r, 'size'],
        ],
        rectangle: [
            [s.symbols === 'AISC' ? 'B' : 'b', s.b, 'size'],
            ['t', s.tw, 'size'],
            ['r_{\\mathrm{o}}', s.r, 'size'],
        ],
        circle: [['t', s.tw, 'size']],
    }
    const isAmerican = s.symbols === 'AISC'
    const depth = { I: name.h, rectangle: isAmerican ? 'H' : 'h', circle: isAmerican ? 'D' : 'd' }
    return [
        [depth[s.shape], s.h, 'size'],
        ['A', s.A, 'area'],
        ...dimensions[s.shape],
        [name.strong, s.Iy, 'secondMoment'],
        [name.weak, s.Iz, 'secondMoment'],
        [name.elastic, s.Wely, 'modulus'],
        [name.plastic, s.Wply, 'modulus'],
        [name.torsion, s.It, 'secondMoment'],
        ...(s.shape === 'I' ? [[name.warping, s.Iw, 'warping'] as [string, number, Kind]] : []),
    ]
})
/** Thicknesses in inches are told to a thousandth. */
const decimals = (kind: Kind): number | undefined => (kind === 'size' && props.units === 'us' ? 3 : undefined)
</script>

<template>
    <div class="section-drawing">
        <svg viewBox="0 0 250 206">
            <path :d="path" fill="var(--color-shade)" fill-rule="evenodd" stroke="var(--color-ink)" stroke-width="1.2" />
            <g font-size="11" fill="var(--color-ink)" stroke="var(--color-ink)" stroke-width="0.6">
                <path :d="`M${box.x0} ${box.y0 + box.H + 10}h${box.B}m0-3v6m${-box.B} 0v-6`" />
                <path :d="`M${box.x0 - 10} ${box.y0}v${box.H}m-3 0h6m0 ${-box.H}h-6`" />
                <text :x="CENTRE" :y="box.y0 + box.H + 21" text-anchor="middle" stroke="none">{{ format(section.b, 'size', units) }}</text>
                <text :x="box.x0 - 14" y="98" text-anchor="end" stroke="none">{{ format(section.h, 'size', units) }}</text>
            </g>
        </svg>
        <dl>
            <template v-for="[symbol, value, kind] in rows" :key="symbol">
                <dt><Tex :tex="symbol" /></dt>
                <dd>{{ format(value, kind, units, decimals(kind)) }}</dd>
            </template>
        </dl>
    </div>
</template>
