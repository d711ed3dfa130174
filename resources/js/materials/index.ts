import type { Component } from 'vue'
import type { MemberDocument } from '@/contract/member'
import ConcretePart from '@/materials/concrete/ConcretePart.vue'
import SteelPart from '@/materials/steel/SteelPart.vue'
import TimberPart from '@/materials/timber/TimberPart.vue'

/** What a material adds to the bench: its fields, and what a new member of it starts from. One line each. */
export interface MaterialView {
    label: string
    part: Component
    start: Partial<MemberDocument>
    /** What is restrained at its top and bottom. */
    edge: 'flange' | 'edge'
    /** A web that is weighed at supports, and may be stiffened there. */
    hasWeb: boolean
    /** Plastic hinges, so that collapse is asked for. */
    collapses: boolean
    /** Its strength goes by how long a load stays. */
    byDuration: boolean
}

export const MATERIALS: Record<NonNullable<MemberDocument['material']>, MaterialView> = {
    steel: {
        label: 'Steel',
        part: SteelPart,
        start: { section: 'IPE 300', grade: 'S355' },
        edge: 'flange',
        hasWeb: true,
        collapses: true,
        byDuration: false,
    },
    concrete: {
        label: 'Concrete',
        part: ConcretePart,
        start: {
            material: 'concrete',
            concrete: {
                width: '300 mm',
                depth: '500 mm',
                grade: 'C30/37',
                cover: '30 mm',
                bottom: '4ø20',
                top: '2ø16',
                linkDiameter: '8 mm',
                linkSpacing: '200 mm',
            },
        },
        edge: 'edge',
        hasWeb: false,
        collapses: false,
        byDuration: false,
    },
    timber: {
        label: 'Timber',
        part: TimberPart,
        start: { material: 'timber', timber: { width: '75 mm', depth: '225 mm', grade: 'C24', serviceClass: '1' } },
        edge: 'edge',
        hasWeb: false,
        collapses: false,
        byDuration: true,
    },
}

export type MaterialId = keyof typeof MATERIALS

export const materialOf = (document: MemberDocument | null): MaterialView => MATERIALS[document?.material ?? 'steel']
