<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Camber;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\SidewaysEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Units\Kind;

/**
 * A steel member under its combinations, and its weighings after one standard. What does not depend on the section
 * (envelopes, arrangements, moment diagrams between restraints) is made once, so that a shortlist of hundreds of
 * sections stays quick.
 */
abstract class SteelMember implements MemberChecks
{
    use PlainChecks;

    protected const CHANGES = 'Torsion is weighed in members of one section; this one changes along its length.';

    /** Moments of a sign that are a smaller part of those of the other are rounding. */
    private const NOTHING = 1e-9;

    /** A product of inertia that is a smaller part of the moments of inertia does not turn the plane of bending. */
    private const ASKEW = 1e-6;

    protected readonly LoadedBeam $beam;

    /** Axial force, compression positive; null: the member is not strained along its axis. */
    public readonly ?Envelope $axial;

    public readonly Envelope $shear;

    public readonly Envelope $moment;

    /** Null: nothing bends the member sideways. */
    public readonly ?SidewaysEnvelopes $sideways;

    /** Torque; null: nothing twists the member. */
    public readonly ?Envelope $torque;

    protected readonly Struts $struts;

    /** @var list<Combination> */
    protected readonly array $strength;

    final public function __construct(private readonly MemberEnvelopes $envelopes)
    {
        $this->beam = $envelopes->beam;
        $this->strength = $envelopes->strength;
        $this->axial = $envelopes->axial;
        $this->shear = $envelopes->shear;
        $this->moment = $envelopes->moment;
        $this->sideways = $envelopes->sideways;
        $this->torque = $envelopes->torque;
        $this->struts = new Struts($this->beam, $this->axial, $this->moment, $this->strength);
        $this->prepare();
    }

    /** What the weighings of a standard need, made once for all sections. */
    abstract protected function prepare(): void;

    /** Why the member is not weighed by this standard at all; null: it is. */
    abstract protected function refused(Strained $of): ?Weighing;

    /**
     * Of a member that is pressed or pulled, and does not bend.
     *
     * @return list<Weighing>
     */
    abstract protected function asStrut(Strained $of, Detail $detail): array;

    /**
     * Sections, webs, lateral-torsional buckling, and what acts together with bending.
     *
     * @return list<Weighing>
     */
    abstract protected function asBeam(Strained $of, Detail $detail): array;

    /**
     * The weighings of the strength of the member, with a section in place of its own.
     *
     * @return list<Weighing>
     */
    private function strengths(Strained $of, Detail $detail): array
    {
        $refused = $this->refused($of);

        return match (true) {
            $refused !== null => [$refused],
            $this->struts->has($of->stretches, $of->weight) => $this->asStrut($of, $detail),
            default => $this->asBeam($of, $detail),
        };
    }

    /** The standard and its edition. */
    abstract public function standard(): string;

    /** @return list<string> what its weighings take for granted, and where they end */
    abstract public function assumptions(): array;

    /** What twists the member; null: nothing does. */
    protected function torsion(): ?TorsionEnvelopes
    {
        return $this->beam->twisting === null || $this->torque === null || $this->strength === []
            ? null
            : new TorsionEnvelopes(
                $this->beam->twisting,
                $this->torque,
                $this->strength,
                $this->envelopes->characteristic,
            );
    }

    public function factors(): array
    {
        return [];
    }

    /** @return list<string> */
    protected function ofWebs(): array
    {
        $member = $this->beam->member;

        return [
            ...$member->shears
                ? [
                    'A_s in shear deformation is the web between the middles of the flanges, both sides of a rectangular hollow section, half of a tube.',
                ]
                : [],
            abs($member->angle) > M_PI / 4
                ? 'Webs at supports and under concentrated loads are not weighed in an upright member.'
                : 'Webs are weighed over supports that bear on the bottom flange and under point loads on the top flange, as if without stiffeners where none are said to be; not at fixed and guided supports, nor under loads at the shear centre or the bottom flange.',
        ];
    }

    /** @return list<string> how torsion is computed, where it is */
    protected function ofTorsion(): array
    {
        return $this->beam->twisting === null
            ? []
            : [
                'Lateral loads twist the member where they act above or below its shear centre; the height of the loads says where. Torsion between supports and points of restraint of both flanges, which restrain the member against twisting: of hollow sections, tees, angles and solid bars by St Venant; of I sections, channels and strips all of it by bending of the flanges (warping), which fixed supports hold against turning, St Venant torsion left out, on the safe side. Of the twist only what it may be at most is told: less than by either way alone.',
            ];
    }

    /**
     * Why a member with an angle or a section built of strips in it is not weighed; empty: it has none, or is weighed.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     */
    protected function ofAngles(array $stretches, float $weight): string
    {
        $upright = array_map(fn (SectionStep $s): Section => $s->section->upright(), $stretches);
        $unlike = array_values(array_filter($upright, fn (Section $s): bool => $s->bendsAskew()));
        if ($unlike === []) {
            return '';
        }
        $member = $this->beam->member;
        $isFree = ! $member->top->isContinuous() || ! $member->bottom->isContinuous();
        $isAskew =
            $unlike[0] instanceof StripSection &&
            abs($unlike[0]->Iyz) > self::ASKEW * sqrt($unlike[0]->Iy * $unlike[0]->Iz);
        $between =
            [...$member->top->positions, ...$member->bottom->positions] !== [] ||
            $member->top->isContinuous() ||
            $member->bottom->isContinuous();

        return match (true) {
            $isFree && count($stretches) > 1 => 'Angles and sections built of strips are weighed in members that change along their length only where both flanges are continuously restrained.',
            $isFree && $between && $isAskew => 'A thin-walled section that is not symmetric is weighed where it is restrained at its supports only, or where both flanges are continuously restrained: points of restraint between turn the plane in which it bends.',
            ! $this->isStrainedOtherwise($weight) => '',
            $this->sideways !== null || $this->torque !== null => 'Angles and sections built of strips are weighed in bending by vertical forces, with forces along their axis; not under lateral loads, nor with torsion beside such forces. Take another section.',
            default => $this->struts->refusal($stretches),
        };
    }

    /**
     * Why a member that loads push sideways with one flange continuously restrained is not weighed; empty: it is,
     * since each flange takes the part of the load that it takes where both are free, and the held one passes it on.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    protected function ofHeldFlange(array $stretches): string
    {
        $isHeld =
            $this->sideways !== null &&
            $this->beam->member->top->isContinuous() !== $this->beam->member->bottom->isContinuous();

        return $isHeld &&
            array_filter(
                $stretches,
                fn (SectionStep $s): bool => ! $s->section->hasTwoFlanges(),
            ) !== []
            ? 'One flange alone is continuously restrained, so that lateral loads twist the member. This is weighed for sections with two flanges. Restrain both flanges, or give points of restraint.'
            : '';
    }

    /**
     * @return list<string> what is made of loads that push the member sideways where one flange is continuously
     * restrained
     */
    protected function ofHalfHeld(): array
    {
        $member = $this->beam->member;

        return $this->sideways === null || $member->top->isContinuous() === $member->bottom->isContinuous()
            ? []
            : [
                'A continuously restrained flange passes its part of lateral loads on to its restraint; the other flange bends under its own part between its points of restraint.',
            ];
    }

    /** The side that the combinations for strength compress: 1 the upper one, −1 the lower one; null: either. */
    private function pressedSide(float $weight): ?int
    {
        $sags = $this->moment->extreme($this->strength, 1, $weight)->value ?? 0.0;
        $hogs = -($this->moment->extreme($this->strength, -1, $weight)->value ?? 0.0);

        return match (true) {
            $hogs <= self::NOTHING * $sags => 1,
            $sags <= self::NOTHING * $hogs => -1,
            default => null,
        };
    }

    /** Do forces act sideways or along the member? */
    private function isStrainedOtherwise(float $weight): bool
    {
        return $this->sideways !== null || abs($this->axial?->greatest($this->strength, $weight)->value ?? 0.0) >= 1.0;
    }

    /** @return list<string> what channels are taken to be loaded like */
    protected function ofChannels(): array
    {
        return array_filter(
            SteelMake::of($this->beam->member)->stretches(),
            fn (SectionStep $s): bool => $s->section->shearCentre() > 0.0,
        ) === []
            ? []
            : [
                'Loads on a channel are taken to act through its shear centre, behind its web, or the channel to be restrained against twisting where they act; where they have a distance from the axis, it counts from the shear centre.',
            ];
    }

    /** @return list<string> how sections are taken to bend that are not symmetric and laterally unrestrained */
    protected function ofSkewSections(): array
    {
        $member = $this->beam->member;

        return SteelMake::of($member)->bent(SteelMake::of($member)->section) === SteelMake::of($member)->section
            ? []
            : [
                'Vertical loads bend an unsymmetric section that is not continuously restrained about both principal axes. They are taken to act through its shear centre unless they have a distance from it. Supports restrain it laterally as they do vertically, so that the moment about the vertical axis is zero: stresses, deflections and buckling are those of this. It moves sideways as well, by I_yz/I_z of its deflection; places between supports that hold an angle sideways keep it from buckling there, and stresses on the safe side are those without them.',
            ];
    }

    /**
     * What it makes of second order in the plane of bending, where the loads are near to buckling the member or far
     * from it.
     */
    abstract public function secondOrder(bool $isFar): string;

    /**
     * What the standard calls the member's sections in bending, an angle that is pressed in compression: a class, or
     * compact.
     */
    abstract public function sectionClass(): string;

    /** @return list<Weighing> */
    public function weigh(Make $make, Detail $detail): array
    {
        $section = SteelMake::from($make)->section;
        $weight = $section->weight();

        return [
            ...$this->strengths(new Strained($this->with($section), $weight), $detail),
            ...$this->deflections($section, $weight, $detail),
        ];
    }

    /** @return non-empty-list<SectionStep> the member's lengths of one section, with another one in place of its own */
    protected function with(Section $section): array
    {
        $member = $this->beam->member;
        $weight = $section->weight();

        return array_map(function (SectionStep $s) use ($member, $section, $weight): SectionStep {
            $placed = $this->placed($s->section === SteelMake::of($member)->section ? $section : $s->section, $weight);

            return $placed === $s->section ? $s : new SectionStep($s->from, $s->to, $placed, $s->grade);
        }, SteelMake::of($member)->stretches());
    }

    /** A section as it is in the member: which way up, what of it bending compresses, how it bends. */
    private function placed(Section $section, float $weight): Section
    {
        $make = SteelMake::of($this->beam->member);
        $pressed = fn (): ?int => $this->pressedSide($weight);

        return $make->bent($section->laid($make->stemUp, $pressed), $pressed);
    }

    /** @return list<Weighing> */
    private function deflections(Section $section, float $weight, Detail $detail): array
    {
        $basis = $this->beam->member->basis;
        $bent = SteelMake::of($this->beam->member)->bent($section);
        $ofI = $bent !== $section ? 'laterally unrestrained: (I_y I_z − I_yz²)/I_z' : '';
        $weighings = [];
        $plane = new Deflections(
            $this->beam,
            $this->envelopes->sag,
            $this->envelopes->sag !== $this->envelopes->deflection,
            ofI: $ofI,
        );
        if ($this->envelopes->characteristic !== []) {
            $weighings[] = $plane->weigh(
                'deflection-total',
                'Deflection, total',
                $this->envelopes->characteristic,
                $basis->limits->total,
                $bent->Iy,
                $weight,
                $detail,
                $this->beam->member->camber > 0.0
                    ? new Camber($this->beam->member->camber, $this->beam->member->length)
                    : null,
            );
        }
        if ($this->envelopes->variablePart !== []) {
            $weighings[] = $plane->weigh(
                'deflection-variable',
                'Deflection, variable load',
                $this->envelopes->variablePart,
                $basis->limits->variable,
                $bent->Iy,
                $weight,
                $detail,
            );
        }
        if ($this->sideways !== null && $this->envelopes->characteristic !== []) {
            $weighings[] = (new Deflections($this->sideways->beam, $this->sideways->deflection, axis: 'z'))->weigh(
                'sideways-deflection',
                'Lateral deflection',
                $this->envelopes->characteristic,
                $basis->limits->total,
                $section->Iz,
                $weight,
                $detail,
            );
        }

        return $weighings;
    }

    public function notes(): array
    {
        $member = $this->beam->member;
        $behind = SteelMake::of($member)->section->shearCentre();
        if ($behind <= 0.0 || ($member->top->isContinuous() && $member->bottom->isContinuous())) {
            return [];
        }

        return [
            'Loads are taken to act through the shear centre of the channel, '.
            $member->basis->units->format($behind, Kind::Size).
            ' from its centroid, behind the web. Where they act elsewhere, give their distance in front of the axis, which counts from there.',
        ];
    }
}
