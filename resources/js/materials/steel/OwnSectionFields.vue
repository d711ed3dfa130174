<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, ref } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument } from '@/contract/member'
import { parseQuantity } from '@/lib/quantity'
import StripsFields from '@/materials/steel/StripsFields.vue'
import { DIMENSIONS, nameOf, nameOfStrips, ownSection, SOME_STRIPS, stripsOf, type OwnKind } from '@/lib/sections'

/** A section that is in no catalogue, by its dimensions; it is written into the field of the section. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const own = computed(() => ownSection(doc.value.section ?? ''))
const isBuilt = computed(() => stripsOf(doc.value.section ?? '') !== null)
/** What was typed that is no dimension, by its place: it stays in the field, and the section as it was. */
const wrong = ref(new Map<number, string>())
const KINDS: Record<OwnKind | 'strips', string> = {
    I: 'welded I',
    unequal: 'welded I, unequal flanges',
    box: 'welded box',
    tee: 'welded T',
    channel: 'welded channel',
    angle: 'angle',
    hollow: 'rectangular hollow, hot-finished',
    hollowCold: 'rectangular hollow, cold-formed',
    tube: 'round tube, hot-finished',
    tubeCold: 'round tube, cold-formed',
    flat: 'flat on edge',
    round: 'round bar',
    strips: 'built of strips',
}

function write(kind: OwnKind, dimensions: number[]): void {
    props.editor.change((d) => void (d.section = nameOf(kind, dimensions)), 'section')
}

/** The dimensions of the section at work to begin with, or usual ones. */
function start(kind: OwnKind | 'strips'): void {
    wrong.value.clear()
    if (kind === 'strips') {
        props.editor.change((d) => void (d.section = nameOfStrips(SOME_STRIPS)), 'section')
        return
    }
    const s = props.editor.result.value?.section
    const [h, b, tw, tf] = s ? [s.h, s.b, s.tw, s.tf] : [400, 200, 8, 15]
    const dimensions: Record<OwnKind, number[]> = {
        I: [h, b, tw, tf],
        unequal: [h, b, b, tw, tf, tf],
        box: [Math.max(h, b), Math.min(h, b), Math.max(tw, tf)],
        tee: [h, b, tw, tf],
        channel: [h, b / 2, tw, tf],
        angle: [h, Math.min(h, b), tf],
        hollow: [Math.max(h, b), Math.min(h, b), tw],
        hollowCold: [Math.max(h, b), Math.min(h, b), tw],
        tube: [h, tw],
        tubeCold: [h, tw],
        flat: [Math.min(h, 500), tf],
        round: [Math.min(h, 200)],
    }
    write(kind, dimensions[kind])
}

function set(index: number, text: string): void {
    if (!own.value) return
    const mm = dimension(text)
    if (mm === null) {
        wrong.value.set(index, text)
        return
    }
    wrong.value.delete(index)
    write(
        own.value.kind,
        own.value.dimensions.map((v, i) => (i === index ? mm : v)),
    )
}

/** In mm; null where a text is none. */
function dimension(text: string): number | null {
    try {
        const mm = parseQuantity(text, 'size', units.value)
        return mm >= 0.01 ? mm : null
    } catch {
        return null
    }
}
</script>

<template>
    <div>
        <button v-if="!own && !isBuilt" class="quiet underline" @click="start('I')">By its dimensions</button>
        <div v-else class="grid grid-cols-2 gap-2">
            <label class="col-span-2">
                <FieldLabel text="Kind" />
                <select
                    class="field"
                    :value="own?.kind ?? 'strips'"
                    @change="start(($event.target as HTMLSelectElement).value as OwnKind | 'strips')"
                >
                    <option v-for="(name, kind) in KINDS" :key="kind" :value="kind">{{ name }}</option>
                </select>
            </label>
            <StripsFields v-if="isBuilt" class="col-span-2" :editor="editor" />
            <QuantityField
                v-for="(label, i) in own ? DIMENSIONS[own.kind] : []"
                :key="label"
                :label="label"
                kind="size"
                :units="units"
                :model-value="wrong.get(i) ?? `${own?.dimensions[i]} mm`"
                :error="wrong.has(i) ? 'A dimension is more than 0.' : undefined"
                @update:model-value="(v) => set(i, v)"
            />
        </div>
    </div>
</template>
