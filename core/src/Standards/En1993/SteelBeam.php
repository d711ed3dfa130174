<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Camber;
use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Loading\RuleSet;
use Waage\Member\Category;
use Waage\Member\SectionStep;
use Waage\Sections\Section;

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

    private readonly LateralTorsionalBuckling $lateral;

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
        $this->lateral = new LateralTorsionalBuckling($beam, $this->moment, $this->strength);
        $this->webs = new Webs($beam, $this->moment, $this->strength);
        $this->deflection = new Envelope($beam, Effect::Deflection);
        $this->sideways = $beam->sideways === null ? null : new SidewaysBending($beam->sideways, $this->strength);
        $this->axialForce = new AxialForce($beam, $this->axial, $this->strength, $this->sideways, $this->bendingOf(...), $this->lateralOf(...));
        $this->sag = $beam->supportsMove() ? new Envelope($beam, Effect::Sag) : $this->deflection;
    }

    /**
     * @param  bool  $derive  write down the lines of each weighing
     * @return list<Weighing>
     */
    public function weigh(Section $section, bool $derive): array
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
        $bending = [...$strengths, $this->lateral->weigh($stretches, $weight, $derive)];

        $steel = new SteelSection($stretches[0]->section, $stretches[0]->grade, $member->basis);
        $refusal = match (true) {
            $this->sideways === null => '',
            count($stretches) > 1 => 'Bending about both axes is computed for members of one section; this one changes along its length.',
            $steel->classZ > 3 => 'The section is class 4 in bending sideways: its effective section is not computed here. Take one with thicker sides.',
            default => '',
        };
        if ($refusal !== '') {
            return [...$bending, ...$webs, new Weighing('bending-axial', 'Bending about both axes', 'EN 1993-1-1, 6.2.9', null, applies: false, remark: $refusal), ...$this->deflections($section, $weight, $derive)];
        }
        $sideways = $this->sideways?->weigh($steel, $weight, $derive);

        return [
            ...$bending,
            ...$webs,
            ...$sideways ?? [],
            ...$this->axial === null && $sideways === null ? [] : $this->axialForce->weigh($stretches, $weight, $bending, $sideways, $derive),
            ...$this->deflections($section, $weight, $derive),
        ];
    }

    /** Utilisation of a section in bending, at most, under one combination. */
    private function bendingOf(Combination $combination, SteelSection $steel, float $weight): float
    {
        $M = 0.0;
        foreach ([1, -1] as $sign) {
            $M = max($M, abs($this->moment->extreme([$combination], $sign, $weight)->value ?? 0.0));
        }

        return $M / Bending::resistance($steel);
    }

    /** Utilisation of a member of one section in lateral-torsional buckling under one combination. */
    private function lateralOf(Combination $combination, SteelSection $steel, float $weight): float
    {
        return $this->lateral->utilisation($combination, new SectionStep(0.0, $this->beam->member->length, $steel->section, $steel->grade), $weight);
    }

    /** @return list<Weighing> */
    private function deflections(Section $section, float $weight, bool $derive): array
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
