<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'

/** The keys of the program, shown by the key "?". */
const open = ref(false)
const KEYS: [string, [string, string][]][] = [
    [
        'Strips',
        [
            ['← →', 'move the reading line; with Shift ten times as far, with Alt a tenth'],
            ['Enter', 'put a load or a support at the reading line'],
            ['Space', 'tell what the moment at the reading line is made of'],
            ['Tab', 'to the loads and supports of the drawing, which the arrow keys move'],
        ],
    ],
    [
        'Bench',
        [
            ['Ctrl+Z, Ctrl+Y', 'undo, redo'],
            ['Esc', 'close what is open'],
            ['?', 'this list'],
        ],
    ],
    [
        'Tables',
        [
            ['Tab, Enter', 'to the next field, to the next row; after the last one a new row begins'],
            ['↑ ↓', 'the row above or below'],
        ],
    ],
]
useEventListener(window, 'keydown', (event) => {
    const at = event.target as HTMLElement
    if (event.key !== '?' || ['INPUT', 'TEXTAREA', 'SELECT'].includes(at.tagName)) return
    event.preventDefault()
    open.value = true
})
</script>

<template>
    <button class="quiet" title="Keys" aria-label="Keys" @click="open = true">?</button>
    <Dialog :open="open" class="relative z-20" @close="open = false">
        <div class="fixed inset-0 bg-ink/20" aria-hidden="true"></div>
        <div class="fixed inset-0 flex items-center justify-center">
            <DialogPanel class="w-xl border border-ink bg-sheet p-5">
                <DialogTitle class="font-serif text-xl">Keys</DialogTitle>
                <template v-for="[title, keys] in KEYS" :key="title">
                    <h2 class="mt-3 text-xs text-faint">{{ title }}</h2>
                    <dl class="grid grid-cols-[9rem_1fr] gap-y-1">
                        <template v-for="[key, does] in keys" :key="key">
                            <dt>
                                <kbd class="border border-rule px-1 font-sans">{{ key }}</kbd>
                            </dt>
                            <dd>{{ does }}</dd>
                        </template>
                    </dl>
                </template>
                <button class="action mt-4" @click="open = false">Close</button>
            </DialogPanel>
        </div>
    </Dialog>
</template>
