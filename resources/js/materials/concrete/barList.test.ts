import { expect, it } from 'vitest'
import { barListCsv } from '@/materials/concrete/barList'

it('is a file with a row a mark, texts with commas quoted', () => {
    const place = { face: 'bottom', from: 0, to: 6140.4, bends: [false, false] } as const
    const row = {
        ...place,
        bends: [false, false],
        mark: '01',
        where: 'bottom, span 1',
        size: 'ø20',
        diameter: 20,
        number: 4,
        length: 6140.4,
        shape: 'straight: 6140',
        mass: 60.574,
    }
    expect(barListCsv([row], 'metric')).toBe(
        'mark,where,size,number,length mm,shape mm,mass kg\r\n01,"bottom, span 1",ø20,4,6140,straight: 6140,60.57\r\n',
    )
    expect(barListCsv([{ ...row, shape: 'straight: 241.75' }], 'us')).toContain(
        'number,length in,shape in,mass lb\r\n01,"bottom, span 1",ø20,4,241.75,straight: 241.75,133.54',
    )
})
