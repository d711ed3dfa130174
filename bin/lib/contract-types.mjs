// TypeScript types of the JSON documents, from the schemas that the server validates with. --check compares only.
import { readFileSync, writeFileSync } from 'node:fs'
import { compileFromFile } from 'json-schema-to-typescript'

const check = process.argv.includes('--check')
let stale = false
for (const name of ['member', 'result', 'sheet', 'influence', 'collapse', 'reserve', 'parts']) {
    const types = await compileFromFile(`core/schema/${name}.schema.json`, {
        bannerComment: `// Made from core/schema/${name}.schema.json by "npm run types"; do not edit.`,
        style: { semi: false, singleQuote: true, tabWidth: 4 },
    })
    const file = `resources/js/contract/${name}.ts`
    if (!check) writeFileSync(file, types)
    else if (readFileSync(file, 'utf8') !== types) {
        console.error(`${file} is not up to date; run "npm run types".`)
        stale = true
    }
}
process.exit(stale ? 1 : 0)
