import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vitest/config'

const testing = process.env.VITEST !== undefined

export default defineConfig({
    plugins: [
        // Tests need no bundle, and the plugin refuses to start beside them where CI is set.
        ...(testing ? [] : [laravel({ input: ['resources/css/app.css', 'resources/js/app.ts'], refresh: false })]),
        vue(),
        tailwindcss(),
    ],
    resolve: { alias: { '@': '/resources/js', '@core': '/core' } },
    test: { environment: 'jsdom', include: ['resources/js/**/*.test.ts'], testTimeout: 120_000, maxWorkers: 2 },
})
