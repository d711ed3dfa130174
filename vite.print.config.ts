import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

/** The page of a sheet as one script and one style with its fonts inside: printed from a file that reads no other. */
export default defineConfig({
    plugins: [vue(), tailwindcss()],
    resolve: { alias: { '@': '/resources/js', '@core': '/core' } },
    define: { 'process.env.NODE_ENV': '"production"' },
    publicDir: false,
    build: {
        outDir: 'public/build/print',
        assetsInlineLimit: () => true,
        cssCodeSplit: false,
        lib: {
            entry: 'resources/js/print.ts',
            formats: ['iife'],
            name: 'waagePrint',
            fileName: () => 'print.js',
            cssFileName: 'print',
        },
    },
})
