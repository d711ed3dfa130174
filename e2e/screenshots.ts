import { expect, test } from '@playwright/test'
import { enterDemo, strips, verdict } from './steps'

/** The pictures of docs/screenshots, from the demo: npm run screenshots. */
test('every main view', async ({ page }) => {
    const shot = async (name: string): Promise<void> => {
        await page.mouse.move(640, 60)
        await page.waitForTimeout(400)
        await page.screenshot({ path: `docs/screenshots/${name}.png` })
    }
    await page.goto('/')
    await expect(page.getByRole('button', { name: 'Enter the demo' })).toBeVisible()
    await shot('sign-in')
    await enterDemo(page)
    await shot('job-list')
    await page.getByRole('link', { name: 'Grebe Point Rowing Club' }).first().click()
    await expect(page.getByRole('heading', { name: 'Members' })).toBeVisible()
    await shot('job')

    const open = async (mark: string): Promise<void> => {
        await page.goto('/jobs')
        await page.getByRole('link', { name: 'Grebe Point Rowing Club' }).first().click()
        await page.getByRole('link', { name: mark, exact: true }).click()
        await expect(verdict(page)).toContainText(/Holds|Does not hold/)
    }
    await open('B2')
    await strips(page).focus()
    for (let i = 0; i < 7; i++) await page.keyboard.press('Shift+ArrowRight')
    await shot('bench')
    await page.getByRole('button', { name: /Lateral-torsional buckling, bottom flange/ }).click()
    await shot('derivation')
    await open('B3')
    await page.getByRole('tab', { name: 'Shortlist' }).click()
    await expect(page.getByText(/sections hold/)).toBeVisible()
    await page.getByRole('button', { name: /^Load People/ }).focus()
    await shot('shortlist')
    await page.getByRole('tab', { name: 'Forces' }).click()
    await shot('forces')
    await open('B1')
    await page.getByRole('link', { name: 'Sheet' }).click()
    await expect(page.getByRole('heading', { name: 'Summary' })).toBeVisible()
    await shot('sheet')
})
