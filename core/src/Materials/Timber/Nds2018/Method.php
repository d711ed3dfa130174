<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Loading\RuleSet;
use Waage\Member\Basis;

/** NDS 2018, 1.4: allowable stresses times C_D (ASD), or resistances with K_F, φ and λ (LRFD). */
enum Method: string
{
    case Asd = 'ASD';
    case Lrfd = 'LRFD';

    public static function of(Basis $basis): self
    {
        return self::from(RuleSet::of($basis->combinations)->method);
    }

    /**
     * Tables N1 and N2: K_F and φ.
     *
     * @param  string  $of  b, t, v, c, cp, s (E_min)
     * @return array{float, float}
     */
    public function conversion(string $of): array
    {
        return $this === self::Asd
            ? [1.0, 1.0]
            : [
                'b' => [2.54, 0.85],
                't' => [2.7, 0.8],
                'v' => [2.88, 0.75],
                'c' => [2.4, 0.9],
                'cp' => [1.67, 0.9],
                's' => [1.76, 0.85],
            ][$of];
    }
}
