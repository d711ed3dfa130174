<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Materials\Steel\Ductility;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelMake;
use Waage\Materials\Steel\SteelMember;
use Waage\Materials\Steel\Strained;
use Waage\Materials\Steel\Strut;

/** All weighings of the strength of a steel member after EN 1993-1-1. */
final class SteelBeam extends SteelMember
{
    private LateralTorsionalBuckling $lateral;

    private CrossSections $crossSections;

    private Webs $webs;

    private AxialForce $axialForce;

    private ?SidewaysBending $bendsSideways;

    protected function prepare(): void
    {
        $this->crossSections = new CrossSections($this->beam, $this->shear, $this->moment, $this->strength);
        $this->lateral = new LateralTorsionalBuckling($this->beam, $this->moment, $this->strength);
        $this->webs = new Webs($this->beam, $this->moment, $this->axial, $this->strength);
        $this->bendsSideways = $this->sideways === null ? null : new SidewaysBending($this->sideways, $this->strength);
        $this->axialForce = new AxialForce(
            $this->beam,
            $this->axial,
            $this->strength,
            $this->sideways,
            $this->bendingOf(...),
            $this->lateralOf(...),
        );
    }

    public function standard(): string
    {
        return 'EN 1993-1-1:2005';
    }

    public function factors(): array
    {
        $basis = $this->beam->member->basis;

        return ['gamma_M0' => $basis->steel->gammaM0, 'gamma_M1' => $basis->steel->gammaM1];
    }

    public function assumptions(): array
    {
        $member = $this->beam->member;
        $isClosed = $member->basis->steel->closedForms;

        return [
            ...$this->ofWebs(),
            ...$this->axial === null
                ? []
                : [
                    'Weighings leave out axial forces that are as small as the standard allows (6.2.9.1(4), 6.3.1.2(4)); a greater one is weighed with the greatest moment of its combination. Sections of class 1 and 2 by 6.2.9.1(5), of class 3 and 4 by the sum of their utilisations (6.2.1(7), 6.2.9.3). Buckling by 6.3.3 and Annex '.
                    ($member->basis->steel->annexA ? 'A, with C_m as under a uniform moment' : 'B, with C_m = 1').
                    ' but for end moments that run straight and for loads between ends without moments.',
                ],
            ...SteelMake::of($member)->steps === []
                ? []
                : [
                    'Where the section changes, sections are weighed each on its length, plates from end to end of theirs, without their welds; a length between restraints with several sections by EN 1993-1-1, 6.3.4, '.
                    ($isClosed
                        ? 'with the elastic critical moment of its weakest one.'
                        : 'its flanges as far apart, and its loads as high, as in the deepest one.'),
                ],
            ...$this->ofHalfHeld(),
            ...$this->ofChannels(),
            ...$this->ofSkewSections(),
            ...$this->ofTorsion(),
            $isClosed
                ? 'Lateral-torsional buckling by EN 1993-1-1, 6.3.2, with M_cr by closed formulas (C_1, C_2) for each length between restraints of the compressed flange, k = k_w = 1.'
                : 'Lateral-torsional buckling by EN 1993-1-1, 6.3.2, with M_cr as an eigenvalue of each length between restraints of both flanges: thin-walled beam with warping, real moments, heights of the loads, restraints of single flanges. Its ends free to warp and to turn in plan, clamped at a fixed support with a free end.',
            'Strength by EN 1993-1-1, Table 3.1.',
            'Class 4: the effective section by EN 1993-1-5, 4.4, without shear lag. Channels, tees, angles, strips and plated flanges: the whole section at a reduced stress (EN 1993-1-5, 10). Tubes by BS 5950-1, 3.6.6.',
            'Dimensions: I sections and channels after EN 10365, angles after EN 10056-1, hollow sections after EN 10210-2 (hot-finished) and EN 10219-2 (cold-formed), with properties by their Annex B.',
            'Angles have their elastic strength in bending.',
            'Sections welded of plates without their welds. Of those with unequal flanges the weaker side counts.',
            'Tees by whether bending compresses the stem or the flange. Solid bars count as class 1.',
            'Sections built of strips are elastic, with each strip classed as if in uniform compression. Lateral-torsional buckling of these and of angles by curve d, flexural-torsional buckling of strips by curve c.',
            'A web that may buckle in shear by EN 1993-1-5, 5, with stiffeners at the supports only. Forces on flanges by EN 1993-1-5, 6 and 7.2.',
        ];
    }

    public function secondOrder(bool $isFar): string
    {
        return $isFar
            ? 'From a factor of 10 on first order is good enough (EN 1993-1-1, 5.2.1(3)).'
            : 'Below a factor of 10 moments and deflections of second order are to be looked at (EN 1993-1-1, 5.2.1(3)); the weighing of buckling with axial force takes them into account (5.2.2(8)).';
    }

    public function sectionClass(): string
    {
        $m = $this->beam->member;
        $stretches = $this->with(SteelMake::of($m)->section);
        $weight = SteelMake::of($m)->section->weight();

        return 'class '.
            ($this->struts->has($stretches, $weight) && $this->struts->refusal($stretches) === ''
                ? $this->strut($this->struts->of($stretches[0], $weight))->sectionClass()
                : max(
                    array_map(
                        fn (SectionStep $s): int => (new SteelSection($s->section, $s->grade, $m->basis))->class,
                        $stretches,
                    ),
                ));
    }

    protected function refused(Strained $of): ?Weighing
    {
        $rules = RuleSet::of($this->beam->member->basis->combinations);
        $american = array_values(array_filter($of->stretches, fn (SectionStep $s): bool => $s->grade->isAmerican()));
        $why = match (true) {
            ! $rules->isEn1993() => $rules->refusal,
            $american !== [] => "{$american[0]->grade->value} is not among the steels of EN 1993-1-1, Table 3.1. Choose one of its grades, or combinations of ASCE 7 for weighings after ANSI/AISC 360.",
            $this->struts->has($of->stretches, $of->weight) => $this->struts->refusal($of->stretches),
            default => $this->ofAngles($of->stretches, $of->weight).$this->ofHeldFlange($of->stretches),
        };

        return $why === '' ? null : self::notCovered('strength', 'Strength', 'EN 1993-1-1, 6', $why);
    }

    protected function asStrut(Strained $of, Detail $detail): array
    {
        return $this->strut($this->struts->of($of->stretches[0], $of->weight))->weigh($detail);
    }

    protected function asBeam(Strained $of, Detail $detail): array
    {
        [$stretches, $weight] = [$of->stretches, $of->weight];
        $sections = $this->crossSections->weigh($stretches, $weight, $detail);
        if ($this->strength === [] || ! $sections[0]->isCovered()) {
            return [$sections[0]];
        }
        $webs = $this->webs->weigh($stretches, $weight, $detail);
        $bending = [...$this->ductility(), ...$sections, $this->lateral->weigh($stretches, $weight, $detail)];

        return [...$bending, ...$webs, ...$this->beside($of, $bending, $detail)];
    }

    /**
     * What acts beside vertical bending.
     *
     * @param  list<Weighing>  $bending
     * @return list<Weighing>
     */
    private function beside(Strained $of, array $bending, Detail $detail): array
    {
        [$stretches, $weight] = [$of->stretches, $of->weight];
        if ($this->struts->strains($stretches, $weight)) {
            $strut = $this->struts->of($stretches[0], $weight);

            return (new BentStrut($strut, $this->strut($strut)))->weigh($bending, $detail);
        }
        if ($this->bendsSideways !== null && ! $this->isCoveredSideways($stretches)) {
            return [
                self::notCovered(
                    'bending-axial',
                    'Bending about both axes',
                    'EN 1993-1-1, 6.2.9',
                    'The section is class 4 in bending about the minor axis: the effective section of this shape is not computed here. Take one with thicker sides.',
                ),
            ];
        }
        $sideways = $this->bendsSideways?->weigh($stretches, $weight, $detail);
        $together =
            $this->axial === null && $sideways === null
                ? []
                : $this->axialForce->weigh($stretches, $weight, $bending, $sideways, $detail);

        return [
            ...$sideways ?? [],
            ...$this->weighTorsion($of, [...$bending, ...$together], $detail),
            ...$together,
        ];
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function isCoveredSideways(array $stretches): bool
    {
        $basis = $this->beam->member->basis;

        return array_filter($stretches, function (SectionStep $s) use ($basis): bool {
            $steel = new SteelSection($s->section, $s->grade, $basis);

            return $steel->classZ > 3 && $steel->local === null;
        }) === [];
    }

    /** @return list<Weighing> that it is not weighed, where it is asked for */
    private function ductility(): array
    {
        return SteelMake::of($this->beam->member)->ductility === Ductility::None
            ? []
            : [
                self::notCovered(
                    'seismic',
                    'Ductility',
                    'EN 1998-1, 6',
                    'Ductility in earthquakes is weighed after ANSI/AISC 341 only, with combinations of ASCE 7.',
                ),
            ];
    }

    private static function notCovered(string $id, string $title, string $clause, string $why): Weighing
    {
        return new Weighing($id, $title, $clause, null, applies: false, remark: $why);
    }

    private function strut(Strut $strut): PressedStrut
    {
        return $strut->section instanceof Angle
            ? new AngleStrut($strut, $this->beam->member->basis)
            : new StripStrut($strut, $this->beam->member->basis);
    }

    /**
     * @param  list<Weighing>  $others  of shear, bending, lateral-torsional buckling, and of axial force and bending
     *     both ways
     * @return list<Weighing>
     */
    private function weighTorsion(Strained $of, array $others, Detail $detail): array
    {
        $torsion = $this->torsion();
        if ($torsion === null) {
            return [];
        }
        if (! $of->isOfOne()) {
            return [self::notCovered('torsion', 'Torsion', 'EN 1993-1-1, 6.2.7', self::CHANGES)];
        }
        $presses = abs($this->axial?->greatest($this->strength, $of->weight)->value ?? 0.0) >= 1.0;
        [$stretch] = $of->stretches;

        return (new Torsion($torsion))->weigh(
            new SteelSection($stretch->section, $stretch->grade, $this->beam->member->basis),
            $others,
            $presses,
            $detail,
        );
    }

    /** Utilisation of a length of one section in bending, at most, under one combination. */
    private function bendingOf(
        Combination $combination,
        SectionStep $stretch,
        SteelSection $steel,
        float $weight,
    ): float {
        $M = 0.0;
        foreach ([1, -1] as $sign) {
            $M = max(
                $M,
                abs($this->moment->extreme([$combination], $sign, $weight, $stretch->from, $stretch->to)->value ?? 0.0),
            );
        }

        return $M / Bending::resistance($steel);
    }

    /** Utilisation of a member of one section in lateral-torsional buckling under one combination. */
    private function lateralOf(Combination $combination, SectionStep $stretch, float $weight): float
    {
        return $this->lateral->utilisation($combination, $stretch, $weight);
    }
}
