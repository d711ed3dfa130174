import { expect, test } from '@playwright/test'
import { newMember, request, saved, saveState, verdict } from './steps'

test('nothing is lost while the server is away', async ({ page }) => {
    await newMember(page)
    await saved(page)
    await page.route('**/api/**', (route) => route.abort())
    await page.getByLabel('Length of the member').fill('7.25')
    await expect(saveState(page)).toHaveText('Not saved; kept in this browser')
    await page.unroute('**/api/**')
    await saved(page)
    await page.reload()
    await expect(page.getByLabel('Length of the member')).toHaveValue('7.25 m')
})

test('work that could not be sent comes back when the window is opened again', async ({ page }) => {
    await newMember(page)
    await saved(page)
    await page.route('**/api/members/*', (route) =>
        route.request().method() === 'PUT' ? route.abort() : route.continue(),
    )
    await page.getByLabel('Length of the member').fill('8.5')
    await expect(saveState(page)).toHaveText('Not saved; kept in this browser')
    await page.unroute('**/api/members/*')
    await page.reload()
    await expect(page.getByLabel('Length of the member')).toHaveValue('8.5 m')
    await saved(page)
})

for (const [choice, expected] of [
    ['Keep what is here', '5 m'],
    ['Take the other one', '9 m'],
] as const) {
    test(`two windows on one member: ${choice.toLowerCase()}`, async ({ page, context }) => {
        await newMember(page)
        await saved(page)
        const other = await context.newPage()
        await other.goto(page.url())
        await other.getByLabel('Length of the member').fill('9')
        await saved(other)
        // The windows share one browser store: the first one's change is based on an older revision.
        await page.getByLabel('Length of the member').fill('5')
        await expect(page.getByRole('alert').first()).toContainText('changed in another window')
        await page.getByRole('button', { name: choice }).click()
        await saved(page)
        await page.reload()
        await expect(page.getByLabel('Length of the member')).toHaveValue(expected)
    })
}

test('a member deleted in another window is refused with a sentence', async ({ page }) => {
    await newMember(page)
    await saved(page)
    const id = page.url().split('/').pop()
    await request(page, 'DELETE', `members/${id}`)
    await page.getByLabel('Length of the member').fill('7')
    await expect(page.getByText('This no longer exists; it may have been deleted in another window.')).toBeVisible()
    await expect(page.getByLabel('Length of the member')).toHaveValue('7')
    await expect(verdict(page)).toContainText('Holds')
})

test('a request without the token of the session is refused', async ({ page }) => {
    await newMember(page)
    const status = await page.evaluate(
        async () => (await fetch('/api/jobs', { method: 'POST', headers: { Accept: 'application/json' } })).status,
    )
    expect(status).toBe(419)
})
