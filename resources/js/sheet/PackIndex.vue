<script setup lang="ts">
import { ratioText } from '@/lib/ratio'
import { VERDICTS } from '@/lib/verdict'
import type { PackIndexContent } from '@/print'

/** First page of a pack: every member with its verdict and page, and a place to sign. */
defineProps<{ index: PackIndexContent }>()
</script>

<template>
    <article class="sheet">
        <header class="sheet-title">
            <div>
                <span class="sheet-office">{{ index.office }}</span>
                <h1>{{ index.job }}</h1>
            </div>
            <dl>
                <dt>Number</dt>
                <dd>{{ index.number || '–' }}</dd>
                <dt>Client</dt>
                <dd>{{ index.client || '–' }}</dd>
                <dt>Date</dt>
                <dd>{{ index.date }}</dd>
            </dl>
        </header>
        <h2>Members</h2>
        <table class="sheet-table sheet-index">
            <thead>
                <tr>
                    <th>Mark</th>
                    <th>Title</th>
                    <th>Section</th>
                    <th>Heaviest weighing</th>
                    <th class="number">Ratio</th>
                    <th>Verdict</th>
                    <th class="number">Page</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(s, i) in index.sheets" :key="i">
                    <td>{{ s.mark }}</td>
                    <td>{{ s.title }}</td>
                    <td>{{ s.section }}</td>
                    <td>{{ s.governs }}</td>
                    <td class="number">{{ s.state === 'uncovered' ? '–' : ratioText(s.ratio) }}</td>
                    <td>{{ VERDICTS[s.state] }}</td>
                    <td class="number">{{ s.page }}</td>
                </tr>
                <tr v-for="(m, i) in index.left" :key="`left${i}`">
                    <td>{{ m.mark }}</td>
                    <td>{{ m.title }}</td>
                    <td colspan="5">no sheet: {{ m.reason }}</td>
                </tr>
            </tbody>
        </table>
        <table class="sheet-table" style="margin-top: 12mm; width: 60%">
            <tbody>
                <tr v-for="who in ['Made by', 'Checked by']" :key="who">
                    <td style="padding: 5mm 0 1mm">{{ who }}</td>
                    <td style="padding: 5mm 0 1mm">Date</td>
                </tr>
            </tbody>
        </table>
    </article>
</template>
