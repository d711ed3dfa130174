<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.9.1(5) and (6): what an axial force leaves of the plastic moments of a section of class 1 or
 * 2, and bending about both axes.
 */
final readonly class PlasticInteraction
{
    /** @param  float  $n  N_Ed over N_pl,Rd, less than 1 */
    public function __construct(private SteelSection $steel, private float $n)
    {
    }

    /** Is there a formula for a section: I, hollow, not a channel or a solid bar? */
    public static function covers(SteelSection $steel): bool
    {
        return $steel->section->hasTwoAxes() && ! ($steel->section instanceof SolidBar);
    }

    /**
     * Utilisation of the section.
     *
     * @param  float  $y  M_y,Ed over M_pl,y,Rd; 0: nothing bends it so
     * @param  float  $z  M_z,Ed over M_pl,z,Rd; 0: nothing bends it so
     */
    public function utilisation(float $y, float $z, ?Derivation $d = null): float
    {
        $my = $this->left('y', $d);
        if ($z <= 0.0) {
            $d?->with(['u_M' => [$y, Kind::Number], 'm_N_y' => [$my, Kind::Number]])->line(
                'u',
                'u_M / m_N_y',
                Kind::Number,
                '6.2.9.1(2) (6.31)',
            );

            return $y / $my;
        }
        $mz = $this->left('z', $d);
        if ($y <= 0.0) {
            $d?->with(['u_z' => [$z, Kind::Number], 'm_N_z' => [$mz, Kind::Number]])->line(
                'u',
                'u_z / m_N_z',
                Kind::Number,
                '6.2.9.1(2) (6.31)',
            );

            return $z / $mz;
        }
        [$alpha, $beta] = $this->exponents($d);
        $u = ($y / $my) ** $alpha + ($z / $mz) ** $beta;
        $d?->with([
            'u_M' => [$y, Kind::Number],
            'm_N_y' => [$my, Kind::Number],
            'alpha' => [$alpha, Kind::Number],
            'u_z' => [$z, Kind::Number],
            'm_N_z' => [$mz, Kind::Number],
            'beta' => [$beta, Kind::Number],
        ])->line('u', '(u_M / m_N_y)^alpha + (u_z / m_N_z)^beta', Kind::Number, '6.2.9.1(6) (6.41)');

        return $u;
    }

    /** M_N,Rd over M_pl,Rd about an axis. */
    public function left(string $axis, ?Derivation $d = null): float
    {
        $s = $this->steel->section;
        $n = $this->n;
        if ($n <= 0.0) {
            $d?->given("m_N_{$axis}", 1.0, Kind::Number, '6.2.9.1(5)', 'without an axial force');

            return 1.0;
        }
        if ($s instanceof CircularHollow) {
            $d?->with(['n' => [$n, Kind::Number]])->line(
                "m_N_{$axis}",
                '1 - n^1.7',
                Kind::Number,
                '6.2.9.1(5)',
                'M_N_Rd over M_pl_Rd',
            );

            return 1 - $n ** 1.7;
        }
        if ($s instanceof RectangularHollow) {
            [$sub, $side, $width] = $axis === 'y' ? ['a_w', 'b', $s->b] : ['a_f', 'h', $s->h];
            $a = min(0.5, ($s->A - 2 * $width * $s->t) / $s->A);
            $m = min(1.0, (1 - $n) / (1 - 0.5 * $a));
            $d?->with(['A' => [$s->A, Kind::Area], $side => [$width, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
                $sub,
                "min(0.5, (A - 2 * {$side} * t) / A)",
                Kind::Number,
                '6.2.9.1(5)',
            );
            $d?->with(['n' => [$n, Kind::Number]])->line(
                "m_N_{$axis}",
                "min(1, (1 - n) / (1 - 0.5 * {$sub}))",
                Kind::Number,
                $axis === 'y' ? '6.2.9.1(5) (6.39)' : '6.2.9.1(5) (6.40)',
                'M_N_Rd over M_pl_Rd',
            );

            return $m;
        }
        if (! ($s instanceof ISection)) {
            throw new \LogicException('This shape is not in 6.2.9.1(5).');
        }
        $flanges = 2 * $s->b * $s->tf + ($s->plates === null ? 0.0 : 2 * $s->plates->width * $s->plates->thickness);
        $a = min(0.5, ($s->A - $flanges) / $s->A);
        $d?->with(['A' => [$s->A, Kind::Area], 'A_f' => [$flanges, Kind::Area]])->line(
            'a',
            'min(0.5, (A - A_f) / A)',
            Kind::Number,
            '6.2.9.1(5)',
            'A_f: both flanges',
        );
        if ($axis === 'y') {
            $m = min(1.0, (1 - $n) / (1 - 0.5 * $a));
            $d?->with(['n' => [$n, Kind::Number]])->line(
                'm_N_y',
                'min(1, (1 - n) / (1 - 0.5 * a))',
                Kind::Number,
                '6.2.9.1(5) (6.36)',
                'M_N_Rd over M_pl_Rd',
            );

            return $m;
        }
        if ($n <= $a) {
            $d?->given('m_N_z', 1.0, Kind::Number, '6.2.9.1(5) (6.37)', 'n is not above a');

            return 1.0;
        }
        $m = 1 - (($n - $a) / (1 - $a)) ** 2;
        $d?->with(['n' => [$n, Kind::Number]])->line(
            'm_N_z',
            '1 - ((n - a) / (1 - a))^2',
            Kind::Number,
            '6.2.9.1(5) (6.38)',
            'M_N_Rd over M_pl_Rd',
        );

        return $m;
    }

    /** @return array{float, float} α and β of (6.41) */
    private function exponents(?Derivation $d): array
    {
        $s = $this->steel->section;
        if ($s instanceof RectangularHollow) {
            // From n = 0.8 on it is 6, and past 0.94 the fraction has no meaning.
            $alpha = 1.13 * $this->n ** 2 < 1.0 ? min(6.0, 1.66 / (1 - 1.13 * $this->n ** 2)) : 6.0;
            $alpha < 6.0
                ? $d
                    ?->with(['n' => [$this->n, Kind::Number]])
                    ->line('alpha', '1.66 / (1 - 1.13 * n^2)', Kind::Number, '6.2.9.1(6)')
                : $d?->given('alpha', $alpha, Kind::Number, '6.2.9.1(6)', 'not more than 6');
            $d?->with(['alpha' => [$alpha, Kind::Number]])->line('beta', 'alpha', Kind::Number, '6.2.9.1(6)');

            return [$alpha, $alpha];
        }
        $d?->given('alpha', 2.0, Kind::Number, '6.2.9.1(6)');
        if ($s instanceof CircularHollow) {
            $d?->given('beta', 2.0, Kind::Number, '6.2.9.1(6)');

            return [2.0, 2.0];
        }
        $beta = max(1.0, 5 * $this->n);
        $d?->with(['n' => [$this->n, Kind::Number]])->line('beta', 'max(1, 5 * n)', Kind::Number, '6.2.9.1(6)');

        return [2.0, $beta];
    }
}
