<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 8.4 and 9.2.1.3: how far bars go beyond the place where fewer suffice. Straight ribbed bars up to ø32,
 * stressed to f_yd, with all α = 1; the shift of the moment with the flattest struts, which is the greatest there is.
 * mm.
 */
final class Anchorage
{
    /** Bars over the lower 250 mm of a section have poor bond (8.4.2(2)). */
    private const GOOD = 250.0;

    /** 9.2.1.3(2): a_l = z cot θ / 2. */
    public static function shift(float $d): float
    {
        return (0.9 * $d * 2.5) / 2;
    }

    public static function length(ConcreteMake $concrete, float $phi): float
    {
        $bond = 2.25 * ($concrete->h > self::GOOD ? 0.7 : 1.0) * Strength::fctd($concrete);

        return max((($phi / 4) * Strength::fyd($concrete)) / $bond, 10 * $phi, 100.0);
    }

    /**
     * @return list<Weighing> what sets out the bars of every support that end within the spans, on the side with less
     *     to spare
     */
    public static function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $weighings = StretchWeighings::cutOffs($concrete, $detail, function (BarStretch $stretch, Working $w) use (
            $concrete,
        ): string {
            Section::depth($concrete, $stretch->group, $w);
            $w->line('a_l', '0.9 * d * 2.5 / 2', Kind::Size, '9.2.1.3(2) (9.2)', 'with cot θ = 2.5');
            Strength::of($w, $concrete);
            $concrete->h > self::GOOD
                ? $w->let('eta_1', 0.7, Kind::Number, '8.4.2(2)', 'poor bond')
                : $w->let('eta_1', 1.0, Kind::Number, '8.4.2(2)', 'good bond');
            Strength::bond($w);
            $w->line('l_b_rqd', 'phi / 4 * f_yd / f_bd', Kind::Size, '8.4.3(2) (8.3)', 'stressed to f_yd');
            $w->line('l_bd', 'max(l_b_rqd, 10 * phi, 100)', Kind::Size, '8.4.4(1) (8.4)', 'all α = 1');
            $w->line('l_req', 'x_c + a_l + l_bd', Kind::Size, '9.2.1.3');

            return 'EN 1992-1-1, 9.2.1.3';
        });

        return $weighings;
    }
}
