<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, ref } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { useCompare } from '@/bench/compare'
import { useCollapse } from '@/bench/collapse'
import CollapsePanel from '@/bench/CollapsePanel.vue'
import DefinitionPanel from '@/bench/DefinitionPanel.vue'
import { useEditor } from '@/bench/editor'
import ForcesPanel from '@/bench/ForcesPanel.vue'
import EndForcesGrid from '@/bench/EndForcesGrid.vue'
import LoadGrid from '@/bench/LoadGrid.vue'
import { useInfluence } from '@/bench/influence'
import InfluencePanel from '@/bench/InfluencePanel.vue'
import { useParts } from '@/bench/parts'
import { useReserve } from '@/bench/reserve'
import ReserveBlock from '@/bench/ReserveBlock.vue'
import ScalesPanel from '@/bench/ScalesPanel.vue'
import ShortlistPanel from '@/bench/ShortlistPanel.vue'
import StripBoard from '@/bench/StripBoard.vue'
import BalanceBeam from '@/components/BalanceBeam.vue'
import NoticeLine from '@/components/NoticeLine.vue'
import TopBar from '@/components/TopBar.vue'
import { ratioText } from '@/lib/ratio'
import { materialOf } from '@/materials'
import { VERDICTS, verdictTitle } from '@/lib/verdict'
import { typed } from '@/lib/units'

/** The bench: one member, drawn and weighed at once while it is changed. */
const props = defineProps<{ id: number }>()
const editor = useEditor(props.id)
void editor.load()

const {
    document: doc,
    result,
    job,
    fault,
    saveState,
    saveMessage,
    isKept,
    message,
    busy,
    show,
    units,
    history,
    before,
} = editor
const selected = ref('')
/** What is open as a table under the drawing. */
const grid = ref<'' | 'loads' | 'endForces'>('')
function openEndForces(): void {
    grid.value = grid.value === 'endForces' ? '' : 'endForces'
    if (grid.value && !doc.value?.endForces?.length) editor.change((d) => void (d.endForces = [{}]))
}
const reading = ref<number | null>(null)
const definition = ref<HTMLElement | null>(null)

const SAVE: Record<string, string> = {
    saved: 'Saved',
    unsaved: 'Not saved yet',
    saving: 'Saving',
    away: 'Not saved; kept in this browser',
    conflict: 'Changed in two windows',
    refused: 'Not saved',
}
const verdict = computed(() => result.value?.verdict ?? null)
const stale = computed(() => message.value !== '')

const material = computed(() => materialOf(doc.value))
const tabs = computed(() => [
    'Scales',
    'Shortlist',
    'Forces',
    'Influence',
    ...(material.value.collapses ? ['Collapse'] : []),
])
const influence = useInfluence(editor)
const collapse = useCollapse(editor)
const reserve = useReserve(editor)
const compare = useCompare(editor, props.id)
const parts = useParts(editor)
function openTab(index: number): void {
    influence.start(typed((result.value?.member.length ?? 0) / 2, 'length', units.value))
    influence.open.value = tabs.value[index] === 'Influence'
    collapse.open.value = tabs.value[index] === 'Collapse'
}
/** A place that was taken in the strips. */
function pick(x: number): void {
    if (influence.open.value) influence.ask.x = typed(Math.round(x), 'length', units.value)
}

async function edit(id: string): Promise<void> {
    selected.value = id
    await nextTick()
    definition.value?.querySelector<HTMLInputElement>(`[data-load="${id}"] input`)?.focus()
}

useEventListener(window, 'keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return
    const key = event.key.toLowerCase()
    if (key === 'z' && !event.shiftKey) editor.undo()
    else if (key === 'y' || (key === 'z' && event.shiftKey)) editor.redo()
    else return
    event.preventDefault()
    ;(globalThis.document.activeElement as HTMLElement | null)?.blur()
})

/** The sheet or the list that comes next shows what was typed last; a server that does not answer holds nobody up. */
onBeforeRouteLeave(() => Promise.race([editor.flush(), new Promise<void>((done) => setTimeout(done, 3000))]))
onBeforeUnmount(() => void editor.save())
</script>

<template>
    <div class="flex h-full flex-col">
        <TopBar>
            <template v-if="job && doc">
                <span class="text-rule">/</span>
                <RouterLink class="underline decoration-rule underline-offset-4" :to="`/jobs/${job.id}`">{{
                    job.name
                }}</RouterLink>
                <span class="text-rule">/</span>
                <span class="truncate font-semibold">{{ doc.mark }} {{ doc.title }}</span>
            </template>
            <template v-if="job" #right>
                <span
                    class="text-xs whitespace-nowrap"
                    :class="saveState === 'saved' || saveState === 'saving' ? 'text-faint' : 'text-accent'"
                    role="status"
                    :title="saveMessage"
                    >{{ SAVE[saveState] }}</span
                >
                <span class="flex">
                    <button class="quiet" :disabled="!history.canUndo" title="Ctrl+Z" @click="editor.undo()">
                        Undo
                    </button>
                    <button class="quiet" :disabled="!history.canRedo" title="Ctrl+Y" @click="editor.redo()">
                        Redo
                    </button>
                </span>
                <select
                    class="field w-auto!"
                    :value="units"
                    aria-label="Units"
                    @change="editor.setUnits(($event.target as HTMLSelectElement).value as 'metric' | 'us')"
                >
                    <option value="metric">SI metric</option>
                    <option value="us">US customary</option>
                </select>
                <a class="quiet underline" :href="`/api/members/${id}/file`" title="The member as a file">File</a>
                <RouterLink class="action py-0.5!" :to="`/members/${id}/sheet`">Sheet</RouterLink>
            </template>
        </TopBar>

        <main v-if="fault" class="mx-auto max-w-md p-16">
            <p>{{ fault }}</p>
            <RouterLink class="mt-2 inline-block underline" to="/jobs">To the jobs of your office</RouterLink>
        </main>

        <template v-else-if="job && doc">
            <div
                v-if="saveState === 'conflict'"
                class="flex items-center gap-4 bg-accent-soft px-4 py-1.5"
                role="alert"
            >
                This member was changed in another window since you opened it. Nothing of either is lost yet.
                <button class="action py-0.5!" @click="editor.settle('mine')">Keep what is here</button>
                <button class="action py-0.5!" @click="editor.settle('theirs')">Take the other one</button>
            </div>
            <div v-else-if="!isKept" class="bg-accent-soft px-4 py-1.5" role="alert">
                This browser has no room left to keep your work; leave this page open until it says “Saved”.
            </div>
            <div v-else-if="saveState === 'refused'" class="bg-accent-soft px-4 py-1.5" role="alert">
                {{ saveMessage }} What you typed is kept in this browser.
            </div>
            <main class="grid min-h-0 grow grid-cols-[19.5rem_minmax(0,1fr)_24rem]">
                <div ref="definition" class="min-h-0 overflow-auto border-r border-rule">
                    <DefinitionPanel
                        :reading="reading"
                        :editor="editor"
                        :selected="selected"
                        @select="selected = $event"
                        @table="grid = grid === 'loads' ? '' : 'loads'"
                        @end-forces="openEndForces"
                    />
                </div>

                <div class="flex min-h-0 flex-col">
                    <div class="flex items-center gap-2 border-b border-rule px-3 py-1">
                        <!-- A fault takes the whole bar, so that it can be read and nothing below it moves. -->
                        <span
                            v-if="stale"
                            class="fault line-clamp-2 h-7.5 content-center leading-tight"
                            role="alert"
                            :title="message"
                            >{{ message
                            }}<template v-if="result"> The strips show the last complete state.</template></span
                        >
                        <template v-else>
                            <label class="flex items-center gap-2">
                                <span class="whitespace-nowrap text-faint">Strips show</span>
                                <select
                                    v-model="show"
                                    aria-label="Strips show"
                                    :class="compare.kept.value ? 'max-w-48' : 'max-w-80'"
                                    class="field w-auto!"
                                >
                                    <option value="envelope">the envelope of all combinations</option>
                                    <optgroup label="Combination">
                                        <option
                                            v-for="c in result?.combinations.filter((c) => c.purpose !== 'equilibrium')"
                                            :key="c.id"
                                            :value="`combination:${c.id}`"
                                        >
                                            {{ c.id }}: {{ c.text }}
                                        </option>
                                    </optgroup>
                                    <optgroup label="Arrangement of a weighing">
                                        <option
                                            v-for="w in result?.weighings.filter((w) => w.shows)"
                                            :key="w.id"
                                            :value="`weighing:${w.id}`"
                                        >
                                            {{ w.title }}: {{ w.combination }}, {{ w.arrangement }}
                                        </option>
                                    </optgroup>
                                    <optgroup label="Load case, all spans">
                                        <option
                                            v-for="c in result?.reactions.cases"
                                            :key="c.id"
                                            :value="`case:${c.id}`"
                                        >
                                            {{ c.name }}
                                        </option>
                                    </optgroup>
                                </select>
                            </label>
                            <span
                                v-if="compare.kept.value"
                                class="ml-auto flex items-center gap-1 text-xs whitespace-nowrap"
                            >
                                <svg width="22" height="6" aria-hidden="true">
                                    <path d="M0 3H22" stroke="var(--color-accent)" stroke-dasharray="5 3" />
                                </svg>
                                <span class="text-faint">kept: {{ compare.name.value }}</span>
                                <button
                                    v-if="compare.isOwn.value"
                                    class="quiet px-1! underline"
                                    title="Work on the kept state, keep this one"
                                    @click="compare.exchange()"
                                >
                                    Exchange
                                </button>
                                <button class="quiet px-1! underline" @click="compare.drop()">Drop</button>
                            </span>
                            <button
                                v-else
                                class="quiet ml-auto whitespace-nowrap underline"
                                title="Compare what comes with the state as it is now"
                                @click="compare.keep()"
                            >
                                Keep to compare
                            </button>
                        </template>
                    </div>
                    <div class="min-h-0 grow" :class="stale ? 'opacity-50' : ''">
                        <StripBoard
                            v-model:reading="reading"
                            :editor="editor"
                            :selected="selected"
                            :influence="influence"
                            :collapse="collapse"
                            :compare="compare"
                            :parts="parts"
                            @select="selected = $event"
                            @edit="edit"
                            @pick="pick"
                        />
                    </div>
                    <LoadGrid
                        v-if="grid === 'loads'"
                        :editor="editor"
                        :selected="selected"
                        @select="selected = $event"
                        @close="grid = ''"
                    />
                    <EndForcesGrid v-else-if="grid === 'endForces'" :editor="editor" @close="grid = ''" />
                </div>

                <aside class="flex min-h-0 flex-col border-l border-rule">
                    <div
                        v-if="verdict"
                        class="border-b border-ink bg-sheet px-3 py-2"
                        :class="stale ? 'opacity-50' : ''"
                        aria-live="polite"
                        :aria-busy="busy"
                    >
                        <div class="flex items-center gap-2">
                            <BalanceBeam
                                :ratio="verdict.ratio"
                                :holds="verdict.holds"
                                :open="verdict.state === 'uncovered'"
                            />
                            <span class="font-serif text-lg" :class="verdict.holds ? '' : 'text-fail'">{{
                                verdictTitle(verdict.state)
                            }}</span>
                            <span v-if="verdict.state !== 'uncovered'" class="ml-auto text-xl">{{
                                ratioText(verdict.ratio)
                            }}</span>
                        </div>
                        <p class="truncate" :title="verdict.reason">
                            {{ result?.section.name }} {{ result?.section.grade
                            }}<template v-if="verdict.title && verdict.state !== 'uncovered'"
                                >, {{ verdict.title }}</template
                            >
                        </p>
                        <p v-if="verdict.state === 'uncovered'" class="text-xs">{{ verdict.reason }}</p>
                        <p v-if="before" class="text-xs text-faint">
                            Before: {{ before.section }}, {{ ratioText(before.verdict.ratio) }},
                            {{ VERDICTS[before.verdict.state] }}
                        </p>
                        <p v-for="m in result?.messages" :key="m" class="text-xs text-faint">{{ m }}</p>
                    </div>
                    <TabGroup as="div" class="flex min-h-0 grow flex-col" @change="openTab">
                        <TabList class="flex border-b border-rule">
                            <Tab v-for="t in tabs" :key="t" v-slot="{ selected: on }" as="template">
                                <button
                                    class="grow px-1.5 py-1.5"
                                    :class="on ? 'border-b-2 border-accent font-semibold' : 'text-faint hover:bg-shade'"
                                >
                                    {{ t }}
                                </button>
                            </Tab>
                        </TabList>
                        <TabPanels class="min-h-0 grow overflow-auto">
                            <TabPanel :class="stale ? 'opacity-50' : ''"
                                ><ReserveBlock :editor="editor" :reserve="reserve" /><ScalesPanel
                                    :editor="editor"
                                    :kept="compare.kept.value?.result"
                                    @read="reading = $event"
                            /></TabPanel>
                            <TabPanel class="h-full"><ShortlistPanel :editor="editor" /></TabPanel>
                            <TabPanel><ForcesPanel :editor="editor" @read="reading = $event" /></TabPanel>
                            <TabPanel><InfluencePanel :editor="editor" :influence="influence" /></TabPanel>
                            <TabPanel v-if="material.collapses"
                                ><CollapsePanel :editor="editor" :collapse="collapse" @read="reading = $event"
                            /></TabPanel>
                        </TabPanels>
                    </TabGroup>
                </aside>
            </main>
        </template>
        <NoticeLine />
    </div>
</template>
