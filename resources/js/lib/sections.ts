import hot from '@core/data/sections-en10210.csv?raw'
import cold from '@core/data/sections-en10219.csv?raw'
import rolled from '@core/data/sections-en10365.csv?raw'

/** The names of all sections of the catalogue, in the order of their standards. */
export const SECTION_NAMES = [rolled, hot, cold].flatMap((table) =>
    table
        .split('\n')
        .filter((l) => l && !l.startsWith('#') && !l.startsWith('family'))
        .map((l) => l.split(',')[1] as string),
)
