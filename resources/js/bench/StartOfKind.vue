<script setup lang="ts">
import { computed } from 'vue'
import type { Editor } from '@/bench/editor'
import { ApiError } from '@/lib/api'
import { KINDS, type KindId } from '@/lib/kinds'
import { notice } from '@/lib/notice'
import { startName, useStarts } from '@/lib/starts'
import { familyOf, materialOf } from '@/materials'

/** Lets new members of the office start like this one, and puts back what they started from before. */
const props = defineProps<{ editor: Editor }>()
const { starts, keep, putBack } = useStarts()
const document = computed(() => props.editor.document.value)
const what = computed(() => {
    const kind = document.value?.kind
    return kind && kind in KINDS
        ? `${materialOf(document.value).label.toLowerCase()} ${KINDS[kind as KindId].label}s`
        : ''
})
const name = computed(() => {
    return startName(
        document.value?.material ?? 'steel',
        document.value?.kind ?? '',
        familyOf(props.editor.job.value?.basis.combinations),
    )
})

async function act(action: () => Promise<void>, said: string): Promise<void> {
    try {
        await action()
        notice.say(said)
    } catch (e) {
        if (!(e instanceof ApiError)) throw e
        notice.say(e.message)
    }
}
</script>

<template>
    <p v-if="document && what" class="mt-2 flex flex-wrap items-center gap-x-2 text-xs">
        <button
            class="quiet px-0! underline"
            @click="
                act(() => keep(name, document!), `New ${what} of the office start like this one, without its loads.`)
            "
        >
            Let new {{ what }} start like this
        </button>
        <button
            v-if="starts[name]"
            class="quiet px-0! underline"
            @click="act(() => putBack(name), `New ${what} start from what comes with the program again.`)"
        >
            Put back
        </button>
    </p>
</template>
