<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Collapse;
use Waage\Analysis\CollapseState;
use Waage\Analysis\Effect;
use Waage\Analysis\KinkMoments;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\LoadSet;
use Waage\Analysis\PlasticHinge;
use Waage\Analysis\Polynomial;
use Waage\Checks\Derivation;
use Waage\Checks\Line;
use Waage\Checks\PrintedLine;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Material\CollapseQuestion;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\Load;
use Waage\Member\Member;
use Waage\Member\RestraintKind;
use Waage\Units\Kind;

/**
 * By how much the loads of a strength combination can grow until the beam collapses as a mechanism of plastic hinges
 * (core/schema/collapse.schema.json). EN 1993-1-1, 5.4.3 and 5.6: cross-sections of class 1.
 */
final readonly class CollapseCheck
{
    /** With more spans every span is loaded; with fewer each span is also loaded as it is worst for itself. */
    private const MOST_ARRANGED = 8;

    /** Combinations times arrangements. */
    private const MOST_TRIED = 60;

    private const MOST_ROUNDS = 12;

    private LoadedBeam $beam;

    private Member $member;

    public function __construct(private CollapseQuestion $question)
    {
        $this->beam = $question->envelopes->beam;
        $this->member = $this->beam->member;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $make = SteelMake::of($this->member);
        $steel = new SteelSection($make->section, $make->grade, $this->member->basis);
        $combinations = $this->combinations();
        $rules = RuleSet::of($this->member->basis->combinations);
        $Mp = Bending::resistance($steel);
        $answer = [
            'reason' => '',
            'combination' => $combinations[0]->id ?? '',
            'arrangement' => '',
            'factor' => null,
            'plasticMoment' => $Mp,
            'hinges' => [],
            'moment' => [],
            'shape' => [],
            'internal' => 0.0,
            'external' => 0.0,
            'lines' => [],
            'notes' => [],
        ];
        $reason = match (true) {
            ! $rules->isEn1993() => $rules->refusal !== ''
                ? $rules->refusal
                : 'Plastic collapse is computed after EN 1993 only.',
            $make->steps !== [] => 'Plastic collapse is computed for members of one section; this one changes along its length.',
            $this->beam->beam->axis->isStrained => 'Plastic collapse is computed for bending without axial force.',
            $this->question->lifts => 'Plastic collapse is computed for members that stay on their supports; this one lifts off.',
            $this->beam->sideways !== null => 'Plastic collapse is computed for bending in one plane; loads bend this member laterally as well.',
            $combinations === [] => 'No strength combination acts on the member.',
            $steel->class > 1 => "The section is of class {$steel->class}. Only class 1 can turn in a plastic hinge (EN 1993-1-1, 5.6): take a stockier section or a lower grade.",
            default => '',
        };
        if ($reason !== '' || $combinations === []) {
            return [...$answer, 'reason' => $reason];
        }
        [$combination, $state, $loads, $arrangement, $M, $proved] = $this->worst($combinations, $steel, $Mp);
        $answer['combination'] = $combination->id ?? '';
        if ($state === null || ! $proved) {
            return [
                ...$answer,
                'reason' => 'No mechanism was found for which equilibrium and work agree: the loads bend the beam too little, or they are beyond what is computed here.',
            ];
        }
        $V = $this->greatestShear($state);
        if ($V > Shear::resistance($steel)) {
            $format = fn (float $force): string => $this->member->basis->units->format($force, Kind::Force);
            [$acts, $bears] = [$format($V), $format(Shear::resistance($steel))];

            return [
                ...$answer,
                'arrangement' => $arrangement,
                'reason' => "Before a mechanism forms the shear force would exceed its resistance: {$acts} against {$bears}. The beam fails in shear, not by a mechanism.",
            ];
        }

        return [
            ...$answer,
            'arrangement' => $arrangement,
            'factor' => $state->factor,
            'plasticMoment' => $M,
            'hinges' => array_map(
                fn (PlasticHinge $h, float $rotation): array => [
                    'x' => $h->x,
                    'sagging' => $h->sign > 0,
                    'factor' => $h->factor,
                    'formedAt' => $h->formedAt,
                    'turns' => abs($rotation) > 1e-9,
                    'rotation' => abs($rotation),
                    'moment' => $h->capacity,
                    'held' => $this->isHeld($h),
                ],
                $state->hinges,
                $state->rotations,
            ),
            'moment' => $this->curve($state->breaks, $state->moments),
            'shape' => $this->curve($state->shapeBreaks, $state->shape),
            'internal' => $state->internalWork(),
            'external' => $state->externalWork($loads),
            'lines' => array_map(
                fn (Line $l): array => (new PrintedLine($l, $this->member->basis->units))->toArray(),
                $this->derivation($state, $loads, $steel, $Mp)->lines,
            ),
            'notes' => $this->notes($state, count($combinations)),
        ];
    }

    /**
     * @return list<Combination> the one that is asked for; else all for strength, or with very many the one that
     * governs bending
     */
    private function combinations(): array
    {
        $strength = $this->question->envelopes->strength;
        $of = fn (string $id): array => array_values(
            array_filter($strength, fn (Combination $c): bool => $c->id === $id),
        );
        if ($of($this->question->combination) !== []) {
            return $of($this->question->combination);
        }
        if (count($strength) * (1 + count($this->beam->beam->fields())) <= self::MOST_TRIED) {
            return $strength;
        }
        $governing =
            array_values(array_filter($this->question->weighings, fn (Weighing $w): bool => $w->id === 'bending'))[0]
                ->combination ?? '';

        return $of($governing) ?: array_slice($strength, 0, 1);
    }

    /**
     * The combination and the arrangement that collapse first: all spans loaded, or each span as it is worst for its
     * own moment. No mechanism forms before the first hinge, so that what yields later than another one collapses is
     * left out.
     *
     * @param  list<Combination>  $combinations
     * @return array{Combination|null, CollapseState|null, LoadSet, string, float, bool} with the plastic moment at
     *     the hinges, and whether everything gave a proved factor
     */
    private function worst(array $combinations, SteelSection $steel, float $Mp): array
    {
        $beam = $this->beam;
        $kinks = new KinkMoments($beam->beam);
        $capacities = [];
        foreach ($this->member->supports as $i => $support) {
            if ($support->momentCapacity < INF) {
                $capacities[$i] = $support->momentCapacity;
            }
        }
        $least = 1 - BendingWithShear::loss($steel) / $Mp;
        $tried = [];
        foreach ($combinations as $combination) {
            foreach ($this->arrangements($combination) as $factors) {
                $loads = new LoadSet();
                foreach ($factors as $set => $factor) {
                    $loads->with($beam->sets[$set], $factor);
                }
                $tried[] = [
                    (new Collapse($beam->beam, $loads, $Mp, $capacities, $kinks))->firstYield(),
                    $combination,
                    $factors,
                    $loads,
                ];
            }
        }
        usort($tried, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $best = [$combinations[0] ?? null, null, new LoadSet(), '', $Mp];
        $proved = true;
        foreach ($tried as [$first, $combination, $factors, $loads]) {
            if ($best[1] !== null && $first * $least >= $best[1]->factor) {
                break;
            }
            [$state, $M] = $this->withShear($loads, $steel, $Mp, $capacities, $kinks);
            $proved = $proved && ($state !== null || $first === INF);
            if ($state !== null && ($best[1] === null || $state->factor < $best[1]->factor * (1 - 1e-9))) {
                $best = [$combination, $state, $loads, $beam->arrangementText($factors), $M];
            }
        }

        return [...$best, $proved];
    }

    /** @return array<array<int, float>> factors of the load sets */
    private function arrangements(Combination $combination): array
    {
        $beam = $this->beam;
        $weight = $this->member->make->weight();
        $arrangements = [$beam->allLoaded($combination, $weight)];
        $fields = $beam->beam->fields();
        foreach (count($fields) <= self::MOST_ARRANGED ? $fields : [] as [$from, $to]) {
            $overhang = $beam->isOverhang($from, $to);
            $x = match (true) {
                ! $overhang => ($from + $to) / 2,
                $from === 0.0 => $to,
                default => $from,
            };
            $k = $beam->responses->segmentAt($x, $overhang && $from === 0.0);
            $factors = $beam->worst(
                $combination,
                $weight,
                Effect::Moment,
                $overhang ? -1 : 1,
                $k,
                $x - $beam->responses->breaks[$k],
            );
            $arrangements[implode(',', array_keys($factors)).implode(',', $factors)] = $factors;
        }

        return $arrangements;
    }

    /**
     * High shear at a hinge makes the plastic moment less (6.2.8), which makes the shear less; on the safe side the
     * worst hinge counts for all.
     *
     * @param  array<int, float>  $capacities
     * @return array{CollapseState|null, float}
     */
    private function withShear(
        LoadSet $loads,
        SteelSection $steel,
        float $Mp,
        array $capacities,
        KinkMoments $kinks,
    ): array {
        $Vpl = Shear::resistance($steel);
        $M = $Mp;
        for ($i = 0; $i < self::MOST_ROUNDS; $i++) {
            $state = (new Collapse($this->beam->beam, $loads, $M, $capacities, $kinks))->find();
            if ($state === null) {
                return [null, $M];
            }
            $V = $this->shearAtHinges($state);
            $reduced = BendingWithShear::resistance($steel, min($V, $Vpl), $Vpl, $Mp);
            if (abs($reduced - $M) <= 1e-9 * $Mp || $V > $Vpl) {
                return [$state, $M];
            }
            // In one mechanism the shear goes with the moment: M = Mp − (2 k M − 1)² loss with k = V / (M Vpl).
            $k = $V / ($M * $Vpl);
            $loss = BendingWithShear::loss($steel);
            $b = 1 - 4 * $k * $loss;
            $M =
                $reduced === $Mp
                    ? $Mp
                    : (sqrt($b ** 2 + 16 * $k ** 2 * $loss * ($Mp - $loss)) - $b) / (8 * $k ** 2 * $loss);
        }

        return [null, $M];
    }

    private function derivation(CollapseState $state, LoadSet $loads, SteelSection $steel, float $Mp): Derivation
    {
        $d = new Derivation();
        Bending::resistance($steel, $d);
        $V = $this->shearAtHinges($state);
        if ($V > 0.5 * Shear::resistance($steel)) {
            $d->given('V_Ed', $V, Kind::Force, '', 'greatest shear force at a hinge, at collapse');
            $d->given('V_pl_Rd', Shear::resistance($steel), Kind::Force, '6.2.6(2)');
            BendingWithShear::resistance($steel, $V, Shear::resistance($steel), $Mp, $d);
        }
        $terms = $values = [];
        foreach ($state->hinges as $i => $hinge) {
            if (abs($state->rotations[$i]) > 1e-9) {
                $n = $i + 1;
                $terms[] = "M_{$n} * theta_{$n}";
                $values["M_{$n}"] = [$hinge->capacity, Kind::Moment];
                $values["theta_{$n}"] = [abs($state->rotations[$i]), Kind::Number];
            }
        }
        $d->with($values)->line(
            'W_i',
            implode(' + ', $terms),
            Kind::Moment,
            'virtual work',
            'of the plastic moments on a mechanism whose last hinge turns by 1',
        );
        $d->given(
            'W_e',
            $state->externalWork($loads),
            Kind::Moment,
            'virtual work',
            'of the loads of the combination on the same mechanism',
        );
        $d->line('lambda', 'W_i / W_e', Kind::Number, 'kinematic theorem', 'the same factor as from equilibrium');

        return $d;
    }

    private function shearAtHinges(CollapseState $state): float
    {
        $most = 0.0;
        foreach ($state->hinges as $i => $hinge) {
            if (abs($state->rotations[$i]) > 1e-9) {
                $m = $state->moments[$hinge->segment];
                $t = $hinge->x - $state->breaks[$hinge->segment];
                $most = max($most, abs($m[1] + $t * (2 * ($m[2] ?? 0.0) + $t * 3 * ($m[3] ?? 0.0))));
            }
        }

        return $most;
    }

    private function greatestShear(CollapseState $state): float
    {
        $most = 0.0;
        foreach ($state->moments as $k => $m) {
            foreach ([0.0, $state->breaks[$k + 1] - $state->breaks[$k]] as $t) {
                $most = max($most, abs(Polynomial::value(Polynomial::derivative($m), $t)));
            }
        }

        return $most;
    }

    /** Is the compressed flange restrained sideways at the hinge, within half the depth of the section (6.3.5.2)? */
    private function isHeld(PlasticHinge $hinge): bool
    {
        $member = $this->member;
        $near = $member->make->depth() / 2;
        $restraint = $hinge->sign > 0 ? $member->top : $member->bottom;
        $places = [
            ...$this->beam->beam->forks,
            ...$restraint->kind === RestraintKind::Continuous ? [$hinge->x] : $restraint->positions,
        ];

        return array_filter($places, fn (float $x): bool => abs($x - $hinge->x) <= $near + 1e-6) !== [];
    }

    /** @return list<string> */
    private function notes(CollapseState $state, int $tried): array
    {
        $notes = [];
        if ($tried === 1 && count($this->question->envelopes->strength) > 1) {
            $notes[] = 'Only this combination was looked at; another one may have a lower factor.';
        }
        if (array_filter($this->member->loads, fn (Load $l): bool => $l->on && $l->kind->isMoving()) !== []) {
            $notes[] = 'A load that moves stands where it bends the middle of a span the most.';
        }
        $last = count($state->hinges) - 1;
        foreach ($state->hinges as $i => $hinge) {
            if ($i < $last && ! $this->isHeld($hinge)) {
                $flange = $hinge->sign > 0 ? 'top' : 'bottom';
                $notes[] =
                    'Hinge '.
                    ($i + 1).
                    " turns before collapse and the {$flange} flange is not restrained there: it has to be, laterally and against twisting (6.3.5.2).";
            }
        }
        $notes[] =
            'The lengths next to hinges have to be stable (6.3.5.3, BB.3); that is not weighed here, nor are webs at hinges (5.6(2)).';
        if ($this->beam->dependsOnStiffness()) {
            $notes[] =
                'Springs, movements of supports and temperature change the order of the hinges, not the factor; movements and temperature are left out.';
        }

        return $notes;
    }

    /**
     * @param  list<float>  $breaks
     * @param  list<list<float>>  $polynomials
     * @return list<list<float|int>> as in core/schema/result.schema.json
     */
    private function curve(array $breaks, array $polynomials): array
    {
        return array_map(
            fn (array $p, int $k): array => [$breaks[$k], $breaks[$k + 1], -1, ...$p],
            $polynomials,
            array_keys($polynomials),
        );
    }
}
