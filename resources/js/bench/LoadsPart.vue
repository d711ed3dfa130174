<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import LoadCases from '@/bench/LoadCases.vue'
import LoadForm from '@/bench/LoadForm.vue'
import OtherLoads from '@/bench/OtherLoads.vue'
import { addLoad, copyLoads, pasteLoads, type CopiedLoads } from '@/bench/loads'
import type { LoadDocument, MemberDocument } from '@/contract/member'
import { isAt, isAtOnePlace, isDisplacement, isMoving, VALUE } from '@/lib/member'
import { inSystem, readQuantity } from '@/lib/quantity'
import { typed, type Kind } from '@/lib/units'

/** Load cases and loads. One load at a time is open for editing: the one that is selected in the drawing. */
const props = defineProps<{ editor: Editor; selected: string }>()
const emit = defineEmits<{ select: [id: string]; table: [] }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const units = computed(() => props.editor.units.value)
const root = ref<HTMLElement | null>(null)
const fault = (path: string): string | undefined => props.editor.errors.value[path]?.[0]

const KINDS: Record<LoadDocument['kind'], string> = {
    line: 'Line load',
    area: 'Area load × width',
    slab: 'Slab spanning two ways',
    point: 'Point load',
    moment: 'Moment',
    settlement: 'Settlement of a support',
    rotation: 'Rotation of a support',
    temperature: 'Difference of temperature',
    warming: 'Change of temperature',
    train: 'Train of axles',
    concentrated: 'Concentrated, in place of the rest',
    lengths: 'Load on any lengths',
}
/** The usual ones; the others stand in a menu. */
const ADDED = ['line', 'area', 'point', 'moment'] as const

function add(kind: LoadDocument['kind']): void {
    let id = ''
    props.editor.change((d) => void (id = addLoad(d, kind, units.value)))
    emit('select', id)
}

/** Kept in the browser, so that loads can be carried to another member. */
const copied = useLocalStorage<CopiedLoads>('waage.loads', { loads: [], cases: [] }, { shallow: true })
function paste(): void {
    let ids: string[] = []
    props.editor.change((d) => void (ids = pasteLoads(d, copied.value)))
    emit('select', ids.at(-1) ?? '')
}

const caseName = (id: string): string => doc.value.cases.find((c) => c.id === id)?.name ?? 'no case'
const at = (text: string | undefined): string => inSystem(text ?? '', 'length', units.value)

function place(l: LoadDocument): string {
    if (isDisplacement(l.kind)) return `support ${doc.value.supports.findIndex((s) => isAt(s.x, l.x)) + 1 || '?'}`
    if (isMoving(l.kind)) return l.kind === 'lengths' ? 'worst lengths' : 'worst place'
    const way =
        l.direction === 'along'
            ? ', along'
            : l.direction === 'normal'
              ? ', normal'
              : l.direction === 'plan'
                ? ', on plan'
                : l.direction === 'sideways'
                  ? ', lateral'
                  : ''
    return placeOnly(l) + way
}

function placeOnly(l: LoadDocument): string {
    if (isAtOnePlace(l.kind)) return `at ${at(l.x)}`
    if (l.widths) return `${at(l.widths[0]?.x)} – ${at(l.widths.at(-1)?.x)}`
    return l.from || l.to ? `${at(l.from) || '0'} – ${at(l.to) || 'end'}` : 'full length'
}

/** What was typed, or what it comes to when that is long. */
function short(text: string, kind: Kind): string {
    const value = text.length > 14 ? readQuantity(text, kind) : null
    return value === null ? inSystem(text, kind, units.value) : typed(value, kind, units.value)
}

function amount(l: LoadDocument): string {
    if (l.kind === 'train') return `${l.axles?.length ?? 0} axles`
    const value = l.buildUp || short(l.value, VALUE[l.kind])
    if (l.kind === 'area') return `${value} × ${l.widths ? l.widths.map((w) => at(w.width)).join(' – ') : at(l.width)}`
    if (l.kind === 'slab') return `${value} × up to ${at(l.width)}`
    return l.kind === 'line' && l.end && l.end !== l.value ? `${value} to ${short(l.end, VALUE[l.kind])}` : value
}

/** The first fault of a load that is closed. */
const faultOf = (i: number): string | undefined =>
    Object.entries(props.editor.errors.value).find(([p]) => p.startsWith(`loads.${i}.`))?.[1][0]

watch(
    () => props.selected,
    async (id) => {
        await nextTick()
        root.value?.querySelector(`[data-load="${id}"]`)?.scrollIntoView({ block: 'nearest' })
    },
)
</script>

<template>
    <div ref="root">
        <div class="relative flex flex-wrap gap-x-1">
            <button v-for="kind in ADDED" :key="kind" class="quiet underline" @click="add(kind)">
                + {{ KINDS[kind] }}
            </button>
            <OtherLoads :kinds="KINDS" @add="add" />
        </div>
        <div class="flex gap-x-1">
            <button
                class="quiet underline"
                :disabled="!doc.loads.length"
                @click="
                    copied = copyLoads(
                        doc,
                        doc.loads.map((l) => l.id),
                    )
                "
            >
                Copy all
            </button>
            <button class="quiet underline" @click="emit('table')">As a table</button>
            <button v-if="copied.loads.length" class="quiet underline" @click="paste">
                Paste {{ copied.loads.length === 1 ? 'a load' : `${copied.loads.length} loads` }}
            </button>
        </div>
        <p v-if="fault('loads')" class="fault" role="alert">{{ fault('loads') }}</p>
        <ul class="mt-1">
            <li
                v-for="(l, i) in doc.loads"
                :key="l.id"
                :data-load="l.id"
                class="border-t border-rule"
                :class="l.id === selected ? 'border-l-2 border-l-accent bg-accent-soft/50 pl-2' : ''"
            >
                <button
                    class="grid w-full grid-cols-[1fr_auto] gap-x-2 py-1 text-left"
                    :class="l.off ? 'opacity-60' : ''"
                    :aria-expanded="l.id === selected"
                    @click="emit('select', l.id === selected ? '' : l.id)"
                >
                    <span class="truncate" :class="l.name ? '' : 'text-faint'">{{ l.name || KINDS[l.kind] }}</span>
                    <span class="text-right whitespace-nowrap">{{ amount(l) }}</span>
                    <span class="truncate text-xs text-faint"
                        >{{ l.off ? 'switched off, ' : '' }}{{ caseName(l.case) }}</span
                    >
                    <span class="text-right text-xs whitespace-nowrap text-faint">{{ place(l) }}</span>
                </button>
                <p v-if="l.id !== selected && faultOf(i)" class="fault" role="alert">{{ faultOf(i) }}</p>
                <LoadForm
                    v-if="l.id === selected"
                    :editor="editor"
                    :index="i"
                    :kinds="KINDS"
                    :values="VALUE"
                    @select="emit('select', $event)"
                    @copy="copied = copyLoads(doc, [$event])"
                />
            </li>
        </ul>
        <LoadCases class="mt-2 border-t border-ink pt-1.5" :editor="editor" />
    </div>
</template>
