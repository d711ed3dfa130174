import hot from '@core/src/Materials/Steel/data/en10210.csv?raw'
import cold from '@core/src/Materials/Steel/data/en10219.csv?raw'
import angles from '@core/src/Materials/Steel/data/angles.csv?raw'
import channels from '@core/src/Materials/Steel/data/channels.csv?raw'
import rolled from '@core/src/Materials/Steel/data/en10365.csv?raw'
import americanChannels from '@core/src/Materials/Steel/data/c.csv?raw'
import americanAngles from '@core/src/Materials/Steel/data/l.csv?raw'
import standard from '@core/src/Materials/Steel/data/s.csv?raw'
import tubing from '@core/src/Materials/Steel/data/hss.csv?raw'
import american from '@core/src/Materials/Steel/data/w.csv?raw'

const namesOf = (table: string): string[] =>
    table
        .split('\n')
        .filter((l) => l && !l.startsWith('#') && !l.startsWith('family'))
        .map((l) => l.split(',')[1] as string)

/** The tee that an I section is cut into, as core/src/Sections/Catalogue.php names it. */
function half(name: string): string {
    const american = /^W([\d.]+)×([\d.]+)$/.exec(name)
    return american ? `WT${Number(american[1]) / 2}×${Number(american[2]) / 2}` : `½ ${name}`
}

/** The names of all sections of the catalogue, in the order of their standards. */
export const SECTION_NAMES = [
    ...[rolled, hot, cold, american, standard, tubing, channels, americanChannels, angles, americanAngles].flatMap(
        namesOf,
    ),
    ...[rolled, american].flatMap(namesOf).map(half),
]

/** Is it an angle by its name, "L 100×100×10" or "l4x4x1/2"? */
export const isAngle = (name: string): boolean => /^\s*(l|angle)\s*\d/i.test(name)

/** Is it a tee by its name, "½ IPE 300", "1/2 ipe 300" or "WT7×34"? */
export const isTee = (name: string): boolean => /^\s*(½|1\/2|wt|welded\s*t\b)/i.test(name)

export type OwnKind =
    | 'I'
    | 'unequal'
    | 'box'
    | 'tee'
    | 'channel'
    | 'angle'
    | 'hollow'
    | 'hollowCold'
    | 'tube'
    | 'tubeCold'
    | 'flat'
    | 'round'

/** Dimensions of sections that have no name of their own, in the order in which these are written. */
export const DIMENSIONS: Record<OwnKind, string[]> = {
    I: ['Depth', 'Width', 'Web', 'Flange'],
    unequal: ['Depth', 'Width of the top', 'Width of the bottom', 'Web', 'Top flange', 'Bottom flange'],
    box: ['Depth', 'Width', 'Plates'],
    tee: ['Depth', 'Width', 'Stem', 'Flange'],
    channel: ['Depth', 'Width', 'Web', 'Flange'],
    angle: ['Upright leg', 'Flat leg', 'Thickness'],
    hollow: ['Depth', 'Width', 'Wall'],
    hollowCold: ['Depth', 'Width', 'Wall'],
    tube: ['Diameter', 'Wall'],
    tubeCold: ['Diameter', 'Wall'],
    flat: ['Depth', 'Thickness'],
    round: ['Diameter'],
}

const WRITTEN: Record<OwnKind, string> = {
    I: 'welded I',
    unequal: 'welded I',
    box: 'welded box',
    tee: 'welded T',
    channel: 'welded channel',
    angle: 'angle',
    hollow: 'hollow',
    hollowCold: 'hollow',
    tube: 'tube',
    tubeCold: 'tube',
    flat: 'flat',
    round: 'round',
}
const isCold = (kind: OwnKind): boolean => kind === 'hollowCold' || kind === 'tubeCold'

export const nameOf = (kind: OwnKind, dimensions: number[]): string =>
    `${WRITTEN[kind]} ${dimensions.map((v) => Number(v.toFixed(2))).join('×')}${isCold(kind) ? ' cold' : ''}`

/**
 * What the name of such a section says, as core/src/Sections/OwnSections.php reads it; null for one of the catalogue.
 */
export function ownSection(name: string): { kind: OwnKind; dimensions: number[] } | null {
    const found =
        /^(weldedi|weldedbox|weldedt|weldedchannel|angle|hollow|tube|flat|round)([\d.]+(?:x[\d.]+)*)(cold)?$/.exec(
            name.toLowerCase().replace(/\s+/g, '').replace(/[×*]/g, 'x'),
        )
    if (!found) return null
    const dimensions = (found[2] as string).split('x').map(Number)
    const kinds = (Object.keys(DIMENSIONS) as OwnKind[]).filter(
        (k) => WRITTEN[k].toLowerCase().replace(' ', '') === found[1] && isCold(k) === Boolean(found[3]),
    )
    const kind = kinds.find((k) => DIMENSIONS[k].length === dimensions.length)
    return kind && dimensions.every((v) => v > 0) ? { kind, dimensions } : null
}

export interface StripLine {
    thickness: string
    points: string
}

/** A section built of strips to begin with: a plate on a stem. */
export const SOME_STRIPS: StripLine[] = [
    { thickness: '12', points: '0,0 200,0' },
    { thickness: '8', points: '100,6 100,160' },
]

/** What "strips 12: 0,0 200,0; 8: 100,6 100,160" says; null: it is another section. What is typed is kept as it is. */
export function stripsOf(name: string): StripLine[] | null {
    const found = /^\s*strips\b(.*)$/is.exec(name)
    if (!found) return null
    return (found[1] as string).split(';').map((line) => {
        const [thickness, ...points] = line.split(':')
        return { thickness: (thickness ?? '').trim(), points: points.join(':').trim() }
    })
}

export const nameOfStrips = (lines: StripLine[]): string =>
    `strips ${lines.map((l) => `${l.thickness}: ${l.points}`).join('; ')}`
