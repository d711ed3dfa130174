import hot from '@core/data/sections-en10210.csv?raw'
import cold from '@core/data/sections-en10219.csv?raw'
import angles from '@core/data/sections-angles.csv?raw'
import channels from '@core/data/sections-channels.csv?raw'
import rolled from '@core/data/sections-en10365.csv?raw'
import americanChannels from '@core/data/sections-c.csv?raw'
import americanAngles from '@core/data/sections-l.csv?raw'
import tubing from '@core/data/sections-hss.csv?raw'
import american from '@core/data/sections-w.csv?raw'

/** The names of all sections of the catalogue, in the order of their standards. */
export const SECTION_NAMES = [rolled, hot, cold, american, tubing, channels, americanChannels, angles, americanAngles].flatMap((table) =>
    table
        .split('\n')
        .filter((l) => l && !l.startsWith('#') && !l.startsWith('family'))
        .map((l) => l.split(',')[1] as string),
)

export type OwnKind = 'I' | 'unequal' | 'box'

/** Dimensions of sections welded of plates, in the order of their names. */
export const DIMENSIONS: Record<OwnKind, string[]> = {
    I: ['Depth', 'Width', 'Web', 'Flange'],
    unequal: ['Depth', 'Width of the top', 'Width of the bottom', 'Web', 'Top flange', 'Bottom flange'],
    box: ['Depth', 'Width', 'Plates'],
}

export const nameOf = (kind: OwnKind, dimensions: number[]): string =>
    `welded ${kind === 'box' ? 'box' : 'I'} ${dimensions.map((v) => Number(v.toFixed(2))).join('×')}`

/** What a name of a welded section says, as core/src/Sections/OwnSections.php reads it; null for one of the catalogue. */
export function ownSection(name: string): { kind: OwnKind; dimensions: number[] } | null {
    const found = /^welded(i|box)([\d.]+(?:x[\d.]+)*)$/.exec(name.toLowerCase().replace(/\s+/g, '').replace(/[×*]/g, 'x'))
    if (!found) return null
    const dimensions = (found[2] as string).split('x').map(Number)
    const kind: OwnKind = found[1] === 'box' ? 'box' : dimensions.length === DIMENSIONS.unequal.length ? 'unequal' : 'I'
    return dimensions.length === DIMENSIONS[kind].length && dimensions.every((v) => v > 0) ? { kind, dimensions } : null
}
