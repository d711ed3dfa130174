<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\AxialSearch;
use Waage\Materials\ColdFormed\BendingSearch;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Member\Member;
use Waage\Units\Kind;

/** AISI S100-16, D2, E2 to E4 and H1: axial force, alone and with bending about the horizontal axis. */
final readonly class Axial
{
    public function __construct(
        private AxialSearch $combinations,
        private BendingSearch $search,
        private Member $member,
        private Bending $bending,
        private Method $method,
    ) {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        return $this->combinations->weigh($make, [
            [['compression', 'Compression', 'AISI S100-16, E1'], 1, $this->compression(...)],
            [['column', 'Bending with compression', 'AISI S100-16, H1.2'], 1, $this->column(...)],
            [['tension', 'Tension with bending', 'AISI S100-16, H1.1'], -1, $this->tension(...)],
        ], $detail);
    }

    private function compression(Working $w, ColdFormedMake $make, float $N, float $M): bool
    {
        $this->letCompression($w, $make, $N);
        $w->line('u', 'P / P_a', Kind::Number);

        return true;
    }

    /** P and P_a. */
    public function letCompression(Working $w, ColdFormedMake $make, float $N): void
    {
        $w->let('P', $N, Kind::Force, '', 'required');
        $this->critical($w, $make);
        $buckling = $make->inCompression();
        $net = $make->net();
        if ($net !== null) {
            $w->let('A_net', $net->A, Kind::Area, 'E3.2.2', 'at a hole');
            $w->line('P_ynet', 'A_net * F_y', Kind::Force, 'E3.2.2 (E3.2.2-2)');
        }
        Holes::local($w, $buckling);
        $w->line('P_crl', 'A * F_crl', Kind::Force, 'E3.2.1');
        if ($buckling->distortional === null) {
            $w->let('P_crd', 1e9, Kind::Force, 'E4', 'without lips: no distortional mode');
        } else {
            $w->let('L_crd', $buckling->distortional[0], Kind::Size, 'Appendix 2', 'half-wavelength of distortion');
            $w->let('F_crd', $buckling->distortional[1], Kind::Stress, 'Appendix 2', $buckling->note());
            $w->line('P_crd', 'A * F_crd', Kind::Force, 'E4.1');
        }
        DirectStrength::compression($w);
        [$phi, $Omega] = DirectStrength::COLUMN;
        $this->method->available($w, 'P_a', 'P_n', $phi, $Omega, Kind::Force, 'E1');
    }

    /** E2: flexural buckling about either axis, torsional-flexural of a C, torsional of a Z. */
    private function critical(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        $average = Holes::average($make);
        $isZ = $make->sizes->shape->isZ();
        [$Lx, $whyX] = $this->search->lengths->inPlane();
        [$Ly, $whyY] = $this->search->lengths->sideways();
        $member = $this->member;
        $isSheathed = $member->top->isContinuous() && $member->bottom->isContinuous();
        $Lt = $isSheathed ? 0.0 : $this->search->longestTwist();
        $w->let('A', $of->A, Kind::Area);
        $w->let('F_y', $make->Fy, Kind::Stress);
        $w->line('P_y', 'A * F_y', Kind::Force, 'E2');
        $w->let('E', $make->standard()->elasticity(), Kind::ModulusOfElasticity);
        $w->let('L_x', $Lx, Kind::Length, 'E2.1', $whyX);
        $w->let('r_x', sqrt($average->Ix / $of->A), Kind::Size, '', $average->note);
        $w->line('sigma_ex', 'pi^2 * E / (L_x / r_x)^2', Kind::Stress, 'E2.1 (E2.1-1)');
        $parts = ['sigma_ex'];
        if ($Ly > 0.0) {
            $w->let('L_y', $Ly, Kind::Length, 'E2.1', $whyY);
            $w->let('r_y', sqrt(($isZ ? $of->principal()[1] * $average->Iy / $of->Iz : $average->Iy) / $of->A), Kind::Size, '', $isZ ? 'principal' : '');
            $w->line('sigma_ey', 'pi^2 * E / (L_y / r_y)^2', Kind::Stress, 'E2.1 (E2.1-1)');
            $parts[] = 'sigma_ey';
        }
        if ($Lt > 0.0) {
            $polar = ($of->Ix + $of->Iz) / $of->A + hypot(...$of->shearCentre) ** 2;
            $w->let('L_t', $Lt, Kind::Length, 'E2.2', 'between places held against twisting');
            $w->let('G', $make->standard()->shearModulus(), Kind::ModulusOfElasticity);
            $w->let('J', $average->J, Kind::SecondMoment);
            $w->let('C_w', $average->Cw, Kind::Warping);
            $w->let('r_o', sqrt($polar), Kind::Size);
            $w->line('sigma_t', '(G * J + pi^2 * E * C_w / L_t^2) / (A * r_o^2)', Kind::Stress, 'E2.2 (E2.2-5)');
            if ($isZ) {
                $parts[] = 'sigma_t';
            } else {
                $w->let('x_o', abs($of->shearCentre[0]), Kind::Size);
                $w->line('beta', '1 - (x_o / r_o)^2', Kind::Number, 'E2.2 (E2.2-3)');
                $w->line(
                    'F_tf',
                    '(sigma_ex + sigma_t - sqrt((sigma_ex + sigma_t)^2 - 4 * beta * sigma_ex * sigma_t)) / (2 * beta)',
                    Kind::Stress,
                    'E2.2 (E2.2-1)',
                    'torsional-flexural',
                );
                $parts[] = 'F_tf';
            }
        }
        $w->line('F_cre', count($parts) > 1 ? 'min('.implode(', ', $parts).')' : $parts[0], Kind::Stress, 'E2');
        $w->line('P_cre', 'A * F_cre', Kind::Force, 'E2');
    }

    private function column(Working $w, ColdFormedMake $make, float $N, float $M): bool
    {
        if ($M <= 1.0) {
            return false;
        }
        $this->compression($w, $make, $N, $M);
        $w->line('u_P', 'u', Kind::Number, 'H1.2', 'part of compression');
        $w->let('M', $M, Kind::Moment, '', 'required, first order');
        $this->bending->available($w, $make, $this->search->longestLateral($M));
        $w->line('P_E', 'pi^2 * E * A * r_x^2 / L_x^2', Kind::Force, 'C1.2.1.1', 'in the plane');
        $w->let('alpha', $this->method === Method::Asd ? 1.6 : 1.0, Kind::Number, 'C1.1.1', $this->method->value);
        if ($this->method->isLinear($w->value('u_P'))) {
            $w->let('B_1', 1.0, Kind::Number, 'C1.2.1.1', 'small axial force');
        } elseif ($w->value('alpha * P / P_E') >= 0.99) {
            $w->line('u', '1 + alpha * P / P_E', Kind::Number, 'C1.2.1.1', 'it buckles');

            return true;
        } else {
            $w->line('B_1', '1 / (1 - alpha * P / P_E)', Kind::Number, 'C1.2.1.1', 'C_m = 1');
        }
        $w->line('u_M', 'B_1 * M / M_ax', Kind::Number, 'H1.2', 'part of bending');
        $w->line('u', 'u_P + u_M', Kind::Number, 'H1.2 (H1.2-1)');

        return true;
    }

    private function tension(Working $w, ColdFormedMake $make, float $N, float $M): bool
    {
        if ($make->holes !== null) {
            return false;
        }
        $w->let('T', $N, Kind::Force, '', 'required');
        $w->let('A', $make->profile()->of->A, Kind::Area, 'D2', 'without holes');
        $w->let('F_y', $make->Fy, Kind::Stress);
        $w->line('T_n', 'A * F_y', Kind::Force, 'D2 (D2-1)');
        $this->method->available($w, 'T_a', 'T_n', 0.90, 1.67, Kind::Force, 'D2');
        $w->line('u_T', 'T / T_a', Kind::Number, 'H1.1', 'part of tension');
        if ($M <= 1.0) {
            $w->line('u', 'u_T', Kind::Number);

            return true;
        }
        $w->let('M', $M, Kind::Moment, '', 'required');
        $w->let('S_ft', $make->profile()->of->Ix / $make->profile()->of->outermost(), Kind::Modulus);
        $w->line('M_t', 'S_ft * F_y', Kind::Moment, 'H1.1');
        $this->method->available($w, 'M_at', 'M_t', 0.90, 1.67, Kind::Moment, 'H1.1');
        $w->line('u_1', 'u_T + M / M_at', Kind::Number, 'H1.1 (H1.1-1)');
        $this->bending->available($w, $make, $this->search->longestLateral($M));
        $w->line('u_2', 'M / M_ax - u_T', Kind::Number, 'H1.1 (H1.1-2)');
        $w->line('u', 'max(u_1, u_2)', Kind::Number);

        return true;
    }
}
