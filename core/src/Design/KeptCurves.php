<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\ThinWalled\CurveMemory;

/** Where the application keeps buckling curves from one calculation to the next. */
final class KeptCurves
{
    /**
     * @param  \Closure(string): mixed  $get  what is kept under a key; null or false: nothing
     * @param  \Closure(string, array<array-key, mixed>): void  $keep
     */
    public static function in(\Closure $get, \Closure $keep): void
    {
        CurveMemory::use($get, $keep);
    }
}
