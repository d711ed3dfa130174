import type { CaseDocument, LoadDocument, MemberDocument } from '@/contract/member'
import { AXLES } from '@/bench/influence'
import { freshId, isAt, isAtOnePlace, isDisplacement, isMoving, isThermal } from '@/lib/member'
import { readQuantity } from '@/lib/quantity'
import { typed, type UnitSystem } from '@/lib/units'

/** Changes to the loads of a member document, which is a draft of its own. Each gives back the ids of new loads. */

const VALUES: Record<UnitSystem, Record<LoadDocument['kind'], string>> = {
    metric: {
        line: '5 kN/m',
        area: '2.5 kN/m²',
        slab: '5 kN/m²',
        point: '10 kN',
        moment: '10 kNm',
        settlement: '10 mm',
        rotation: '2 mrad',
        temperature: '15 K',
        warming: '30 K',
        train: '',
        concentrated: '4.5 kN',
        lengths: '5 kN/m',
    },
    us: {
        line: '0.5 kip/ft',
        area: '50 psf',
        slab: '100 psf',
        point: '2 kip',
        moment: '5 kip·ft',
        settlement: '0.4 in',
        rotation: '2 mrad',
        temperature: '25 degF',
        warming: '50 degF',
        train: '',
        concentrated: '2 kip',
        lengths: '0.5 kip/ft',
    },
}
const WIDTH: Record<UnitSystem, string> = { metric: '3 m', us: '10 ft' }

export function addLoad(d: MemberDocument, kind: LoadDocument['kind'], units: UnitSystem): string {
    const id = freshLoadId(d)
    const load: LoadDocument = { id, case: '', kind, name: '', remark: '', value: VALUES[units][kind] }
    if (isAtOnePlace(kind)) load.x = typed((readQuantity(d.length, 'length') ?? 0) / 2, 'length', units)
    d.loads.push(load)
    changeKind(d, d.loads.length - 1, kind, units)
    if (kind === 'settlement') load.x = d.supports.at(-1)?.x
    return id
}

/** Gives a load another kind; what it has stays, and what the kind needs is added. */
export function changeKind(d: MemberDocument, index: number, kind: LoadDocument['kind'], units: UnitSystem): void {
    const load = d.loads[index]
    if (!load) return
    load.kind = kind
    load.case = caseFor(d, kind, load.case)
    if (kind !== 'area' && kind !== 'slab') delete load.buildUp
    if (isDisplacement(kind)) {
        if (!d.supports.some((s) => isAt(s.x, load.x))) load.x = d.supports[0]?.x ?? ''
    } else if (isAtOnePlace(kind)) load.x ??= load.from || typed(0, 'length', units)
    if (kind === 'train') load.axles ??= [{ ...AXLES[units], distance: '' }, { ...AXLES[units] }]
    if (kind === 'slab' || (kind === 'area' && !load.widths)) load.width ??= WIDTH[units]
}

/** Loads that only load cases of a category of their own take. */
function ownCategory(kind: LoadDocument['kind']): 'settlement' | 'temperature' | null {
    if (isDisplacement(kind)) return 'settlement'
    return isThermal(kind) ? 'temperature' : null
}

/** Does a load case take this kind of load? */
export function takes(c: CaseDocument, kind: LoadDocument['kind']): boolean {
    const own = ownCategory(kind)
    if (isMoving(kind)) return 'ABCDEFGH'.includes(c.category) || c.category === 'accidental'
    return own ? c.category === own : c.category !== 'settlement' && c.category !== 'temperature'
}

/**
 * A load case that takes this kind of load: the given one if it does; one for movements or temperature is made when
 * there is none.
 */
function caseFor(d: MemberDocument, kind: LoadDocument['kind'], given: string): string {
    if (kind === 'train' || kind === 'lengths') return caseOfItsOwn(d, kind)
    const found = d.cases.find((c) => c.id === given && takes(c, kind)) ?? d.cases.find((c) => takes(c, kind))
    const own = ownCategory(kind)
    if (found || !own) return found?.id ?? ''
    const id = freshCaseId(d, own === 'settlement' ? 'd' : 't')
    d.cases.push({ id, name: own === 'settlement' ? 'Settlement' : 'Temperature', category: own })
    return id
}

/** Such a load has a load case of its own. */
function caseOfItsOwn(d: MemberDocument, kind: 'train' | 'lengths'): string {
    const free = d.cases.find((c) => takes(c, kind) && !d.loads.some((l) => l.case === c.id))
    if (free) return free.id
    const id = freshCaseId(d, 't')
    d.cases.push(
        kind === 'train' ? { id, name: 'Train', category: 'G' } : { id, name: 'On any lengths', category: 'C' },
    )
    return id
}

/** Imposed loads of these categories may be reduced with the floor area that they come from. */
export const isReducible = (category: string | undefined): boolean =>
    category?.length === 1 && 'ABCDE'.includes(category)

/** A copy behind the load, in another load case and times a factor if one is given: the factor stays to be seen. */
export function duplicate(d: MemberDocument, index: number, into?: string, factor = ''): string {
    const load = d.loads[index]
    if (!load) return ''
    const id = freshLoadId(d)
    const times = (value: string): string => (factor.trim() ? `${factor.trim()} * (${value})` : value)
    const copy = { ...structuredClone(load), id, case: into ?? load.case, value: times(load.value) }
    if (copy.end) copy.end = times(copy.end)
    if (!isReducible(d.cases.find((c) => c.id === copy.case)?.category)) {
        delete copy.area
        delete copy.storeys
    }
    d.loads.splice(index + 1, 0, copy)
    return id
}

/** Lets the width of an area load change along the member, or makes it one width again. */
export function varyWidth(d: MemberDocument, index: number, vary: boolean): void {
    const load = d.loads[index]
    if (!load) return
    if (vary) {
        const width = load.width ?? ''
        load.widths = [
            { x: load.from || '0 m', width },
            { x: load.to || d.length, width },
        ]
        delete load.width
        delete load.from
        delete load.to
    } else {
        load.width = load.widths?.[0]?.width ?? ''
        delete load.widths
    }
}

/** Loads on their way to another span or member, with the load cases that they belong to. */
export interface CopiedLoads {
    loads: LoadDocument[]
    cases: CaseDocument[]
}

export function copyLoads(d: MemberDocument, ids: string[]): CopiedLoads {
    const loads = d.loads.filter((l) => ids.includes(l.id))
    return { loads, cases: d.cases.filter((c) => loads.some((l) => l.case === c.id)) }
}

/** A load case of the same name and category takes the loads of a copied one; otherwise it comes along. */
export function pasteLoads(d: MemberDocument, copied: CopiedLoads): string[] {
    const target = new Map<string, string>()
    for (const c of copied.cases) {
        const same =
            d.cases.find((own) => own.category === c.category && own.name === c.name) ??
            d.cases.find((own) => own.id === c.id && own.category === c.category)
        const id = same?.id ?? (d.cases.some((own) => own.id === c.id) ? freshCaseId(d, c.id) : c.id)
        if (!same) d.cases.push({ ...c, id })
        target.set(c.id, id)
    }
    return copied.loads.map((l) => {
        const id = freshLoadId(d)
        d.loads.push({ ...structuredClone(l), id, case: target.get(l.case) ?? l.case })
        return id
    })
}

export function addCase(d: MemberDocument): void {
    d.cases.push({ id: freshCaseId(d, 'c'), name: 'Snow', category: 'snow' })
}

const freshLoadId = (d: MemberDocument): string =>
    freshId(
        'l',
        d.loads.map((l) => l.id),
    )
const freshCaseId = (d: MemberDocument, prefix: string): string =>
    freshId(
        prefix,
        d.cases.map((c) => c.id),
    )
