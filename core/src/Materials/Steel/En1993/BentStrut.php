<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Strut;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.1(7) and 6.3.4(4), for a section without symmetry that is pressed or pulled and bent: each
 * at its own slenderness, the greatest of all combinations.
 */
final readonly class BentStrut
{
    /** Smallest denominator of what amplifies moments: nearer to buckling it fails by compression anyway. */
    private const LEAST = 0.05;

    public function __construct(private Strut $strut, private PressedStrut $pressed)
    {
    }

    /**
     * @param  list<Weighing>  $bending  weighings of bending and lateral-torsional buckling
     * @return non-empty-list<Weighing> axial force, buckling where it is pressed, all together
     */
    public function weigh(array $bending, Detail $detail): array
    {
        $alone = array_values(
            array_filter($this->pressed->weigh($detail), fn (Weighing $w): bool => $w->ratio !== null),
        );
        $n = max([0.0, ...array_map(fn (Weighing $w): float => (float) $w->ratio, $alone)]);
        $u = max([
            0.0,
            ...array_map(
                fn (Weighing $w): float => in_array($w->id, ['bending', 'buckling'], true) ? $w->ratio ?? 0.0 : 0.0,
                $bending,
            ),
        ]);
        $N = $this->strut->compression;
        $Ncr = $this->strut->least();
        $k = 1 / max(1 - $N / $Ncr, self::LEAST);
        $d = $detail->derivation();
        $d?->given('n', $n, Kind::Number, '', 'utilisation by axial force, buckling among it');
        $d?->given(
            'u_LT',
            $u,
            Kind::Number,
            '',
            'greatest utilisation in bending, lateral-torsional buckling among it',
        );
        $d?->given('N_c', $N, Kind::Force, '', 'greatest compression');
        $d?->given(
            'N_cr',
            $Ncr,
            Kind::Force,
            'elastic theory',
            'the least, of bending about the weak principal axis or twisting',
        );
        $d?->line('k', '1 / max(1 - N_c / N_cr, 0.05)', Kind::Number, '5.2.2(5)', 'moments of second order');
        $d?->line(
            'u',
            'n + k * u_LT',
            Kind::Number,
            '6.2.1(7), 6.3.4(4)',
            'each at its own slenderness: on the safe side',
        );
        $at = $this->strut->tension > $N ? $this->strut->pulled : $this->strut->pressed;

        return [
            ...$alone,
            new Weighing(
                'bending-axial',
                'Bending with axial force',
                'EN 1993-1-1, 6.2.1(7), 6.3.4',
                $n + $k * $u,
                at: $at,
                lines: $d->lines ?? [],
                remark: 'The greatest axial force with the greatest moment, of whatever combinations: on the safe side.',
            ),
        ];
    }
}
