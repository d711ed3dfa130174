import type { Component } from 'vue'
import type { MemberDocument } from '@/contract/member'
import type { KindId } from '@/lib/kinds'
import ConcretePart from '@/materials/concrete/ConcretePart.vue'
import ColdFormedPart from '@/materials/coldFormed/ColdFormedPart.vue'
import SteelPart from '@/materials/steel/SteelPart.vue'
import TimberPart from '@/materials/timber/TimberPart.vue'

/** Rules for combinations whose standards have grades of their own. */
export type RulesFamily = 'american' | 'canadian'

export const familyOf = (combinations: string | undefined): RulesFamily | '' =>
    combinations?.startsWith('asce') ? 'american' : combinations?.startsWith('nbc') ? 'canadian' : ''

/** What a material adds to the bench: its fields, and what new members of it start from. */
export interface MaterialView {
    label: string
    part: Component
    /** What a new member starts from: which kinds there are, and what each is made of. */
    kinds: Partial<Record<KindId, Partial<MemberDocument>>>
    /** The same by the standards of other rules for combinations, where they are known. */
    byRules?: Partial<Record<RulesFamily, Partial<Record<KindId, Partial<MemberDocument>>>>>
    /** What is restrained at its top and bottom. */
    edge: 'flange' | 'edge'
    /** A web that is weighed at supports, and may be stiffened there. */
    hasWeb: boolean
    /** Plastic hinges, so that collapse is asked for. */
    collapses: boolean
    /** Its strength goes by how long a load stays. */
    byDuration: boolean
    /** It creeps: a load case may say which part of it stays. */
    creeps: boolean
    /** Has it links, that may hang loads up? */
    hasLinks?: (document: MemberDocument) => boolean
    /** Is it a strip of a slab, over whose width loads spread? */
    isStrip?: (document: MemberDocument) => boolean
}

const steel = (section: string): Partial<MemberDocument> => ({ section, grade: 'S355' })
const american = (section: string): Partial<MemberDocument> => ({ section, grade: 'A992' })
/** Bars and links are left to be chosen. */
const concrete = (width: string, depth: string): Partial<MemberDocument> => ({
    material: 'concrete',
    concrete: { width, depth, grade: 'C30/37', cover: '30 mm', linkDiameter: '8 mm' },
})
const SLAB: Partial<MemberDocument> = {
    material: 'concrete',
    concrete: { form: 'slab', width: '1 m', depth: '180 mm', grade: 'C30/37', cover: '25 mm' },
}
const AMERICAN_SLAB: Partial<MemberDocument> = {
    material: 'concrete',
    concrete: { form: 'slab', width: '12 in', depth: '7 in', grade: '4000 psi', cover: '0.75 in' },
}
const americanConcrete = (width: string, depth: string): Partial<MemberDocument> => ({
    material: 'concrete',
    concrete: { width, depth, grade: '4000 psi', cover: '1.5 in', linkDiameter: '#3' },
})
type Timber = NonNullable<MemberDocument['timber']>
const timber = (width: string, depth: string, more: Partial<Timber> = {}): Partial<MemberDocument> => ({
    material: 'timber',
    timber: { width, depth, grade: 'C24', ...more },
})
const inRow = (spacing: string): Partial<Timber> => ({ sharesLoad: true, spacing })
const DOUGLAS = { grade: 'Douglas Fir-Larch No.2' }
const SPRUCE = { grade: 'SPF No.1/No.2' }

const folded = (
    shape: 'lipped C' | 'lipped Z',
    sizes: [h: string, b: string, c: string, t: string],
    fy: string,
): Partial<MemberDocument> => ({
    material: 'coldFormed',
    coldFormed: { shape, h: sizes[0], b: sizes[1], c: sizes[2], t: sizes[3], yield: fy },
})
const foldedKinds = (isMetric: boolean): Partial<Record<KindId, Partial<MemberDocument>>> => {
    const fy = isMetric ? '345 MPa' : '50 ksi'
    return {
        joist: folded(
            'lipped C',
            isMetric ? ['250 mm', '75 mm', '20 mm', '2 mm'] : ['10 in', '3 in', '0.8 in', '0.08 in'],
            fy,
        ),
        purlin: folded(
            'lipped Z',
            isMetric ? ['200 mm', '65 mm', '20 mm', '2 mm'] : ['8 in', '2.5 in', '0.8 in', '0.08 in'],
            fy,
        ),
        stud: folded(
            'lipped C',
            isMetric ? ['150 mm', '45 mm', '15 mm', '1.5 mm'] : ['6 in', '1.75 in', '0.6 in', '0.06 in'],
            fy,
        ),
        column: folded(
            'lipped C',
            isMetric ? ['150 mm', '65 mm', '20 mm', '2.5 mm'] : ['6 in', '2.5 in', '0.8 in', '0.1 in'],
            fy,
        ),
    }
}

export const MATERIALS: Record<NonNullable<MemberDocument['material']>, MaterialView> = {
    steel: {
        label: 'Steel',
        part: SteelPart,
        kinds: {
            beam: steel('IPE 300'),
            lintel: steel('IPE 160'),
            purlin: steel('IPE 160'),
            rafter: steel('IPE 240'),
            column: steel('HEB 160'),
        },
        byRules: {
            american: {
                beam: american('W18×50'),
                lintel: american('W8×18'),
                purlin: american('W8×18'),
                rafter: american('W12×26'),
                column: american('W8×31'),
            },
        },
        edge: 'flange',
        hasWeb: true,
        collapses: true,
        byDuration: false,
        creeps: false,
    },
    concrete: {
        label: 'Concrete',
        part: ConcretePart,
        kinds: { beam: concrete('300 mm', '500 mm'), lintel: concrete('200 mm', '250 mm'), slab: SLAB },
        byRules: {
            american: {
                beam: americanConcrete('12 in', '20 in'),
                lintel: americanConcrete('8 in', '12 in'),
                slab: AMERICAN_SLAB,
            },
        },
        edge: 'edge',
        hasWeb: false,
        collapses: false,
        byDuration: false,
        creeps: true,
        hasLinks: (d) => d.concrete?.form !== 'slab',
        isStrip: (d) => d.concrete?.form === 'slab',
    },
    timber: {
        label: 'Timber',
        part: TimberPart,
        kinds: {
            joist: timber('63 mm', '225 mm', inRow('400 mm')),
            beam: timber('100 mm', '300 mm'),
            lintel: timber('100 mm', '200 mm', { serviceClass: '2' }),
            purlin: timber('100 mm', '200 mm', { serviceClass: '2' }),
            'roof joist': timber('50 mm', '200 mm', { serviceClass: '2', ...inRow('600 mm') }),
            rafter: timber('50 mm', '200 mm', { serviceClass: '2', ...inRow('600 mm') }),
            'rafter pair': timber('50 mm', '200 mm', { serviceClass: '2', ...inRow('600 mm') }),
            column: timber('120 mm', '120 mm'),
            stud: timber('45 mm', '145 mm', { serviceClass: '2', ...inRow('600 mm') }),
        },
        byRules: {
            american: {
                joist: timber('1.5 in', '9.25 in', { ...DOUGLAS, ...inRow('16 in') }),
                beam: timber('5.125 in', '15 in', { grade: '24F-1.8E' }),
                lintel: timber('3.5 in', '9.25 in', DOUGLAS),
                purlin: timber('3.5 in', '9.25 in', DOUGLAS),
                'roof joist': timber('1.5 in', '9.25 in', { ...DOUGLAS, ...inRow('16 in') }),
                rafter: timber('1.5 in', '9.25 in', { ...DOUGLAS, ...inRow('16 in') }),
                'rafter pair': timber('1.5 in', '9.25 in', { ...DOUGLAS, ...inRow('16 in') }),
                column: timber('5.5 in', '5.5 in', { grade: 'Douglas Fir-Larch No.1' }),
                stud: timber('1.5 in', '5.5 in', { grade: 'Spruce-Pine-Fir Stud', ...inRow('16 in') }),
            },
            canadian: {
                joist: timber('38 mm', '235 mm', { ...SPRUCE, ...inRow('400 mm') }),
                beam: timber('130 mm', '456 mm', { grade: 'D.Fir-L 20f-E' }),
                lintel: timber('89 mm', '235 mm', SPRUCE),
                purlin: timber('89 mm', '235 mm', SPRUCE),
                'roof joist': timber('38 mm', '235 mm', { ...SPRUCE, ...inRow('400 mm') }),
                rafter: timber('38 mm', '235 mm', { ...SPRUCE, ...inRow('400 mm') }),
                'rafter pair': timber('38 mm', '235 mm', { ...SPRUCE, ...inRow('400 mm') }),
                column: timber('140 mm', '140 mm', { grade: 'SPF No.1' }),
                stud: timber('38 mm', '140 mm', { ...SPRUCE, ...inRow('400 mm') }),
            },
        },
        edge: 'edge',
        hasWeb: false,
        collapses: false,
        byDuration: true,
        creeps: true,
    },
    coldFormed: {
        label: 'Cold-formed',
        part: ColdFormedPart,
        kinds: foldedKinds(true),
        byRules: { american: foldedKinds(false) },
        edge: 'flange',
        hasWeb: true,
        collapses: false,
        byDuration: false,
        creeps: false,
    },
}

export type MaterialId = keyof typeof MATERIALS

export const materialOf = (document: MemberDocument | null): MaterialView => MATERIALS[document?.material ?? 'steel']
