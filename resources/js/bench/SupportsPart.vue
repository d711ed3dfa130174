<script setup lang="ts">
import { computed, toRaw } from 'vue'
import type { Editor } from '@/bench/editor'
import { spansOf, stretch } from '@/bench/spans'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'
import { typed } from '@/lib/units'

/** Length, supports and, between them, the spans: typing a span moves everything to its right. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]

const fields = computed(() => spansOf(doc.value))

/** The document when a span field was entered: each keystroke starts from it, so that "1" on the way to "12" harms nothing. */
let entered: MemberDocument | null = null
function enterSpan(document: MemberDocument | null): void {
    entered = document
}

function setSpan(index: number, text: string): void {
    const before = entered ?? doc.value
    const length = readQuantity(text, 'length')
    const span = spansOf(before)[index]
    if (!span || length === null || length <= 0) return
    const next = structuredClone(toRaw(before))
    stretch(next, span, length, units.value)
    props.editor.change((d) => void Object.assign(d, next), `span.${index}`)
}

function setLength(text: string): void {
    props.editor.change((d) => {
        const end = d.supports.find((s) => s.x === d.length)
        if (end) end.x = text
        d.length = text
    }, 'length')
}

function add(): void {
    props.editor.change((d) => {
        // In the middle of the longest span, where it is wanted most often.
        const longest = [...fields.value].sort((a, b) => b.to - b.from - (a.to - a.from))[0]
        const x = longest ? (longest.from + longest.to) / 2 : (readQuantity(d.length, 'length') ?? 0) / 2
        d.supports.push({ x: typed(x, 'length', units.value), kind: 'pinned', bearing: d.supports[0]?.bearing ?? typed(150, 'size', units.value) })
        d.supports.sort((a, b) => (readQuantity(a.x, 'length') ?? 0) - (readQuantity(b.x, 'length') ?? 0))
    })
}

function addSpan(): void {
    props.editor.change((d) => {
        const last = fields.value.at(-1)
        const end = (readQuantity(d.length, 'length') ?? 0) + (last ? last.to - last.from : 5000)
        d.length = typed(end, 'length', units.value)
        d.supports.push({ x: d.length, kind: 'pinned', bearing: d.supports[0]?.bearing ?? typed(150, 'size', units.value) })
    })
}
</script>

<template>
    <div>
        <QuantityField
            label="Length of the member"
            kind="length"
            :units="units"
            :model-value="doc.length"
            :error="fault('length')"
            @update:model-value="setLength"
        />
        <p v-if="fault('supports')" class="fault mt-1" role="alert">{{ fault('supports') }}</p>
        <div class="mt-2 grid grid-cols-[1rem_1fr_4.6rem_1fr_1.2rem] items-start gap-x-1.5 gap-y-1">
            <span></span><span class="label">Support at x</span><span class="label">Kind</span><span class="label">Bearing</span><span></span>
            <template v-for="(s, i) in doc.supports" :key="i">
                <span class="pt-1 text-faint">{{ i + 1 }}</span>
                <QuantityField
                    :aria-label="`Support ${i + 1} at x`"
                    kind="length"
                    :units="units"
                    :model-value="s.x"
                    :error="fault(`supports.${i}.x`)"
                    @update:model-value="(v) => editor.change((d) => void (d.supports[i]!.x = v), `supports.${i}.x`)"
                />
                <select
                    class="field"
                    :value="s.kind"
                    :aria-label="`Kind of support ${i + 1}`"
                    @change="(e) => editor.change((d) => void (d.supports[i]!.kind = (e.target as HTMLSelectElement).value as 'pinned'))"
                >
                    <option value="pinned">pinned</option>
                    <option value="fixed">fixed</option>
                </select>
                <QuantityField
                    :aria-label="`Bearing length of support ${i + 1}`"
                    kind="size"
                    :units="units"
                    :model-value="s.bearing"
                    :error="fault(`supports.${i}.bearing`)"
                    @update:model-value="(v) => editor.change((d) => void (d.supports[i]!.bearing = v), `supports.${i}.bearing`)"
                />
                <button class="quiet px-1!" :aria-label="`Remove support ${i + 1}`" @click="editor.change((d) => void d.supports.splice(i, 1))">
                    ×
                </button>
            </template>
        </div>
        <div class="mt-1.5 flex gap-2">
            <button class="quiet underline" @click="add">Add a support</button>
            <button class="quiet underline" @click="addSpan">Add a span</button>
        </div>
        <div v-if="fields.length" class="mt-2 grid grid-cols-3 gap-x-2 gap-y-1" @focusin="enterSpan(doc)" @focusout="enterSpan(null)">
            <QuantityField
                v-for="(f, i) in fields"
                :key="i"
                :label="f.name"
                kind="length"
                :units="units"
                :model-value="typed(f.to - f.from, 'length', units)"
                @update:model-value="(v) => setSpan(i, v)"
            />
        </div>
    </div>
</template>
