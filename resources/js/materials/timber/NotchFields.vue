<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { Editor } from '@/bench/editor'
import type { NotchDocument } from '@/contract/member'
import PlainField from '@/components/PlainField.vue'
import { useTimber } from '@/materials/timber/timber'

/** Notches at the end supports; a birdsmouth is one. */
const props = defineProps<{ editor: Editor }>()
const { timber, fault, units } = useTimber(props.editor)

type Key = keyof NotchDocument
function change(i: number, key: Key, to: string): void {
    props.editor.change((d) => {
        const notch = d.timber?.notches?.[i]
        if (!notch || !d.timber?.notches) return
        const changed: NotchDocument = { ...notch, [key]: key === 'support' ? Number(to) : to }
        if (to === '' && key === 'slope') delete changed.slope
        d.timber.notches[i] = changed
    }, `timber.notches.${i}.${key}`)
}

function add(): void {
    const isMetric = units.value === 'metric'
    props.editor.change((d) => {
        if (!d.timber) return
        const taken = (d.timber.notches ?? []).map((n) => Number(n.support))
        const support = [1, d.supports.length].find((n) => !taken.includes(n)) ?? 1
        const notch: NotchDocument = {
            support,
            edge: 'bottom',
            depth: isMetric ? '30 mm' : '1 in',
            x: isMetric ? '50 mm' : '2 in',
        }
        d.timber.notches = [...(d.timber.notches ?? []), notch]
    })
}

function remove(i: number): void {
    props.editor.change((d) => {
        d.timber?.notches?.splice(i, 1)
        if (d.timber?.notches?.length === 0) delete d.timber.notches
    })
}
</script>

<template>
    <div v-if="timber">
        <div
            v-for="(notch, i) in timber.notches ?? []"
            :key="i"
            class="mb-2 grid grid-cols-3 gap-x-2 gap-y-1"
            role="group"
            :aria-label="`Notch ${i + 1}`"
        >
            <label>
                <FieldLabel text="At support" />
                <select
                    class="field"
                    :value="notch.support"
                    :aria-invalid="!!fault(`notches.${i}.support`)"
                    @change="(e) => change(i, 'support', (e.target as HTMLSelectElement).value)"
                >
                    <option v-for="n in editor.document.value?.supports.length ?? 0" :key="n">{{ n }}</option>
                </select>
            </label>
            <label>
                <FieldLabel text="Cut out of" />
                <select
                    class="field"
                    :value="notch.edge ?? 'bottom'"
                    @change="(e) => change(i, 'edge', (e.target as HTMLSelectElement).value)"
                >
                    <option value="bottom">lower edge</option>
                    <option value="top">upper edge</option>
                </select>
            </label>
            <button class="quiet self-end px-0! text-left underline" @click="remove(i)">Remove</button>
            <QuantityField
                label="Depth of the notch"
                kind="size"
                :units="units"
                :model-value="notch.depth"
                :error="fault(`notches.${i}.depth`)"
                @update:model-value="(v) => change(i, 'depth', v)"
            />
            <QuantityField
                label="Reaction to corner"
                kind="size"
                :units="units"
                :model-value="notch.x"
                :error="fault(`notches.${i}.x`)"
                @update:model-value="(v) => change(i, 'x', v)"
            />
            <PlainField
                label="Slope i to 1"
                :model-value="notch.slope"
                placeholder="square"
                :error="fault(`notches.${i}.slope`)"
                @update:model-value="(v) => change(i, 'slope', v)"
            />
            <span v-if="fault(`notches.${i}.support`)" class="fault col-span-3" role="alert">{{
                fault(`notches.${i}.support`)
            }}</span>
        </div>
        <button v-if="(timber.notches?.length ?? 0) < 2" class="quiet px-0! underline" @click="add">Add a notch</button>
    </div>
</template>
