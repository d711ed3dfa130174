import { expect, test } from '@playwright/test'
import { openDemoMember, verdict } from './steps'

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
