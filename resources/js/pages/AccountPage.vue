<script setup lang="ts">
import TopBar from '@/components/TopBar.vue'
import { session } from '@/lib/session'
import PasswordForm from '@/pages/PasswordForm.vue'
import PeopleTable from '@/pages/PeopleTable.vue'
import NoticeLine from '@/components/NoticeLine.vue'
</script>

<template>
    <div class="flex h-full flex-col">
        <TopBar>
            <span class="text-rule">/</span>
            <span class="font-semibold">{{ session.user?.office }}</span>
        </TopBar>
        <main class="grid min-h-0 grow grid-cols-[1fr_23rem]">
            <section class="min-h-0 overflow-auto px-6 py-5">
                <h1 class="font-serif text-2xl">People of the office</h1>
                <PeopleTable v-if="session.user?.admin" />
                <p v-else class="mt-4 text-faint">
                    An administrator of the office adds and removes people. You can change your own password here.
                </p>
            </section>
            <aside class="min-h-0 overflow-auto border-l border-rule bg-sheet px-5 py-5">
                <PasswordForm v-if="session.user && !session.user.demo" />
            </aside>
        </main>
        <NoticeLine />
    </div>
</template>
