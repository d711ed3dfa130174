// Made from core/schema/member.schema.json by "npm run types"; do not edit.

export type Quantity = string

/**
 * A Waage member, version 5; a file of version 1 has no hinges, no elastic or guided supports and no movements of supports; one of version 2 no supports that bear only or take a limited moment, and no collapse; one of version 3 no slope, no steps in section, no rollers, no uniform change of temperature, no shear deformation and only plumb loads on a level member; up to version 4 every member is of steel, whose fields stand among the others. Quantities are texts with units and may be arithmetic: "2.2*3 m". Lengths run along the axis from the left end, which is the foot of an upright member.
 */
export interface MemberDocument {
    format: 'waage-member'
    version: 1 | 2 | 3 | 4 | 5
    mark?: string
    title?: string
    /**
     * What it is, such as joist: what new ones of an office may start from.
     */
    kind?: string
    /**
     * Remarks that are printed on the sheet.
     */
    notes?: string
    length: Quantity
    slope?: SlopeDocument
    /**
     * @maxItems 60
     */
    supports: SupportDocument[]
    /**
     * Places of internal hinges.
     *
     * @maxItems 60
     */
    hinges?: Quantity[]
    /**
     * Steel when absent. What the member is made of stands in the block of that name; the fields of steel may stand outside of it.
     */
    material?: 'steel' | 'concrete' | 'timber' | 'coldFormed'
    timber?: TimberDocument
    coldFormed?: ColdFormedDocument
    concrete?: ConcreteDocument
    /**
     * Of steel: name of a catalogue section, e.g. "IPE 300".
     */
    section?: string
    /**
     * Lengths with another section than the main one.
     *
     * @maxItems 40
     */
    steps?: StepDocument[]
    /**
     * The member may lift off supports that bear only; false: uplift is weighed.
     */
    liftsOff?: boolean
    /**
     * Shear deformation counts.
     */
    shears?: boolean
    grade?: 'S235' | 'S275' | 'S355' | 'S460' | 'A36' | 'A572 50' | 'A992' | 'A913 65' | 'A500 46' | 'A500 C' | 'A53 B'
    restraint?: {
        top?: RestraintDocument
        bottom?: RestraintDocument
    }
    /**
     * Where the load meets the section.
     */
    loadHeight?: 'top' | 'centre' | 'bottom'
    selfWeight?: boolean
    /**
     * @maxItems 30
     */
    cases: CaseDocument[]
    /**
     * @maxItems 500
     */
    loads: LoadDocument[]
    /**
     * The engineer's own, beside those of the rules.
     *
     * @maxItems 100
     */
    combinations?: CombinationDocument[]
    /**
     * Keys of combinations of the rules that do not count: purpose and factors, as the result gives them.
     */
    leftOut?: string[]
    /**
     * Where imposed load lies: just where it is worst, every other span and two adjacent spans, on all spans, or as `arrangements` says.
     */
    arrangement?: 'worst' | 'alternate' | 'all' | 'chosen'
    /**
     * Spans and overhangs that imposed load lies on together, numbered from 1 from the left.
     *
     * @maxItems 60
     */
    arrangements?: number[][]
    effectiveLengths?: EffectiveLengthsDocument
    /**
     * Rows of forces at the ends of the member, as an analysis of the whole structure gives them, factors and all; each is weighed as a combination.
     *
     * @maxItems 500
     */
    endForces?: EndForcesDocument[]
    /**
     * Of a member of a frame that resists earthquakes, after ANSI/AISC 341; none when absent.
     */
    ductility?: 'none' | 'moderate' | 'high'
    /**
     * Rise of the parabola that a single span is made with; empty: straight.
     */
    camber?: string
    /**
     * What the engineer says to weighings, by their ids as the result gives them.
     */
    remarks?: {
        [k: string]: RemarkDocument
    }
    /**
     * A tee has its flange below and its stem upwards; false: the flange on top.
     */
    stemUp?: boolean
    /**
     * What connects the ends of an angle in compression or tension: one of its legs, or both about its centroid.
     */
    strutEnds?: 'centroid' | 'upright' | 'flat'
    /**
     * Permanent load has its greater factor only on those spans where it does harm; false: one factor for all of it.
     */
    permanentBySpan?: boolean
    /**
     * Influence lines that the sheet shows.
     *
     * @maxItems 30
     */
    influence?: InfluenceDocument[]
    /**
     * The sheet shows plastic collapse.
     */
    collapse?: boolean
    /**
     * Section families the shortlist looks at.
     */
    families?: string[]
    webStiffeners?: WebStiffenersDocument
    deflection?: DeflectionLimits
    basis?: BasisDocument
}
export interface SlopeDocument {
    by: 'level' | 'angle' | 'rise' | 'upright'
    /**
     * The angle, e.g. "18 deg", or how much higher the right end lies; negative: it falls to the right.
     */
    value?: string
}
export interface SupportDocument {
    x: Quantity
    /**
     * A roller holds in one direction only, a pinned support along the axis as well, fixed and guided ones as `along` says. A guided one holds against turning in the plane of bending, and not sideways.
     */
    kind: 'pinned' | 'roller' | 'fixed' | 'guided' | 'elastic'
    /**
     * Of a fixed or guided support along the axis; a fixed one holds, a guided one is free unless it is given.
     */
    along?: 'held' | 'free'
    /**
     * Direction in which a roller holds; normal to the member unless it is given.
     */
    holds?: 'normal' | 'vertical' | 'horizontal'
    bearing: Quantity
    /**
     * Elastic support: stiffness against moving down, e.g. "20 kN/mm"; empty: rigid.
     */
    vertical?: string
    /**
     * Greatest moment that a support which holds against turning can take; empty: as much as comes.
     */
    momentCapacity?: string
    /**
     * The web has stiffeners here, or an end plate: its resistance to the reaction is not weighed.
     */
    stiffened?: boolean
    /**
     * The support does not hold the member down.
     */
    bearsOnly?: boolean
    /**
     * Elastic support: stiffness against turning, e.g. "800 kNm/rad"; empty: free to turn.
     */
    rotation?: string
}
/**
 * A rectangle of timber: sawn, glulam or LVL, of one piece or of plies. Width and depth that are empty or absent are found.
 */
export interface TimberDocument {
    /**
     * of a ply; empty: found
     */
    width?: string
    /**
     * empty: found
     */
    depth?: string
    /**
     * side by side, acting as one; 1 when absent
     */
    plies?: number | string
    /**
     * By the standard of the job: C24, D30, GL28h (EN 338, EN 14080), Douglas Fir-Larch No.2, 24F-1.8E (NDS Supplement), SPF No.1/No.2, D.Fir-L 20f-E (CSA O86), or LVL with all its values typed.
     */
    grade: string
    properties?: TimberPropertiesDocument
    /**
     * thickness of laminations of glulam, for the depths that are tried; empty: 40 mm, 1.5 in, 38 mm
     */
    lamination?: string
    /**
     * a glulam beam that is not as deep all along (EN 1995-1-1, 6.4); `depth` is the greatest depth, single ones begin at their low end
     */
    taper?: 'single tapered' | 'double tapered' | ''
    /**
     * of a tapered beam at its low end or ends
     */
    endDepth?: string
    /**
     * top when absent
     */
    taperedEdge?: 'top' | 'bottom'
    /**
     * EN 1995-1-1, 2.3.1.3; in America and Canada 1 dry, 3 wet; 1 when absent
     */
    serviceClass?: '1' | '2' | '3'
    /**
     * It dries under load: more creep.
     */
    installedWet?: boolean
    /**
     * Incisions for preservatives: C_i, K_T.
     */
    incised?: boolean
    /**
     * One of several alike that share the load: k_sys, C_r, K_H.
     */
    sharesLoad?: boolean
    /**
     * Lateral buckling by the rules of depth to breadth (NDS 2018, 4.4.1).
     */
    byDepthToBreadth?: boolean
    /**
     * Lateral buckling by the eigenvalue of the member in place of the formulas (EN 1995-1-1, 6.3.3).
     */
    criticalOfMember?: boolean
    /**
     * of a row of members alike
     */
    spacing?: string
    /**
     * of the floor, roof or wall, for the number of members
     */
    rowWidth?: string
    notches?: NotchDocument[]
    /**
     * Grade of the timber that the member bears on; empty: its bearing is not weighed.
     */
    sill?: string
    /**
     * how far that goes on beyond the member
     */
    sillBeyond?: string
    /**
     * limit of the final deflection beside the one by the span
     */
    mostDeflection?: string
    /**
     * R30, R60 …; empty: fire is not weighed (EN 1995-1-2)
     */
    fire?: string
    /**
     * 1 below, 2 both vertical sides, 3, 4; 3 when absent
     */
    fireSides?: number | string
    /**
     * What restrains the member laterally burns first.
     */
    fireUnrestrained?: boolean
    floor?: TimberFloorDocument
}
/**
 * Values in place of those of the grade.
 */
export interface TimberPropertiesDocument {
    bending?: Quantity
    /**
     * along the grain
     */
    tension?: string
    /**
     * along the grain
     */
    compression?: string
    /**
     * compression across the grain
     */
    across?: string
    shear?: Quantity
    /**
     * mean modulus of elasticity
     */
    E?: string
    /**
     * its fifth percentile; E_min of the NDS
     */
    E05?: string
    /**
     * kg/m³, mean
     */
    density?: number | string
    /**
     * s of LVL (EN 1995-1-1, 3.4)
     */
    sizeExponent?: number | string
}
export interface NotchDocument {
    /**
     * number, from 1; at an end of the member
     */
    support: number | string
    /**
     * that is cut; bottom when absent
     */
    edge?: 'bottom' | 'top'
    depth: Quantity
    /**
     * from the reaction to the corner of the notch
     */
    x: string
    /**
     * i to 1; 0, square, when absent
     */
    slope?: number | string
}
/**
 * For the vibration of a floor of joists (EN 1995-1-1, 7.3); absent: not weighed.
 */
export interface TimberFloorDocument {
    /**
     * across the joists
     */
    width?: string
    /**
     * stiffness across, Nm²/m; 5000 when absent
     */
    transverse?: number | string
    /**
     * kg/m²; empty: of the permanent load
     */
    mass?: number | string
    /**
     * %; 1 when absent
     */
    damping?: number | string
    /**
     * of 1 kN that one joist takes; 1 when absent
     */
    share?: number | string
    /**
     * deflection under 1 kN that is accepted, mm; 1.5 when absent
     */
    a?: number | string
}
/**
 * A C or a Z bent from sheet, by its dimensions out to out; thickness without coating.
 */
export interface ColdFormedDocument {
    shape: 'lipped C' | 'plain C' | 'lipped Z' | 'plain Z' | 'two lipped C' | 'two plain C'
    /**
     * depth
     */
    h: string
    /**
     * width of a flange
     */
    b: string
    /**
     * length of a lip
     */
    c?: string
    /**
     * thickness
     */
    t: string
    /**
     * inner radius; 3 mm or the thickness when empty
     */
    r?: string
    /**
     * by which lips are turned from the line of the flange, degrees; 90, square to it, when absent
     */
    lean?: number | string
    /**
     * a stress, or a grade: S350GD, G450, SS50
     */
    yield: string
    /**
     * to its supports, for bearing; true when absent
     */
    fastened?: boolean
    /**
     * of both faces together, told beside the thickness
     */
    coating?: string
    /**
     * that the shortlist looks at, with commas between; empty: all of the series
     */
    depths?: string
    /**
     * the same of thicknesses
     */
    thicknesses?: string
    /**
     * elastic buckling by finite strips, when empty or absent, or by closed formulas (lips square to flanges)
     */
    buckling?: '' | 'strips' | 'formulas'
    holes?: HolesDocument
    /**
     * of a section with one flange fastened to sheeting and the other one free in compression, by AISI S100: R, `table` or a number; empty: lateral buckling
     */
    uplift?: string
    /**
     * of sheeting at mid-width of a flange that it restrains all along: spring against turning, Nm by m and rad, as a force; empty: none
     */
    sheetTurning?: string
    /**
     * the same sideways, N by mm and mm, as a stress; empty: none
     */
    sheetSideways?: string
    /**
     * distance between restraints of distortional buckling; empty: none
     */
    distortionApart?: string
}
/**
 * in the web, about its middle, in a row
 */
export interface HolesDocument {
    /**
     * round when absent
     */
    shape?: 'round' | 'slotted'
    depth: Quantity
    /**
     * along the member, of slotted ones
     */
    length?: string
    /**
     * from middle to middle
     */
    spacing: string
    /**
     * from the end of the member to the edge of the first one
     */
    first?: string
}
/**
 * A rectangle, a T, an L or an inverted T of reinforced concrete, or a strip of a slab. Bars and links that are empty or absent are chosen.
 */
export interface ConcreteDocument {
    /**
     * a beam with links when absent, or a strip of a slab; its bars are diameter and spacing in mm: ø12/150
     */
    form?: 'beam' | 'slab'
    /**
     * of a beam; rectangle when absent
     */
    profile?: 'rectangle' | 'T' | 'L' | 'inverted T'
    /**
     * of the web
     */
    width: string
    /**
     * of the whole section
     */
    depth: string
    /**
     * of the flange, web included: of a slab up to half way to the next webs
     */
    flangeWidth?: string
    flangeThickness?: Quantity
    /**
     * of the flange; empty: by the standard from spans and widths
     */
    effectiveWidth?: string
    /**
     * own, when absent: the self-weight counts the flange; slab: it comes with the load of the slab
     */
    flangeWeight?: 'own' | 'slab'
    /**
     * Strength class after EN 1992-1-1, Table 3.1, e.g. C30/37, or a cylinder strength, e.g. 33 MPa.
     */
    grade: string
    /**
     * nominal, to the links
     */
    cover: string
    /**
     * Bars of every span, number and diameter in mm: 4ø16.
     */
    bottom?: string
    /**
     * Bars that run through; where they are given, none are added over supports.
     */
    top?: string
    /**
     * Bottom bars of single spans in place of `bottom`, by number from 1.
     */
    spans?: {
        [k: string]: string
    }
    /**
     * Top bars over single supports, by number from 1.
     */
    supports?: {
        [k: string]: string
    }
    /**
     * Sizes that bars are chosen from: 12, 16, 20 in mm, or #5, #6; of slabs fabrics too: A252, A393; empty: the usual ones.
     */
    sizes?: string
    /**
     * or an American number, #3
     */
    linkDiameter?: string
    /**
     * along the member; empty: closer at the ends of spans, as needed
     */
    linkSpacing?: string
    /**
     * of the links that cross a section; when absent as many as the width asks for
     */
    legs?: number | string
    /**
     * creep coefficient in the end; 2 when absent
     */
    creep?: number | string
    /**
     * EN: after finishes the member may deflect by its span over this; empty: no limit is asked for
     */
    finishes?: number | string
    /**
     * relative humidity, %, 40 to 100: creep and shrinkage that are empty are worked out by EN 1992-1-1, Annex B
     */
    humidity?: number | string
    /**
     * age when loaded, days; 28 when absent
     */
    loadingAge?: number | string
    /**
     * class of cement; N when empty or absent
     */
    cement?: '' | 'N' | 'S' | 'R'
    /**
     * along an edge of the building or inside it: ties for robustness (EN, BS), structural integrity bars (ACI) are weighed
     */
    tie?: '' | 'edge' | 'inside'
    /**
     * of floor that a beam inside ties, for EN and BS
     */
    tieWidth?: string
    /**
     * of the building, for BS
     */
    tieStoreys?: number | string
    /**
     * dead and imposed load of the floors, for BS
     */
    tieLoad?: string
    /**
     * Bottom bars lap over inner supports, so that they go on; false when absent.
     */
    bottomLaps?: boolean
    /**
     * its greatest size; 20 mm when absent, by ACI 318 3/4 in
     */
    aggregate?: string
    /**
     * in the end, ‰; 0.4 when absent
     */
    shrinkage?: number | string
    /**
     * Width of cracks that is accepted, mm; 0.3 when absent.
     */
    crackWidth?: '0.2' | '0.3' | '0.4'
    /**
     * Yield strength of bars; 500 MPa when absent.
     */
    yield?: string
    /**
     * By how much moments over inner supports are less, in %, by number of the support from 1; up to 30, by ACI 318 up to 20.
     */
    redistribution?: {
        [k: string]: number | string
    }
    /**
     * Part of the gross stiffness that counts for forces, for cracking; 1 when absent. ACI 318-19, Table 6.6.3.1.1(a): 0.35 for beams, 0.25 for slabs.
     */
    stiffnessFactor?: number | string
    /**
     * Design strength of what the member bears on; empty: the pressure is not weighed.
     */
    bearingStrength?: string
    /**
     * What the cover is for: a class of EN 1992-1-1, Table 4.1, e.g. XC3; for ACI 318 interior, weather or ground; for BS 8110 mild to very severe. Empty: cover is not weighed.
     */
    exposure?: string
    /**
     * S1 to S6 of EN 1992-1-1, 4.3; S4 when absent.
     */
    structuralClass?: string
    /**
     * allowance for deviation of EN 1992-1-1, 4.4.1.3; 10 mm when absent
     */
    coverDeviation?: string
    /**
     * R30 to R240; empty: fire is not weighed.
     */
    fire?: string
    /**
     * Moments over supports count at their faces; false, when absent: at the axis.
     */
    momentsAtFace?: boolean
    /**
     * Shear counts at d from the face of supports; false, when absent: at the axis.
     */
    shearAtD?: boolean
    /**
     * Yield strength of links; that of the bars when absent.
     */
    linkYield?: string
}
export interface StepDocument {
    from: Quantity
    to: Quantity
    section: string
    /**
     * The member's when absent.
     */
    grade?: 'S235' | 'S275' | 'S355' | 'S460' | 'A36' | 'A572 50' | 'A992' | 'A913 65' | 'A500 46' | 'A500 C' | 'A53 B'
    /**
     * Of a plate on each flange, not wider than the flange; empty: none.
     */
    plateWidth?: string
    plateThickness?: Quantity
}
export interface RestraintDocument {
    kind: 'continuous' | 'supports' | 'spacing' | 'positions'
    spacing?: Quantity
    positions?: Quantity[]
}
export interface CaseDocument {
    id: string
    name: string
    category:
        | 'permanent'
        | 'A'
        | 'B'
        | 'C'
        | 'D'
        | 'E'
        | 'F'
        | 'G'
        | 'H'
        | 'snow'
        | 'wind-down'
        | 'wind-up'
        | 'settlement'
        | 'temperature'
        | 'rain'
        | 'accidental'
        | 'seismic'
    /**
     * How long it stays, for timber; that of its category when absent.
     */
    duration?: 'permanent' | 'long' | 'medium' | 'short' | 'instantaneous'
    /**
     * Of a settlement or a temperature: it acts in every combination that has it, even where it helps.
     */
    always?: boolean
    /**
     * Part of it that stays, 0 to 1, in quasi-permanent combinations; that of its category when absent.
     */
    sustained?: number | string
    /**
     * Of the load cases with the same name here one acts at a time.
     */
    alternatives?: string
}
export interface LoadDocument {
    id: string
    /**
     * id of a load case
     */
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
    name?: string
    remark?: string
    /**
     * Place of a point load or moment, or of the support that moves.
     */
    x?: string
    /**
     * Start of a line or area load; empty: the left end.
     */
    from?: string
    /**
     * End of a line or area load; empty: the right end.
     */
    to?: string
    /**
     * kN, kNm, kN/m or kN/m²; down and clockwise positive; mm for a settlement, mrad for a rotation, K (bottom warmer than top) for a difference of temperature, K (warmer) for a change of all of it; empty for a train. A concentrated load acts at the worst place, in place of the rest of its load case. Upward wind: positive acts up.
     */
    value: string
    /**
     * Line load at its end when it varies; empty: uniform.
     */
    end?: string
    /**
     * Width that an area load is carried over; for a slab spanning two ways the greatest one.
     */
    width?: string
    /**
     * Area load whose width changes along the member; in place of width, from and to.
     *
     * @maxItems 50
     */
    widths?: WidthDocument[]
    /**
     * Floor area that an imposed load is reduced with (EN 1991-1-1, 6.3.1.2(10); ASCE 7, 4.7.2: the influence area); empty: not reduced.
     */
    area?: string
    /**
     * Number of storeys of one use above, that the imposed load of a column or wall is reduced with (EN 1991-1-1, 6.3.1.2(11)); empty: not reduced.
     */
    storeys?: string
    /**
     * Train between from and to, the first axle in front: load of each axle and its distance from the one before.
     *
     * @maxItems 40
     */
    axles?: AxleDocument[]
    /**
     * Of a train: which way it drives; either way unless it is given.
     */
    way?: 'both' | 'right' | 'left'
    /**
     * Slab: angle of its yield lines to this edge; empty: 45 deg.
     */
    angle?: string
    /**
     * Slab: place of the peak of a triangle, in place of the angle.
     */
    peak?: string
    /**
     * Name of a build-up of the job that an area load follows; in place of its value.
     */
    buildUp?: string
    /**
     * Plumb for a length of the member (the default), plumb for a length on plan, normal to the member, along it towards its start, or sideways: towards the one who looks at it with its start on the left.
     */
    direction?: 'vertical' | 'plan' | 'normal' | 'along' | 'sideways'
    /**
     * Length of the member that a force acts on; empty: an edge.
     */
    bearing?: string
    /**
     * The web has stiffeners under a point load.
     */
    stiffened?: boolean
    /**
     * How far in front of the axis a load acts, in the sense of a sideways load: along the member it bends this sideways, plumb or normal to it it twists it.
     */
    across?: string
    /**
     * Of a force on a concrete beam: it hangs at the lower edge, or a beam lands here, so that links hang it up.
     */
    hangs?: boolean
    /**
     * Of a force or a line load on a strip of slab: the width that the whole load covers, from which it spreads; empty: the load is what the strip takes.
     */
    covers?: string
    /**
     * From the middle of a load that spreads to a free edge of the slab; empty: there is none near.
     */
    toEdge?: string
    /**
     * How far from the axis a force along the member acts: positive on the side that a load normal to it points to.
     */
    eccentricity?: string
    /**
     * Switched off: kept, but without effect.
     */
    off?: boolean
}
export interface WidthDocument {
    x: Quantity
    width: Quantity
}
export interface AxleDocument {
    force: Quantity
    distance: Quantity
}
export interface CombinationDocument {
    name: string
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
    /**
     * factor of all permanent load, e.g. "1.35"
     */
    permanent: string
    factors: {
        /**
         * id of a load case
         */
        case: string
        factor: string
    }[]
}
/**
 * Buckling lengths under an axial force where the structure decides; empty: as supports and restraints make it.
 */
export interface EffectiveLengthsDocument {
    /**
     * about y-y, in the plane of bending
     */
    y?: string
    /**
     * about z-z, sideways
     */
    z?: string
    /**
     * twisting
     */
    twist?: string
}
export interface EndForcesDocument {
    name?: string
    /**
     * compression positive; empty: none
     */
    N?: string
    /**
     * at the start, sagging positive
     */
    My1?: string
    /**
     * at the end
     */
    My2?: string
    /**
     * sideways at the start, tension in front positive
     */
    Mz1?: string
    /**
     * sideways at the end
     */
    Mz2?: string
    /**
     * how long the shortest load in it stays, for timber; medium when absent
     */
    duration?: 'permanent' | 'long' | 'medium' | 'short' | 'instantaneous' | ''
}
export interface RemarkDocument {
    text?: string
    /**
     * The weighing does not count; the sheet says so, with the text as the reason.
     */
    leftOut?: boolean
}
export interface InfluenceDocument {
    effect: 'M' | 'V' | 'R'
    /**
     * of a shear force: just to the left of x
     */
    left?: boolean
    x: Quantity
    /**
     * from 0
     */
    support: number
    /**
     * uniform load
     */
    load: string
    /**
     * @maxItems 40
     */
    axles: AxleDocument[]
}
/**
 * Pairs of stiffeners on the web between the supports; counted after EN 1993 where the web is slender.
 */
export interface WebStiffenersDocument {
    /**
     * between them at most; they are set out evenly in each span
     */
    spacing: string
    /**
     * of each plate
     */
    width: string
    /**
     * of each plate
     */
    thickness: string
    /**
     * distance of the two pairs of an end post; empty: one pair, not rigid
     */
    endPost?: string
}
export interface DeflectionLimits {
    /**
     * n of the limit L/n for the characteristic combination
     */
    total?: number
    /**
     * n of the limit L/n for the variable part of it
     */
    variable?: number
    /**
     * n of the limit H/n for the top of a cantilever post
     */
    sway?: number
    /**
     * lowest natural frequency that is accepted, Hz; 0: none is asked for
     */
    frequency?: number
}
/**
 * What the job has settled; what is absent takes the recommended value.
 */
export interface BasisDocument {
    standard?: 'EN'
    units?: 'metric' | 'us'
    /**
     * Rules that combine the actions: EN 1990 (6.10) or (6.10a/b), ASCE 7, AS/NZS 1170.0, NBC of Canada, or dead 1.4 and imposed 1.6.
     */
    combinations?:
        | '6.10'
        | '6.10a/b'
        | 'asce-7-16-lrfd'
        | 'asce-7-16-asd'
        | 'asce-7-22-lrfd'
        | 'asce-7-22-asd'
        | 'as-nzs-1170'
        | 'nbc-2020'
        | 'classic'
    parameters?: {
        gammaGsup?: number
        gammaGinf?: number
        gammaQ?: number
        gammaGset?: number
        gammaGsupEqu?: number
        gammaGinfEqu?: number
        /**
         * ψ of the leading variable action in an accidental situation
         */
        psiAccidental?: 1 | 2
        /**
         * the same in fire
         */
        psiFire?: 1 | 2
        xi?: number
        KFI?: number
        gammaM0?: number
        gammaM1?: number
        eta?: number
        lambdaLT0?: number
        beta?: number
        /**
         * 6.3.2.3 for rolled sections, otherwise 6.3.2.2
         */
        rolledCurves?: boolean
        /**
         * factor f of 6.3.2.3(2)
         */
        modifyChi?: boolean
        /**
         * S_DS of ASCE 7: seismic combinations take 0.2 S_DS of the permanent load more, and less where it helps; 0 when absent
         */
        SDS?: number
        /**
         * k_c = 1/√C_1 in place of Table 6.6 (6.3.2.3(2))
         */
        kcByC1?: boolean
        /**
         * interaction of axial force and bending by Annex A of EN 1993-1-1 instead of Annex B
         */
        annexA?: boolean
        concrete?: {
            gammaC?: number
            gammaS?: number
            alphaCc?: number
        }
        timber?: {
            gammaM?: number
        }
        /**
         * critical moment by closed formulas (C_1, C_2) instead of the eigenvalue of the member
         */
        closedForms?: boolean
        /**
         * ψ0, ψ1, ψ2 by category
         */
        psi?: {
            /**
             * @minItems 3
             * @maxItems 3
             */
            [k: string]: [number, number, number]
        }
    }
    deflection?: DeflectionLimits
    /**
     * Floors, roofs and walls of the job that area loads follow.
     *
     * @maxItems 60
     */
    buildUps?: BuildUpDocument[]
}
export interface BuildUpDocument {
    name: string
    /**
     * @maxItems 30
     */
    layers: LayerDocument[]
}
export interface LayerDocument {
    name: string
    /**
     * empty: the weight is a load per area
     */
    thickness: string
    /**
     * unit weight, e.g. "25 kN/m³"
     */
    weight: string
}
