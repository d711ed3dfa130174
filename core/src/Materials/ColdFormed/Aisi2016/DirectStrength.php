<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Working;
use Waage\Units\Kind;

/**
 * AISI S100-16, E2 to E4 and F2 to F4: nominal strength from the yield value and the elastic buckling values, without
 * inelastic reserve. Values that are let before: P_y, P_cre, P_crl, P_crd, or M_y, M_cre, M_crl, M_crd.
 */
final class DirectStrength
{
    /** φ and Ω of E and F. */
    public const COLUMN = [0.85, 1.8];

    public const BEAM = [0.9, 1.67];

    public static function beam(Working $w): void
    {
        self::global($w);
        self::local($w);
        self::distortional($w);
        $w->has('M_p') && self::reserve($w);
        $w->line(
            'M_n',
            'min(M_nl, M_nd)',
            Kind::Moment,
            'F1',
            $w->value('M_nl - M_nd') <= 0.0 ? 'global with local buckling governs' : 'distortional buckling governs',
        );
        self::safety($w, 'M', self::BEAM, Kind::Moment);
    }

    /** F2.4.2, F3.2.3 and F4.3: more than M_y of what is stocky in every mode, first yield in compression. */
    private static function reserve(Working $w): void
    {
        if ($w->value('M_cre / M_y') > 2.78) {
            $rule = 'min(M_p, M_p - (M_p - M_y) * (sqrt(M_y / M_cre) - 0.23) / 0.37)';
            $w->line('M_ne', $rule, Kind::Moment, 'F2.4.2 (F2.4.2-1)', 'inelastic reserve');
        }
        $local = $w->line('lambda_l', 'sqrt(M_y / M_crl)', Kind::Number, 'F3.2.3');
        if ($local <= 0.776 && $w->value('M_ne') >= $w->value('M_y')) {
            $w->line('C_yl', 'min(3, sqrt(0.776 / lambda_l))', Kind::Number, 'F3.2.3');
            $w->line('M_nl', 'min(M_ne, M_y + (1 - 1 / C_yl^2) * (M_p - M_y))', Kind::Moment, 'F3.2.3 (F3.2.3-1)');
        }
        if ($w->value('lambda_d') <= 0.673) {
            $w->line('C_yd', 'min(3, sqrt(0.673 / lambda_d))', Kind::Number, 'F4.3');
            $w->line('M_nd', 'M_y + (1 - 1 / C_yd^2) * (M_p - M_y)', Kind::Moment, 'F4.3 (F4.3-1)');
        }
    }

    /** M_ne of M_y and M_cre. */
    public static function global(Working $w): void
    {
        $ratio = $w->value('M_cre / M_y');
        match (true) {
            $ratio >= 2.78 => $w->line('M_ne', 'M_y', Kind::Moment, 'F2.1 (F2.1-3)', 'F_cre from 2.78 F_y on'),
            $ratio > 0.56 => $w->line(
                'M_ne',
                '10 / 9 * M_y * (1 - 10 * M_y / (36 * M_cre))',
                Kind::Moment,
                'F2.1 (F2.1-4)',
                'F_cre between 0.56 and 2.78 F_y',
            ),
            default => $w->line('M_ne', 'M_cre', Kind::Moment, 'F2.1 (F2.1-5)', 'F_cre up to 0.56 F_y'),
        };
    }

    /** M_nl of M_ne and M_crl. */
    public static function local(Working $w): void
    {
        $slenderness = $w->line('lambda_l', 'sqrt(M_ne / M_crl)', Kind::Number, 'F3.2.1 (F3.2.1-3)');
        $slenderness <= 0.776
            ? $w->line('M_nl', 'M_ne', Kind::Moment, 'F3.2.1 (F3.2.1-1)', 'λ_l up to 0.776')
            : $w->line(
                'M_nl',
                '(1 - 0.15 * (M_crl / M_ne)^0.4) * (M_crl / M_ne)^0.4 * M_ne',
                Kind::Moment,
                'F3.2.1 (F3.2.1-2)',
                'λ_l above 0.776',
            );
        if ($w->has('M_ynet')) {
            $w->line('M_nl', 'min(M_nl, M_ynet)', Kind::Moment, 'F3.2.2 (F3.2.2-1)', 'net section at holes');
        }
    }

    /** M_nd of M_y and M_crd. */
    public static function distortional(Working $w): void
    {
        $slenderness = $w->line('lambda_d', 'sqrt(M_y / M_crd)', Kind::Number, 'F4.1 (F4.1-3)');
        if ($w->has('M_ynet')) {
            $w->line('lambda_d1', '0.673 * (M_ynet / M_y)^3', Kind::Number, 'F4.2 (F4.2-4)');
            $w->line('lambda_d2', '0.673 * (1.7 * (M_y / M_ynet)^2.7 - 0.7)', Kind::Number, 'F4.2 (F4.2-5)');
            if ($slenderness <= $w->value('lambda_d2')) {
                $w->line('M_d2', '(1 - 0.22 / lambda_d2) / lambda_d2 * M_y', Kind::Moment, 'F4.2 (F4.2-3)');
                $slenderness <= $w->value('lambda_d1')
                    ? $w->line('M_nd', 'M_ynet', Kind::Moment, 'F4.2 (F4.2-1)', 'λ_d up to λ_d1')
                    : $w->line(
                        'M_nd',
                        'M_ynet - (M_ynet - M_d2) / (lambda_d2 - lambda_d1) * (lambda_d - lambda_d1)',
                        Kind::Moment,
                        'F4.2 (F4.2-2)',
                        'λ_d between λ_d1 and λ_d2',
                    );

                return;
            }
        }
        $slenderness <= 0.673
            ? $w->line('M_nd', 'M_y', Kind::Moment, 'F4.1 (F4.1-1)', 'λ_d up to 0.673')
            : $w->line(
                'M_nd',
                '(1 - 0.22 * (M_crd / M_y)^0.5) * (M_crd / M_y)^0.5 * M_y',
                Kind::Moment,
                'F4.1 (F4.1-2)',
                'λ_d above 0.673',
            );
    }

    public static function column(Working $w): void
    {
        self::compression($w);
        self::safety($w, 'P', self::COLUMN, Kind::Force);
    }

    /** P_n of P_y, P_cre, P_crl and P_crd. */
    public static function compression(Working $w): void
    {
        $global = $w->line('lambda_c', 'sqrt(P_y / P_cre)', Kind::Number, 'E2 (E2-4)');
        $global <= 1.5
            ? $w->line('P_ne', 'P_y * 0.658^(lambda_c^2)', Kind::Force, 'E2 (E2-2)', 'λ_c up to 1.5')
            : $w->line('P_ne', '0.877 / lambda_c^2 * P_y', Kind::Force, 'E2 (E2-3)', 'λ_c above 1.5');
        $local = $w->line('lambda_l', 'sqrt(P_ne / P_crl)', Kind::Number, 'E3.2.1 (E3.2.1-3)');
        $local <= 0.776
            ? $w->line('P_nl', 'P_ne', Kind::Force, 'E3.2.1 (E3.2.1-1)', 'λ_l up to 0.776')
            : $w->line(
                'P_nl',
                '(1 - 0.15 * (P_crl / P_ne)^0.4) * (P_crl / P_ne)^0.4 * P_ne',
                Kind::Force,
                'E3.2.1 (E3.2.1-2)',
                'λ_l above 0.776',
            );
        if ($w->has('P_ynet')) {
            $w->line('P_nl', 'min(P_nl, P_ynet)', Kind::Force, 'E3.2.2 (E3.2.2-1)', 'net section at holes');
        }
        $distortional = $w->line('lambda_d', 'sqrt(P_y / P_crd)', Kind::Number, 'E4.1 (E4.1-3)');
        if ($w->has('P_ynet') && self::atHoles($w, $distortional)) {
            self::least($w);

            return;
        }
        $distortional <= 0.561
            ? $w->line('P_nd', 'P_y', Kind::Force, 'E4.1 (E4.1-1)', 'λ_d up to 0.561')
            : $w->line(
                'P_nd',
                '(1 - 0.25 * (P_crd / P_y)^0.6) * (P_crd / P_y)^0.6 * P_y',
                Kind::Force,
                'E4.1 (E4.1-2)',
                'λ_d above 0.561',
            );
        self::least($w);
    }

    private static function least(Working $w): void
    {
        $w->line(
            'P_n',
            'min(P_nl, P_nd)',
            Kind::Force,
            'E1',
            $w->value('P_nl - P_nd') <= 0.0 ? 'global with local buckling governs' : 'distortional buckling governs',
        );
    }

    /** P_nd of a section with holes while it is less slender than λ_d2; false: it is more slender. */
    private static function atHoles(Working $w, float $slenderness): bool
    {
        $w->line('lambda_d1', '0.561 * P_ynet / P_y', Kind::Number, 'E4.2 (E4.2-4)');
        $w->line('lambda_d2', '0.561 * (14 * (P_y / P_ynet)^0.4 - 13)', Kind::Number, 'E4.2 (E4.2-5)');
        if ($slenderness > $w->value('lambda_d2')) {
            return false;
        }
        $w->line('P_d2', '(1 - 0.25 / lambda_d2^1.2) / lambda_d2^1.2 * P_y', Kind::Force, 'E4.2 (E4.2-3)');
        $slenderness <= $w->value('lambda_d1')
            ? $w->line('P_nd', 'P_ynet', Kind::Force, 'E4.2 (E4.2-1)', 'λ_d up to λ_d1')
            : $w->line(
                'P_nd',
                'P_ynet - (P_ynet - P_d2) / (lambda_d2 - lambda_d1) * (lambda_d - lambda_d1)',
                Kind::Force,
                'E4.2 (E4.2-2)',
                'λ_d between λ_d1 and λ_d2',
            );

        return true;
    }

    /** @param  array{float, float}  $of  φ and Ω */
    private static function safety(Working $w, string $letter, array $of, Kind $kind): void
    {
        $w->let('phi', $of[0], Kind::Number, $letter === 'M' ? 'F1' : 'E1');
        $w->let('Omega', $of[1], Kind::Number, $letter === 'M' ? 'F1' : 'E1');
        $w->line('strength_LRFD', "phi * {$letter}_n", $kind, '', 'LRFD');
        $w->line('strength_ASD', "{$letter}_n / Omega", $kind, '', 'ASD');
    }
}
