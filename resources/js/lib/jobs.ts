import type { BasisDocument } from '@/contract/member'
import type { VerdictState } from '@/lib/verdict'

export interface JobRow {
    id: number
    name: string
    number: string
    client: string
    members: number
    failing: number
    uncovered: number
    changed: string
}

export interface Summary {
    state: VerdictState | 'incomplete'
    ratio?: number | null
    governs?: string
    reason?: string
    length?: number
    supports?: { x: number; fixed: boolean }[]
    loads?: { from: number; to: number; kind: string }[]
    /** What it is cut from; lengths in mm, volumes in m³, masses in kg. */
    pieces?: Piece[]
}

export interface Piece {
    name: string
    grade: string
    pieces: number
    length: number
    volume: number
    mass: number
}

export interface MemberRow {
    id: number
    mark: string
    title: string
    section: string
    revision: number
    summary: Summary
}

export interface JobDetail {
    id: number
    name: string
    number: string
    client: string
    engineer: string
    checker: string
    basis: BasisDocument
    /** Of the basis: what changes it says which one it was made from. */
    basisRevision: number
    /** How far the members are weighed by a new basis. */
    weighing: { done: number; total: number } | null
    members: MemberRow[]
}
