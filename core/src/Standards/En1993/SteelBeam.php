<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Camber;
use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Loading\RuleSet;
use Waage\Member\Category;
use Waage\Member\Restraint;
use Waage\Member\SectionStep;
use Waage\Sections\Catalogue;
use Waage\Sections\ISection;
use Waage\Units\Kind;

/**
 * All weighings of a rolled steel beam after EN 1993-1-1. What does not depend on the section (envelopes, arrangements,
 * moment diagrams between restraints) is made once, so that a shortlist of a hundred sections stays quick.
 */
final class SteelBeam
{
    /** Axial force, compression positive; null: the member is not strained along its axis. */
    public readonly ?Envelope $axial;

    public readonly Envelope $shear;

    public readonly Envelope $moment;

    public readonly Envelope $deflection;

    /** Deflection from the line between the supports; the same as the deflection where they do not move. */
    public readonly Envelope $sag;

    /** @var list<Combination> */
    private readonly array $strength;

    /** @var list<Combination> */
    private readonly array $characteristic;

    /** @var list<Combination> */
    private readonly array $variablePart;

    /** @var array<int, array<int, array<int, list<BucklingCase>>>> by how many weights they are for, flange sign and length */
    private array $bucklingCases = [];

    /** @var array<int, list<Arrangements>> */
    private array $arrangements = [];

    private readonly CrossSections $crossSections;

    private readonly Webs $webs;

    private readonly AxialForce $axialForce;

    /** Null: nothing bends the member sideways. */
    public readonly ?SidewaysBending $sideways;

    /** @param  list<Combination>  $combinations */
    public function __construct(private readonly LoadedBeam $beam, array $combinations)
    {
        $of = fn (Purpose $p): array => array_values(array_filter($combinations, fn (Combination $c): bool => $c->purpose === $p));
        $this->strength = array_values(array_filter($combinations, fn (Combination $c): bool => $c->purpose->isForStrength()));
        $this->characteristic = $of(Purpose::Characteristic);
        $settlement = [];
        foreach ($beam->cases as $case) {
            if ($case->case->category === Category::Settlement) {
                $settlement[$case->case->id] = true;
            }
        }
        $this->variablePart = array_values(array_filter(array_map(fn (Combination $c): ?Combination => $c->variablePart($settlement), $this->characteristic)));
        $this->axial = $beam->beam->axis->isStrained ? new Envelope($beam, Effect::Axial) : null;
        $this->shear = new Envelope($beam, Effect::Shear);
        $this->moment = new Envelope($beam, Effect::Moment);
        $this->crossSections = new CrossSections($beam, $this->shear, $this->moment, $this->strength);
        $this->webs = new Webs($beam, $this->moment, $this->strength);
        $this->deflection = new Envelope($beam, Effect::Deflection);
        $this->sideways = $beam->sideways === null ? null : new SidewaysBending($beam->sideways, $this->strength);
        $this->axialForce = new AxialForce($beam, $this->axial, $this->strength, $this->sideways, $this->bendingOf(...));
        $this->sag = $beam->supportsMove() ? new Envelope($beam, Effect::Sag) : $this->deflection;
    }

    /**
     * @param  bool  $derive  write down the lines of each weighing
     * @return list<Weighing>
     */
    public function weigh(ISection $section, bool $derive): array
    {
        $member = $this->beam->member;
        $stretches = array_map(fn (SectionStep $s): SectionStep => $s->section === $member->section ? new SectionStep($s->from, $s->to, $section, $s->grade) : $s, $member->stretches());
        $weight = $section->weight();
        $rules = RuleSet::of($member->basis->combinations);
        if (! $rules->weighs) {
            return [new Weighing('strength', 'Strength', 'EN 1993-1-1, 6', null, applies: false, remark: $rules->refusal), ...$this->deflections($section, $weight, $derive)];
        }
        $strengths = $this->crossSections->weigh($stretches, $weight, $derive);
        if ($this->strength === [] || ! $strengths[0]->applies) {
            return [$strengths[0], ...$this->deflections($section, $weight, $derive)];
        }

        $webs = $this->webs->weigh($stretches, $weight, $derive);
        $bending = [...$strengths, $this->buckling($stretches, $member->top, 1, $weight, $derive), $this->buckling($stretches, $member->bottom, -1, $weight, $derive)];

        if ($this->sideways !== null && count($stretches) > 1) {
            return [
                ...$bending, ...$webs, new Weighing('bending-axial', 'Bending about both axes', 'EN 1993-1-1, 6.2.9', null, applies: false, remark: 'Bending about both axes is computed for members of one section; this one changes along its length.'),
                ...$this->deflections($section, $weight, $derive),
            ];
        }
        $sideways = $this->sideways?->weigh(new SteelSection($stretches[0]->section, $stretches[0]->grade, $member->basis), $weight, $derive);

        return [
            ...$bending,
            ...$webs,
            ...$sideways ?? [],
            ...$this->axial === null && $sideways === null ? [] : $this->axialForce->weigh($stretches, $weight, $bending, $sideways, $derive),
            ...$this->deflections($section, $weight, $derive),
        ];
    }

    /** @param  list<SectionStep>  $stretches */
    private function buckling(array $stretches, Restraint $restraint, int $sign, float $weight, bool $derive): Weighing
    {
        $flange = $sign > 0 ? 'top' : 'bottom';
        $bends = $sign > 0 ? 'sagging' : 'hogging';
        $id = "buckling-{$flange}";
        $title = "Lateral-torsional buckling, {$flange} flange";
        $clause = 'EN 1993-1-1, 6.3.2';
        if ($restraint->isContinuous()) {
            return new Weighing($id, $title, $clause, null, remark: "The {$flange} flange is held sideways along its whole length: it cannot buckle under {$bends} moments (6.3.2.1(2)).");
        }
        $member = $this->beam->member;
        $heaviest = null;
        $ranges = [];
        foreach ($this->arrangements()[$sign] as $i => $arrangements) {
            $piece = $arrangements->piece;
            $sections = array_values(array_filter($stretches, fn (SectionStep $s): bool => min($s->to, $piece->to) - max($s->from, $piece->from) > 1e-6));
            $steel = array_map(fn (SectionStep $s): SteelSection => new SteelSection($s->section, $s->grade, $member->basis), $sections);
            if ($steel === []) {
                throw new \LogicException('Every length of a member has a section.');
            }
            $of = match (true) {
                count($sections) > 1 => ($cases = $this->bucklingCases($weight, $sign, $i)) === [] ? null : SteppedLength::heaviest($sections, $steel, $cases, $this->moment, $this->strength, $member->loadHeight, $weight),
                // One section is weighed by itself; a shortlist shares the diagrams.
                $weight === $member->section->weight() => UniformLength::heaviest($steel[0], array_filter([BucklingCases::heaviest($this->moment, $arrangements, $this->strength, $steel[0], $member->loadHeight, $weight)]), $member->loadHeight, $weight),
                default => UniformLength::heaviest($steel[0], $this->bucklingCases($weight, $sign, $i), $member->loadHeight, $weight),
            };
            if ($of instanceof LateralBuckling && $of->Mb === null) {
                return new Weighing($id, $title, 'EN 1993-1-1, 6.3.4', null, applies: false, x: $piece->from, remark: 'Between x = '.$member->basis->units->format($piece->from, Kind::Length).' and '.$member->basis->units->format($piece->to, Kind::Length).' no section is the weakest in all that resists lateral-torsional buckling, so that the length is not covered. Hold the flange where the section changes.');
            }
            if ($of !== null) {
                $ranges[] = [$piece->from, $piece->to, (float) $of->Mb, $of->ratio()];
                $heaviest = $heaviest === null || $of->ratio() > $heaviest->ratio() ? $of : $heaviest;
            }
        }
        if ($heaviest === null) {
            return new Weighing($id, $title, $clause, null, remark: "No combination gives a {$bends} moment.");
        }
        $piece = $heaviest->case->piece;
        $factors = $this->beam->factors($heaviest->case->combination, $weight, $heaviest->case->patterns);
        $d = $derive ? new Derivation : null;
        $d?->given('L', $piece->length(), Kind::Length, '', sprintf('%s flange from x = %s to %s', $flange, $member->basis->units->format($piece->from, Kind::Length), $member->basis->units->format($piece->to, Kind::Length)));
        $d === null ? null : $heaviest->derive($d);
        $d?->line('u', 'M_Ed / M_b_Rd', ['M_Ed' => [$heaviest->M, Kind::Moment], 'M_b_Rd' => [(float) $heaviest->Mb, Kind::Moment]], $heaviest->ratio(), Kind::Number, '6.3.2.1(1) (6.54)');

        return new Weighing(
            $id, $title, $heaviest->clause, $heaviest->ratio(), demand: $heaviest->M, capacity: $heaviest->Mb, kind: Kind::Moment, demandSymbol: 'M_Ed', capacitySymbol: 'M_b_Rd',
            x: $heaviest->x, combination: $heaviest->case->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: $ranges,
        );
    }

    /** @return list<BucklingCase> of a length between restraints, for the member's own section or for any */
    private function bucklingCases(float $weight, int $sign, int $length): array
    {
        $own = $this->beam->member->section->weight();
        // What is left out for a shortlist must not matter for any of its sections: uplift that a heavy section
        // outweighs is there for a light one.
        $weights = $weight === $own ? [$own] : [$own, 0.0, Catalogue::heaviest()->weight()];

        return $this->bucklingCases[count($weights)][$sign][$length] ??= BucklingCases::ofAny($this->moment, $this->arrangements()[$sign][$length], $this->strength, $this->beam->member->loadHeight->sign(), $weights);
    }

    /** @return array<int, list<Arrangements>> of the lengths between restraints, by flange sign */
    private function arrangements(): array
    {
        if ($this->arrangements === []) {
            $member = $this->beam->member;
            $of = fn (int $sign, Restraint $restraint, Restraint $other): array => array_map(
                fn (BucklingLength $piece): Arrangements => new Arrangements($this->beam, $piece), BucklingLengths::of($this->beam->beam, $restraint, $other, $sign),
            );
            $this->arrangements = [1 => $of(1, $member->top, $member->bottom), -1 => $of(-1, $member->bottom, $member->top)];
        }

        return $this->arrangements;
    }

    /**
     * What one combination makes of a member of one section in bending alone, at most: in its sections, and in
     * lateral-torsional buckling.
     *
     * @return array{float, float} utilisations
     */
    private function bendingOf(Combination $combination, SteelSection $steel, float $weight): array
    {
        $M = 0.0;
        $lateral = 0.0;
        foreach ([1, -1] as $sign) {
            $M = max($M, abs($this->moment->extreme([$combination], $sign, $weight)->value ?? 0.0));
            foreach ($this->arrangements()[$sign] as $arrangements) {
                $height = $this->beam->member->loadHeight;
                $case = BucklingCases::heaviest($this->moment, $arrangements, [$combination], $steel, $height, $weight);
                $lateral = max($lateral, $case === null ? 0.0 : (UniformLength::heaviest($steel, [$case], $height, $weight)?->ratio() ?? 0.0));
            }
        }

        return [$M / Bending::resistance($steel), $lateral];
    }

    /** @return list<Weighing> */
    private function deflections(ISection $section, float $weight, bool $derive): array
    {
        $basis = $this->beam->member->basis;
        $weighings = [];
        $plane = new Deflections($this->beam, $this->sag, $this->sag !== $this->deflection);
        if ($this->characteristic !== []) {
            $weighings[] = $plane->weigh('deflection-total', 'Deflection, total', $this->characteristic, $basis->limitTotal, $section->Iy, $weight, $derive, $this->beam->member->camber > 0.0 ? new Camber($this->beam->member->camber, $this->beam->member->length) : null);
        }
        if ($this->variablePart !== []) {
            $weighings[] = $plane->weigh('deflection-variable', 'Deflection, variable load', $this->variablePart, $basis->limitVariable, $section->Iy, $weight, $derive);
        }
        if ($this->beam->sideways !== null && $this->sideways !== null && $this->characteristic !== []) {
            $weighings[] = (new Deflections($this->beam->sideways, $this->sideways->deflection, axis: 'z'))->weigh('sideways-deflection', 'Deflection sideways', $this->characteristic, $basis->limitTotal, $section->Iz, $weight, $derive);
        }

        return $weighings;
    }
}
