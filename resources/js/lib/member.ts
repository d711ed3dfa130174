import type { LoadDocument, MemberDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'
import type { Kind, UnitSystem } from '@/lib/units'

/** A simply supported beam to start from. */
export function newMember(mark: string, units: UnitSystem): MemberDocument {
    const metric = units === 'metric'
    const length = metric ? '6 m' : '20 ft'
    const bearing = metric ? '150 mm' : '6 in'
    return {
        format: 'waage-member',
        version: 5,
        mark,
        title: '',
        notes: '',
        length,
        supports: [
            { x: metric ? '0 m' : '0 ft', kind: 'pinned', bearing },
            { x: length, kind: 'pinned', bearing },
        ],
        restraint: { top: { kind: 'supports' }, bottom: { kind: 'supports' } },
        loadHeight: 'top',
        selfWeight: true,
        cases: [
            { id: 'g', name: 'Permanent', category: 'permanent' },
            { id: 'q', name: 'Imposed', category: 'B' },
        ],
        loads: [],
    }
}

export const CATEGORIES: Record<MemberDocument['cases'][number]['category'], string> = {
    permanent: 'Permanent',
    A: 'A: domestic, residential',
    B: 'B: offices',
    C: 'C: congregation',
    D: 'D: shopping',
    E: 'E: storage',
    F: 'F: traffic up to 30 kN',
    G: 'G: traffic 30 to 160 kN',
    H: 'H: roofs',
    snow: 'Snow',
    'wind-down': 'Wind, downward',
    'wind-up': 'Wind, upward',
    settlement: 'Settlement',
    temperature: 'Temperature',
    rain: 'Rain',
    accidental: 'Accidental',
    seismic: 'Seismic, either way',
}

/** Section families, by kind as a shortlist shows them. */
export const FAMILY_KINDS = [
    { kind: 'I and H', families: ['IPE', 'HEAA', 'HEA', 'HEB', 'HEM', 'UB', 'UC', 'W', 'S', 'M'] },
    { kind: 'Hollow', families: ['SHS', 'RHS', 'CHS', 'SHS cold', 'RHS cold', 'CHS cold', 'HSS', 'Pipe'] },
    { kind: 'Channels', families: ['UPE', 'UPN', 'PFC', 'C'] },
    { kind: 'Angles', families: ['L', 'L inch'] },
    { kind: 'Tees', families: ['½ IPE', '½ HEAA', '½ HEA', '½ HEB', '½ HEM', '½ UB', '½ UC', 'WT'] },
] as const

export const FAMILIES: string[] = FAMILY_KINDS.flatMap((of) => [...of.families])

/** Steel grades, by the standard they come from. */
export const GRADES = [
    { standard: 'EN 10025', grades: ['S235', 'S275', 'S355', 'S460'] },
    { standard: 'ASTM', grades: ['A36', 'A572 50', 'A992', 'A913 65', 'A500 46', 'A500 C', 'A53 B'] },
] as const
export type Grade = (typeof GRADES)[number]['grades'][number]

/** Those that a shortlist looks at when none are chosen. */
export const USUAL = ['IPE', 'HEA', 'HEB', 'HEM']

/** A name that no entry has yet: q, q2, q3 … */
export function freshId(prefix: string, taken: string[]): string {
    if (!taken.includes(prefix)) return prefix
    let n = 2
    while (taken.includes(`${prefix}${n}`)) n++
    return `${prefix}${n}`
}

export const isDisplacement = (kind: LoadDocument['kind']): boolean => kind === 'settlement' || kind === 'rotation'

export const isAtOnePlace = (kind: LoadDocument['kind']): boolean =>
    !['line', 'area', 'slab', 'temperature', 'warming', 'train', 'concentrated', 'lengths'].includes(kind)

/** Does it come from the temperature of the member? */
export const isThermal = (kind: LoadDocument['kind']): boolean => kind === 'temperature' || kind === 'warming'

export const isLevel = (member: MemberDocument): boolean => (member.slope?.by ?? 'level') === 'level'

/** Does it act at the worst place, in place of the other loads of its case? */
export const isMoving = (kind: LoadDocument['kind']): boolean =>
    kind === 'train' || kind === 'concentrated' || kind === 'lengths'

/** What the value of a load is measured in. */
export const VALUE: Record<LoadDocument['kind'], Kind> = {
    line: 'lineLoad',
    area: 'areaLoad',
    slab: 'areaLoad',
    point: 'force',
    moment: 'moment',
    settlement: 'deflection',
    rotation: 'rotation',
    temperature: 'temperature',
    warming: 'temperature',
    train: 'force',
    concentrated: 'force',
    lengths: 'lineLoad',
}

/** The same place, written alike or within a millimetre. */
export function isAt(a: string | undefined, b: string | undefined): boolean {
    if (a === b) return true
    const [x, y] = [readQuantity(a, 'length'), readQuantity(b, 'length')]
    return x !== null && y !== null && Math.abs(x - y) < 1
}

/** Puts a support somewhere else; its settlement and rotation go with it. */
export function placeSupport(member: MemberDocument, index: number, x: string): void {
    const support = member.supports[index]
    if (!support) return
    for (const l of member.loads) if (isDisplacement(l.kind) && isAt(l.x, support.x)) l.x = x
    support.x = x
}
