<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import type { ReserveState } from '@/bench/reserve'
import BalanceBeam from '@/components/BalanceBeam.vue'
import type { ReserveChange, ReserveFactor } from '@/contract/reserve'
import { mergePatch } from '@/lib/mergePatch'
import { ratioText } from '@/lib/ratio'

/**
 * What is left before the first weighing tips; for a member that does not hold, single changes with what each makes of
 * it.
 */
const props = defineProps<{ editor: Editor; reserve: ReserveState }>()
const { open, answer, errors } = props.reserve
const fault = computed(() => Object.values(errors.value)[0]?.[0])
const LOADS = [
    ['variable', 'all variable loads'],
    ['all', 'all loads but self-weight'],
    ['lengths', 'the unbraced lengths'],
] as const

function sentence({ state, factor }: ReserveFactor, loads: string): string {
    if (loads === LOADS[2][1] && state === 'never') return 'It does not hold with braces close by either.'
    if (loads === LOADS[2][1] && state === 'none') return 'It is continuously restrained.'
    switch (state) {
        case 'found':
            return `times ${loads}${(factor ?? 0) < 1 ? ' would hold' : ''}`
        case 'beyond':
            return `The member holds with 100 times ${loads} as well.`
        case 'never':
            return `It does not hold even without ${loads.replace('all ', '')}.`
        default:
            return `No ${loads.replace('all ', '').replace('loads', 'load')} acts.`
    }
}

/** Three digits, never more than it holds. */
const factorText = (factor: number): string => (Math.floor(factor * 100) / 100).toFixed(2)

function take(change: ReserveChange): void {
    props.editor.change((d) => mergePatch(d as unknown as Record<string, unknown>, structuredClone(change.patch)))
}
</script>

<template>
    <section class="border-b border-ink">
        <button
            class="flex w-full items-baseline gap-2 px-3 py-1.5 text-left hover:bg-shade"
            :aria-expanded="open"
            @click="open = !open"
        >
            <span class="w-2.5 text-faint">{{ open ? '–' : '+' }}</span>
            <span>{{ editor.result.value?.verdict.holds === false ? 'Reserve, and what would help' : 'Reserve' }}</span>
        </button>
        <div v-if="open" class="px-3 pb-2">
            <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
            <template v-else-if="answer">
                <p v-for="[key, loads] in LOADS" :key="key" class="flex items-baseline gap-2">
                    <span
                        v-if="answer[key].factor !== null"
                        class="w-12 text-right text-lg"
                        :class="answer[key].factor < 1 ? 'text-fail' : ''"
                        >{{ factorText(answer[key].factor) }}</span
                    >
                    <span>{{ sentence(answer[key], loads) }}</span>
                </p>
                <table v-if="answer.changes.length" class="grid-table mt-1" aria-label="Single changes">
                    <tbody>
                        <tr v-for="c in answer.changes" :key="c.text">
                            <td class="w-8"><BalanceBeam :ratio="c.ratio" :holds="c.holds" /></td>
                            <td>
                                <button
                                    class="text-left underline decoration-rule hover:decoration-ink"
                                    @click="take(c)"
                                >
                                    {{ c.text }}
                                </button>
                                <span class="block text-xs text-faint"
                                    >{{ c.holds ? 'holds' : 'does not hold' }}, {{ c.title }}</span
                                >
                            </td>
                            <td class="number" :class="c.holds ? 'text-hold' : 'text-fail'">
                                {{ c.ratio === null ? '' : ratioText(c.ratio) }}
                            </td>
                        </tr>
                    </tbody>
                </table>
                <p v-else-if="editor.result.value?.verdict.holds === false" class="text-xs text-faint">
                    No single change of those tried helps.
                </p>
                <p class="mt-1 text-xs text-faint">
                    Weighed anew with each change. A click makes the change; Undo takes it back.
                </p>
            </template>
            <p v-else class="text-faint" role="status">Weighing …</p>
        </div>
    </section>
</template>
