import { dimensionOf, factorOf, findUnit, typed, unitOf, type Kind, type UnitSystem } from '@/lib/units'

/**
 * Reads what an engineer types into a number field: the grammar of core/src/Units/Quantity.php. Both are tested on
 * core/tests/data/quantities.json.
 */
export const MAX_LENGTH = 200
const LARGEST = 1e15

/** Powers of force and length of each dimension. */
const POWERS: Record<string, [number, number]> = {
    number: [0, 0],
    length: [0, 1],
    force: [1, 0],
    lineLoad: [1, -1],
    stress: [1, -2],
    moment: [1, 1],
    area: [0, 2],
    modulus: [0, 3],
    secondMoment: [0, 4],
    warping: [0, 6],
    stiffness: [1, 2],
    unitWeight: [1, -3],
    // Not made of force and length: powers that nothing else comes to.
    angle: [0, 9],
    areaByLength: [8, 8],
    temperature: [9, 0],
    frequency: [9, 9],
}
const NOUNS: Record<string, string> = {
    number: 'a plain number',
    length: 'a length',
    force: 'a force',
    lineLoad: 'a load per length',
    stress: 'a load per area',
    moment: 'a moment',
    area: 'an area',
    areaByLength: 'an area per length',
    angle: 'an angle',
    unitWeight: 'a unit weight',
    temperature: 'a difference of temperature',
    frequency: 'a frequency',
}

/** What is wrong with a typed quantity, in a sentence for the engineer. */
export class QuantityError extends Error {}

interface Value {
    value: number
    force: number
    length: number
}
interface Token {
    kind: 'number' | 'unit' | 'sign'
    text: string
}

/** The value in N, mm, MPa. `bare` is the system whose unit a plain number takes; without it a unit must be given. */
export function parseQuantity(text: string, kind: Kind, bare?: UnitSystem): number {
    if (new TextEncoder().encode(text).length > MAX_LENGTH)
        throw new QuantityError(`This is too long for a quantity; at most ${MAX_LENGTH} characters.`)
    const result = evaluate(tokensOf(text))
    const dimension = dimensionOf(kind)
    const example = kind === 'number' ? '2.5' : `2.5 ${unitOf(kind, bare ?? 'metric')}`
    const [force, length] = POWERS[dimension] as [number, number]
    let { value } = result
    if (result.force === 0 && result.length === 0 && dimension !== 'number') {
        if (!bare && value !== 0) throw new QuantityError(`A unit is missing, for example ${example}.`)
        value *= bare ? factorOf(kind, bare) : 1
    } else if (result.force !== force || result.length !== length) {
        throw new QuantityError(
            `This is ${describe(result)}, but ${kind === 'spring' || kind === 'rotationSpring' ? 'a stiffness' : (NOUNS[dimension] ?? 'a section property')} is needed, for example ${example}.`,
        )
    }
    if (!Number.isFinite(value) || Math.abs(value) > LARGEST) throw new QuantityError('This number is too large.')
    return value
}

/** The value, or null when the text cannot be read. */
export function readQuantity(text: string | undefined, kind: Kind): number | null {
    try {
        return parseQuantity(text ?? '', kind)
    } catch {
        return null
    }
}

const US_UNIT = /(^|[\s\d)])(in|ft|lb|lbf|kip|plf|klf|psf|psi|ksi)\b|kip|lb\//

/** What was typed, or, when it was typed in the units of the other system, its value in this one. */
export function inSystem(text: string, kind: Kind, units: UnitSystem): string {
    if (text === '' || US_UNIT.test(text) === (units === 'us') || isBare(text)) return text
    const value = readQuantity(text, kind)
    return value === null ? text : typed(value, kind, units)
}

/** True when the text is arithmetic without any unit, so that the field's unit belongs after it. */
export function isBare(text: string): boolean {
    try {
        return tokensOf(text).every((t) => t.kind !== 'unit')
    } catch {
        return false
    }
}

function evaluate(tokens: Token[]): Value {
    const last = tokens.at(-1)
    if (!last) throw new QuantityError('Nothing is entered here.')
    // A single unit at the very end belongs to all before it.
    if (tokens.length > 1 && last.kind === 'unit' && tokens.filter((t) => t.kind === 'unit').length === 1) {
        tokens = [{ kind: 'sign', text: '(' }, ...tokens.slice(0, -1), { kind: 'sign', text: ')' }, last]
    }
    const parser = new Parser(tokens)
    const value = parser.sum()
    const left = parser.rest()
    if (left) throw new QuantityError(`“${left}” does not fit here.`)
    return value
}

function tokensOf(text: string): Token[] {
    let rest = text
        .replace(/−/g, '-')
        .replace(/×/g, '*')
        .replace(/÷/g, '/')
        .replace(/\u00a0/g, ' ')
        .replace(/'/g, ' ft ')
        .replace(/"/g, ' in ')
        .replace(/(m|ft|in)\^?2\b/g, '$1²')
        .replace(/(m|ft|in)\^?3\b/g, '$1³')
        .replace(/(m|ft|in)\^?4\b/g, '$1⁴')
        .trim()
    const tokens: Token[] = []
    const pattern =
        /^\s*(?:((?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][+-]?\d+)?)|([\p{L}µ][\p{L}·]*[²³⁴⁶]?(?:\/\p{L}+[²³]?)?)|([-+*/()]))/u
    while (rest !== '') {
        const m = pattern.exec(rest)
        if (!m)
            throw new QuantityError(
                `“${[...rest.trimStart()].slice(0, 12).join('')}” is not a number, a unit or a sign.`,
            )
        rest = rest.slice(m[0].length)
        if (m[1] !== undefined) tokens.push({ kind: 'number', text: m[1].replace(',', '.') })
        else if (m[2] !== undefined) tokens.push({ kind: 'unit', text: m[2] })
        else tokens.push({ kind: 'sign', text: m[3] as string })
    }
    return tokens
}

class Parser {
    private at = 0

    constructor(private readonly tokens: Token[]) {}

    rest(): string | undefined {
        return this.tokens[this.at]?.text
    }

    sum(): Value {
        let left = this.product()
        for (let sign = this.sign('+-'); sign; sign = this.sign('+-'))
            left = add(left, this.product(), sign === '+' ? 1 : -1)
        return left
    }

    private product(): Value {
        let left = this.factor()
        for (let sign = this.sign('*/'); sign; sign = this.sign('*/')) {
            const right = this.factor()
            if (sign === '*')
                left = {
                    value: left.value * right.value,
                    force: left.force + right.force,
                    length: left.length + right.length,
                }
            else {
                if (right.value === 0) throw new QuantityError('This divides by zero.')
                left = {
                    value: left.value / right.value,
                    force: left.force - right.force,
                    length: left.length - right.length,
                }
            }
        }
        return left
    }

    private factor(): Value {
        const sign = this.sign('+-')
        if (sign) {
            const value = this.factor()
            return sign === '-' ? { ...value, value: -value.value } : value
        }
        let value = this.single()
        // "12 ft 6 in": a run of quantities of one dimension is a sum.
        while ((value.force !== 0 || value.length !== 0) && this.tokens[this.at]?.kind === 'number')
            value = add(value, this.single(), 1)
        return value
    }

    private single(): Value {
        const token = this.tokens[this.at++]
        if (!token) throw new QuantityError('Something is missing at the end.')
        let value: Value
        if (token.kind === 'number') value = { value: Number(token.text), force: 0, length: 0 }
        else if (token.text === '(') {
            value = this.sum()
            if (!this.sign(')')) throw new QuantityError('A closing bracket is missing.')
        } else if (token.kind === 'unit') throw new QuantityError(`A number is missing before “${token.text}”.`)
        else throw new QuantityError(`“${token.text}” does not fit here.`)
        const next = this.tokens[this.at]
        if (next?.kind === 'unit') {
            const unit = findUnit(next.text)
            if (!unit) throw new QuantityError(`“${next.text}” is not a unit Waage knows.`)
            this.at++
            const [force, length] = POWERS[unit.dimension] as [number, number]
            value = { value: value.value * unit.factor, force: value.force + force, length: value.length + length }
        }
        return value
    }

    private sign(signs: string): string | null {
        const token = this.tokens[this.at]
        if (token?.kind !== 'sign' || !signs.includes(token.text)) return null
        this.at++
        return token.text
    }
}

function add(a: Value, b: Value, sign: number): Value {
    if (a.force !== b.force || a.length !== b.length) {
        const first = describe(a)
        throw new QuantityError(`${first[0]?.toUpperCase()}${first.slice(1)} and ${describe(b)} cannot be added.`)
    }
    return { ...a, value: a.value + sign * b.value }
}

function describe(v: Value): string {
    const name = Object.keys(POWERS).find((d) => POWERS[d]?.[0] === v.force && POWERS[d]?.[1] === v.length)
    return name === undefined ? 'a quantity of another kind' : (NOUNS[name] ?? 'a section property')
}

/** A plain number gets the unit of the unit system. */
export function withUnit(given: string, kind: Kind, system: UnitSystem): string {
    const unit = unitOf(kind, system)
    if (given.trim() === '' || unit === '' || !findUnit(unit) || !isBare(given)) return given
    return `${given.trim()} ${unit}`
}
