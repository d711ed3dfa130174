import { expect, test } from '@playwright/test'
import { addLoad, loadCase, newMember, saved, verdict } from './steps'

test('from an empty job to a printed sheet', async ({ page }) => {
    await newMember(page)

    // Draw and load: 5.7 m with 8 kN/m permanent and 6 kN/m imposed.
    await page.getByLabel('Length of the member').fill('5.7')
    await addLoad(page, 'Line load', '8')
    await addLoad(page, 'Area load × width', '2 kN/m²')
    await page.getByLabel('Width carried').fill('6/2')
    await loadCase(page).selectOption('Imposed')
    await expect(page.getByText('= 3 m')).toBeVisible()

    // Forces: (1.35 (8 + 0.41) + 1.5 · 6) 5.7² / 8 = 82.7 kNm.
    await page.getByRole('tab', { name: 'Forces' }).click()
    await expect(page.getByRole('tabpanel')).toContainText('82.7 kNm')
    await expect(page.getByRole('tabpanel')).toContainText('Self-weight')

    // Weighings: unrestrained, buckling governs and is named.
    await page.getByRole('tab', { name: 'Scales' }).click()
    await expect(verdict(page)).toContainText('Lateral-torsional buckling')
    await page.getByRole('button', { name: /Lateral-torsional buckling/ }).click()
    await expect(page.locator('.derivation')).toContainText('6.3.2.3')
    await expect(page.locator('.derivation math').first()).toBeVisible()

    // A section from the shortlist by keyboard; what changed is shown.
    await page.getByRole('tab', { name: 'Shortlist' }).click()
    await expect(page.getByText(/of 90 sections hold/)).toBeVisible()
    await page.getByRole('tabpanel').getByLabel('sort by').selectOption('depth')
    const first = page.getByRole('tabpanel').locator('tbody button').first()
    await first.focus()
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await expect(verdict(page)).toContainText('Before: IPE 300 S355')
    await expect(verdict(page)).toContainText('Holds')
    await saved(page)

    // The sheet on screen and as PDF.
    await page.getByRole('link', { name: 'Sheet' }).click()
    await expect(page.getByRole('heading', { name: 'Assumptions and limits' })).toBeVisible()
    await expect(page.locator('.sheet')).toContainText(/8\d\.\d kNm/)
    const pdf = await page.request.get((await page.getByRole('link', { name: 'PDF' }).getAttribute('href')) ?? '')
    expect(pdf.status()).toBe(200)
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
    await page.getByLabel('Extent').selectOption('brief sheet')
    await expect(page.getByRole('heading', { name: /^Weighings/ })).toHaveCount(0)
})

test('a continuous beam with pattern loading, by keyboard alone', async ({ page }) => {
    await newMember(page)
    const length = page.getByLabel('Length of the member')
    await length.fill('12 m')
    await page.getByRole('button', { name: 'Add a support' }).press('Enter')
    await expect(page.getByLabel('Support 2 at x')).toHaveValue('6 m')
    await page.getByRole('button', { name: '+ Line load' }).press('Enter')
    await page.getByLabel('Value at start').fill('10')
    await loadCase(page).selectOption('Imposed')
    await page.getByRole('tab', { name: 'Forces' }).press('Enter')
    // One span loaded: 49/512 · 1.5 · 10 · 36 = 51.7 kNm, with permanent self-weight a little more.
    await expect(page.getByRole('tabpanel')).toContainText('Imposed on span 1')
    await expect(page.getByRole('tabpanel')).toContainText('Imposed on all spans')
})

test('an incomplete or impossible member says so and keeps what was typed', async ({ page }) => {
    await newMember(page)
    const length = page.getByLabel('Length of the member')
    for (const [text, says] of [
        ['-3', 'must be greater than zero'],
        ['1/0', 'divides by zero'],
        ['10^30', 'is not a number, a unit or a sign'],
        ['6 ells', 'is not a unit Waage knows'],
        ['', 'Nothing is entered'],
        ['9'.repeat(400), 'too long'],
    ] as const) {
        await length.fill(text)
        await expect(page.getByText(new RegExp(says)).first()).toBeVisible()
        await expect(length).toHaveValue(text)
        await expect(page.getByText('The strips show the last complete state.')).toBeVisible()
    }
    await saved(page)
    await page.reload()
    await expect(page.getByLabel('Length of the member')).toHaveValue(/^9{400}/)
    await page.getByLabel('Length of the member').fill('6 m')
    await page.getByRole('button', { name: 'Remove support 2' }).click()
    await expect(page.getByText('it can turn about it').first()).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('it can turn about it')).toHaveCount(0)
})
