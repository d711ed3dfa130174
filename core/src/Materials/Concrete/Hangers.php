<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Member\Load;
use Waage\Member\LoadHeight;
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
    private function areNeeded(ConcreteMake $concrete): bool
    {
        $isLow = $this->envelopes->beam->member->loadHeight === LoadHeight::Bottom;

        return ! $concrete->isSlab() && ($isLow || ($concrete->widths?->flange->isBelow() ?? false));
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
        if (! $this->areNeeded($concrete)) {
            return 0.0;
        }
        $w = new Working(false);
        self::strength($concrete, $w);

        return ($this->load($concrete) / $w->value('f_h') / $this->legs()) * $concrete->links->legs;
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

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, BarRules $rules, bool $derive): array
    {
        if (! $this->areNeeded($concrete)) {
            return [];
        }
        $clause = $concrete->code() === Code::En1992 ? '9.2.5' : 'equilibrium';
        $title = $concrete->code()->value.', '.$clause;
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
                    $title,
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
            $w->let('q', $this->load($concrete), Kind::LineLoad, '', 'all that acts');
            self::strength($concrete, $w);
            $w->let('n_h', $this->legs(), Kind::Number, '', 'legs that hang it up');
            $w->line('a_h', 'q / (n_h * f_h)', Kind::AreaByLength, $clause, 'of a leg');
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
