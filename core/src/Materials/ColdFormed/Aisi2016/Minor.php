<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\AxialSearch;
use Waage\Materials\ColdFormed\BendingSearch;
use Waage\Materials\ColdFormed\Buckling;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Units\Kind;

/**
 * AISI S100-16, F2.1.2, F3, F4 and H1.2: bending of a C about its minor axis, and about both with compression. Which
 * way the web looks is not known: the weaker sense counts.
 */
final readonly class Minor
{
    public function __construct(
        private AxialSearch $combinations,
        private BendingSearch $search,
        private Axial $axial,
        private Bending $bending,
        private Method $method,
    ) {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        $alone = function (Working $w, float $N, float $M, float $across) use ($make): void {
            $w->let('M_2', $across, Kind::Moment, '', 'required, about the minor axis');
            $this->strength($w, $make);
            $w->line('u', 'M_2 / M_ay', Kind::Number);
        };
        $all = function (Working $w, float $N, float $M, float $across) use ($make): void {
            $this->together($w, $make, [$N, $M, $across]);
        };

        return [
            ...$this->combinations->aboutBoth(
                $make,
                ['minor', 'Bending about the minor axis', 'AISI S100-16, F3'],
                $alone,
                $detail,
            ),
            ...$this->combinations->aboutBoth(
                $make,
                ['both-axes', 'Bending about both axes', 'AISI S100-16, H1.2'],
                $all,
                $detail,
            ),
        ];
    }

    /** @param  array{float, float, float}  $of  axial force and both moments */
    private function together(Working $w, ColdFormedMake $make, array $of): void
    {
        [$N, $M, $across] = $of;
        $parts = [];
        if ($N >= 1.0) {
            $this->axial->letCompression($w, $make, $N);
            $w->line('u_P', 'P / P_a', Kind::Number, 'H1.2', 'part of compression');
            $w->let('alpha', $this->method === Method::Asd ? 1.6 : 1.0, Kind::Number, 'C1.1.1', $this->method->value);
            $parts[] = 'u_P';
        }
        if ($M > 1.0) {
            $w->let('M', $M, Kind::Moment, '', 'required, first order');
            $this->bending->available($w, $make, $this->search->longestLateral($M));
            $this->amplified($w, $N, 'u_M', 'M / M_ax', 'P_ex', 'F_ex');
            $parts[] = 'u_M';
        }
        $w->let('M_2', $across, Kind::Moment, '', 'required, about the minor axis');
        $this->strength($w, $make);
        $this->amplified($w, $N, 'u_2', 'M_2 / M_ay', 'P_ey', 'F_ey');
        $parts[] = 'u_2';
        $w->line('u', implode(' + ', $parts), Kind::Number, 'H1.2 (H1.2-1)');
    }

    /** A part of bending, with B_1 of C1.2.1.1, C_m = 1; about an axis that is held all along nothing is amplified. */
    private function amplified(
        Working $w,
        float $N,
        string $symbol,
        string $rule,
        string $critical,
        string $stress,
    ): void {
        $of = $stress === 'F_ex' ? 'sigma_ex' : 'sigma_ey';
        if ($N < 1.0 || ! $w->has($of)) {
            $w->line($symbol, $rule, Kind::Number, 'H1.2', 'part of bending');

            return;
        }
        $w->line($critical, "A * {$of}", Kind::Force, 'C1.2.1.1');
        $rule =
            $w->value("alpha * P / {$critical}") >= 0.99
                ? "1 + {$rule} / 0.01"
                : "{$rule} / (1 - alpha * P / {$critical})";
        $w->line($symbol, $rule, Kind::Number, 'H1.2', 'part of bending, amplified');
    }

    /** M_ay: the lesser of what both senses take. */
    private function strength(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        [$web, $lips] = $of->sides();
        $w->let('S_y', $of->Iz / max($web, $lips), Kind::Modulus, '', 'gross, of the fibre that yields first');
        $w->has('F_y') || $w->let('F_y', $make->Fy, Kind::Stress);
        $w->line('M_y2', 'S_y * F_y', Kind::Moment, 'F2.1');
        $this->global($w, $make);
        $senses = ['w' => [-1, $web, 'web compressed'], 'l' => [1, $lips, 'lips compressed']];
        foreach ($senses as $letter => [$sign, $side, $words]) {
            $buckling = $make->profile()->aboutMinor($sign);
            $w->let("S_{$letter}", $of->Iz / $side, Kind::Modulus, '', $words);
            $this->modes($w, $letter, $buckling, $words);
        }
        $w->line('M_n2', 'min(M_w, M_l)', Kind::Moment, 'F1', 'the weaker sense');
        $this->method->available($w, 'M_ay', 'M_n2', 0.9, 1.67, Kind::Moment, 'F1');
    }

    /** F2.1.2: of a C, about the axis square to that of symmetry; shear centre compressed or not, the lesser. */
    private function global(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        if ($make->count() > 1) {
            $w->line(
                'M_ne2',
                'M_y2',
                Kind::Moment,
                'F2.1',
                'two back to back: about their minor axis nothing buckles sideways',
            );

            return;
        }
        [$Lx] = $this->search->lengths->inPlane();
        $w->let('A_2', $of->A, Kind::Area);
        $w->let('E_2', $make->standard()->elasticity(), Kind::ModulusOfElasticity);
        $w->let('G_2', $make->standard()->shearModulus(), Kind::ModulusOfElasticity);
        $w->let('r_2', sqrt($of->Ix / $of->A), Kind::Size, '', 'about the axis of symmetry');
        $w->let('L_2', $Lx, Kind::Length, '', 'in the plane of the web');
        $w->let('L_t2', $this->search->longestTwist(), Kind::Length, '', 'between places held against twisting');
        $w->let('r_o2', sqrt(($of->Ix + $of->Iz) / $of->A + hypot(...$of->shearCentre) ** 2), Kind::Size, 'F2.1.1');
        $w->let('J_2', $of->J, Kind::SecondMoment);
        $w->let('C_w2', $of->Cw, Kind::Warping);
        $w->let('j', abs($of->monosymmetry()[0]), Kind::Size, 'F2.1.2');
        $w->line('sigma_2', 'pi^2 * E_2 / (L_2 / r_2)^2', Kind::Stress, 'F2.1.2');
        $w->line('sigma_t2', '(G_2 * J_2 + pi^2 * E_2 * C_w2 / L_t2^2) / (A_2 * r_o2^2)', Kind::Stress, 'F2.1.1');
        $w->line(
            'M_cre2',
            'A_2 * sigma_2 * (sqrt(j^2 + r_o2^2 * sigma_t2 / sigma_2) - j)',
            Kind::Moment,
            'F2.1.2 (F2.1.2-1)',
            'C_TF = 1, the lesser sense',
        );
        $ratio = $w->value('M_cre2 / M_y2');
        match (true) {
            $ratio >= 2.78 => $w->line('M_ne2', 'M_y2', Kind::Moment, 'F2.1 (F2.1-3)', 'from 2.78 F_y on'),
            $ratio > 0.56 => $w->line(
                'M_ne2',
                '10 / 9 * M_y2 * (1 - 10 * M_y2 / (36 * M_cre2))',
                Kind::Moment,
                'F2.1 (F2.1-4)',
            ),
            default => $w->line('M_ne2', 'M_cre2', Kind::Moment, 'F2.1 (F2.1-5)'),
        };
    }

    /** The lesser of local with global and of distortional strength of a sense, M_w or M_l. */
    private function modes(Working $w, string $letter, Buckling $buckling, string $words): void
    {
        $w->let("F_l{$letter}", $buckling->localStress(), Kind::Stress, 'Appendix 2', "finite strips, {$words}");
        $w->line("x_{$letter}", "S_{$letter} * F_l{$letter} / M_ne2", Kind::Number, 'F3.2.1', 'M_crl over M_ne');
        $local =
            $w->value("x_{$letter}") >= 1 / 0.776 ** 2
                ? 'M_ne2'
                : "(1 - 0.15 * x_{$letter}^0.4) * x_{$letter}^0.4 * M_ne2";
        if ($buckling->distortional === null) {
            $w->line("M_{$letter}", $local, Kind::Moment, 'F3.2.1', 'global with local');

            return;
        }
        $w->let("F_d{$letter}", $buckling->distortional[1], Kind::Stress, 'Appendix 2', $buckling->note());
        $w->line("y_{$letter}", "S_{$letter} * F_d{$letter} / M_y2", Kind::Number, 'F4.1', 'M_crd over M_y');
        $distortional =
            $w->value("y_{$letter}") >= 1 / 0.673 ** 2
                ? 'M_y2'
                : "(1 - 0.22 * y_{$letter}^0.5) * y_{$letter}^0.5 * M_y2";
        $w->line("M_{$letter}", "min({$local}, {$distortional})", Kind::Moment, 'F3.2.1, F4.1', $words);
    }
}
