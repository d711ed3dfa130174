<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed, ref } from 'vue'
import AxleFields from '@/bench/AxleFields.vue'
import DerivationView from '@/bench/DerivationView.vue'
import type { Editor } from '@/bench/editor'
import { AXLES } from '@/bench/influence'
import { changeKind, duplicate, isReducible, takes, varyWidth } from '@/bench/loads'
import LoadTables from '@/bench/LoadTables.vue'
import QuantityField from '@/components/QuantityField.vue'
import type { LoadDocument, MemberDocument } from '@/contract/member'
import { isAt, isDisplacement, isLevel } from '@/lib/member'
import { inSystem } from '@/lib/quantity'
import { loadOf } from '@/lib/buildUps'
import { materialOf } from '@/materials'
import { format, typed, type Kind } from '@/lib/units'

/** The fields of the load that is open. */
const props = defineProps<{
    editor: Editor
    index: number
    kinds: Record<LoadDocument['kind'], string>
    values: Record<LoadDocument['kind'], Kind>
}>()
const emit = defineEmits<{ select: [id: string]; copy: [id: string] }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const load = computed(() => doc.value.loads[props.index] as LoadDocument)
const units = computed(() => props.editor.units.value)
const path = computed(() => `loads.${props.index}`)
const fault = (key: string): string | undefined => props.editor.errors.value[`${path.value}.${key}`]?.[0]
const valueOf = (e: Event): string => (e.target as HTMLInputElement).value

function change(apply: (l: LoadDocument) => void, key = ''): void {
    props.editor.change(
        (d) => {
            const l = d.loads[props.index]
            if (l) apply(l)
        },
        key && `${path.value}.${key}`,
    )
}
const set = (
    key:
        | 'name'
        | 'remark'
        | 'case'
        | 'value'
        | 'end'
        | 'width'
        | 'x'
        | 'from'
        | 'to'
        | 'angle'
        | 'peak'
        | 'area'
        | 'eccentricity'
        | 'across'
        | 'covers'
        | 'toEdge'
        | 'bearing',
    value: string,
): void => change((l) => void (l[key] = value), key)

function setStoreys(text: string): void {
    change((l) => {
        if (text.trim()) l.storeys = text
        else delete l.storeys
    }, 'storeys')
}

const category = computed(() => doc.value.cases.find((c) => c.id === load.value.case)?.category ?? '')
const reducible = computed(() => isReducible(category.value))
function take(value: string, remark?: string): void {
    change((l) => {
        l.value = value
        delete l.buildUp
        if (remark) l.remark = remark
    })
}
const buildUps = computed(() => props.editor.job.value?.basis.buildUps ?? [])
const followed = computed(() => {
    const buildUp = buildUps.value.find((b) => b.name === load.value.buildUp)
    return buildUp ? loadOf(buildUp) : null
})
function stopFollowing(): void {
    const value = followed.value === null ? '' : typed(followed.value, 'areaLoad', units.value)
    change((l) => {
        delete l.buildUp
        l.value = value
    })
}
const reduction = computed(() => props.editor.result.value?.member.loads.find((l) => l.id === load.value.id)?.reduction)

/** Ways in which a load can act; on a level member plumb and normal are the same. */
const directions = computed<[NonNullable<LoadDocument['direction']>, string][]>(() =>
    isLevel(doc.value)
        ? [
              ['vertical', 'downward'],
              ['along', 'along the member, to the left'],
              ['sideways', 'lateral, to the front'],
          ]
        : [
              ['vertical', 'plumb'],
              ...(doc.value.slope?.by === 'upright' || load.value.kind === 'point'
                  ? []
                  : ([['plan', 'plumb, for a length on plan']] as [NonNullable<LoadDocument['direction']>, string][])),
              ['normal', 'normal to the member'],
              ['along', 'along the member, to its start'],
              ['sideways', 'lateral, to the front'],
          ],
)
/** What is not offered is the same as plumb here: on a level member, or of a force on plan. */
const direction = computed(
    () =>
        directions.value.find(([key]) => key === load.value.direction)?.[0] ??
        (doc.value.slope?.by === 'upright' ? (load.value.direction ?? 'vertical') : 'vertical'),
)
const hasDirection = computed(() => ['line', 'area', 'slab', 'point'].includes(load.value.kind))
/** Has a force a part along the member? */
const actsAlong = computed(
    () =>
        load.value.direction === 'along' ||
        (!isLevel(doc.value) && (load.value.direction ?? 'vertical') === 'vertical'),
)

/** In front of the axis: does it twist the member, or bend it sideways? */
const twists = computed(
    () =>
        ['vertical', 'plan', 'normal'].includes(load.value.direction ?? 'vertical') &&
        (doc.value.slope?.by !== 'upright' || load.value.direction === 'normal'),
)

/** Does it press on the web of a member that lies? */
const presses = computed(
    () =>
        doc.value.slope?.by !== 'upright' &&
        (load.value.kind !== 'point' || ['vertical', 'normal'].includes(load.value.direction ?? 'vertical')),
)

/** Fields of a quantity that the kind of load has beside its value: key, label, kind, what empty means. */
type Field = [
    (
        | 'end'
        | 'width'
        | 'x'
        | 'from'
        | 'to'
        | 'angle'
        | 'peak'
        | 'area'
        | 'eccentricity'
        | 'across'
        | 'bearing'
        | 'covers'
        | 'toEdge'
    ),
    string,
    Kind,
    string?,
]
/** Links that hang up what comes in low. */
const hasLinks = computed(() => materialOf(doc.value).hasLinks?.(doc.value) ?? false)
/** A strip of slab, over whose width loads spread. */
const isStrip = computed(() => materialOf(doc.value).isStrip?.(doc.value) ?? false)
const fields = computed<Field[]>(() => {
    const extent: Field[] = [
        ['from', 'From x', 'length', 'left end'],
        ['to', 'To x', 'length', 'right end'],
    ]
    const onLength: Field[] =
        presses.value || load.value.bearing ? [['bearing', 'Acts on a length of', 'size', 'an edge']] : []
    const area: Field[] =
        reducible.value || load.value.area ? [['area', 'Floor area to reduce with', 'floorArea', 'not reduced']] : []
    const across: Field[] =
        twists.value || load.value.across ? [['across', 'In front of the axis by', 'size', 'on the axis']] : []
    const spreads: Field[] =
        isStrip.value || load.value.covers
            ? [
                  ['covers', 'Whole load covers', 'size', 'the strip'],
                  ...(load.value.covers ? ([['toEdge', 'To a free edge', 'size', 'none near']] as Field[]) : []),
              ]
            : []
    switch (load.value.kind) {
        case 'temperature':
        case 'warming':
        case 'lengths':
            return extent
        case 'train':
        case 'concentrated':
            return [...extent, ...onLength]
        case 'line':
            return [['end', 'Value at end', 'lineLoad', 'the same'], ...extent, ...across, ...area, ...spreads]
        case 'area':
            return load.value.widths
                ? [...across, ...area]
                : [['width', 'Width carried', 'length'], ...extent, ...across, ...area]
        case 'slab':
            return [
                ['width', 'Greatest width', 'length'],
                ...extent,
                ['angle', 'Yield lines at', 'angle', '45 deg'],
                ['peak', 'or peak at x', 'length', 'by the angle'],
                ...across,
                ...area,
            ]
        case 'point':
            return [
                ['x', 'At x', 'length'],
                ...spreads,
                ...onLength,
                ...(actsAlong.value || load.value.eccentricity
                    ? ([['eccentricity', 'Beside the axis by', 'size', 'on the axis']] as Field[])
                    : []),
                ...(twists.value
                    ? across
                    : actsAlong.value || load.value.across
                      ? ([['across', 'In front of it by', 'size', 'on the axis']] as Field[])
                      : []),
            ]
        case 'moment':
            return [['x', 'At x', 'length']]
        default:
            return []
    }
})

const into = ref('')
const factor = ref('')
const cases = computed(() => doc.value.cases.filter((c) => takes(c, load.value.kind)))
function copyInto(): void {
    let id = ''
    props.editor.change(
        (d) => void (id = duplicate(d, props.index, into.value || undefined, load.value.buildUp ? '' : factor.value)),
    )
    emit('select', id)
}
</script>

<template>
    <div class="grid grid-cols-2 gap-x-2 gap-y-1.5 pr-1 pb-2">
        <label
            ><FieldLabel text="Name" /><input class="field" :value="load.name" @input="set('name', valueOf($event))"
        /></label>
        <label>
            <FieldLabel text="Load case" />
            <select
                class="field"
                :value="load.case"
                :aria-invalid="!!fault('case')"
                @change="set('case', valueOf($event))"
            >
                <option v-for="c in doc.cases" :key="c.id" :value="c.id">{{ c.name }}</option>
            </select>
            <span v-if="fault('case')" class="fault" role="alert">{{ fault('case') }}</span>
        </label>
        <label class="col-span-2">
            <FieldLabel text="Kind" />
            <select
                class="field"
                :value="load.kind"
                @change="(e) => editor.change((d) => changeKind(d, index, valueOf(e) as LoadDocument['kind'], units))"
            >
                <option v-for="(name, kind) in kinds" :key="kind" :value="kind">{{ name }}</option>
            </select>
        </label>
        <AxleFields
            v-if="load.kind === 'train'"
            class="col-span-2"
            :axles="load.axles ?? []"
            :units="units"
            :fault="fault"
            @set="(i, key, text) => change((l) => void (l.axles![i]![key] = text), `axles.${i}.${key}`)"
            @add="change((l) => void l.axles?.push({ ...AXLES[units] }))"
            @remove="(i) => change((l) => void l.axles?.splice(i, 1))"
        />
        <label v-if="load.kind === 'train'" class="col-span-2">
            <FieldLabel text="Drives" />
            <select
                class="field"
                :value="load.way ?? 'both'"
                @change="(e) => change((l) => void (l.way = valueOf(e) as LoadDocument['way']))"
            >
                <option value="both">either way</option>
                <option value="right">to the right only</option>
                <option value="left">to the left only</option>
            </select>
        </label>
        <div v-if="load.kind !== 'train' && load.buildUp" class="col-span-2">
            <FieldLabel text="Follows a build-up of the job" />
            <span class="flex items-baseline gap-2">
                <span class="font-semibold">{{ load.buildUp }}</span>
                <span class="ml-auto whitespace-nowrap">{{
                    followed === null ? '' : format(followed, 'areaLoad', units)
                }}</span>
            </span>
            <span v-if="fault('buildUp')" class="fault" role="alert">{{ fault('buildUp') }}</span>
            <button class="quiet px-0! underline" @click="stopFollowing">Give it a value of its own</button>
        </div>
        <QuantityField
            v-else-if="load.kind !== 'train'"
            :label="
                load.kind === 'line'
                    ? 'Value at start'
                    : load.kind === 'temperature'
                      ? 'Bottom warmer by'
                      : load.kind === 'warming'
                        ? 'Warmer by'
                        : 'Value'
            "
            :kind="values[load.kind]"
            :units="units"
            :model-value="load.value"
            :error="fault('value')"
            @update:model-value="(v) => set('value', v)"
        />
        <QuantityField
            v-for="[key, label, kind, empty] in fields"
            :key="key"
            :label="label"
            :kind="kind"
            :units="units"
            :model-value="load[key]"
            :error="fault(key)"
            :placeholder="empty"
            :optional="empty !== undefined"
            @update:model-value="(v) => set(key, v)"
        />
        <label v-if="hasDirection" class="col-span-2">
            <FieldLabel text="Acts" />
            <select
                class="field"
                :value="direction"
                :aria-invalid="!!fault('direction')"
                @change="change((l) => void (l.direction = valueOf($event) as LoadDocument['direction']), 'direction')"
            >
                <option v-for="[key, name] in directions" :key="key" :value="key">{{ name }}</option>
            </select>
            <span v-if="fault('direction')" class="fault" role="alert">{{ fault('direction') }}</span>
        </label>
        <LoadTables
            v-if="load.kind === 'area' || load.kind === 'slab'"
            :category="category"
            :value="load.value"
            :asce="editor.job.value?.basis.combinations?.startsWith('asce') ?? false"
            :build-ups="buildUps"
            :units="units"
            @take="take"
            @follow="(name) => change((l) => void Object.assign(l, { buildUp: name, value: '' }))"
        />
        <label v-if="(reducible && category !== 'E' && hasDirection) || load.storeys">
            <FieldLabel text="Storeys above to reduce with" />
            <input
                class="field"
                :value="load.storeys ?? ''"
                placeholder="not reduced"
                :aria-invalid="!!fault('storeys')"
                @input="setStoreys(valueOf($event))"
            />
            <span v-if="fault('storeys')" class="fault" role="alert">{{ fault('storeys') }}</span>
        </label>
        <div v-if="(load.area || load.storeys) && reduction" class="col-span-2">
            <DerivationView :lines="[reduction]" />
        </div>
        <label v-if="isDisplacement(load.kind)">
            <FieldLabel text="Support" />
            <select
                class="field"
                aria-label="Support that moves"
                :value="doc.supports.find((s) => isAt(s.x, load.x))?.x ?? ''"
                @change="set('x', valueOf($event))"
            >
                <option v-for="(s, k) in doc.supports" :key="k" :value="s.x">
                    {{ k + 1 }} at {{ inSystem(s.x, 'length', units) }}
                </option>
            </select>
            <span v-if="fault('x')" class="fault" role="alert">{{ fault('x') }}</span>
        </label>

        <template v-if="load.kind === 'area'">
            <div v-if="load.widths" class="col-span-2 grid grid-cols-[1fr_1fr_1.2rem] gap-x-2 gap-y-1">
                <FieldLabel text="At x" /><FieldLabel text="Width carried" /><span></span>
                <template v-for="(w, k) in load.widths" :key="k">
                    <QuantityField
                        v-for="key in ['x', 'width'] as const"
                        :key="key"
                        :aria-label="`${key === 'x' ? 'Place' : 'Width'} ${k + 1}`"
                        kind="length"
                        :units="units"
                        :model-value="w[key]"
                        :error="fault(`widths.${k}.${key}`)"
                        @update:model-value="(v) => change((l) => void (l.widths![k]![key] = v), `widths.${k}.${key}`)"
                    />
                    <button
                        class="quiet px-1!"
                        :aria-label="`Remove width ${k + 1}`"
                        @click="change((l) => void l.widths?.splice(k, 1))"
                    >
                        ×
                    </button>
                </template>
                <p v-if="fault('widths')" class="fault col-span-3" role="alert">{{ fault('widths') }}</p>
                <span class="col-span-3 flex gap-2">
                    <button
                        class="quiet underline"
                        @click="
                            change((l) => void l.widths?.push({ x: doc.length, width: l.widths.at(-1)?.width ?? '' }))
                        "
                    >
                        Add a place
                    </button>
                    <button class="quiet underline" @click="editor.change((d) => varyWidth(d, index, false))">
                        One width
                    </button>
                </span>
            </div>
            <button
                v-else
                class="quiet col-span-2 justify-self-start underline"
                @click="editor.change((d) => varyWidth(d, index, true))"
            >
                Let the width change along the member
            </button>
        </template>

        <label class="col-span-2"
            ><FieldLabel text="Remark" /><input
                class="field"
                :value="load.remark"
                @input="set('remark', valueOf($event))"
        /></label>
        <label v-if="(load.kind === 'point' && hasLinks) || load.hangs" class="col-span-2 flex items-center gap-2">
            <input
                type="checkbox"
                :checked="load.hangs ?? false"
                @change="
                    (e) =>
                        change((l) => void ((e.target as HTMLInputElement).checked ? (l.hangs = true) : delete l.hangs))
                "
            />
            It hangs, or a beam lands here
        </label>
        <label
            v-if="(load.kind === 'point' && presses && materialOf(doc).hasWeb) || load.stiffened"
            class="col-span-2 flex items-center gap-2"
        >
            <input
                type="checkbox"
                :checked="load.stiffened ?? false"
                @change="
                    (e) =>
                        change(
                            (l) =>
                                void ((e.target as HTMLInputElement).checked
                                    ? (l.stiffened = true)
                                    : delete l.stiffened),
                        )
                "
            />
            The web is stiffened under it
        </label>
        <label class="col-span-2 flex items-center gap-2">
            <input
                type="checkbox"
                :checked="!load.off"
                @change="
                    (e) => change((l) => void ((e.target as HTMLInputElement).checked ? delete l.off : (l.off = true)))
                "
            />
            The load acts
        </label>
        <div class="col-span-2 flex items-end gap-1.5">
            <label class="min-w-0 grow"
                ><FieldLabel text="Duplicate into" />
                <select v-model="into" class="field">
                    <option value="">the same load case</option>
                    <option v-for="c in cases" :key="c.id" :value="c.id">{{ c.name }}</option>
                </select>
            </label>
            <label v-if="!load.buildUp" class="w-14"
                ><FieldLabel text="times" /><input
                    v-model="factor"
                    class="field"
                    placeholder="1"
                    aria-label="Factor of the duplicate"
            /></label>
            <button class="quiet underline" @click="copyInto">Duplicate</button>
        </div>
        <span class="col-span-2 flex gap-2">
            <button class="quiet underline" @click="emit('copy', load.id)">Copy</button>
            <button class="quiet underline" @click="editor.change((d) => void d.loads.splice(index, 1))">Remove</button>
        </span>
    </div>
</template>
