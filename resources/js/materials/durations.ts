import { familyOf } from '@/materials'
import type { CaseDocument } from '@/contract/member'

type Duration = NonNullable<CaseDocument['duration']>

/** How long loads stay, in the words of the standard that goes with the combinations of a job. */
const NAMES: Record<ReturnType<typeof familyOf>, Record<Duration, string>> = {
    '': { permanent: 'permanent', long: 'long', medium: 'medium', short: 'short', instantaneous: 'instantaneous' },
    american: {
        permanent: 'permanent (0.9)',
        long: 'ten years (1.0)',
        medium: 'two months (1.15)',
        short: 'seven days (1.25)',
        instantaneous: 'ten minutes (1.6)',
    },
    canadian: {
        permanent: 'long term',
        long: 'long term, variable',
        medium: 'standard term',
        short: 'short term',
        instantaneous: 'short term, wind or earthquake',
    },
}

export const durationsOf = (combinations: string | undefined): Record<Duration, string> => NAMES[familyOf(combinations)]
