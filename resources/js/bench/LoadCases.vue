<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import { addCase } from '@/bench/loads'
import type { CaseDocument, MemberDocument } from '@/contract/member'
import { CATEGORIES } from '@/lib/member'
import { materialOf } from '@/materials'
import { durationsOf } from '@/materials/durations'

/** The load cases of the member with their categories. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]
const used = (id: string): boolean => doc.value.loads.some((l) => l.case === id)
function setAlternatives(c: CaseDocument, text: string): void {
    if (text.trim()) c.alternatives = text
    else delete c.alternatives
}
function setAlways(c: CaseDocument, always: boolean): void {
    if (always) c.always = true
    else delete c.always
}
function setCategory(c: CaseDocument, category: string): void {
    c.category = category as CaseDocument['category']
    if (category === 'permanent') delete c.duration
}
function setSustained(c: CaseDocument, part: string): void {
    if (part.trim()) c.sustained = part
    else delete c.sustained
}
const ALWAYS_THERE = ['permanent', 'settlement', 'temperature', 'accidental', 'seismic']
const mayStay = (c: CaseDocument): boolean =>
    materialOf(doc.value).creeps && (!ALWAYS_THERE.includes(c.category) || c.sustained !== undefined)
function setDuration(c: CaseDocument, duration: string): void {
    if (duration) c.duration = duration as CaseDocument['duration']
    else delete c.duration
}
const durations = computed(() => durationsOf(props.editor.job.value?.basis.combinations))
const valueOf = (e: Event): string => (e.target as HTMLInputElement).value
</script>

<template>
    <div>
        <div class="grid grid-cols-[0.85fr_1.15fr_3rem_1rem] gap-x-1.5">
            <FieldLabel text="Load case" /><span class="label">Category</span
            ><span class="label" title="Of the load cases with the same letter or word here one acts at a time"
                >One of</span
            >
        </div>
        <div
            v-for="(c, i) in doc.cases"
            :key="c.id"
            class="mt-1 grid grid-cols-[0.85fr_1.15fr_3rem_1rem] items-start gap-x-1.5"
        >
            <div>
                <input
                    class="field"
                    :value="c.name"
                    :aria-label="`Name of load case ${i + 1}`"
                    :aria-invalid="!!fault(`cases.${i}.name`)"
                    @input="editor.change((d) => void (d.cases[i]!.name = valueOf($event)), `cases.${i}.name`)"
                />
                <span v-if="fault(`cases.${i}.name`)" class="fault" role="alert">{{ fault(`cases.${i}.name`) }}</span>
            </div>
            <select
                class="field"
                :value="c.category"
                :aria-label="`Category of ${c.name}`"
                @change="editor.change((d) => setCategory(d.cases[i]!, valueOf($event)))"
            >
                <option v-for="(name, category) in CATEGORIES" :key="category" :value="category">{{ name }}</option>
            </select>
            <input
                v-if="c.category !== 'permanent' && c.category !== 'settlement'"
                class="field"
                :value="c.alternatives ?? ''"
                placeholder="–"
                :aria-label="`Alternatives that ${c.name} belongs to`"
                :aria-invalid="!!fault(`cases.${i}.alternatives`)"
                title="Of the load cases with the same letter or word here one acts at a time"
                @input="editor.change((d) => setAlternatives(d.cases[i]!, valueOf($event)), `cases.${i}.alternatives`)"
            />
            <span v-else></span>
            <button
                class="quiet px-1!"
                :disabled="used(c.id)"
                :title="used(c.id) ? 'Loads belong to this case' : ''"
                :aria-label="`Remove load case ${c.name}`"
                @click="editor.change((d) => void d.cases.splice(i, 1))"
            >
                ×
            </button>
            <label
                v-if="materialOf(doc).byDuration && c.category !== 'permanent'"
                class="col-span-4 grid grid-cols-[3rem_1fr_1.4rem] items-center text-xs text-faint"
            >
                <span>stays</span>
                <select
                    class="field"
                    :value="c.duration ?? ''"
                    :aria-label="`How long ${c.name} stays`"
                    @change="editor.change((d) => setDuration(d.cases[i]!, valueOf($event)))"
                >
                    <option value="">as its category has it</option>
                    <option v-for="(name, duration) in durations" :key="duration" :value="duration">{{ name }}</option>
                </select>
            </label>
            <label
                v-if="mayStay(c)"
                class="col-span-4 grid grid-cols-[6.5rem_1fr_1.4rem] items-center text-xs text-faint"
            >
                <span>part that stays</span>
                <input
                    class="field"
                    inputmode="decimal"
                    :value="c.sustained ?? ''"
                    placeholder="as its category has it"
                    :aria-label="`Part of ${c.name} that stays`"
                    :aria-invalid="!!fault(`cases.${i}.sustained`)"
                    @input="editor.change((d) => setSustained(d.cases[i]!, valueOf($event)), `cases.${i}.sustained`)"
                />
            </label>
            <span v-if="fault(`cases.${i}.sustained`)" class="fault col-span-4" role="alert">{{
                fault(`cases.${i}.sustained`)
            }}</span>
            <label
                v-if="c.category === 'settlement' || c.category === 'temperature'"
                class="col-span-4 flex items-center gap-1.5 text-xs text-faint"
            >
                <input
                    type="checkbox"
                    class="size-3.5"
                    :checked="c.always ?? false"
                    @change="
                        (e) => editor.change((d) => setAlways(d.cases[i]!, (e.target as HTMLInputElement).checked))
                    "
                />
                always there, even where it helps
            </label>
            <span v-if="fault(`cases.${i}.duration`)" class="fault col-span-4" role="alert">{{
                fault(`cases.${i}.duration`)
            }}</span>
            <span v-if="fault(`cases.${i}.always`)" class="fault col-span-4" role="alert">{{
                fault(`cases.${i}.always`)
            }}</span>
            <span v-if="fault(`cases.${i}.alternatives`)" class="fault col-span-4" role="alert">{{
                fault(`cases.${i}.alternatives`)
            }}</span>
        </div>
        <p v-if="fault('cases')" class="fault" role="alert">{{ fault('cases') }}</p>
        <button class="quiet mt-1 underline" @click="editor.change(addCase)">Add a load case</button>
    </div>
</template>
