import { expect, test } from '@playwright/test'
import { copyDemo, openDemoMember, verdict } from './steps'

test('weighs a girder by the American standard, its derivation in the symbols of it', async ({ page }) => {
    await openDemoMember(page, 'A1', 'Heron Landing Library')
    await expect(verdict(page)).toContainText('Holds')
    await page.getByRole('button', { name: /Lateral-torsional buckling/ }).click()
    await expect(page.getByText('ANSI/AISC 360-22, F2.2')).toBeVisible()
    await expect(page.getByText(/by C.* beside the eigenvalue/)).toBeVisible()
    // A European grade is not one of this standard: it says so, and nothing typed is lost.
    const grade = page.getByRole('combobox', { name: 'Steel grade' })
    await grade.selectOption('S355')
    await expect(page.getByText('Choose an ASTM grade', { exact: false }).first()).toBeVisible()
    await expect(page.getByLabel('Section', { exact: true })).toHaveValue('W18×50')
    await grade.selectOption('A992')
    await expect(verdict(page)).toContainText('Holds')
})

test('takes a W shape from the shortlist by keyboard', async ({ page }) => {
    await openDemoMember(page, 'A2', 'Heron Landing Library')
    await page.getByRole('tab', { name: 'Shortlist' }).click()
    await expect(page.getByText(/of 180 sections hold/)).toBeVisible()
    const row = page.getByRole('button', { name: 'W12×26', exact: true })
    await row.focus()
    await page.keyboard.press('Enter')
    await expect(verdict(page)).toContainText('W12×26')
})

test('prints a column that is bent both ways', async ({ page }) => {
    await openDemoMember(page, 'C1', 'Heron Landing Library')
    await page.getByRole('link', { name: 'Sheet' }).click()
    await expect(page.getByRole('heading', { name: 'Weighings (ANSI/AISC 360-22, LRFD)' })).toBeVisible()
    await expect(page.getByText('H1-1a', { exact: false }).first()).toBeVisible()
    await expect(page.getByText('amplified by B', { exact: false }).first()).toBeVisible()
})

test('lays one beam under both standards, and a fault where it can be read', async ({ page }) => {
    await openDemoMember(page, 'B1')
    await page.getByRole('button', { name: 'Keep to compare' }).click()
    // What is kept stays as long as the page is open: by its links to the other member, without loading it again.
    const library = await copyDemo(page, 'Heron Landing Library')
    await page.getByRole('link', { name: 'Waage' }).click()
    await page.locator(`a[href="/jobs/${library.id}"]`).click()
    await page
        .locator(`a[href="/members/${library.members.find((m) => m.mark === 'A3')?.id}"]`)
        .first()
        .click()
    await expect(page.getByText(/kept: B1/)).toBeVisible()
    await expect(page.getByText(/^kept 0\.\d\d$/).first()).toBeVisible()
    // Another section: both are drawn beside each other.
    const section = page.locator('input[list=sections]').first()
    await section.fill('W10×49')
    await section.press('Enter')
    await expect(page.getByRole('region', { name: 'Both sections' })).toContainText('W10×49')
    await expect(page.getByRole('region', { name: 'Both sections' })).toContainText('HEA 260')
    await section.fill('W10×50')
    await section.press('Enter')
    await expect(
        page.getByText('There is no section “W10×50” in the catalogue. The strips show the last complete state.'),
    ).toBeVisible()
    await expect(section).toHaveValue('W10×50')
    await section.fill('W10×49')
    await section.press('Enter')
    await expect(page.getByRole('combobox', { name: 'Strips show' })).toBeVisible()
    await expect(verdict(page)).toContainText('W10×49')
})

test('asks how ductile a member has to be, and says what its braces need', async ({ page }) => {
    await openDemoMember(page, 'A1', 'Heron Landing Library')
    await page.getByRole('combobox', { name: 'Ductility in earthquakes' }).selectOption('highly ductile member')
    await expect(page.getByRole('button', { name: /Stability bracing/ })).toBeVisible()
    await expect(verdict(page)).toContainText('Does not hold')
    await page.getByRole('button', { name: /Stability bracing/ }).click()
    await expect(page.getByText('strength of a brace beside an expected plastic hinge', { exact: false })).toBeVisible()
    await page.getByRole('combobox', { name: 'Ductility in earthquakes' }).selectOption('not asked for')
    await expect(verdict(page)).toContainText('Holds')
})
