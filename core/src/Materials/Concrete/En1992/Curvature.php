<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\CrackedSection;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\Tee;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 7.4.3: curvature of a section, uncracked and cracked with tension stiffening: under a moment that
 * stays, with creep and shrinkage, or at once without them. Bars at both faces. 1/mm.
 */
final readonly class Curvature
{
    private const ES = 200000.0;

    /** β of (7.19): 0.5 for loads that stay. */
    private float $beta;

    /** ‰ */
    private float $shrinkage;

    private float $E;

    private float $alpha;

    private float $A;

    private float $d;

    private float $A2;

    private float $d2;

    private CrackedSection $section;

    public function __construct(
        private ConcreteMake $concrete,
        private Tee $tee,
        private BarGroup $tension,
        private BarGroup $compression,
        bool $isAtOnce = false,
    ) {
        $this->beta = $isAtOnce ? 1.0 : 0.5;
        $this->shrinkage = $isAtOnce ? 0.0 : TimeEffects::shrinkageOf($concrete);
        $this->E = $concrete->grade->Ecm() / (1 + ($isAtOnce ? 0.0 : TimeEffects::creepOf($concrete)));
        $this->alpha = self::ES / $this->E;
        $this->A = $tension->bars->area();
        $this->d = $concrete->h - $tension->centroid();
        $this->A2 = $compression->bars->area();
        $this->d2 = $compression->centroid();
        $this->section = new CrackedSection($tee, $this->alpha, [$this->A, $this->d], [$this->A2, $this->d2]);
    }

    /** Under a moment (Nmm) that puts the bars in tension into tension. */
    public function of(float $M): float
    {
        $cracking = ($this->concrete->grade->fctm() * $this->section->I1) / ($this->concrete->h - $this->section->x1);
        $zeta = $M <= $cracking ? 0.0 : 1 - $this->beta * ($cracking / $M) ** 2;
        $shrinkage = ($this->shrinkage / 1000) * $this->alpha;
        $of = fn (float $x, float $I): float => $M / ($this->E * $I) +
            ($shrinkage * ($this->A * ($this->d - $x) - $this->A2 * ($x - $this->d2))) / $I;

        return $zeta * $of($this->section->x2, $this->section->I2) +
            (1 - $zeta) * $of($this->section->x1, $this->section->I1);
    }

    /** The same line by line, of M; for loads that stay. */
    public function derive(Working $w): void
    {
        Section::depth($this->concrete, $this->tension, $w);
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $this->tension->text());
        $w->let('A_s2', $this->A2, Kind::SteelArea, '', "in compression {$this->compression->text()}");
        $w->let('d_2', $this->d2, Kind::Size);
        $w->let('f_ctm', $this->concrete->grade->fctm(), Kind::Stress, 'Table 3.1', $this->concrete->grade->name);
        $w->let('E_cm', $this->concrete->grade->Ecm(), Kind::ModulusOfElasticity, 'Table 3.1');
        $w->let('phi_c', TimeEffects::creepOf($this->concrete), Kind::Number, '3.1.4', 'creep');
        $w->let('epsilon_cs', TimeEffects::shrinkageOf($this->concrete), Kind::Number, '3.1.4', 'shrinkage in ‰');
        $w->line('E_c_eff', 'E_cm / (1 + phi_c)', Kind::ModulusOfElasticity, '7.4.3(5) (7.20)');
        $w->let('E_s', self::ES, Kind::ModulusOfElasticity, '3.2.7(4)');
        $w->line('alpha_e', 'E_s / E_c_eff', Kind::Number);
        $this->uncracked($w);
        $this->cracked($w);
        $w->line('M_cr', 'f_ctm * I_I / (h - x_I)', Kind::Moment, '7.4.3', 'cracking moment, transformed section');
        $w->value('M') <= $w->value('M_cr')
            ? $w->let('zeta', 0.0, Kind::Number, '7.4.3(3)', 'uncracked')
            : $w->line('zeta', '1 - 0.5 * (M_cr / M)^2', Kind::Number, '7.4.3(3) (7.19)', 'β = 0.5, loads that stay');
        foreach (['I', 'II'] as $state) {
            $rule = "(M / (E_c_eff * I_{$state}) + epsilon_cs / 1000 * alpha_e * (A_s * (d - x_{$state}) - A_s2 * (x_{$state} - d_2)) / I_{$state}) * 1000000";
            $w->line("kappa_{$state}", $rule, Kind::Number, '7.4.3(6) (7.21)', 'load and shrinkage, 1/km');
        }
        $w->line('kappa', 'zeta * kappa_II + (1 - zeta) * kappa_I', Kind::Number, '7.4.3(3) (7.18)', '1/km');
    }

    private function uncracked(Working $w): void
    {
        $steel = '(alpha_e - 1) * (A_s * (d - x_I)^2 + A_s2 * (x_I - d_2)^2)';
        if ($this->concrete->widths === null) {
            $rule = '(b * h^2 / 2 + (alpha_e - 1) * (A_s * d + A_s2 * d_2)) / (b * h + (alpha_e - 1) * (A_s + A_s2))';
            $w->line('x_I', $rule, Kind::Size, '', 'uncracked');
            $w->line('I_I', "b * h^3 / 12 + b * h * (h / 2 - x_I)^2 + {$steel}", Kind::SecondMoment, '', 'uncracked');

            return;
        }
        $w->let('A_c', $this->tee->area($this->tee->h), Kind::Area, '', 'concrete');
        $w->let('z_c', $this->tee->centroid(), Kind::Size, '', 'of it from the compressed face');
        $w->let('I_c', $this->tee->inertia(), Kind::SecondMoment);
        $rule = '(A_c * z_c + (alpha_e - 1) * (A_s * d + A_s2 * d_2)) / (A_c + (alpha_e - 1) * (A_s + A_s2))';
        $w->line('x_I', $rule, Kind::Size, '', 'uncracked');
        $w->line('I_I', "I_c + A_c * (z_c - x_I)^2 + {$steel}", Kind::SecondMoment, '', 'uncracked');
    }

    private function cracked(Working $w): void
    {
        $steel = 'alpha_e * A_s * (d - x_II)^2 + (alpha_e - 1) * A_s2 * (x_II - d_2)^2';
        if ($this->section->isInWeb()) {
            $w->line('B', '((b - b_w) * h_f + alpha_e * A_s + (alpha_e - 1) * A_s2) / b_w', Kind::Size);
            $rule = '((b - b_w) * h_f^2 + 2 * (alpha_e * A_s * d + (alpha_e - 1) * A_s2 * d_2)) / b_w';
            $w->line('C', $rule, Kind::Area);
            $w->line('x_II', 'sqrt(B^2 + C) - B', Kind::Size, '', 'cracked; in the web');
            $rule = "b * x_II^3 / 3 - (b - b_w) * (x_II - h_f)^3 / 3 + {$steel}";
            $w->line('I_II', $rule, Kind::SecondMoment, '', 'cracked');

            return;
        }
        $w->line('B', '(alpha_e * A_s + (alpha_e - 1) * A_s2) / b', Kind::Size);
        $w->line('C', '2 * (alpha_e * A_s * d + (alpha_e - 1) * A_s2 * d_2) / b', Kind::Area);
        $w->line('x_II', 'sqrt(B^2 + C) - B', Kind::Size, '', 'cracked');
        $w->line('I_II', "b * x_II^3 / 3 + {$steel}", Kind::SecondMoment, '', 'cracked');
    }
}
