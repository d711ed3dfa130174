import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { helpOf } from '@/lib/help'

describe('the help at fields', () => {
    const sources = ['bench', 'materials', 'pages']
        .flatMap((folder) =>
            readdirSync(`resources/js/${folder}`, { recursive: true }).map(
                (file) => `resources/js/${folder}/${String(file)}`,
            ),
        )
        .filter((path) => path.endsWith('.vue'))
        .map((path) => readFileSync(path, 'utf8'))
        .join('\n')
    const labels = [...readFileSync('docs/fields.md', 'utf8').matchAll(/^- \*\*(.+?)\*\*/gm)].map((m) => m[1] as string)

    it('is about fields that there are', () => {
        expect(labels.filter((label) => !sources.includes(label))).toEqual([])
    })
    it('is found by the label', () => {
        expect(helpOf('Service class')).toContain('under a roof')
        expect(helpOf('no such field')).toBeUndefined()
    })
})
