import type { SectionResult } from '@/contract/result'
import type { Kind } from '@/lib/units'

/** Symbols by the standards: of both axes, strong and weak, and of torsion. */
const SYMBOLS = {
    EN: {
        h: 'h',
        b: 'b',
        strong: 'I_{\\mathrm{y}}',
        weak: 'I_{\\mathrm{z}}',
        elastic: 'W_{\\mathrm{el,y}}',
        plastic: 'W_{\\mathrm{pl,y}}',
        torsion: 'I_{\\mathrm{t}}',
        warping: 'I_{\\mathrm{w}}',
        toLeft: 'y_{\\mathrm{s}}',
        toBottom: 'z_{\\mathrm{s}}',
        shearAcross: 'y_{\\mathrm{M}}',
        shearUp: 'z_{\\mathrm{M}}',
        mixed: 'I_{\\mathrm{yz}}',
        first: 'I_{\\mathrm{u}}',
        second: 'I_{\\mathrm{v}}',
        lean: '\\alpha',
        weakElastic: 'W_{\\mathrm{el,z}}',
        weakPlastic: 'W_{\\mathrm{pl,z}}',
    },
    AISC: {
        h: 'd',
        b: 'b_{\\mathrm{f}}',
        strong: 'I_{\\mathrm{x}}',
        weak: 'I_{\\mathrm{y}}',
        elastic: 'S_{\\mathrm{x}}',
        plastic: 'Z_{\\mathrm{x}}',
        torsion: 'J',
        warping: 'C_{\\mathrm{w}}',
        toLeft: '\\bar{x}',
        toBottom: '\\bar{y}',
        shearAcross: 'x_{\\mathrm{o}}',
        shearUp: 'y_{\\mathrm{o}}',
        mixed: 'I_{\\mathrm{xy}}',
        first: 'I_{1}',
        second: 'I_{2}',
        lean: '\\theta',
        weakElastic: 'S_{\\mathrm{y}}',
        weakPlastic: 'Z_{\\mathrm{y}}',
    },
} as const

/** A flange much wider than the section is deep is torn off, so that bars can be seen. */
export function tornOf(s: SectionResult): SectionResult {
    const most = s.tw + (s.sides ?? 2) * 0.9 * s.h
    return s.shape === 'flanged' && s.b > 1.1 * most ? { ...s, b: most } : s
}

/** Dimensions and properties of a section, each with its symbol by the standard that it is weighed after. */
export function propertiesOf(s: SectionResult): [string, number, Kind][] {
    const name = SYMBOLS[s.symbols]
    const dimensions: Record<SectionResult['shape'], [string, number, Kind][]> = {
        I: [
            [name.b, s.b, 'size'],
            ['t_{\\mathrm{w}}', s.tw, 'size'],
            ['t_{\\mathrm{f}}', s.tf, 'size'],
            ['r', s.r, 'size'],
        ],
        channel: [
            [name.b, s.b, 'size'],
            ['t_{\\mathrm{w}}', s.tw, 'size'],
            ['t_{\\mathrm{f}}', s.tf, 'size'],
            ['r', s.r, 'size'],
            // From the back of the web to the centroid, and from there to the shear centre behind it.
            [s.symbols === 'AISC' ? '\\bar{x}' : 'y_{\\mathrm{s}}', s.ys ?? 0, 'size'],
            [s.symbols === 'AISC' ? 'x_{\\mathrm{o}}' : 'y_{0}', s.ym ?? 0, 'size'],
        ],
        unequal: [
            ['b_{\\mathrm{top}}', s.top ?? s.b, 'size'],
            ['b_{\\mathrm{bot}}', s.bottom ?? s.b, 'size'],
            ['t_{\\mathrm{w}}', s.tw, 'size'],
            ['t_{\\mathrm{top}}', s.tf, 'size'],
            ['t_{\\mathrm{bot}}', s.tf2 ?? s.tf, 'size'],
            ['z_{\\mathrm{s}}', s.zs ?? 0, 'size'],
        ],
        angle: [
            ['b', s.b, 'size'],
            ['t', s.tw, 'size'],
            ['r', s.r, 'size'],
            [s.symbols === 'AISC' ? '\\bar{y}' : 'z_{\\mathrm{s}}', s.zs ?? 0, 'size'],
            // About the principal axes; the American tables call the weak one z.
            [s.symbols === 'AISC' ? 'I_{\\mathrm{w}}' : 'I_{\\mathrm{u}}', s.Iu ?? 0, 'secondMoment'],
            [s.symbols === 'AISC' ? 'I_{\\mathrm{z}}' : 'I_{\\mathrm{v}}', s.Iv ?? 0, 'secondMoment'],
        ],
        tee: [
            [name.b, s.b, 'size'],
            ['t_{\\mathrm{w}}', s.tw, 'size'],
            ['t_{\\mathrm{f}}', s.tf, 'size'],
            ['r', s.r, 'size'],
            // From the face of the flange to the centroid.
            [s.symbols === 'AISC' ? '\\bar{y}' : 'z_{\\mathrm{s}}', s.zs ?? 0, 'size'],
        ],
        strips: [
            ['b', s.b, 'size'],
            [name.toLeft, s.ys ?? 0, 'size'],
            [name.toBottom, s.zs ?? 0, 'size'],
            // From the centroid to the shear centre, and the principal axes.
            [name.shearAcross, s.ym ?? 0, 'size'],
            [name.shearUp, s.zm ?? 0, 'size'],
            [name.mixed, s.Iyz ?? 0, 'secondMoment'],
            [name.first, s.Iu ?? 0, 'secondMoment'],
            [name.second, s.Iv ?? 0, 'secondMoment'],
            [name.lean, s.lean ?? 0, 'angle'],
            [name.weakElastic, s.Welz ?? 0, 'modulus'],
            [name.weakPlastic, s.Wplz ?? 0, 'modulus'],
        ],
        rectangle: [
            [s.symbols === 'AISC' ? 'B' : 'b', s.b, 'size'],
            ['t', s.tw, 'size'],
            ['r_{\\mathrm{o}}', s.r, 'size'],
        ],
        circle: [['t', s.tw, 'size']],
        flat: [['t', s.tw, 'size']],
        round: [],
        solid: [['b', s.b, 'size']],
        flanged: [
            ['b_{\\mathrm{w}}', s.tw, 'size'],
            ['b_{\\mathrm{f}}', s.b, 'size'],
            ['h_{\\mathrm{f}}', s.tf, 'size'],
        ],
    }
    const isAmerican = s.symbols === 'AISC'
    const isSolid = s.shape === 'solid' || s.shape === 'flanged'
    const depth = {
        I: name.h,
        channel: name.h,
        tee: name.h,
        strips: name.h,
        angle: 'h',
        unequal: name.h,
        flat: name.h,
        round: 'd',
        solid: name.h,
        flanged: name.h,
        rectangle: isAmerican ? 'H' : 'h',
        circle: isAmerican ? 'D' : 'd',
    }
    return [
        [depth[s.shape], s.h, 'size'],
        ['A', s.A, 'area'],
        ...dimensions[s.shape],
        [name.strong, s.Iy, 'secondMoment'],
        [name.weak, s.Iz, 'secondMoment'],
        [isSolid ? 'W_{\\mathrm{y}}' : name.elastic, s.Wely, 'modulus'],
        ...(isSolid ? [] : [[name.plastic, s.Wply, 'modulus'] as [string, number, Kind]]),
        [name.torsion, s.It, 'secondMoment'],
        ...(['I', 'channel', 'unequal', 'strips'].includes(s.shape)
            ? [[name.warping, s.Iw, 'warping'] as [string, number, Kind]]
            : []),
    ]
}

function rounded(x: number, y: number, w: number, h: number, r: number): string {
    const corner = (dx: number, dy: number): string => `a${r} ${r} 0 0 1 ${dx} ${dy}`
    return `M${x + r} ${y}h${w - 2 * r}${corner(r, r)}v${h - 2 * r}${corner(-r, r)}h${-(w - 2 * r)}${corner(-r, -r)}v${-(h - 2 * r)}${corner(r, -r)}Z`
}

/** A channel, its web to the left; the inner faces of its flanges may slope. */
function channel(
    { h, b, tw, tf, r, toe = 0, slope = 0, at: measured = (b - tw) / 2 }: SectionResult,
    k: number,
    x0: number,
    y0: number,
): string {
    const [tip, root] = [tf - slope * measured, tf + slope * (b - tw - measured)]
    // How far from a corner between a sloping face and a vertical one its radius begins.
    const run = (radius: number): number => radius / Math.tan(Math.acos(-slope / Math.hypot(1, slope)) / 2)
    const along = (radius: number): number => run(radius) / Math.hypot(1, slope)
    const [x1, y1, x2, y2] = [b, tip - run(toe), b - along(toe), tip + slope * along(toe)]
    const [x3, y3, x4, y4] = [tw + along(r), root - slope * along(r), tw, root + run(r)]
    const at = (x: number, y: number): string => `${x0 + x * k} ${y0 + y * k}`
    const arc = (radius: number, sweep: 0 | 1): string => `A${radius * k} ${radius * k} 0 0 ${sweep} `
    return [
        `M${at(0, 0)}L${at(b, 0)}L${at(x1, y1)}${arc(toe, 1)}${at(x2, y2)}L${at(x3, y3)}${arc(r, 0)}${at(x4, y4)}`,
        `L${at(x4, h - y4)}${arc(r, 0)}${at(x3, h - y3)}L${at(x2, h - y2)}${arc(toe, 1)}${at(x1, h - y1)}L${at(b, h)}L${at(0, h)}Z`,
    ].join('')
}

/** An I section with flanges whose inner faces slope, their thickness measured in the middle of the outstand. */
function tapered({ h, b, tw, tf, r, toe = 0, slope = 0 }: SectionResult, k: number, x0: number, y0: number): string {
    const out = (b - tw) / 2
    const [tip, root] = [tf - (slope * out) / 2, tf + (slope * out) / 2]
    const run = (radius: number): number => radius / Math.tan(Math.acos(-slope / Math.hypot(1, slope)) / 2)
    const along = (radius: number): number => run(radius) / Math.hypot(1, slope)
    const at = (x: number, y: number): string => `${x0 + x * k} ${y0 + y * k}`
    const arc = (radius: number, sweep: 0 | 1): string => `A${radius * k} ${radius * k} 0 0 ${sweep} `
    const w = b - out
    // The upper right corner, and with the other coordinates the other three.
    const upper = `L${at(b, tip - run(toe))}${arc(toe, 1)}${at(b - along(toe), tip + slope * along(toe))}L${at(w + along(r), root - slope * along(r))}${arc(r, 0)}${at(w, root + run(r))}`
    const lower = `L${at(w, h - root - run(r))}${arc(r, 0)}${at(w + along(r), h - root + slope * along(r))}L${at(b - along(toe), h - tip - slope * along(toe))}${arc(toe, 1)}${at(b, h - tip + run(toe))}L${at(b, h)}L${at(0, h)}`
    const left = `L${at(0, h - tip + run(toe))}${arc(toe, 1)}${at(along(toe), h - tip - slope * along(toe))}L${at(out - along(r), h - root + slope * along(r))}${arc(r, 0)}${at(out, h - root - run(r))}`
    const end = `L${at(out, root + run(r))}${arc(r, 0)}${at(out - along(r), root - slope * along(r))}L${at(along(toe), tip + slope * along(toe))}${arc(toe, 1)}${at(0, tip - run(toe))}Z`
    return `M${at(0, 0)}L${at(b, 0)}${upper}${lower}${left}${end}`
}

/** An I section with unequal flanges. */
function unequal(
    { h, b, tw, tf, top: wide = b, bottom: below = b, tf2 = tf }: SectionResult,
    k: number,
    x0: number,
    y0: number,
): string {
    const c = x0 + (b * k) / 2
    const [T, B, W] = [(wide * k) / 2, (below * k) / 2, (tw * k) / 2]
    const [top, bottom, end] = [y0 + tf * k, y0 + (h - tf2) * k, y0 + h * k]
    return `M${c - T} ${y0}H${c + T}V${top}H${c + W}V${bottom}H${c + B}V${end}H${c - B}V${bottom}H${c - W}V${top}H${c - T}Z`
}

/** An angle, its upright leg to the left, the other one at its lower end. */
function angle({ h, b, tw, r, toe = 0 }: SectionResult, k: number, x0: number, y0: number): string {
    const [H, B, T, R, Q] = [h, b, tw, r, toe].map((v) => v * k) as [number, number, number, number, number]
    return `M${x0} ${y0}h${T - Q}a${Q} ${Q} 0 0 1 ${Q} ${Q}V${y0 + H - T - R}a${R} ${R} 0 0 0 ${R} ${R}H${x0 + B - Q}a${Q} ${Q} 0 0 1 ${Q} ${Q}V${y0 + H}H${x0}Z`
}

/** A solid web with a flange on top or below, on both sides or at its right. */
function flanged(section: SectionResult, cut: number, k: number, x0: number, y0: number): string {
    const { h, b, tw, tf, stemUp, sides = 2 } = section
    const left = sides === 2 ? (b - tw) / 2 : 0
    const corners = [
        [0, 0],
        [b, 0],
        [b, tf],
        [left + tw, tf],
        [left + tw, h],
        [left, h],
        [left, tf],
        [0, tf],
    ] as const
    const outline = corners.map(([x, y]) => `${x0 + x * k} ${y0 + (stemUp ? h - y : y) * k}`).join('L')
    return `M${outline}Z${reinforcement({ ...section, b: tw }, cut, k, x0 + left * k, y0)}`
}

/** Joints between plies and between laminations of a section of timber. */
export function jointsOf(section: SectionResult, k: number, x0: number, y0: number): string {
    const { b, h, timber } = section
    if (!timber) return ''
    const between = (count: number): number[] => Array.from({ length: Math.max(0, count - 1) }, (_, i) => i + 1)
    const plies = between(timber.plies).map((i) => `M${x0 + (i * b * k) / timber.plies} ${y0}v${h * k}`)
    const laminations = timber.lamination ? between(Math.round(h / timber.lamination)) : []
    return [...plies, ...laminations.map((i) => `M${x0} ${y0 + (h - i * timber.lamination) * k}h${b * k}`)].join('')
}

/** What is left of a section of timber after a fire: burnt from below, from the sides, or from all of them. */
export function charredOf(section: SectionResult, k: number, x0: number, y0: number): string {
    const { b, h, timber } = section
    const left = timber?.charred
    if (!left) return ''
    const top = left.ofDepth === 2 ? (h - left.h) / 2 : 0
    return `M${x0 + ((b - left.b) / 2) * k} ${y0 + top * k}h${left.b * k}v${left.h * k}h${-left.b * k}Z`
}

/** The bars of a concrete section as holes, and its link as a ring. */
function reinforcement({ cuts, link, b, h }: SectionResult, cut: number, k: number, x0: number, y0: number): string {
    const [cover = 0, diameter = 0] = link ?? []
    const ring = (edge: number, r: number): string =>
        rounded(x0 + edge * k, y0 + edge * k, (b - 2 * edge) * k, (h - 2 * edge) * k, r * k)
    const drawn = (cuts?.[cut]?.bars ?? []).map(([x = 0, y = 0, d = 0]) =>
        rounded(x0 + (x - d / 2) * k, y0 + (y - d / 2) * k, d * k, d * k, (d / 2) * k),
    )
    return `${link ? ring(cover, 3 * diameter) + ring(cover + diameter, 2 * diameter) : ''}${drawn.join('')}`
}

/** A tee, its flange on top or below. */
function tee({ h, b, tw, tf, r, stemUp }: SectionResult, k: number, x0: number, y0: number): string {
    const [H, B, T, F, R] = [h, b, tw, tf, r].map((v) => v * k) as [number, number, number, number, number]
    const way = stemUp ? -1 : 1
    const [left, right] = [x0 + (B - T) / 2, x0 + (B + T) / 2]
    const sweep = stemUp ? 1 : 0
    const arc = (dy: number): string => `a${R} ${R} 0 0 ${sweep} ${-R} ${dy * way}`
    return `M${x0} ${stemUp ? y0 + H : y0}h${B}v${F * way}H${right + R}${arc(R)}V${stemUp ? y0 : y0 + H}H${left}v${(F + R - H) * way}${arc(-R)}H${x0}Z`
}

/**
 * The outline of a section as an SVG path: its top left corner at x0, y0, k to a millimetre; of concrete one of its
 * cuts.
 */
export function outlineOf(section: SectionResult, k: number, x0: number, y0: number, cut = 0): string {
    const { shape, h, b, tw, tf, r } = section
    const [H, B] = [h * k, b * k]
    const centre = x0 + B / 2
    const [T, F, R] = [tw * k, tf * k, r * k]
    if (shape === 'circle')
        return `${rounded(x0, y0, B, H, B / 2)}${rounded(x0 + T, y0 + T, B - 2 * T, H - 2 * T, B / 2 - T)}`
    // Hot-finished corners are as thick as the sides, cold-formed ones as well.
    if (shape === 'rectangle')
        return `${rounded(x0, y0, B, H, R)}${rounded(x0 + T, y0 + T, B - 2 * T, H - 2 * T, Math.max(0, R - T))}`
    if (shape === 'solid') return `M${x0} ${y0}h${B}v${H}h${-B}Z${reinforcement(section, cut, k, x0, y0)}`
    if (shape === 'flanged') return flanged(section, cut, k, x0, y0)
    if (shape === 'flat') return `M${x0} ${y0}h${B}v${H}h${-B}Z`
    if (shape === 'round') return rounded(x0, y0, B, H, B / 2)
    if (shape === 'unequal') return unequal(section, k, x0, y0)
    if (shape === 'strips') {
        const at = ([x, y]: number[]): string => `${x0 + (x ?? 0) * k} ${y0 + (y ?? 0) * k}`
        return (section.strips ?? []).map((corners) => `M${corners.map(at).join('L')}Z`).join('')
    }
    if (shape === 'tee') return tee(section, k, x0, y0)
    if (shape === 'angle') return angle(section, k, x0, y0)
    if (shape === 'channel') return channel(section, k, x0, y0)
    if (section.slope) return tapered(section, k, x0, y0)
    const wl = centre - T / 2
    const wr = centre + T / 2
    return `M${x0} ${y0}h${B}v${F}H${wr + R}a${R} ${R} 0 0 0 ${-R} ${R}V${y0 + H - F - R}a${R} ${R} 0 0 0 ${R} ${R}H${x0 + B}v${F}h${-B}v${-F}H${wl - R}a${R} ${R} 0 0 0 ${R} ${-R}V${y0 + F + R}a${R} ${R} 0 0 0 ${-R} ${-R}H${x0}Z`
}
