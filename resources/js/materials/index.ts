import type { Component } from 'vue'
import type { MemberDocument } from '@/contract/member'
import type { KindId } from '@/lib/kinds'
import ConcretePart from '@/materials/concrete/ConcretePart.vue'
import SteelPart from '@/materials/steel/SteelPart.vue'
import TimberPart from '@/materials/timber/TimberPart.vue'

/** What a material adds to the bench: its fields, and what new members of it start from. */
export interface MaterialView {
    label: string
    part: Component
    /** What a new member starts from: which kinds there are, and what each is made of. */
    kinds: Partial<Record<KindId, Partial<MemberDocument>>>
    /** The same by American standards, where they are known. */
    american?: Partial<Record<KindId, Partial<MemberDocument>>>
    /** What is restrained at its top and bottom. */
    edge: 'flange' | 'edge'
    /** A web that is weighed at supports, and may be stiffened there. */
    hasWeb: boolean
    /** Plastic hinges, so that collapse is asked for. */
    collapses: boolean
    /** Its strength goes by how long a load stays. */
    byDuration: boolean
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
const timber = (width: string, depth: string, serviceClass: '1' | '2'): Partial<MemberDocument> => ({
    material: 'timber',
    timber: { width, depth, grade: 'C24', serviceClass },
})

export const MATERIALS: Record<NonNullable<MemberDocument['material']>, MaterialView> = {
    steel: {
        label: 'Steel',
        part: SteelPart,
        kinds: { beam: steel('IPE 300'), lintel: steel('IPE 160'), purlin: steel('IPE 160'), rafter: steel('IPE 240'), column: steel('HEB 160') },
        american: {
            beam: american('W18×50'),
            lintel: american('W8×18'),
            purlin: american('W8×18'),
            rafter: american('W12×26'),
            column: american('W8×31'),
        },
        edge: 'flange',
        hasWeb: true,
        collapses: true,
        byDuration: false,
    },
    concrete: {
        label: 'Concrete',
        part: ConcretePart,
        kinds: { beam: concrete('300 mm', '500 mm'), lintel: concrete('200 mm', '250 mm'), slab: SLAB },
        american: { beam: americanConcrete('12 in', '20 in'), lintel: americanConcrete('8 in', '12 in'), slab: AMERICAN_SLAB },
        edge: 'edge',
        hasWeb: false,
        collapses: false,
        byDuration: false,
    },
    timber: {
        label: 'Timber',
        part: TimberPart,
        kinds: {
            joist: timber('63 mm', '225 mm', '1'),
            beam: timber('100 mm', '300 mm', '1'),
            lintel: timber('100 mm', '200 mm', '2'),
            purlin: timber('100 mm', '200 mm', '2'),
        },
        edge: 'edge',
        hasWeb: false,
        collapses: false,
        byDuration: true,
    },
}

export type MaterialId = keyof typeof MATERIALS

export const materialOf = (document: MemberDocument | null): MaterialView => MATERIALS[document?.material ?? 'steel']
