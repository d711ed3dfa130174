<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { onMounted, ref, watch } from 'vue'
import type { BuildUpDocument, LayerDocument } from '@/contract/member'
import LazyField from '@/components/LazyField.vue'
import { api, ApiError } from '@/lib/api'
import { copyOf, loadOf, loadOfLayer } from '@/lib/buildUps'
import { withUnit } from '@/lib/quantity'
import { format, type UnitSystem } from '@/lib/units'
import tables from '@core/data/loads.json'

/** Floors, roofs and walls of the job. Loads that follow one change with it. Saved when a field is left. */
const props = defineProps<{ buildUps: BuildUpDocument[]; units: UnitSystem; errors: Record<string, string[]> }>()
const emit = defineEmits<{ save: [buildUps: BuildUpDocument[]] }>()

/** What is typed, which may be wrong yet. */
const list = ref(copyOf(props.buildUps))
watch(
    () => props.buildUps,
    (given) => {
        if (JSON.stringify(given) !== JSON.stringify(list.value)) list.value = copyOf(given)
    },
)
/** What the office keeps for all its jobs. */
const library = ref<BuildUpDocument[]>([])
const refusal = ref('')
onMounted(() => ask('GET'))
async function ask(method: 'GET' | 'POST' | 'DELETE', body?: object): Promise<void> {
    try {
        library.value = await api<BuildUpDocument[]>(method, 'build-ups', body)
        refusal.value = ''
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        refusal.value = `The library of the office: ${Object.values(e.errors)[0]?.[0] ?? e.message}`
    }
}
const isKept = (b: BuildUpDocument): boolean => library.value.some((k) => JSON.stringify(k) === JSON.stringify(b))
/** A build-up of the same name in the job is replaced, and with it the loads that follow it. */
function takeFromOffice(name: string): void {
    const taken = library.value.find((b) => b.name === name)
    if (!taken) return
    change((all) => {
        const at = all.findIndex((b) => b.name === name)
        all.splice(at < 0 ? all.length : at, at < 0 ? 0 : 1, ...copyOf([taken]))
    })
}

const fault = (path: string): string | undefined => props.errors[`basis.buildUps.${path}`]?.[0]

function change(apply: (all: BuildUpDocument[]) => void): void {
    const next = copyOf(list.value)
    apply(next)
    list.value = next
    emit('save', next)
}

const EMPTY: LayerDocument = { name: 'Reinforced concrete', thickness: '150 mm', weight: '25 kN/m³' }
function add(): void {
    const taken = list.value.map((b) => b.name)
    let n = list.value.length + 1
    while (taken.includes(`Build-up ${n}`)) n++
    change((all) => void all.push({ name: `Build-up ${n}`, layers: [{ ...EMPTY }] }))
}

/** A material of the table brings its unit weight along. */
function setName(layer: LayerDocument, name: string): void {
    layer.name = name
    const known = (tables.materials as string[][]).find(([material]) => material === name)?.[1]
    if (known && layer.thickness) layer.weight = known
}

/** A plain number gets the unit of the job. */
function setMeasure(layer: LayerDocument, key: 'thickness' | 'weight', text: string): void {
    layer[key] = withUnit(
        text,
        key === 'thickness' ? 'size' : layer.thickness.trim() ? 'unitWeight' : 'areaLoad',
        props.units,
    )
}

const shown = (value: number | null, units: UnitSystem): string =>
    value === null ? '?' : format(value, 'areaLoad', units)
const COLUMNS = [
    ['thickness', 'Thickness'],
    ['weight', 'Unit weight'],
] as const
</script>

<template>
    <Disclosure v-slot="{ open }">
        <DisclosureButton class="mt-3 flex w-full items-baseline gap-2 border-t border-rule pt-2 text-left">
            <span class="w-3 text-faint">{{ open ? '–' : '+' }}</span>
            <span>Build-ups</span>
            <span class="ml-auto truncate text-xs text-faint">{{
                list.map((b) => b.name).join(', ') || 'none yet'
            }}</span>
        </DisclosureButton>
        <DisclosurePanel class="mt-2 space-y-3">
            <datalist id="materials">
                <option v-for="[name] in tables.materials" :key="name" :value="name" />
            </datalist>
            <section v-for="(b, i) in list" :key="i" class="border-l-2 border-l-rule pl-2">
                <div class="flex items-end gap-2">
                    <label class="grow">
                        <FieldLabel text="Name" />
                        <LazyField
                            :model-value="b.name"
                            :aria-invalid="!!fault(`${i}.name`)"
                            @commit="(text) => change((all) => void (all[i]!.name = text))"
                        />
                    </label>
                    <span class="pb-1 font-semibold whitespace-nowrap">{{ shown(loadOf(b), units) }}</span>
                    <button
                        class="quiet px-1! pb-1!"
                        :aria-label="`Remove ${b.name}`"
                        @click="change((all) => void all.splice(i, 1))"
                    >
                        ×
                    </button>
                </div>
                <span v-if="fault(`${i}.name`)" class="fault" role="alert">{{ fault(`${i}.name`) }}</span>
                <div
                    v-for="(l, j) in b.layers"
                    :key="j"
                    class="mt-1.5 grid grid-cols-[1fr_1fr_5.5rem_1rem] items-center gap-x-1.5 gap-y-1"
                >
                    <LazyField
                        class="col-span-3"
                        list="materials"
                        :model-value="l.name"
                        :aria-label="`Layer ${j + 1} of ${b.name}`"
                        @commit="(text) => change((all) => setName(all[i]!.layers[j]!, text))"
                    />
                    <button
                        class="quiet px-0!"
                        :aria-label="`Remove layer ${j + 1} of ${b.name}`"
                        @click="change((all) => void all[i]!.layers.splice(j, 1))"
                    >
                        ×
                    </button>
                    <LazyField
                        v-for="[key, label] in COLUMNS"
                        :key="key"
                        :model-value="l[key]"
                        :placeholder="key === 'thickness' ? 'no thickness' : ''"
                        :aria-label="`${label} of layer ${j + 1} of ${b.name}`"
                        :aria-invalid="!!fault(`${i}.layers.${j}.${key}`)"
                        @commit="(text) => change((all) => setMeasure(all[i]!.layers[j]!, key, text))"
                    />
                    <span class="text-right text-xs whitespace-nowrap text-faint">{{
                        shown(loadOfLayer(l), units)
                    }}</span>
                    <span></span>
                    <template v-for="[key] in COLUMNS" :key="`fault ${key}`">
                        <span v-if="fault(`${i}.layers.${j}.${key}`)" class="fault col-span-4" role="alert">{{
                            fault(`${i}.layers.${j}.${key}`)
                        }}</span>
                    </template>
                </div>
                <span v-if="fault(`${i}.layers`)" class="fault" role="alert">{{ fault(`${i}.layers`) }}</span>
                <span class="flex gap-3">
                    <button
                        class="quiet px-0! underline"
                        @click="change((all) => void all[i]!.layers.push({ ...EMPTY }))"
                    >
                        Add a layer
                    </button>
                    <span v-if="isKept(b)" class="py-1 text-xs text-faint">in the library of the office</span>
                    <button v-else class="quiet px-0! underline" @click="ask('POST', { buildUp: b })">
                        Keep for the office
                    </button>
                </span>
            </section>
            <button class="quiet px-0! underline" @click="add">Add a build-up</button>
            <p v-if="refusal" class="fault" role="alert">{{ refusal }}</p>
            <div v-if="library.length">
                <FieldLabel text="Library of the office" />
                <div v-for="b in library" :key="b.name" class="flex items-baseline gap-2 border-t border-rule py-0.5">
                    <span class="grow truncate">{{ b.name }}</span>
                    <span class="whitespace-nowrap text-faint">{{ shown(loadOf(b), units) }}</span>
                    <span
                        v-if="list.some((own) => JSON.stringify(own) === JSON.stringify(b))"
                        class="text-xs text-faint"
                        >in this job</span
                    >
                    <button v-else class="quiet px-1! py-0! underline" @click="takeFromOffice(b.name)">
                        {{ list.some((own) => own.name === b.name) ? 'Replace by it' : 'Take' }}
                    </button>
                    <button
                        class="quiet px-1! py-0!"
                        :aria-label="`Remove ${b.name} from the library`"
                        @click="ask('DELETE', { name: b.name })"
                    >
                        ×
                    </button>
                </div>
            </div>
            <p class="text-xs text-faint">
                Each layer: thickness, unit weight, load; without a thickness its load per area. Area loads of members
                can follow a build-up.
            </p>
        </DisclosurePanel>
    </Disclosure>
</template>
