import { expect, test } from '@playwright/test'
import { enterDemo } from './steps'

test('a tool answers while its values are typed, takes a value of the engineer’s own, and says what is wrong', async ({
    page,
}) => {
    await enterDemo(page)
    await page.getByRole('link', { name: 'Tools' }).click()
    await page.getByRole('link', { name: 'Links for a shear force' }).press('Enter')
    await expect(page.getByRole('heading', { name: 'Links for a shear force' }).first()).toBeVisible()
    await expect(page.locator('.derivation')).toContainText('454.32')
    await page.getByLabel('shear force').fill('100')
    await expect(page.locator('.derivation')).toContainText('227.16')
    await page.getByLabel('Which value').selectOption('cot_theta')
    await page.getByLabel('Value of your own').fill('1.25')
    await expect(page.locator('.derivation')).toContainText('typed')
    await page.getByLabel('width of the web').fill('-3')
    await expect(page.getByText('This must be greater than zero.').first()).toBeVisible()
    await expect(page.getByLabel('width of the web')).toHaveValue('-3')
})
