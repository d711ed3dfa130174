<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Interaction;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\Slenderness;
use Waage\Materials\Timber\TimberMake;
use Waage\Materials\Timber\Together;
use Waage\Units\Kind;

/** CSA O86:19, 6.5.6, 6.5.9 and 6.5.10 (7.5.8, 7.5.11, 7.5.12): axial force, alone and with bending. */
final readonly class Axial
{
    /** 6.5.6.2.2 */
    private const SLENDEREST = 50.0;

    public function __construct(private Search $search, private RestrainedLengths $lengths, private Bending $bending)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $interaction = new Interaction($this->search);
        $weighings = [];
        foreach ([
            ['compression', 'Compression and buckling', '6.5.6', 1, $this->compression(...)],
            ['column', 'Bending with compression', '6.5.10', 1, $this->column(...)],
            ['tension', 'Tension', '6.5.9', -1, $this->tension(...)],
            ['bending-tension', 'Bending with tension', '6.5.10', -1, $this->withTension(...)],
        ] as [$id, $title, $clause, $sign, $calculate]) {
            $heading = new Heading($id, $title, "CSA O86:19, {$clause}");
            $limit = $sign > 0 ? $this->tooSlender(...) : null;
            array_push($weighings, ...$interaction->weigh($heading, $timber, $sign, $calculate, $detail, $limit));
        }

        return $weighings;
    }

    private function tooSlender(Working $w): ?Slenderness
    {
        return Slenderness::beyond(
            $w->value('max(C_Cx, C_Cy)'),
            self::SLENDEREST,
            'CSA O86:19, 6.5.6.2.2',
            'The slenderness ratio C_C is above 50, which is not permitted.',
        );
    }

    private function compression(Working $w, Together $of, TimberMake $timber): bool
    {
        $values = new Values($timber);
        $w->let('P_f', $of->N, Kind::Force, '', 'compression');
        Bending::sizes($w, $timber);
        $w->line('A', 'b * d', Kind::Area);
        $values->strength($w, $of->group, 'F_c', 'f_c_par', $timber->grade->values->compression, 'c');
        $values->modulus($w, 'E_05_adj', 'E_05', $timber->grade->values->E05);
        $w->let('phi_c', 0.8, Kind::Number, '6.5.6.2.3');
        if ($timber->grade->product === Product::Glulam) {
            $w->let('L', $this->search->beam()->member->length, Kind::Length);
            $w->line('Z', 'b * d * L / 10^9', Kind::Number, '7.5.8.4.2', 'volume, m³');
        }
        Stability::column($w, $timber, 'x', 'd', ...$this->lengths->inPlane());
        Stability::column($w, $timber, 'y', 'b', ...$this->lengths->sideways());
        $w->line('P_r', 'min(P_rx, P_ry)', Kind::Force, '6.5.6.2.3');
        $w->line('u', 'P_f / P_r', Kind::Number);

        return true;
    }

    private function column(Working $w, Together $of, TimberMake $timber): bool
    {
        if ($of->My <= 0.0 && $of->Mz <= 0.0) {
            return false;
        }
        $this->compression($w, $of, $timber);
        $w->line('u_P', '(P_f / P_r)^2', Kind::Number, '6.5.10', 'part of compression');
        $w->line('P_E', 'pi^2 * E_05_adj * b * d^3 / 12 / L_ex^2', Kind::Force, '6.5.10', 'in the plane');
        $w->let('M_f', $of->My, Kind::Moment);
        $this->bending->resistance($w, $timber, $of->group, $this->bending->longest($timber), 1);
        $w->let('M_f_y', $of->Mz, Kind::Moment);
        $this->bending->flat($w, $timber, $of->group);
        $hasSideways = $of->Mz > 0.0 && $w->value('L_ey') > 0.0;
        $hasSideways && $w->line('P_E_y', 'pi^2 * E_05_adj * d * b^3 / 12 / L_ey^2', Kind::Force, '6.5.10', 'sideways');
        $most = $w->value('P_f') / min($w->value('P_E'), $hasSideways ? $w->value('P_E_y') : INF);
        if ($most >= 0.999) {
            $w->line(
                'u',
                $hasSideways ? '1 + P_f / min(P_E, P_E_y)' : '1 + P_f / P_E',
                Kind::Number,
                '6.5.10',
                'it buckles',
            );

            return true;
        }
        $w->line('u_x', 'M_f / (M_r * (1 - P_f / P_E))', Kind::Number, '6.5.10', 'part of bending in the plane');
        $hasSideways
            ? $w->line('u_y', 'M_f_y / (M_r_y * (1 - P_f / P_E_y))', Kind::Number, '6.5.10', 'part of bending sideways')
            : $w->line('u_y', 'M_f_y / M_r_y', Kind::Number, '6.5.10', 'part of bending sideways');
        $w->line('u', 'u_P + u_x + u_y', Kind::Number, '6.5.10');

        return true;
    }

    private function tension(Working $w, Together $of, TimberMake $timber): bool
    {
        $values = new Values($timber);
        $w->let('T_f', $of->N, Kind::Force, '', 'tension');
        Bending::sizes($w, $timber);
        $w->line('A_n', 'b * d', Kind::Area, '6.5.9', 'without holes');
        $values->strength($w, $of->group, 'F_t', 'f_t', $timber->grade->values->tension, 't');
        $w->let('phi_t', 0.9, Kind::Number, '6.5.9');
        $w->let('K_Zt', $values->size('t'), Kind::Number, 'Table 6.4.5');
        $w->line('T_r', 'phi_t * F_t * A_n * K_Zt', Kind::Force, '6.5.9');
        $w->line('u', 'T_f / T_r', Kind::Number);

        return true;
    }

    private function withTension(Working $w, Together $of, TimberMake $timber): bool
    {
        if ($of->My <= 0.0 && $of->Mz <= 0.0) {
            return false;
        }
        $this->tension($w, $of, $timber);
        $w->line('u_T', 'u', Kind::Number, '6.5.10', 'part of tension');
        $w->let('M_f', $of->My, Kind::Moment);
        $this->bending->resistance($w, $timber, $of->group, $this->bending->longest($timber), 1);
        $w->let('M_f_y', $of->Mz, Kind::Moment);
        $this->bending->flat($w, $timber, $of->group);
        $w->line('u', 'u_T + M_f / M_r + M_f_y / M_r_y', Kind::Number, '6.5.10');

        return true;
    }
}
