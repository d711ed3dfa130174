<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Materials\Concrete\Tee;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 7.3.2: bars that take over what the concrete carried just before it cracked, at a stress that keeps the
 * crack narrow by 7.3.3: the greater one of diameter and spacing, which is enough for cracks from loads. Bending only.
 */
final readonly class LeastAgainstCracks
{
    /** Slabs up to this depth need nothing more than 9.3 (7.3.3(1)), mm. */
    private const SHALLOW = 200.0;

    public function __construct(private Cracks $cracks)
    {
    }

    /** @return list<Weighing> where quasi-permanent load pulls at bars */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $worst = [];
        foreach ([1, -1] as $sign) {
            foreach ($concrete->steel()->inTension($sign) as $stretch) {
                $e = $this->cracks->moment($concrete, $sign, $stretch->from, $stretch->to);
                if ($e === null || $this->isShallow($concrete)) {
                    continue;
                }
                $w = $detail->working();
                $this->ratio($concrete, $stretch->group, [$sign, $e->x], $w);
                $made = StretchWeighings::least($sign, $stretch, $w, 'EN 1992-1-1, 7.3.2', 'against cracks');
                if ($made->ratio > ($worst[$made->id]->ratio ?? -1.0)) {
                    $worst[$made->id] = $made;
                }
            }
        }

        return array_values($worst);
    }

    /** Are there enough of these bars where a moment of a sign is greatest? */
    public function suffices(ConcreteMake $concrete, BarGroup $group, int $sign, float $x): bool
    {
        return $this->isShallow($concrete)
            || $this->ratio($concrete, $group, [$sign, $x], new Working(false)) <= 1.0;
    }

    private function isShallow(ConcreteMake $concrete): bool
    {
        return $concrete->isSlab() && $concrete->h <= self::SHALLOW + 1e-6;
    }

    /** @param  array{int, float}  $where  sign of the moment, place */
    private function ratio(ConcreteMake $concrete, BarGroup $group, array $where, Working $w): float
    {
        Section::depth($concrete, $group, $w);
        $w->let('f_ctm', $concrete->grade->fctm(), Kind::Stress, 'Table 3.1', 'f_ct,eff');
        $w->let('f_yk', $concrete->fyk, Kind::Stress);
        self::tension($concrete->tee(...$where), $w);
        $this->stress($concrete, $group, $w);
        $flange = $w->has('A_ct_f') ? ' + k_c_f * k_f * A_ct_f' : '';
        $w->line(
            'A_s_min',
            "(k_c * k * A_ct{$flange}) * f_ctm / sigma_s",
            Kind::SteelArea,
            '7.3.2(2) (7.1)',
        );
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $group->text());

        return $w->line('u', 'A_s_min / A_s', Kind::Number, '7.3.2(2)');
    }

    private function stress(ConcreteMake $concrete, BarGroup $group, Working $w): void
    {
        $crack = $concrete->service->crack;
        $w->line('phi_s', 'phi * 2.9 / f_ctm * 2 * (h - d) / (k_c * (h - y))', Kind::Size, '7.3.3(2) (7.6N)');
        $w->let(
            'sigma_phi',
            $crack->stressOfDiameter(max($w->value('phi_s'), $group->bars->diameter)),
            Kind::Stress,
            'Table 7.2N',
            "{$crack->value} mm; not above that of ø itself",
        );
        $spacing = $group->bars->spacing ?? $group->clear + $group->bars->diameter;
        $w->has('s_b') ?: $w->let('s_b', $spacing, Kind::Size, '', 'spacing of bars');
        $w->let('sigma_sp', $crack->stressOfSpacing($spacing), Kind::Stress, 'Table 7.3N');
        $w->line('sigma_s', 'min(f_yk, max(sigma_phi, sigma_sp))', Kind::Stress, '7.3.3(2)');
    }

    /** What is in tension just before cracking: of the web, and of a flange there. */
    private static function tension(Tee $tee, Working $w): void
    {
        $w->let('b_w', $tee->bw, Kind::Size);
        $w->let('y', $tee->centroid(), Kind::Size, '', 'from the compressed face to the axis');
        $w->line('A_ct', 'b_w * (h - y)', Kind::Area, '7.3.2(2)', 'of the web');
        $w->let('k_c', 0.4, Kind::Number, '7.3.2(2) (7.2)', 'bending');
        $w->line('k', 'max(0.65, min(1, 1 - 0.35 * (h - 300) / 500))', Kind::Number, '7.3.2(2)');
        if ($tee->ht === 0.0 || $tee->bt <= $tee->bw) {
            return;
        }
        $w->let('b_t', $tee->bt, Kind::Size, '', 'flange in tension');
        $w->let('h_t', $tee->ht, Kind::Size);
        $w->line('A_ct_f', '(b_t - b_w) * min(h_t, h - y)', Kind::Area, '7.3.2(2)', 'of the flange beside the web');
        $w->line('k_c_f', 'max(0.5, 0.9 * max(0, h - y - h_t / 2) / (h - y))', Kind::Number, '7.3.2(2) (7.3)');
        $w->line('k_f', 'max(0.65, min(1, 1 - 0.35 * (b_t - 300) / 500))', Kind::Number, '7.3.2(2)');
    }
}
