<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { CollapseState } from '@/bench/collapse'
import DerivationView from '@/bench/DerivationView.vue'
import type { Editor } from '@/bench/editor'
import type { MemberDocument } from '@/contract/member'
import { format } from '@/lib/units'

/** By how much the loads can grow until the beam collapses, and the hinges in the order in which they form. */
const props = defineProps<{ editor: Editor; collapse: CollapseState }>()
const emit = defineEmits<{ read: [x: number] }>()
const { combination, answer, errors } = props.collapse
const units = computed(() => props.editor.units.value)
const doc = computed(() => props.editor.document.value as MemberDocument)
const strength = computed(() =>
    (props.editor.result.value?.combinations ?? []).filter((c) =>
        ['strength', 'construction', 'accidental', 'seismic'].includes(c.purpose),
    ),
)
const fault = computed(() => Object.values(errors.value)[0]?.[0])
const length = (x: number): string => format(x, 'length', units.value)
function setOnSheet(on: boolean): void {
    props.editor.change((d) => {
        if (on) d.collapse = true
        else delete d.collapse
    })
}
</script>

<template>
    <div class="space-y-3 p-3">
        <label class="block">
            <FieldLabel text="Loads of" />
            <select v-model="combination" class="field" aria-label="Combination that collapse is computed for">
                <option value="">the combination that collapses first</option>
                <option v-for="c in strength" :key="c.id" :value="c.id">{{ c.id }}: {{ c.text }}</option>
            </select>
        </label>
        <label class="flex items-center gap-2">
            <input
                type="checkbox"
                class="size-3.5"
                :checked="doc.collapse ?? false"
                @change="setOnSheet(($event.target as HTMLInputElement).checked)"
            />
            Collapse is on the sheet
        </label>
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
        <template v-else-if="answer">
            <p v-if="answer.reason" class="border-l-2 border-l-fail pl-2" role="status">{{ answer.reason }}</p>
            <template v-else>
                <p role="status">
                    <span class="block text-xl" :class="(answer.factor ?? 0) < 1 ? 'text-fail' : ''">{{
                        answer.factor?.toFixed(3)
                    }}</span>
                    times the loads of {{ answer.combination }} ({{ answer.arrangement }}) make a mechanism.
                    <span class="block text-xs text-faint"
                        >Plastic moment {{ format(answer.plasticMoment, 'moment', units) }}</span
                    >
                </p>
                <table class="grid-table" aria-label="Plastic hinges in the order in which they form">
                    <thead>
                        <tr>
                            <th>Hinge</th>
                            <th class="number">At x</th>
                            <th class="number">Factor</th>
                            <th>Flange restrained</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(h, i) in answer.hinges" :key="i" class="cursor-pointer" @click="emit('read', h.x)">
                            <td>
                                {{ i + 1 }}, {{ h.sagging ? 'sagging' : 'hogging' }}
                                <span v-if="!h.turns" class="block text-xs text-faint">not in the mechanism</span>
                            </td>
                            <td class="number">
                                {{ length(h.x) }}
                                <span v-if="Math.abs(h.formedAt - h.x) > 0.5" class="block text-xs text-faint"
                                    >formed at {{ length(h.formedAt) }}</span
                                >
                            </td>
                            <td class="number">{{ h.factor.toFixed(3) }}</td>
                            <td>{{ h.held ? 'yes' : 'no' }}</td>
                        </tr>
                    </tbody>
                </table>
                <section>
                    <h3 class="font-semibold">By hand, from the work on the mechanism</h3>
                    <DerivationView :lines="answer.lines" />
                </section>
                <ul class="list-disc pl-4 text-xs text-faint">
                    <li v-for="n in answer.notes" :key="n">{{ n }}</li>
                </ul>
            </template>
        </template>
    </div>
</template>
