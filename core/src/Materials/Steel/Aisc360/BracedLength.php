<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\PieceDiagram;
use Waage\Checks\Derivation;
use Waage\Materials\Steel\BucklingLength;
use Waage\Units\Kind;

/** An unbraced length of the flange that a moment compresses, with C_b of its diagram (ANSI/AISC 360, F1). */
final readonly class BracedLength
{
    /** @param  float  $M  its greatest moment that compresses the flange, Nmm, more than 0 */
    public function __construct(public BucklingLength $length, public float $M, public float $Cb)
    {
    }

    /**
     * The one of the lengths that a diagram strains the most; null: none is compressed.
     *
     * @param  list<BucklingLength>  $lengths
     * @param  float  $weight  self-weight, N/mm
     */
    public static function heaviest(
        LateralStrength $strength,
        array $lengths,
        PieceDiagram $diagram,
        float $weight,
    ): ?self {
        $rounding = 1e-9 * max($diagram->greatest(1, $weight)[0], $diagram->greatest(-1, $weight)[0]);
        $heaviest = null;
        $most = -1.0;
        foreach ($lengths as $length) {
            [$M] = $diagram->greatest($length->sign, $weight, $length->from, $length->to);
            if ($M <= $rounding) {
                continue;
            }
            $Cb = self::momentFactor($length, $diagram, $weight);
            $ratio = $M / $strength->nominal($length->length(), $Cb);
            if ($ratio > $most) {
                [$most, $heaviest] = [$ratio, new self($length, $M, $Cb)];
            }
        }

        return $heaviest;
    }

    /** C_b (F1-1); 1 for an overhang whose end is free. */
    public static function momentFactor(
        BucklingLength $length,
        PieceDiagram $diagram,
        float $weight,
        ?Derivation $d = null,
    ): float {
        if ($length->freeEnd) {
            $d?->given('C_b', 1.0, Kind::Number, 'F1', 'the free end is not braced');

            return 1.0;
        }
        $most = max(
            $diagram->greatest(1, $weight, $length->from, $length->to)[0],
            $diagram->greatest(-1, $weight, $length->from, $length->to)[0],
        );
        [$A, $B, $C] = array_map(
            fn (float $part): float => abs(
                $diagram->at($length->from + $part * ($length->to - $length->from), $weight),
            ),
            [0.25, 0.5, 0.75],
        );
        $Cb = (12.5 * $most) / (2.5 * $most + 3 * $A + 4 * $B + 3 * $C);
        $d?->with([
            'M_max' => [$most, Kind::Moment],
            'M_A' => [$A, Kind::Moment],
            'M_B' => [$B, Kind::Moment],
            'M_C' => [$C, Kind::Moment],
        ])->line(
            'C_b',
            '12.5 * M_max / (2.5 * M_max + 3 * M_A + 4 * M_B + 3 * M_C)',
            Kind::Number,
            'F1-1',
            'moments at the quarter points and the middle of it, without sign',
        );

        return $Cb;
    }
}
