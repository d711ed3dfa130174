<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\AxialSearch;
use Waage\Materials\ColdFormed\BendingSearch;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Member\Member;
use Waage\Units\Kind;

/** EN 1993-1-3, 6.1.2, 6.1.3, 6.1.8, 6.1.9, 6.2.2, 6.2.3 and 6.2.5: axial force, alone and with bending. */
final readonly class Axial
{
    public function __construct(
        private AxialSearch $combinations,
        private BendingSearch $search,
        private Member $member,
        private Bending $bending,
    ) {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        return $this->combinations->weigh($make, [
            [['compression', 'Compression', 'EN 1993-1-3, 6.2.2, 6.2.3'], 1, $this->compression(...)],
            [['column', 'Bending with compression', 'EN 1993-1-3, 6.2.5'], 1, $this->column(...)],
            [['tension', 'Tension with bending', 'EN 1993-1-3, 6.1.8'], -1, $this->tension(...)],
        ], $detail);
    }

    private function compression(Working $w, ColdFormedMake $make, float $N, float $M): bool
    {
        $w->let('N_Ed', $N, Kind::Force);
        $this->buckling($w, $make);
        $w->line('u', 'max(N_Ed / N_b_Rd, N_Ed / N_c_Rd)', Kind::Number);

        return true;
    }

    /** N_c,Rd, and N_b,Rd of the least critical force. */
    private function buckling(Working $w, ColdFormedMake $make): void
    {
        Bending::letStrength($w, $make);
        Bending::letEffective($w, $make, false);
        $w->line('N_c_Rd', 'A_eff * f_yb / gamma_M0', Kind::Force, '6.1.3(1) (6.2)');
        $this->critical($w, $make);
        $w->line('lambda_N', 'sqrt(A_eff * f_yb / N_cr)', Kind::Number, 'EN 1993-1-1, 6.3.1.2(1)');
        Bending::reduction($w, 'N', 'EN 1993-1-1, 6.3.1.2(1) (6.49)');
        $w->line('N_b_Rd', 'chi_N * A_eff * f_yb / gamma_M1', Kind::Force, 'EN 1993-1-1, 6.3.1.1(3) (6.48)');
    }

    private function critical(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        $isZ = $make->sizes->shape->isZ();
        [$Ly, $whyY] = $this->search->lengths->inPlane();
        [$Lz, $whyZ] = $this->search->lengths->sideways();
        $isSheathed = $this->member->top->isContinuous() && $this->member->bottom->isContinuous();
        $LT = $isSheathed ? 0.0 : $this->search->longestTwist();
        $w->let('I_y', $of->Ix, Kind::SecondMoment, '', 'gross');
        $w->let('L_y', $Ly, Kind::Length, '', $whyY);
        $w->line('N_cr_y', 'pi^2 * E * I_y / L_y^2', Kind::Force, '6.2.2(1)', 'in the plane');
        $parts = ['N_cr_y'];
        if ($Lz > 0.0) {
            $w->let('I_z', $isZ ? $of->principal()[1] : $of->Iz, Kind::SecondMoment, '', $isZ ? 'weak principal axis' : '');
            $w->let('L_z', $Lz, Kind::Length, '', $whyZ);
            $w->line('N_cr_z', 'pi^2 * E * I_z / L_z^2', Kind::Force, '6.2.2(1)', 'sideways');
            $parts[] = 'N_cr_z';
        }
        if ($LT > 0.0) {
            $w->let('i_0', sqrt(($of->Ix + $of->Iz) / $of->A + hypot(...$of->shearCentre) ** 2), Kind::Size, '6.2.3(5)');
            $w->let('I_t', $of->J, Kind::SecondMoment);
            $w->let('I_w', $of->Cw, Kind::Warping);
            $w->let('G', $make->standard()->shearModulus(), Kind::ModulusOfElasticity);
            $w->let('L_T', $LT, Kind::Length, '', 'between places held against twisting');
            $rule = '(G * I_t + pi^2 * E * I_w / L_T^2) / i_0^2';
            $w->line('N_cr_T', $rule, Kind::Force, '6.2.3(5) (6.33a)', 'torsional');
            $parts[] = 'N_cr_T';
            if (! $isZ) {
                $w->let('y_0', abs($of->shearCentre[0]), Kind::Size, '', 'to the shear centre');
                $w->line('beta', '1 - (y_0 / i_0)^2', Kind::Number, '6.2.3(7)');
                $w->line(
                    'N_cr_TF',
                    '(N_cr_y + N_cr_T - sqrt((N_cr_y + N_cr_T)^2 - 4 * beta * N_cr_y * N_cr_T)) / (2 * beta)',
                    Kind::Force,
                    '6.2.3(7) (6.35)',
                    'torsional-flexural',
                );
                $parts[] = 'N_cr_TF';
            }
        }
        $w->line('N_cr', count($parts) > 1 ? 'min('.implode(', ', $parts).')' : $parts[0], Kind::Force);
    }

    private function column(Working $w, ColdFormedMake $make, float $N, float $M): bool
    {
        if ($M <= 1.0) {
            return false;
        }
        $w->let('N_Ed', $N, Kind::Force);
        $this->buckling($w, $make);
        $this->shift($w, $make);
        $w->let('M_Ed', $M, Kind::Moment);
        $this->bending->resistance($w, $make, $this->search->longestLateral($M));
        $w->line('u_b', '(N_Ed / N_b_Rd)^0.8 + (M_Ed / M_b_Rd)^0.8', Kind::Number, '6.2.5(2) (6.36)', 'buckling');
        $w->line('u_0', 'N_Ed / N_c_Rd + M_Ed / M_c_Rd', Kind::Number, '6.1.9(1) (6.25)', 'section, without the shift');
        $w->line('u_N', 'u_0 + dM_z / M_cz_Rd', Kind::Number, '6.1.9(1) (6.25)', 'section, with the shift');
        $w->line('u', 'max(u_b, u_N)', Kind::Number);

        return true;
    }

    /** N e_N: of a C, whose web and flanges lose different parts. */
    private function shift(Working $w, ColdFormedMake $make): void
    {
        if ($make->sizes->shape->isZ()) {
            $w->let('dM_z', 0.0, Kind::Moment, '6.1.3(3)', 'a Z does not shift');
            $w->let('M_cz_Rd', 1e9, Kind::Moment);

            return;
        }
        $w->let('x_g', $make->profile()->of->sides()[0] - $make->sizes->t / 2, Kind::Size, '', 'gross axis from the web');
        $w->let('x_eff', $w->value('x_eff'), Kind::Size, '', 'effective axis from the web');
        $w->line('e_N', 'abs(x_eff - x_g)', Kind::Size, '6.1.3(3)', 'shift of the axis');
        $w->line('dM_z', 'N_Ed * e_N', Kind::Moment, '6.1.3(3)');
        $fold = $make->sizes->shape->hasLips()
            ? ' + 2 * (b_2t^3 / 12 + b_2t * (b_0 - b_2t / 2 - x_eff)^2 + c_eff * (b_0 - x_eff)^2) * t_red'
            : '';
        $rule = "(h_t * x_eff^2 + 2 * (b_1t^3 / 12 + b_1t * (x_eff - b_1t / 2)^2)) * t{$fold}";
        $note = 'of the section in compression';
        $w->let('I_z_eff', $w->value("({$rule}) * (1 - 2 * delta)"), Kind::SecondMoment, '5.1(4)', $note);
        $w->let('b_0', $w->value('b_0'), Kind::Size, '', 'flange by its midline');
        $w->line('M_cz_Rd', 'I_z_eff / max(x_eff, b_0 - x_eff) * f_yb / gamma_M0', Kind::Moment, '6.1.4.1');
    }

    private function tension(Working $w, ColdFormedMake $make, float $N, float $M): bool
    {
        $w->let('N_Ed', $N, Kind::Force);
        Bending::letStrength($w, $make);
        $w->let('A_g', $make->profile()->of->A, Kind::Area, '', 'gross, without holes');
        $w->line('N_t_Rd', 'A_g * f_yb / gamma_M0', Kind::Force, '6.1.2(1) (6.1)');
        if ($M <= 1.0) {
            $w->line('u', 'N_Ed / N_t_Rd', Kind::Number);

            return true;
        }
        $w->let('M_Ed', $M, Kind::Moment);
        $this->bending->resistance($w, $make, $this->search->longestLateral($M));
        $w->line('u_1', 'N_Ed / N_t_Rd + M_Ed / M_c_Rd', Kind::Number, '6.1.8(1) (6.23)');
        $w->line('u_2', 'M_Ed / M_b_Rd', Kind::Number, '6.1.8(2)', 'without the help of tension');
        $w->line('u', 'max(u_1, u_2)', Kind::Number);

        return true;
    }
}
