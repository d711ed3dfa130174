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
    members: MemberRow[]
}
