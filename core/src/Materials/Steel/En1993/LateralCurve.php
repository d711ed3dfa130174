<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** EN 1993-1-1:2005, Tables 6.3, 6.4 (general case) and 6.5: α_LT, and which curve it is in words. */
final readonly class LateralCurve
{
    private function __construct(public float $alpha, public string $says)
    {
    }

    public static function ofI(bool $isSlender, bool $isWelded, bool $rolledCurves): self
    {
        $row = (int) $isSlender + ($isWelded ? 2 : (int) $rolledCurves);
        [$curve, $alpha] = [['a', 0.21], ['b', 0.34], ['c', 0.49], ['d', 0.76]][$row];

        return new self(
            $alpha,
            ($isWelded ? 'as welded, ' : '').'h/b '.($isSlender ? '> 2' : '≤ 2').": curve {$curve}",
        );
    }

    public static function ofOthers(): self
    {
        return new self(0.76, 'no I section: curve d');
    }
}
