<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\BendingPlace;
use Waage\Materials\ColdFormed\BendingSearch;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\Strained;
use Waage\Units\Kind;

/**
 * AISI S100-16, F2 to F4: bending about the horizontal axis, constrained to it; global with local buckling for each
 * length between restraints, and distortional buckling, for each span and sense.
 */
final readonly class Bending
{
    public function __construct(private BendingSearch $search, private Method $method)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->search->places($make) as $place) {
            $capacity = fn (Strained $at): float => $this->strength($make, $at, new Working(false))->value('M_a');
            $at = $this->search->worst($make, $place, $capacity);
            $w = $this->strength($make, $at, $detail->working());
            $what = [
                "bending-{$place->id}",
                "Bending, {$place->words}",
                $make->uplift($place->sign) === null ? 'AISI S100-16, F3' : 'AISI S100-16, I6.2.1',
                $place->sign > 0 ? 'sagging' : 'hogging',
            ];
            $weighings[] = $this->search->report($what, ['M', 'M_a'], $w, $at, [$place->from, $place->to]);
            $weighings[] = $this->distortional($make, $place, $detail);
        }

        return $weighings;
    }

    private function strength(ColdFormedMake $make, Strained $at, Working $w): Working
    {
        $w->let('M', $at->M, Kind::Moment, '', 'required');
        $this->yield($w, $make);
        $uplift = $make->uplift($at->sign);
        if ($uplift !== null) {
            $w->line('M_ne', 'M_y', Kind::Moment, 'I6.2.1', 'M_nlo has M_ne = M_y');
            $this->local($w, $make, $at->sign);
            $w->let('R', $uplift->R, Kind::Number, 'I6.2.1', "one flange fastened to sheeting: {$uplift->note}");
            $w->line('M_nR', 'R * M_nl', Kind::Moment, 'I6.2.1 (I6.2.1-1)', 'in place of lateral buckling');
            $this->method->available($w, 'M_a', 'M_nR', 0.9, 1.67, Kind::Moment, 'I6.2.1');
        } else {
            $this->global($w, $make, $at);
            $this->local($w, $make, $at->sign);
            $this->method->available($w, 'M_a', 'M_nl', 0.9, 1.67, Kind::Moment, 'F3');
        }
        $w->line('u', 'M / M_a', Kind::Number);

        return $w;
    }

    /** M_ne. */
    private function global(Working $w, ColdFormedMake $make, Strained $at): void
    {
        if ($at->length <= 0.0) {
            $w->line('M_ne', 'M_y', Kind::Moment, 'F2.1', 'the compressed flange is restrained');

            return;
        }
        $this->critical($w, $make, $at);
        $eigenvalue = $w->keepsLines && $at->moments !== null ? $this->search->diagrams->eigenvalue($make, $at) : null;
        if ($eigenvalue !== null) {
            $w->let('alpha_ev', $eigenvalue, Kind::Number, 'F2.1', 'beside it: eigenvalue of the member');
            $w->line('M_ev', 'alpha_ev * M', Kind::Moment, 'F2.1', 'beside M_cre; loads where they act');
        }
        DirectStrength::global($w);
    }

    /** M_y of the first fibre that yields. */
    public function yield(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        $w->let('S_f', $of->Ix / $of->outermost(), Kind::Modulus, '', 'gross');
        $w->let('F_y', $make->Fy, Kind::Stress);
        $w->line('M_y', 'S_f * F_y', Kind::Moment, 'F2.1 (F2.1-2)');
        $net = $make->net();
        if ($net !== null) {
            $w->let('S_net', $net->Ix / $of->outermost(), Kind::Modulus, 'F3.2.2', 'at a hole');
            $w->line('M_ynet', 'S_net * F_y', Kind::Moment, 'F3.2.2 (F3.2.2-2)');
        }
    }

    /** M_nl of M_ne. */
    public function local(Working $w, ColdFormedMake $make, int $sign): void
    {
        $buckling = $make->inBending($sign);
        Holes::local($w, $buckling);
        $w->line('M_crl', 'S_f * F_crl', Kind::Moment, 'F3.2.1');
        DirectStrength::local($w);
    }

    /** F2.1.1: lateral-torsional buckling of a length; of a Z half of what a C has. */
    private function critical(Working $w, ColdFormedMake $make, Strained $at): void
    {
        $of = $make->profile()->of;
        $average = Holes::average($make);
        $polar = sqrt(($of->Ix + $of->Iz) / $of->A + hypot(...$of->shearCentre) ** 2);
        $w->let('A', $of->A, Kind::Area);
        $w->let('r_o', $polar, Kind::Size, 'F2.1.1', 'polar, about the shear centre');
        $w->let('r_y', sqrt($average->Iy / $of->A), Kind::Size, '', $average->note);
        $w->let('L_y', $at->length, Kind::Length, '', 'between restraints of the compressed flange');
        $w->let('L_t', $at->twist, Kind::Length, '', 'between places held against twisting');
        $w->let('J', $average->J, Kind::SecondMoment, '', $average->note);
        $w->let('C_w', $average->Cw, Kind::Warping, '', $average->warping);
        $w->let('E', $make->standard()->elasticity(), Kind::ModulusOfElasticity);
        $w->let('G', $make->standard()->shearModulus(), Kind::ModulusOfElasticity);
        $at->letGradient($w, 'C_b', 'F2.1.1 (F2.1.1-2)');
        $w->line('sigma_ey', 'pi^2 * E / (L_y / r_y)^2', Kind::Stress, 'F2.1.1 (F2.1.1-4)');
        $w->line('sigma_t', '(G * J + pi^2 * E * C_w / L_t^2) / (A * r_o^2)', Kind::Stress, 'F2.1.1 (F2.1.1-5)');
        $isZ = $make->sizes->shape->isZ();
        $w->line(
            'F_cre',
            ($isZ ? '1 / 2 * ' : '').'C_b * r_o * A / S_f * sqrt(sigma_ey * sigma_t)',
            Kind::Stress,
            $isZ ? 'F2.1.3' : 'F2.1.1 (F2.1.1-1)',
            $isZ ? 'Z: half of a C' : 'C',
        );
        $w->line('M_cre', 'S_f * F_cre', Kind::Moment, 'F2.1');
    }

    /** The lesser of the available strengths of M_nl and M_nd, as M_ax, of a length between restraints. */
    public function available(Working $w, ColdFormedMake $make, Strained $at): void
    {
        $this->yield($w, $make);
        $this->global($w, $make, $at);
        $this->local($w, $make, $at->sign);
        $buckling = $make->inBending($at->sign);
        if ($buckling->distortional === null) {
            $w->line('M_nd', 'M_y', Kind::Moment, 'F4', 'without lips: no distortional mode');
        } else {
            $w->let('F_crd', $buckling->distortional[1], Kind::Stress, 'Appendix 2', $buckling->note());
            $w->line('M_crd', 'S_f * F_crd', Kind::Moment, 'F4.1');
            DirectStrength::distortional($w);
        }
        $w->line('M_n', 'min(M_nl, M_nd)', Kind::Moment, 'F1');
        $this->method->available($w, 'M_ax', 'M_n', 0.90, 1.67, Kind::Moment, 'F1');
    }

    private function distortional(ColdFormedMake $make, BendingPlace $place, Detail $detail): Weighing
    {
        [$id, $title] = ["distortion-{$place->id}", "Distortional buckling, {$place->words}"];
        $buckling = $make->inBending($place->sign);
        if ($buckling->distortional === null) {
            $remark = 'A section without lips has no distortional mode.';

            return new Weighing($id, $title, 'AISI S100-16, F4', null, remark: $remark);
        }
        $w = $detail->working();
        $at = $this->search->greatestOf($make, $place);
        $w->let('M', $at->M, Kind::Moment, '', 'required');
        $this->yield($w, $make);
        [$length, $stress] = $buckling->distortional;
        $w->let('L_crd', $length, Kind::Size, 'Appendix 2', 'half-wavelength of distortion');
        $w->let('F_crd', $stress, Kind::Stress, 'Appendix 2', $buckling->note());
        DistortionalFormula::beside($w, $make);
        $w->line('M_crd', 'S_f * F_crd', Kind::Moment, 'F4.1');
        DirectStrength::distortional($w);
        $this->method->available($w, 'M_a', 'M_nd', 0.9, 1.67, Kind::Moment, 'F4');
        $w->line('u', 'M / M_a', Kind::Number);
        $what = [$id, $title, 'AISI S100-16, F4', 'Distortional buckling'];

        return $this->search->report($what, ['M', 'M_a'], $w, $at, null);
    }
}
