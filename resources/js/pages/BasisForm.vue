<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import type { BasisDocument } from '@/contract/member'
import Tex from '@/components/Tex.vue'
import { MATERIALS } from '@/materials'
import { useMaterials } from '@/materials/choices'
import LazyField from '@/components/LazyField.vue'
import BuildUpsForm from '@/pages/BuildUpsForm.vue'
import type { JobDetail } from '@/lib/jobs'
import recommended from '@core/data/recommended-en.json'

/** What the job has settled for all its members. Each field is saved when it is left. */
const props = defineProps<{ job: JobDetail; errors: Record<string, string[]> }>()
const emit = defineEmits<{ save: [change: Partial<JobDetail>] }>()

type TextKey = 'name' | 'number' | 'client' | 'engineer' | 'checker'
const TITLE: { key: TextKey; label: string }[] = [
    { key: 'name', label: 'Job' },
    { key: 'number', label: 'Number' },
    { key: 'client', label: 'Client' },
    { key: 'engineer', label: 'Engineer' },
    { key: 'checker', label: 'Checker' },
]
type ParameterKey = keyof typeof recommended.numbers
const SYMBOLS: Record<ParameterKey, string> = {
    gammaGsup: 'γ G,sup',
    gammaGinf: 'γ G,inf',
    gammaGset: 'γ G,set',
    gammaGsupEqu: 'γ G,dst',
    gammaGinfEqu: 'γ G,stb',
    gammaQ: 'γ Q',
    xi: 'ξ',
    KFI: 'K FI',
    gammaM0: 'γ M0',
    gammaM1: 'γ M1',
    eta: 'η',
    lambdaLT0: 'λ LT,0',
    beta: 'β',
}
type RuleSet = NonNullable<BasisDocument['combinations']>
const RULE_SETS: Record<RuleSet, string> = {
    '6.10': 'EN 1990 (6.10)',
    '6.10a/b': 'EN 1990 (6.10a), (6.10b)',
    classic: 'Dead 1.4, imposed 1.6',
    'asce-7-16-lrfd': 'ASCE 7-16, strength',
    'asce-7-16-asd': 'ASCE 7-16, allowable stress',
    'asce-7-22-lrfd': 'ASCE 7-22, strength',
    'asce-7-22-asd': 'ASCE 7-22, allowable stress',
    'as-nzs-1170': 'AS/NZS 1170.0',
    'nbc-2020': 'NBC of Canada 2020',
}
const rules = computed<RuleSet>(() => basis.value.combinations ?? '6.10')
const isEn = computed(() => rules.value.startsWith('6.10'))
/** What steel is weighed after. */
const steel = computed(() => {
    if (isEn.value)
        return 'Steel after EN 1993, concrete after EN 1992, timber after EN 1995, cold-formed after EN 1993-1-3.'
    if (rules.value === 'classic') return 'Steel after EN 1993, concrete after BS 8110-1; timber is not weighed.'
    if (rules.value === 'nbc-2020') return 'Timber after CSA O86:19; of steel and concrete forces and deflections only.'
    if (rules.value.startsWith('asce-7')) {
        const isStrength = !rules.value.endsWith('asd')
        const concrete = isStrength ? 'concrete after ACI 318-19' : 'concrete is not weighed'
        return `Steel after ANSI/AISC 360-${rules.value.includes('-22') ? '22' : '16'}, ${isStrength ? 'LRFD' : 'ASD'}; ${concrete}; timber after the NDS 2018; cold-formed after AISI S100-16.`
    }
    if (rules.value === 'as-nzs-1170')
        return 'Cold-formed after AS/NZS 4600; of steel, concrete and timber forces and deflections only.'
    return 'Forces and deflections only: no standard for steel, concrete or timber that goes with these factors is built in.'
})
/** Which ψ the leading variable action has in these situations. */
const SITUATIONS = [
    { key: 'psiAccidental', label: 'ψ in accidents', value: 1 },
    { key: 'psiFire', label: 'ψ in fire', value: 2 },
] as const
const PARAMETERS = (Object.keys(SYMBOLS) as ParameterKey[]).map((key) => ({
    key,
    label: SYMBOLS[key],
    ...recommended.numbers[key],
}))
const PSI = recommended.psi as unknown as Record<string, [number, number, number]>

/** What is typed, which may be wrong yet; it is what the job holds again as soon as the server has taken it. */
const texts = ref(textsOf(props.job))
const basis = ref(props.job.basis)
watch(
    () => props.job,
    (job) => {
        texts.value = textsOf(job)
        basis.value = job.basis
    },
)
const parameters = computed(() => basis.value.parameters ?? {})

function textsOf(job: JobDetail): Record<TextKey, string> {
    return { name: job.name, number: job.number, client: job.client, engineer: job.engineer, checker: job.checker }
}

function saveText(key: TextKey, text: string): void {
    texts.value = { ...texts.value, [key]: text }
    emit('save', { [key]: text })
}

function saveBasis(change: Partial<BasisDocument>): void {
    basis.value = { ...basis.value, ...change }
    emit('save', { basis: basis.value })
}

function value(event: Event): string {
    return (event.target as HTMLInputElement | HTMLSelectElement).value
}

/** A number as typed; what is no number goes to the server as text and comes back as an error at the field. */
function numberOf(typed: string): number {
    const text = typed.trim().replace(',', '.')
    return (text !== '' && Number.isFinite(Number(text)) ? Number(text) : text) as number
}

function savePsi(category: string, index: number, typed: string): void {
    const psi = { ...(parameters.value.psi ?? {}) }
    const row = [...(psi[category] ?? (PSI[category] as [number, number, number]))] as [number, number, number]
    row[index] = numberOf(typed)
    psi[category] = row
    saveBasis({ parameters: { ...parameters.value, psi } })
}

/** Parameters of a material other than steel, whose are among those of the basis itself. */
const materials = useMaterials()
const ofMaterial = (id: string): Record<string, number> =>
    id === 'concrete' || id === 'timber' ? ((parameters.value[id] ?? {}) as Record<string, number>) : {}
const saveOfMaterial = (id: string, key: string, typed: string): void =>
    saveBasis({ parameters: { ...parameters.value, [id]: { ...ofMaterial(id), [key]: numberOf(typed) } } })

function fault(path: string): string {
    return props.errors[path]?.[0] ?? ''
}
</script>

<template>
    <div>
        <h2 class="font-serif text-lg">Basis of the job</h2>
        <div class="mt-2 grid grid-cols-2 gap-x-3 gap-y-2">
            <label
                v-for="f in TITLE"
                :key="f.key"
                class="block"
                :class="f.key === 'name' || f.key === 'client' ? 'col-span-2' : ''"
            >
                <FieldLabel :text="f.label" />
                <LazyField
                    :model-value="texts[f.key]"
                    :aria-invalid="fault(f.key) !== ''"
                    @commit="saveText(f.key, $event)"
                />
                <span v-if="fault(f.key)" class="fault" role="alert">{{ fault(f.key) }}</span>
            </label>
            <label class="block">
                <FieldLabel text="Units" />
                <select
                    class="field"
                    :value="basis.units ?? 'metric'"
                    @change="saveBasis({ units: value($event) as 'metric' | 'us' })"
                >
                    <option value="metric">SI metric</option>
                    <option value="us">US customary</option>
                </select>
            </label>
            <label class="block">
                <FieldLabel text="Standards" />
                <select class="field" value="EN" aria-label="Standards">
                    <option value="EN">Eurocodes</option>
                </select>
            </label>
            <label class="block">
                <FieldLabel text="Combinations of actions" />
                <select class="field" :value="rules" @change="saveBasis({ combinations: value($event) as RuleSet })">
                    <option v-for="(name, id) in RULE_SETS" :key="id" :value="id">{{ name }}</option>
                </select>
                <span class="text-xs text-faint">{{ steel }}</span>
            </label>
            <label class="block">
                <FieldLabel text="Lateral-torsional buckling" />
                <select
                    class="field"
                    :value="parameters.rolledCurves === false ? 'general' : 'rolled'"
                    @change="saveBasis({ parameters: { ...parameters, rolledCurves: value($event) === 'rolled' } })"
                >
                    <option value="rolled">6.3.2.3, rolled sections</option>
                    <option value="general">6.3.2.2, general case</option>
                </select>
            </label>
            <label class="block">
                <FieldLabel text="Total deflection, span /" />
                <LazyField
                    :model-value="basis.deflection?.total ?? 250"
                    :aria-invalid="fault('basis.deflection.total') !== ''"
                    @commit="saveBasis({ deflection: { ...basis.deflection, total: numberOf($event) } })"
                />
                <span v-if="fault('basis.deflection.total')" class="fault" role="alert">{{
                    fault('basis.deflection.total')
                }}</span>
            </label>
            <label class="block">
                <FieldLabel text="Variable load, span /" />
                <LazyField
                    :model-value="basis.deflection?.variable ?? 300"
                    :aria-invalid="fault('basis.deflection.variable') !== ''"
                    @commit="saveBasis({ deflection: { ...basis.deflection, variable: numberOf($event) } })"
                />
                <span v-if="fault('basis.deflection.variable')" class="fault" role="alert">{{
                    fault('basis.deflection.variable')
                }}</span>
            </label>
            <label class="block">
                <FieldLabel text="Cantilever post, height /" />
                <LazyField
                    :model-value="basis.deflection?.sway ?? recommended.deflection.sway"
                    :aria-invalid="fault('basis.deflection.sway') !== ''"
                    @commit="saveBasis({ deflection: { ...basis.deflection, sway: numberOf($event) } })"
                />
                <span v-if="fault('basis.deflection.sway')" class="fault" role="alert">{{
                    fault('basis.deflection.sway')
                }}</span>
            </label>
            <label v-if="rules.startsWith('asce-7')" class="block">
                <span class="label">S<sub>DS</sub> for E<sub>v</sub> = 0.2 S<sub>DS</sub> D</span>
                <LazyField
                    :model-value="parameters.SDS ?? 0"
                    :aria-invalid="fault('basis.parameters.SDS') !== ''"
                    @commit="saveBasis({ parameters: { ...parameters, SDS: numberOf($event) } })"
                />
                <span v-if="fault('basis.parameters.SDS')" class="fault" role="alert">{{
                    fault('basis.parameters.SDS')
                }}</span>
            </label>
            <label class="block">
                <FieldLabel text="Natural frequency, at least Hz" />
                <LazyField
                    :model-value="basis.deflection?.frequency || ''"
                    placeholder="not weighed"
                    :aria-invalid="fault('basis.deflection.frequency') !== ''"
                    @commit="
                        saveBasis({
                            deflection: { ...basis.deflection, frequency: $event.trim() ? numberOf($event) : 0 },
                        })
                    "
                />
                <span v-if="fault('basis.deflection.frequency')" class="fault" role="alert">{{
                    fault('basis.deflection.frequency')
                }}</span>
            </label>
        </div>
        <BuildUpsForm
            :build-ups="basis.buildUps ?? []"
            :units="basis.units ?? 'metric'"
            :errors="errors"
            @save="(buildUps) => saveBasis({ buildUps })"
        />
        <Disclosure v-slot="{ open }">
            <DisclosureButton class="mt-3 flex w-full items-baseline gap-2 border-t border-rule pt-2 text-left">
                <span class="w-3 text-faint">{{ open ? '–' : '+' }}</span>
                <span>National parameters</span>
                <span class="ml-auto text-xs text-faint"
                    >γ M0 {{ parameters.gammaM0 ?? '1.0' }}, γ G {{ parameters.gammaGsup ?? 1.35 }}, γ Q
                    {{ parameters.gammaQ ?? 1.5 }}</span
                >
            </DisclosureButton>
            <DisclosurePanel class="mt-2">
                <div class="grid grid-cols-3 gap-x-3 gap-y-2">
                    <label v-for="p in PARAMETERS" :key="p.key" class="block" :title="p.clause">
                        <span class="label">{{ p.label }}</span>
                        <LazyField
                            :model-value="parameters[p.key] ?? p.value"
                            :aria-invalid="fault(`basis.parameters.${p.key}`) !== ''"
                            @commit="saveBasis({ parameters: { ...parameters, [p.key]: numberOf($event) } })"
                        />
                        <span v-if="fault(`basis.parameters.${p.key}`)" class="fault" role="alert">{{
                            fault(`basis.parameters.${p.key}`)
                        }}</span>
                    </label>
                    <label v-for="s in SITUATIONS" :key="s.key" class="block">
                        <span class="label">{{ s.label }}</span>
                        <select
                            class="field"
                            :value="parameters[s.key] ?? s.value"
                            @change="saveBasis({ parameters: { ...parameters, [s.key]: Number(value($event)) } })"
                        >
                            <option :value="1">ψ1</option>
                            <option :value="2">ψ2</option>
                        </select>
                    </label>
                </div>
                <template v-for="(of, id) in MATERIALS" :key="id">
                    <fieldset v-if="isEn && materials[id]?.parameters.length" class="mt-3">
                        <legend class="label font-semibold">{{ of.label }}</legend>
                        <div class="grid grid-cols-3 gap-x-3 gap-y-2">
                            <label v-for="p in materials[id]?.parameters" :key="p.key" class="block" :title="p.clause">
                                <span class="label"><Tex :tex="p.tex" /></span>
                                <LazyField
                                    :model-value="ofMaterial(id)[p.key] ?? p.value"
                                    :aria-invalid="fault(`basis.parameters.${id}.${p.key}`) !== ''"
                                    @commit="saveOfMaterial(id, p.key, $event)"
                                />
                                <span v-if="fault(`basis.parameters.${id}.${p.key}`)" class="fault" role="alert">{{
                                    fault(`basis.parameters.${id}.${p.key}`)
                                }}</span>
                            </label>
                        </div>
                    </fieldset>
                </template>
                <label class="mt-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="parameters.modifyChi !== false"
                        @change="
                            saveBasis({
                                parameters: { ...parameters, modifyChi: ($event.target as HTMLInputElement).checked },
                            })
                        "
                    />
                    factor f of 6.3.2.3(2)
                </label>
                <label v-if="isEn && parameters.modifyChi !== false" class="mt-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="parameters.kcByC1 === true"
                        @change="
                            saveBasis({
                                parameters: { ...parameters, kcByC1: ($event.target as HTMLInputElement).checked },
                            })
                        "
                    />
                    k<sub>c</sub> in it by 1/√C<sub>1</sub> instead of Table 6.6
                </label>
                <label v-if="isEn" class="mt-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="parameters.annexA === true"
                        @change="
                            saveBasis({
                                parameters: { ...parameters, annexA: ($event.target as HTMLInputElement).checked },
                            })
                        "
                    />
                    axial force with bending by Annex A instead of B (6.3.3)
                </label>
                <label class="mt-2 flex items-center gap-2">
                    <input
                        type="checkbox"
                        :checked="parameters.closedForms === true"
                        @change="
                            saveBasis({
                                parameters: { ...parameters, closedForms: ($event.target as HTMLInputElement).checked },
                            })
                        "
                    />
                    critical moment by closed formulas (C1, C2) instead of the eigenvalue of the member
                </label>
                <table v-if="isEn" class="grid-table mt-3">
                    <thead>
                        <tr>
                            <th>Category</th>
                            <th>ψ0</th>
                            <th>ψ1</th>
                            <th>ψ2</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(row, category) in PSI" :key="category">
                            <td>{{ category }}</td>
                            <td v-for="i in [0, 1, 2]" :key="i">
                                <LazyField
                                    :model-value="parameters.psi?.[category]?.[i] ?? row[i]"
                                    :aria-label="`ψ${i} of ${category}`"
                                    :aria-invalid="fault(`basis.parameters.psi.${category}.${i}`) !== ''"
                                    :title="fault(`basis.parameters.psi.${category}.${i}`)"
                                    @commit="savePsi(category, i, $event)"
                                />
                            </td>
                        </tr>
                    </tbody>
                </table>
                <p v-if="isEn" class="mt-1 text-xs text-faint">
                    Recommended values of EN 1990, Table A1.1; snow for sites up to 1000 m.
                </p>
            </DisclosurePanel>
        </Disclosure>
    </div>
</template>
