<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;
use Waage\Materials\SteelGrade;
use Waage\Member\Arrangement;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;
use Waage\Member\LoadKind;
use Waage\Member\Member;
use Waage\Member\RollerHolds;
use Waage\Member\SectionStep;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Sections\ISection;
use Waage\Units\Kind;

/**
 * A member solved once for everything that can act on it: each load case, imposed ones span by span, and self-weight
 * of 1 N/mm. Every combination and arrangement is a sum of these.
 */
final readonly class LoadedBeam
{
    public Beam $beam;

    private MemberLoads $loads;

    public Responses $responses;

    /** @var list<LoadSet> */
    public array $sets;

    /** @var list<CaseSets> load cases that carry load; permanent ones first */
    public array $cases;

    /** Index of the load set of self-weight, or null when the engineer has switched it off. */
    public ?int $selfWeight;

    public function __construct(public Member $member)
    {
        $E = SteelGrade::E;
        $GA = fn (ISection $s): float => $member->shears ? SteelGrade::G * $s->shearArea() : INF;
        $this->beam = new Beam(
            $member->length, array_map($this->hold(...), $member->supports), $member->hinges, $E * $member->section->Iy, $E * $member->section->A,
            array_map(fn (SectionStep $s): Step => new Step($s->from, $s->to, $E * $s->section->Iy, $E * $s->section->A, $GA($s->section)), $member->steps),
            new Axis($member->angle, $member->isStrainedAlong()), $GA($member->section),
        );
        $this->loads = new MemberLoads($member, $this->beam->axis);
        $names = $this->fieldNames();
        $fields = $this->beam->fields();
        $sets = [];
        $this->selfWeight = $member->selfWeight ? 0 : null;
        if ($member->selfWeight) {
            $sets[] = $this->loads->selfWeight(0.0, $member->length);
        }
        $cases = [];
        foreach ($member->cases as $case) {
            $loads = array_filter($member->loads, fn (Load $l): bool => $l->on && $l->case === $case->id);
            $moving = array_filter($loads, fn (Load $l): bool => $l->kind->isMoving());
            $loads = array_diff_key($loads, $moving);
            [$parts, $labels] = match (true) {
                $case->category->isImposed() => [$this->loads->split($loads, $fields), $names],
                $case->category === Category::Settlement => $this->loads->displacements($loads),
                default => [[$this->loads->together($loads)], []],
            };
            $options = $case->category->isImposed()
                ? $this->arranged($parts, $names)
                : [array_map(fn (LoadSet $s, int $i): array => [$s, $labels[$i] ?? ''], $parts, array_keys($parts))];
            foreach ($moving as $load) {
                if ($load->kind === LoadKind::Lengths) {
                    $options[] = array_map(fn (LoadSet $s): array => [$s, CaseSets::LENGTHS], $this->loads->pieces($load, $fields));
                }
                foreach ($load->axles === [] ? [] : Positions::of($fields, $load->from, $load->to, $load->axles) as $axles) {
                    $set = $this->loads->forces($axles);
                    $options[] = [[$set, 'at x = '.$member->basis->units->format($axles[0][0], Kind::Length)]];
                }
            }
            $indices = $on = [];
            foreach ($options as $option) {
                $together = [];
                foreach ($option as [$set, $label]) {
                    if (! $set->isEmpty()) {
                        $on[count($sets)] = $label;
                        $together[] = count($sets);
                        $sets[] = $set;
                    }
                }
                if ($together !== []) {
                    $indices[] = $together;
                }
            }
            if ($indices !== []) {
                $cases[] = new CaseSets($case, $indices, $labels === [] && $moving === [] ? [] : $on, $moving !== [] && $loads === []);
            }
        }
        usort($cases, fn (CaseSets $a, CaseSets $b): int => ($b->isPermanent) <=> ($a->isPermanent));
        $this->cases = $cases;
        $this->sets = $sets;
        $responses = $this->beam->solve($sets);
        $this->responses = $this->supportsMove()
            ? new Responses($responses->breaks, $responses->M, $responses->W, $responses->supports, $responses->reactions, Sag::of($this->beam, $responses), $responses->N)
            : $responses;
    }

    /** @return list<LoadSet> the permanent load of each span and overhang, without self-weight */
    public function permanentBySpan(): array
    {
        $permanent = array_column(array_filter($this->member->cases, fn (LoadCase $c): bool => $c->category === Category::Permanent), 'id');

        return $this->loads->split(array_filter($this->member->loads, fn (Load $l): bool => $l->on && in_array($l->case, $permanent, true)), $this->beam->fields());
    }

    /** @return list<LoadSet> self-weight of 1 N/mm on each span and overhang */
    public function selfWeightBySpan(): array
    {
        return array_map(fn (array $f): LoadSet => $this->loads->selfWeight(...$f), $this->beam->fields());
    }

    /** Can a support move, on a spring, in a guide or with the ground? */
    public function supportsMove(): bool
    {
        return array_filter($this->beam->holds, fn (BeamSupport $s): bool => $s->vertical < INF || $s->slides !== null) !== [] || $this->areSupportsMoved();
    }

    /** Do the forces depend on the stiffness of the section? */
    public function dependsOnStiffness(): bool
    {
        return $this->beam->isOnSprings() || $this->beam->steps !== [] || $this->beam->GA < INF || $this->isHeldTwiceAlong()
            || array_filter($this->sets, fn (LoadSet $s): bool => $s->displacements !== [] || $s->curvatures !== []) !== [];
    }

    /** Does the stiffness along the axis decide about forces? Not where equilibrium alone gives them. */
    private function isHeldTwiceAlong(): bool
    {
        $along = $all = 0;
        foreach ($this->beam->holds as $hold) {
            $along += (int) ($hold->along || $hold->slides !== null);
            $all += ($hold->slides !== null ? 1 : (int) ($hold->vertical > 0.0) + (int) $hold->along) + (int) ($hold->rotation > 0.0);
        }

        return $this->beam->axis->isStrained && $along > 1 && $all > 3 + count($this->beam->hinges);
    }

    private function areSupportsMoved(): bool
    {
        return array_filter($this->sets, fn (LoadSet $s): bool => $s->displacements !== []) !== [];
    }

    private function hold(Support $s): BeamSupport
    {
        [$cos, $sin] = [cos($this->member->angle), sin($this->member->angle)];

        return match ($s->kind) {
            SupportKind::Pinned => BeamSupport::pinned($s->x),
            // In a level member plumb and normal are the same.
            SupportKind::Roller => match (true) {
                $s->holds === RollerHolds::Vertical && $sin != 0.0 => BeamSupport::sliding($s->x, [$cos, $sin]),
                $s->holds === RollerHolds::Horizontal => BeamSupport::sliding($s->x, [$sin, -$cos]),
                default => BeamSupport::roller($s->x),
            },
            SupportKind::Fixed => BeamSupport::fixed($s->x),
            SupportKind::Guided => BeamSupport::guided($s->x),
            SupportKind::Elastic => BeamSupport::elastic($s->x, $s->vertical, $s->rotation),
        };
    }

    /**
     * The load cases that take part in combinations. Self-weight alone counts as a permanent one.
     *
     * @return list<LoadCase>
     */
    public function actingCases(): array
    {
        $cases = array_map(fn (CaseSets $c): LoadCase => $c->case, $this->cases);
        if ($this->selfWeight !== null) {
            $cases[] = new LoadCase('self-weight', 'Self-weight', Category::Permanent);
        }

        return $cases;
    }

    /**
     * Factors of all sets for a combination with every span loaded.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return array<int, float>
     */
    public function allLoaded(Combination $combination, float $weight): array
    {
        $factors = $this->permanentFactors($combination, $weight);
        foreach ($this->cases as $case) {
            $factor = $combination->variable[$case->case->id] ?? 0.0;
            if ($factor > 0) {
                foreach ($case->whole() as $set) {
                    $factors[$set] = $factor;
                }
            }
        }

        return $factors;
    }

    /**
     * Factors of all sets when variable load lies only where it makes the effect at t on a segment greater
     * ($sign = 1) or smaller ($sign = −1).
     *
     * @return array<int, float>
     */
    public function worst(Combination $combination, float $weight, Effect $effect, int $sign, int $segment, float $t): array
    {
        return $this->loadedWhere($combination, $weight, $sign, $this->responses->valuesAt($effect, $segment, $t));
    }

    /**
     * Factors of all sets when variable load lies only where its effect has the sign.
     *
     * @param  list<float>  $values  effect of each set
     * @return array<int, float>
     */
    public function loadedWhere(Combination $combination, float $weight, int $sign, array $values): array
    {
        return $this->factors($combination, $weight, $this->patterns($sign, $values));
    }

    /**
     * Factors of all sets of a combination with the variable load of some patterns.
     *
     * @param  array<string, array<int, float>>  $patterns  as patterns()
     * @return array<int, float>
     */
    public function factors(Combination $combination, float $weight, array $patterns): array
    {
        $factors = $this->permanentFactors($combination, $weight);
        foreach ($patterns as $id => $pattern) {
            $factor = $combination->variable[$id] ?? 0.0;
            if ($factor > 0) {
                foreach ($pattern as $set => $way) {
                    $factors[$set] = $way * $factor;
                }
            }
        }

        return $factors;
    }

    /**
     * Of each variable load case the sets whose effect has the sign: what is loaded, whatever the factors are.
     *
     * @param  list<float>  $values  effect of each set
     * @return array<string, array<int, float>> load case => set => 1, or −1 where it acts the other way
     */
    public function patterns(int $sign, array $values): array
    {
        $patterns = [];
        foreach ($this->cases as $case) {
            if ($case->isPermanent) {
                continue;
            }
            $patterns[$case->case->id] = $case->worst($sign, $values);
        }

        return $patterns;
    }

    /** @return list<int> the sets of permanent load, without self-weight */
    public function permanentSets(): array
    {
        return array_merge(...array_map(fn (CaseSets $c): array => $c->isPermanent ? $c->sets : [], $this->cases));
    }

    /** @return array<int, float> */
    private function permanentFactors(Combination $combination, float $weight): array
    {
        $factors = [];
        if ($this->selfWeight !== null) {
            $factors[$this->selfWeight] = $combination->permanent * $weight;
        }
        foreach ($this->permanentSets() as $set) {
            $factors[$set] = $combination->permanent;
        }

        return $factors;
    }

    /**
     * Which spans and overhangs carry which variable load cases, in words: "Imposed on spans 1 and 3".
     *
     * @param  array<int, float>  $factors
     */
    public function arrangementText(array $factors): string
    {
        $parts = [];
        foreach ($this->cases as $case) {
            if ($case->isPermanent) {
                continue;
            }
            $on = [];
            $reversed = false;
            $moving = false;
            foreach ($case->sets as $set) {
                if (isset($factors[$set])) {
                    $on[] = $case->labels[$set] ?? '';
                    $reversed = $factors[$set] < 0.0;
                    $moving = $case->moves($set);
                }
            }
            if ($on === []) {
                continue;
            }
            $parts[] = $case->case->name.($reversed ? ' reversed' : '').match (true) {
                $on[0] === CaseSets::LENGTHS => $this->lengths(array_values(array_intersect($case->sets, array_keys($factors)))),
                $moving => ' '.$on[0],
                default => self::where($case, $on),
            };
        }

        return $parts === [] ? 'no variable load' : implode(', ', $parts);
    }

    /**
     * Where the pieces of a load on any lengths are: " from x = 0.4 m to 3.2 m".
     *
     * @param  list<int>  $sets  from left to right
     */
    private function lengths(array $sets): string
    {
        $lengths = [];
        foreach ($sets as $set) {
            [$from, $to] = $this->sets[$set]->lines[0] ?? $this->sets[$set]->alongLines[0];
            $last = array_key_last($lengths);
            if ($last !== null && abs($lengths[$last][1] - $from) < 1e-6) {
                $lengths[$last] = [$lengths[$last][0], $to];
            } else {
                $lengths[] = [$from, $to];
            }
        }
        $format = fn (float $x): string => $this->member->basis->units->format($x, Kind::Length);

        return ' from x = '.implode(' and ', array_map(fn (array $l): string => "{$format($l[0])} to {$format($l[1])}", $lengths));
    }

    /** @param  list<string>  $on */
    private static function where(CaseSets $case, array $on): string
    {
        return match (true) {
            $case->case->category === Category::Settlement => ' of '.self::listed($on),
            count($on) < count($case->whole()) || ($on !== [''] && count($case->options) > 1) => ' on '.self::listed($on),
            default => count($on) > 1 ? ' on all spans' : '',
        };
    }

    /** @return list<string> "span 1", "left overhang" … for each field */
    public function fieldNames(): array
    {
        $names = [];
        $span = 0;
        foreach ($this->beam->fields() as [$from, $to]) {
            $names[] = match (true) {
                $this->beam->holdAt($from) === null || $this->beam->holdAt($to) === null => $from === 0.0 ? 'left overhang' : 'right overhang',
                default => 'span '.(++$span),
            };
        }

        return $names;
    }

    /** Has a span or overhang an end that nothing holds down? At a guided end the beam is thought to go on. */
    public function isOverhang(float $from, float $to): bool
    {
        return ($this->beam->holdAt($from)->vertical ?? 0.0) === 0.0 || ($this->beam->holdAt($to)->vertical ?? 0.0) === 0.0;
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }

    /**
     * The arrangements of an imposed load: sets that act as they like, or one arrangement at a time.
     *
     * @param  list<LoadSet>  $parts  of each span and overhang
     * @param  list<string>  $names  of the spans and overhangs
     * @return non-empty-list<list<array{LoadSet, string}>> options, sets with their names
     */
    private function arranged(array $parts, array $names): array
    {
        $loaded = array_filter($parts, fn (LoadSet $s): bool => ! $s->isEmpty());
        if ($this->member->arrangement === Arrangement::Worst || count($loaded) < 2) {
            return [array_map(fn (LoadSet $s, int $i): array => [$s, $names[$i]], $parts, array_keys($parts))];
        }
        $together = function (array $fields) use ($loaded, $names): array {
            $set = new LoadSet;
            $fields = array_intersect($fields, array_keys($loaded));
            foreach ($fields as $i) {
                $set->with($loaded[$i], 1.0);
            }

            return [[$set, count($fields) === count($loaded) ? '' : self::listed(array_values(array_map(fn (int $i): string => $names[$i], $fields)))]];
        };
        $all = array_keys($parts);
        $options = [$together($all)];
        if ($this->member->arrangement === Arrangement::Alternate) {
            foreach ([0, 1] as $parity) {
                $options[] = $together(array_filter($all, fn (int $i): bool => $i % 2 === $parity));
            }
            for ($i = 1; $i < count($parts) && count($parts) > 2; $i++) {
                $options[] = $together([$i - 1, $i]);
            }
        }

        return [$options[0], ...array_values(array_filter(array_slice($options, 1), fn (array $o): bool => ! $o[0][0]->isEmpty()))];
    }
}
