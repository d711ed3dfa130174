<script setup lang="ts">
import { computed } from 'vue'
import type { Summary } from '@/lib/jobs'

/** The outline of a member for a list: line, supports, where it is loaded. */
const props = defineProps<{ summary: Summary }>()
const W = 120
const scale = computed(() => (W - 12) / (props.summary.length || 1))
const sx = (x: number): number => 6 + x * scale.value
</script>

<template>
    <svg v-if="summary.length" :viewBox="`0 0 ${W} 26`" class="h-6.5 w-30 text-ink" aria-hidden="true">
        <g fill="none" stroke="currentColor">
            <template v-for="(l, i) in summary.loads" :key="i">
                <path
                    v-if="l.from === l.to"
                    :d="`M${sx(l.from)} 2V12m-2-4 2 4 2-4`"
                    stroke-width="1"
                    class="text-accent"
                    stroke="currentColor"
                />
                <path
                    v-else
                    :d="`M${sx(l.from)} 8H${sx(l.to)}`"
                    stroke-width="2"
                    class="text-accent"
                    stroke="currentColor"
                    opacity="0.5"
                />
            </template>
            <path :d="`M${sx(0)} 14H${sx(summary.length)}`" stroke-width="2" />
            <path
                v-for="s in summary.supports"
                :key="s.x"
                :d="s.fixed ? `M${sx(s.x)} 8V21` : `M${sx(s.x)} 15l-4 7h8z`"
                :stroke-width="s.fixed ? 2.5 : 1"
            />
        </g>
    </svg>
</template>
