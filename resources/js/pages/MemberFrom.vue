<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { ref, watch } from 'vue'
import { api, ApiError } from '@/lib/api'
import type { JobDetail, JobRow, MemberRow } from '@/lib/jobs'

/** A new member from elsewhere: a copy of one of any job of the office, or the text of a member file. */
const props = defineProps<{ job: number }>()
const from = defineModel<'' | 'copy' | 'paste'>({ required: true })
const emit = defineEmits<{ made: [] }>()
const jobs = ref<JobRow[]>([])
const chosen = ref<JobDetail | null>(null)
const text = ref('')
const fault = ref('')

watch(from, async (mode) => {
    fault.value = ''
    chosen.value = null
    if (mode === 'copy') jobs.value = await api<JobRow[]>('GET', 'jobs')
})

async function act(action: () => Promise<unknown>): Promise<void> {
    fault.value = ''
    try {
        await action()
        from.value = ''
        emit('made')
    } catch (e) {
        fault.value = e instanceof ApiError ? e.message : 'This is not the text of a member file: it is not JSON.'
    }
}

const open = async (id: string): Promise<void> =>
    void (chosen.value = id ? await api<JobDetail>('GET', `jobs/${id}`) : null)
const copy = (m: MemberRow): Promise<void> => act(() => api('POST', `members/${m.id}/copy`, { job: props.job }))
const paste = (): Promise<void> =>
    act(async () => {
        const document: unknown = JSON.parse(text.value)
        await api('POST', `jobs/${props.job}/members`, { document })
        text.value = ''
    })
</script>

<template>
    <Dialog :open="from !== ''" class="relative z-20" @close="from = ''">
        <div class="fixed inset-0 bg-ink/20" aria-hidden="true"></div>
        <div class="fixed inset-0 flex items-center justify-center">
            <DialogPanel class="w-xl border border-ink bg-sheet p-5">
                <template v-if="from === 'copy'">
                    <DialogTitle class="font-serif text-xl">Copy of a member</DialogTitle>
                    <label class="mt-3 block">
                        <FieldLabel text="Job" />
                        <select class="field" @change="open(($event.target as HTMLSelectElement).value)">
                            <option value="">choose one</option>
                            <option v-for="j in jobs" :key="j.id" :value="j.id">{{ j.name }}</option>
                        </select>
                    </label>
                    <ul v-if="chosen" class="mt-2 max-h-72 overflow-auto border-t border-rule">
                        <li v-for="m in chosen.members" :key="m.id" class="border-b border-rule">
                            <button
                                class="grid w-full grid-cols-[4rem_1fr_auto] gap-2 px-1 py-1 text-left hover:bg-shade"
                                @click="copy(m)"
                            >
                                <b>{{ m.mark }}</b><span class="truncate">{{ m.title }}</span
                                ><span class="text-xs text-faint">{{ m.section }}</span>
                            </button>
                        </li>
                        <li v-if="!chosen.members.length" class="py-1 text-faint">This job has no members.</li>
                    </ul>
                </template>
                <template v-else>
                    <DialogTitle class="font-serif text-xl">Paste a member file</DialogTitle>
                    <label class="mt-3 block">
                        <FieldLabel text="Text of the file" />
                        <textarea
                            v-model="text"
                            class="field font-mono text-xs"
                            rows="10"
                            spellcheck="false"
                        ></textarea>
                    </label>
                </template>
                <p v-if="fault" class="fault mt-2" role="alert">{{ fault }}</p>
                <div class="mt-4 flex gap-2">
                    <button v-if="from === 'paste'" class="action action-main" :disabled="!text.trim()" @click="paste">
                        Add it
                    </button>
                    <button class="action" @click="from = ''">Cancel</button>
                </div>
            </DialogPanel>
        </div>
    </Dialog>
</template>
