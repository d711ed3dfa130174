<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Checks\Working;
use Waage\Materials\Timber\BendingOfSpans;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Slenderness;
use Waage\Materials\Timber\TimberMake;
use Waage\Materials\Timber\Together;
use Waage\Units\Kind;

/** CSA O86:19, 6.5.4 and 7.5.6: bending of sawn timber and of glulam, with the factor of lateral stability. */
final readonly class Bending extends BendingOfSpans
{
    /** 7.5.6.4.1 */
    private const SLENDEREST = 50.0;

    protected function told(TimberMake $timber): array
    {
        return [
            $timber->grade->product === Product::Glulam ? 'CSA O86:19, 7.5.6' : 'CSA O86:19, 6.5.4',
            'M_f',
            'M_r',
        ];
    }

    protected function ofBothClause(): string
    {
        return 'CSA O86:19, 6.5.4.3';
    }

    protected function tooSlender(Working $w): ?Slenderness
    {
        return Slenderness::beyond(
            $w->has('C_B') ? $w->value('C_B') : 0.0,
            self::SLENDEREST,
            'CSA O86:19, 7.5.6.3.2',
            'The slenderness ratio C_B is above 50, which is not permitted. Restrain the compressed edge at closer places.',
        );
    }

    protected function calculate(TimberMake $timber, Governing $at, float $length, int $sign, Working $w): Working
    {
        $w->let('M_f', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        $this->resistance($w, $timber, $at->group, $length, $sign);
        $w->line('u', 'M_f / M_r', Kind::Number);

        return $w;
    }

    public static function sizes(Working $w, TimberMake $timber): void
    {
        if (! $w->has('b')) {
            $w->let('b', $timber->b, Kind::Size, '', $timber->plies > 1 ? "{$timber->plies} plies" : '');
            $w->let('d', $timber->h, Kind::Size);
        }
    }

    /** M_r about the major axis; length 0: the compressed edge is restrained. */
    public function resistance(Working $w, TimberMake $timber, LoadGroup $group, float $length, int $sign): void
    {
        self::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $values = new Values($timber);
        $of = $sign > 0 ? $timber->grade->values->bending : $timber->grade->values->bendingReversed;
        $values->strength($w, $group, 'F_b', 'f_b', $of, 'b');
        $length <= 0.0
            ? $w->let(
                'K_L',
                1.0,
                Kind::Number,
                '6.5.4.2',
                $this->isRestrainedByRule($timber) ? 'd/b not above 4' : 'the compressed edge is restrained',
            )
            : $this->stability($w, $timber, $length);
        $w->let('phi', 0.9, Kind::Number, '6.5.4.1');
        if ($timber->grade->product === Product::Glulam) {
            $w->let(
                'L',
                $this->betweenZeros(),
                Kind::Length,
                '7.5.6.5.1',
                'between points of zero moment, or the longest span',
            );
            $w->line(
                'K_Zbg',
                'min(1.3, (130 / b)^0.1 * (610 / d)^0.1 * (9100 / L)^0.1)',
                Kind::Number,
                '7.5.6.5.1',
                'mm',
            );
            $w->line('M_r1', 'phi * F_b * S * K_Zbg', Kind::Moment, '7.5.6.5.1', 'K_X = 1: straight');
            $w->line('M_r2', 'phi * F_b * S * K_L', Kind::Moment, '7.5.6.5.1');
            $w->line('M_r', 'min(M_r1, M_r2)', Kind::Moment, '7.5.6.5.1');

            return;
        }
        $w->let('K_Zb', $values->size('b'), Kind::Number, 'Table 6.4.5');
        $w->line('M_r', 'phi * F_b * S * K_Zb * K_L', Kind::Moment, '6.5.4.1');
    }

    /** 7.5.6.4: C_B, C_K and K_L. */
    private function stability(Working $w, TimberMake $timber, float $length): void
    {
        $isCantilever = $this->isCantilever();
        $w->let('l_u', $length, Kind::Length, '7.5.6.4.3', 'between restraints of the compressed edge');
        $isCantilever
            ? $w->line('L_e', '1.69 * l_u', Kind::Length, 'Table 7.4', 'cantilever, load at its end')
            : $w->line('L_e', '1.92 * l_u', Kind::Length, 'Table 7.4', 'any loading');
        Stability::lateral($w, $timber);
    }

    /** 6.5.4.2: sawn timber up to 4 to 1 is held at its ends only; glulam up to 2.5 to 1 (7.5.6.3.1). */
    public function isRestrainedByRule(TimberMake $timber): bool
    {
        return $timber->h / $timber->b <= ($timber->grade->product->isSawn() ? 4.0 : 2.5);
    }

    /** M_r about the minor axis; K_Z of the depth, without more for flatwise use: on the safe side. */
    public function flat(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        self::sizes($w, $timber);
        $w->line('S_y', 'd * b^2 / 6', Kind::Modulus);
        $values = new Values($timber);
        $values->strength($w, $group, 'F_b_y', 'f_b_y', $timber->grade->values->bendingFlat, 'b');
        $w->let('phi', 0.9, Kind::Number, '6.5.4.1');
        $w->let('K_Zb_y', $values->size('b'), Kind::Number, 'Table 6.4.5', 'of the depth');
        $w->line('M_r_y', 'phi * F_b_y * S_y * K_Zb_y', Kind::Moment, '6.5.4.1');
    }

    protected function ofBoth(Working $w, Together $of, TimberMake $timber): bool
    {
        $w->let('M_f', $of->My, Kind::Moment);
        $this->resistance($w, $timber, $of->group, $this->longest($timber), 1);
        $w->let('M_f_y', $of->Mz, Kind::Moment);
        $this->flat($w, $timber, $of->group);
        $w->line('u', 'M_f / M_r + M_f_y / M_r_y', Kind::Number, '6.5.4.3');

        return true;
    }
}
