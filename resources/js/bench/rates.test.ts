import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import LazyField from '@/components/LazyField.vue'
import RatesFields from './RatesFields.vue'

const KEPT = { price: 2.4, coating: null, carbon: 1.1, currency: 'EUR', favourites: [] }
const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status })

afterEach(() => vi.unstubAllGlobals())

describe('the rates of the office', () => {
    const fields = (panel: ReturnType<typeof mount>) =>
        Object.fromEntries(panel.findAll('label').map((l) => [l.get('span').text(), l]))

    it('has no field before its value has come', async () => {
        let answer: (response: Response) => void = () => {}
        vi.stubGlobal('fetch', () => new Promise<Response>((resolve) => (answer = resolve)))
        const panel = mount(RatesFields)
        expect(panel.find('input').exists()).toBe(false)
        await flushPromises()
        answer(json(KEPT))
        await flushPromises()
        expect(panel.findAll('input').map((i) => i.element.value)).toEqual(['2.4', '', 'EUR', '1.1'])
        expect(panel.emitted('saved')).toEqual([['EUR']])
    })

    it('sends the field that was left alone, and keeps what was refused beside its reason', async () => {
        const sent: unknown[] = []
        vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
            if (init.method === 'GET') return json(KEPT)
            const change = JSON.parse(init.body as string)
            sent.push(change)
            return change.price === 'cheap'
                ? json({ message: 'No.', errors: { price: ['This must be a number.'] } }, 422)
                : json({ ...KEPT, ...change })
        })
        const panel = mount(RatesFields)
        await flushPromises()
        const type = async (label: string, text: string) => {
            await fields(panel)[label]!.get('input').setValue(text)
            await fields(panel)[label]!.get('input').trigger('change')
            await flushPromises()
        }
        await type('Steel, per kg', 'cheap')
        expect(fields(panel)['Steel, per kg']!.text()).toContain('This must be a number.')
        // Another field that is taken does not hide what is still wrong with the first.
        await type('Coating, per m²', ' 30 ')
        expect(fields(panel)['Steel, per kg']!.text()).toContain('This must be a number.')
        expect(fields(panel)['Steel, per kg']!.get('input').element.value).toBe('cheap')
        await type('Steel, per kg', '2')
        expect(fields(panel)['Steel, per kg']!.text()).not.toContain('This must be a number.')
        expect(sent.filter((c, i) => JSON.stringify(c) !== JSON.stringify(sent[i - 1]))).toEqual([
            { price: 'cheap' },
            { coating: '30' },
            { price: '2' },
        ])
    })

    it('says when the rates cannot be read', async () => {
        vi.stubGlobal('fetch', async () => json({ message: 'Not today.' }, 500))
        const panel = mount(RatesFields)
        await flushPromises()
        expect(panel.get('[role=alert]').text()).toBe('Not today.')
        expect(panel.find('input').exists()).toBe(false)
    })
})

describe('a text that is given on when its field is left', () => {
    it.each([undefined, 3])('keeps what is typed while the field has the focus, in %s rows', async (rows) => {
        const field = mount(LazyField, { props: { modelValue: 'before', rows } })
        const input = field.get<HTMLInputElement | HTMLTextAreaElement>(rows ? 'textarea' : 'input')
        await input.trigger('focus')
        await input.setValue('typed')
        await field.setProps({ modelValue: 'from the server' })
        expect(input.element.value).toBe('typed')
        await input.trigger('blur')
        await field.setProps({ modelValue: 'later' })
        expect(input.element.value).toBe('later')
    })
    it('gives it on with a change', async () => {
        const field = mount(LazyField, { props: { modelValue: '', rows: 2 } })
        await field.get('textarea').setValue('two\nrows')
        await field.get('textarea').trigger('change')
        expect(field.emitted('commit')?.at(-1)).toEqual(['two\nrows'])
    })
})
