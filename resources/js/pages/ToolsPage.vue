<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import DerivationView from '@/bench/DerivationView.vue'
import QuantityField from '@/components/QuantityField.vue'
import Tex from '@/components/Tex.vue'
import TopBar from '@/components/TopBar.vue'
import type { DerivationLine } from '@/contract/result'
import { api, ApiError } from '@/lib/api'
import type { Kind, UnitSystem } from '@/lib/units'

/** Calculations of their own: typed values in, an answer with its derivation out, at every keystroke. */
interface ToolInput {
    symbol: string
    tex: string
    title: string
    kind: Kind
    otherwise: string
    choices: string[]
    text: boolean
    needed: boolean
}
interface ToolEntry {
    name: string
    title: string
    standard: string
    inputs: ToolInput[]
}
interface Answer {
    title: string
    lines: { symbol: string }[]
    printed: DerivationLine[]
}

const route = useRoute()
const router = useRouter()
const tools = ref<ToolEntry[]>([])
const units = ref<UnitSystem>('metric')
/** What is typed, by tool and symbol: going to another tool and back loses nothing. */
const typed = reactive<Record<string, Record<string, string>>>({})
const answer = ref<Answer | null>(null)
const errors = ref<Record<string, string[]>>({})
const message = ref('')

onMounted(async () => {
    tools.value = await api<ToolEntry[]>('GET', 'tools')
    for (const t of tools.value) typed[t.name] = Object.fromEntries(t.inputs.map((i) => [i.symbol, i.otherwise]))
    const first = tools.value[0]
    if (!tool.value && first) await router.replace(`/tools/${first.name}`)
})

const tool = computed(() => tools.value.find((t) => t.name === route.params.name))
const groups = computed(() =>
    [...new Set(tools.value.map((t) => t.standard))].map((s) => ({
        standard: s,
        tools: tools.value.filter((t) => t.standard === s),
    })),
)
const values = computed<Record<string, string>>(() => typed[tool.value?.name ?? ''] ?? {})
const fault = (symbol: string): string | undefined => errors.value[`values.${symbol}`]?.[0]
/** Values that stand in place of what is worked out: symbol and number. */
const own = reactive<{ symbol: string; value: string }>({ symbol: '', value: '' })
const intermediate = computed(() => {
    const asked = new Set(tool.value?.inputs.map((i) => i.symbol))
    return [...new Set((answer.value?.lines ?? []).map((l) => l.symbol))].filter((s) => !asked.has(s))
})

let running: AbortController | null = null
const ask = useDebounceFn(async () => {
    if (!tool.value) return
    running?.abort()
    running = new AbortController()
    const more = own.symbol && own.value.trim() ? { [own.symbol]: own.value } : {}
    try {
        const body = { tool: tool.value.name, values: { ...values.value, ...more }, units: units.value }
        answer.value = await api<Answer>('POST', 'tools', body, running.signal)
        errors.value = {}
        message.value = ''
    } catch (e) {
        if (!(e instanceof ApiError) || e.status === 0) return
        errors.value = e.errors
        message.value = Object.values(e.errors)[0]?.[0] ?? e.message
    }
}, 80)
watch([tool, values, units, own], () => void ask(), { deep: true, immediate: true })
watch(
    () => tool.value?.name,
    () => {
        answer.value = null
        Object.assign(own, { symbol: '', value: '' })
    },
)
</script>

<template>
    <div class="flex h-full flex-col">
        <TopBar>
            <span class="text-rule">/</span>
            <span class="font-semibold">Tools</span>
            <template #right>
                <select v-model="units" class="field w-auto!" aria-label="Units">
                    <option value="metric">SI metric</option>
                    <option value="us">US customary</option>
                </select>
            </template>
        </TopBar>
        <main class="grid min-h-0 grow grid-cols-[16rem_20rem_1fr]">
            <nav class="min-h-0 overflow-auto border-r border-rule py-3" aria-label="Tools">
                <template v-for="g in groups" :key="g.standard">
                    <h2 class="px-4 pt-2 pb-1 text-xs text-faint">{{ g.standard }}</h2>
                    <RouterLink
                        v-for="t in g.tools"
                        :key="t.name"
                        :to="`/tools/${t.name}`"
                        class="block px-4 py-1 hover:bg-shade"
                        :class="t.name === tool?.name ? 'border-l-2 border-accent bg-accent-soft/50 font-semibold' : ''"
                        >{{ t.title }}</RouterLink
                    >
                </template>
            </nav>
            <form v-if="tool" class="min-h-0 space-y-2 overflow-auto border-r border-rule px-4 py-4" @submit.prevent>
                <h1 class="font-serif text-xl">{{ tool.title }}</h1>
                <div
                    v-for="i in tool.inputs"
                    :key="`${tool.name} ${i.symbol}`"
                    class="grid grid-cols-[4rem_1fr] items-start gap-2"
                >
                    <span v-if="!i.text" class="pt-5.5"><Tex v-if="!i.choices.length" :tex="i.tex" /></span>
                    <label v-if="i.choices.length">
                        <span class="label">{{ i.title }}</span>
                        <select v-model="values[i.symbol]" class="field">
                            <option v-for="c in i.choices" :key="c">{{ c }}</option>
                        </select>
                    </label>
                    <label v-else-if="i.text" class="col-span-2">
                        <span class="label">{{ i.title }}</span>
                        <textarea
                            v-model="values[i.symbol]"
                            class="field"
                            rows="2"
                            spellcheck="false"
                            :aria-invalid="!!fault(i.symbol)"
                        ></textarea>
                        <span v-if="fault(i.symbol)" class="fault" role="alert">{{ fault(i.symbol) }}</span>
                    </label>
                    <QuantityField
                        v-else
                        :label="i.title"
                        :kind="i.kind"
                        :units="units"
                        :model-value="values[i.symbol]"
                        :optional="!i.needed"
                        :placeholder="i.needed ? undefined : 'none'"
                        :error="fault(i.symbol)"
                        @update:model-value="(v) => (values[i.symbol] = v)"
                    />
                </div>
                <fieldset class="border-t border-rule pt-2">
                    <legend class="label">
                        A value of your own in place of one that is worked out, in N, mm and MPa
                    </legend>
                    <div class="grid grid-cols-2 gap-2">
                        <select v-model="own.symbol" class="field" aria-label="Which value">
                            <option value="">none</option>
                            <option v-for="s in intermediate" :key="s">{{ s }}</option>
                        </select>
                        <input
                            v-model="own.value"
                            class="field"
                            aria-label="Value of your own"
                            :disabled="!own.symbol"
                        />
                    </div>
                    <p v-if="own.symbol && fault(own.symbol)" class="fault" role="alert">{{ fault(own.symbol) }}</p>
                </fieldset>
                <p class="text-xs text-faint">
                    On the command line: <code class="select-all">bin/waage tool {{ tool.name }} key=value …</code>
                </p>
            </form>
            <section class="min-h-0 overflow-auto bg-sheet px-6 py-4" aria-live="polite">
                <p v-if="message" class="fault" role="alert">{{ message }}</p>
                <div v-if="answer && tool" :class="message ? 'opacity-50' : ''">
                    <h2 class="font-serif text-lg">{{ answer.title }}</h2>
                    <p class="text-xs text-faint">{{ tool.standard }}</p>
                    <DerivationView class="mt-2" :lines="answer.printed" />
                </div>
            </section>
        </main>
    </div>
</template>
