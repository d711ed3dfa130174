<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import type { LoadDocument } from '@/contract/member'

/** The rarer loads, by group. */
defineProps<{ kinds: Record<LoadDocument['kind'], string> }>()
const emit = defineEmits<{ add: [kind: LoadDocument['kind']] }>()

/** A rotation is rarer still: it is made from a settlement. */
const GROUPS: [string, LoadDocument['kind'][]][] = [
    ['From floors', ['slab', 'lengths', 'concentrated']],
    ['That move', ['train']],
    ['Without a force', ['settlement', 'temperature', 'warming']],
]
</script>

<template>
    <Menu as="div">
        <MenuButton class="quiet underline">+ Another load</MenuButton>
        <MenuItems class="absolute top-full left-0 z-10 w-64 border border-ink bg-sheet py-1">
            <div v-for="[title, group] in GROUPS" :key="title" role="group" :aria-label="title">
                <p class="px-3 pt-1 text-xs text-faint" aria-hidden="true">{{ title }}</p>
                <MenuItem v-for="kind in group" :key="kind" v-slot="{ active }">
                    <button
                        class="block w-full px-3 py-1 text-left"
                        :class="active ? 'bg-shade' : ''"
                        @click="emit('add', kind)"
                    >
                        {{ kinds[kind] }}
                    </button>
                </MenuItem>
            </div>
        </MenuItems>
    </Menu>
</template>
