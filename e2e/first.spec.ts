import { expect, test } from '@playwright/test'
import { enterDemo, newMember, openDemoMember, saved, strips, verdict } from './steps'

test('three hints greet in an empty bench and stay away once understood', async ({ page }) => {
    await newMember(page)
    await expect(page.getByRole('note', { name: 'First steps' })).toBeVisible()
    await page.getByRole('button', { name: 'Understood' }).click()
    await page.reload()
    await expect(verdict(page)).toContainText('Holds')
    await expect(page.getByRole('note', { name: 'First steps' })).toHaveCount(0)
})

test('a load is put where the drawing is clicked, or by the keyboard', async ({ page }) => {
    await newMember(page)
    await page.getByRole('button', { name: 'Understood' }).click()
    await strips(page).click({ position: { x: 280, y: 60 } })
    await page.getByRole('menuitem', { name: 'Point load' }).click()
    await expect(page.locator('[data-load]').first()).toContainText('Point load')
    await strips(page).focus()
    await page.keyboard.press('Shift+ArrowRight')
    await page.keyboard.press('Enter')
    await page.getByRole('menuitem', { name: 'Support' }).press('Enter')
    await expect(page.getByText('Span 2')).toBeVisible()
    await saved(page)
})

test('a value on the reading line tells what it is made of, adding up, and opens the input', async ({ page }) => {
    await openDemoMember(page, 'B2')
    await strips(page).focus()
    for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight')
    await page.keyboard.press('Space')
    const card = page.getByRole('dialog', { name: 'What the value is made of' })
    await expect(card).toContainText('STR')
    const parts = await card.locator('tbody tr:not(:last-child) td:last-child').allTextContents()
    const sum = Number(await card.locator('tbody tr:last-child td:last-child').textContent())
    expect(parts.length).toBeGreaterThan(2)
    expect(Math.abs(parts.reduce((s, p) => s + Number(p), 0) - sum)).toBeLessThan(0.1 * parts.length)
    await card.getByTitle('Open its input').first().click()
    await expect(page.locator('[data-load] input').first()).toBeVisible()
    await page.keyboard.press('Escape')
})

test('the office lets new beams start like one, and puts that back', async ({ page }) => {
    await newMember(page)
    const job = page.url()
    await page
        .getByRole('navigation', { name: 'Parts of the definition' })
        .getByRole('button', { name: 'Go to Section' })
        .click()
    await page
        .getByRole('button', { name: /Member/ })
        .first()
        .click()
    await page.getByRole('button', { name: 'Let new steel beams start like this' }).click()
    await expect(page.getByText('start like this one')).toBeVisible()
    await page.getByRole('button', { name: 'Put back' }).click()
    await expect(page.getByText('start from what comes with the program again')).toBeVisible()
    expect(page.url()).toBe(job)
})

test('a member comes from another job, or from the text of a file', async ({ page }) => {
    await enterDemo(page)
    await page.getByLabel('Name of a new job').fill(`Boathouse ${Date.now()}`)
    await page.getByLabel('Name of a new job').press('Enter')
    await page.getByRole('button', { name: 'New member' }).click()
    await page.getByRole('menuitem', { name: 'Copy of a member …' }).click()
    await page.getByRole('dialog').getByRole('combobox').selectOption({ label: 'Grebe Point Rowing Club' })
    await page.getByRole('button', { name: /^J1/ }).click()
    await expect(page.getByRole('link', { name: 'J1', exact: true })).toBeVisible()
    await page.getByRole('button', { name: 'New member' }).click()
    await page.getByRole('menuitem', { name: 'Paste a member file …' }).click()
    await page.getByLabel('Text of the file').fill('not a file')
    await page.getByRole('button', { name: 'Add it' }).click()
    await expect(page.getByText('it is not JSON')).toBeVisible()
    await page
        .getByLabel('Text of the file')
        .fill(
            '{"format":"waage-member","version":5,"mark":"P1","length":"5 m","section":"IPE 200","supports":[],"cases":[],"loads":[]}',
        )
    await page.getByRole('button', { name: 'Add it' }).click()
    await expect(page.getByRole('link', { name: 'P1', exact: true })).toBeVisible()
})

test('the keys are shown on ?', async ({ page }) => {
    await enterDemo(page)
    await page.keyboard.press('?')
    await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('heading', { name: 'Keys' })).toHaveCount(0)
})
