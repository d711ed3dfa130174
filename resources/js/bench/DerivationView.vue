<script setup lang="ts">
import { computed } from 'vue'
import SymbolText from '@/components/SymbolText.vue'
import Tex from '@/components/Tex.vue'
import type { DerivationLine } from '@/contract/result'

/**
 * The lines of a derivation: formula, values put in, result, clause. Values that are given flow in a row. On the sheet
 * and on the bench alike.
 */
const props = defineProps<{ lines: DerivationLine[] }>()
const source = (l: DerivationLine): string => [l.clause, l.note].filter(Boolean).join('; ')

const rows = computed(() => {
    const list: { given: DerivationLine[]; line?: DerivationLine }[] = []
    for (const line of props.lines) {
        const last = list.at(-1)
        if (line.formula) list.push({ given: [], line })
        else if (last && !last.line) last.given.push(line)
        else list.push({ given: [line] })
    }
    return list
})
</script>

<template>
    <div class="derivation">
        <template v-for="({ given, line }, i) in rows" :key="i">
            <div v-if="line" class="derivation-line">
                <div class="derivation-formula">
                    <Tex :tex="`${line.symbol} = ${line.formula}`" fit />
                    <Tex :tex="`= ${line.values}`" fit />
                    <Tex :tex="`= ${line.result}`" fit />
                </div>
                <div v-if="source(line)" class="derivation-source"><SymbolText :text="source(line)" /></div>
            </div>
            <div v-else class="derivation-given">
                <span v-for="(l, k) in given" :key="k">
                    <Tex :tex="`${l.symbol} = ${l.result}`" />
                    <span v-if="source(l)" class="derivation-source"><SymbolText :text="source(l)" /></span>
                </span>
            </div>
        </template>
    </div>
</template>
