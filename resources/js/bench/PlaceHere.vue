<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { addLoad } from '@/bench/loads'
import type { Editor } from '@/bench/editor'
import type { LoadDocument, MemberDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'
import { format, typed } from '@/lib/units'

/** What may be put at a place that was taken in the drawing. */
const props = defineProps<{ editor: Editor; x: number }>()
const emit = defineEmits<{ edit: [id: string]; close: [] }>()
const first = ref<HTMLElement | null>(null)
onMounted(() => first.value?.querySelector('button')?.focus())

const LOADS = { point: 'Point load', moment: 'Moment', line: 'Line load from here' } as const

function load(kind: LoadDocument['kind']): void {
    const units = props.editor.units.value
    const at = typed(props.x, 'length', units)
    let id = ''
    props.editor.change((d: MemberDocument) => {
        id = addLoad(d, kind, units)
        const made = d.loads.find((l) => l.id === id)
        if (made) made[kind === 'line' ? 'from' : 'x'] = at
    })
    emit('close')
    emit('edit', id)
}

function support(): void {
    const units = props.editor.units.value
    props.editor.change((d: MemberDocument) => {
        d.supports.push({
            x: typed(props.x, 'length', units),
            kind: 'roller',
            bearing: d.supports[0]?.bearing ?? typed(150, 'size', units),
        })
        d.supports.sort((a, b) => (readQuantity(a.x, 'length') ?? 0) - (readQuantity(b.x, 'length') ?? 0))
    })
    emit('close')
}
</script>

<template>
    <div
        ref="first"
        class="absolute z-10 border border-ink bg-sheet py-1 shadow-sm"
        role="menu"
        :aria-label="`At x = ${format(x, 'length', editor.units.value)}`"
        @keydown.esc.stop="emit('close')"
        @click.stop
        @pointermove.stop
    >
        <p class="px-3 pb-0.5 text-xs text-faint">Put at x = {{ format(x, 'length', editor.units.value) }}</p>
        <button
            v-for="(label, kind) in LOADS"
            :key="kind"
            role="menuitem"
            class="block w-full px-3 py-1 text-left hover:bg-shade"
            @click="load(kind)"
        >
            {{ label }}
        </button>
        <button role="menuitem" class="block w-full px-3 py-1 text-left hover:bg-shade" @click="support">
            Support
        </button>
        <button
            role="menuitem"
            class="block w-full border-t border-rule px-3 py-1 text-left text-faint hover:bg-shade"
            @click="emit('close')"
        >
            Nothing
        </button>
    </div>
</template>
