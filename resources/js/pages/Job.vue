<script setup lang="ts">
import { ArrowDown, ArrowUp, Copy, Pencil, Trash2 } from '@lucide/vue'
import { useTimeoutFn } from '@vueuse/core'
import { computed, onMounted, reactive, ref, toRaw, watch } from 'vue'
import { useRouter } from 'vue-router'
import BalanceBeam from '@/components/BalanceBeam.vue'
import MiniBeam from '@/components/MiniBeam.vue'
import NoticeLine from '@/components/NoticeLine.vue'
import TopBar from '@/components/TopBar.vue'
import BasisForm from '@/pages/BasisForm.vue'
import PackPanel from '@/pages/PackPanel.vue'
import { api, ApiError } from '@/lib/api'
import type { JobDetail, MemberRow } from '@/lib/jobs'
import { type KindId, startOf } from '@/lib/kinds'
import { familyOf, MATERIALS, type MaterialId } from '@/materials'
import MemberFrom from '@/pages/MemberFrom.vue'
import PieceList from '@/pages/PieceList.vue'
import NewMember from '@/pages/NewMember.vue'
import { notice } from '@/lib/notice'
import { startName, useStarts } from '@/lib/starts'
import { ratioText } from '@/lib/ratio'
import { VERDICTS } from '@/lib/verdict'

const props = defineProps<{ id: number }>()
const router = useRouter()
const job = ref<JobDetail | null>(null)
const fault = ref('')
const errors = ref<Record<string, string[]>>({})
const renaming = ref<number | null>(null)

async function load(): Promise<void> {
    try {
        job.value = await api<JobDetail>('GET', `jobs/${props.id}`)
    } catch (e) {
        fault.value = e instanceof ApiError ? e.message : String(e)
    }
}
onMounted(load)

const members = computed(() => job.value?.members ?? [])

/** One change at a time: each is made from the basis that the one before has left. */
let saved: Promise<void> = Promise.resolve()
function save(change: Partial<JobDetail>): Promise<void> {
    saved = saved.then(() => send(change))
    return saved
}

async function send(change: Partial<JobDetail>): Promise<void> {
    errors.value = {}
    try {
        job.value = await api<JobDetail>('PATCH', `jobs/${props.id}`, {
            ...change,
            basisRevision: job.value?.basisRevision,
        })
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        errors.value = e.errors
        if (e.status === 409) {
            await load()
            notice.say(`${e.message} It is shown as it stands now; enter your change again.`)
        } else if (Object.keys(e.errors).length === 0) notice.say(e.message)
    }
}

// While the members are weighed anew the page follows how far that is.
const { start: lookAgain } = useTimeoutFn(load, 700, { immediate: false })
watch(
    () => job.value,
    (now) => now?.weighing && lookAgain(),
)

/** An action of the list; what the server refuses is said below, and the list is as it stands there. */
async function act(action: () => Promise<unknown>): Promise<void> {
    try {
        await action()
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        notice.say(e.message)
    }
    await load()
}

const { starts, loaded } = useStarts()
const family = computed(() => familyOf(job.value?.basis.combinations))
const from = ref<'' | 'copy' | 'paste'>('')

async function add(material: MaterialId, kind: KindId): Promise<void> {
    // What it starts from depends on the basis, which may be on its way.
    await Promise.all([loaded, saved])
    if (!job.value) return
    const { units } = job.value.basis
    const { kinds, byRules } = MATERIALS[material]
    const own = toRaw(starts.value)[startName(material, kind, family.value)]
    const document = {
        ...startOf(kind, units ?? 'metric', members.value.length + 1),
        ...structuredClone(own ?? (family.value ? byRules?.[family.value] : undefined)?.[kind] ?? kinds[kind]),
    }
    try {
        const row = await api<MemberRow>('POST', `jobs/${props.id}/members`, { document })
        await router.push(`/members/${row.id}`)
    } catch (e) {
        if (e instanceof ApiError) notice.say(e.message)
    }
}

const copy = (m: MemberRow): Promise<void> => act(() => api('POST', `members/${m.id}/copy`))

const remove = (m: MemberRow): Promise<void> =>
    act(async () => {
        await api('DELETE', `members/${m.id}`)
        notice.say(`${m.mark || 'The member'} is deleted.`, () => act(() => api('POST', `members/${m.id}/restore`)))
    })

function move(m: MemberRow, by: number): void {
    const ids = members.value.map((x) => x.id)
    const at = ids.indexOf(m.id)
    ids.splice(at + by, 0, ...ids.splice(at, 1))
    void act(() => api('PUT', `jobs/${props.id}/order`, { members: ids }))
}

const name = reactive({ mark: '', title: '' })
function startRename(m: MemberRow): void {
    Object.assign(name, { mark: m.mark, title: m.title })
    renaming.value = m.id
}

function rename(m: MemberRow): void {
    renaming.value = null
    if (name.mark === m.mark && name.title === m.title) return
    void act(async () => {
        const full = await api<{ revision: number; document: Record<string, unknown> }>('GET', `members/${m.id}`)
        await api('PUT', `members/${m.id}`, { revision: full.revision, document: { ...full.document, ...name } })
    })
}

async function importFile(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement
    for (const file of input.files ?? []) {
        try {
            const document: unknown = JSON.parse(await file.text())
            await api('POST', `jobs/${props.id}/members`, { document })
        } catch (e) {
            notice.say(
                e instanceof ApiError ? `${file.name}: ${e.message}` : `${file.name} is not a file that can be read.`,
            )
        }
    }
    input.value = ''
    await load()
}

const words = { ...VERDICTS, incomplete: 'incomplete' }
</script>

<template>
    <div class="flex h-full flex-col">
        <TopBar>
            <span class="text-rule">/</span>
            <span class="font-semibold">{{ job?.name }}</span>
        </TopBar>
        <main v-if="fault" class="mx-auto max-w-md p-16">
            <p>{{ fault }}</p>
            <RouterLink class="mt-2 inline-block underline" to="/jobs">To the jobs of your office</RouterLink>
        </main>
        <main v-else-if="job" class="grid min-h-0 grow grid-cols-[1fr_23rem]">
            <section class="min-h-0 overflow-auto px-6 py-5">
                <div class="flex items-center gap-2">
                    <h1 class="font-serif text-2xl">Members</h1>
                    <span class="grow text-faint" role="status">{{
                        job.weighing
                            ? `The members are weighed by the new basis: ${job.weighing.done} of ${job.weighing.total}`
                            : ''
                    }}</span>
                    <label class="action cursor-pointer focus-within:outline-2">
                        Import files<input
                            type="file"
                            accept=".json,application/json"
                            multiple
                            class="sr-only"
                            aria-label="Import member files"
                            @change="importFile"
                        />
                    </label>
                    <NewMember :family="family" @add="add" @from="from = $event" />
                </div>
                <table v-if="members.length" class="grid-table mt-4" :aria-busy="job.weighing !== null">
                    <thead>
                        <tr>
                            <th>Mark</th>
                            <th>Title and section</th>
                            <th></th>
                            <th>Heaviest weighing</th>
                            <th class="number w-16">Ratio</th>
                            <!-- As wide as its longest word: the table stays while the members are weighed anew. -->
                            <th><span class="block w-31">State</span></th>
                            <th></th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr
                            v-for="(m, i) in members"
                            :key="m.id"
                            class="hover:bg-shade [&>td]:py-1.5! [&>td]:align-middle!"
                        >
                            <template v-if="renaming === m.id">
                                <td class="w-20">
                                    <input
                                        v-model="name.mark"
                                        class="field"
                                        aria-label="Mark"
                                        @keydown.enter="rename(m)"
                                        @keydown.esc="renaming = null"
                                    />
                                </td>
                                <td>
                                    <input
                                        v-model="name.title"
                                        class="field"
                                        aria-label="Title"
                                        @vue:mounted="({ el }: { el: HTMLInputElement }) => el.focus()"
                                        @keydown.enter="rename(m)"
                                        @keydown.esc="renaming = null"
                                    />
                                </td>
                            </template>
                            <template v-else>
                                <td class="whitespace-nowrap">
                                    <RouterLink
                                        class="font-semibold underline decoration-rule underline-offset-4"
                                        :to="`/members/${m.id}`"
                                        >{{ m.mark || '–' }}</RouterLink
                                    >
                                </td>
                                <td>
                                    <RouterLink class="block" :to="`/members/${m.id}`">{{
                                        m.title || 'untitled'
                                    }}</RouterLink>
                                    <span class="text-xs text-faint">{{ m.section }}</span>
                                </td>
                            </template>
                            <td class="w-34"><MiniBeam :summary="m.summary" /></td>
                            <td class="w-48 text-faint">
                                {{
                                    job.weighing
                                        ? ''
                                        : m.summary.state === 'incomplete'
                                          ? m.summary.reason
                                          : m.summary.governs
                                }}
                            </td>
                            <td class="number">
                                {{
                                    job.weighing || m.summary.ratio === undefined || m.summary.state === 'uncovered'
                                        ? ''
                                        : ratioText(m.summary.ratio)
                                }}
                            </td>
                            <td v-if="job.weighing" class="whitespace-nowrap text-faint">is weighed …</td>
                            <td
                                v-else
                                class="whitespace-nowrap"
                                :class="
                                    m.summary.state === 'fails' || m.summary.state === 'uncovered'
                                        ? 'font-semibold text-fail'
                                        : ''
                                "
                            >
                                <span class="flex items-center gap-1.5" :title="m.summary.reason">
                                    <BalanceBeam
                                        v-if="m.summary.state !== 'unloaded' && m.summary.state !== 'incomplete'"
                                        :ratio="m.summary.ratio ?? null"
                                        :holds="m.summary.state === 'holds'"
                                        :open="m.summary.state === 'uncovered'"
                                    />
                                    {{ words[m.summary.state] }}
                                </span>
                            </td>
                            <td class="w-36">
                                <span v-if="renaming === m.id" class="flex justify-end gap-1">
                                    <button class="quiet underline" @click="rename(m)">Save</button>
                                    <button class="quiet underline" @click="renaming = null">Cancel</button>
                                </span>
                                <span v-else class="flex justify-end">
                                    <button
                                        class="quiet"
                                        :disabled="i === 0"
                                        :aria-label="`Move ${m.mark} up`"
                                        title="Move up"
                                        @click="move(m, -1)"
                                    >
                                        <ArrowUp :size="15" />
                                    </button>
                                    <button
                                        class="quiet"
                                        :disabled="i === members.length - 1"
                                        :aria-label="`Move ${m.mark} down`"
                                        title="Move down"
                                        @click="move(m, 1)"
                                    >
                                        <ArrowDown :size="15" />
                                    </button>
                                    <button
                                        class="quiet"
                                        :aria-label="`Rename ${m.mark}`"
                                        title="Rename"
                                        @click="startRename(m)"
                                    >
                                        <Pencil :size="15" />
                                    </button>
                                    <button class="quiet" :aria-label="`Copy ${m.mark}`" title="Copy" @click="copy(m)">
                                        <Copy :size="15" />
                                    </button>
                                    <button
                                        class="quiet"
                                        :aria-label="`Delete ${m.mark}`"
                                        title="Delete"
                                        @click="remove(m)"
                                    >
                                        <Trash2 :size="15" />
                                    </button>
                                </span>
                            </td>
                        </tr>
                    </tbody>
                </table>
                <p v-else class="mt-8 text-faint">No members yet. Draw the first one, or import member files.</p>
                <PieceList :members="members" :units="job.basis.units ?? 'metric'" :job="job.name" />
            </section>
            <aside class="min-h-0 space-y-6 overflow-auto border-l border-rule bg-sheet px-5 py-5">
                <BasisForm :job="job" :errors="errors" @save="save" />
                <PackPanel :job="job.id" :empty="members.length === 0" />
            </aside>
        </main>
        <MemberFrom v-if="job" v-model="from" :job="job.id" @made="load" />
        <NoticeLine />
    </div>
</template>
