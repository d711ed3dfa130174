import type { VerdictResult } from '@/contract/result'

export type VerdictState = VerdictResult['state']

/** Nothing but this reads as "holds". */
export const isFine = (state: VerdictState): boolean => state === 'holds' || state === 'unloaded'

export const VERDICTS: Record<VerdictState, string> = {
    holds: 'holds',
    fails: 'does not hold',
    uncovered: 'not covered',
    unloaded: 'not loaded',
}

/** The same at the head of a sentence. */
export const verdictTitle = (state: VerdictState): string => VERDICTS[state].replace(/^./, (c) => c.toUpperCase())
