<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Editor } from '@/bench/editor'
import type { PartsState } from '@/bench/parts'
import { format, number, type Kind } from '@/lib/units'

/** A value at the reading line with the combination and arrangement behind it, and what each load adds. */
const props = defineProps<{ editor: Editor; parts: PartsState; effects: { id: string; title: string; kind: Kind }[] }>()
const emit = defineEmits<{ edit: [id: string] }>()
const { ask, answer, errors, open } = props.parts
const units = computed(() => props.editor.units.value)
const effect = computed(() => props.effects.find((e) => e.id === ask.effect) ?? props.effects[0])
const kind = computed<Kind>(() => effect.value?.kind ?? 'moment')
const card = ref<HTMLElement | null>(null)
onMounted(() => card.value?.focus())
const factor = (f: number): string => f.toFixed(3).replace(/\.?0+$/, '')
</script>

<template>
    <div
        ref="card"
        tabindex="-1"
        class="absolute z-10 w-96 border border-ink bg-sheet p-2 shadow-sm outline-none"
        role="dialog"
        aria-label="What the value is made of"
        @keydown.esc.stop="open = false"
        @click.stop
        @pointermove.stop
    >
        <div class="flex items-center gap-2">
            <select v-model="ask.effect" class="field w-auto!" aria-label="Diagram">
                <option v-for="e in effects" :key="e.id" :value="e.id">{{ e.title }}</option>
            </select>
            <select v-model.number="ask.sign" class="field w-auto!" aria-label="Greatest or smallest">
                <option :value="1">greatest</option>
                <option :value="-1">smallest</option>
            </select>
            <span class="grow text-xs whitespace-nowrap text-faint">at {{ ask.x }}</span>
            <button class="quiet" aria-label="Close" @click="open = false">×</button>
        </div>
        <p v-for="(e, path) in errors" :key="path" class="fault" role="alert">{{ e[0] }}</p>
        <template v-if="answer">
            <p class="mt-1 text-lg">{{ format(answer.value, kind, units) }}</p>
            <p v-if="answer.combination" class="text-xs text-faint">
                {{ answer.combination.id }}: {{ answer.combination.text
                }}<template v-if="answer.arrangement">. {{ answer.arrangement }}</template>
            </p>
            <div class="max-h-52 overflow-auto">
                <table class="mt-1 w-full text-xs">
                    <thead>
                        <tr class="text-left text-faint">
                            <th class="font-normal">Load</th>
                            <th class="text-right font-normal">unfactored</th>
                            <th class="text-right font-normal">factor</th>
                            <th class="text-right font-normal">part</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(r, i) in answer.rows" :key="i" class="border-t border-rule">
                            <td class="py-0.5 pr-2">
                                <button
                                    v-if="r.load"
                                    class="text-left underline decoration-rule"
                                    title="Open its input"
                                    @click="emit('edit', r.load)"
                                >
                                    {{ r.name || r.case }}
                                </button>
                                <span v-else>{{ r.name }}</span>
                                <span v-if="r.where" class="text-faint">, {{ r.where }}</span>
                            </td>
                            <td class="text-right">{{ number(r.each, kind, units) }}</td>
                            <td class="text-right">{{ factor(r.factor) }}</td>
                            <td class="text-right">{{ number(r.part, kind, units) }}</td>
                        </tr>
                        <tr class="border-t border-ink font-semibold">
                            <td colspan="3">Sum</td>
                            <td class="text-right">
                                {{
                                    number(
                                        answer.rows.reduce((sum, r) => sum + r.part, 0),
                                        kind,
                                        units,
                                    )
                                }}
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
        </template>
    </div>
</template>
