<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\Beam;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\LoadSet;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * Does the member stay on the supports that cannot hold it down? What presses it onto such a support against what lifts
 * it off, in every combination but fire and the lesser ones of serviceability; EN 1990, 6.4.2 (6.7).
 *
 * For equilibrium the permanent load of each span is for itself: it has the stabilising factor where it presses and the
 * destabilising one where it lifts. Where a member lifts off, its forces are no longer those of a beam on all its
 * supports, so that it does not hold; unless the engineer lets it lift off (Analysis/LiftOff). Then it only must not
 * tip over one of its outermost supports: what lifts it off the other one of these, with nothing between them.
 */
final readonly class Equilibrium
{
    /** A ratio that stands for "nothing loads it downward". */
    private const LIFTS_AT_ONCE = 1000.0;

    /** Of the supports that hold it: all, or the outermost ones. */
    private Beam $held;

    /** @var array<int, int> of each support that can be weighed its place among those that hold */
    private array $places;

    /** @var list<list<float>> reaction of each of these supports (N, up positive) for each load set */
    private array $reactions;

    /** @var list<list<float>> for the permanent load of each span, without self-weight */
    private array $permanent;

    /** @var list<list<float>> the same for self-weight of 1 N/mm */
    private array $own;

    /** @var list<Combination> */
    private array $combinations;

    /** @param  list<Combination>  $combinations */
    public function __construct(private LoadedBeam $beam, array $combinations)
    {
        $this->combinations = array_values(
            array_filter(
                $combinations,
                fn (Combination $c): bool => ! in_array(
                    $c->purpose,
                    [Purpose::Fire, Purpose::Frequent, Purpose::QuasiPermanent],
                    true,
                ),
            ),
        );
        $supports = $beam->member->supports;
        $last = count($supports) - 1;
        $bearing = array_filter($supports, fn (Support $s): bool => $s->bearsOnly);
        if ($beam->member->liftsOff) {
            // Of two outermost supports; the member tips over one when no other one holds it down or against turning.
            $this->held = Beam::onRigidSupports(
                $beam->beam->length,
                [$supports[0]->x, $supports[$last]->x],
                [false, false],
            );
            $holding = array_keys(array_diff_key($supports, $bearing));
            $turning = array_filter($supports, fn (Support $s): bool => $s->holdsTurning()) !== [];
            $this->places = match (true) {
                $turning || $last === 0 || count($holding) > 1 => [],
                $holding === [] => [0 => 0, $last => 1],
                $holding === [0] => [$last => 1],
                $holding === [$last] => [0 => 0],
                default => [],
            };
        } else {
            $this->held = $beam->beam;
            $this->places = array_combine(array_keys($bearing), array_keys($bearing));
        }
        $this->reactions =
            $this->held === $beam->beam
                ? array_map(fn (array $of): array => array_column($of, 0), $beam->responses->reactions)
                : // Movements and temperature press on neither of two supports.
                $this->reactions(array_map(fn (LoadSet $s): LoadSet => (new LoadSet())->with($s, 1.0), $beam->sets));
        $this->permanent = $this->reactions($beam->permanentBySpan());
        $this->own = $beam->selfWeight === null ? [] : $this->reactions($beam->selfWeightBySpan());
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing> one for each support that bears only; or for each outermost one that the member can tip
     *     off
     */
    public function weigh(float $weight, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->places as $i => $place) {
            $worst = null;
            foreach ($this->combinations as $combination) {
                [$presses, $lifts] = $this->parts($combination, $place, $weight);
                $ratio =
                    $lifts <= 0.0
                        ? 0.0
                        : ($presses <= 0.0
                            ? self::LIFTS_AT_ONCE
                            : min(self::LIFTS_AT_ONCE, $lifts / $presses));
                if ($worst === null || $ratio > $worst[0]) {
                    $worst = [$ratio, $presses, $lifts, $combination->id];
                }
            }
            if ($worst !== null) {
                $weighings[] = $this->weighing($i, $worst, $detail);
            }
        }

        return $weighings;
    }

    /** @param  array{float, float, float, string}  $worst ratio, what presses and what lifts (N), combination */
    private function weighing(int $support, array $worst, Detail $detail): Weighing
    {
        [$ratio, $presses, $lifts, $combination] = $worst;
        $supports = $this->beam->member->supports;
        $tips = $this->beam->member->liftsOff;
        $over = $support === 0 ? count($supports) : 1;
        $d = $detail->derivation();
        $d?->given(
            'R_stb',
            $presses,
            Kind::Force,
            '',
            $tips
                ? 'presses the member onto support '.($support + 1).', with none between the outermost ones'
                : 'presses the member onto the support',
        );
        $d?->given('R_dst', $lifts, Kind::Force, '', 'lifts it off');
        if ($presses > 0.0 && $ratio < self::LIFTS_AT_ONCE) {
            $d?->line('u', 'R_dst / R_stb', Kind::Number, '6.4.2 (6.7)');
        }

        return new Weighing(
            'uplift-'.($support + 1),
            $tips ? "Tipping over support {$over}" : 'Uplift of support '.($support + 1),
            'EN 1990, 6.4.2',
            $ratio,
            against: new Against(
                demand: $lifts,
                capacity: $presses,
                kind: Kind::Force,
                demandSymbol: 'R_dst',
                capacitySymbol: 'R_stb',
            ),
            at: new Place(x: $supports[$support]->x, combination: $combination),
            remark: $lifts > $presses
                ? ($tips
                    ? 'The member tips over: other results take it as restrained down where nothing else holds it. Hold it down, or load it.'
                    : 'The member lifts off this support, which only bears: all other results take it as restrained down. Hold it down, or load it.')
                : '',
            lines: $d->lines ?? [],
        );
    }

    /** @return array{float, float} what presses on a support and what lifts off it, both positive, N */
    private function parts(Combination $combination, int $support, float $weight): array
    {
        $presses = $lifts = 0.0;
        $add = function (float $reaction, float $pressing, float $lifting) use (&$presses, &$lifts): void {
            $presses += $pressing * max(0.0, $reaction);
            $lifts += $lifting * max(0.0, -$reaction);
        };
        $stabilising = $combination->stabilising ?? $combination->permanent;
        foreach ($this->permanent as $field => $reactions) {
            $add(
                $reactions[$support] + $weight * ($this->own[$field][$support] ?? 0.0),
                $stabilising,
                $combination->permanent,
            );
        }
        foreach ($this->beam->cases as $case) {
            $factor = $combination->variable[$case->case->id] ?? 0.0;
            if ($case->isPermanent || $factor <= 0.0) {
                continue;
            }
            $values = [];
            foreach ($case->sets as $set) {
                $values[$set] = $this->reactions[$set][$support];
            }
            foreach ($case->worst(-1, $values) as $set => $way) {
                $add($way * $values[$set], 0.0, $factor);
            }
        }

        return [$presses, $lifts];
    }

    /**
     * @param  list<LoadSet>  $sets
     * @return list<list<float>>
     */
    private function reactions(array $sets): array
    {
        return array_map(fn (array $of): array => array_column($of, 0), $this->held->solve($sets)->reactions);
    }
}
