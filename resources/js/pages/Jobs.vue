<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import NoticeLine from '@/components/NoticeLine.vue'
import TopBar from '@/components/TopBar.vue'
import { api, ApiError } from '@/lib/api'
import type { JobDetail, JobRow } from '@/lib/jobs'
import { notice } from '@/lib/notice'

const router = useRouter()
const jobs = ref<JobRow[] | null>(null)
const name = ref('')
const fault = ref('')

async function load(): Promise<void> {
    jobs.value = await api<JobRow[]>('GET', 'jobs')
}
onMounted(load)

async function add(): Promise<void> {
    try {
        const job = await api<JobDetail>('POST', 'jobs', { name: name.value })
        await router.push(`/jobs/${job.id}`)
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        fault.value = e.errors.name?.[0] ?? e.message
    }
}

async function copy(job: JobRow): Promise<void> {
    const made = await api<JobDetail>('POST', `jobs/${job.id}/copy`)
    await load()
    notice.say(`“${made.name}” is a copy with the same basis and members.`)
}

async function remove(job: JobRow): Promise<void> {
    await api('DELETE', `jobs/${job.id}`)
    await load()
    notice.say(`“${job.name}” is deleted.`, async () => {
        await api('POST', `jobs/${job.id}/restore`)
        await load()
    })
}
</script>

<template>
    <div class="flex h-full flex-col">
        <TopBar />
        <main class="min-h-0 grow overflow-auto">
            <div class="mx-auto max-w-5xl px-8 py-8">
                <h1 class="font-serif text-2xl">Jobs</h1>
                <form class="mt-4 flex items-start gap-2" @submit.prevent="add">
                    <div class="w-80">
                        <input
                            v-model="name"
                            class="field"
                            placeholder="Name of a new job"
                            aria-label="Name of a new job"
                            :aria-invalid="fault !== ''"
                        />
                        <span v-if="fault" class="fault" role="alert">{{ fault }}</span>
                    </div>
                    <button class="action">Open a new job</button>
                </form>
                <table v-if="jobs && jobs.length" class="grid-table mt-6">
                    <thead>
                        <tr>
                            <th>Number</th>
                            <th>Job</th>
                            <th>Client</th>
                            <th class="number">Members</th>
                            <th class="number">Do not hold</th>
                            <th class="number">Not covered</th>
                            <th>Last change</th>
                            <th></th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="job in jobs" :key="job.id" class="hover:bg-shade">
                            <td class="text-faint">{{ job.number }}</td>
                            <td>
                                <RouterLink
                                    class="font-semibold underline decoration-rule underline-offset-4"
                                    :to="`/jobs/${job.id}`"
                                    >{{ job.name }}</RouterLink
                                >
                            </td>
                            <td>{{ job.client }}</td>
                            <td class="number">{{ job.members }}</td>
                            <td class="number" :class="job.failing ? 'font-semibold text-fail' : 'text-faint'">
                                {{ job.failing || '–' }}
                            </td>
                            <td class="number" :class="job.uncovered ? 'font-semibold text-fail' : 'text-faint'">
                                {{ job.uncovered || '–' }}
                            </td>
                            <td class="text-faint">
                                {{
                                    new Date(job.changed).toLocaleString('en-GB', {
                                        dateStyle: 'medium',
                                        timeStyle: 'short',
                                    })
                                }}
                            </td>
                            <td class="number">
                                <button class="quiet" :aria-label="`Copy ${job.name}`" @click="copy(job)">Copy</button>
                                <button class="quiet" :aria-label="`Delete ${job.name}`" @click="remove(job)">
                                    Delete
                                </button>
                            </td>
                        </tr>
                    </tbody>
                </table>
                <p v-else-if="jobs" class="mt-8 text-faint">No jobs yet. Give the first one a name.</p>
            </div>
        </main>
        <NoticeLine />
    </div>
</template>
