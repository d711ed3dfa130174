<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, toRaw } from 'vue'
import AxleFields from '@/bench/AxleFields.vue'
import type { Editor } from '@/bench/editor'
import type { InfluenceState } from '@/bench/influence'
import QuantityField from '@/components/QuantityField.vue'
import type { Influence } from '@/contract/influence'
import type { InfluenceDocument, MemberDocument } from '@/contract/member'
import { format, type Kind } from '@/lib/units'

/** Asks for an influence line and says what a uniform load and a train of axles make with it. */
const props = defineProps<{ editor: Editor; influence: InfluenceState }>()
const { ask, worst, answer, errors, addAxle } = props.influence
const units = computed(() => props.editor.units.value)
const supports = computed(() => props.editor.result.value?.member.supports ?? [])
const fault = (path: string): string | undefined => errors.value[`influence.${path}`]?.[0]
const other = computed(() => Object.entries(errors.value).find(([path]) => !path.startsWith('influence.'))?.[1][0])

const doc = computed(() => props.editor.document.value as MemberDocument)
function putOnSheet(): void {
    props.editor.change((d) => void (d.influence = [...(d.influence ?? []), structuredClone(toRaw(ask))]))
}
function lookAt(line: InfluenceDocument): void {
    Object.assign(ask, structuredClone(toRaw(line)))
}
function takeOff(i: number): void {
    props.editor.change((d) => {
        d.influence?.splice(i, 1)
        if (!d.influence?.length) delete d.influence
    })
}

const EFFECTS: Record<Influence['effect'], string> = {
    M: 'Moment at x',
    V: 'Shear force at x',
    R: 'Reaction of a support',
}
const kind = computed<Kind>(() => (answer.value?.effect === 'M' ? 'moment' : 'force'))
const show = (value: number): string => format(value, kind.value, units.value)
const places = (parts: number[][]): string =>
    parts
        .map(([a, b]) => `${format(a ?? 0, 'length', units.value)} to ${format(b ?? 0, 'length', units.value)}`)
        .join(', ') || 'nowhere'
const rows = computed(() =>
    answer.value
        ? ([
              { key: 'max', name: 'Greatest', ...answer.value.max },
              { key: 'min', name: 'Smallest', ...answer.value.min },
          ] as const)
        : [],
)
</script>

<template>
    <div class="space-y-3 p-3">
        <div class="grid grid-cols-2 items-start gap-x-2 gap-y-1.5">
            <label>
                <FieldLabel text="Influence line of" />
                <select v-model="ask.effect" class="field">
                    <option v-for="(name, key) in EFFECTS" :key="key" :value="key">{{ name }}</option>
                </select>
            </label>
            <label v-if="ask.effect === 'R'">
                <FieldLabel text="Support" />
                <select v-model="ask.support" class="field" aria-label="Support of the reaction">
                    <option v-for="(s, i) in supports" :key="i" :value="i">
                        {{ i + 1 }} at {{ format(s.x, 'length', units) }}
                    </option>
                </select>
                <span v-if="fault('support')" class="fault" role="alert">{{ fault('support') }}</span>
            </label>
            <QuantityField v-else v-model="ask.x" label="x" kind="length" :units="units" :error="fault('x')" />
            <QuantityField
                v-model="ask.load"
                label="Uniform load"
                kind="lineLoad"
                :units="units"
                :error="fault('load')"
            />
            <label v-if="ask.effect === 'V'" class="flex items-center gap-1.5">
                <input v-model="ask.left" type="checkbox" class="size-3.5" />just to the left of x
            </label>
            <p v-if="ask.effect !== 'R'" class="pt-4 text-xs text-faint">
                Click into the strips, or press Enter there, to take x from the reading line.
            </p>
        </div>

        <AxleFields
            :axles="ask.axles"
            :units="units"
            :fault="fault"
            @set="(i, key, text) => void (ask.axles[i]![key] = text)"
            @add="addAxle()"
            @remove="(i) => ask.axles.splice(i, 1)"
        />

        <ul v-if="doc.influence?.length" aria-label="Influence lines on the sheet">
            <li v-for="(l, i) in doc.influence" :key="i" class="flex items-baseline border-t border-rule">
                <button class="grow truncate py-0.5 text-left" title="Look at it again" @click="lookAt(l)">
                    On the sheet:
                    {{ l.effect === 'R' ? `reaction of support ${l.support + 1}` : `${l.effect} at ${l.x}` }}
                </button>
                <button class="quiet px-1!" :aria-label="`Take line ${i + 1} off the sheet`" @click="takeOff(i)">
                    ×
                </button>
            </li>
        </ul>
        <p v-if="other" class="fault" role="alert">{{ other }}</p>
        <fieldset v-if="answer" class="space-y-2">
            <legend class="label">Loads stand where the effect is</legend>
            <label
                v-for="r in rows"
                :key="r.key"
                class="block border-t border-rule px-1 py-1.5"
                :class="worst === r.key ? 'border-l-2 border-l-accent bg-accent-soft/50 pl-2' : ''"
            >
                <span class="flex items-baseline gap-2 font-semibold"
                    ><input v-model="worst" type="radio" :value="r.key" :aria-label="r.name" />{{ r.name }}</span
                >
                <span class="grid grid-cols-[1fr_auto] gap-x-2">
                    <span>uniform load, worst lengths</span><span class="text-right">{{ show(r.value) }}</span>
                    <span>whole spans only</span><span class="text-right">{{ show(r.spans) }}</span>
                    <template v-if="r.train">
                        <span>train of axles</span><span class="text-right">{{ show(r.train.value) }}</span>
                    </template>
                </span>
                <span class="block text-xs text-faint">Worst lengths: {{ places(r.parts) }}</span>
                <span class="block text-xs text-faint">Spans: {{ r.on.join(', ') || 'none' }}</span>
                <span v-if="r.train && r.train.axles.length" class="block text-xs text-faint">
                    Axles at {{ r.train.axles.map(([x]) => format(x ?? 0, 'length', units)).join(', ') }}
                </span>
            </label>
            <button class="quiet underline" @click="putOnSheet()">Put this line on the sheet</button>
            <p class="border-t border-rule pt-1.5">
                Uniform load on the whole beam: <b>{{ show(answer.all) }}</b>. Loads are unfactored.
            </p>
        </fieldset>
    </div>
</template>
