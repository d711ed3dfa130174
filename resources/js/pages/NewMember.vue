<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { type MaterialId, MATERIALS } from '@/materials'

/** Asks what a new member is made of. */
const emit = defineEmits<{ add: [material: MaterialId] }>()
</script>

<template>
    <Menu as="div" class="relative">
        <MenuButton class="action action-main">New member</MenuButton>
        <MenuItems class="absolute right-0 z-10 mt-1 min-w-full border border-ink bg-sheet py-1">
            <MenuItem v-for="(of, id) in MATERIALS" :key="id" v-slot="{ active }">
                <button class="block w-full px-3 py-1 text-left" :class="active ? 'bg-shade' : ''" @click="emit('add', id)">{{ of.label }}</button>
            </MenuItem>
        </MenuItems>
    </Menu>
</template>
