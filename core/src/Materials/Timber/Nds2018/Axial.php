<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

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

/** NDS 2018, 3.6 to 3.9: axial force, alone and with bending; each of (3.9-1) to (3.9-4) by itself. */
final readonly class Axial
{
    /** 3.7.1.4 */
    private const SLENDEREST = 50.0;

    public function __construct(
        private Search $search,
        private RestrainedLengths $lengths,
        private Bending $bending,
        private Method $method,
    ) {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $interaction = new Interaction($this->search);
        $weighings = [];
        foreach ([
            ['compression', 'Compression and buckling', '3.7', 1, $this->compression(...)],
            ['column', 'Bending with compression', '3.9.2', 1, $this->column(...)],
            ['tension', 'Tension', '3.8', -1, $this->tension(...)],
            ['bending-tension', 'Bending with tension', '3.9.1', -1, $this->withTension(...)],
        ] as [$id, $title, $clause, $sign, $calculate]) {
            $heading = new Heading($id, $title, "NDS 2018, {$clause}");
            $limit = $sign > 0 ? $this->tooSlender(...) : null;
            array_push($weighings, ...$interaction->weigh($heading, $timber, $sign, $calculate, $detail, $limit));
        }

        return $weighings;
    }

    private function tooSlender(Working $w): ?Slenderness
    {
        return Slenderness::beyond(
            $w->value('max(s_1, s_2)'),
            self::SLENDEREST,
            'NDS 2018, 3.7.1.4',
            'The slenderness l_e/d is above 50, which is not permitted.',
        );
    }

    private function compression(Working $w, Together $of, TimberMake $timber): bool
    {
        $this->stressed($w, $of, $timber);
        $w->line('u', 'f_c_par / F_c_adj', Kind::Number, '3.6.3');

        return true;
    }

    /** f_c, F′_c with the smaller C_P, and the Euler stresses of both axes. */
    private function stressed(Working $w, Together $of, TimberMake $timber): void
    {
        $values = new Values($timber, $this->method);
        $w->let('P', $of->N, Kind::Force, '', 'compression');
        Bending::sizes($w, $timber);
        $w->line('A', 'b * d', Kind::Area);
        $w->line('f_c_par', 'P / A', Kind::Stress);
        $values->adjusted($w, $of->group, 'F_c_star', 'F_c', $timber->grade->values->compression, 'c');
        $values->adjusted($w, $of->group, 'E_min_adj', 'E_min', $timber->grade->values->E05, 's');
        $isGlulam = $timber->grade->product === Product::Glulam;
        if ($isGlulam) {
            $values->adjusted($w, $of->group, 'E_min_y_adj', 'E_min_y', $timber->grade->values->E05Flat, 's');
        }
        $w->let(
            'c',
            $timber->grade->product->isSawn() ? 0.8 : 0.9,
            Kind::Number,
            '3.7.1.5',
            $timber->grade->product->value,
        );
        Stability::column($w, '1', 'd', ...[...$this->lengths->inPlane(), 'E_min_adj', 1.0]);
        // Plies that are nailed buckle across them with K_f (15.3.2.4).
        Stability::column(
            $w,
            '2',
            'b',
            ...[...$this->lengths->sideways(), $isGlulam ? 'E_min_y_adj' : 'E_min_adj', $timber->plies > 1 ? 0.6 : 1.0],
        );
        $w->line('C_P', 'min(C_P1, C_P2)', Kind::Number, '3.7.1');
        $w->line('F_c_adj', 'F_c_star * C_P', Kind::Stress, 'Table 4.3.1');
    }

    private function column(Working $w, Together $of, TimberMake $timber): bool
    {
        if ($of->My <= 0.0 && $of->Mz <= 0.0) {
            return false;
        }
        $this->stressed($w, $of, $timber);
        $w->let('M', $of->My, Kind::Moment, '', 'edgewise');
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->line('f_b1', 'M / S', Kind::Stress);
        $this->bending->strength($w, $timber, $of->group, $this->bending->longest($timber), 1);
        $w->let('M_2', $of->Mz, Kind::Moment, '', 'flatwise');
        $this->bending->flat($w, $timber, $of->group);
        $w->line('u_c', '(f_c_par / F_c_adj)^2', Kind::Number, '3.9.2', 'part of compression');
        $w->line('u_c1', 'f_c_par / F_cE1', Kind::Number, '3.9.2', 'stress over the critical one, below 1');
        $w->has('F_cE2')
            ? $w->line('u_c2', 'f_c_par / F_cE2', Kind::Number, '3.9.2', 'stress over the critical one, below 1')
            : $w->let('u_c2', 0.0, Kind::Number, '3.9.2', 'restrained sideways');
        $w->has('F_bE')
            ? $w->line('u_E', '(f_b1 / F_bE)^2', Kind::Number, '3.9.2', 'part of lateral buckling')
            : $w->let('u_E', 0.0, Kind::Number, '3.9.2', 'restrained');
        $w->line('u_4', 'u_c2 + u_E', Kind::Number, '3.9.2 (3.9-4)', 'below 1');
        if ($w->value('max(u_c1, u_4)') >= 0.999) {
            $w->line('u', '1 + max(u_c1, u_4)', Kind::Number, '3.9.2', 'it buckles');

            return true;
        }
        $w->line('u_b1', 'f_b1 / (F_b_adj * (1 - u_c1))', Kind::Number, '3.9.2', 'part of edgewise bending');
        $w->line('u_b2', 'f_b2 / (F_b2_adj * (1 - u_c2 - u_E))', Kind::Number, '3.9.2', 'part of flatwise bending');
        $w->line('u_3', 'u_c + u_b1 + u_b2', Kind::Number, '3.9.2 (3.9-3)');
        $w->line('u', 'max(u_3, u_4)', Kind::Number);

        return true;
    }

    private function tension(Working $w, Together $of, TimberMake $timber): bool
    {
        $w->let('T', $of->N, Kind::Force, '', 'tension');
        Bending::sizes($w, $timber);
        $w->line('A', 'b * d', Kind::Area, '3.8.1', 'without holes');
        $w->line('f_t', 'T / A', Kind::Stress);
        (new Values($timber, $this->method))->adjusted(
            $w,
            $of->group,
            'F_t_adj',
            'F_t',
            $timber->grade->values->tension,
            't',
        );
        $w->line('u', 'f_t / F_t_adj', Kind::Number, '3.8.1');

        return true;
    }

    private function withTension(Working $w, Together $of, TimberMake $timber): bool
    {
        if ($of->My <= 0.0 && $of->Mz <= 0.0) {
            return false;
        }
        $this->tension($w, $of, $timber);
        $w->line('u_t', 'u', Kind::Number, '3.9.1', 'part of tension');
        $w->let('M', $of->My, Kind::Moment, '', 'edgewise');
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->line('f_b1', 'M / S', Kind::Stress);
        $this->bending->strength($w, $timber, $of->group, $this->bending->longest($timber), 1);
        $w->let('M_2', $of->Mz, Kind::Moment, '', 'flatwise');
        $this->bending->flat($w, $timber, $of->group);
        $starred = $w->has('C_V') ? 'F_b_star * C_V' : 'F_b_star';
        $w->line(
            'u_1',
            "u_t + f_b1 / ({$starred}) + f_b2 / F_b2_adj",
            Kind::Number,
            '3.9.1 (3.9-1)',
            'F_b* without C_L',
        );
        $w->line(
            'u_2',
            'max(0, f_b1 - f_t) / (F_b_star * C_L) + f_b2 / F_b2_adj',
            Kind::Number,
            '3.9.1 (3.9-2)',
            'F_b** without C_V',
        );
        $w->line('u', 'max(u_1, u_2)', Kind::Number);

        return true;
    }
}
