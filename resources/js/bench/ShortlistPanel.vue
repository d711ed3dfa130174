<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import BalanceBeam from '@/components/BalanceBeam.vue'
import QuantityField from '@/components/QuantityField.vue'
import { api, ApiError } from '@/lib/api'
import { FAMILIES, USUAL } from '@/lib/member'
import { readQuantity } from '@/lib/quantity'
import { ratioText } from '@/lib/ratio'
import { number, unitOf } from '@/lib/units'

/** Every section of the chosen families weighed for this member; one is taken by a click or Enter. */
const props = defineProps<{ editor: Editor }>()

interface Row {
    name: string
    family: string
    depth: number
    width: number
    weight: number
    holds: boolean
    ratio: number | null
    governs: string
    reason: string
}
const rows = ref<Row[]>([])
const fault = ref('')
const sort = ref<'weight' | 'depth' | 'ratio'>('weight')
const failing = ref(false)
const doc = computed(() => props.editor.document.value)
const units = computed(() => props.editor.units.value)
const families = computed(() => doc.value?.families ?? USUAL)

let running: AbortController | null = null
async function load(): Promise<void> {
    if (!doc.value || Object.keys(props.editor.errors.value).length) return
    running?.abort()
    running = new AbortController()
    try {
        rows.value = await api<Row[]>('POST', 'shortlist', { document: { ...doc.value, basis: props.editor.job.value?.basis } }, running.signal)
        fault.value = ''
    } catch (e) {
        if (e instanceof ApiError) fault.value = e.message
    }
}
onMounted(load)
// A change of section alone changes nothing here.
watch(() => JSON.stringify({ ...doc.value, section: '', mark: '', title: '', notes: '' }), load)
watch(units, load)

/** What there is room for, kept while the browser's window is open; an empty field sets no limit. */
const limits = useSessionStorage('waage.shortlist', { depth: '', width: '' })
const FIELDS = [
    ['depth', 'Depth up to'],
    ['width', 'Width up to'],
] as const
const most = (key: 'depth' | 'width'): number => readQuantity(limits.value[key], 'size') ?? Infinity
const fitting = computed(() => rows.value.filter((r) => r.depth <= most('depth') + 0.05 && r.width <= most('width') + 0.05))

const shown = computed(() => {
    const key = sort.value
    return fitting.value.filter((r) => failing.value || r.holds || r.name === doc.value?.section).sort((a, b) => (a[key] ?? 0) - (b[key] ?? 0))
})
const holding = computed(() => fitting.value.filter((r) => r.holds).length)

function take(row: Row): void {
    props.editor.change((d) => {
        d.section = row.name
    })
}

function toggle(family: string): void {
    const next = families.value.includes(family)
        ? families.value.filter((f) => f !== family)
        : FAMILIES.filter((f) => f === family || families.value.includes(f))
    props.editor.change((d) => {
        d.families = next
    })
}

/** A line of the table has room for the short name only; the title has it in full. */
function short(text: string): string {
    return text.replaceAll('Lateral-torsional', 'LT').replaceAll(' flange', '').replaceAll('variable load', 'variable')
}

/** Arrow keys move between rows. */
function step(event: KeyboardEvent): void {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
    if (by === 0) return
    event.preventDefault()
    const row = (event.currentTarget as HTMLElement).closest('tr')
    const next = by > 0 ? row?.nextElementSibling : row?.previousElementSibling
    next?.querySelector('button')?.focus()
}
</script>

<template>
    <div class="flex h-full flex-col">
        <div class="flex flex-wrap items-center gap-x-3 gap-y-1 px-3 py-2">
            <label v-for="f in FAMILIES" :key="f" class="flex items-center gap-1"
                ><input type="checkbox" :checked="families.includes(f)" @change="toggle(f)" />{{ f }}</label
            >
            <label class="flex items-center gap-1">
                sort by
                <select v-model="sort" class="field w-auto!">
                    <option value="weight">mass</option>
                    <option value="depth">depth</option>
                    <option value="ratio">ratio</option>
                </select>
            </label>
            <label class="flex items-center gap-1"><input v-model="failing" type="checkbox" />also those that fail</label>
        </div>
        <div class="grid grid-cols-2 gap-x-3 px-3 pb-1.5">
            <QuantityField
                v-for="[key, label] in FIELDS"
                :key="key"
                :label="label"
                kind="size"
                :units="units"
                :model-value="limits[key]"
                placeholder="any"
                optional
                @update:model-value="(v) => (limits[key] = v)"
            />
        </div>
        <p class="px-3 pb-1 text-xs text-faint">
            {{ holding }} of {{ fitting.length }} sections hold<template v-if="fitting.length < rows.length"
                >; {{ rows.length - fitting.length }} more do not fit</template
            >.
        </p>
        <p v-if="fault" class="fault px-3" role="alert">{{ fault }}</p>
        <div class="min-h-0 grow overflow-auto">
            <table class="grid-table">
                <thead class="sticky top-0 bg-paper">
                    <tr>
                        <th></th>
                        <th>Section</th>
                        <th class="number">{{ unitOf('mass', units) }}</th>
                        <th class="number">h {{ unitOf('size', units) }}</th>
                        <th class="number">Ratio</th>
                        <th>Governs</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="r in shown" :key="r.name" :class="r.name === doc?.section ? 'bg-accent-soft' : 'hover:bg-shade'">
                        <td class="pr-0! pl-3!"><BalanceBeam :ratio="r.ratio" :holds="r.holds" /></td>
                        <td class="whitespace-nowrap">
                            <button
                                class="underline decoration-rule underline-offset-4"
                                :aria-current="r.name === doc?.section"
                                @click="take(r)"
                                @keydown="step"
                            >
                                {{ r.name }}
                            </button>
                        </td>
                        <td class="number">{{ number(r.weight, 'mass', units) }}</td>
                        <td class="number">{{ number(r.depth, 'size', units, units === 'us' ? 1 : 0) }}</td>
                        <td class="number" :class="r.holds ? '' : 'font-semibold text-fail'">{{ ratioText(r.ratio) }}</td>
                        <td class="w-full max-w-0 truncate text-xs" :title="r.holds ? r.governs : r.reason">
                            {{ short(r.holds ? r.governs : r.reason) }}
                        </td>
                    </tr>
                </tbody>
            </table>
            <p v-if="rows.length && !shown.length" class="p-3 text-faint">
                No section of these families that fits holds. Show those that fail to see how far they are off.
            </p>
        </div>
    </div>
</template>
