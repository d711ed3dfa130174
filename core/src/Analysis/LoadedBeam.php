<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Checks\Place;
use Waage\Loading\Combination;
use Waage\Material\Rigidity;
use Waage\Material\Situation;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;
use Waage\Member\LoadDirection;
use Waage\Member\Member;
use Waage\Member\RollerHolds;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/**
 * A member solved once for everything that can act on it: each load case, imposed ones span by span, and self-weight
 * of 1 N/mm. Every combination and arrangement is a sum of these.
 */
final readonly class LoadedBeam
{
    /**
     * @param  list<LoadSet>  $sets
     * @param  list<CaseSets>  $cases  load cases that carry load; permanent ones first
     * @param  int|null  $selfWeight  its load set; null when the engineer has switched it off
     * @param  array<int, int>  $lifts  load sets that lift a support by 1 mm, by support
     * @param  self|null  $twisting  the same load sets where they twist the member: torques (Nmm) count as forces
     *     along the axis; in its own $sideways as forces on a flange
     * @param  self|null  $sideways  the same load sets where they bend the member sideways: forces towards the one who
     *     looks at it count as downward ones
     */
    private function __construct(
        public Member $member,
        public Beam $beam,
        private MemberLoads $loads,
        public array $sets,
        public array $cases,
        public ?int $selfWeight,
        public array $lifts,
        public Responses $responses,
        public ?self $sideways = null,
        public ?self $twisting = null,
    ) {
    }

    /** @throws UnstableBeam */
    public static function of(Member $member, Situation $situation = new Situation()): self
    {
        $GA = fn (Rigidity $r): float => $member->shears ? $r->GA : INF;
        $main = $member->make->main($situation)->rigidity;
        $beam = new Beam(
            $member->length,
            array_map(fn (Support $s): BeamSupport => self::hold($s, $member->angle), $member->supports),
            $member->hinges,
            $main->EI,
            $main->EA,
            Step::of($member->make, $situation, fn (Rigidity $r): array => [$r->EI, $r->EA, $GA($r)]),
            new Axis($member->angle, $member->isStrainedAlong()),
            $GA($main),
        );
        $loads = new MemberLoads($member, $beam->axis);
        $parts = new MemberCases($member, $beam, $loads);
        $responses = $beam->solve($parts->sets);
        $loaded = new self(
            $member,
            $beam,
            $loads,
            $parts->sets,
            $parts->cases,
            $parts->selfWeight,
            $parts->lifts,
            $responses,
            $member->bendsSideways() ? self::on(ForkBeams::sideways($member, $parts), $member, $loads, $parts) : null,
            $member->twists()
                ? self::on(
                    ForkBeams::twisted($member, $parts),
                    $member,
                    $loads,
                    $parts,
                    self::on(ForkBeams::flange($member, $parts), $member, $loads, $parts),
                )
                : null,
        );

        return $loaded->supportsMove()
            ? $loaded->with(
                [],
                [],
                new Responses(
                    $responses->breaks,
                    $responses->M,
                    $responses->W,
                    $responses->supports,
                    $responses->reactions,
                    SagOfFields::of($beam, $responses),
                    $responses->N,
                ),
            )
            : $loaded;
    }

    /**
     * The same with more load sets and cases.
     *
     * @param  list<LoadSet>  $sets
     * @param  list<CaseSets>  $cases
     * @param  Responses  $responses  of all load sets
     */
    public function with(array $sets, array $cases, Responses $responses): self
    {
        return new self(
            $this->member,
            $this->beam,
            $this->loads,
            [...$this->sets, ...$sets],
            [...$this->cases, ...$cases],
            $this->selfWeight,
            $this->lifts,
            $responses,
            $this->sideways,
            $this->twisting,
        );
    }

    /**
     * The same loads on another beam: what they do to it.
     *
     * @param  array{Beam, list<LoadSet>}  $of  beam, load sets
     */
    private static function on(
        array $of,
        Member $member,
        MemberLoads $loads,
        MemberCases $parts,
        ?self $sideways = null,
    ): self {
        [$beam, $sets] = $of;

        return new self(
            $member,
            $beam,
            $loads,
            $sets,
            $parts->cases,
            $parts->selfWeight,
            [],
            $beam->solve($sets),
            $sideways,
        );
    }

    /** @return list<LoadSet> the permanent load of each span and overhang, without self-weight */
    public function permanentBySpan(): array
    {
        $permanent = array_column(
            array_filter($this->member->cases, fn (LoadCase $c): bool => $c->category === Category::Permanent),
            'id',
        );

        return $this->loads->split(
            array_filter($this->member->loads, fn (Load $l): bool => $l->on && in_array($l->case, $permanent, true)),
            $this->beam->fields(),
        );
    }

    /**
     * The weights that vibrate with the member: permanent load, the quasi-permanent part of imposed load and snow, and
     * self-weight; what moves about does not.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function weights(float $weight): LoadSet
    {
        $weights = new LoadSet();
        if ($this->selfWeight !== null) {
            $weights->with($this->sets[$this->selfWeight], $weight);
        }
        foreach ($this->member->cases as $case) {
            $part = match (true) {
                $case->category === Category::Permanent => 1.0,
                $case->category->isImposed() || $case->category === Category::Snow => $this->member->basis->actions
                    ->psi[$case->category->psiRow()][2] ?? 0.0,
                default => 0.0,
            };
            $loads = array_filter(
                $this->member->loads,
                fn (Load $l): bool => $l->on &&
                    $l->case === $case->id &&
                    ! $l->kind->isMoving() &&
                    $l->kind->hasDirection() &&
                    in_array($l->direction, [LoadDirection::Vertical, LoadDirection::Plan], true),
            );
            $part > 0.0 && $weights->with($this->loads->together($loads), $part);
        }
        // All of a weight vibrates, not only its part normal to the axis.
        $all = new LoadSet();

        return $all->with($weights, 1 / max(1e-9, $this->beam->axis->cos));
    }

    /** @return list<LoadSet> self-weight of 1 N/mm on each span and overhang */
    public function selfWeightBySpan(): array
    {
        return array_map(fn (array $f): LoadSet => $this->loads->selfWeight(...$f), $this->beam->fields());
    }

    /** Can a support move, on a spring, in a guide or with the ground? */
    public function supportsMove(): bool
    {
        return array_filter(
            $this->beam->holds,
            fn (BeamSupport $s): bool => $s->vertical < INF || $s->slides !== null,
        ) !== [] || $this->areSupportsMoved();
    }

    /**
     * Where an extreme is, and what makes it.
     *
     * @param  float  $weight  self-weight, N/mm
     * @param  Combination|null  $of  null: its own
     */
    public function place(Effect $effect, Extreme $e, float $weight, ?Combination $of = null): Place
    {
        $combination = $of ?? $e->combination;
        $factors = $this->worst($combination, $weight, $effect, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);

        return new Place($e->x, $combination->id, $this->arrangementText($factors), $factors);
    }

    /**
     * The same where the load sets that act are known.
     *
     * @param  array<int, float>  $factors  of the load sets
     */
    public function placed(Extreme $e, array $factors): Place
    {
        return new Place($e->x, $e->combination->id, $this->arrangementText($factors), $factors);
    }

    /** Do the forces depend on the stiffness of the section? */
    public function dependsOnStiffness(): bool
    {
        return $this->beam->isOnSprings() ||
            $this->beam->steps !== [] ||
            $this->beam->GA < INF ||
            $this->isHeldTwiceAlong() ||
            array_filter($this->sets, fn (LoadSet $s): bool => [...$s->displacements, ...$s->curvatures] !== []) !== [];
    }

    /** Is the statics another one for each section of a shortlist? */
    public function dependsOnSection(): bool
    {
        return $this->dependsOnStiffness() ||
            ($this->member->permanentBySpan && $this->selfWeight !== null) ||
            ($this->twisting !== null && $this->sideways !== null && $this->member->sidewaysArm() !== 0.0);
    }

    /** Does the stiffness along the axis decide about forces? Not where equilibrium alone gives them. */
    private function isHeldTwiceAlong(): bool
    {
        $along = $all = 0;
        foreach ($this->beam->holds as $hold) {
            $along += (int) ($hold->along || $hold->slides !== null);
            $all +=
                ($hold->slides !== null ? 1 : (int) ($hold->vertical > 0.0) + (int) $hold->along) +
                (int) ($hold->rotation > 0.0);
        }

        return $this->beam->axis->isStrained && $along > 1 && $all > 3 + count($this->beam->hinges);
    }

    private function areSupportsMoved(): bool
    {
        return array_filter(
            array_diff_key($this->sets, array_flip($this->lifts)),
            fn (LoadSet $s): bool => $s->displacements !== [],
        ) !== [];
    }

    private static function hold(Support $s, float $angle): BeamSupport
    {
        [$cos, $sin] = [cos($angle), sin($angle)];

        return match ($s->kind) {
            SupportKind::Pinned => BeamSupport::pinned($s->x),
            // In a level member plumb and normal are the same.
            SupportKind::Roller => match (true) {
                $s->holds === RollerHolds::Vertical && $sin != 0.0 => BeamSupport::sliding($s->x, [$cos, $sin]),
                $s->holds === RollerHolds::Horizontal => BeamSupport::sliding($s->x, [$sin, -$cos]),
                default => BeamSupport::roller($s->x),
            },
            SupportKind::Fixed => BeamSupport::fixed($s->x, $s->holdsAlong()),
            SupportKind::Guided => BeamSupport::guided($s->x, $s->holdsAlong()),
            SupportKind::Elastic => BeamSupport::elastic($s->x, $s->vertical, $s->rotation),
        };
    }

    /** @return list<CaseSets> the load cases of the engineer that carry load */
    public function given(): array
    {
        return array_values(array_filter($this->cases, fn (CaseSets $c): bool => ! $c->isMade));
    }

    /**
     * The load cases that take part in combinations. Self-weight alone counts as a permanent one.
     *
     * @return list<LoadCase>
     */
    public function actingCases(): array
    {
        $cases = array_map(fn (CaseSets $c): LoadCase => $c->case, $this->given());
        if ($this->selfWeight !== null) {
            $cases[] = new LoadCase('self-weight', 'Self-weight', Category::Permanent);
        }

        return $cases;
    }

    /**
     * Factors of all sets for a combination with every span loaded, or in the first arrangement that the engineer has
     * chosen.
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
                foreach ($case->first() as $set) {
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
    public function worst(
        Combination $combination,
        float $weight,
        Effect|Functional $effect,
        int $sign,
        int $segment,
        float $t,
    ): array {
        return $this->loadedWhere($combination, $weight, $sign, $this->responses->valuesAt($effect, $segment, $t));
    }

    /**
     * The greatest value of an effect over some combinations, times a sign.
     *
     * @param  non-empty-list<Combination>  $combinations
     * @param  list<float>  $values  effect of each set
     * @return array{float, Combination, array<int, float>} value, combination, factors of the sets
     */
    public function greatest(array $combinations, float $weight, int $sign, array $values): array
    {
        // What acts of a load case does not depend on its factor.
        $patterns = $this->patterns($sign, $values);
        $variable = array_map(
            fn (array $pattern): float => array_sum(
                array_map(fn (float $way, int $set): float => $way * $values[$set], $pattern, array_keys($pattern)),
            ),
            $patterns,
        );
        $permanent = $this->selfWeight === null ? 0.0 : $weight * $values[$this->selfWeight];
        foreach ($this->permanentSets() as $set) {
            $permanent += $values[$set];
        }
        $most = -INF;
        $worst = $combinations[0];
        foreach ($combinations as $combination) {
            $value = $combination->permanent * $permanent;
            foreach ($combination->variable as $case => $factor) {
                $value += $factor * ($variable[$case] ?? 0.0);
            }
            if ($sign * $value > $most) {
                $most = $sign * $value;
                $worst = $combination;
            }
        }

        return [$most, $worst, $this->factors($worst, $weight, $patterns)];
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
            if ($case->always) {
                return $on[0];
            }
            $parts[] =
                $case->case->name.
                ($reversed ? ' reversed' : '').
                match (true) {
                    $on[0] === CaseSets::LENGTHS => $this->lengths(
                        array_values(array_intersect($case->sets, array_keys($factors))),
                    ),
                    $moving => ' '.$on[0],
                    default => $case->where($on),
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

        return ' from x = '.
            implode(' and ', array_map(fn (array $l): string => "{$format($l[0])} to {$format($l[1])}", $lengths));
    }

    /** Has a span or overhang an end that nothing holds down? At a guided end the beam is thought to go on. */
    public function isOverhang(float $from, float $to): bool
    {
        return ($this->beam->holdAt($from)->vertical ?? 0.0) === 0.0 ||
            ($this->beam->holdAt($to)->vertical ?? 0.0) === 0.0;
    }
}
