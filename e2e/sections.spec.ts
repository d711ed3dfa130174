import { expect, test } from '@playwright/test'
import { openDemoMember, saved, verdict } from './steps'

test('an edge beam is twisted, and less so with the load nearer to its axis', async ({ page }) => {
    await openDemoMember(page, 'B12')
    await expect(page.getByText('Torque T')).toBeVisible()
    const torsion = page.getByRole('button', { name: /^Torsion/ })
    await expect(torsion).toBeVisible()
    await page.getByText('Brick skin', { exact: true }).first().click()
    const across = page.getByLabel('In front of the axis by')
    await expect(across).toHaveValue('175 mm')
    await across.fill('far')
    await across.press('Tab')
    await expect(across).toHaveValue('far')
    await across.fill('0')
    await across.press('Tab')
    await expect(page.getByText('Torque T')).toHaveCount(0)
    await expect(torsion).toHaveCount(0)
})

test('a channel and an angle are found by part of their names, drawn, and refused where nothing holds them', async ({ page }) => {
    await openDemoMember(page, 'S1')
    await expect(verdict(page)).toContainText('UPE 120')
    const section = page.locator('input[list=sections]').first()
    await section.fill('upn 140')
    await section.press('Enter')
    await expect(verdict(page)).toContainText('UPN 140')
    await section.fill('L 150×75×12')
    await section.press('Enter')
    await expect(verdict(page)).toContainText('Not covered')
    await expect(page.getByText('An angle that nothing holds bends about its own axes', { exact: false }).first()).toBeVisible()
})

test('a lintel is printed with its elastic strength', async ({ page }) => {
    await openDemoMember(page, 'L1')
    await expect(verdict(page)).toContainText('Holds')
    await page.getByRole('link', { name: 'Sheet' }).click()
    await expect(page.locator('.section-drawing')).toContainText('150.0 mm')
    await expect(page.getByText('of angles, which have their elastic strength', { exact: false })).toBeVisible()
})

test('a welded section gets flanges that differ by its fields', async ({ page }) => {
    await openDemoMember(page, 'B11')
    await page.getByLabel('Kind').last().selectOption({ label: 'welded I, unequal flanges' })
    await page.getByLabel('Width of the top').fill('340')
    await page.getByLabel('Width of the top').press('Tab')
    await expect(verdict(page)).toContainText('welded I 480×340×280×8×16×16')
})

test('a tee is turned over, which the scales and the sheet know', async ({ page }) => {
    await openDemoMember(page, 'S1')
    await expect(page.getByLabel('Stem upwards, flange below')).toHaveCount(0)
    const section = page.locator('input[list=sections]').first()
    await section.fill('1/2 ipe 200')
    await section.press('Enter')
    await expect(verdict(page)).toContainText('½ IPE 200')
    const sectionClass = page.getByRole('button', { name: /^Section class/ })
    await expect(sectionClass).toContainText('class 1')
    await page.getByLabel('Stem upwards, flange below').press('Space')
    await expect(sectionClass).toContainText('class 3')
    await saved(page)
    await page.getByRole('link', { name: 'Sheet' }).click()
    await expect(page.getByText('½ IPE 200, stem upwards').first()).toBeVisible()
})
