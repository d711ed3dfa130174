<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;
use Waage\Member\LoadKind;
use Waage\Member\Member;
use Waage\Member\Support;

/**
 * A member solved once for everything that can act on it: each load case, imposed ones span by span, and self-weight
 * of 1 N/mm. Every combination and arrangement is a sum of these.
 */
final readonly class LoadedBeam
{
    public Beam $beam;

    public Responses $responses;

    /** @var list<LoadSet> */
    public array $sets;

    /** @var list<CaseSets> load cases that carry load; permanent ones first */
    public array $cases;

    /** Index of the load set of self-weight, or null when the engineer has switched it off. */
    public ?int $selfWeight;

    public function __construct(public Member $member)
    {
        $this->beam = Beam::onRigidSupports(
            $member->length,
            array_map(fn (Support $s): float => $s->x, $member->supports),
            array_map(fn (Support $s): bool => $s->fixed, $member->supports),
        );
        $fields = $this->beam->fields();
        $sets = [];
        $this->selfWeight = $member->selfWeight ? 0 : null;
        if ($member->selfWeight) {
            $sets[] = (new LoadSet)->line(0.0, $member->length, 1.0, 1.0);
        }
        $cases = [];
        foreach ($member->cases as $case) {
            $loads = array_filter($member->loads, fn (Load $l): bool => $l->case === $case->id);
            $byField = $case->category->isImposed()
                ? self::split($loads, $fields)
                : [self::together($loads)];
            $indices = $loaded = [];
            foreach ($byField as $field => $set) {
                if (! $set->isEmpty()) {
                    $indices[] = count($sets);
                    $loaded[] = $field;
                    $sets[] = $set;
                }
            }
            if ($indices !== []) {
                $cases[] = new CaseSets($case, $indices, $case->category->isImposed() ? $loaded : []);
            }
        }
        usort($cases, fn (CaseSets $a, CaseSets $b): int => ($b->case->category === Category::Permanent) <=> ($a->case->category === Category::Permanent));
        $this->cases = $cases;
        $this->sets = $sets;
        $this->responses = $this->beam->solve($sets);
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
                foreach ($case->sets as $set) {
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
        $factors = $this->permanentFactors($combination, $weight);
        foreach ($this->cases as $case) {
            $factor = $combination->variable[$case->case->id] ?? 0.0;
            if ($factor <= 0 || $case->case->category === Category::Permanent) {
                continue;
            }
            foreach ($case->sets as $set) {
                if ($sign * $values[$set] > 0) {
                    $factors[$set] = $factor;
                }
            }
        }

        return $factors;
    }

    /** @return array<int, float> */
    private function permanentFactors(Combination $combination, float $weight): array
    {
        $factors = [];
        if ($this->selfWeight !== null) {
            $factors[$this->selfWeight] = $combination->permanent * $weight;
        }
        foreach ($this->cases as $case) {
            if ($case->case->category === Category::Permanent) {
                foreach ($case->sets as $set) {
                    $factors[$set] = $combination->permanent;
                }
            }
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
        $names = $this->fieldNames();
        $parts = [];
        foreach ($this->cases as $case) {
            if ($case->case->category === Category::Permanent) {
                continue;
            }
            $on = [];
            foreach ($case->sets as $i => $set) {
                if (isset($factors[$set])) {
                    $on[] = $case->fields === [] ? '' : $names[$case->fields[$i]];
                }
            }
            if ($on === []) {
                continue;
            }
            $parts[] = $case->case->name.(count($on) === count($case->sets) ? (count($on) > 1 ? ' on all spans' : '') : ' on '.self::listed($on));
        }

        return $parts === [] ? 'no variable load' : implode(', ', $parts);
    }

    /** @return list<string> "span 1", "left overhang" … for each field */
    public function fieldNames(): array
    {
        $names = [];
        $span = 0;
        foreach ($this->beam->fields() as [$from, $to]) {
            $names[] = match (true) {
                $this->isOverhang($from, $to) => $from === 0.0 ? 'left overhang' : 'right overhang',
                default => 'span '.(++$span),
            };
        }

        return $names;
    }

    public function isOverhang(float $from, float $to): bool
    {
        return ! in_array($from, $this->beam->supports, true) || ! in_array($to, $this->beam->supports, true);
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }

    /**
     * @param  array<int, Load>  $loads
     */
    private static function together(array $loads): LoadSet
    {
        $set = new LoadSet;
        foreach ($loads as $load) {
            self::put($set, $load, 0.0, INF);
        }

        return $set;
    }

    /**
     * @param  array<int, Load>  $loads
     * @param  list<array{float, float}>  $fields
     * @return list<LoadSet> one for each field
     */
    private static function split(array $loads, array $fields): array
    {
        $sets = [];
        $last = count($fields) - 1;
        foreach ($fields as $i => [$from, $to]) {
            $set = new LoadSet;
            foreach ($loads as $load) {
                self::put($set, $load, $from, $i === $last ? INF : $to);
            }
            $sets[] = $set;
        }

        return $sets;
    }

    /** The part of a load that lies in [from, to); a force on a support goes with the span on its right. */
    private static function put(LoadSet $set, Load $load, float $from, float $to): void
    {
        $inside = $load->from >= $from && $load->from < $to;
        if ($load->kind === LoadKind::Point) {
            $inside && $set->force($load->from, $load->start);
        } elseif ($load->kind === LoadKind::Moment) {
            $inside && $set->moment($load->from, $load->start);
        } else {
            $a = max($from, $load->from);
            $b = min($to, $load->to);
            $slope = ($load->end - $load->start) / ($load->to - $load->from);
            $set->line($a, $b, $load->start + $slope * ($a - $load->from), $load->start + $slope * ($b - $load->from));
        }
    }
}
