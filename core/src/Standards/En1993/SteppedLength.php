<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Envelope;
use Waage\Checks\Derivation;
use Waage\Loading\Combination;
use Waage\Member\LoadHeight;
use Waage\Member\SectionStep;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.3.4: lateral-torsional buckling of a length between restraints along which the section changes.
 *
 * On the safe side three times: the elastic critical moment is that of the weakest section along the whole length, the
 * moments of each section are the greatest of any combination, and the reduction is the greatest of any section.
 */
final class SteppedLength
{
    /**
     * @param  list<SectionStep>  $sections
     * @param  non-empty-list<SteelSection>  $steel  of each
     * @param  non-empty-list<BucklingCase>  $cases  the moment diagrams that may govern
     * @param  list<Combination>  $strength
     */
    public static function heaviest(array $sections, array $steel, array $cases, Envelope $moment, array $strength, LoadHeight $height, float $weight): ?LateralBuckling
    {
        $piece = $cases[0]->piece;
        $weakest = self::weakest($steel);
        if ($weakest === null) {
            return new LateralBuckling($cases[0], 0.0, null, $piece->from, '', fn (): null => null);
        }
        $critical = null;
        foreach ($cases as $case) {
            [$M, $Mcr] = LateralTorsionalBuckling::critical($weakest, $piece, $case->diagram, $height, $weight);
            if ($M > 0.0 && ($critical === null || $Mcr / $M < $critical[1] / $critical[0])) {
                $critical = [$M, $Mcr, $case];
            }
        }
        $ultimate = null;
        foreach ($sections as $i => $stretch) {
            $e = $moment->extreme($strength, $piece->sign, $weight, max($piece->from, $stretch->from), min($piece->to, $stretch->to));
            $M = $e === null ? 0.0 : $piece->sign * $e->value;
            if ($e !== null && $M > 0.0 && ($ultimate === null || $steel[$i]->modulus() * $steel[$i]->fy / $M < $ultimate[1])) {
                $ultimate = [$M, $steel[$i]->modulus() * $steel[$i]->fy / $M, $e->x, $steel[$i]];
            }
        }
        if ($critical === null || $ultimate === null) {
            return null;
        }
        [$Mmax, $Mcr, $case] = $critical;
        [$M, $alphaUlt, $x, $governing] = $ultimate;
        $derive = function (?Derivation $d) use ($weakest, $piece, $case, $height, $weight, $Mmax, $Mcr, $M, $alphaUlt, $governing, $steel): float {
            if ($d !== null) {
                LateralTorsionalBuckling::critical($weakest, $piece, $case->diagram, $height, $weight, $d);
            }
            $alphaCr = $Mcr / $Mmax;
            $lambda = sqrt($alphaUlt / $alphaCr);
            $alpha = max(array_map(fn (SteelSection $s): float => LateralTorsionalBuckling::imperfection($s->section, false)[0], $steel));
            $Phi = 0.5 * (1 + $alpha * ($lambda - 0.2) + $lambda ** 2);
            $chi = min(1 / ($Phi + sqrt($Phi ** 2 - $lambda ** 2)), 1.0);
            $symbol = $governing->modulusSymbol();
            $W = $governing->modulus();
            $Mb = $chi * $W * $governing->fy / $governing->basis->gammaM1;
            $d?->line('alpha_cr_op', 'M_cr / M_Ed', ['M_cr' => [$Mcr, Kind::Moment], 'M_Ed' => [$Mmax, Kind::Moment]], $alphaCr, Kind::Number, '6.3.4(3)', "the weakest section, {$weakest->section->name}, along the whole length");
            $d?->given('M_Ed', $M, Kind::Moment, '', "greatest of {$governing->section->name}, which governs, in any combination");
            $d?->line('alpha_ult_k', "{$symbol} * f_y / M_Ed", [$symbol => [$W, Kind::Modulus], 'f_y' => [$governing->fy, Kind::Stress], 'M_Ed' => [$M, Kind::Moment]], $alphaUlt, Kind::Number, '6.3.4(2)');
            $d?->line('lambda_op', 'sqrt(alpha_ult_k / alpha_cr_op)', ['alpha_ult_k' => [$alphaUlt, Kind::Number], 'alpha_cr_op' => [$alphaCr, Kind::Number]], $lambda, Kind::Number, '6.3.4(3) (6.64)');
            $d?->given('alpha_LT', $alpha, Kind::Number, 'Tables 6.3, 6.4', 'of the section with the worse curve');
            $d?->line('Phi_LT', '0.5 * (1 + alpha_LT * (lambda_op - 0.2) + lambda_op^2)', ['alpha_LT' => [$alpha, Kind::Number], 'lambda_op' => [$lambda, Kind::Number]], $Phi, Kind::Number, '6.3.2.2(1)');
            $d?->line('chi_LT', 'min(1 / (Phi_LT + sqrt(Phi_LT^2 - lambda_op^2)), 1)', ['Phi_LT' => [$Phi, Kind::Number], 'lambda_op' => [$lambda, Kind::Number]], $chi, Kind::Number, '6.3.4(4)');
            $d?->line('M_b_Rd', "chi_LT * {$symbol} * f_y / gamma_M1", [
                'chi_LT' => [$chi, Kind::Number], $symbol => [$W, Kind::Modulus], 'f_y' => [$governing->fy, Kind::Stress], 'gamma_M1' => [$governing->basis->gammaM1, Kind::Number],
            ], $Mb, Kind::Moment, '6.3.4(2) (6.63)');

            return $Mb;
        };

        return new LateralBuckling($case, $M, $derive(null), $x, 'EN 1993-1-1, 6.3.4', $derive);
    }

    /**
     * The section that has the least of all that resists buckling.
     *
     * @param  list<SteelSection>  $steel
     */
    private static function weakest(array $steel): ?SteelSection
    {
        foreach ($steel as $candidate) {
            $isLeast = true;
            foreach ($steel as $other) {
                [$a, $b] = [$candidate->section, $other->section];
                $isLeast = $isLeast && $a->Iz <= $b->Iz && $a->It <= $b->It && $a->Iw <= $b->Iw;
            }
            if ($isLeast) {
                return $candidate;
            }
        }

        return null;
    }
}
