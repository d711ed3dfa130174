<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed } from 'vue'
import DerivationView from '@/bench/DerivationView.vue'
import type { Editor } from '@/bench/editor'
import SectionsBeside from '@/bench/SectionsBeside.vue'
import BalanceBeam from '@/components/BalanceBeam.vue'
import LazyField from '@/components/LazyField.vue'
import Tex from '@/components/Tex.vue'
import type { RemarkDocument } from '@/contract/member'
import type { Result, WeighingResult } from '@/contract/result'
import { ratioText } from '@/lib/ratio'
import { format, type Kind } from '@/lib/units'
import BucklingShape from '@/strips/BucklingShape.vue'

/** The weighings of the member, heaviest first; each opens its derivation. */
const props = defineProps<{ editor: Editor; kept?: Result }>()
const emit = defineEmits<{ read: [x: number] }>()
const units = computed(() => props.editor.units.value)
const weighings = computed(() => props.editor.result.value?.weighings ?? [])

/** The ratio of a state that is compared with. */
const keptRatio = (id: string): number | null => props.kept?.weighings.find((w) => w.id === id)?.ratio ?? null

/** Is another section kept than that of now? */
const changesSection = computed(() => {
    const now = props.editor.result.value?.section
    const before = props.kept?.section
    return now !== undefined && before !== undefined && now.name !== before.name
})

const isShown = (id: string): boolean => props.editor.show.value === `weighing:${id}`

function verdict(w: WeighingResult): string {
    if (w.state === 'left out' || w.state === 'not covered') return w.state
    if (w.id === 'classification') return props.editor.result.value?.section.class ?? ''
    if (w.state === 'told') return 'not weighed'
    if (w.state === 'not needed') return 'no check needed'
    return w.holds ? 'holds' : 'does not hold'
}

/** What the engineer says to a weighing; without text and not left out there is nothing to keep. */
function say(w: WeighingResult, change: RemarkDocument): void {
    props.editor.change((d) => {
        const said = { ...d.remarks?.[w.id], ...change }
        const others = Object.entries(d.remarks ?? {}).filter(([id]) => id !== w.id)
        d.remarks = Object.fromEntries(said.text || said.leftOut ? [...others, [w.id, said]] : others)
        if (!Object.keys(d.remarks).length) delete d.remarks
    })
}
</script>

<template>
    <SectionsBeside v-if="changesSection" :kept="kept!" :now="editor.result.value!" :units="units" />
    <ul>
        <Disclosure v-for="w in weighings" :key="w.id" v-slot="{ open }" as="li" class="border-b border-rule">
            <DisclosureButton
                class="flex w-full items-center gap-2 px-3 py-1.5 text-left hover:bg-shade"
                @click="w.x !== null && emit('read', w.x)"
            >
                <BalanceBeam :ratio="w.ratio" :holds="w.holds" :open="w.state === 'not covered'" />
                <span class="min-w-0 grow" :class="w.state === 'left out' ? 'text-faint' : ''">
                    <span class="block truncate" :class="w.holds || w.state === 'left out' ? '' : 'font-semibold'">{{
                        w.title
                    }}</span>
                    <span class="block truncate text-xs text-faint">
                        {{ verdict(w)
                        }}<template v-if="w.x !== null">, x = {{ format(w.x, 'length', units) }}</template>
                        <template v-if="w.combination">, {{ w.combination }}</template>
                    </span>
                </span>
                <span v-if="keptRatio(w.id) !== null" class="text-xs whitespace-nowrap text-faint"
                    >kept {{ ratioText(keptRatio(w.id)) }}</span
                >
                <span
                    v-if="w.ratio !== null && w.state !== 'not covered'"
                    class="text-lg"
                    :class="
                        w.state === 'left out'
                            ? 'text-faint line-through'
                            : w.holds
                              ? 'text-hold'
                              : 'font-semibold text-fail'
                    "
                    >{{ ratioText(w.ratio) }}</span
                >
                <span class="w-2.5 text-faint">{{ open ? '–' : '+' }}</span>
            </DisclosureButton>
            <DisclosurePanel class="bg-sheet px-3 pt-1 pb-3">
                <p class="text-xs text-faint">{{ w.clause }}</p>
                <p v-if="w.demand !== null && w.capacity !== null" class="my-1 grid grid-cols-[auto_1fr] gap-x-3">
                    <span><Tex :tex="w.demandTex" /> demand</span
                    ><span class="text-right">{{ format(w.demand, w.kind as Kind, units) }}</span>
                    <span><Tex :tex="w.capacityTex" /> capacity</span
                    ><span class="text-right">{{ format(w.capacity, w.kind as Kind, units) }}</span>
                </p>
                <p v-if="w.arrangement" class="text-xs">
                    {{ w.combination }}: {{ w.arrangement }}
                    <button
                        v-if="w.shows"
                        class="quiet px-1! py-0! underline"
                        @click="editor.look(isShown(w.id) ? 'envelope' : `weighing:${w.id}`)"
                    >
                        {{ isShown(w.id) ? 'Strips back to the envelope' : 'Show in the strips' }}
                    </button>
                </p>
                <p v-if="w.remark" class="my-1" :class="w.state === 'not covered' ? 'text-fail' : ''">{{ w.remark }}</p>
                <BucklingShape
                    v-if="w.shape.length"
                    :shape="w.shape"
                    :member="editor.result.value!.member"
                    :units="units"
                />
                <DerivationView :lines="w.lines" />
                <label class="mt-2 block">
                    <span class="text-xs text-faint">{{
                        w.state === 'left out' ? 'Why it is left out' : 'Remark for the sheet'
                    }}</span>
                    <LazyField
                        :model-value="w.said"
                        :rows="2"
                        @commit="(text: string) => say(w, { text: text.trim() })"
                    />
                    <span v-if="editor.errors.value[`remarks.${w.id}.text`]" class="fault">{{
                        editor.errors.value[`remarks.${w.id}.text`]?.[0]
                    }}</span>
                </label>
                <label class="mt-1 flex items-center gap-1.5 text-xs">
                    <input
                        type="checkbox"
                        :checked="w.state === 'left out'"
                        @change="say(w, { leftOut: w.state !== 'left out' })"
                    />Leave out of the verdict; the sheet says so
                </label>
            </DisclosurePanel>
        </Disclosure>
    </ul>
</template>
