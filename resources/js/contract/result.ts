// Made from core/schema/result.schema.json by "npm run types"; do not edit.

/**
 * null: as deep all along
 */
export type TaperResult = {
    double: boolean
    /**
     * the upper edge is the tapered one
     */
    above: boolean
    /**
     * of the greatest depth at the low end
     */
    part: number
} | null
/**
 * what is left after the fire, and from how many sides of width and depth it burnt; null: no fire
 */
export type CharredResult = {
    b: number
    h: number
    ofWidth: number
    ofDepth: number
    minutes: number
} | null
/**
 * pieces [x0, x1, index of the combination or -1, c0, c1, ...]: c0 + c1 (x - x0) + ...
 */
export type Curve = number[][]
/**
 * greatest and smallest by support
 */
export type Ranges = number[][]

/**
 * What Waage computes from a member. N, mm, MPa; sagging, downward and compression positive; reactions up.
 */
export interface Result {
    verdict: VerdictResult
    member: MemberResult
    section: SectionResult
    combinations: CombinationResult[]
    /**
     * Combinations of the rules that the engineer leaves out.
     */
    leftOut: CombinationResult[]
    envelope: Curves
    /**
     * curves of the chosen load case or combination; null: the envelope
     */
    shown: Curves | null
    extremes: ExtremeResult[]
    selfCheck: SelfCheckResult
    /**
     * Where the member lifts off a support: the greatest lift (mm) over the strength and over the characteristic combinations.
     */
    lifts: LiftResult[]
    /**
     * What axial forces make of the deflection in the plane of bending, strength combinations; null: nothing is compressed.
     */
    secondOrder: null | SecondOrderResult
    /**
     * Where the moment of the curves that are shown is zero.
     */
    zeros: {
        max: number[]
        min: number[]
    }
    reactions: ReactionsResult
    /**
     * What holds the member where loads bend it sideways; forces to the back positive, moments as if these pointed up; null: nothing bends it so.
     */
    sideways: null | SidewaysResult
    figures: FigureResult[]
    weighings: WeighingResult[]
    messages: string[]
}
export interface VerdictResult {
    /**
     * uncovered: nothing fails, and not all that the standard asks for is weighed
     */
    state: 'holds' | 'fails' | 'uncovered' | 'unloaded'
    holds: boolean
    ratio: number | null
    weighing: string
    title: string
    /**
     * the title, and how many weighings are left out
     */
    governs: string
    reason: string
}
export interface MemberResult {
    length: number
    /**
     * how it rises from its start, rad
     */
    angle: number
    /**
     * lengths of one section, from end to end
     */
    stretches: StretchResult[]
    supports: {
        x: number
        kind: 'pinned' | 'roller' | 'fixed' | 'guided' | 'elastic'
        /**
         * direction in which a roller holds
         */
        holds: 'normal' | 'vertical' | 'horizontal'
        bearing: number
        /**
         * is turning held, rigidly or by a spring
         */
        turning: boolean
        /**
         * does not hold the member down
         */
        bearsOnly: boolean
    }[]
    hinges: number[]
    fields: FieldResult[]
    loads: LoadResult[]
    top: RestraintResult
    bottom: RestraintResult
}
export interface StretchResult {
    from: number
    to: number
    section: string
    h: number
}
export interface FieldResult {
    from: number
    to: number
    name: string
    overhang: boolean
}
export interface LoadResult {
    id: string
    name: string
    case: string
    kind:
        | 'line'
        | 'area'
        | 'slab'
        | 'point'
        | 'moment'
        | 'settlement'
        | 'rotation'
        | 'temperature'
        | 'warming'
        | 'train'
        | 'concentrated'
        | 'lengths'
    direction: 'vertical' | 'plan' | 'normal' | 'along' | 'sideways'
    eccentricity: number
    /**
     * in front of the axis
     */
    across: number
    from: number
    to: number
    /**
     * false: switched off
     */
    on: boolean
    /**
     * with the floor area
     */
    reduction: null | DerivationLine
    /**
     * of a load that moves: distance behind the first, force
     */
    axles: [number, number][]
    /**
     * place and value, straight in between
     */
    profile: [number, number][]
}
export interface DerivationLine {
    symbol: string
    formula: string
    values: string
    result: string
    clause: string
    note: string
}
export interface RestraintResult {
    continuous: boolean
    positions: number[]
}
export interface SectionResult {
    name: string
    family: string
    /**
     * rectangle and circle: hollow, with the thickness in tw and tf and the outer radius of the corners in r; solid: a full rectangle; flanged: a solid web tw wide with a flange on `sides` of it
     */
    shape:
        | 'I'
        | 'unequal'
        | 'flat'
        | 'round'
        | 'channel'
        | 'angle'
        | 'tee'
        | 'strips'
        | 'rectangle'
        | 'circle'
        | 'solid'
        | 'flanged'
    h: number
    b: number
    tw: number
    timber?: TimberResult
    /**
     * of a web that have a flange
     */
    sides?: number
    tf: number
    r: number
    /**
     * of a channel or an angle: radius at the tips of its flanges or legs, mm
     */
    toe?: number
    /**
     * of a channel, or of an I section with flanges that slope: slope of the inner faces of its flanges
     */
    slope?: number
    /**
     * of a channel: from the tips of its flanges to where tf is measured, mm
     */
    at?: number
    /**
     * of a channel: from the back of its web to the centroid; of strips from the left edge, mm
     */
    ys?: number
    /**
     * of an angle and of unequal flanges: from the lower face to the centroid, as of strips; of a tee from the face of its flange, mm
     */
    zs?: number
    /**
     * of a tee: its flange is below
     */
    stemUp?: boolean
    /**
     * of unequal flanges: width of the top flange, mm; tf is its thickness
     */
    top?: number
    /**
     * width of the bottom flange, mm
     */
    bottom?: number
    /**
     * thickness of the bottom flange, mm
     */
    tf2?: number
    /**
     * of a channel, and of strips with its sign: from the centroid to the shear centre, mm
     */
    ym?: number
    /**
     * of strips: from the centroid to the shear centre, upwards, mm
     */
    zm?: number
    /**
     * of a section built of strips: the corners of each, to the right and down from its upper left corner, mm
     */
    strips?: number[][][]
    /**
     * of a cold-formed section: at which greatest stress it buckles over the half-wavelength, by what acts
     */
    buckling?: {
        title: string
        /**
         * half-wavelength, mm, and stress, MPa
         */
        curve: [number, number][]
        /**
         * @minItems 2
         * @maxItems 2
         */
        local?: [number, number]
        /**
         * @minItems 2
         * @maxItems 2
         */
        distortional?: [number, number]
        /**
         * how points of the midline move, local and distortional, at most by 1
         */
        shapes?: {
            [k: string]: number[][]
        }
        /**
         * of the midline from the centroid, mm
         */
        points?: number[][]
    }[]
    /**
     * of strips: product of inertia, mm⁴
     */
    Iyz?: number
    /**
     * of strips and angles: about the strong principal axis, mm⁴
     */
    Iu?: number
    /**
     * of strips and angles: about the weak principal axis, mm⁴
     */
    Iv?: number
    /**
     * of strips: how the strong principal axis leans from y towards z, rad
     */
    lean?: number
    /**
     * of strips
     */
    Wplz?: number
    /**
     * of strips
     */
    Welz?: number
    /**
     * of concrete: bars by field of the document, such as spans.1, supports.2, top
     */
    bars?: {
        [k: string]: string
    }
    /**
     * of concrete: from, to and spacing of links, mm
     */
    links?: number[][]
    /**
     * of concrete: its bars for the workshop; lengths in mm, mass in kg
     */
    list?: BarRow[]
    /**
     * of concrete: where its bars differ, from left to right
     */
    cuts?: CutResult[]
    /**
     * of a concrete beam: cover to the links and their diameter, mm
     */
    link?: number[]
    A: number
    Iy: number
    Iz: number
    Wely: number
    Wply: number
    It: number
    Iw: number
    /**
     * N/mm
     */
    weight: number
    grade: string
    fy: number
    /**
     * What the standard calls the section in bending: a class, or compact.
     */
    class: string
    /**
     * Whose names properties have on screen and sheet.
     */
    symbols: 'EN' | 'AISC'
}
/**
 * of timber: what its drawing shows beside the outline; mm
 */
export interface TimberResult {
    plies: number
    /**
     * thickness; 0: none
     */
    lamination: number
    taper: TaperResult
    charred: CharredResult
    notches: NotchResult[]
}
export interface NotchResult {
    support: number
    below: boolean
    depth: number
    x: number
    slope: number
}
export interface BarRow {
    mark: string
    where: string
    face: 'bottom' | 'top' | 'link' | 'across'
    from: number
    to: number
    /**
     * left and right end
     */
    bends: boolean[]
    /**
     * ø16, #5
     */
    size: string
    diameter: number
    number: number
    length: number
    shape: string
    mass: number
}
export interface CutResult {
    title: string
    from: number
    to: number
    /**
     * middle of each bar from the left and from the top, and its diameter, mm
     */
    bars: number[][]
    text: string
}
export interface CombinationResult {
    id: string
    /**
     * what it is left out by
     */
    key: string
    purpose:
        | 'strength'
        | 'equilibrium'
        | 'construction'
        | 'accidental'
        | 'seismic'
        | 'fire'
        | 'characteristic'
        | 'frequent'
        | 'quasi-permanent'
    own: boolean
    clause: string
    text: string
    /**
     * titles of the weighings
     */
    governs: string[]
}
export interface Curves {
    N?: CurvePair
    V: CurvePair1
    M: CurvePair1
    w: CurvePair1
    Vy?: CurvePair2
    Mz?: CurvePair3
    v?: CurvePair4
    T?: CurvePair5
    sag?: CurvePair6
}
/**
 * compression positive; only where the member is strained along its axis
 */
export interface CurvePair {
    max: Curve
    min: Curve
}
export interface CurvePair1 {
    max: Curve
    min: Curve
}
/**
 * shear sideways; this and the next two only where loads bend the member sideways
 */
export interface CurvePair2 {
    max: Curve
    min: Curve
}
/**
 * moment about z-z, tension in front positive
 */
export interface CurvePair3 {
    max: Curve
    min: Curve
}
/**
 * deflection to the front
 */
export interface CurvePair4 {
    max: Curve
    min: Curve
}
/**
 * torque, only where loads twist the member: as it turns the part to the left towards the front at its upper side
 */
export interface CurvePair5 {
    max: Curve
    min: Curve
}
/**
 * deflection from the line between the supports, where these move
 */
export interface CurvePair6 {
    max: Curve
    min: Curve
}
export interface ExtremeResult {
    effect: 'N' | 'V' | 'M' | 'w' | 'slope' | 'Vy' | 'Mz' | 'v' | 'T'
    value: number
    x: number
    combination: string
    arrangement: string
}
export interface SelfCheckResult {
    equilibrium: {
        /**
         * all loads, unfactored
         */
        load: number
        reaction: number
        /**
         * what is missing, as a part of the loads
         */
        force: number
        moment: number
    }
    deflection: {
        /**
         * span over deflection
         */
        part: number | null
        small: boolean
    }
    hand: null | HandCheckResult
}
export interface HandCheckResult {
    formula: string
    load: number
    length: number
    value: number
    computed: number
    /**
     * made for just this beam and load
     */
    fits: boolean
}
export interface LiftResult {
    support: number
    lift: number
    combination: string
    arrangement: string
}
export interface SecondOrderResult {
    /**
     * on all loads of the worst combination at which the member buckles; null: far off
     */
    factor: number | null
    /**
     * is first order good enough
     */
    enough: boolean
    rows: SecondOrderRow[]
}
export interface SecondOrderRow {
    combination: string
    arrangement: string
    /**
     * greatest compression
     */
    N: number
    factor: number | null
    /**
     * of a pinned bar of this section that N buckles at the factor; null: it is far off, or the section changes
     */
    length: number | null
    first: GreatestResult
    /**
     * null: buckled
     */
    second: null | GreatestResult
}
/**
 * absolute values
 */
export interface GreatestResult {
    M: number
    w: number
}
export interface ReactionsResult {
    cases: CaseReactions[]
    combinations: CombinationReactions[]
}
export interface CaseReactions {
    id: string
    name: string
    category: string
    forces: number[]
    moments: number[]
    /**
     * to the right; empty where the member is not strained along its axis
     */
    horizontal: number[]
    load: number
    reaction: number
    loadMoment: number
    reactionMoment: number
}
export interface CombinationReactions {
    id: string
    forces: Ranges
    moments: Ranges
    horizontal: Ranges
}
export interface SidewaysResult {
    /**
     * supports and points of restraint of both flanges, mm
     */
    places: number[]
    cases: CaseReactions[]
    combinations: CombinationReactions[]
}
/**
 * A diagram of the material: what is needed on both sides of its axis, and what there is. One with the name of a force adds what there is to the diagram of that.
 */
export interface FigureResult {
    id: string
    title: string
    caption: string
    kind: string
    downward: boolean
    curves: CurvePair1
    there: CurvePair1
}
export interface WeighingResult {
    id: string
    /**
     * what it is called without its place, where there is one for every span or support
     */
    group: string
    title: string
    clause: string
    ratio: number | null
    /**
     * left out by the engineer: the verdict is without it
     */
    state: 'weighed' | 'not needed' | 'told' | 'not covered' | 'left out'
    holds: boolean
    demand: number | null
    capacity: number | null
    kind: string
    demandTex: string
    capacityTex: string
    x: number | null
    combination: string
    arrangement: string
    /**
     * can the strips show this arrangement
     */
    shows: boolean
    remark: string
    /**
     * the engineer's remark
     */
    said: string
    /**
     * capacity along the member: from, to, capacity, and the ratio where a length is weighed as a whole
     */
    ranges: number[][]
    /**
     * how it buckles: place, how far top and bottom flange move sideways, the greatest is 1
     */
    shape: number[][]
    lines: DerivationLine[]
}
