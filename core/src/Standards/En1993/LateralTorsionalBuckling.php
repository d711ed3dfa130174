<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Envelope;
use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\BucklingSearch;
use Waage\Analysis\Lateral\BucklingShapes;
use Waage\Analysis\Lateral\HeldDiagrams;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\Lateral\HeldLengths;
use Waage\Analysis\Lateral\Stiffness;
use Waage\Analysis\Lateral\ThinWalledBeam;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\SteelGrade;
use Waage\Member\SectionStep;
use Waage\Sections\Catalogue;
use Waage\Sections\CircularHollow;
use Waage\Sections\RectangularHollow;
use Waage\Sections\Section;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.3.2: lateral-torsional buckling of a beam, length by length between the places that hold it
 * sideways and against twisting.
 *
 * The load factor at which a length buckles elastically is an eigenvalue of the length itself, or comes from closed
 * formulas where the engineer prefers them; the one is shown beside the other.
 */
final class LateralTorsionalBuckling
{
    /** Lighter than any section that buckles so, N/mm. */
    private const LIGHT = 0.01;

    /** @var list<HeldDiagrams>|null */
    private ?array $lengths = null;

    /** @var array<int, list<BucklingCase>> by length: what may govern for any section */
    private array $candidates = [];

    /** @var array<int, array{list<SectionStep>, BucklingShapes}> by length: the last ones that were asked for */
    private array $shapes = [];

    /** @var list<BucklingLength>|null between places that hold a flange */
    private ?array $ofFlanges = null;

    /** @param  list<Combination>  $strength */
    public function __construct(private readonly LoadedBeam $beam, private readonly Envelope $moment, private readonly array $strength)
    {
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight of the member's section, N/mm
     */
    public function weigh(array $stretches, float $weight, bool $derive): Weighing
    {
        $member = $this->beam->member;
        [$id, $title, $clause] = ['buckling', 'Lateral-torsional buckling', 'EN 1993-1-1, 6.3.2'];
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return new Weighing($id, $title, $clause, null, remark: 'Both flanges are held sideways along the whole length: the member cannot buckle sideways (6.3.2.1(2)).');
        }
        if (self::areSafe($stretches)) {
            return new Weighing($id, $title, $clause, null, remark: 'Square and round hollow sections do not buckle in lateral torsion (6.3.2.1(2)).');
        }
        $heaviest = null;
        $ranges = [];
        foreach ($this->lengths() as $i => $diagrams) {
            if ($member->basis->closedForms && $this->weakest($stretches, $diagrams->held) === null) {
                $at = fn (float $x): string => $member->basis->units->format($x, Kind::Length);

                return new Weighing($id, $title, 'EN 1993-1-1, 6.3.4', null, applies: false, x: $diagrams->held->from, remark: "Between x = {$at($diagrams->held->from)} and {$at($diagrams->held->to)} no section is the weakest in all that resists lateral-torsional buckling, so that closed formulas do not cover the length. Hold it where the section changes, or take the eigenvalue.");
            }
            $resistance = $this->resistance($stretches, $diagrams->held, $weight);
            $shapes = $this->shapes($i, $stretches);
            // One section is weighed by itself; a shortlist shares the diagrams.
            $case = $weight === $member->section->weight()
                ? (new BucklingSearch($diagrams, $this->strength, $this->moment))->heaviest($shapes, $resistance, $weight)
                : $this->heaviestCandidate($i, $shapes, $resistance, $weight);
            if ($case === null) {
                continue;
            }
            [$steel, $M, $x] = $resistance->governing($case);
            $alpha = $resistance->factor($case, $shapes->factor($case, $weight, $resistance->mostFactor($M)));
            $Mb = $resistance->moment($steel, $case, $M, $alpha);
            $ranges[] = [$diagrams->held->from, $diagrams->held->to, $Mb, $M / $Mb];
            if ($heaviest === null || $M / $Mb > $heaviest[0]) {
                $heaviest = [$M / $Mb, $case, $resistance, $alpha, $M, $Mb, $x, $shapes];
            }
        }
        if ($heaviest === null) {
            return new Weighing($id, $title, $clause, null, remark: 'No combination bends the member.');
        }
        [$ratio, $case, $resistance, $alpha, $M, $Mb, $x, $shapes] = $heaviest;
        $factors = $this->beam->factors($case->combination, $weight, $case->sum->patterns());
        $d = $derive ? new Derivation : null;
        if ($d !== null) {
            $this->derive($d, $stretches, $case, $resistance, $weight, $alpha);
            $d->line('u', 'M_Ed / M_b_Rd', ['M_Ed' => [$M, Kind::Moment], 'M_b_Rd' => [$Mb, Kind::Moment]], $ratio, Kind::Number, '6.3.2.1(1) (6.54)');
        }

        return new Weighing(
            $id, $title, count($this->parts($stretches, $case->held)) > 1 ? 'EN 1993-1-1, 6.3.4' : $clause, $ratio, demand: $M, capacity: $Mb, kind: Kind::Moment, demandSymbol: 'M_Ed', capacitySymbol: 'M_b_Rd',
            x: $x, combination: $case->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: $ranges,
            shape: $d === null ? [] : $shapes->flanges($case, $weight, $resistance->mostFactor($M)),
        );
    }

    /** @param  list<SectionStep>  $stretches */
    private static function areSafe(array $stretches): bool
    {
        return array_filter($stretches, fn (SectionStep $s): bool => ! ($s->section instanceof CircularHollow || ($s->section instanceof RectangularHollow && $s->section->isSquare()))) === [];
    }

    /** What one combination makes of a member of one section, at most. */
    public function utilisation(Combination $combination, SectionStep $stretch, float $weight): float
    {
        $most = 0.0;
        foreach (self::areSafe([$stretch]) ? [] : $this->lengths() as $i => $diagrams) {
            $resistance = $this->resistance([$stretch], $diagrams->held, $weight);
            $shapes = $this->shapes($i, [$stretch]);
            $case = (new BucklingSearch($diagrams, [$combination], $this->moment))->heaviest($shapes, $resistance, $weight);
            if ($case !== null) {
                $most = max($most, $resistance->utilisation($case, $shapes->factor($case, $weight, $resistance->mostFactor($case->greatest($weight)[0]))));
            }
        }

        return $most;
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function derive(Derivation $d, array $stretches, BucklingCase $case, LateralResistance $resistance, float $weight, float $alpha): void
    {
        $member = $this->beam->member;
        $held = $case->held;
        [$steel, $M, , $sign] = $resistance->governing($case);
        $at = fn (float $x): string => $member->basis->units->format($x, Kind::Length);
        $d->given('L', $held->length(), Kind::Length, '', "held sideways and against twisting: from x = {$at($held->from)} to {$at($held->to)}".$this->between($held));
        $d->given('M_Ed', $M, Kind::Moment, '', ($sign > 0 ? 'greatest moment of the length, sagging' : 'greatest moment of the length, hogging').(count($stretches) > 1 ? "; of {$steel->section->name}, which is strained the most" : ''));
        $hand = $this->byHand($stretches, $case, $weight);
        $eigenvalue = $this->eigenvalue($stretches, $case, $weight, $resistance->mostFactor($M));
        $isClosed = $member->basis->closedForms;
        if ($isClosed && $hand !== null) {
            $this->deriveByHand($d, $hand, $case, $weight);
            $d->line('alpha_C', 'M_cr_C / M', ['M_cr_C' => [$hand[0] * $hand[2], Kind::Moment], 'M' => [$hand[2], Kind::Moment]], $hand[0], Kind::Number, '6.3.4(3)');
            $alpha < $hand[0]
                ? $d->given('alpha_cr', $alpha, Kind::Number, '6.3.2.2(4)', 'more than this makes no difference')
                : $d->line('alpha_cr', 'alpha_C', ['alpha_C' => [$hand[0], Kind::Number]], $alpha, Kind::Number);
        } else {
            $d->given('alpha_cr', $alpha, Kind::Number, '6.3.2.2(2)', is_finite($eigenvalue) ? 'eigenvalue of the length: thin-walled beam with warping, real moments and heights of the loads; ends free to warp and to turn in plan' : 'or more, which makes no difference');
        }
        $d->line('M_cr', 'alpha_cr * M_Ed', ['alpha_cr' => [$alpha, Kind::Number], 'M_Ed' => [$M, Kind::Moment]], $alpha * $M, Kind::Moment, '6.3.2.2(2)');
        $resistance->moment($steel, $case, $M, $alpha, $d);
        // The other way beside it.
        if ($hand === null || ! is_finite($eigenvalue)) {
            return;
        }
        $difference = sprintf('%+.1f %%', 100 * ($hand[0] / $eigenvalue - 1));
        if (! $isClosed) {
            $this->deriveByHand($d, $hand, $case, $weight);
            $d->line('alpha_C', 'M_cr_C / M', ['M_cr_C' => [$hand[0] * $hand[2], Kind::Moment], 'M' => [$hand[2], Kind::Moment]], $hand[0], Kind::Number, '', 'by closed formulas, beside α_cr');
            $d->line('r', 'alpha_C / alpha_cr', ['alpha_C' => [$hand[0], Kind::Number], 'alpha_cr' => [$eigenvalue, Kind::Number]], $hand[0] / $eigenvalue, Kind::Number, '', 'the closed formulas beside the eigenvalue: '.$difference);
        } else {
            $d->given('alpha_E', $eigenvalue, Kind::Number, '', 'eigenvalue of the length, beside α_cr: thin-walled beam with warping');
            $d->line('r', 'alpha_C / alpha_E', ['alpha_C' => [$hand[0], Kind::Number], 'alpha_E' => [$eigenvalue, Kind::Number]], $hand[0] / $eigenvalue, Kind::Number, '', 'the closed formulas beside the eigenvalue: '.$difference);
        }
    }

    /** What holds a length between its ends, in words. */
    private function between(HeldLength $held): string
    {
        $at = fn (float $x): string => $this->beam->member->basis->units->format($x, Kind::Length);
        $words = [];
        foreach ([1 => 'top', -1 => 'bottom'] as $side => $name) {
            $places = array_column(array_filter($held->flanges, fn (array $f): bool => $f[1] === $side), 0);
            match (true) {
                $held->continuous === $side => $words[] = "{$name} flange held all along",
                count($places) > 4 => $words[] = "{$name} flange held at ".count($places).' places',
                $places !== [] => $words[] = "{$name} flange held at x = ".implode(', ', array_map($at, $places)),
                default => null,
            };
        }
        if ($held->clamped !== []) {
            $words[] = 'held against turning in plan and warping at x = '.$at($held->clamped[0]);
        }

        return $words === [] ? '' : '; '.implode('; ', $words);
    }

    /**
     * The length between places that hold the compressed flange which buckles first by the closed formulas.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @return array{float, BucklingLength, float, SteelSection}|null its factor, the length, its moment (Nmm), the weakest section
     */
    private function byHand(array $stretches, BucklingCase $case, float $weight): ?array
    {
        $member = $this->beam->member;
        $held = $case->held;
        $steel = $this->weakest($stretches, $held);
        $lengths = $this->ofFlanges ??= [...BucklingLengths::of($this->beam->beam, $member->top, 1), ...BucklingLengths::of($this->beam->beam, $member->bottom, -1)];
        $within = array_values(array_filter($lengths, fn (BucklingLength $l): bool => $l->from >= $held->from - 1.0 && $l->to <= $held->to + 1.0));
        $least = $steel === null ? null : ClosedForms::least($steel, $within, $case->diagram, $member->loadHeight, $weight);

        return $least === null || $steel === null ? null : [...$least, $steel];
    }

    /** @param  array{float, BucklingLength, float, SteelSection}  $hand */
    private function deriveByHand(Derivation $d, array $hand, BucklingCase $case, float $weight): void
    {
        $member = $this->beam->member;
        [, $length, $M, $steel] = $hand;
        $at = fn (float $x): string => $member->basis->units->format($x, Kind::Length);
        $d->given('L', $length->length(), Kind::Length, '', ($length->sign > 0 ? 'top' : 'bottom')." flange, between places that hold it: from x = {$at($length->from)} to {$at($length->to)}");
        $d->given('M', $M, Kind::Moment, '', $length->sign > 0 ? 'greatest sagging moment in it' : 'greatest hogging moment in it');
        ClosedForms::criticalMoment($steel, $length, $case->diagram, $member->loadHeight, $weight, $M, $d);
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function eigenvalue(array $stretches, BucklingCase $case, float $weight, float $most): float
    {
        foreach ($this->lengths() as $i => $diagrams) {
            if ($diagrams->held === $case->held) {
                return $this->shapes($i, $stretches)->factor($case, $weight, $most);
            }
        }
        throw new \LogicException('A case belongs to a length.');
    }

    private function heaviestCandidate(int $i, BucklingShapes $shapes, LateralResistance $resistance, float $weight): ?BucklingCase
    {
        $most = 0.0;
        $heaviest = null;
        foreach ($this->candidates($i) as $case) {
            [$M] = $case->greatest($weight);
            $utilisation = $M > 0.0 ? $resistance->utilisation($case, $shapes->factor($case, $weight, $resistance->mostFactor($M))) : 0.0;
            if ($utilisation > $most) {
                $most = $utilisation;
                $heaviest = $case;
            }
        }

        return $heaviest;
    }

    /**
     * What may govern a length for any section of a shortlist: for sections that warp much and little, and weights from
     * the least to the greatest (uplift that a heavy section outweighs is there for a light one).
     *
     * @return list<BucklingCase>
     */
    private function candidates(int $i): array
    {
        if (! isset($this->candidates[$i])) {
            $member = $this->beam->member;
            $with = function (Section $section, float $weight) use ($i, $member): array {
                $stretches = array_map(fn (SectionStep $s): SectionStep => $s->section === $member->section ? new SectionStep($s->from, $s->to, $section, $s->grade) : $s, $member->stretches());

                return [new BucklingShapes($this->lengths()[$i], $this->thinWalled($i, $stretches)), $weight];
            };
            [$least, $most] = [self::LIGHT, Catalogue::heaviest()->weight()];
            $this->candidates[$i] = (new BucklingSearch($this->lengths()[$i], $this->strength, $this->moment))->candidates([
                $with($member->section, $member->section->weight()), $with(Catalogue::mostWarping(), $least), $with(Catalogue::leastWarping(), $most), $with($member->section, sqrt($least * $most)),
            ]);
        }

        return $this->candidates[$i];
    }

    /** @return list<HeldDiagrams> */
    private function lengths(): array
    {
        $member = $this->beam->member;
        $breaks = [];
        foreach ($member->steps as $step) {
            array_push($breaks, $step->from, $step->to);
        }

        return $this->lengths ??= array_map(fn (HeldLength $held): HeldDiagrams => new HeldDiagrams($this->beam, $held, $breaks), HeldLengths::of($this->beam->beam, $member->top, $member->bottom));
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function resistance(array $stretches, HeldLength $held, float $weight): LateralResistance
    {
        $closed = fn (BucklingCase $case): float => $this->byHand($stretches, $case, $weight)[0] ?? INF;

        return new LateralResistance($this->parts($stretches, $held), $weight, $this->beam->member->basis->closedForms ? $closed : null);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return non-empty-list<array{SteelSection, float, float}>
     */
    private function parts(array $stretches, HeldLength $held): array
    {
        $parts = [];
        foreach ($stretches as $s) {
            if (min($s->to, $held->to) - max($s->from, $held->from) > 1e-6) {
                $parts[] = [new SteelSection($s->section, $s->grade, $this->beam->member->basis), max($s->from, $held->from), min($s->to, $held->to)];
            }
        }

        return $parts === [] ? throw new \LogicException('Every length of a member has a section.') : $parts;
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function shapes(int $i, array $stretches): BucklingShapes
    {
        if (! isset($this->shapes[$i]) || $this->shapes[$i][0] != $stretches) {
            $this->shapes[$i] = [$stretches, new BucklingShapes($this->lengths()[$i], $this->thinWalled($i, $stretches))];
        }

        return $this->shapes[$i][1];
    }

    /**
     * Where the section changes, flanges are taken to be as far from the axis, and loads as high, as in the deepest one.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function thinWalled(int $i, array $stretches): ThinWalledBeam
    {
        $mesh = $this->lengths()[$i]->mesh;
        $stiffness = [];
        $a = $h = 0.0;
        for ($e = 1, $n = count($mesh->nodes); $e < $n; $e++) {
            $x = ($mesh->nodes[$e - 1] + $mesh->nodes[$e]) / 2;
            $section = $stretches[0]->section;
            foreach ($stretches as $s) {
                $section = $s->from <= $x ? $s->section : $section;
            }
            $stiffness[] = self::stiffness($section);
            $a = max($a, $section->hs / 2);
            $h = max($h, $section->h);
        }

        return new ThinWalledBeam($mesh, $stiffness, $a, $this->beam->member->loadHeight->sign() * $h / 2);
    }

    private static function stiffness(Section $section): Stiffness
    {
        return new Stiffness(SteelGrade::E * $section->Iz, SteelGrade::E * $section->Iw, SteelGrade::G * $section->It);
    }

    /**
     * The section of a length that has the least of all that resists buckling.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function weakest(array $stretches, HeldLength $held): ?SteelSection
    {
        $parts = $this->parts($stretches, $held);
        foreach ($parts as [$candidate]) {
            $isLeast = true;
            foreach ($parts as [$other]) {
                [$a, $b] = [$candidate->section, $other->section];
                $isLeast = $isLeast && $a->Iz <= $b->Iz && $a->It <= $b->It && $a->Iw <= $b->Iw;
            }
            if ($isLeast) {
                return $candidate;
            }
        }

        return null;
    }
}
