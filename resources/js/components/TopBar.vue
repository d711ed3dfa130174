<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router'
import KeyMap from '@/components/KeyMap.vue'
import { away } from '@/lib/api'
import { session } from '@/lib/session'

const router = useRouter()
const route = useRoute()

async function leave(): Promise<void> {
    await session.signOut()
    await router.push('/')
}
</script>

<template>
    <header class="flex h-11 shrink-0 items-center gap-3 border-b border-ink bg-sheet px-4">
        <RouterLink to="/jobs" class="flex items-center gap-2 font-serif text-lg"
            ><img :src="'/icon.svg'" alt="" class="h-6" />Waage</RouterLink
        >
        <slot />
        <span class="ml-auto flex items-center gap-3">
            <span v-if="away" class="fault" role="status">The server cannot be reached; your work is kept here.</span>
            <slot name="right" />
            <RouterLink v-if="route.name !== 'tools'" class="quiet" to="/tools">Tools</RouterLink>
            <span v-if="session.user?.demo" class="text-faint">{{ session.user.office }}</span>
            <RouterLink v-else class="quiet" to="/account" title="Your password and the people of the office">{{
                session.user?.office
            }}</RouterLink>
            <KeyMap />
            <button class="quiet" @click="leave">Sign out</button>
        </span>
    </header>
</template>
