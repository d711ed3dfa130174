<script setup lang="ts">
import { helpOf } from '@/lib/help'
import { computed, ref, watch } from 'vue'
import type { Editor } from '@/bench/editor'
import { spansOf } from '@/bench/spans'
import type { MemberDocument } from '@/contract/member'
import BarsInHand from '@/materials/concrete/BarsInHand.vue'

/** Bars by span and by support; what is left empty is chosen, and the field shows what is. */
const props = defineProps<{ editor: Editor }>()
const document = computed(() => props.editor.document.value as MemberDocument)
const concrete = computed(() => document.value.concrete)
const chosen = computed(() => props.editor.result.value?.section.bars ?? {})
const fault = (path: string): string | undefined => props.editor.errors.value[`concrete.${path}`]?.[0]

/** What the last change has made of bars that are chosen: place, before, after. */
const changes = ref<[string, string, string][]>([])
const nameOf = (path: string): string => {
    const [key, number = ''] = path.split('.')
    return key === 'top' ? 'run through' : `${key === 'spans' ? 'span' : 'support'} ${number}`
}
watch(chosen, (now, before) => {
    if (!Object.keys(before).length || !Object.keys(now).length) return
    const paths = [...new Set([...Object.keys(before), ...Object.keys(now)])]
    changes.value = paths
        .filter((path) => before[path] !== now[path])
        .map((path) => [nameOf(path), before[path] ?? 'none', now[path] ?? 'none'])
})

interface Row {
    path: string
    label: string
    value: string
    placeholder: string
}
const how = computed(() =>
    concrete.value?.form === 'slab'
        ? 'Diameter and spacing in mm, ø12/150, or #5 at 12 in; or a fabric, A393.'
        : 'Number and diameter in mm, 4ø16 or 4x16, or 4 #8.',
)
const AS_NEEDED = 'chosen'
const columns = computed<{ title: string; rows: Row[] }[]>(() => {
    const of = concrete.value
    const place = (key: 'spans' | 'supports', number: number, label: string): Row => {
        const path = `${key}.${number}`
        const otherwise = key === 'spans' ? of?.bottom : of?.top
        return {
            path,
            label,
            value: of?.[key]?.[number] ?? '',
            placeholder: chosen.value[path] ?? (otherwise || 'none'),
        }
    }
    const spans = spansOf(document.value).filter((s) => s.name.startsWith('Span'))
    const only = spans.length > 1 ? undefined : chosen.value['spans.1']
    const bottom: Row[] = [
        { path: 'bottom', label: 'All spans', value: of?.bottom ?? '', placeholder: only ?? AS_NEEDED },
    ]
    const supports = document.value.supports.length
    return [
        {
            title: 'Top bars',
            rows: [
                { path: 'top', label: 'Run through', value: of?.top ?? '', placeholder: chosen.value.top ?? AS_NEEDED },
                ...Array.from({ length: supports }, (_, i) => place('supports', i + 1, `Support ${i + 1}`)),
            ],
        },
        {
            title: 'Bottom bars',
            rows: [...bottom, ...(spans.length > 1 ? spans.map((_, i) => place('spans', i + 1, `Span ${i + 1}`)) : [])],
        },
    ]
})

function set(path: string, text: string): void {
    props.editor.change((d) => {
        if (!d.concrete) return
        const [key, number] = path.split('.') as ['top' | 'bottom' | 'spans' | 'supports', string?]
        if (number === undefined) {
            if (key === 'top' || key === 'bottom') d.concrete[key] = text
            return
        }
        if (key !== 'spans' && key !== 'supports') return
        const places = { ...d.concrete[key], [number]: text }
        if (text.trim() === '') Reflect.deleteProperty(places, number)
        if (Object.keys(places).length) d.concrete[key] = places
        else Reflect.deleteProperty(d.concrete, key)
    }, `concrete.${path}`)
}
const fields = ref<HTMLElement | null>(null)
function focus(path: string): void {
    const field = fields.value?.querySelector<HTMLInputElement>(`[data-bars="${path}"]`)
    field?.focus()
    field?.select()
}
</script>

<template>
    <div ref="fields" class="grid grid-cols-2 gap-x-2">
        <BarsInHand
            v-if="editor.result.value?.section.list?.length"
            class="col-span-2"
            :result="editor.result.value"
            @set="set"
            @type="focus"
        />
        <fieldset v-for="column in columns" :key="column.title" class="min-w-0">
            <legend class="label font-semibold">{{ column.title }}</legend>
            <label
                v-for="row in column.rows"
                :key="row.path"
                class="mb-1 grid grid-cols-[4.5rem_1fr] items-center gap-1"
            >
                <span class="text-xs" :title="helpOf(row.label)">{{ row.label }}</span>
                <input
                    class="field"
                    :data-bars="row.path"
                    :value="row.value"
                    :placeholder="row.placeholder"
                    :aria-label="`${column.title}, ${row.label}`"
                    :title="`${how} Empty: ${row.placeholder}`"
                    :aria-invalid="!!fault(row.path)"
                    @input="set(row.path, ($event.target as HTMLInputElement).value)"
                />
                <span v-if="fault(row.path)" class="fault col-span-2" role="alert">{{ fault(row.path) }}</span>
            </label>
        </fieldset>
        <p v-if="changes.length" class="col-span-2 text-xs text-faint" aria-live="polite">
            Bars changed:
            <template v-for="([place, before, after], i) in changes" :key="place"
                >{{ i ? '; ' : '' }}{{ place }} {{ before }} → {{ after }}</template
            >
        </p>
    </div>
</template>
