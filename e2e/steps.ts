import { expect, type Locator, type Page } from '@playwright/test'

/** What an engineer does, in the words of the interface. */
export async function enterDemo(page: Page): Promise<void> {
    await page.goto('/')
    const jobs = page.getByRole('heading', { name: 'Jobs' })
    const enter = page.getByRole('button', { name: 'Enter the demo' })
    await expect(jobs.or(enter)).toBeVisible()
    if (await enter.isVisible()) await enter.click()
    await expect(jobs).toBeVisible()
}

/** The administrator of an office that bin/test has made. */
export const ACCOUNT = { email: 'ines@crake.example', password: 'lantern ferry gravel 9', office: 'Petrel & Crake' }

export async function signIn(page: Page): Promise<void> {
    await page.goto('/')
    await page.getByLabel('E-mail address').fill(ACCOUNT.email)
    await page.getByLabel('Password').fill(ACCOUNT.password)
    await page.getByLabel('Password').press('Enter')
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
}

/** The page's own session, for what a test has to prepare or to do behind the page's back. */
export async function request<T>(page: Page, method: string, path: string): Promise<T> {
    return page.evaluate(
        async ([how, where]) => {
            const token = decodeURIComponent(document.cookie.split('XSRF-TOKEN=')[1]?.split(';')[0] ?? '')
            const answer = await fetch(`/api/${where}`, {
                method: how,
                headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token },
            })
            return answer.json()
        },
        [method, path] as const,
    ) as Promise<T>
}

interface Copy {
    id: number
    members: { id: number; mark: string }[]
}

/** A fresh copy of a demo job, so that no test changes the demo for another. */
export async function copyDemo(page: Page, job: string): Promise<Copy> {
    const jobs = await request<{ id: number; name: string }[]>(page, 'GET', 'jobs')
    return request<Copy>(page, 'POST', `jobs/${jobs.find((j) => j.name === job)?.id}/copy`)
}

export async function openDemoMember(page: Page, mark: string, job = 'Grebe Point Rowing Club'): Promise<void> {
    await enterDemo(page)
    const copy = await copyDemo(page, job)
    await page.goto(`/members/${copy.members.find((m) => m.mark === mark)?.id}`)
    await expect(verdict(page)).toContainText(/Holds|Does not hold/)
}

/** A new job with one new member, opened on the bench. */
export async function newMember(page: Page, name = `Boathouse ${Date.now()}`): Promise<void> {
    await enterDemo(page)
    await page.getByLabel('Name of a new job').fill(name)
    await page.getByLabel('Name of a new job').press('Enter')
    await page.getByRole('button', { name: 'New member' }).click()
    await page.getByRole('menuitem', { name: 'Steel beam' }).click()
    await expect(verdict(page)).toContainText('Holds')
}

/** The line above the scales: the verdict with its ratio. */
export function verdict(page: Page): Locator {
    return page.locator('aside [aria-live="polite"]')
}

export function strips(page: Page): Locator {
    return page.getByRole('group', { name: /^Strips/ })
}

/** How far the member is saved, as the head of the bench says. */
export function saveState(page: Page): Locator {
    return page.getByRole('status').last()
}

export async function saved(page: Page): Promise<void> {
    await expect(saveState(page)).toHaveText('Saved')
}

/** The load case of the load that is open for editing. */
export function loadCase(page: Page): Locator {
    return page.locator('[data-load] select').first()
}

export async function addLoad(page: Page, kind: string, value: string): Promise<void> {
    await page.getByRole('button', { name: `+ ${kind}` }).click()
    const field = page.getByLabel(kind === 'Line load' ? 'Value at start' : 'Value', { exact: true })
    await field.fill(value)
    await field.press('Tab')
}
