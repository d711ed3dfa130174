<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\Resistance;
use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.3.2.2 and 6.3.2.3: reduction of the bending resistance of a held length, from the load factor at
 * which it buckles elastically; k_c by Table 6.6, or 1/√C_1 where a national choice says so, of lengths that are
 * held at their ends only, 1 elsewhere.
 *
 * Where its section changes the length is taken together after 6.3.4, in the general case: the stretch that is strained
 * the most decides about α_ult,k, the worst buckling curve about the reduction. For one section that is 6.3.2.2 itself.
 */
final readonly class LateralResistance implements Resistance
{
    private SteelSection $weakest;

    private float $strongest;

    /**
     * @param  non-empty-list<array{SteelSection, float, float}>  $parts  section, from, to (mm)
     * @param  (\Closure(BucklingCase): float)|null  $closed  gives the critical factor by closed formulas, in place
     *     of the eigenvalue
     * @param  bool  $isPlain  is the length held at its ends only, so that k_c counts
     */
    public function __construct(
        private array $parts,
        private float $weight,
        private ?\Closure $closed = null,
        private bool $isPlain = false,
    ) {
        $weakest = $parts[0][0];
        $strongest = 0.0;
        foreach ($parts as [$steel]) {
            $weakest = self::strength($steel) < self::strength($weakest) ? $steel : $weakest;
            $strongest = max($strongest, self::strength($steel));
        }
        $this->weakest = $weakest;
        $this->strongest = $strongest;
    }

    public function bound(float $M, float $alpha): float
    {
        return match (true) {
            $M <= 0.0 => 0.0,
            $this->closed !== null => INF,
            default => $M / $this->resistance($this->weakest, $alpha * $M, 1.0),
        };
    }

    public function utilisation(BucklingCase $case, float $alpha): float
    {
        [$steel, $M] = $this->governing($case);

        return $M <= 0.0 ? 0.0 : $M / $this->moment($steel, $case, $M, $this->factor($case, $alpha));
    }

    /**
     * The critical factor that is used: the eigenvalue, or that of the closed formulas; no greater than what matters.
     */
    public function factor(BucklingCase $case, float $eigenvalue): float
    {
        return min(
            $this->closed === null ? $eigenvalue : ($this->closed)($case),
            $this->upTo($case),
        );
    }

    public function usesFactor(): bool
    {
        return $this->closed === null;
    }

    /** Where k_c counts a lower moment with a higher factor may be the heavier one. */
    public function isOfFactor(): bool
    {
        return $this->closed === null &&
            ! ($this->isPlain && $this->isRolled($this->weakest) && $this->weakest->basis->steel->modifyChi);
    }

    public function demand(BucklingCase $case, float $alpha): float
    {
        return $this->governing($case)[1];
    }

    public function upTo(BucklingCase $case): float
    {
        return $this->mostFactor($this->governing($case)[1]);
    }

    /** χ_LT is 1 up to a slenderness of 0.2 (6.3.2.2(4)). */
    public function mostFactor(float $M): float
    {
        return $this->strongest / (0.04 * $M);
    }

    /**
     * The section that is strained the most, its moment (Nmm), where (mm), and the sign of the moment.
     *
     * @return array{SteelSection, float, float, int}
     */
    public function governing(BucklingCase $case): array
    {
        $governing = null;
        $most = -1.0;
        foreach ($this->parts as [$steel, $from, $to]) {
            [$M, $x, $sign] =
                count($this->parts) === 1 ? $case->greatest($this->weight) : $case->greatest($this->weight, $from, $to);
            if ($M / self::strength($steel) > $most) {
                $most = $M / self::strength($steel);
                $governing = [$steel, $M, $x, $sign];
            }
        }

        return $governing ?? throw new \LogicException('Every length of a member has a section.');
    }

    /** M_b,Rd of the section that is strained the most, Nmm. */
    public function moment(
        SteelSection $steel,
        BucklingCase $case,
        float $M,
        float $alpha,
        ?Derivation $d = null,
    ): float {
        $kc = $this->isRolled($steel) && $steel->basis->steel->modifyChi ? $this->correction($steel, $case, $d) : 1.0;

        return $this->resistance($steel, $alpha * $M, $kc, $d);
    }

    /** k_c, for the distribution of moments (6.3.2.3(2)). */
    private function correction(SteelSection $steel, BucklingCase $case, ?Derivation $d): float
    {
        $held = $case->held;
        if (! $held->isPlain()) {
            $d?->given('k_c', 1.0, Kind::Number, '6.3.2.3(2)', 'restrained between its ends as well');

            return 1.0;
        }
        if (! $steel->basis->steel->kcByC1) {
            $shape = MomentShape::of($case->diagram, $held->from, $held->to, $this->weight);
            $d?->given('k_c', $shape->kc, Kind::Number, 'Table 6.6', $shape->what);

            return $shape->kc;
        }
        $C1 = ClosedForms::equivalentMoment(
            $case->diagram,
            $held->from,
            $held->to,
            $case->greatest($this->weight)[2],
            $this->weight,
            $d,
        );
        $kc = min(1.0, 1 / sqrt($C1));
        $d?->with(['C_1' => [$C1, Kind::Number]])->line(
            'k_c',
            'min(1, 1 / sqrt(C_1))',
            Kind::Number,
            '6.3.2.3(2)',
            'national choice, in place of Table 6.6',
        );

        return $kc;
    }

    private function resistance(SteelSection $steel, float $Mcr, float $kc, ?Derivation $d = null): float
    {
        $W = $steel->modulus;
        $lambda = max(1e-6, sqrt(($W * $steel->fy) / $Mcr));
        $symbol = $steel->modulusSymbol();
        $d?->with([
            $symbol => [$W, Kind::Modulus],
            'f_y' => [$steel->fy, Kind::Stress],
            'M_cr' => [$Mcr, Kind::Moment],
        ])->line(
            'lambda_LT',
            "sqrt({$symbol} * f_y / M_cr)",
            Kind::Number,
            count($this->parts) > 1 ? '6.3.4(3) (6.64)' : '6.3.2.2(1)',
        );
        if ($this->isRolled($steel)) {
            $chi = self::rolledReduction($steel, $lambda, $kc, $d);
        } else {
            $curve = $this->worstCurve();
            $chi = BucklingCurve::reduction($curve->alpha, $lambda);
            $d?->given('alpha_LT', $curve->alpha, Kind::Number, 'Tables 6.3, 6.4', $curve->says);
            $d?->line('Phi_LT', '0.5 * (1 + alpha_LT * (lambda_LT - 0.2) + lambda_LT^2)', Kind::Number, '6.3.2.2(1)');
            $d?->line(
                'chi_LT',
                'min(1 / (Phi_LT + sqrt(Phi_LT^2 - lambda_LT^2)), 1)',
                Kind::Number,
                '6.3.2.2(1) (6.56)',
            );
        }
        $M = ($chi * $W * $steel->fy) / $steel->basis->steel->gammaM1;
        $d?->with([
            'chi_LT' => [$chi, Kind::Number],
            $symbol => [$W, Kind::Modulus],
            'gamma_M1' => [$steel->basis->steel->gammaM1, Kind::Number],
        ])->line('M_b_Rd', "chi_LT * {$symbol} * f_y / gamma_M1", Kind::Moment, '6.3.2.1(3) (6.55)');

        return $M;
    }

    /** Does 6.3.2.3 apply, for lengths of one rolled section, or one like it? */
    private function isRolled(SteelSection $steel): bool
    {
        return $steel->basis->steel->rolledCurves && count($this->parts) === 1 && $steel->section instanceof ISection;
    }

    private function worstCurve(): LateralCurve
    {
        $worst = $this->parts[0][0]->profile->lateralCurve(false);
        foreach ($this->parts as [$steel]) {
            $curve = $steel->profile->lateralCurve(false);
            $worst = $curve->alpha > $worst->alpha ? $curve : $worst;
        }

        return $worst;
    }

    /** W f_y, Nmm. */
    private static function strength(SteelSection $steel): float
    {
        return $steel->modulus * $steel->fy;
    }

    private static function rolledReduction(SteelSection $steel, float $lambda, float $kc, ?Derivation $d): float
    {
        $b = $steel->basis;
        $curve = $steel->profile->lateralCurve(true);
        $Phi = 0.5 * (1 + $curve->alpha * ($lambda - $b->steel->lambdaLT0) + $b->steel->beta * $lambda ** 2);
        $chi = min(1 / ($Phi + sqrt($Phi ** 2 - $b->steel->beta * $lambda ** 2)), 1.0, 1 / $lambda ** 2);
        $d?->given('alpha_LT', $curve->alpha, Kind::Number, 'Tables 6.3, 6.5', $curve->says);
        $d?->with([
            'lambda_LT' => [$lambda, Kind::Number],
            'lambda_LT_0' => [$b->steel->lambdaLT0, Kind::Number],
            'beta' => [$b->steel->beta, Kind::Number],
        ])->line(
            'Phi_LT',
            '0.5 * (1 + alpha_LT * (lambda_LT - lambda_LT_0) + beta * lambda_LT^2)',
            Kind::Number,
            '6.3.2.3(1)',
        );
        $name = $b->steel->modifyChi ? 'chi_LT_1' : 'chi_LT';
        $d?->line(
            $name,
            'min(1 / (Phi_LT + sqrt(Phi_LT^2 - beta * lambda_LT^2)), 1, 1 / lambda_LT^2)',
            Kind::Number,
            '6.3.2.3(1) (6.57)',
        );
        if (! $b->steel->modifyChi) {
            return $chi;
        }
        $f = min(1.0, 1 - 0.5 * (1 - $kc) * (1 - 2 * ($lambda - 0.8) ** 2));
        $modified = min($chi / $f, 1.0, 1 / $lambda ** 2);
        $d?->with(['k_c' => [$kc, Kind::Number]])->line(
            'f',
            'min(1, 1 - 0.5 * (1 - k_c) * (1 - 2 * (lambda_LT - 0.8)^2))',
            Kind::Number,
            '6.3.2.3(2)',
        );
        $d?->with(['chi_LT_1' => [$chi, Kind::Number]])->line(
            'chi_LT',
            'min(chi_LT_1 / f, 1, 1 / lambda_LT^2)',
            Kind::Number,
            '6.3.2.3(2) (6.58)',
        );

        return $modified;
    }
}
