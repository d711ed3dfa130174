import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import QuantityField from './QuantityField.vue'

const field = (modelValue: string, units: 'metric' | 'us' = 'metric') =>
    mount(QuantityField, { props: { modelValue, kind: 'length' as const, units, label: 'Length' } })

describe('QuantityField', () => {
    it('keeps arithmetic as it was typed, with the unit of the field', async () => {
        const w = field('6 m')
        await w.get('input').setValue('2.2*3')
        expect(w.emitted('update:modelValue')?.at(-1)).toEqual(['2.2*3 m'])
        expect(w.text()).toContain('= 6.6 m')
    })
    it('says at once what is wrong and keeps the text', async () => {
        const w = field('6 m')
        await w.get('input').setValue('1/0')
        expect(w.get('.fault').text()).toBe('This divides by zero.')
        expect(w.get('input').element.value).toBe('1/0')
        expect(w.get('input').attributes('aria-invalid')).toBe('true')
    })
    it('shows a value of the other system converted until it is entered', async () => {
        const w = field('20 ft')
        expect(w.get('input').element.value).toBe('6.096 m')
        await w.get('input').trigger('focus')
        expect(w.get('input').element.value).toBe('20 ft')
        await w.get('input').trigger('blur')
        await w.setProps({ units: 'us' })
        expect(w.get('input').element.value).toBe('20 ft')
    })
})
