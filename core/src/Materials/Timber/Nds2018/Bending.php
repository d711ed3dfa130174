<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Working;
use Waage\Materials\Timber\BendingOfSpans;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\Slenderness;
use Waage\Materials\Timber\TimberMake;
use Waage\Materials\Timber\Together;
use Waage\Units\Kind;

/** NDS 2018, 3.3, 3.9.1: bending with the smaller of the factors of beam stability C_L and, of glulam, volume C_V. */
final readonly class Bending extends BendingOfSpans
{
    private const INCH = 25.4;

    /** 3.3.3.7 */
    private const SLENDEREST = 50.0;

    public function __construct(Search $search, RestrainedLengths $lengths, private Method $method)
    {
        parent::__construct($search, $lengths);
    }

    protected function told(TimberMake $timber): array
    {
        return ['NDS 2018, 3.3', 'f_b', 'F_b_adj'];
    }

    protected function ofBothClause(): string
    {
        return 'NDS 2018, 3.9.2';
    }

    protected function tooSlender(Working $w): ?Slenderness
    {
        return Slenderness::beyond(
            $w->has('R_B') ? $w->value('R_B') : 0.0,
            self::SLENDEREST,
            'NDS 2018, 3.3.3.7',
            'The slenderness ratio R_B is above 50, which is not permitted. Restrain the compressed edge at closer places.',
        );
    }

    protected function calculate(TimberMake $timber, Governing $at, float $length, int $sign, Working $w): Working
    {
        $w->let('M', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        self::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->line('f_b', 'M / S', Kind::Stress, '3.3.2');
        $this->strength($w, $timber, $at->group, $length, $sign);
        $w->line('u', 'f_b / F_b_adj', Kind::Number, '3.3.1');

        return $w;
    }

    public static function sizes(Working $w, TimberMake $timber): void
    {
        if (! $w->has('b')) {
            $w->let('b', $timber->b, Kind::Size, '', $timber->plies > 1 ? "{$timber->plies} plies" : '');
            $w->let('d', $timber->h, Kind::Size);
        }
    }

    /**
     * F_b*, C_L, C_V and F′_b; length 0: the compressed edge is restrained.
     */
    public function strength(Working $w, TimberMake $timber, LoadGroup $group, float $length, int $sign): void
    {
        $values = new Values($timber, $this->method);
        $isGlulam = $timber->grade->product === Product::Glulam;
        $of = $sign > 0 ? $timber->grade->values->bending : $timber->grade->values->bendingReversed;
        $values->adjusted($w, $group, 'F_b_star', 'F_b', $of, 'b');
        if ($length <= 0.0) {
            $w->let(
                'C_L',
                1.0,
                Kind::Number,
                '3.3.3',
                $this->isRestrainedByRule($timber) ? 'd/b by 4.4.1, or d ≤ b' : 'the compressed edge is restrained',
            );
        } else {
            $this->stability($w, $timber, $group, $length, $sign);
        }
        if (! $isGlulam) {
            $w->line('F_b_adj', 'F_b_star * C_L', Kind::Stress, 'Table 4.3.1');

            return;
        }
        $w->let(
            'L_0',
            $this->betweenZeros(),
            Kind::Length,
            '5.3.6',
            'between points of zero moment, or the longest span',
        );
        $w->let('x', str_contains($timber->grade->name, 'SP') ? 20.0 : 10.0, Kind::Number, '5.3.6');
        $w->let('L_21', 21 * 12 * self::INCH, Kind::Length, '5.3.6', '21 ft');
        $w->let('d_12', 12 * self::INCH, Kind::Size, '5.3.6', '12 in.');
        $w->let('b_5', 5.125 * self::INCH, Kind::Size, '5.3.6', '5.125 in.');
        $w->line('C_V', 'min(1, (L_21 / L_0 * d_12 / d * b_5 / b)^(1 / x))', Kind::Number, '5.3.6 (5.3-1)');
        $w->line('F_b_adj', 'F_b_star * min(C_L, C_V)', Kind::Stress, '5.3.6', 'the smaller of C_L and C_V');
    }

    /** 3.3.3: R_B, F_bE and C_L. */
    private function stability(Working $w, TimberMake $timber, LoadGroup $group, float $length, int $sign): void
    {
        $w->let('l_u', $length, Kind::Length, '3.3.3.4', 'between restraints of the compressed edge');
        $isCantilever = $this->isCantilever();
        $ratio = $length / $timber->h;
        match (true) {
            $isCantilever && $ratio < 7.0 => $w->line(
                'l_e',
                '1.87 * l_u',
                Kind::Length,
                'Table 3.3.3',
                'cantilever, load at its end',
            ),
            $isCantilever => $w->line(
                'l_e',
                '1.44 * l_u + 3 * d',
                Kind::Length,
                'Table 3.3.3',
                'cantilever, load at its end',
            ),
            $ratio < 7.0 => $w->line('l_e', '2.06 * l_u', Kind::Length, 'Table 3.3.3', 'l_u/d below 7'),
            $ratio <= 14.3 || $this->isUniform($sign) => $w->line(
                'l_e',
                '1.63 * l_u + 3 * d',
                Kind::Length,
                'Table 3.3.3',
                $ratio <= 14.3 ? 'l_u/d of 7 to 14.3' : 'uniform load',
            ),
            default => $w->line('l_e', '1.84 * l_u', Kind::Length, 'Table 3.3.3', 'l_u/d above 14.3'),
        };
        Stability::lateral($w, $timber, $group, $this->method);
    }

    private function isUniform(int $sign): bool
    {
        $member = $this->search->beam()->member;
        foreach ($member->loads as $load) {
            if ($load->on && ! $load->isUniformOver($member->length)) {
                return false;
            }
        }

        return count($this->search->beam()->beam->fields()) === 1 && ! $this->lengths->isRestrainedBetween($sign);
    }

    /** 3.3.3.1, and of sawn lumber where it is asked for 4.4.1.2: up to 4 to 1 (nominal) held at the ends only. */
    public function isRestrainedByRule(TimberMake $timber): bool
    {
        $ratio = $timber->h / $timber->b;

        return $ratio <= 1.0 ||
            ($timber->grade->product->isSawn() && $timber->asked->byDepthToBreadth && $ratio <= 4.0 * 1.15);
    }

    /** Stress and F′_b2 of bending about the minor axis, of M_2. */
    public function flat(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        self::sizes($w, $timber);
        $w->line('S_2', 'd * b^2 / 6', Kind::Modulus);
        $w->line('f_b2', 'M_2 / S_2', Kind::Stress);
        (new Values($timber, $this->method))->adjusted(
            $w,
            $group,
            'F_b2_adj',
            'F_b2',
            $timber->grade->values->bendingFlat,
            'b',
            true,
        );
    }

    /** (3.9-3) without axial force. */
    protected function ofBoth(Working $w, Together $of, TimberMake $timber): bool
    {
        $w->let('M', $of->My, Kind::Moment);
        self::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->line('f_b1', 'M / S', Kind::Stress);
        $this->strength($w, $timber, $of->group, $this->longest($timber), 1);
        $w->let('M_2', $of->Mz, Kind::Moment);
        $this->flat($w, $timber, $of->group);
        if ($w->has('F_bE')) {
            $w->line('u_E', '(f_b1 / F_bE)^2', Kind::Number, '3.9.2 (3.9-4)', 'part of lateral buckling');
        } else {
            $w->let('u_E', 0.0, Kind::Number, '3.9.2', 'restrained');
        }
        $w->value('u_E') < 0.99
            ? $w->line('u', 'f_b1 / F_b_adj + f_b2 / (F_b2_adj * (1 - u_E))', Kind::Number, '3.9.2 (3.9-3)')
            : $w->line('u', '1 + u_E', Kind::Number, '3.9.2 (3.9-4)', 'it buckles');

        return true;
    }
}
