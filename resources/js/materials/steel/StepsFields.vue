<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { GRADES, type Grade } from '@/lib/member'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import QuantityField from '@/components/QuantityField.vue'
import type { MemberDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'
import { typed } from '@/lib/units'

/** Lengths of the member with another section. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const steps = computed(() => doc.value.steps ?? [])
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]

/** Over the last quarter that has no step yet. */
function add(): void {
    props.editor.change((d) => {
        const length = readQuantity(d.length, 'length') ?? 0
        const from = Math.max(0, ...(d.steps ?? []).map((s) => readQuantity(s.to, 'length') ?? 0))
        const to = Math.min(length, from + length / 4)
        d.steps = [
            ...(d.steps ?? []),
            {
                from: typed(from, 'length', units.value),
                to: typed(to, 'length', units.value),
                section: d.section ?? '',
            },
        ]
    })
}

const NAMES = GRADES.flatMap((of): readonly Grade[] => of.grades)
function setGrade(index: number, grade: string): void {
    props.editor.change((d) => {
        const step = d.steps?.[index]
        if (step && grade) step.grade = grade as Grade
        else if (step) delete step.grade
    })
}

const PLATE = [
    ['plateWidth', 'Width'],
    ['plateThickness', 'Thickness'],
] as const
function setPlate(index: number, key: 'plateWidth' | 'plateThickness', text: string): void {
    props.editor.change((d) => {
        const step = d.steps?.[index]
        if (step && text.trim()) step[key] = text
        else if (step) Reflect.deleteProperty(step, key)
    }, `steps.${index}.${key}`)
}

function remove(index: number): void {
    props.editor.change((d) => {
        d.steps?.splice(index, 1)
        if (!d.steps?.length) delete d.steps
    })
}
</script>

<template>
    <div>
        <div v-if="steps.length" class="grid grid-cols-[1fr_1fr_1.2fr_1.2rem] items-start gap-x-1.5 gap-y-1">
            <FieldLabel text="From x" /><FieldLabel text="To x" /><FieldLabel text="Section there" /><span></span>
            <template v-for="(s, i) in steps" :key="i">
                <QuantityField
                    v-for="key in ['from', 'to'] as const"
                    :key="key"
                    :aria-label="`${key === 'from' ? 'Start' : 'End'} of section ${i + 1}`"
                    kind="length"
                    :units="units"
                    :model-value="s[key]"
                    :error="fault(`steps.${i}.${key}`)"
                    @update:model-value="(v) => editor.change((d) => void (d.steps![i]![key] = v), `steps.${i}.${key}`)"
                />
                <div>
                    <input
                        class="field"
                        list="sections"
                        :aria-label="`Section of length ${i + 1}`"
                        :value="s.section"
                        :aria-invalid="!!fault(`steps.${i}.section`)"
                        @input="
                            (e) =>
                                editor.change(
                                    (d) => void (d.steps![i]!.section = (e.target as HTMLInputElement).value),
                                    `steps.${i}.section`,
                                )
                        "
                    />
                    <span v-if="fault(`steps.${i}.section`)" class="fault" role="alert">{{
                        fault(`steps.${i}.section`)
                    }}</span>
                </div>
                <button class="quiet px-1!" :aria-label="`Remove section ${i + 1}`" @click="remove(i)">×</button>
                <span class="label pt-1.5">Plates on both flanges</span>
                <QuantityField
                    v-for="[key, name] in PLATE"
                    :key="key"
                    :aria-label="`${name} of the plates of section ${i + 1}`"
                    kind="size"
                    :units="units"
                    :model-value="s[key]"
                    :error="fault(`steps.${i}.${key}`)"
                    :placeholder="name.toLowerCase()"
                    optional
                    @update:model-value="(v) => setPlate(i, key, v)"
                />
                <span></span>
                <span class="label pt-1.5">Grade</span>
                <select
                    class="field col-span-2"
                    :aria-label="`Grade of section ${i + 1}`"
                    :value="s.grade ?? ''"
                    @change="(e) => setGrade(i, (e.target as HTMLSelectElement).value)"
                >
                    <option value="">the member's, {{ doc.grade }}</option>
                    <option v-for="g in NAMES" :key="g" :value="g">{{ g }}</option>
                </select>
                <span></span>
            </template>
        </div>
        <button class="quiet mt-1 underline" @click="add">Another section over a length</button>
    </div>
</template>
