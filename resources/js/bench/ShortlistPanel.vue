<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import BalanceBeam from '@/components/BalanceBeam.vue'
import RatesFields from '@/bench/RatesFields.vue'
import QuantityField from '@/components/QuantityField.vue'
import { api, ApiError } from '@/lib/api'
import { FAMILIES, FAMILY_KINDS, USUAL } from '@/lib/member'
import { mergePatch } from '@/lib/mergePatch'
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
    surface: number
    steel: number | null
    steelByVolume: number | null
    price: number | null
    carbon: number | null
    favourite: boolean
    holds: boolean
    ratio: number | null
    governs: string
    reason: string
    patch: Record<string, unknown>
}
const rows = ref<Row[]>([])
/** False until the first answer has come: nothing is counted before. */
const isWeighed = ref(false)
const fault = ref('')
type Sort = 'weight' | 'depth' | 'surface' | 'steel' | 'price' | 'carbon' | 'ratio'
const sort = ref<Sort>('weight')
const failing = ref(false)
const favourites = ref(false)
const currency = ref('')
const doc = computed(() => props.editor.document.value)
const units = computed(() => props.editor.units.value)
/** What the member has now. */
const current = computed(() => props.editor.result.value?.section.name)
const families = computed(() => doc.value?.families ?? USUAL)

const hasFaults = computed(() => Object.keys(props.editor.errors.value).length > 0)
let running: AbortController | null = null
async function load(): Promise<void> {
    if (!doc.value || hasFaults.value) return
    running?.abort()
    running = new AbortController()
    try {
        rows.value = await api<Row[]>(
            'POST',
            'shortlist',
            { document: { ...doc.value, basis: props.editor.job.value?.basis } },
            running.signal,
        )
        isWeighed.value = true
        fault.value = ''
    } catch (e) {
        if (e instanceof ApiError) fault.value = e.message
    }
}
onMounted(load)
// A change of section alone changes nothing here.
watch(() => JSON.stringify({ ...doc.value, section: '', mark: '', title: '', notes: '' }), load)
watch(units, load)
// What was changed while a field was wrong has not been weighed yet.
watch(hasFaults, load)

/** What there is room for, kept while the browser's window is open; an empty field sets no limit. */
const limits = useSessionStorage('waage.shortlist', { depth: '', width: '' })
const FIELDS = [
    ['depth', 'Depth up to'],
    ['width', 'Width up to'],
] as const
const most = (key: 'depth' | 'width'): number => readQuantity(limits.value[key], 'size') ?? Infinity
const among = computed(() => (favourites.value ? rows.value.filter((r) => r.favourite) : rows.value))
const fitting = computed(() =>
    among.value.filter((r) => r.depth <= most('depth') + 0.05 && r.width <= most('width') + 0.05),
)

const shown = computed(() => {
    const key = sort.value
    return fitting.value
        .filter((r) => failing.value || r.holds || r.name === current.value)
        .sort((a, b) => (a[key] ?? 0) - (b[key] ?? 0))
})
/**
 * The column that the rows are sorted by, where it has no column of its own in place of the mass; per metre or foot.
 */
const measure = computed(() => {
    const length = units.value === 'us' ? 0.3048 : 1
    const perLength = units.value === 'us' ? 'ft' : 'm'
    switch (sort.value) {
        case 'surface':
            return units.value === 'us'
                ? { unit: 'ft²/ft', of: (r: Row) => (r.surface / 304.8).toFixed(2) }
                : { unit: 'm²/m', of: (r: Row) => (r.surface / 1000).toFixed(2) }
        case 'steel':
            return units.value === 'us'
                ? { unit: 'lb/ft (lb/yd³)', of: (r: Row) => steelText(r, 671.969, 1685.555e6) }
                : { unit: 'kg/m (kg/m³)', of: (r: Row) => steelText(r, 1e3, 1e9) }
        case 'price':
            return {
                unit: `${currency.value || 'price'}/${perLength}`,
                of: (r: Row) => (r.price === null ? '–' : (r.price * length).toFixed(2)),
            }
        case 'carbon':
            return {
                unit: `kg CO₂e/${perLength}`,
                of: (r: Row) => (r.carbon === null ? '–' : (r.carbon * length).toFixed(0)),
            }
        default:
            return { unit: unitOf('mass', units.value), of: (r: Row) => number(r.weight, 'mass', units.value) }
    }
})
const hasSteel = computed(() => rows.value.some((r) => r.steel !== null))
/** Steel by length, and by volume of concrete. */
function steelText(row: Row, byLength: number, byVolume: number): string {
    if (row.steel === null || row.steelByVolume === null) return '–'
    return `${(row.steel * byLength).toFixed(1)} (${(row.steelByVolume * byVolume).toFixed(0)})`
}
const holding = computed(() => fitting.value.filter((r) => r.holds).length)

function take(row: Row): void {
    props.editor.change((d) => mergePatch(d as unknown as Record<string, unknown>, row.patch))
}

async function favour(row: Row): Promise<void> {
    row.favourite = !row.favourite
    try {
        await api('PATCH', 'rates/favourite', { section: row.name, favourite: row.favourite })
        fault.value = ''
    } catch (e) {
        row.favourite = !row.favourite
        if (e instanceof ApiError) fault.value = e.message
    }
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
        <dl v-if="(doc?.material ?? 'steel') === 'steel'" class="grid grid-cols-[4.5rem_1fr] gap-y-1 px-3 pt-2">
            <template v-for="of in FAMILY_KINDS" :key="of.kind">
                <dt class="label">{{ of.kind }}</dt>
                <dd class="flex flex-wrap items-center gap-x-3 gap-y-0.5">
                    <label v-for="f in of.families" :key="f" class="flex items-center gap-1 text-xs"
                        ><input type="checkbox" :checked="families.includes(f)" @change="toggle(f)" />{{ f }}</label
                    >
                </dd>
            </template>
        </dl>
        <div class="flex flex-wrap items-center gap-x-3 gap-y-1 px-3 py-2">
            <label class="flex items-center gap-1">
                sort by
                <select v-model="sort" class="field w-auto!">
                    <option value="weight">mass</option>
                    <option value="depth">depth</option>
                    <option value="surface">surface</option>
                    <option v-if="hasSteel" value="steel">steel</option>
                    <option value="price">price</option>
                    <option value="carbon">carbon</option>
                    <option value="ratio">ratio</option>
                </select>
            </label>
            <label class="flex items-center gap-1"><input v-model="favourites" type="checkbox" />favourites only</label>
            <label class="flex items-center gap-1"
                ><input v-model="failing" type="checkbox" />also those that fail</label
            >
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
        <div v-if="sort === 'price' || sort === 'carbon'" class="px-3 pb-1.5">
            <RatesFields
                @saved="
                    (of) => {
                        currency = of
                        load()
                    }
                "
            />
        </div>
        <p v-if="!isWeighed" class="px-3 pb-1 text-xs text-faint" role="status">
            {{ fault ? '' : 'The sections are being weighed.' }}
        </p>
        <p v-else class="px-3 pb-1 text-xs text-faint">
            {{ holding }} of {{ fitting.length }} {{ favourites ? 'favourites' : 'sections' }} hold<template
                v-if="fitting.length < among.length"
                >; {{ among.length - fitting.length }} more do not fit</template
            >.
        </p>
        <p v-if="fault" class="fault px-3" role="alert">{{ fault }}</p>
        <div class="min-h-0 grow overflow-auto">
            <table class="grid-table">
                <thead class="sticky top-0 bg-paper">
                    <tr>
                        <th></th>
                        <th>Section</th>
                        <th class="number">{{ measure.unit }}</th>
                        <th class="number">h {{ unitOf('size', units) }}</th>
                        <th class="number">Ratio</th>
                        <th>Governs</th>
                    </tr>
                </thead>
                <tbody>
                    <tr
                        v-for="r in shown"
                        :key="r.name"
                        :class="r.name === current ? 'bg-accent-soft' : 'hover:bg-shade'"
                    >
                        <td class="pr-0! pl-3!"><BalanceBeam :ratio="r.ratio" :holds="r.holds" /></td>
                        <td class="whitespace-nowrap">
                            <button
                                class="underline decoration-rule underline-offset-4"
                                :aria-current="r.name === current"
                                @click="take(r)"
                                @keydown="step"
                            >
                                {{ r.name.split(',')[0] }}
                            </button>
                            <button
                                class="favourite"
                                aria-label="Favourite"
                                :aria-pressed="r.favourite"
                                @click="favour(r)"
                            >
                                <svg viewBox="0 0 20 20" aria-hidden="true">
                                    <path d="M10 2.2l2.4 5 5.5.7-4 3.8 1 5.4L10 14.5l-4.9 2.6 1-5.4-4-3.8 5.5-.7z" />
                                </svg>
                            </button>
                        </td>
                        <td class="number">{{ measure.of(r) }}</td>
                        <td class="number">{{ number(r.depth, 'size', units, units === 'us' ? 1 : 0) }}</td>
                        <td class="number" :class="r.holds ? '' : 'font-semibold text-fail'">
                            {{ ratioText(r.ratio) }}
                        </td>
                        <td class="w-full max-w-0 truncate text-xs" :title="r.holds ? r.governs : r.reason">
                            {{ short(r.holds ? r.governs : r.reason) }}
                        </td>
                    </tr>
                </tbody>
            </table>
            <p v-if="rows.length && !shown.length" class="p-3 text-faint">
                <template v-if="!among.length"
                    >No section of these families is marked as a favourite yet; the star beside a section
                    does.</template
                >
                <template v-else
                    >No section of these families that fits holds. Show those that fail to see how far they are
                    off.</template
                >
            </p>
        </div>
    </div>
</template>
