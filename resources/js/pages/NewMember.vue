<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { KINDS, type KindId } from '@/lib/kinds'
import { startName, useStarts } from '@/lib/starts'
import { type MaterialId, MATERIALS, type RulesFamily } from '@/materials'

/** Asks what a new member is, and what it is made of; or where it comes from. */
const props = defineProps<{ family: RulesFamily | '' }>()
const emit = defineEmits<{ add: [material: MaterialId, kind: KindId]; from: [where: 'copy' | 'paste'] }>()
const { starts } = useStarts()
const kindsOf = (id: MaterialId): KindId[] => Object.keys(MATERIALS[id].kinds) as KindId[]
const isOwn = (id: MaterialId, kind: KindId): boolean => startName(id, kind, props.family) in starts.value
const FROM = { copy: 'Copy of a member …', paste: 'Paste a member file …' } as const
</script>

<template>
    <Menu as="div" class="relative">
        <MenuButton class="action action-main">New member</MenuButton>
        <MenuItems class="absolute right-0 z-10 mt-1 border border-ink bg-sheet py-2">
            <div class="flex">
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
                            <span
                                v-if="isOwn(id, kind)"
                                class="text-xs text-faint"
                                title="Starts as your office has said"
                                >ours</span
                            >
                        </button>
                    </MenuItem>
                </div>
            </div>
            <div class="mt-1 border-t border-rule pt-1">
                <MenuItem v-for="(label, where) in FROM" :key="where" v-slot="{ active }">
                    <button
                        class="block w-full px-3 py-1 text-left"
                        :class="active ? 'bg-shade' : ''"
                        @click="emit('from', where)"
                    >
                        {{ label }}
                    </button>
                </MenuItem>
            </div>
        </MenuItems>
    </Menu>
</template>
