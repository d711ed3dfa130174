<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Envelope;
use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\BucklingSearch;
use Waage\Analysis\Lateral\BucklingShapes;
use Waage\Analysis\Lateral\HeaviestCase;
use Waage\Analysis\Lateral\HeldDiagrams;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\Lateral\HeldLengths;
use Waage\Analysis\Lateral\Resistance;
use Waage\Analysis\Lateral\Stiffness;
use Waage\Analysis\Lateral\ThinWalledBeam;
use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Section;
use Waage\Units\Kind;

/**
 * The lengths of a steel member between restraints of both flanges, and what governs their lateral-torsional buckling
 * for the resistance that a standard gives. Made once for all sections of a shortlist.
 */
final class LateralBuckling
{
    /** Lighter than any section that buckles so, N/mm. */
    private const LIGHT = 0.01;

    /** @var list<HeldDiagrams>|null */
    private ?array $lengths = null;

    /** What resists twisting in sections of one kind, as parts of that of one of them. */
    private const SPREAD = [1 / 8, 1.0, 8.0];

    /** @var array<string, list<BucklingCase>> by length and kind of section: what may govern for any section */
    private array $candidates = [];

    /** @var array<int, array{list<SectionStep>, BucklingShapes}> by length: the last ones that were asked for */
    private array $shapes = [];

    /** @param  list<Combination>  $strength */
    public function __construct(
        private readonly LoadedBeam $beam,
        private readonly Envelope $moment,
        private readonly array $strength,
    ) {
    }

    /**
     * Is no section one that can buckle so? Square and round hollow sections cannot.
     *
     * @param  list<SectionStep>  $stretches
     */
    public static function areSafe(array $stretches): bool
    {
        return array_filter(
            $stretches,
            fn (SectionStep $s): bool => ! $s->section->bendsAlike(),
        ) === [];
    }

    /** @return list<HeldDiagrams> */
    public function lengths(): array
    {
        $member = $this->beam->member;
        $breaks = [];
        foreach (SteelMake::of($member)->steps as $step) {
            array_push($breaks, $step->from, $step->to);
        }

        return $this->lengths ??= array_map(
            fn (HeldLength $held): HeldDiagrams => new HeldDiagrams($this->beam, $held, $breaks),
            HeldLengths::of($this->beam->beam, $member->top, $member->bottom),
        );
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    public function shapes(int $i, array $stretches): BucklingShapes
    {
        if (! isset($this->shapes[$i]) || $this->shapes[$i][0] != $stretches) {
            $this->shapes[$i] = [
                $stretches,
                new BucklingShapes(
                    $this->lengths()[$i],
                    $this->thinWalled($i, $stretches),
                    isset($this->shapes[$i]) ? $this->shapes[$i][1]->first() : null,
                ),
            ];
        }

        return $this->shapes[$i][1];
    }

    /**
     * The length that is strained the most, with its heaviest case; null: nothing bends any.
     *
     * @template R of Resistance
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  \Closure(HeldLength): ?R  $resistance  null: nothing of the length can buckle so
     * @param  float  $weight  self-weight, N/mm
     * @return GoverningLength<R>|null
     */
    public function governing(array $stretches, \Closure $resistance, float $weight): ?GoverningLength
    {
        $governing = null;
        $ranges = [];
        foreach ($this->lengths() as $i => $diagrams) {
            $of = $resistance($diagrams->held);
            if ($of === null) {
                continue;
            }
            $shapes = $this->shapes($i, $stretches);
            $case = $this->heaviest($i, $stretches, $shapes, $of, $weight);
            if ($case === null) {
                continue;
            }
            $alpha = $shapes->factor($case, $weight, $of->upTo($case));
            $ratio = $of->utilisation($case, $alpha);
            if ($ratio > 0.0) {
                $ranges[] = [$diagrams->held->from, $diagrams->held->to, $of->demand($case, $alpha) / $ratio, $ratio];
            }
            // Of those that are strained alike the first.
            if ($governing === null || $ratio > $governing[4] * (1 + 1e-9)) {
                $governing = [$case, $of, $shapes, $alpha, $ratio];
            }
        }

        return $governing === null ? null : new GoverningLength(...$governing, ranges: $ranges);
    }

    /**
     * What one combination makes of the member at most.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  \Closure(HeldLength): ?Resistance  $resistance  null: nothing of the length can buckle so
     * @param  float  $weight  self-weight, N/mm
     */
    public function utilisation(
        Combination $combination,
        array $stretches,
        \Closure $resistance,
        float $weight,
    ): float {
        $most = 0.0;
        foreach ($this->lengths() as $i => $diagrams) {
            $of = $resistance($diagrams->held);
            if ($of === null) {
                continue;
            }
            $shapes = $this->shapes($i, $stretches);
            $search = new BucklingSearch($diagrams, [$combination], $this->moment);
            $case = $search->heaviest($shapes, $of, $weight, $most);
            if ($case !== null) {
                $alpha = $shapes->factor($case, $weight, $of->upTo($case));
                $most = max($most, $of->utilisation($case, $alpha));
            }
        }

        return $most;
    }

    /**
     * The case that is the heaviest for one section; null: nothing bends the length. The member's own section is
     * weighed by itself, and so is one with unequal flanges in a member that changes, or by L_b and C_b; others of a
     * shortlist share the diagrams.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     */
    public function heaviest(
        int $i,
        array $stretches,
        BucklingShapes $shapes,
        Resistance $resistance,
        float $weight,
    ): ?BucklingCase {
        $isLopsided = $shapes->beam->isLopsided();
        if (
            $weight === SteelMake::of($this->beam->member)->section->weight() ||
            ($isLopsided && (count($stretches) > 1 || ! $resistance->usesFactor()))
        ) {
            return (new BucklingSearch($this->lengths()[$i], $this->strength, $this->moment))->heaviest(
                $shapes,
                $resistance,
                $weight,
            );
        }
        $heaviest = new HeaviestCase($shapes, $resistance, $weight);
        foreach ($isLopsided ? $this->candidatesLike($i, $stretches[0]) : $this->candidates($i) as $case) {
            $heaviest->weigh($case);
        }

        return $heaviest->case;
    }

    /**
     * The critical factor of a case; INF where it is above $most.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    public function eigenvalue(array $stretches, BucklingCase $case, float $weight, float $most): float
    {
        foreach ($this->lengths() as $i => $diagrams) {
            if ($diagrams->held === $case->held) {
                return $this->shapes($i, $stretches)->factor($case, $weight, $most);
            }
        }
        throw new \LogicException('A case belongs to a length.');
    }

    /** What holds a length between its ends, in words. */
    public function between(HeldLength $held): string
    {
        $at = fn (float $x): string => $this->beam->member->basis->units->format($x, Kind::Length);
        $words = [];
        foreach ([1 => 'top', -1 => 'bottom'] as $side => $name) {
            $places = array_column(array_filter($held->flanges, fn (array $f): bool => $f[1] === $side), 0);
            match (true) {
                $held->continuous === $side => ($words[] = "{$name} flange continuously restrained"),
                count($places) > 4 => ($words[] = "{$name} flange restrained at ".count($places).' places'),
                $places !== [] => ($words[] =
                    "{$name} flange restrained at x = ".implode(', ', array_map($at, $places))),
                default => null,
            };
        }
        if ($held->clamped !== []) {
            $words[] = 'restrained against rotation in plan and warping at x = '.$at($held->clamped[0]);
        }

        return $words === [] ? '' : '; '.implode('; ', $words);
    }

    /**
     * What may govern a length for any section of a shortlist: for sections that warp much and little, and weights from
     * the least to the greatest (uplift that a heavy section outweighs is there for a light one).
     *
     * @return list<BucklingCase>
     */
    private function candidates(int $i): array
    {
        $key = "{$i} alike";
        if (! isset($this->candidates[$key])) {
            $member = $this->beam->member;
            $with = function (Section $section, float $weight) use ($i, $member): array {
                $stretches = array_map(
                    fn (SectionStep $s): SectionStep => $s->section === SteelMake::of($member)->section
                        ? new SectionStep($s->from, $s->to, $section, $s->grade)
                        : $s,
                    SteelMake::of($member)->stretches(),
                );

                return [new BucklingShapes($this->lengths()[$i], $this->thinWalled($i, $stretches)), $weight];
            };
            [$least, $most] = [self::LIGHT, Catalogue::heaviest()->weight()];
            $this->candidates[$key] = (new BucklingSearch(
                $this->lengths()[$i],
                $this->strength,
                $this->moment,
            ))->candidates([
                $with(SteelMake::of($member)->section, SteelMake::of($member)->section->weight()),
                $with(Catalogue::mostWarping(), $least),
                $with(Catalogue::leastWarping(), $most),
                $with(SteelMake::of($member)->section, sqrt($least * $most)),
            ]);
        }

        return $this->candidates[$key];
    }

    /**
     * The same of one section with unequal flanges, which sagging and hogging buckle unlike, for all of its kind:
     * tees, or angles, turned alike.
     *
     * @return list<BucklingCase>
     */
    private function candidatesLike(int $i, SectionStep $stretch): array
    {
        $section = $stretch->section;
        $key = "{$i} ".$section::class.($section->monosymmetry() > 0.0 ? ' +' : ' -');
        if (! isset($this->candidates[$key])) {
            $with = function (float $part, float $weight) use ($i, $stretch): array {
                return [new BucklingShapes($this->lengths()[$i], $this->thinWalled($i, [$stretch], $part)), $weight];
            };
            [$least, $most] = [self::LIGHT, Catalogue::heaviest()->weight()];
            $this->candidates[$key] = (new BucklingSearch(
                $this->lengths()[$i],
                $this->strength,
                $this->moment,
            ))->candidates([
                $with(self::SPREAD[0], $least),
                $with(self::SPREAD[1], sqrt($least * $most)),
                $with(self::SPREAD[2], $most),
            ]);
        }

        return $this->candidates[$key];
    }

    /**
     * Where the section changes, flanges are taken to be as far from the axis, and loads as high, as in the deepest
     * one.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $twisting  part of what resists twisting that counts
     */
    private function thinWalled(int $i, array $stretches, float $twisting = 1.0): ThinWalledBeam
    {
        $mesh = $this->lengths()[$i]->mesh;
        $stiffness = [];
        $side = (int) $this->beam->member->loadHeight->sign();
        $a = $z = 0.0;
        for ($e = 1, $n = count($mesh->nodes); $e < $n; $e++) {
            $x = ($mesh->nodes[$e - 1] + $mesh->nodes[$e]) / 2;
            [$section, $grade] = [$stretches[0]->section, $stretches[0]->grade];
            foreach ($stretches as $s) {
                [$section, $grade] = $s->from <= $x ? [$s->section, $s->grade] : [$section, $grade];
            }
            $stiffness[] = $this->stiffness($section, $grade, $twisting);
            $a = max($a, $section->hs / 2);
            $z = $side * max($side * $z, $side * $section->faceAbove($side));
        }

        return new ThinWalledBeam($mesh, $stiffness, $a, $z);
    }

    /** Lengths that are thought to be longer bend and warp with less: in their own scale all else stays as it is. */
    private function stiffness(Section $section, SteelGrade $grade, float $twisting): Stiffness
    {
        $E = $grade->elasticity() / $this->beam->member->apart ** 2;

        return new Stiffness(
            $E * $section->Iz,
            $E * $section->Iw,
            $twisting * $grade->shearModulus() * $section->It,
            $section->shearLevel(),
            $section->monosymmetry(),
        );
    }
}
