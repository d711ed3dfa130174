// How long the first screen and the bench take in the browser, and how much script they load.
import { chromium } from '@playwright/test'

const base = process.env.WAAGE_URL
const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
})
const median = (list) => list.sort((a, b) => a - b)[Math.floor(list.length / 2)]
const first = []
for (let i = 0; i < 6; i++) {
    const page = await (await browser.newContext()).newPage()
    const start = performance.now()
    await page.goto(base)
    await page.getByRole('button', { name: 'Enter the demo' }).waitFor()
    if (i > 0) first.push(performance.now() - start)
    await page.context().close()
}
const page = await (await browser.newContext()).newPage()
let script = 0
page.on('response', async (r) => {
    if (r.url().endsWith('.js')) script += (await r.request().sizes()).responseBodySize
})
await page.goto(base)
await page.getByRole('button', { name: 'Enter the demo' }).click()
await page.getByRole('link', { name: 'Grebe Point Rowing Club' }).first().click()
await page.getByRole('link', { name: 'B2', exact: true }).click()
await page
    .getByRole('group', { name: /^Strips/ })
    .locator('svg')
    .waitFor()
await page.waitForTimeout(300)
await browser.close()
console.log('\nIn the browser:')
console.log(
    `${'First screen, empty cache'.padEnd(66)} ${median(first).toFixed(1).padStart(9)} ms   limit   1000 ms   ${(median(first) / 1000).toFixed(2).padStart(5)} of it`,
)
console.log(
    `${'Script on the bench, gzipped'.padEnd(66)} ${(script / 1000).toFixed(1).padStart(9)} kB   limit    350 kB   ${(script / 350_000).toFixed(2).padStart(5)} of it`,
)
