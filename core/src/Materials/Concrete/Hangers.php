<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Member\Load;
use Waage\Member\LoadHeight;
use Waage\Member\LoadKind;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 6.2.1(9) and 9.2.5: links that hang up what acts at the lower edge or on ledges, and forces that hang or
 * come from a beam that lands, beside those for shear and torsion. At the lower edge all of the load of the member
 * counts, its own weight as well, and what a force needs counts all along its span: on the safe side. A ledge on one
 * side, which twists the member, hangs on one leg.
 */
final readonly class Hangers
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** Does load hang? */
    private function areNeeded(ConcreteMake $concrete): bool
    {
        return ! $concrete->isSlab() && ($this->isLow($concrete) || $this->points($concrete) !== []);
    }

    /** Does all of it act at the lower edge, or on ledges? */
    private function isLow(ConcreteMake $concrete): bool
    {
        return $this->envelopes->beam->member->loadHeight === LoadHeight::Bottom ||
            ($concrete->widths?->flange->isBelow() ?? false);
    }

    /** The greatest load by length, N/mm: what shear changes by. */
    private function load(ConcreteMake $concrete): float
    {
        $most = 0.0;
        foreach ([1, -1] as $sign) {
            foreach ($this->envelopes->shear->curve($this->envelopes->strength, $sign, $concrete->weight()) as $piece) {
                $slope = Polynomial::derivative($piece['polynomial']);
                foreach ([$piece['from'], $piece['to']] as $t) {
                    $most = max($most, abs(Polynomial::value($slope, $t)));
                }
            }
        }

        return $most;
    }

    /** How many legs a load hangs on. */
    private function legs(): float
    {
        return $this->envelopes->torque === null ? 2.0 : 1.0;
    }

    /** Of all legs, so that the one that is used most has enough: area by length. */
    public function area(ConcreteMake $concrete): float
    {
        if (! $this->areNeeded($concrete)) {
            return 0.0;
        }
        $w = new Working(false);
        $this->hung($concrete, [0.0, $concrete->length()], $w);

        return $w->value('(q + F / l_h) / (n_h * f_h)') * $concrete->links->legs;
    }

    /**
     * What hangs between two places: load by length, the greatest force on a length as long as the beam is deep.
     *
     * @param  array{float, float}  $along
     */
    private function hung(ConcreteMake $concrete, array $along, Working $w): void
    {
        $isLow = $this->isLow($concrete);
        $w->let('q', $isLow ? $this->load($concrete) : 0.0, Kind::LineLoad, '', $isLow ? 'all that acts' : 'none');
        $w->let('F', $this->force($concrete, $along), Kind::Force, '', 'the greatest that hangs, factored');
        $w->let('l_h', $concrete->h, Kind::Size, '9.2.5', 'half of the depth on both sides');
        self::strength($concrete, $w);
        $w->let('n_h', $this->legs(), Kind::Number, '', 'legs that hang it up');
    }

    /**
     * Of what lies within half of the depth together, in any combination: each with its greatest factor, which is safe.
     *
     * @param  array{float, float}  $along
     */
    private function force(ConcreteMake $concrete, array $along): float
    {
        $forces = [];
        foreach ($this->points($concrete) as $load) {
            if ($load->from >= $along[0] - 1.0 && $load->from <= $along[1] + 1.0) {
                $forces[] = [$load->from, $load->start() * $this->envelopes->greatestFactor($load)];
            }
        }
        $most = 0.0;
        foreach ($forces as [$x]) {
            $near = array_filter($forces, fn (array $f): bool => abs($f[0] - $x) <= $concrete->h);
            $most = max($most, array_sum(array_map(fn (array $f): float => max(0.0, $f[1]), $near)));
        }

        return $most;
    }

    /** @return list<Load> that hang */
    private function points(ConcreteMake $concrete): array
    {
        $isLow = $this->isLow($concrete);

        return array_values(
            array_filter(
                $this->envelopes->beam->member->loads,
                fn (Load $l): bool => $l->on &&
                    ($l->hangs || ($isLow && ($l->kind === LoadKind::Point || $l->kind->isMoving()))),
            ),
        );
    }

    /** f_h of the links. */
    private static function strength(ConcreteMake $concrete, Working $w): void
    {
        $w->let('f_w', $concrete->links->yield, Kind::Stress, '', 'links');
        match ($concrete->code()) {
            Code::Aci318 => $w->line('f_h', '0.75 * f_w', Kind::Stress, '', 'φ = 0.75'),
            Code::Bs8110 => $w->line('f_h', 'f_w / '.$concrete->parameter('gammaMs'), Kind::Stress, 'Table 2.2'),
            default => $w->line('f_h', 'f_w / '.$concrete->parameter('gammaS'), Kind::Stress, '3.2.7(2)'),
        };
    }

    /** @return list<Weighing> of every span; loads that move and hang are refused */
    public function weigh(ConcreteMake $concrete, BarRules $rules, Detail $detail): array
    {
        if (! $this->areNeeded($concrete)) {
            return [];
        }
        $clause = $concrete->code() === Code::En1992 ? '9.2.5' : 'equilibrium';
        $title = $concrete->code()->value.', '.$clause;
        $moving = array_filter($this->points($concrete), fn (Load $l): bool => $l->kind->isMoving());
        if ($moving !== []) {
            $why = 'Links that hang up loads which move are not computed.';

            return [new Weighing('hangers', 'Links that hang up loads', $title, null, applies: false, remark: $why)];
        }
        $spans = new ShearSpans($this->envelopes, $concrete);
        $weighings = [];
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            [$zone, $at] = $spans->worstZone($from, $to, $rules->links(...)) ?? [$spans->widest(), $e];
            $d = $concrete->h - $concrete->shallower($at->x)->centroid();
            $torque = $spans->torque(max($from, $zone->from), min($to, $zone->to));
            $w = $detail->working();
            $this->hung($concrete, [$from, $to], $w);
            $w->line('a_h', '(q + F / l_h) / (n_h * f_h)', Kind::AreaByLength, $clause, 'of a leg');
            $own = $rules->forForces(abs($at->value), $d, $torque) / $concrete->links->legs;
            $w->let('a_leg', $own, Kind::AreaByLength, '', 'of a leg for shear and torsion');
            $w->let('s', $zone->spacing, Kind::Size);
            $w->let('A_leg', $concrete->links->each(), Kind::SteelArea, '', 'one leg');
            $w->line('a_s', 'A_leg / s', Kind::AreaByLength);
            $w->line('u', '(a_h + a_leg) / a_s', Kind::Number, $clause);
            $what = ['hangers', 'Links that hang up loads', 'a_s', $title];
            $weighings[] = $spans->weighing($what, 'a_h', $field, $at, $w, kind: Kind::AreaByLength);
        }

        return $weighings;
    }
}
