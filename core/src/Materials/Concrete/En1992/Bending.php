<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.1: bending by sign, with the bars that it pulls; those in compression are left out, on the safe side. */
final readonly class Bending
{
    /** x/d without redistribution, so that hinges may turn (5.5(4), recommended values with δ = 1). */
    private const DEEPEST = '(1 - 0.44) / 1.25 * d';

    /** Less is rounding, Nmm. */
    private const NOTHING = 1.0;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, bool $derive): array
    {
        return array_merge(...array_map(fn (int $sign): array => $this->ofSign($concrete, $sign, $derive), [1, -1]));
    }

    /** @return list<Weighing> */
    private function ofSign(ConcreteMake $concrete, int $sign, bool $derive): array
    {
        $e = $this->envelopes->moment->extreme($this->envelopes->strength, $sign, $concrete->weight());
        if ($e === null || $sign * $e->value < self::NOTHING) {
            return [];
        }
        $w = new Working($derive);
        $w->let('M_Ed', $sign * $e->value, Kind::Moment, '', $sign > 0 ? 'sagging' : 'hogging');
        $this->resistance($concrete, $sign, $w);
        $u = $w->line('u', 'M_Ed / M_Rd', Kind::Number, '6.1(1)');
        $beam = $this->envelopes->beam;
        $factors = $beam->worst($e->combination, $concrete->weight(), $this->envelopes->moment->effect, $sign, $e->segment, $e->t);
        [$id, $title] = $sign > 0 ? ['sagging', 'Bending, sagging'] : ['hogging', 'Bending, hogging'];

        return [
            new Weighing(
                $id, $title, 'EN 1992-1-1, 6.1', $u, demand: $w->value('M_Ed'), capacity: $w->value('M_Rd'), kind: Kind::Moment,
                demandSymbol: 'M_Ed', capacitySymbol: 'M_Rd', x: $e->x, combination: $e->combination->id,
                arrangement: $beam->arrangementText($factors), factors: $factors, lines: $w->lines,
                ranges: [[0.0, $beam->member->length, $w->value('M_Rd')]],
            ),
            $this->leastBars($concrete, $sign, $derive),
        ];
    }

    /** M_Rd, and the steel that M_Ed needs where it can do without steel in compression. */
    private function resistance(ConcreteMake $concrete, int $sign, Working $w): void
    {
        self::depth($concrete, $sign, $w);
        Strength::of($w, $concrete);
        $w->line('x_max', self::DEEPEST, Kind::Size, '5.5(4)', 'without redistribution');
        $w->line('M_max', '0.8 * x_max * b * f_cd * (d - 0.4 * x_max)', Kind::Moment, '3.1.7(3)', 'with the greatest x, without steel in compression');
        if ($w->value('M_Ed') <= $w->value('M_max')) {
            self::needed($w);
        }
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::Area, '', $concrete->pulled($sign)->text());
        $w->line('x', 'min(A_s * f_yd / (0.8 * b * f_cd), x_max)', Kind::Size, '3.1.7(3)', 'steel yields before the concrete fails');
        $w->line('M_Rd', '0.8 * x * b * f_cd * (d - 0.4 * x)', Kind::Moment, '6.1(2)');
    }

    /** b, h and d, with what d is made of. */
    public static function depth(ConcreteMake $concrete, int $sign, Working $w): void
    {
        $bars = $concrete->pulled($sign);
        $w->let('b', $concrete->b, Kind::Size);
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('c', $concrete->cover, Kind::Size, '', 'to the links');
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('n', (float) $bars->count, Kind::Number, '', $sign > 0 ? 'bottom bars' : 'top bars');
        $w->let('phi', $bars->diameter, Kind::Size);
        $w->line('d', 'h - c - phi_w - phi / 2', Kind::Size);
    }

    /** A_s,req of M_Ed, with the block of stress of 3.1.7(3). */
    public static function needed(Working $w): float
    {
        $w->line('z_req', 'd / 2 * (1 + sqrt(1 - 2 * M_Ed / (b * d^2 * f_cd)))', Kind::Size, '3.1.7(3)');

        return $w->line('A_s_req', 'M_Ed / (z_req * f_yd)', Kind::Area, '', 'needed');
    }

    /** 9.2.1.1(1): so that the beam does not break when it cracks. */
    private function leastBars(ConcreteMake $concrete, int $sign, bool $derive): Weighing
    {
        $w = new Working($derive);
        self::depth($concrete, $sign, $w);
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('f_yk', $concrete->fyk, Kind::Stress);
        $w->line('f_ctm', '0.3 * f_ck^(2/3)', Kind::Stress, 'Table 3.1');
        $w->line('A_s_min', 'max(0.26 * f_ctm / f_yk, 0.0013) * b * d', Kind::Area, '9.2.1.1(1) (9.1N)');
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::Area, '', $concrete->pulled($sign)->text());
        $w->line('u', 'A_s_min / A_s', Kind::Number, '9.2.1.1(1)');
        [$id, $title] = $sign > 0 ? ['least-bottom', 'Least bars at the bottom'] : ['least-top', 'Least bars at the top'];

        return new Weighing(
            $id, $title, 'EN 1992-1-1, 9.2.1.1', $w->value('u'), demand: $w->value('A_s_min'), capacity: $w->value('A_s'), kind: Kind::Area,
            demandSymbol: 'A_s_min', capacitySymbol: 'A_s', lines: $w->lines,
        );
    }
}
