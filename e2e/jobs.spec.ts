import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { ACCOUNT, enterDemo, newMember, openDemoMember, saved, signIn, strips } from './steps'

test('a wrong password is refused, the demo is one click away', async ({ page }) => {
    await page.goto('/tools')
    await page.getByLabel('E-mail address').fill(ACCOUNT.email.toUpperCase())
    await page.getByLabel('Password').fill('wrong')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByText('E-mail address and password do not match.')).toBeVisible()
    await page.getByLabel('Password').fill(ACCOUNT.password)
    await page.getByLabel('Password').press('Enter')
    await expect(page.getByRole('link', { name: ACCOUNT.office })).toBeVisible()
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByRole('button', { name: 'Enter the demo' })).toBeVisible()
})

test('members are copied, ordered, renamed, deleted and brought back', async ({ page }) => {
    await newMember(page)
    await saved(page)
    await page.locator('header a', { hasText: 'Boathouse' }).click()
    const marks = page.locator('tbody td:first-child')
    await page.getByRole('button', { name: 'Copy B1' }).click()
    await expect(marks).toHaveText(['B1', 'B1 copy'])
    await page.getByRole('button', { name: 'Move B1 copy up' }).click()
    await expect(marks).toHaveText(['B1 copy', 'B1'])
    await page.getByRole('button', { name: 'Rename B1 copy' }).click()
    await page.getByLabel('Mark', { exact: true }).fill('B2')
    await page.getByLabel('Title').fill('Second beam')
    await page.getByLabel('Title').press('Enter')
    await expect(marks).toHaveText(['B2', 'B1'])
    await expect(page.getByText('Second beam')).toBeVisible()
    await page.getByRole('button', { name: 'Delete B2' }).click()
    await expect(marks).toHaveText(['B1'])
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(marks).toHaveText(['B2', 'B1'])
})

test('the basis is checked at its fields and weighs the members again', async ({ page }) => {
    await newMember(page)
    await saved(page)
    await page.locator('header a', { hasText: 'Boathouse' }).click()
    await page.getByLabel('Total deflection, span /').fill('a lot')
    await page.getByLabel('Total deflection, span /').press('Tab')
    await expect(page.getByText('This must be a number.')).toBeVisible()
    await expect(page.getByLabel('Total deflection, span /')).toHaveValue('a lot')
    await page.getByLabel('Total deflection, span /').fill('400')
    await page.getByLabel('Total deflection, span /').press('Tab')
    await expect(page.getByText('This must be a number.')).toHaveCount(0)
    await page.getByRole('button', { name: /National parameters/ }).click()
    await page.getByLabel('γ M0').fill('1.1')
    await page.getByLabel('γ M0').press('Tab')
    await expect(page.getByRole('button', { name: /γ M0 1.1/ })).toBeVisible()
})

test('a load follows a build-up of the job', async ({ page }) => {
    await newMember(page)
    await saved(page)
    await page.locator('header a', { hasText: 'Boathouse' }).click()
    await page.getByRole('button', { name: /^. Build-ups/ }).click()
    await page.getByRole('button', { name: 'Add a build-up' }).click()
    await page.getByLabel('Unit weight of layer 1 of Build-up 1').fill('2 kN/m²')
    await page.getByLabel('Unit weight of layer 1 of Build-up 1').press('Tab')
    await expect(page.getByText('a unit weight is needed', { exact: false })).toBeVisible()
    await page.getByLabel('Unit weight of layer 1 of Build-up 1').fill('24 kN/m³')
    await page.getByLabel('Unit weight of layer 1 of Build-up 1').press('Tab')
    await expect(page.getByText('3.60 kN/m²').first()).toBeVisible()
    await page
        .getByRole('link', { name: 'M1', exact: true })
        .or(page.getByRole('link', { name: 'B1', exact: true }))
        .first()
        .click()
    await page.getByRole('button', { name: '+ Area load × width' }).click()
    await page.getByLabel('Add a layer').selectOption({ label: 'Build-up 1, 3.60 kN/m²' })
    await expect(strips(page)).toContainText('10.80 kN/m')
    await saved(page)
    await page.locator('header a', { hasText: 'Boathouse' }).click()
    await page.getByRole('button', { name: /^. Build-ups/ }).click()
    await page.getByLabel('Thickness of layer 1 of Build-up 1').fill('200')
    await page.getByLabel('Thickness of layer 1 of Build-up 1').press('Tab')
    await expect(page.getByText('4.80 kN/m²').first()).toBeVisible()
    await page.goBack()
    await expect(strips(page)).toContainText('14.40 kN/m')
})

test('a member travels as a file; a foreign file is refused by name', async ({ page }) => {
    await openDemoMember(page, 'B1')
    const download = page.waitForEvent('download')
    await page.getByRole('link', { name: 'File' }).click()
    const file = await (await download).path()
    await newMember(page)
    await saved(page)
    await page.locator('header a', { hasText: 'Boathouse' }).click()
    await page.getByLabel('Import member files').setInputFiles([
        {
            name: 'b1.json',
            mimeType: 'application/json',
            buffer: await (await import('node:fs/promises')).readFile(file),
        },
    ])
    await expect(page.getByText('Beam over the boat-hall doors')).toBeVisible()
    for (const [name, text] of [
        ['broken.json', '{"a":'],
        ['foreign.json', '{"type":"FeatureCollection"}'],
    ] as const) {
        await page
            .getByLabel('Import member files')
            .setInputFiles([{ name, mimeType: 'application/json', buffer: Buffer.from(text) }])
        await expect(page.getByText(new RegExp(name))).toBeVisible()
    }
})

test('the pack of a job is made with progress', async ({ page }) => {
    await enterDemo(page)
    await page.getByRole('link', { name: 'Grebe Point Rowing Club' }).first().click()
    await page.getByRole('button', { name: 'Make the pack' }).click()
    await expect(page.getByRole('link', { name: /Open the pack|PDF/ })).toBeVisible({ timeout: 90_000 })
    const pdf = await page.request.get(
        (await page.getByRole('link', { name: /Open the pack|PDF/ }).getAttribute('href')) ?? '',
    )
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
})

test('nothing of another office can be opened, and unknown addresses say so', async ({ page }) => {
    await enterDemo(page)
    await page.goto('/members/999999')
    await expect(page.getByText('This no longer exists')).toBeVisible()
    await page.goto('/nowhere/at/all')
    await expect(page.getByRole('link')).not.toHaveCount(0)
})

test.describe('every main view is readable to assistive technology', () => {
    const check = async (page: Page): Promise<void> => {
        // Formulas are MathML, which readers know; their many elements would only be counted.
        const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).exclude('math').analyze()
        expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(' ')}`)).toEqual([])
    }

    test('the people of the office', async ({ page }) => {
        await signIn(page)
        await page.goto('/account')
        await page.getByLabel('Rename Ines Crake').click()
        await expect(page.getByLabel('New name of Ines Crake')).toBeFocused()
        await check(page)
    })

    test('sign-in, jobs and job', async ({ page }) => {
        await page.goto('/')
        await expect(page.getByRole('button', { name: 'Enter the demo' })).toBeVisible()
        await check(page)
        await enterDemo(page)
        await check(page)
        await page.getByRole('link', { name: 'Grebe Point Rowing Club' }).first().click()
        await expect(page.getByRole('heading', { name: 'Members' })).toBeVisible()
        await check(page)
    })
    for (const tab of ['Scales', 'Shortlist', 'Forces', 'Influence', 'Collapse']) {
        test(`the bench with ${tab.toLowerCase()}`, async ({ page }) => {
            await openDemoMember(page, 'B2')
            await page.getByRole('tab', { name: tab }).click()
            await expect(page.getByRole('tabpanel')).toContainText(
                {
                    Scales: 'Bending',
                    Shortlist: 'sections hold',
                    Forces: 'Extremes',
                    Influence: 'Worst lengths',
                    Collapse: 'make a mechanism',
                }[tab] ?? '',
            )
            await check(page)
        })
    }
    test('the sheet', async ({ page }) => {
        await openDemoMember(page, 'B2')
        await page.goto(`${page.url()}/sheet`)
        await page.getByLabel('Extent').selectOption('brief sheet')
        await expect(page.getByRole('heading', { name: /^Weighings/ })).toHaveCount(0)
        await check(page)
    })
})
