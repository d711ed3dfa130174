import { createApp, h, nextTick } from 'vue'
import type { Sheet } from '@/contract/sheet'
import type { VerdictState } from '@/lib/verdict'
import PackIndex from '@/sheet/PackIndex.vue'
import SheetPaper from '@/sheet/SheetPaper.vue'
import '../css/print.css'

/** What the server hands over to be printed: a sheet, several of a pack, or the index of a pack. */
export interface PrintContent {
    sheets: Sheet[]
    index?: PackIndexContent
    /** The sheets are bound with others: pages are counted by sheet. */
    pack?: boolean
}
export interface PackIndexContent {
    job: string
    number: string
    client: string
    office: string
    date: string
    sheets: {
        mark: string
        title: string
        section: string
        governs: string
        ratio: number | null
        state: VerdictState
        page: number
    }[]
    left: { mark: string; title: string; reason: string }[]
}
declare global {
    interface Window {
        waageSheets: PrintContent
    }
}

const { sheets, index, pack } = window.waageSheets

/**
 * Every page says at its head which job and member it belongs to, and at its foot which page of its sheet it is: a
 * named page with a counter of its own for each sheet.
 */
const quoted = (...texts: string[]): string =>
    `"${texts.filter(Boolean).join('  ').replace(/[\\"]/g, '\\$&').replace(/\s+/g, ' ')}"`
const style = document.createElement('style')
style.textContent = sheets
    .map(({ job, mark, title }, i) => {
        const foot = pack ? `@bottom-right { content: ${quoted(mark || 'Sheet')} ", page " counter(sheet${i}); }` : ''
        const head = `@top-left { content: ${quoted(job.number, job.job)}; } @top-right { content: ${quoted(mark, title)}; }`
        return `@page sheet${i} { counter-increment: sheet${i}; ${head} ${foot} } #sheet-${i} { page: sheet${i}; }`
    })
    .join('\n')
document.head.append(style)
document.title = index ? `${index.job}, calculation sheets` : `${sheets[0]?.mark} ${sheets[0]?.title}`.trim()

createApp({
    render: () => [
        index ? h(PackIndex, { index }) : null,
        ...sheets.map((sheet, i) =>
            h('div', { id: `sheet-${i}`, style: i > 0 ? 'break-before: page' : '' }, [h(SheetPaper, { sheet })]),
        ),
    ],
}).mount('#print')

// Once every formula is measured nobody looks at the page on a screen: it need not be laid out and painted for one.
void nextTick(() => document.body.classList.add('measured'))
