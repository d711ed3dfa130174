<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Working;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Units\Kind;

/**
 * AISI S100-16, Appendix 2, 2.3.1.3 and 2.3.3.3: distortional buckling of a C or a Z with lips square to their
 * flanges, by closed formulas: a flange with its lip that turns about the web. From memory. By midlines without
 * corners.
 *
 * Values that are let before: h_o (depth), b, d (flange, lip), t, E, G, k_phi (spring of sheeting), L_m (distance of
 * restraints).
 */
final class DistortionalFormula
{
    public static function beam(Working $w): void
    {
        self::flange($w);
        $w->line(
            'L_crd',
            '(4 * pi^4 * h_o * (1 - 0.3^2) / t^3 * (I_xf * b^2 - I_xyf^2 / I_yf * b^2) + pi^4 * h_o^4 / 720)^0.25',
            Kind::Size,
            '2.3.3.3 (2.3.3.3-4)',
        );
        $w->line('L', 'min(L_crd, L_m)', Kind::Size, '2.3.3.3');
        self::turning($w);
        $w->line(
            'k_we',
            'E * t^3 / (12 * (1 - 0.3^2)) * (3 / h_o + (pi / L)^2 * 19 * h_o / 60 + (pi / L)^4 * h_o^3 / 240)',
            Kind::Force,
            '2.3.3.3 (2.3.3.3-5)',
            'web, elastic',
        );
        // Stresses of equal size at both ends of the web: 1 − ξ = −1.
        $w->line(
            'k_wg',
            'h_o * t * pi^2 / 13440 * (((45360 * (1 - 2) + 62160) * (L / h_o)^2 + 448 * pi^2 + (h_o / L)^2 * (53 + 3 * (1 - 2)) * pi^4) / (pi^4 + 28 * pi^2 * (L / h_o)^2 + 420 * (L / h_o)^4))',
            Kind::Area,
            '2.3.3.3 (2.3.3.3-6)',
            'web, geometric; ξ = 2',
        );
        $w->line('F_crd', '(k_fe + k_we + k_phi) / (k_fg + k_wg)', Kind::Stress, '2.3.3.3 (2.3.3.3-2)', 'β = 1');
    }

    /** Its half-wavelength L (mm) and F_crd (MPa), without sheeting. */
    public static function worked(ColdFormedMake $make, bool $bends): Working
    {
        $s = $make->sizes;
        $own = new Working(false);
        $lengths = ['h_o' => $s->h - $s->t, 'b' => $s->b - $s->t, 'd' => $s->c - $s->t / 2, 't' => $s->t, 'L_m' => 1e6];
        foreach ($lengths as $symbol => $value) {
            $own->let($symbol, $value, Kind::Size);
        }
        $own->let('E', $make->standard()->elasticity(), Kind::ModulusOfElasticity);
        $own->let('G', $make->standard()->shearModulus(), Kind::ModulusOfElasticity);
        $own->let('k_phi', 0.0, Kind::Force);
        $bends ? self::beam($own) : self::column($own);

        return $own;
    }

    /**
     * What the formula gives, and how far finite strips are from it; without sheeting. Only of lips square to
     * flanges.
     */
    public static function beside(Working $w, ColdFormedMake $make): void
    {
        $s = $make->sizes;
        if (! $w->keepsLines || abs($s->lean - M_PI_2) > 1e-6) {
            return;
        }
        $own = self::worked($make, true);
        $w->let(
            'F_crd_f',
            $own->value('F_crd'),
            Kind::Stress,
            '2.3.3.3',
            'beside it: closed formula, without sheeting',
        );
        $w->line('d_F', 'F_crd / F_crd_f - 1', Kind::Number, '', 'difference');
    }

    public static function column(Working $w): void
    {
        self::flange($w);
        $w->line(
            'L_crd',
            '(6 * pi^4 * h_o * (1 - 0.3^2) / t^3 * (I_xf * b^2 - I_xyf^2 / I_yf * b^2))^0.25',
            Kind::Size,
            '2.3.1.3 (2.3.1.3-2)',
        );
        $w->line('L', 'min(L_crd, L_m)', Kind::Size, '2.3.1.3');
        self::turning($w);
        $w->line('k_we', 'E * t^3 / (6 * h_o * (1 - 0.3^2))', Kind::Force, '2.3.1.3 (2.3.1.3-4)', 'web, elastic');
        $w->line('k_wg', '(pi / L)^2 * t * h_o^3 / 60', Kind::Area, '2.3.1.3 (2.3.1.3-6)', 'web, geometric');
        $w->line('F_crd', '(k_fe + k_we + k_phi) / (k_fg + k_wg)', Kind::Stress, '2.3.1.3 (2.3.1.3-1)');
    }

    /** Table 2.3.3-1: flange with lip; the web joins b from the shear centre of both. */
    private static function flange(Working $w): void
    {
        $w->line('A_f', '(b + d) * t', Kind::SteelArea, 'Table 2.3.3-1', 'flange with lip');
        $w->line('J_f', '(b + d) * t^3 / 3', Kind::SecondMoment, 'Table 2.3.3-1');
        $w->line(
            'I_xf',
            't * (t^2 * b^2 + 4 * b * d^3 + t^2 * b * d + d^4) / (12 * (b + d))',
            Kind::SecondMoment,
            'Table 2.3.3-1',
        );
        $w->line('I_yf', 't * (b^4 + 4 * d * b^3) / (12 * (b + d))', Kind::SecondMoment, 'Table 2.3.3-1');
        $w->line('I_xyf', 't * b^2 * d^2 / (4 * (b + d))', Kind::SecondMoment, 'Table 2.3.3-1');
        $w->line('h_xf', '-(b^2 + 2 * d * b) / (2 * (b + d))', Kind::Size, 'Table 2.3.3-1', 'centroid to the web');
        $w->line('y_of', '-d^2 / (2 * (b + d))', Kind::Size, 'Table 2.3.3-1', 'centroid to the shear centre');
    }

    private static function turning(Working $w): void
    {
        $w->line(
            'k_fe',
            '(pi / L)^4 * (E * I_xf * b^2 - E * I_xyf^2 / I_yf * b^2) + (pi / L)^2 * G * J_f',
            Kind::Force,
            '2.3.1.3 (2.3.1.3-3)',
            'flange, elastic',
        );
        $w->line(
            'k_fg',
            '(pi / L)^2 * (A_f * (b^2 * (I_xyf / I_yf)^2 - 2 * y_of * b * I_xyf / I_yf + h_xf^2 + y_of^2) + I_xf + I_yf)',
            Kind::Area,
            '2.3.1.3 (2.3.1.3-5)',
            'flange, geometric',
        );
    }
}
