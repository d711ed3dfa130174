import { expect, it } from 'vitest'
import { barListCsv } from '@/materials/concrete/barList'

it('is a file with a row a mark, texts with commas quoted', () => {
    const place = { face: 'bottom', from: 0, to: 6140.4, bends: [false, false] } as const
    const row = {
        ...place,
        bends: [false, false],
        mark: '01',
        where: 'bottom, span 1',
        diameter: 20,
        number: 4,
        length: 6140.4,
        shape: 'straight: 6140',
        mass: 60.574,
    }
    expect(barListCsv([row])).toBe('mark,where,diameter mm,number,length mm,shape,mass kg\r\n01,"bottom, span 1",20,4,6140,straight: 6140,60.57\r\n')
})
