<script setup lang="ts">
import { KeyRound, Pencil, Trash2 } from '@lucide/vue'
import { onMounted, reactive, ref } from 'vue'
import FieldLabel from '@/components/FieldLabel.vue'
import { api, ApiError } from '@/lib/api'
import { notice } from '@/lib/notice'
import { session } from '@/lib/session'

/** Who works in the office: added, renamed, given a new password and removed by its administrators. */
interface Person {
    id: number
    name: string
    email: string
    admin: boolean
}
const people = ref<Person[]>([])
const errors = ref<Record<string, string[]>>({})
const added = reactive({ name: '', email: '', password: '', admin: false })
/** The row that is open, and for what. */
const open = ref<{ id: number; what: 'name' | 'password' | 'remove' } | null>(null)
const text = ref('')

async function load(): Promise<void> {
    people.value = await api<Person[]>('GET', 'people')
}
onMounted(load)

/** What is refused is said at the field, where there is one, and the typed text stays. */
async function act(action: () => Promise<unknown>): Promise<boolean> {
    errors.value = {}
    try {
        await action()
        await load()
        return true
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        errors.value = e.errors
        const says = e.errors.admin?.[0] ?? (Object.keys(e.errors).length === 0 ? e.message : '')
        if (says) notice.say(says)
        return false
    }
}

async function add(): Promise<void> {
    if (await act(() => api('POST', 'people', added))) {
        notice.say(`${added.name} can sign in now.`)
        Object.assign(added, { name: '', email: '', password: '', admin: false })
    }
}

function show(person: Person, what: 'name' | 'password' | 'remove'): void {
    errors.value = {}
    open.value = { id: person.id, what }
    text.value = what === 'name' ? person.name : ''
}

async function keep(person: Person): Promise<void> {
    const what = open.value?.what
    const done = await act(() =>
        what === 'remove'
            ? api('DELETE', `people/${person.id}`)
            : api('PATCH', `people/${person.id}`, { [what ?? 'name']: text.value }),
    )
    if (done) open.value = null
}

const setAdmin = (person: Person, event: Event): Promise<void> =>
    act(() => api('PATCH', `people/${person.id}`, { admin: (event.target as HTMLInputElement).checked })).then(
        async (done) => {
            if (!done) await load()
            ;(event.target as HTMLInputElement).checked = people.value.find((p) => p.id === person.id)?.admin ?? false
        },
    )

const ASKS = { name: 'New name', password: 'New password', remove: '' }
</script>

<template>
    <table class="grid-table mt-4">
        <thead>
            <tr>
                <th>Name</th>
                <th>E-mail address</th>
                <th>Administrator</th>
                <th></th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="p in people" :key="p.id">
                <td class="font-semibold">{{ p.name }}</td>
                <td>{{ p.email }}</td>
                <td>
                    <input
                        type="checkbox"
                        :checked="p.admin"
                        :aria-label="`${p.name} is an administrator`"
                        @change="setAdmin(p, $event)"
                    />
                </td>
                <td class="w-96">
                    <form
                        v-if="open?.id === p.id"
                        class="flex items-start justify-end gap-1"
                        novalidate
                        @submit.prevent="keep(p)"
                    >
                        <span v-if="open.what === 'remove'" class="grow"
                            >{{ p.name }} cannot sign in any more; the jobs stay.</span
                        >
                        <span v-else class="grow">
                            <input
                                v-model="text"
                                class="field"
                                :type="open.what === 'password' ? 'password' : 'text'"
                                autocomplete="new-password"
                                :aria-label="`${ASKS[open.what]} of ${p.name}`"
                                :placeholder="ASKS[open.what]"
                                :aria-invalid="!!errors[open.what]"
                                @vue:mounted="({ el }: { el: HTMLInputElement }) => el.focus()"
                                @keydown.esc="open = null"
                            />
                            <span v-if="errors[open.what]" class="fault" role="alert">{{
                                errors[open.what]?.[0]
                            }}</span>
                        </span>
                        <button class="quiet underline">{{ open.what === 'remove' ? 'Remove' : 'Save' }}</button>
                        <button class="quiet underline" type="button" @click="open = null">Cancel</button>
                    </form>
                    <span v-else class="flex justify-end">
                        <button class="quiet" :aria-label="`Rename ${p.name}`" title="Rename" @click="show(p, 'name')">
                            <Pencil :size="15" />
                        </button>
                        <button
                            class="quiet"
                            :aria-label="`New password for ${p.name}`"
                            title="New password"
                            @click="show(p, 'password')"
                        >
                            <KeyRound :size="15" />
                        </button>
                        <button
                            class="quiet"
                            :disabled="p.email === session.user?.email"
                            :aria-label="`Remove ${p.name}`"
                            title="Remove"
                            @click="show(p, 'remove')"
                        >
                            <Trash2 :size="15" />
                        </button>
                    </span>
                </td>
            </tr>
        </tbody>
    </table>
    <form class="mt-8 max-w-3xl space-y-3" novalidate @submit.prevent="add">
        <h2 class="font-serif text-lg">Add somebody</h2>
        <div class="grid grid-cols-3 gap-3">
            <label class="block">
                <FieldLabel text="Name" />
                <input v-model="added.name" class="field" autocomplete="off" :aria-invalid="!open && !!errors.name" />
                <span v-if="!open && errors.name" class="fault" role="alert">{{ errors.name[0] }}</span>
            </label>
            <label class="block">
                <FieldLabel text="E-mail address" />
                <input
                    v-model="added.email"
                    class="field"
                    type="email"
                    autocomplete="off"
                    :aria-invalid="!!errors.email"
                />
                <span v-if="errors.email" class="fault" role="alert">{{ errors.email[0] }}</span>
            </label>
            <label class="block">
                <FieldLabel text="First password, 12 characters at least" />
                <input
                    v-model="added.password"
                    class="field"
                    type="password"
                    autocomplete="new-password"
                    :aria-invalid="!open && !!errors.password"
                />
                <span v-if="!open && errors.password" class="fault" role="alert">{{ errors.password[0] }}</span>
            </label>
        </div>
        <div class="flex items-center gap-4">
            <button class="action action-main">Add</button>
            <label class="flex items-center gap-2"
                ><input v-model="added.admin" type="checkbox" /> looks after the people of the office</label
            >
        </div>
    </form>
</template>
