<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** ANSI/AISC 360, (F2-4) and (F4-5) solved for L_b: the unbraced length that buckles elastically at a stress. */
final class UnbracedLength
{
    /**
     * @param  string  $symbol  of the radius of gyration
     * @param  float  $r  mm
     * @param  float  $q  J c/(S h_o), as written down before
     * @param  float  $F  elastic stress under uniform moment, MPa; as F_1 written down before
     * @return float mm
     */
    public static function of(
        string $symbol,
        float $r,
        float $q,
        float $E,
        float $F,
        string $clause,
        ?Derivation $d,
    ): float {
        $a = 0.078 * M_PI ** 2 * $E * $q;
        $L = $r * sqrt((M_PI ** 2 * $E * ($a + sqrt($a ** 2 + 4 * $F ** 2))) / (2 * $F ** 2));
        $d?->with(['E' => [$E, Kind::ModulusOfElasticity], 'q' => [$q, Kind::Number]])->line(
            'a',
            '0.078 * pi^2 * E * q',
            Kind::Stress,
        );
        $d?->with([$symbol => [$r, Kind::Size], 'F_1' => [$F, Kind::Stress]])->line(
            'L_b',
            "{$symbol} * sqrt(pi^2 * E * (a + sqrt(a^2 + 4 * F_1^2)) / (2 * F_1^2))",
            Kind::Length,
            $clause,
            "the unbraced length that buckles at this moment: ({$clause}) solved for L_b",
        );

        return $L;
    }
}
