<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Material\Situation;
use Waage\Member\Load;
use Waage\Member\LoadDirection;
use Waage\Member\LoadKind;
use Waage\Member\Member;
use Waage\Member\Support;

/** Turns the loads of a member into load sets of its beam: their parts normal to the axis and along it. */
final readonly class MemberLoads
{
    /** Pieces of a span, and of all spans, that a load on any lengths is cut into. */
    private const MOST_PIECES = 24;

    private const MOST_OF_ALL = 96;

    public function __construct(private Member $member, private Axis $axis)
    {
    }

    /**
     * Self-weight between two places: 1 N/mm where the member has its main section, where it has another one as much
     * more or less.
     */
    public function selfWeight(float $from, float $to): LoadSet
    {
        [$normal, $along] = $this->parts(LoadDirection::Vertical);
        $set = new LoadSet;
        foreach ($this->member->make->pieces(new Situation) as $piece) {
            $a = max($from, $piece->from);
            $b = min($to, $piece->to);
            $q = $piece->weight / $this->member->make->weight();
            $set->line($a, $b, $normal * $q, $normal * $q)->alongLine($a, $b, $along * $q, $along * $q);
        }

        return $set;
    }

    /**
     * @param  list<array{float, float}>  $forces  place, plumb force
     */
    public function forces(array $forces): LoadSet
    {
        [$normal, $along] = $this->parts(LoadDirection::Vertical);
        $set = new LoadSet;
        foreach ($forces as [$x, $force]) {
            $set->force($x, $normal * $force)->alongForce($x, $along * $force);
        }

        return $set;
    }

    /**
     * A load on any lengths in pieces that act or not.
     *
     * @param  list<array{float, float}>  $fields  spans and overhangs
     * @return list<LoadSet>
     */
    public function pieces(Load $load, array $fields): array
    {
        $parts = max(4, min(self::MOST_PIECES, intdiv(self::MOST_OF_ALL, count($fields))));
        $sets = [];
        foreach ($fields as [$from, $to]) {
            for ($i = 0; $i < $parts; $i++) {
                $set = new LoadSet;
                $this->put(
                    $set,
                    $load,
                    $from + (($to - $from) * $i) / $parts,
                    $from + (($to - $from) * ($i + 1)) / $parts,
                );
                if (! $set->isEmpty()) {
                    $sets[] = $set;
                }
            }
        }

        return $sets;
    }

    /**
     * Each movement of a support for itself: any of them may come about.
     *
     * @param  array<int, Load>  $loads
     * @return array{list<LoadSet>, list<string>} with the names of the supports
     */
    public function displacements(array $loads): array
    {
        $places = array_map(fn (Support $s): float => $s->x, $this->member->supports);
        $sets = $labels = [];
        foreach ($loads as $load) {
            $support = (int) array_search($load->from, $places, true);
            $settles = $load->kind === LoadKind::Settlement;
            $sets[] = (new LoadSet)->displacement(
                $support,
                $settles ? $load->start() : 0.0,
                $settles ? 0.0 : $load->start(),
            );
            $labels[] = 'support '.($support + 1);
        }

        return [$sets, $labels];
    }

    /**
     * @param  array<int, Load>  $loads
     */
    public function together(array $loads): LoadSet
    {
        $set = new LoadSet;
        foreach ($loads as $load) {
            $this->put($set, $load, 0.0, INF);
        }

        return $set;
    }

    /**
     * @param  array<int, Load>  $loads
     * @param  list<array{float, float}>  $fields
     * @return list<LoadSet> one for each field
     */
    public function split(array $loads, array $fields): array
    {
        $sets = [];
        $last = count($fields) - 1;
        foreach ($fields as $i => [$from, $to]) {
            $set = new LoadSet;
            foreach ($loads as $load) {
                $this->put($set, $load, $from, $i === $last ? INF : $to);
            }
            $sets[] = $set;
        }

        return $sets;
    }

    /** The part of a load that lies in [from, to); a force on a support goes with the span on its right. */
    private function put(LoadSet $set, Load $load, float $from, float $to): void
    {
        if ($load->kind === LoadKind::Temperature) {
            // Warmer below: the bottom grows longer and the member sags.
            foreach ($this->member->make->pieces(new Situation) as $piece) {
                if (min($load->to, $piece->to) > max($load->from, $piece->from)) {
                    $set->curvature(
                        max($load->from, $piece->from),
                        min($load->to, $piece->to),
                        ($piece->expansion * $load->start()) / $piece->depth,
                    );
                }
            }

            return;
        }
        if ($load->kind === LoadKind::Warming) {
            $set->strain(
                $load->from,
                $load->to,
                $this->member->make->main(new Situation)->expansion * $load->start(),
            );

            return;
        }
        $inside = $load->from >= $from && $load->from < $to;
        [$normal, $along] = $this->parts($load->direction);
        [$whole, $arm] = [$set, $load->twist];
        if ($load->direction === LoadDirection::Sideways) {
            [$set, $arm] = [$set->across(), $this->member->sidewaysArm()];
        }
        if ($load->kind === LoadKind::Point) {
            if ($inside) {
                $set->force($load->from, $normal * $load->start())->alongForce($load->from, $along * $load->start());
                $load->eccentricity != 0.0 &&
                    $set->moment($load->from, -$along * $load->start() * $load->eccentricity);
                $load->across != 0.0 && $set->across()->moment($load->from, -$along * $load->start() * $load->across);
                $arm !== 0.0 && $whole->turning()->alongForce($load->from, $normal * $load->start() * $arm);
            }
        } elseif ($load->kind === LoadKind::Moment) {
            $inside && $set->moment($load->from, $load->start());
        } else {
            foreach ($load->profile as $i => [$end, $last]) {
                if ($i > 0) {
                    [$start, $first] = $load->profile[$i - 1];
                    $a = max($from, $start);
                    $b = min($to, $end);
                    $slope = ($last - $first) / ($end - $start);
                    [$qa, $qb] = [$first + $slope * ($a - $start), $first + $slope * ($b - $start)];
                    $set->line($a, $b, $normal * $qa, $normal * $qb)->alongLine($a, $b, $along * $qa, $along * $qb);
                    $arm !== 0.0 && $whole->turning()->alongLine($a, $b, $normal * $qa * $arm, $normal * $qb * $arm);
                }
            }
        }
    }

    /**
     * @return array{float, float} of a load of 1: normal to the axis (down positive), along it
     *     (away from the start positive)
     */
    private function parts(LoadDirection $direction): array
    {
        $cos = $this->axis->cos;
        $sin = $this->axis->sin;

        return match ($direction) {
            LoadDirection::Vertical => [$cos, -$sin],
            LoadDirection::Plan => [$cos * $cos, -$sin * $cos],
            LoadDirection::Normal, LoadDirection::Sideways => [1.0, 0.0],
            LoadDirection::Along => [0.0, -1.0],
        };
    }
}
