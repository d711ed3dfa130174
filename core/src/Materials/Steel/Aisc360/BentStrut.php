<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Strut;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, H2, for a section without symmetry that is pressed or pulled and bent: the sum of all, moments
 * amplified (App. 8), the greatest of all combinations.
 */
final readonly class BentStrut
{
    /** Smallest denominator of B_1: nearer to buckling it fails by compression anyway. */
    private const LEAST = 0.05;

    public function __construct(
        private Strut $strut,
        private PressedStrut $pressed,
        private Method $method,
        private string $standard,
    ) {
    }

    /**
     * @param  list<Weighing>  $bending  weighings of bending and lateral-torsional buckling
     * @return non-empty-list<Weighing> axial force, all together
     */
    public function weigh(array $bending, Detail $detail): array
    {
        $alone = $this->pressed->weigh($detail);
        $p = max(array_map(fn (Weighing $w): float => (float) $w->ratio, $alone));
        $m = max([
            0.0,
            ...array_map(
                fn (Weighing $w): float => in_array($w->id, ['bending', 'buckling'], true) ? $w->ratio ?? 0.0 : 0.0,
                $bending,
            ),
        ]);
        [$P, $Pe, $alpha] = [
            $this->strut->compression,
            $this->strut->least(),
            $this->method === Method::ASD ? 1.6 : 1.0,
        ];
        $B = 1 / max(1 - ($alpha * $P) / $Pe, self::LEAST);
        $d = $detail->derivation();
        $d?->given('p', $p, Kind::Number, 'D2, E', 'utilisation by axial force');
        $d?->given('m', $m, Kind::Number, 'F', 'greatest utilisation in bending, lateral-torsional buckling among it');
        $d?->given('P_r', $P, Kind::Force, '', 'compression');
        $d?->given(
            'P_e1',
            $Pe,
            Kind::Force,
            'A-8-5',
            'the least, of bending about the weak principal axis or twisting',
        );
        $d?->given('alpha', $alpha, Kind::Number, 'App. 8.1.2', $this->method->value);
        $d?->line('B_1', '1 / max(1 - alpha * P_r / P_e1, 0.05)', Kind::Number, 'A-8-3', 'C_m = 1');
        $d?->line('u', 'p + B_1 * m', Kind::Number, 'H2-1', 'the sum of the greatest stresses, wherever they are');
        $at = $this->strut->tension > $P ? $this->strut->pulled : $this->strut->pressed;

        return [
            ...$alone,
            new Weighing(
                'bending-axial',
                'Bending with axial force',
                "{$this->standard}, H2",
                $p + $B * $m,
                at: $at,
                lines: $d->lines ?? [],
                remark: 'The greatest axial force with the greatest moment, of whatever combinations: on the safe side.',
            ),
        ];
    }
}
