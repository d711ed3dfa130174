<script setup lang="ts">
import { computed } from 'vue'
import type { Collapse } from '@/contract/collapse'
import type { Influence } from '@/contract/influence'
import type { Curves, Result } from '@/contract/result'
import type { FigureBlock } from '@/contract/sheet'
import BucklingDrawing from '@/sheet/BucklingDrawing.vue'
import SectionDrawing from '@/sheet/SectionDrawing.vue'
import BarDrawing from '@/strips/BarDrawing.vue'
import CurveStrip from '@/strips/CurveStrip.vue'
import InfluenceStrip from '@/strips/InfluenceStrip.vue'
import MechanismStrip from '@/strips/MechanismStrip.vue'
import MemberStrip from '@/strips/MemberStrip.vue'
import { intoLanes } from '@/strips/lanes'
import type { Kind, UnitSystem } from '@/lib/units'

/** A figure of the sheet; the same drawings as on the bench, in ink. */
const props = defineProps<{
    block: FigureBlock
    result: Result
    collapse?: Collapse
    influence?: Influence
    units: UnitSystem
}>()
const W = 680
const LEFT = 76
const RIGHT = W - 14
const sx = (x: number): number => LEFT + (x / props.result.member.length) * (RIGHT - LEFT)
const CURVES: Partial<Record<FigureBlock['name'], { title: string; kind: Kind; downward: boolean }>> = {
    N: { title: 'Axial N', kind: 'force', downward: false },
    V: { title: 'Shear V', kind: 'force', downward: false },
    M: { title: 'Moment M', kind: 'moment', downward: true },
    w: { title: 'Deflection', kind: 'deflection', downward: true },
    Vy: { title: 'Lateral V', kind: 'force', downward: false },
    Mz: { title: 'Lateral M', kind: 'moment', downward: true },
    v: { title: 'Lateral w', kind: 'deflection', downward: true },
    T: { title: 'Torque T', kind: 'moment', downward: false },
}
const curve = computed(() => {
    const name = props.block.name
    const figure = name === 'figure' ? props.result.figures[props.block.index ?? 0] : undefined
    if (figure) return { ...figure, kind: figure.kind as Kind, limit: figure.there }
    const drawn = CURVES[name]
    const curves = drawn && props.result.envelope[name as keyof Curves]
    const limit = props.result.figures.find((f) => f.id === name)?.there
    return curves ? { curves, limit, ...drawn } : null
})
/** Sections with other bars, each once. */
const cuts = computed(() => {
    const all = (props.result.section.cuts ?? []).map((c, index) => ({ ...c, index }))
    return all.filter((c, i) => all.findIndex((other) => other.text === c.text) === i)
})
const memberHeight = computed(
    () =>
        66 +
        Math.min(8, intoLanes(props.result.member.loads, (90 * props.result.member.length) / (RIGHT - LEFT)).lanes) *
            30,
)
</script>

<template>
    <figure>
        <template v-if="block.name === 'section'">
            <SectionDrawing :section="result.section" :units="units" />
            <BucklingDrawing
                v-if="result.section.buckling"
                class="buckling-drawing"
                :buckling="result.section.buckling"
                :units="units"
            />
            <figcaption v-if="cuts[0]">{{ cuts[0].title }}: {{ cuts[0].text }}</figcaption>
            <div v-if="cuts.length > 1" class="section-cuts">
                <div v-for="c in cuts.slice(1)" :key="c.text">
                    <SectionDrawing bare :section="result.section" :units="units" :cut="c.index" />
                    <p>{{ c.title }}: {{ c.text }}</p>
                </div>
            </div>
        </template>
        <BarDrawing v-else-if="block.name === 'bars'" :result="result" :sx="sx" :units="units" />
        <svg v-else-if="block.name === 'member'" :viewBox="`0 0 ${W} ${memberHeight}`">
            <MemberStrip
                :member="result.member"
                :timber="result.section.timber"
                :sx="sx"
                :y="0"
                :height="memberHeight"
                :units="units"
            />
        </svg>
        <svg v-else-if="block.name === 'collapse' && collapse" :viewBox="`0 0 ${W} 112`">
            <CurveStrip
                title="Moment M"
                kind="moment"
                :curves="{ max: collapse.moment, min: collapse.moment }"
                :combinations="[]"
                :sx="sx"
                :left="LEFT"
                :right="RIGHT"
                :y="0"
                :height="112"
                downward
                :units="units"
                color="var(--color-ink)"
            />
        </svg>
        <svg v-else-if="block.name === 'influence' && influence" :viewBox="`0 0 ${W} 112`">
            <InfluenceStrip
                :influence="influence"
                worst="max"
                :sx="sx"
                :left="LEFT"
                :right="RIGHT"
                :y="0"
                :height="112"
                :units="units"
            />
        </svg>
        <svg v-else-if="block.name === 'mechanism' && collapse" :viewBox="`0 0 ${W} 112`">
            <MechanismStrip
                :collapse="collapse"
                :sx="sx"
                :left="LEFT"
                :right="RIGHT"
                :y="0"
                :height="112"
                :units="units"
            />
        </svg>
        <svg v-else-if="curve" :viewBox="`0 0 ${W} 112`">
            <CurveStrip
                :title="curve.title"
                :kind="curve.kind"
                :curves="curve.curves"
                :limit="curve.limit"
                :combinations="result.combinations"
                :sx="sx"
                :left="LEFT"
                :right="RIGHT"
                :y="0"
                :height="112"
                :downward="curve.downward"
                :units="units"
                color="var(--color-ink)"
            />
        </svg>
        <figcaption>{{ block.caption }}</figcaption>
    </figure>
</template>
