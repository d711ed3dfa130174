<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import type { MemberDocument } from '@/contract/member'
import { nameOfStrips, stripsOf, type StripLine } from '@/lib/sections'

/** The strips of a section that is built of them: for each thickness the points of its middle line. */
const props = defineProps<{ editor: Editor }>()
const lines = computed(() => stripsOf((props.editor.document.value as MemberDocument).section ?? '') ?? [])

function write(next: StripLine[]): void {
    props.editor.change((d) => void (d.section = nameOfStrips(next)), 'section')
}

function set(index: number, key: keyof StripLine, event: Event): void {
    // A semicolon or a colon would begin another line.
    const text = (event.target as HTMLInputElement).value.replace(/[;:]/g, ' ')
    write(lines.value.map((l, i) => (i === index ? { ...l, [key]: text } : l)))
}
</script>

<template>
    <div class="grid gap-1">
        <div class="grid grid-cols-[4.5rem_1fr_1.5rem] gap-2">
            <FieldLabel text="t mm" />
            <FieldLabel text="Points y,z of the middle line, mm" />
        </div>
        <div v-for="(line, i) in lines" :key="i" class="grid grid-cols-[4.5rem_1fr_1.5rem] items-center gap-2">
            <input
                class="field"
                :aria-label="`Thickness of strip ${i + 1} in mm`"
                :value="line.thickness"
                @change="set(i, 'thickness', $event)"
            />
            <input
                class="field"
                :aria-label="`Points of strip ${i + 1}`"
                :value="line.points"
                @change="set(i, 'points', $event)"
            />
            <button
                v-if="lines.length > 1"
                class="quiet"
                :aria-label="`Remove strip ${i + 1}`"
                @click="write(lines.filter((_, k) => k !== i))"
            >
                ×
            </button>
        </div>
        <button class="quiet justify-self-start underline" @click="write([...lines, { thickness: '8', points: '' }])">
            Add a strip
        </button>
        <p class="text-xs text-faint">
            y to the right, z upwards. Strips meet where they share a point or end on another one.
        </p>
    </div>
</template>
