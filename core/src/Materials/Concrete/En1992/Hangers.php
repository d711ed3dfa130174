<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Hanging;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Member\Load;
use Waage\Member\LoadKind;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 6.2.1(9) and 9.2.5: links that hang up what acts at the lower edge or on ledges, beside those for
 * shear and torsion. All of the load of the member counts, its own weight as well: on the safe side. A ledge on one
 * side, which twists the member, hangs on one leg.
 */
final readonly class Hangers
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** Does load hang? */
    public function areNeeded(ConcreteMake $concrete): bool
    {
        return Hanging::acts($this->envelopes, $concrete);
    }

    /** The greatest load by length, N/mm: what shear changes by. */
    private function load(ConcreteMake $concrete): float
    {
        $most = 0.0;
        foreach ([1, -1] as $sign) {
            foreach (
                $this->envelopes->shear->curve($this->envelopes->strength, $sign, $concrete->weight()) as $piece
            ) {
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
        $fywd = $concrete->links->yield / $concrete->parameter('gammaS');

        return ($this->load($concrete) / $fywd / $this->legs()) * $concrete->links->legs;
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Rules $rules, bool $derive): array
    {
        if (! $this->areNeeded($concrete)) {
            return [];
        }
        $points = array_filter(
            $this->envelopes->beam->member->loads,
            fn (Load $l): bool => $l->on && $l->kind === LoadKind::Point,
        );
        if ($points !== []) {
            $why = 'Links that hang up point loads at the lower edge or on a ledge are not computed.';

            return [
                new Weighing(
                    'hangers',
                    'Links that hang up loads',
                    'EN 1992-1-1, 9.2.5',
                    null,
                    applies: false,
                    remark: $why,
                ),
            ];
        }
        $spans = new ShearSpans($this->envelopes, $concrete);
        $weighings = [];
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            [$zone, $at] = $spans->worstZone($from, $to, $rules->links(...)) ?? [$spans->widest(), $e];
            $d = $concrete->h - $concrete->shallower($at->x)->centroid();
            $torque = $spans->torque(max($from, $zone->from), min($to, $zone->to));
            $w = new Working($derive);
            Section::depth($concrete, $concrete->shallower($at->x), $w);
            $w->let('q_Ed', $this->load($concrete), Kind::LineLoad, '', 'all that acts');
            $w->let('f_ywk', $concrete->links->yield, Kind::Stress, '', 'links');
            $w->let('gamma_S', $concrete->parameter('gammaS'), Kind::Number, 'Table 2.1N');
            $w->line('f_ywd', 'f_ywk / gamma_S', Kind::Stress, '3.2.7(2)');
            $w->let('n_h', $this->legs(), Kind::Number, '', 'legs that hang it up');
            $w->line('a_h', 'q_Ed / (n_h * f_ywd)', Kind::AreaByLength, '9.2.5', 'of a leg');
            $own = $rules->forForces(abs($at->value), $d, $torque) / $concrete->links->legs;
            $w->let('a_leg', $own, Kind::AreaByLength, '6.2.3, 6.3.2', 'of a leg for shear and torsion');
            $w->let('s', $zone->spacing, Kind::Size);
            $w->line('a_s', 'pi * phi_w^2 / 4 / s', Kind::AreaByLength);
            $w->line('u', '(a_h + a_leg) / a_s', Kind::Number, '9.2.5');
            $what = ['hangers', 'Links that hang up loads', 'a_s', 'EN 1992-1-1, 9.2.5'];
            $weighings[] = $spans->weighing($what, 'a_h', $field, $at, $w, kind: Kind::AreaByLength);
        }

        return $weighings;
    }
}
