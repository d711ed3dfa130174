<script setup lang="ts">
import { reactive, ref } from 'vue'
import FieldLabel from '@/components/FieldLabel.vue'
import { api, ApiError } from '@/lib/api'
import { notice } from '@/lib/notice'
import { session } from '@/lib/session'

/** One's own password. What was typed stays until it is taken. */
const typed = reactive({ current: '', password: '' })
const errors = ref<Record<string, string[]>>({})

async function change(): Promise<void> {
    errors.value = {}
    try {
        await api('PUT', 'password', typed)
        Object.assign(typed, { current: '', password: '' })
        notice.say('Your password is changed. Other windows and machines are signed out.')
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        errors.value = e.errors
        if (Object.keys(e.errors).length === 0) notice.say(e.message)
    }
}
</script>

<template>
    <form class="space-y-3" novalidate @submit.prevent="change">
        <h2 class="font-serif text-lg">Your password</h2>
        <p class="text-faint">{{ session.user?.name }}, {{ session.user?.email }}</p>
        <input type="hidden" autocomplete="username" :value="session.user?.email" />
        <label class="block">
            <FieldLabel text="Password until now" />
            <input
                v-model="typed.current"
                class="field"
                type="password"
                autocomplete="current-password"
                :aria-invalid="!!errors.current"
            />
            <span v-if="errors.current" class="fault" role="alert">{{ errors.current[0] }}</span>
        </label>
        <label class="block">
            <FieldLabel text="New password, 12 characters at least" />
            <input
                v-model="typed.password"
                class="field"
                type="password"
                autocomplete="new-password"
                :aria-invalid="!!errors.password"
            />
            <span v-if="errors.password" class="fault" role="alert">{{ errors.password[0] }}</span>
        </label>
        <button class="action action-main" :disabled="!typed.current || !typed.password">Change password</button>
    </form>
</template>
