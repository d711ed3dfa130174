<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 6: resistance of a web without stiffeners to a force that presses on a flange; of a box, and of
 * a hollow section as if it were one, of both webs, each with a part of the flange (6.5(1)).
 *
 * Types of Figure 6.1: (a) the force is carried off by shear in the web, (b) it goes through the web to the other
 * flange, (c) as (a) at an end: nearer to it than the web is deep. Plates on flanges do not count. A slender web, whose
 * flange has the share m_2, is not taken to resist more than a stocky one that yields: by the letter of (6.9) the
 * resistance would jump up at λ_F = 0.5.
 */
final readonly class TransverseForce
{
    private Flanged $section;

    /** Length that the force acts on, not more than h_w (6.3(1)). */
    private float $ss;

    /** Webs that share the force. */
    private int $count;

    /**
     * @param  float  $ss  length that the force acts on, mm
     * @param  float  $c  from there to the end of the member, mm
     * @param  bool  $through  type (b)
     */
    public function __construct(private SteelSection $steel, float $ss, private float $c, private bool $through)
    {
        $this->count = $steel->profile->webs();
        $this->section =
            $steel->profile->pressedWeb($steel->epsilon) ??
            throw new \LogicException('A web between flanges is needed.');
        $this->ss = min($ss, $this->section->hw);
    }

    /**
     * Does the clause cover a section: one or two webs between two flanges? Of unequal flanges the one counts that
     * the force presses on.
     */
    public static function covers(SteelSection $steel): bool
    {
        return $steel->profile->web() !== null;
    }

    /** How far a force spreads in the web beyond its bearing to either side, mm: (6.10). */
    public function spread(): float
    {
        $s = $this->section;

        return $s->tf * (1 + sqrt($s->b / $s->tw + 0.02 * ($s->hw / $s->tf) ** 2));
    }

    /** F_Rd in N. */
    public function resistance(?Derivation $d = null): float
    {
        $s = $this->section;
        $fy = $this->steel->fy;
        $end = ! $this->through && $this->c < $s->hw;
        $d?->given(
            's_s',
            $this->ss,
            Kind::Size,
            '6.3',
            match (true) {
                $this->ss >= $s->hw => 'stiff bearing length, not more than h_w',
                $this->ss > 0.0 => 'stiff bearing length',
                default => 'the force acts on an edge',
            },
        );
        $k = 6.0;
        if ($this->through) {
            $k = 3.5;
            $d?->given('k_F', $k, Kind::Number, 'Figure 6.1 (b)', 'through the web, no stiffeners');
        } elseif ($end) {
            $k = min(6.0, 2 + (6 * ($this->ss + $this->c)) / $s->hw);
            $d?->given('c', $this->c, Kind::Size, 'Figure 6.1 (c)', 'from the bearing to the end of the member');
            $d?->with(['h_w' => [$s->hw, Kind::Size]])->line(
                'k_F',
                'min(2 + 6 * (s_s + c) / h_w, 6)',
                Kind::Number,
                'Figure 6.1 (c)',
            );
        } else {
            $d?->given('k_F', $k, Kind::Number, 'Figure 6.1 (a)', 'carried off by shear in the web, no stiffeners');
        }
        $Fcr = (0.9 * $k * SteelGrade::E * $s->tw ** 3) / $s->hw;
        $d?->with([
            'k_F' => [$k, Kind::Number],
            'E' => [SteelGrade::E, Kind::ModulusOfElasticity],
            't_w' => [$s->tw, Kind::Size],
            'h_w' => [$s->hw, Kind::Size],
        ])->line('F_cr', '0.9 * k_F * E * t_w^3 / h_w', Kind::Force, '6.4(1) (6.5)');
        // (6.9): m_2 counts where the web is slender; that is told without it.
        $stocky = $this->effective($end, $k, 0.0);
        $slender = sqrt(($stocky * $s->tw * $fy) / $Fcr) > 0.5;
        $m1 = $s->b / $s->tw;
        $m2 = $slender ? 0.02 * ($s->hw / $s->tf) ** 2 : 0.0;
        $this->count > 1
            ? $d?->given('b_f', $s->b, Kind::Size, '6.5(1)', 'of the flange at one web: half of it, up to 15 ε t_f')
            : null;
        $d?->with(['b_f' => [$s->b, Kind::Size]])->line(
            'm_1',
            'b_f / t_w',
            Kind::Number,
            '6.5(1) (6.8)',
            'flange and web of the same strength',
        );
        $slender
            ? $d
                ?->with(['t_f' => [$s->tf, Kind::Size]])
                ->line('m_2', '0.02 * (h_w / t_f)^2', Kind::Number, '6.5(1) (6.9)')
            : $d?->given('m_2', 0.0, Kind::Number, '6.5(1) (6.9)', 'λ_F not above 0.5');
        $ly = $this->effective($end, $k, $m2, $d);
        $lambda = sqrt(($ly * $s->tw * $fy) / $Fcr);
        $chi = min(1.0, 0.5 / $lambda);
        $Leff = min($chi * $ly, $stocky);
        $F = ($this->count * $Leff * $s->tw * $fy) / $this->steel->basis->steel->gammaM1;
        $d?->with(['l_y' => [$ly, Kind::Size], 'f_y' => [$fy, Kind::Stress]])->line(
            'lambda_F',
            'sqrt(l_y * t_w * f_y / F_cr)',
            Kind::Number,
            '6.4(1) (6.4)',
        );
        $d?->line('chi_F', 'min(0.5 / lambda_F, 1)', Kind::Number, '6.4(1) (6.3)');
        $d?->given('l_y_0', $stocky, Kind::Size, '6.5', 'l_y with m_2 = 0');
        $d?->line(
            'L_eff',
            'min(chi_F * l_y, l_y_0)',
            Kind::Size,
            '6.2(1) (6.2)',
            'not more than a stocky web yields on',
        );
        $d?->with(['gamma_M1' => [$this->steel->basis->steel->gammaM1, Kind::Number]])->line(
            'F_Rd',
            ($this->count > 1 ? '2 * ' : '').'L_eff * t_w * f_y / gamma_M1',
            Kind::Force,
            '6.2(1) (6.1)',
            $this->count > 1 ? 'both webs' : '',
        );

        return $F;
    }

    /** l_y in mm, (6.10) to (6.12). */
    private function effective(bool $end, float $k, float $m2, ?Derivation $d = null): float
    {
        $s = $this->section;
        $m1 = $s->b / $s->tw;
        $spread = sqrt($m1 + $m2);
        $ly = $this->ss + 2 * $s->tf * (1 + $spread);
        $of = [
            's_s' => [$this->ss, Kind::Size],
            't_f' => [$s->tf, Kind::Size],
            'm_1' => [$m1, Kind::Number],
            'm_2' => [$m2, Kind::Number],
        ];
        if (! $end) {
            $d?->with($of)->line('l_y', 's_s + 2 * t_f * (1 + sqrt(m_1 + m_2))', Kind::Size, '6.5(2) (6.10)');

            return $ly;
        }
        $le = min(($k * SteelGrade::E * $s->tw ** 2) / (2 * $this->steel->fy * $s->hw), $this->ss + $this->c);
        $d?->with([
            'k_F' => [$k, Kind::Number],
            'E' => [SteelGrade::E, Kind::ModulusOfElasticity],
            't_w' => [$s->tw, Kind::Size],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'h_w' => [$s->hw, Kind::Size],
            's_s' => [$this->ss, Kind::Size],
            'c' => [$this->c, Kind::Size],
        ])->line('l_e', 'min(k_F * E * t_w^2 / (2 * f_y * h_w), s_s + c)', Kind::Size, '6.5(3) (6.13)');
        $least = min($ly, $le + $s->tf * sqrt($m1 / 2 + ($le / $s->tf) ** 2 + $m2), $le + $s->tf * $spread);
        $d?->with($of + ['l_e' => [$le, Kind::Size]])->line(
            'l_y',
            'min(s_s + 2 * t_f * (1 + sqrt(m_1 + m_2)), l_e + t_f * sqrt(m_1 / 2 + (l_e / t_f)^2 + m_2), l_e + t_f * sqrt(m_1 + m_2))',
            Kind::Size,
            '6.5(3) (6.10) to (6.12)',
        );

        return $least;
    }
}
