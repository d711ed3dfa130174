<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Units\Kind;

/**
 * BS 8110-2:1985, 3.8: width of cracks in service, beside the rules for spacing of Part 1, which decide. At the face
 * in tension, half way between bars or at the corner; concrete with half its modulus. Rectangles.
 */
final readonly class CrackWidths
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> where the crack is widest */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $worst = null;
        foreach ($concrete->widths === null ? [1, -1] : [] as $sign) {
            foreach ($concrete->steel()->inTension($sign) as $stretch) {
                $w = $this->ofStretch($concrete, $sign, $stretch, $detail);
                $worst =
                    $w !== null && ($worst === null || $w->value('w_cr') > $worst[0]->value('w_cr'))
                        ? [$w, $stretch]
                        : $worst;
            }
        }

        return $worst === null
            ? []
            : [
                new Weighing(
                    'crack-width',
                    "Crack width, {$worst[1]->place}",
                    'BS 8110-2, 3.8',
                    null,
                    against: new Against(
                        demand: $worst[0]->value('w_cr'),
                        capacity: $worst[0]->value('w_max'),
                        kind: Kind::Crack,
                        demandSymbol: 'w_cr',
                        capacitySymbol: 'w_max',
                    ),
                    lines: $worst[0]->lines,
                    remark: 'Beside the spacing of bars, which decides (BS 8110-1, 3.12.11.2.1).',
                    told: true,
                ),
            ];
    }

    private function ofStretch(ConcreteMake $concrete, int $sign, BarStretch $stretch, Detail $detail): ?Working
    {
        $e = $this->envelopes->moment->extreme(
            $this->envelopes->characteristic,
            $sign,
            $concrete->weight(),
            $stretch->from,
            $stretch->to,
        );
        if ($e === null || $sign * $e->value < 1.0) {
            return null;
        }
        $group = $stretch->group;
        $w = $detail->working();
        $w->let('M', abs($e->value), Kind::Moment, '', $sign > 0 ? 'in service, sagging' : 'in service, hogging');
        Section::depth($concrete, $group, $w);
        $w->has('b') ?: $w->let('b', $concrete->b, Kind::Size);
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $group->text());
        $w->let('f_cu', $concrete->grade->cube, Kind::Stress);
        $w->line('E_c', '(20 + 0.2 * f_cu) * 1000 / 2', Kind::ModulusOfElasticity, '3.8.3, Table 7.2', 'half of it');
        $w->let('E_s', 200000.0, Kind::ModulusOfElasticity);
        $w->line('alpha_e', 'E_s / E_c', Kind::Number);
        $w->line(
            'x',
            'alpha_e * A_s / b * (sqrt(1 + 2 * b * d / (alpha_e * A_s)) - 1)',
            Kind::Size,
            '3.8.3',
            'cracked',
        );
        $w->line('f_s', 'M / (A_s * (d - x / 3))', Kind::Stress);
        $w->line('epsilon_1', 'f_s / E_s * (h - x) / (d - x) * 1000', Kind::Number, '3.8.3', 'at the face, ‰');
        $w->line(
            'epsilon_m',
            'max(0, epsilon_1 - b * (h - x)^2 / (3 * E_s * A_s * (d - x)) * 1000)',
            Kind::Number,
            '3.8.3 (13)',
            'with tension stiffening, ‰',
        );
        $concrete->isSlab()
            ? $w->line('c_1', 'c', Kind::Size, '', 'to the bars')
            : $w->line('c_1', 'c + phi_w', Kind::Size, '', 'to the bars');
        $spacing = $group->bars->spacing ?? $group->clear + $group->bars->diameter;
        $w->has('s_b') ?: $w->let('s_b', $spacing, Kind::Size, '', 'spacing of bars');
        $corner = $concrete->isSlab() ? '' : ', sqrt(2) * (c_1 + phi / 2)';
        $between = 'sqrt((s_b / 2)^2 + (c_1 + phi / 2)^2)';
        $rule = $corner === '' ? "{$between} - phi / 2" : "max({$between}{$corner}) - phi / 2";
        $w->line('a_cr', $rule, Kind::Size, '3.8.3', 'from the crack to the nearest bar');
        $w->line('w_cr', '3 * a_cr * epsilon_m / 1000 / (1 + 2 * (a_cr - c_1) / (h - x))', Kind::Crack, '3.8.3 (12)');
        $w->let('w_max', 0.3, Kind::Crack, 'BS 8110-1, 3.2.4.2');

        return $w;
    }
}
