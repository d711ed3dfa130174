<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { KINDS, type KindId } from '@/lib/kinds'
import { type MaterialId, MATERIALS } from '@/materials'

/** Asks what a new member is, and what it is made of. */
const emit = defineEmits<{ add: [material: MaterialId, kind: KindId] }>()
const kindsOf = (id: MaterialId): KindId[] => Object.keys(MATERIALS[id].kinds) as KindId[]
</script>

<template>
    <Menu as="div" class="relative">
        <MenuButton class="action action-main">New member</MenuButton>
        <MenuItems class="absolute right-0 z-10 mt-1 flex border border-ink bg-sheet py-2">
            <div v-for="(of, id) in MATERIALS" :key="id" role="group" :aria-label="of.label" class="min-w-28">
                <p class="px-3 pb-1 font-serif font-semibold" aria-hidden="true">{{ of.label }}</p>
                <MenuItem v-for="kind in kindsOf(id)" :key="kind" v-slot="{ active }">
                    <button
                        class="block w-full px-3 py-1 text-left"
                        :class="active ? 'bg-shade' : ''"
                        :aria-label="`${of.label} ${KINDS[kind].label}`"
                        @click="emit('add', id, kind)"
                    >
                        {{ KINDS[kind].label }}
                    </button>
                </MenuItem>
            </div>
        </MenuItems>
    </Menu>
</template>
