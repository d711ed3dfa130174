/** A ratio as it is shown: rounded up, so that 1.00 always holds and what does not hold shows at least 1.01. */
export function ratioText(ratio: number | null | undefined, decimals = 2): string {
    if (ratio === null || ratio === undefined) return '–'
    const by = 10 ** decimals
    return (Math.ceil(ratio * by - 1e-6) / by).toFixed(decimals)
}
