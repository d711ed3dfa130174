import { expect, test } from '@playwright/test'
import { ACCOUNT, signIn } from './steps'

test('an administrator adds, renames and removes people; a poor password is refused at its field', async ({
    page,
    browser,
}) => {
    const name = `Odo ${Date.now()}`
    await signIn(page)
    await page.getByRole('link', { name: ACCOUNT.office }).click()
    await page.getByLabel('Name', { exact: true }).fill(name)
    await page.getByLabel('E-mail address').fill(`${name.replace(' ', '-')}@crake.example`)
    await page.getByLabel('First password').fill('password2026')
    await page.getByRole('button', { name: 'Add' }).click()
    await expect(page.getByText('This password is among those that are guessed first.')).toBeVisible()
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue(name)
    await page.getByLabel('First password').fill('marble owl 7 drift')
    await page.getByLabel('First password').press('Enter')
    await expect(page.getByText(`${name} can sign in now.`)).toBeVisible()

    // Somebody who is no administrator sees no people, and changes the own password.
    const other = await browser.newPage()
    await other.goto('/')
    await other.getByLabel('E-mail address').fill(`${name.replace(' ', '-')}@crake.example`)
    await other.getByLabel('Password').fill('marble owl 7 drift')
    await other.getByLabel('Password').press('Enter')
    await other.getByRole('link', { name: ACCOUNT.office }).click()
    await expect(other.getByText('An administrator of the office adds and removes people.')).toBeVisible()
    await other.getByLabel('Password until now').fill('marble owl 7 drift')
    await other.getByLabel('New password').fill('gravel lantern 12 ferry')
    await other.getByLabel('New password').press('Enter')
    await expect(other.getByText('Your password is changed.')).toBeVisible()
    await other.getByRole('link', { name: 'Waage' }).click()
    await expect(other.getByRole('heading', { name: 'Jobs' })).toBeVisible()

    await page.getByLabel(`Rename ${name}`).click()
    await page.getByLabel(`New name of ${name}`).fill(`${name} Finch`)
    await page.keyboard.press('Enter')
    await page.getByLabel(`Remove ${name} Finch`).click()
    await page.getByRole('button', { name: 'Remove', exact: true }).click()
    await expect(page.getByRole('cell', { name: `${name} Finch`, exact: true })).toBeHidden()
    await other.reload()
    await expect(other.getByRole('button', { name: 'Sign in' })).toBeVisible()
    await other.close()
})

test('the last administrator stays one', async ({ page }) => {
    await signIn(page)
    await page.goto('/account')
    await page.getByLabel('Ines Crake is an administrator').click()
    await expect(page.getByText('The office needs an administrator. Make somebody else one first.')).toBeVisible()
    await expect(page.getByLabel('Ines Crake is an administrator')).toBeChecked()
})
