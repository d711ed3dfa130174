import { defineConfig } from '@playwright/test'

/** The real interface in Debian's Chromium; bin/test starts the server and sets WAAGE_URL. */
export default defineConfig({
    testDir: 'e2e',
    outputDir: 'var/playwright',
    workers: 1,
    // The machines are shared: a step that is slow for once is not a fault.
    timeout: 150_000,
    expect: { timeout: 25_000 },
    reporter: [['list']],
    projects: [
        { name: 'tests', testMatch: '*.spec.ts' },
        { name: 'screenshots', testMatch: 'screenshots.ts' },
    ],
    use: {
        baseURL: process.env.WAAGE_URL ?? 'http://127.0.0.1:8480',
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
})
