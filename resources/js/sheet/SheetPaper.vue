<script setup lang="ts">
import { computed } from 'vue'
import BalanceBeam from '@/components/BalanceBeam.vue'
import SymbolText from '@/components/SymbolText.vue'
import Tex from '@/components/Tex.vue'
import DerivationView from '@/bench/DerivationView.vue'
import type { Collapse } from '@/contract/collapse'
import type { Influence } from '@/contract/influence'
import type { Result } from '@/contract/result'
import type { Sheet } from '@/contract/sheet'
import { ratioText } from '@/lib/ratio'
import { isFine, verdictTitle } from '@/lib/verdict'
import SheetFigure from '@/sheet/SheetFigure.vue'
import SheetTable from '@/sheet/SheetTable.vue'
import BucklingShape from '@/strips/BucklingShape.vue'

/** One calculation sheet, on screen as it prints. */
const props = defineProps<{ sheet: Sheet }>()
const result = computed(() => props.sheet.result as unknown as Result)
const collapse = computed(() => props.sheet.collapse as unknown as Collapse | undefined)
const influence = computed(() => (props.sheet.influence ?? []) as unknown as Influence[])
const weighing = (id: string) => result.value.weighings.find((w) => w.id === id)
const TITLE: [string, keyof Sheet['job']][] = [
    ['Job', 'job'],
    ['Number', 'number'],
    ['Client', 'client'],
    ['Engineer', 'engineer'],
    ['Checked by', 'checker'],
    ['Revision', 'revision'],
    ['Date', 'date'],
]
</script>

<template>
    <article class="sheet" :class="{ 'sheet-brief': !sheet.full }">
        <header class="sheet-title">
            <div>
                <span class="sheet-office">{{ sheet.job.office }}</span>
                <h1>
                    {{ sheet.mark }} <span v-if="sheet.title">{{ sheet.title }}</span>
                </h1>
            </div>
            <dl>
                <template v-for="[label, key] in TITLE" :key="key">
                    <dt>{{ label }}</dt>
                    <dd>{{ sheet.job[key] || '–' }}</dd>
                </template>
            </dl>
        </header>
        <template v-for="(b, i) in sheet.blocks" :key="i">
            <h2 v-if="b.type === 'heading'">{{ b.text }}</h2>
            <p v-else-if="b.type === 'text'"><SymbolText :text="b.text" /></p>
            <p v-else-if="b.type === 'verdict'" class="sheet-verdict">
                <BalanceBeam :ratio="b.ratio" :holds="isFine(b.state)" :open="b.state === 'uncovered'" />
                <span>
                    <b
                        >{{ verdictTitle(b.state)
                        }}<template v-if="b.ratio !== null">, {{ ratioText(b.ratio) }}</template
                        >.</b
                    >
                    {{ b.text }}
                </span>
            </p>
            <p v-else-if="b.type === 'values'" class="sheet-values">
                <span v-for="t in b.items" :key="t"><Tex :tex="t" /></span>
            </p>
            <template v-else-if="b.type === 'list'">
                <h3 v-if="b.title" class="sheet-group">{{ b.title }}</h3>
                <ul>
                    <li v-for="t in b.items" :key="t"><SymbolText :text="t" /></li>
                </ul>
            </template>
            <SheetTable v-else-if="b.type === 'table'" :block="b" />
            <SheetFigure
                v-else-if="b.type === 'figure'"
                :block="b"
                :result="result"
                :collapse="collapse"
                :influence="influence[b.index ?? 0]"
                :units="sheet.units"
            />
            <section v-else-if="b.type === 'derivation'" class="sheet-weighing">
                <DerivationView :lines="b.lines" />
            </section>
            <section v-else-if="b.type === 'weighing' && weighing(b.id)" class="sheet-weighing">
                <template v-for="w in [weighing(b.id)!]" :key="w.id">
                    <h3>
                        <BalanceBeam :ratio="w.ratio" :holds="w.holds" :open="w.state === 'not covered'" />
                        {{ w.title }}
                        <span>{{ w.clause }}</span>
                        <b v-if="w.ratio !== null && w.state !== 'not covered'"
                            >{{ ratioText(w.ratio, 3) }} {{ w.holds ? 'holds' : 'does not hold' }}</b
                        >
                        <b v-else-if="w.state === 'not covered'">not covered</b>
                    </h3>
                    <p v-if="w.combination" class="sheet-note">
                        {{ [w.combination, w.arrangement].filter(Boolean).join(', ') }}
                    </p>
                    <p v-if="w.remark"><SymbolText :text="w.remark" /></p>
                    <p v-if="w.said" class="sheet-said"><b>Remark.</b> {{ w.said }}</p>
                    <BucklingShape
                        v-if="w.shape.length"
                        :shape="w.shape"
                        :member="result.member"
                        :units="sheet.units"
                    />
                    <DerivationView :lines="w.lines" />
                </template>
            </section>
        </template>
    </article>
</template>
