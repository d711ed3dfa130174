<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import katex from 'katex'
import { computed, onMounted, ref, watch } from 'vue'

/** A formula; with `fit` it is set smaller when its column is too narrow for it. */
const props = defineProps<{ tex: string; fit?: boolean }>()
// As MathML, which the browser sets itself: a tenth of the elements of a drawn formula, and readable aloud.
const html = computed(() =>
    katex
        .renderToString(props.tex, { throwOnError: false, output: 'mathml' })
        .replace(/<annotation.*?<\/annotation>/s, ''),
)
const root = ref<HTMLElement | null>(null)
const size = ref(1)
const SMALLEST = 0.5

function measure(): void {
    const column = root.value?.parentElement?.clientWidth ?? 0
    const wide = (root.value?.offsetWidth ?? 0) / size.value
    if (column > 0 && wide > 0) size.value = Math.max(SMALLEST, Math.min(1, (0.94 * column) / wide))
}

if (props.fit) {
    onMounted(() => {
        measure()
        void document.fonts?.ready.then(measure)
    })
    watch(html, measure, { flush: 'post' })
    useResizeObserver(() => root.value?.parentElement ?? null, measure)
}
</script>

<template>
    <!-- eslint-disable-next-line vue/no-v-html : KaTeX's own output of a formula of the core -->
    <span ref="root" class="formula" :style="size < 1 ? { fontSize: `${size}em` } : undefined" v-html="html"></span>
</template>
