<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\StressBlock;
use Waage\Units\Kind;

/** BS 8110-1:1997, 2.4.4 and 3.4.4: strengths with γ_m = 1.5 for concrete. MPa. */
final class Strength
{
    private const K = 0.156;

    /** K′, less where moments are redistributed by more than a tenth (3.4.4.4). */
    public static function limit(ConcreteMake $concrete): float
    {
        $beta = $concrete->reductions->delta();

        return $beta >= 0.9 ? self::K : 0.402 * ($beta - 0.4) - 0.18 * ($beta - 0.4) ** 2;
    }

    public static function let(Working $w, ConcreteMake $concrete): void
    {
        $w->let('f_cu', $concrete->grade->cube, Kind::Stress, '', $concrete->grade->name);
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        $w->let('gamma_ms', $concrete->parameter('gammaMs'), Kind::Number, 'Table 2.2');
    }

    public static function yield(ConcreteMake $concrete): float
    {
        return $concrete->fyk / $concrete->parameter('gammaMs');
    }

    /** 0.45 f_cu over 0.9 x; K at most K′; z at most 0.95 d; displaced concrete is not deducted. */
    public static function block(ConcreteMake $concrete): StressBlock
    {
        $deepest = (0.5 - sqrt(0.25 - self::limit($concrete) / 0.9)) / 0.45;
        $strength = 0.45 * $concrete->grade->cube;

        return new StressBlock($strength, 0.9, $deepest, 3.5, self::yield($concrete), false, 0.95);
    }
}
