import type { MemberDocument } from '@/contract/member'
import { newMember } from '@/lib/member'
import type { UnitSystem } from '@/lib/units'

export type KindId =
    'beam' | 'slab' | 'joist' | 'lintel' | 'purlin' | 'rafter' | 'column' | 'stud' | 'roof joist' | 'rafter pair'

interface MemberKind {
    label: string
    /** Before its number in the job. */
    mark: string
    length: [metric: string, us: string]
    bearing: [metric: string, us: string]
    change: Partial<MemberDocument>
}

const IMPOSED = (category: 'A' | 'B'): MemberDocument['cases'] => [
    { id: 'g', name: 'Permanent', category: 'permanent' },
    { id: 'q', name: 'Imposed', category },
]
const ROOF: MemberDocument['cases'] = [
    { id: 'g', name: 'Permanent', category: 'permanent' },
    { id: 's', name: 'Snow', category: 'snow' },
    { id: 'w', name: 'Wind downward', category: 'wind-down', alternatives: 'wind' },
    { id: 'u', name: 'Wind upward', category: 'wind-up', alternatives: 'wind' },
]
const HELD: MemberDocument['restraint'] = { top: { kind: 'continuous' }, bottom: { kind: 'supports' } }

/** What a member may be; each starts with supports, restraint and load cases that are usual for it. */
export const KINDS: Record<KindId, MemberKind> = {
    beam: { label: 'beam', mark: 'B', length: ['6 m', '20 ft'], bearing: ['150 mm', '6 in'], change: {} },
    slab: {
        label: 'slab strip',
        mark: 'S',
        length: ['4.5 m', '15 ft'],
        bearing: ['150 mm', '6 in'],
        change: { cases: IMPOSED('B'), restraint: HELD },
    },
    joist: {
        label: 'joist',
        mark: 'J',
        length: ['4 m', '14 ft'],
        bearing: ['75 mm', '3 in'],
        change: { cases: IMPOSED('A'), restraint: HELD },
    },
    lintel: {
        label: 'lintel',
        mark: 'L',
        length: ['1.8 m', '6 ft'],
        bearing: ['150 mm', '6 in'],
        change: { cases: IMPOSED('A') },
    },
    purlin: {
        label: 'purlin',
        mark: 'PU',
        length: ['5 m', '16 ft'],
        bearing: ['100 mm', '4 in'],
        change: { cases: ROOF, restraint: HELD },
    },
    rafter: {
        label: 'rafter',
        mark: 'R',
        length: ['5 m', '16 ft'],
        bearing: ['100 mm', '4 in'],
        change: { slope: { by: 'angle', value: '30 deg' }, cases: ROOF, restraint: HELD },
    },
    column: {
        label: 'column',
        mark: 'C',
        length: ['3.5 m', '12 ft'],
        bearing: ['150 mm', '6 in'],
        change: { slope: { by: 'upright' }, loadHeight: 'centre' },
    },
    'roof joist': {
        label: 'roof joist',
        mark: 'J',
        length: ['4 m', '14 ft'],
        bearing: ['75 mm', '3 in'],
        change: { cases: ROOF, restraint: HELD },
    },
    'rafter pair': {
        label: 'paired rafter',
        mark: 'R',
        length: ['4.5 m', '15 ft'],
        bearing: ['100 mm', '4 in'],
        change: { slope: { by: 'angle', value: '35 deg' }, cases: ROOF, restraint: HELD },
    },
    stud: {
        label: 'wall stud',
        mark: 'ST',
        length: ['2.7 m', '9 ft'],
        bearing: ['45 mm', '1.5 in'],
        change: {
            slope: { by: 'upright' },
            cases: ROOF.map((c) =>
                c.id === 'w' ? { ...c, name: 'Wind pressure' } : c.id === 'u' ? { ...c, name: 'Wind suction' } : c,
            ),
            restraint: { top: { kind: 'continuous' }, bottom: { kind: 'continuous' } },
        },
    },
}

/** A member of a kind to start from: simply supported, held along its axis at one end where it slopes or stands. */
export function startOf(kind: KindId, units: UnitSystem, number: number): MemberDocument {
    const { mark, length, bearing, change } = KINDS[kind]
    const at = units === 'metric' ? 0 : 1
    const member = newMember(`${mark}${number}`, units)
    const supports = member.supports.map((s, i) => ({
        ...s,
        bearing: bearing[at],
        ...(i === 0 ? {} : { x: length[at], ...(change.slope ? rolling(kind) : {}) }),
    }))
    return { ...member, kind, length: length[at], supports, ...structuredClone(change) }
}

/** A ridge beam holds the head of a rafter plumb; two rafters that lean on each other hold theirs level. */
const rolling = (kind: KindId): Partial<MemberDocument['supports'][number]> =>
    kind === 'rafter'
        ? { kind: 'roller', holds: 'vertical' }
        : kind === 'rafter pair'
          ? { kind: 'roller', holds: 'horizontal' }
          : { kind: 'roller' }
