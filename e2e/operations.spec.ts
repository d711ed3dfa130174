import { execFileSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync, readlinkSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { newMember, request, saved, saveState } from './steps'

/** Only where bin/test has started the servers: their folder is told by it. */
const run = process.env.WAAGE_RUN ?? ''
test.skip(run === '', 'bin/test tells where its servers run')

/** Processes of a name that belong to these servers, as bin/lib/servers.sh finds them. */
function processes(name: string, folder = run): number[] {
    return readdirSync('/proc')
        .filter((p) => /^\d+$/.test(p))
        .filter((p) => {
            try {
                return (
                    readFileSync(`/proc/${p}/comm`, 'utf8').trim() === name && readlinkSync(`/proc/${p}/cwd`) === folder
                )
            } catch {
                return false
            }
        })
        .map(Number)
}

test('nothing that serves runs as root', () => {
    test.skip(process.getuid?.() !== 0, 'only root could')
    for (const [name, folder] of [
        ['php-fpm8.2', run],
        ['nginx', run],
        ['supervisord', run],
        ['mariadbd', `${process.env.WAAGE_DB}/data`],
    ] as const) {
        const found = processes(name, folder)
        expect(found.length, name).toBeGreaterThan(0)
        for (const id of found) expect(readFileSync(`/proc/${id}/status`, 'utf8'), name).toMatch(/^Uid:\s+[1-9]/m)
    }
})

test('no file of the program is sent as it is, and files say what they are', async ({ request: get }) => {
    expect(await (await get.get('/index.php')).text()).not.toContain('<?php')
    for (const path of ['/.env', '/composer.json', '/storage/logs/laravel.log', '/../.env', '/build/../index.php']) {
        expect(await (await get.get(path)).text(), path).not.toMatch(/<\?php|APP_KEY=|"require"/)
    }
    const page = await get.get('/')
    expect(page.headers()['server']).toBe('nginx')
    expect(page.headers()['content-security-policy']).toContain("script-src 'self'")
    expect((await get.get('/icon.svg')).headers()['x-content-type-options']).toBe('nosniff')
})

test('what is typed while database and server end is kept, and is saved when they are back', async ({ page }) => {
    await newMember(page)
    await saved(page)
    for (const id of [...processes('mariadbd', `${process.env.WAAGE_DB}/data`), ...processes('php-fpm8.2')])
        process.kill(id, 'SIGKILL')
    await page.getByLabel('Length of the member').fill('7.25 m')
    await page.getByLabel('Length of the member').press('Tab')
    await expect(saveState(page)).not.toHaveText('Saved')
    await saved(page)
    await page.reload()
    await expect(page.getByLabel('Length of the member')).toHaveValue('7.25 m')
})

test('a backup brings back what was changed after it', async ({ page }) => {
    const name = `Heron Barn ${Date.now()}`
    await newMember(page, name)
    await saved(page)
    const id = Number(page.url().match(/members\/(\d+)/)?.[1])
    const file = join(tmpdir(), `waage-${Date.now()}.sql.gz`)
    execFileSync('bin/backup', [file])
    await request(page, 'DELETE', `members/${id}`)
    await page.reload()
    await expect(page.getByText('This no longer exists')).toBeVisible()
    expect(() => execFileSync('bin/restore', ['package.json'], { stdio: 'pipe' })).toThrow()
    execFileSync('bin/restore', [file])
    expect(existsSync(file)).toBe(true)
    rmSync(file)
    // Sessions are no part of it: one signs in again, into what was backed up.
    await page.goto('/')
    await page.getByRole('button', { name: 'Enter the demo' }).click()
    await page.getByRole('link', { name }).first().click()
    await expect(page.getByRole('heading', { name: 'Members' })).toBeVisible()
    expect((await request<{ id: number }>(page, 'GET', `members/${id}`)).id).toBe(id)
})
