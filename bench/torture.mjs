// What bin/torture does to the server: see there. Every client is a person with a session of its own.
import { readdirSync, readFileSync, readlinkSync } from 'node:fs'
import { Agent, request as ask } from 'node:http'

const { WAAGE_URL, WAAGE_RUN, WAAGE_SEED, WAAGE_SECONDS } = process.env
const PASSWORD = 'lantern ferry gravel 9'
const SECONDS = Number(WAAGE_SECONDS)
const faults = []
const statuses = {}

/** Numbers that come again with the same seed (mulberry32). */
let state = Number(WAAGE_SEED)
function random() {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
}
const one = (list) => list[Math.floor(random() * list.length)]
const wait = (ms) => new Promise((done) => setTimeout(done, ms))

class Client {
    cookies = {}
    constructor(number) {
        this.email = `client${number}@example.test`
        // Each from a place of its own.
        this.from = `127.0.2.${number}`
        this.agent = new Agent({ keepAlive: true, localAddress: this.from })
    }

    /** Status 0: no answer. */
    send(method, path, body, raw = false) {
        return new Promise((done) => {
            const text = body === undefined ? '' : raw ? body : JSON.stringify(body)
            const call = ask(
                `${WAAGE_URL}/api/${path}`,
                {
                    method,
                    agent: this.agent,
                    headers: {
                        Accept: 'application/json',
                        'Content-Type': 'application/json',
                        'Content-Length': Buffer.byteLength(text),
                        'X-XSRF-TOKEN': decodeURIComponent(this.cookies['XSRF-TOKEN'] ?? ''),
                        Cookie: Object.entries(this.cookies)
                            .map(([k, v]) => `${k}=${v}`)
                            .join('; '),
                    },
                    timeout: 60_000,
                },
                (answer) => {
                    for (const line of answer.headers['set-cookie'] ?? []) {
                        const [, name, value] = line.match(/^([^=]+)=([^;]*)/)
                        this.cookies[name] = value
                    }
                    const parts = []
                    answer.on('data', (part) => parts.push(part))
                    answer.on('end', () => {
                        statuses[answer.statusCode] = (statuses[answer.statusCode] ?? 0) + 1
                        const content = Buffer.concat(parts).toString()
                        if (answer.statusCode === 500) faults.push(`500 of ${method} ${path}: ${text.slice(0, 300)}`)
                        let data = null
                        try {
                            data = JSON.parse(content)
                        } catch {}
                        done({ status: answer.statusCode, data, content })
                    })
                    answer.on('error', () => done({ status: 0 }))
                },
            )
            call.on('timeout', () => call.destroy())
            call.on('error', () => done({ status: 0 }))
            call.on('close', () => done({ status: 0 }))
            call.end(text)
        })
    }

    async signIn() {
        for (let i = 0; i < 30; i++) {
            await this.send('GET', 'session')
            const { status } = await this.send('POST', 'session', { email: this.email, password: PASSWORD })
            if (status === 200) return
            await wait(2000)
        }
        throw new Error(`${this.email} cannot sign in`)
    }
}

const document = (title) => ({
    format: 'waage-member',
    version: 5,
    material: 'steel',
    mark: 'B1',
    title,
    notes: '',
    length: '6 m',
    supports: [
        { x: '0 m', kind: 'pinned', bearing: '150 mm' },
        { x: '6 m', kind: 'pinned', bearing: '150 mm' },
    ],
    steel: { section: 'IPE 300', grade: 'S355' },
    restraint: { top: { kind: 'spacing', spacing: '2 m' }, bottom: { kind: 'supports' } },
    loadHeight: 'top',
    selfWeight: true,
    cases: [
        { id: 'g', name: 'Permanent', category: 'permanent' },
        { id: 'q', name: 'Floor', category: 'B' },
    ],
    loads: [
        { id: 'l1', case: 'g', kind: 'line', value: '5 kN/m' },
        { id: 'l2', case: 'q', kind: 'line', value: '8 kN/m' },
    ],
})

/** Processes of the server by the name the kernel has, as bin/lib/servers.sh finds them. */
function processes(name, folder = WAAGE_RUN) {
    return readdirSync('/proc').filter((p) => {
        try {
            return (
                /^\d+$/.test(p) &&
                readFileSync(`/proc/${p}/comm`, 'utf8').trim() === name &&
                readlinkSync(`/proc/${p}/cwd`) === folder
            )
        } catch {
            return false
        }
    })
}

/** Saves without end; what was acknowledged has to be there at the end, or something newer. */
async function save(client, until) {
    const job = (await client.send('POST', 'jobs', { name: `Job of ${client.email}` })).data
    const member = (await client.send('POST', `jobs/${job.id}/members`, { document: document('0') })).data
    let [acknowledged, revision, count] = [0, member.revision, 0]
    while (Date.now() < until) {
        count++
        // The same document again until it is taken, as the editor does.
        for (;;) {
            const { status, data } = await client.send('PUT', `members/${member.id}`, {
                document: document(String(count)),
                revision,
            })
            if (status === 200) {
                ;[acknowledged, revision] = [count, data.revision]
                break
            }
            if (status === 401 || status === 419) await client.signIn()
            else if (status !== 0 && status !== 503 && status !== 429) {
                faults.push(`A save was answered with ${status}`)
                break
            }
            if (Date.now() > until + 60_000) {
                faults.push('A save was not taken for a minute')
                break
            }
            await wait(300)
        }
        await wait(50 + 200 * random())
    }
    return { client, job: job.id, member: member.id, acknowledged, count }
}

async function end(until) {
    const ended = {}
    const names = ['php', 'mariadbd', 'php-fpm8.2', 'nginx']
    while (Date.now() < until - 5000) {
        await wait(3000 + 2000 * random())
        const name = names.push(names.shift()) && names[0]
        const found = processes(name, name === 'mariadbd' ? `${WAAGE_RUN}/data` : WAAGE_RUN)
        if (found.length === 0) continue
        process.kill(Number(one(found)), 'SIGKILL')
        ended[name] = (ended[name] ?? 0) + 1
    }
    return ended
}

const clients = [1, 2, 3, 4, 5, 6, 7, 8].map((n) => new Client(n))
for (const client of clients) await client.signIn()

console.log(`\nProcesses end while ${clients.length} clients save, ${SECONDS} s, seed ${WAAGE_SEED}:`)
const until = Date.now() + SECONDS * 1000
const asked = wait(SECONDS * 300).then(async () => {
    const jobs = (await clients[0].send('GET', 'jobs')).data ?? []
    return jobs.length ? (await clients[0].send('POST', `jobs/${jobs[0].id}/packs`, { full: false })).data : null
})
const [ended, ...kept] = await Promise.all([end(until), ...clients.map((c) => save(c, until))])
await wait(3000)
let [lost, edits] = [0, 0]
for (const k of kept) {
    let answer = await k.client.send('GET', `members/${k.member}`)
    for (let i = 0; i < 20 && answer.status !== 200; i++) {
        await wait(1000)
        if (answer.status === 401) await k.client.signIn()
        answer = await k.client.send('GET', `members/${k.member}`)
    }
    edits += k.acknowledged
    if (Number(answer.data?.document.title) < k.acknowledged) lost++
}
if (lost) faults.push(`${lost} members lost an acknowledged edit`)
console.log(
    `  ended: ${Object.entries(ended)
        .map(([k, v]) => `${v} × ${k}`)
        .join(', ')}; ${edits} edits acknowledged, ${lost} lost`,
)

const pack = await asked
if (pack?.id) {
    let now = pack
    for (let i = 0; i < 240 && ['waiting', 'working'].includes(now.state); i++) {
        await wait(1000)
        now = (await clients[0].send('GET', `packs/${pack.id}`)).data ?? now
    }
    console.log(`  the pack that was asked for meanwhile: ${now.state} ${now.message}`)
    // Ended in the middle it is said to have failed (bin/waage tidy).
    if (!['ready', 'failed'].includes(now.state)) faults.push(`A pack is ${now.state} for ever`)
}

console.log('\nSign-in, 300 tries for one account, its address typed in many ways:')
const thief = new Client(99)
await thief.send('GET', 'session')
let tried = 0
for (let i = 0; i < 300; i++) {
    const email = one([
        'client1@example.test',
        'CLIENT1@example.test',
        ' client1@example.test',
        'clïent1@example.test',
        'client1@éxample.test',
    ])
    const { status } = await thief.send('POST', 'session', { email, password: `guess ${i}` })
    if (status !== 429) tried++
}
console.log(`  ${tried} were looked at`)
if (tried > 90) faults.push(`${tried} passwords could be tried`)

console.log('\nBroken documents:')
const values = [
    '',
    '0 m',
    '-1 m',
    '1e9 m',
    'x',
    null,
    true,
    [],
    [[]],
    {},
    { x: null },
    -1,
    1e30,
    '5 m',
    '10 kN',
    'pinned',
    'train',
    '\u0000',
    'ü'.repeat(300),
    '4 m',
    '8.2 m',
    '1/3 m',
    '2 kN',
    '30 kN/m',
    'IPE 100',
    'HEB 240',
    'S690',
    'fixed',
    'roller',
    'spring',
    'line',
    'point',
    'area',
    'B',
    'snow',
    'wind-up',
    true,
    2,
]
function broken() {
    const d = structuredClone(document('broken'))
    for (let i = 0; i < 1 + 2 * random() ** 2; i++) {
        let [at, key] = [d, one(Object.keys(d))]
        while (at[key] !== null && typeof at[key] === 'object' && Object.keys(at[key]).length && random() < 0.7)
            [at, key] = [at[key], one(Object.keys(at[key]))]
        if (random() < 0.15) Reflect.deleteProperty(at, key)
        else at[key] = one(values)
    }
    return d
}
const answered = {}
for (let i = 0; i < 400; i++) {
    const d = broken()
    const text =
        random() < 0.1
            ? JSON.stringify({ document: d }).slice(0, -Math.ceil(40 * random()))
            : JSON.stringify({ document: d })
    const path = random() < 0.7 ? 'design' : `jobs/${kept[1].job}/members`
    const { status } = await clients[1].send('POST', path, text, true)
    answered[status] = (answered[status] ?? 0) + 1
    if (![200, 201, 422].includes(status))
        faults.push(`A broken document was answered with ${status}: ${text.slice(0, 300)}`)
}
console.log(`  answers: ${JSON.stringify(answered)}`)

console.log('\nDoors of another office:')
let tries = 0
for (const [method, path] of [
    ['GET', `jobs/${kept[0].job}`],
    ['PATCH', `jobs/${kept[0].job}`],
    ['DELETE', `jobs/${kept[0].job}`],
    ['POST', `jobs/${kept[0].job}/copy`],
    ['POST', `jobs/${kept[0].job}/members`],
    ['GET', `members/${kept[0].member}`],
    ['PUT', `members/${kept[0].member}`],
    ['GET', `members/${kept[0].member}/file`],
    ['GET', `members/${kept[0].member}/sheet`],
    ['GET', `members/${kept[0].member}/sheet.pdf`],
    ['POST', `members/${kept[0].member}/copy`],
    ['DELETE', `members/${kept[0].member}`],
    ...(pack?.id
        ? [
              ['GET', `packs/${pack.id}`],
              ['GET', `packs/${pack.id}/pdf`],
          ]
        : []),
]) {
    const { status, content } = await clients[1].send(
        method,
        path,
        method === 'GET' ? undefined : { document: document('mine'), revision: 1, name: 'Mine' },
    )
    tries++
    if (status !== 404 || /client1/.test(content)) faults.push(`${method} ${path} of another office: ${status}`)
}
console.log(`  ${tries} tried`)
console.log(`\nAnswers by status: ${JSON.stringify(statuses)}`)
console.log(
    faults.length
        ? `\n${faults.length} faults:\n${[...new Set(faults)].slice(0, 20).join('\n')}`
        : '\nNo loss, no error 500, no leak.',
)
process.exit(faults.length ? 1 : 0)
