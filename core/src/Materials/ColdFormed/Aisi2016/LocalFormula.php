<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Materials\ColdFormed\ColdFormedMake;

/**
 * AISI S100-16, Appendix 2, 2.3.1.2 and 2.3.3.2: local buckling element by element, k π² E/(12 (1 − ν²)) (t/w)², the
 * least of flange, lip and web, by flat widths. From memory; MPa.
 */
final class LocalFormula
{
    /** A wall between two others; one that is free at an edge; a web in bending. */
    private const BETWEEN = 4.0;

    private const FREE = 0.43;

    private const BENT = 24.0;

    public static function stress(ColdFormedMake $make, bool $bends): float
    {
        $s = $make->sizes;
        $corner = $s->r + $s->t;
        $hasLips = $s->shape->hasLips();
        $walls = [
            [$hasLips ? self::BETWEEN : self::FREE, $s->b - ($hasLips ? 2 : 1) * $corner],
            [$bends ? self::BENT : self::BETWEEN, $s->web()],
            ...$hasLips ? [[self::FREE, $s->c - $corner]] : [],
        ];
        $E = $make->standard()->elasticity();

        $plate = M_PI ** 2 * $E / (12 * (1 - 0.09));

        return min(array_map(
            fn (array $wall): float => $wall[0] * $plate * ($s->t / max(1.0, $wall[1])) ** 2,
            $walls,
        ));
    }
}
