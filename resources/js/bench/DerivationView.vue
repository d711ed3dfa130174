<script setup lang="ts">
import SymbolText from '@/components/SymbolText.vue'
import Tex from '@/components/Tex.vue'
import type { DerivationLine } from '@/contract/result'

/** The lines of a derivation: formula, values put in, result, clause. On the sheet and on the bench alike. */
defineProps<{ lines: DerivationLine[] }>()
</script>

<template>
    <div class="derivation">
        <div v-for="(l, i) in lines" :key="i" class="derivation-line">
            <div class="derivation-formula">
                <template v-if="l.formula">
                    <Tex :tex="`${l.symbol} = ${l.formula}`" fit />
                    <Tex :tex="`= ${l.values}`" fit />
                    <Tex :tex="`= ${l.result}`" fit />
                </template>
                <Tex v-else :tex="`${l.symbol} = ${l.result}`" fit />
            </div>
            <div v-if="l.clause || l.note" class="derivation-source"><SymbolText :text="[l.clause, l.note].filter(Boolean).join('; ')" /></div>
        </div>
    </div>
</template>
