<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'

/** A part of the definition: folds to one line that says what is in it. */
defineProps<{ title: string; summary: string; open?: boolean; faulty?: boolean }>()
</script>

<template>
    <Disclosure
        v-slot="{ open: isOpen }"
        as="section"
        :data-part="title"
        class="scroll-mt-7 border-b border-rule"
        :default-open="open"
    >
        <DisclosureButton class="flex w-full items-baseline gap-2 px-3 py-1.5 text-left hover:bg-shade">
            <span class="w-2.5 text-faint">{{ isOpen ? '–' : '+' }}</span>
            <span class="font-semibold">{{ title }}</span>
            <span v-if="faulty" class="fault">see field</span>
            <span v-if="!isOpen" class="ml-auto truncate pl-2 text-xs text-faint">{{ summary }}</span>
        </DisclosureButton>
        <DisclosurePanel class="px-3 pb-3"><slot /></DisclosurePanel>
    </Disclosure>
</template>
