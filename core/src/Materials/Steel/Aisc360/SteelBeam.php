<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\RuleSet;
use Waage\Materials\Steel\Columns;
use Waage\Materials\Steel\Ductility;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelMake;
use Waage\Materials\Steel\SteelMember;
use Waage\Materials\Steel\Strained;
use Waage\Materials\Steel\Stretches;
use Waage\Materials\Steel\Strut;

/**
 * The weighings of the strength of a steel member after ANSI/AISC 360 (2016 and 2022: the clauses used here are the
 * same).
 */
final class SteelBeam extends SteelMember
{
    private RuleSet $rules;

    private Method $method;

    private CrossSections $crossSections;

    private LateralTorsionalBuckling $lateral;

    private Webs $webs;

    private CombinedForces $together;

    private Seismic $seismic;

    protected function prepare(): void
    {
        $this->rules = RuleSet::of($this->beam->member->basis->combinations);
        $this->method = Method::from($this->rules->method);
        $this->crossSections = new CrossSections(
            $this->beam,
            $this->shear,
            $this->moment,
            $this->strength,
            $this->rules->steel,
            $this->method,
        );
        $this->lateral = new LateralTorsionalBuckling(
            $this->beam,
            $this->moment,
            $this->strength,
            $this->rules->steel,
            $this->method,
        );
        $this->webs = new Webs($this->beam, $this->moment, $this->strength, $this->rules->steel, $this->method);
        $columns = new Columns($this->beam, $this->axial, $this->sideways);
        $this->together = new CombinedForces(
            $columns,
            $this->beam,
            $this->moment,
            $this->lateral,
            $this->strength,
            $this->rules->steel,
            $this->method,
        );
        $this->seismic = new Seismic(
            SteelMake::of($this->beam->member)->ductility,
            $this->axial,
            $columns,
            $this->strength,
            str_replace('360', '341', $this->rules->steel),
            $this->method,
        );
    }

    public function standard(): string
    {
        return "{$this->rules->steel}, {$this->method->value}";
    }

    public function assumptions(): array
    {
        return [
            ...$this->ofWebs(),
            ...SteelMake::of($this->beam->member)->steps === []
                ? []
                : [
                    'Where the section changes, sections are weighed each on its length; such a length buckles in lateral torsion as a whole, by its eigenvalue with flanges as far apart, and loads as high, as in the deepest section, and each section is weighed with its own moment at that factor; in compression it buckles in the plane and laterally as it does in truth, in torsion as if the weakest section were all along.',
                ],
            ...$this->ofHalfHeld(),
            ...$this->ofChannels(),
            ...$this->ofSkewSections(),
            ...$this->ofTorsion(),
            $this->beam->member->basis->steel->closedForms
                ? 'Lateral-torsional buckling by F2.2 with L_b between restraints of the compressed flange and C_b of (F1-1); 1 for an overhang with a free end. Loads are taken to act at the shear centre in it.'
                : 'Lateral-torsional buckling by F2.2, from the elastic critical moment as an eigenvalue of each length between restraints of both flanges: thin-walled beam with warping, real moments, heights of the loads and restraints of single flanges. L_b is the unbraced length that buckles at that moment under C_b of the governing length.',
            'Covered: doubly symmetric I shapes, channels with compact flanges, solid bars (F11), hollow sections with webs that are not slender.',
            'Single angles by F10: unrestrained ones by L_b and C_b, with their loads at the shear centre; with equal legs about the geometric axis, with others by the sum of both principal axes (H2.1). As struts by E5.',
            'Tees by L_b alone, with their loads at the shear centre (F9). Sections built of strips are elastic (F12, E4).',
            'Girders with slender webs by F5. I shapes with unequal flanges with slender webs (F5) or under moments of both signs as the weaker of both, by L_b and C_b.',
            'Dimensions: W shapes, channels and angles after ASTM A6, HSS with 0.93 of the nominal thickness (B4.2), others after the European norms.',
            'Sections welded of plates without their welds.',
            'Shear without tension field (G2.1).',
            'No holes in tension flanges (F13.1).',
            ...$this->axial === null
                ? []
                : [
                    'Axial force with bending by H1.1, the greatest of each of a combination together; moments of first order amplified by B_1 (Appendix 8), with C_m = 1 but for end moments that run straight. What a frame adds by swaying (B_2) has to be in the forces that are given. Stiffness is not reduced (effective length method, Appendix 7.2).',
                ],
            ...SteelMake::of($this->beam->member)->ductility === Ductility::None
                ? []
                : [
                    'Ductility by ANSI/AISC 341, D1.1 and D1.2, for a member with its greatest compression; connections, protected zones and the strength of columns against beams belong to the frame. Both flanges count as braced where both are restrained.',
                ],
            'Forces on flanges by J10.2 to J10.5; the loaded flange is taken to be free to turn (J10.4). A beam on bearings needs a stiffener where nothing else keeps its end from turning over (J10.7).',
        ];
    }

    public function secondOrder(bool $isFar): string
    {
        return "The weighing with axial force amplifies moments of first order by B₁ ({$this->rules->steel}, Appendix 8).";
    }

    public function sectionClass(): string
    {
        return implode(
            ', ',
            array_unique(
                array_map(
                    fn (SectionStep $s): string => Profiles::of($s)->compactness(),
                    $this->with(SteelMake::of($this->beam->member)->section),
                ),
            ),
        );
    }

    protected function refused(Strained $of): ?Weighing
    {
        $stretches = $of->stretches;
        $european = array_values(array_filter($stretches, fn (SectionStep $s): bool => ! $s->grade->isAmerican()));
        $isOdd = fn (SectionStep $s): bool => $s->grade->isOfHollows() !== $s->section->isRolledHollow();
        $odd = array_values(array_filter($stretches, $isOdd));
        $own = array_map(fn (SectionStep $s): string => Profiles::of($s)->refusal(), $stretches);
        $why = match (true) {
            $european !== [] => "{$european[0]->grade->value} is a steel of EN 1993-1-1. Choose an ASTM grade (A992, A572 50, A36, A913 65; A500 C for hollow sections, A53 B for pipes), or combinations of EN 1990 for weighings after EN 1993.",
            $odd !== [] => "{$odd[0]->grade->value} is ".
                ($odd[0]->grade->isOfHollows()
                    ? 'a steel of hollow sections. Choose A992, A572 50, A36 or A913 65.'
                    : 'no steel of hollow sections. Choose A500 C or A53 B.'),
            array_filter($own) !== [] => implode(' ', array_unique(array_filter($own))),
            $this->struts->has($stretches, $of->weight) => $this->struts->refusal($stretches),
            default => $this->ofAngles($stretches, $of->weight).
                self::ofTees($stretches).
                $this->ofHeldFlange($stretches),
        };

        return $why === '' ? null : $this->notCovered('strength', 'Strength', 'B', $why);
    }

    protected function asStrut(Strained $of, Detail $detail): array
    {
        $strut = $this->strut($this->struts->of($of->stretches[0], $of->weight));

        return $strut->refusal() === ''
            ? $strut->weigh($detail)
            : [$this->notCovered('axial', 'Compression', 'E5', $strut->refusal())];
    }

    protected function asBeam(Strained $of, Detail $detail): array
    {
        [$stretches, $weight] = [$of->stretches, $of->weight];
        $shapes = array_map(Profiles::of(...), $stretches);
        $sections = $this->sections($of, $shapes, $detail);
        if ($this->strength === [] || ! $sections[0]->isCovered()) {
            return $sections;
        }
        $webs = $this->webs->weigh($stretches, $weight, $detail);
        $lateral = $this->lateral->weigh($stretches, $shapes, $weight, $detail);
        $bending = [...$sections, $lateral];

        return [...$bending, ...$webs, ...$this->beside($of, $shapes, $bending, $detail)];
    }

    /**
     * Compactness, bending and shear of each length; of one that is not covered that alone.
     *
     * @param  non-empty-list<Profile>  $shapes
     * @return non-empty-list<Weighing>
     */
    private function sections(Strained $of, array $shapes, Detail $detail): array
    {
        $units = $this->beam->member->basis->units;
        $byStretch = [];
        foreach ($of->stretches as $i => $stretch) {
            $compactness = $shapes[$i]->weighCompactness($this->rules->steel, $detail);
            if (! $compactness->isCovered()) {
                return [Stretches::named($compactness, $stretch, count($of->stretches), $units)];
            }
            $byStretch[] =
                $this->strength === []
                    ? [$compactness]
                    : [
                        $compactness,
                        $this->crossSections->bending($shapes[$i], $stretch, $of->weight, $detail),
                        $this->crossSections->shear($shapes[$i], $stretch, $of->weight, $detail),
                    ];
        }
        $order = array_map(fn (Profile $p): int => (int) ($p->compactness() !== 'compact'), $shapes);

        return Stretches::heaviest($of->stretches, $byStretch, $order, $units);
    }

    /**
     * What acts beside vertical bending.
     *
     * @param  non-empty-list<Profile>  $shapes
     * @param  list<Weighing>  $bending  the last is lateral-torsional buckling
     * @return list<Weighing>
     */
    private function beside(Strained $of, array $shapes, array $bending, Detail $detail): array
    {
        [$stretches, $weight] = [$of->stretches, $of->weight];
        if ($this->struts->strains($stretches, $weight)) {
            return $this->bentStrut($of, $bending, $detail);
        }
        $lateral = $bending[count($bending) - 1]->ratio ?? 0.0;
        $P = abs($this->axial?->greatest($this->strength, $weight)->value ?? 0.0);
        $isTogether = $P >= 1.0 || $this->sideways !== null;
        $isSkew = fn (SectionStep $s): bool => ! $s->section->hasTwoAxes();
        $together = match (true) {
            ! $isTogether => [],
            ! $of->isOfOne() && array_filter($stretches, $isSkew) !== [] => [
                $this->notCovered(
                    'bending-axial',
                    'Axial force and bending',
                    'H1',
                    'Where the section changes this is computed for sections with two axes of symmetry.',
                ),
            ],
            default => $this->together->weigh($stretches, $shapes, $weight, $lateral, $detail),
        };
        $beside = [...$this->weighSideways($stretches, $shapes, $weight, $detail), ...$together];
        if (! $of->isOfOne()) {
            return [...$beside, ...$this->ofChanging()];
        }
        $parts = $isTogether ? $this->together->parts($stretches[0], $shapes[0], $weight, $lateral) : null;

        return [
            ...$beside,
            ...$this->seismic->weigh($shapes[0], $weight, abs($this->beam->member->angle) < M_PI / 4, $detail),
            ...$this->weighTorsion($stretches[0], $bending, $together, $parts, $detail),
            ...$this->axial !== null && $P < 1.0
                ? [
                    new Weighing(
                        'axial',
                        'Axial force',
                        "{$this->rules->steel}, H1",
                        null,
                        remark: 'No axial force acts.',
                    ),
                ]
                : [],
        ];
    }

    /**
     * @param  list<Weighing>  $bending
     * @return list<Weighing>
     */
    private function bentStrut(Strained $of, array $bending, Detail $detail): array
    {
        $strut = $this->struts->of($of->stretches[0], $of->weight);
        $pressed = $this->strut($strut);

        return $pressed->refusal(true) === ''
            ? (new BentStrut($strut, $pressed, $this->method, $this->rules->steel))->weigh($bending, $detail)
            : [$this->notCovered('axial', 'Compression', 'E5', $pressed->refusal(true))];
    }

    /** @return list<Weighing> what is not covered of a member whose section changes */
    private function ofChanging(): array
    {
        return [
            ...$this->torsion() === null ? [] : [$this->notCovered('torsion', 'Torsion', 'H3', self::CHANGES)],
            ...SteelMake::of($this->beam->member)->ductility === Ductility::None
                ? []
                : [
                    $this->notCovered(
                        'seismic',
                        'Ductility',
                        'D1',
                        'Computed for members of one section; this one changes along its length.',
                    ),
                ],
        ];
    }

    /**
     * Why a member with a tee in it is not weighed; empty: it has none, or is of one section: F9 goes by L_b.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private static function ofTees(array $stretches): string
    {
        $has = array_filter($stretches, fn (SectionStep $s): bool => $s->section instanceof Tee) !== [];

        return $has && count($stretches) > 1
            ? 'Tees are weighed in members of one section; this one changes along its length.'
            : '';
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  non-empty-list<Profile>  $shapes  of each of them
     * @return list<Weighing> bending and shear about the weak axis, where loads push the member sideways
     */
    private function weighSideways(array $stretches, array $shapes, float $weight, Detail $detail): array
    {
        $sideways = $this->sideways;
        if ($sideways === null) {
            return [];
        }

        return Stretches::heaviest(
            $stretches,
            array_map(
                fn (Profile $p, SectionStep $s): array => $this->crossSections->sideways(
                    $p,
                    $s,
                    $sideways,
                    $weight,
                    $detail,
                ),
                $shapes,
                $stretches,
            ),
            array_map(fn (Profile $p): int => (int) ($p->compactness() !== 'compact'), $shapes),
            $this->beam->member->basis->units,
        );
    }

    /**
     * @param  list<Weighing>  $bending  weighings of bending, shear and lateral-torsional buckling
     * @param  list<Weighing>  $together  of axial force and bending together; none where they are not
     * @param  array{float, float}|null  $parts  utilisations in axial force and in bending of the combination where
     *     their sum is the greatest
     * @return list<Weighing>
     */
    private function weighTorsion(
        SectionStep $stretch,
        array $bending,
        array $together,
        ?array $parts,
        Detail $detail,
    ): array {
        $torsion = $this->torsion();
        if ($torsion === null) {
            return [];
        }

        return (new Torsion($torsion, $this->method, $this->rules->steel))->weigh(
            $stretch->section,
            $stretch->grade,
            $bending,
            $together,
            $parts,
            $detail,
        );
    }

    private function strut(Strut $strut): PressedStrut
    {
        return $strut->section instanceof Angle
            ? new AngleStrut($strut, $this->method, $this->rules->steel)
            : new StripStrut($strut, $this->method, $this->rules->steel);
    }

    private function notCovered(string $id, string $title, string $clause, string $why): Weighing
    {
        return new Weighing($id, $title, "{$this->rules->steel}, {$clause}", null, applies: false, remark: $why);
    }
}
