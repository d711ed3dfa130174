<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 5 and 7.1: shear in a web that buckles before it yields, stiffened at the supports only, with
 * end posts that are not rigid (Table 5.1; with stiffeners between, StiffenedWeb), and 8: a web slender enough for
 * its flange to buckle into it. What the flanges add (5.4) is left out.
 */
final readonly class SlenderWeb
{
    /** Of unequal flanges one with two like the weaker. */
    private ISection $section;

    /** The flange with the greater area: width and thickness, mm. */
    private ISection $stronger;

    public function __construct(private SteelSection $steel)
    {
        [$this->section, $this->stronger] = [self::weaker($steel), self::like($steel)->stronger];
    }

    /** The section, or of unequal flanges one with two like the weaker. */
    public static function weaker(SteelSection $steel): ISection
    {
        return self::like($steel)->weaker;
    }

    private static function like(SteelSection $steel): LikeFlanges
    {
        return $steel->profile->likeFlanges() ?? throw new \LogicException('A web between flanges is needed.');
    }

    public static function covers(SteelSection $steel): bool
    {
        return $steel->profile->likeFlanges() !== null;
    }

    /** V_bw,Rd in N. */
    public function resistance(?Derivation $d = null): float
    {
        $s = $this->section;
        $eta = $this->steel->basis->steel->eta;
        $lambda = $s->hw / (86.4 * $s->tw * $this->steel->epsilon);
        $chi = $lambda < 0.83 / $eta ? $eta : 0.83 / $lambda;
        $V = ($chi * $this->steel->fy * $s->hw * $s->tw) / sqrt(3) / $this->steel->basis->steel->gammaM1;
        $d?->with([
            'h_w' => [$s->hw, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'epsilon' => [$this->steel->epsilon, Kind::Number],
        ])->line(
            'lambda_w',
            'h_w / (86.4 * t_w * epsilon)',
            Kind::Number,
            '5.3(3) (5.5)',
            'stiffeners at the supports only',
        );
        $lambda < 0.83 / $eta
            ? $d?->given('chi_w', $chi, Kind::Number, 'Table 5.1', 'η, for λ_w below 0.83/η')
            : $d?->line('chi_w', '0.83 / lambda_w', Kind::Number, 'Table 5.1', 'end post not rigid');
        $d?->with([
            'chi_w' => [$chi, Kind::Number],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'gamma_M1' => [$this->steel->basis->steel->gammaM1, Kind::Number],
        ])->line(
            'V_bw_Rd',
            'chi_w * f_y * h_w * t_w / sqrt(3) / gamma_M1',
            Kind::Force,
            '5.2(1) (5.2)',
            'without what the flanges add',
        );

        return $V;
    }

    /** Greatest h_w/t_w at which the compressed flange does not buckle into the web (8(1)). */
    public function flangeLimit(?Derivation $d = null): float
    {
        $s = $this->section;
        $k = $this->steel->class <= 2 ? 0.4 : 0.55;
        $limit =
            (($k * SteelGrade::E) / $this->steel->fy) *
            sqrt(($s->hw * $s->tw) / ($this->stronger->b * $this->stronger->tf));
        $d?->with(['h_w' => [$s->hw, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
            'lambda_w',
            'h_w / t_w',
            Kind::Number,
            '8(1)',
        );
        $d?->given('k', $k, Kind::Number, '8(1)', $this->steel->class <= 2 ? 'plastic moment' : 'elastic moment');
        $d?->with([
            'E' => [SteelGrade::E, Kind::ModulusOfElasticity],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'b' => [$this->stronger->b, Kind::Size],
            't_f' => [$this->stronger->tf, Kind::Size],
        ])->line('lambda_w_max', 'k * E / f_y * sqrt(h_w * t_w / (b * t_f))', Kind::Number, '8(1) (8.1)');

        return $limit;
    }

    /**
     * Utilisation of bending with shear, 7.1(1).
     *
     * @param  float  $M  Nmm
     * @param  float  $eta3  V_Ed over V_bw,Rd, more than 0.5
     */
    public function withBending(float $M, float $eta3, ?Derivation $d = null): float
    {
        $s = $this->section;
        $gammaM0 = $this->steel->basis->steel->gammaM0;
        // Of class 4 the effective part of the flanges counts, of both on the safe side.
        $rho = PlateBuckling::outstand('f', ['c_f', $s->c], ['t_f', $s->tf], $this->steel->epsilon);
        $b = $s->b - 2 * (1 - $rho) * $s->c;
        $W = $s->Wply - ($s->b - $b) * $s->tf * ($s->h - $s->tf);
        if ($rho < 1.0) {
            PlateBuckling::outstand('f', ['c_f', $s->c], ['t_f', $s->tf], $this->steel->epsilon, $d);
            $d?->with([
                'b_f' => [$s->b, Kind::Size],
                'rho_f' => [$rho, Kind::Number],
                'c_f' => [$s->c, Kind::Size],
            ])->line('b', 'b_f - 2 * (1 - rho_f) * c_f', Kind::Size, '7.1(1)', 'effective width of the flanges');
            $d?->with([
                'W_pl' => [$s->Wply, Kind::Modulus],
                't_f' => [$s->tf, Kind::Size],
                'h' => [$s->h, Kind::Size],
            ])->line('W_pl_y', 'W_pl - (b_f - b) * t_f * (h - t_f)', Kind::Modulus, '7.1(1)');
        }
        $Mpl = ($W * $this->steel->fy) / $gammaM0;
        $Mf = ($b * $s->tf * ($s->h - $s->tf) * $this->steel->fy) / $gammaM0;
        $d?->with([
            'W_pl_y' => [$W, Kind::Modulus],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'gamma_M0' => [$gammaM0, Kind::Number],
        ])->line('M_pl_Rd', 'W_pl_y * f_y / gamma_M0', Kind::Moment, '7.1(1)', 'whatever the class is');
        $d?->with(['b' => [$b, Kind::Size], 't_f' => [$s->tf, Kind::Size], 'h' => [$s->h, Kind::Size]])->line(
            'M_f_Rd',
            'b * t_f * (h - t_f) * f_y / gamma_M0',
            Kind::Moment,
            '7.1(1)',
            $this->section === $this->stronger ? 'of the flanges alone' : 'of two flanges like the weaker one',
        );
        $eta1 = $M / $Mpl;
        $d?->with(['M_Ed' => [$M, Kind::Moment]])->line('eta_1', 'M_Ed / M_pl_Rd', Kind::Number, '7.1(1)');
        $d?->given('eta_3', $eta3, Kind::Number, '7.1(1)', 'V_Ed over V_bw_Rd');
        if ($M <= $Mf) {
            $d?->line(
                'u',
                'eta_1',
                Kind::Number,
                '7.1(1)',
                'the flanges alone carry the moment: the web is free for the shear',
            );

            return $eta1;
        }
        $u = $eta1 + (1 - $Mf / $Mpl) * (2 * $eta3 - 1) ** 2;
        $d?->line('u', 'eta_1 + (1 - M_f_Rd / M_pl_Rd) * (2 * eta_3 - 1)^2', Kind::Number, '7.1(1) (7.1)');

        return $u;
    }
}
