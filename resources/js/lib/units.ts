import table from '@core/data/units.json'

/** How quantities are shown. The same table as the server's (core/data/units.json); values come in N, mm, MPa. */
export type UnitSystem = 'metric' | 'us'
export type Kind = keyof typeof table.kinds
export type Dimension = (typeof table.kinds)[Kind]['dimension']

interface Unit {
    dimension: string
    factor: number
}
const units: Record<string, Unit> = table.units

export function findUnit(name: string): Unit | undefined {
    return Object.hasOwn(units, name) ? units[name] : undefined
}

export function dimensionOf(kind: Kind): Dimension {
    return table.kinds[kind].dimension
}

export function unitOf(kind: Kind, system: UnitSystem): string {
    return table.kinds[kind][system][0] as string
}

export function factorOf(kind: Kind, system: UnitSystem): number {
    const unit = unitOf(kind, system)
    return unit === '' ? 1 : (findUnit(unit)?.factor ?? 1)
}

/** The number alone, e.g. 123456 N -> "123.5". */
export function number(
    value: number,
    kind: Kind,
    system: UnitSystem,
    decimals = table.kinds[kind][system][1] as number,
): string {
    const text = (value / factorOf(kind, system)).toFixed(decimals)
    return /^-0(\.0*)?$/.test(text) ? text.slice(1) : text
}

/** With its unit, e.g. "123.5 kN". */
export function format(value: number, kind: Kind, system: UnitSystem, decimals?: number): string {
    return `${number(value, kind, system, decimals)} ${unitOf(kind, system)}`.trim()
}

/** As short as it is exact to a millimetre or so: what a field shows for a value that was not typed, e.g. "2.5 m". */
export function typed(value: number, kind: Kind, system: UnitSystem): string {
    return `${Number((value / factorOf(kind, system)).toFixed(4))} ${unitOf(kind, system)}`.trim()
}
