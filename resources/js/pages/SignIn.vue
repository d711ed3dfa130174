<script setup lang="ts">
import FieldLabel from '@/components/FieldLabel.vue'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiError } from '@/lib/api'
import { session } from '@/lib/session'

const router = useRouter()
const route = useRoute()
const email = ref('')
const password = ref('')
const errors = ref<Record<string, string[]>>({})
const message = ref('')
const busy = ref(false)

async function enter(how: () => Promise<void>): Promise<void> {
    busy.value = true
    message.value = ''
    errors.value = {}
    try {
        await how()
        const to = route.query.to
        await router.push(typeof to === 'string' && to.startsWith('/') && !to.startsWith('//') ? to : '/jobs')
    } catch (e) {
        if (e instanceof ApiError) {
            errors.value = e.errors
            if (Object.keys(e.errors).length === 0) message.value = e.message
        } else throw e
    } finally {
        busy.value = false
    }
}
</script>

<template>
    <main class="grid h-full grid-cols-[1fr_26rem]">
        <section class="flex flex-col justify-center border-r border-rule px-24">
            <svg viewBox="0 0 400 120" class="mb-10 w-full max-w-lg text-ink" aria-hidden="true">
                <g fill="none" stroke="currentColor" stroke-width="1.4">
                    <path d="M20 50H380M20 58H380" stroke-width="2" />
                    <path d="M20 58l-10 16h20zM250 58l-10 16h20z" />
                    <path d="M20 22H380V44M20 22V44" stroke-width="1" />
                    <path v-for="i in 17" :key="i" :d="`M${20 + i * 20} 22V44m-2.5-5 2.5 5 2.5-5`" stroke-width="0.8" />
                    <path
                        d="M20 96C80 124 190 124 250 92M250 92C300 74 350 96 380 96"
                        class="text-accent"
                        stroke="currentColor"
                        stroke-width="2"
                    />
                    <path d="M20 96H380" stroke-width="0.8" />
                </g>
            </svg>
            <h1 class="font-serif text-4xl">Waage</h1>
            <p class="mt-3 max-w-md text-lg text-faint">
                One member on the scales: what acts on it, what it carries, and a calculation sheet that a checker can
                follow.
            </p>
        </section>
        <section class="flex flex-col justify-center bg-sheet px-12">
            <form class="space-y-3" novalidate @submit.prevent="enter(() => session.signIn(email, password))">
                <label class="block">
                    <FieldLabel text="E-mail address" />
                    <input
                        v-model="email"
                        class="field"
                        type="email"
                        autocomplete="username"
                        :aria-invalid="!!errors.email"
                    />
                    <span v-if="errors.email" class="fault" role="alert">{{ errors.email[0] }}</span>
                </label>
                <label class="block">
                    <FieldLabel text="Password" />
                    <input
                        v-model="password"
                        class="field"
                        type="password"
                        autocomplete="current-password"
                        :aria-invalid="!!errors.password"
                    />
                    <span v-if="errors.password" class="fault" role="alert">{{ errors.password[0] }}</span>
                </label>
                <p v-if="message" class="fault" role="alert">{{ message }}</p>
                <button class="action action-main w-full" :disabled="busy">Sign in</button>
            </form>
            <div v-if="session.demo" class="mt-8 border-t border-rule pt-6">
                <p class="mb-2 text-faint">Look around in a made-up job: the Grebe Point Rowing Club.</p>
                <button class="action w-full" :disabled="busy" @click="enter(() => session.enterDemo())">
                    Enter the demo
                </button>
            </div>
        </section>
    </main>
</template>
