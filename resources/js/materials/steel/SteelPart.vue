<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import type { MemberDocument } from '@/contract/member'
import { GRADES } from '@/lib/member'
import { isAngle, isTee, SECTION_NAMES } from '@/lib/sections'
import OwnSectionFields from '@/materials/steel/OwnSectionFields.vue'
import StepsFields from '@/materials/steel/StepsFields.vue'
import StiffenersFields from '@/materials/steel/StiffenersFields.vue'

/** Section, grade and what else a steel member is asked. */
const props = defineProps<{ editor: Editor }>()
const doc = computed(() => props.editor.document.value as MemberDocument)
const errors = computed(() => props.editor.errors.value)
const value = (e: Event): string => (e.target as HTMLInputElement).value

function set<K extends 'section' | 'grade'>(key: K, to: MemberDocument[K]): void {
    props.editor.change((d) => {
        d[key] = to
    }, key)
}

function setStem(up: boolean): void {
    props.editor.change((d) => {
        if (up) d.stemUp = true
        else delete d.stemUp
    })
}

function setStrutEnds(of: string): void {
    props.editor.change((d) => {
        if (of) d.strutEnds = of as MemberDocument['strutEnds']
        else delete d.strutEnds
    })
}

function setDuctility(of: string): void {
    props.editor.change((d) => {
        if (of === 'none') delete d.ductility
        else d.ductility = of as MemberDocument['ductility']
    })
}

/** Welded of plates, so that its web may be slender? */
const isPlated = (name: string): boolean => /^welded i/i.test(name.trim())
</script>

<template>
    <div class="grid grid-cols-2 gap-2">
        <label>
            <FieldLabel text="Section" />
            <input
                class="field"
                list="sections"
                :value="doc.section"
                :aria-invalid="!!errors.section"
                @input="set('section', value($event))"
            />
            <datalist id="sections"><option v-for="n in SECTION_NAMES" :key="n" :value="n" /></datalist>
            <span v-if="errors.section" class="fault" role="alert">{{ errors.section[0] }}</span>
        </label>
        <label>
            <FieldLabel text="Steel grade" />
            <select
                class="field"
                :value="doc.grade ?? 'S355'"
                @change="set('grade', value($event) as MemberDocument['grade'])"
            >
                <optgroup v-for="of in GRADES" :key="of.standard" :label="of.standard">
                    <option v-for="g in of.grades" :key="g">{{ g }}</option>
                </optgroup>
            </select>
        </label>
        <label v-if="doc.ductility || GRADES[1].grades.some((g) => g === doc.grade)" class="col-span-2">
            <FieldLabel text="Ductility in earthquakes" />
            <select class="field" :value="doc.ductility ?? 'none'" @change="setDuctility(value($event))">
                <option value="none">not asked for</option>
                <option value="moderate">moderately ductile member</option>
                <option value="high">highly ductile member</option>
            </select>
        </label>
        <label v-if="isTee(doc.section ?? '') || doc.stemUp" class="col-span-2 flex items-center gap-2">
            <input
                type="checkbox"
                :checked="doc.stemUp === true"
                @change="setStem(($event.target as HTMLInputElement).checked)"
            />
            Stem upwards, flange below
        </label>
        <label v-if="isAngle(doc.section ?? '') || doc.strutEnds" class="col-span-2">
            <FieldLabel text="As a brace or a post, ends connected" />
            <select class="field" :value="doc.strutEnds ?? ''" @change="setStrutEnds(value($event))">
                <option value="">not said</option>
                <option value="upright">by the upright leg</option>
                <option value="flat">by the flat leg</option>
                <option value="centroid">by both legs, about the centroid</option>
            </select>
        </label>
        <OwnSectionFields class="col-span-2" :editor="editor" />
        <StepsFields class="col-span-2" :editor="editor" />
        <StiffenersFields v-if="isPlated(doc.section ?? '') || doc.webStiffeners" class="col-span-2" :editor="editor" />
    </div>
</template>
