<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Interaction;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\TimberMake;
use Waage\Materials\Timber\Together;
use Waage\Units\Kind;

/**
 * EN 1995-1-1, 6.1.2, 6.1.4, 6.2.3, 6.2.4, 6.3.2 and 6.3.3(6): axial force, alone and with bending about both axes,
 * combination by combination.
 */
final readonly class Axial
{
    public function __construct(private Search $search, private RestrainedLengths $lengths, private Bending $bending)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $interaction = new Interaction($this->search);
        $weighings = [];
        foreach ([
            ['compression', 'Compression along the grain', '6.1.4', 1, $this->compression(...)],
            ['column', 'Buckling with bending', '6.3.2', 1, $this->column(...)],
            ['column-lateral', 'Lateral buckling with compression', '6.3.3(6)', 1, $this->lateral(...)],
            ['tension', 'Tension along the grain', '6.1.2', -1, $this->tension(...)],
            ['bending-tension', 'Bending with tension', '6.2.3', -1, $this->withTension(...)],
        ] as [$id, $title, $clause, $sign, $calculate]) {
            $heading = new Heading($id, $title, "EN 1995-1-1, {$clause}");
            array_push($weighings, ...$interaction->weigh($heading, $timber, $sign, $calculate, $detail));
        }

        return $weighings;
    }

    private function compression(Working $w, Together $of, TimberMake $timber): bool
    {
        $this->alongGrain($w, $of, $timber);
        $w->line('u', 'sigma_c_0_d / f_c_0_d', Kind::Number, '6.1.4(1) (6.2)');

        return true;
    }

    private function alongGrain(Working $w, Together $of, TimberMake $timber): void
    {
        $w->let('N_d', $of->N, Kind::Force, '', 'compression');
        Bending::sizes($w, $timber);
        $w->line('A', 'b * h', Kind::Area);
        $w->line('sigma_c_0_d', 'N_d / A', Kind::Stress);
        $times = Strength::system($w, $timber);
        Strength::of($w, $timber, $of->group, 'f_c_0_d', $timber->grade->values->compression, $times);
    }

    /** (6.19), (6.20) of stocky members, otherwise (6.23), (6.24). */
    private function column(Working $w, Together $of, TimberMake $timber): bool
    {
        $this->alongGrain($w, $of, $timber);
        [$Ly, $whyY] = $this->lengths->inPlane();
        [$Lz, $whyZ] = $this->lengths->sideways();
        $y = Stability::slenderness($w, $timber, 'y', 'h', $Ly, $whyY);
        $z = Stability::slenderness($w, $timber, 'z', 'b', $Lz, $whyZ);
        Bending::bothStresses($w, $of, $timber);
        if (max($y, $z) <= Stability::STOCKY) {
            $clause = '6.2.4(1)';
            $w->line('u_c', '(sigma_c_0_d / f_c_0_d)^2', Kind::Number, $clause, 'part of compression');
            [$first, $second] = ['(6.19)', '(6.20)'];
            [$cy, $cz] = ['u_c', 'u_c'];
        } else {
            $clause = '6.3.2(3)';
            Stability::column($w, $timber, 'y');
            Stability::column($w, $timber, 'z');
            $w->line('u_c_y', 'sigma_c_0_d / (k_c_y * f_c_0_d)', Kind::Number, $clause, 'compression, in the plane');
            $w->line('u_c_z', 'sigma_c_0_d / (k_c_z * f_c_0_d)', Kind::Number, $clause, 'compression, sideways');
            [$first, $second] = ['(6.23)', '(6.24)'];
            [$cy, $cz] = ['u_c_y', 'u_c_z'];
        }
        $w->line('u_m_y', 'sigma_m_y_d / f_m_y_d', Kind::Number, '', 'part of bending about y-y');
        $w->line('u_m_z', 'sigma_m_z_d / f_m_z_d', Kind::Number, '', 'part of bending about z-z');
        $w->line('u_y', "{$cy} + u_m_y + k_m * u_m_z", Kind::Number, "{$clause} {$first}");
        $w->line('u_z', "{$cz} + k_m * u_m_y + u_m_z", Kind::Number, "{$clause} {$second}");
        $w->line('u', 'max(u_y, u_z)', Kind::Number);

        return true;
    }

    /** (6.35): where a moment about the major axis acts with compression and the compressed edge is free. */
    private function lateral(Working $w, Together $of, TimberMake $timber): bool
    {
        if ($of->My <= 0.0 || $of->Mz > 0.0) {
            return false;
        }
        $this->alongGrain($w, $of, $timber);
        [$Lz, $whyZ] = $this->lengths->sideways();
        Stability::slenderness($w, $timber, 'z', 'b', $Lz, $whyZ);
        Stability::column($w, $timber, 'z');
        $w->let('M_y_d', $of->My, Kind::Moment);
        Bending::stress($w, $timber, $of->group);
        $this->bending->leastCritical($w, $timber);
        $w->line('u_m', '(sigma_m_y_d / (k_crit * f_m_y_d))^2', Kind::Number, '6.3.3(6)', 'part of bending');
        $w->line('u_c', 'sigma_c_0_d / (k_c_z * f_c_0_d)', Kind::Number, '6.3.3(6)', 'part of compression');
        $w->line('u', 'u_m + u_c', Kind::Number, '6.3.3(6) (6.35)');

        return true;
    }

    private function tension(Working $w, Together $of, TimberMake $timber): bool
    {
        $w->let('N_d', $of->N, Kind::Force, '', 'tension');
        Bending::sizes($w, $timber);
        $w->line('A', 'b * h', Kind::Area);
        $w->line('sigma_t_0_d', 'N_d / A', Kind::Stress);
        $larger = $timber->h >= $timber->b ? 'h' : 'b';
        $times =
            $timber->grade->product === Product::Lvl
                ? $this->lengthOfLvl($w, $timber)
                : Strength::size($w, $timber, $of->group, 'k_h_t', $larger, max($timber->h, $timber->b));
        $times .= Strength::system($w, $timber);
        Strength::of($w, $timber, $of->group, 'f_t_0_d', $timber->grade->values->tension, $times);
        $w->line('u', 'sigma_t_0_d / f_t_0_d', Kind::Number, '6.1.2(1) (6.1)');

        return true;
    }

    private function lengthOfLvl(Working $w, TimberMake $timber): string
    {
        $w->let('s', $timber->grade->values->sizeExponent, Kind::Number, '3.4', 'size exponent');
        $w->let('l', $this->search->beam()->member->length, Kind::Length);
        $w->line('k_l', 'min((3000 / l)^(s / 2), 1.1)', Kind::Number, '3.4(4) (3.4)', 'l in mm');

        return 'k_l * ';
    }

    private function withTension(Working $w, Together $of, TimberMake $timber): bool
    {
        if ($of->My <= 0.0 && $of->Mz <= 0.0) {
            return false;
        }
        $this->tension($w, $of, $timber);
        $w->line('u_t', 'u', Kind::Number, '', 'part of tension');
        Bending::bothStresses($w, $of, $timber);
        $w->line('u_m_y', 'sigma_m_y_d / f_m_y_d', Kind::Number, '', 'part of bending about y-y');
        $w->line('u_m_z', 'sigma_m_z_d / f_m_z_d', Kind::Number, '', 'part of bending about z-z');
        $w->line('u_y', 'u_t + u_m_y + k_m * u_m_z', Kind::Number, '6.2.3(1) (6.17)');
        $w->line('u_z', 'u_t + k_m * u_m_y + u_m_z', Kind::Number, '6.2.3(1) (6.18)');
        $w->line('u', 'max(u_y, u_z)', Kind::Number);

        return true;
    }
}
