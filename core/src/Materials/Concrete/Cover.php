<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/**
 * Cover for bond and durability: EN 1992-1-1, 4.4.1, Table 4.4N; ACI 318-19, Table 20.5.1.3.1; BS 8110-1:1997, Table
 * 3.3 (all from memory). mm.
 */
final class Cover
{
    /** Columns of Table 4.4N. */
    private const COLUMNS = [
        'X0' => 0,
        'XC1' => 1,
        'XC2' => 2,
        'XC3' => 2,
        'XC4' => 3,
        'XD1' => 4,
        'XS1' => 4,
        'XD2' => 5,
        'XS2' => 5,
        'XD3' => 6,
        'XS3' => 6,
    ];

    /** By structural class S1 to S6. */
    private const EUROPEAN = [
        1 => [10, 10, 10, 15, 20, 25, 30],
        [10, 10, 15, 20, 25, 30, 35],
        [10, 10, 20, 25, 30, 35, 40],
        [10, 15, 25, 30, 35, 40, 45],
        [15, 20, 30, 35, 40, 45, 50],
        [20, 25, 35, 40, 45, 50, 55],
    ];

    /** By exposure and cube strength; null: that strength does not do. */
    private const CLASSIC = [
        'mild' => [30 => 25, 35 => 20],
        'moderate' => [35 => 35, 40 => 30, 45 => 25, 50 => 20],
        'severe' => [40 => 40, 45 => 30, 50 => 25],
        'very severe' => [40 => 50, 45 => 40, 50 => 30],
    ];

    private const AMERICAN = ['interior', 'weather', 'ground'];

    /** @return list<string> */
    public static function exposures(Code $code): array
    {
        return match ($code) {
            Code::Aci318 => self::AMERICAN,
            Code::Bs8110 => array_keys(self::CLASSIC),
            default => array_keys(self::COLUMNS),
        };
    }

    /** c_min,dur of Table 4.4N. */
    public static function durable(string $exposure, int $class): float
    {
        return (float) self::EUROPEAN[$class][self::COLUMNS[$exposure]];
    }

    /** @return list<Weighing> none where no exposure is said */
    public static function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $exposure = $concrete->service->around->exposure;
        if ($exposure === null) {
            return [];
        }
        $w = $detail->working();
        $phi = max(array_map(fn (BarGroup $g): float => $g->bars->diameter, $concrete->steel()->groups()));
        $w->let('c', $concrete->cover, Kind::Size, '', $concrete->isSlab() ? '' : 'to the links');
        $w->let('phi', $phi, Kind::Size, '', 'the thickest bar');
        $concrete->isSlab() ?: $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $clause = match ($concrete->code()) {
            Code::Aci318 => self::american($concrete, $exposure, $phi, $w),
            Code::Bs8110 => self::classic($concrete, $exposure, $w),
            default => self::european($concrete, $exposure, $w),
        };
        if (! $w->has('c_nom')) {
            $why = "No cover is given for concrete of this strength in this exposure ({$clause}): take a stronger one.";

            return [new Weighing('cover', 'Cover', $clause, null, applies: false, lines: $w->lines, remark: $why)];
        }
        $w->line('u', 'c_nom / c', Kind::Number, $clause);

        return [
            new Weighing(
                'cover',
                'Cover',
                $concrete->code()->value.", {$clause}",
                $w->value('u'),
                against: new Against(
                    demand: $w->value('c_nom'),
                    capacity: $w->value('c'),
                    kind: Kind::Size,
                    demandSymbol: 'c_nom',
                    capacitySymbol: 'c',
                ),
                lines: $w->lines,
            ),
        ];
    }

    private static function european(ConcreteMake $concrete, string $exposure, Working $w): string
    {
        $class = $concrete->service->around->class;
        $w->let('c_min_dur', self::durable($exposure, $class), Kind::Size, 'Table 4.4N', "{$exposure}, S{$class}");
        $coarse = $concrete->aggregate > 32.0;
        $more = $coarse ? ' + 5' : '';
        $w->line(
            'c_min_b',
            $concrete->isSlab() ? "phi{$more}" : "max(phi_w, phi - phi_w){$more}",
            Kind::Size,
            '4.4.1.2(3)',
            $coarse ? 'bond; aggregate above 32 mm' : 'bond',
        );
        $w->line('c_min', 'max(c_min_b, c_min_dur, 10)', Kind::Size, '4.4.1.2(2) (4.2)');
        $w->let('dc_dev', $concrete->service->around->deviation, Kind::Size, '4.4.1.3');
        $w->line('c_nom', 'c_min + dc_dev', Kind::Size, '4.4.1.1(2) (4.1)');

        return '4.4.1';
    }

    /** Table 20.5.1.3.1, cast in place. */
    private static function american(ConcreteMake $concrete, string $exposure, float $phi, Working $w): string
    {
        $inches = match ($exposure) {
            'ground' => 3.0,
            'weather' => $phi > 16.0 ? 2.0 : 1.5,
            default => $concrete->isSlab() ? 0.75 : 1.5,
        };
        $note =
            [
                'ground' => 'cast against ground',
                'weather' => 'exposed to weather or ground',
                'interior' => 'not exposed',
            ][$exposure] ?? '';
        $w->let('c_nom', $inches * 25.4, Kind::Size, 'Table 20.5.1.3.1', $note);

        return 'Table 20.5.1.3.1';
    }

    private static function classic(ConcreteMake $concrete, string $exposure, Working $w): string
    {
        $cover = null;
        foreach (self::CLASSIC[$exposure] as $cube => $mm) {
            $cover = $concrete->grade->cube >= $cube - 1e-6 ? (float) $mm : $cover;
        }
        if ($cover !== null) {
            $w->let('c_dur', $cover, Kind::Size, 'Table 3.3', "{$exposure}, f_cu of {$concrete->grade->name}");
            $w->line(
                'c_nom',
                $concrete->isSlab() ? 'max(c_dur, phi)' : 'max(c_dur, phi - phi_w)',
                Kind::Size,
                '3.3.1.2, 3.3.3',
            );
        }

        return 'Table 3.3';
    }
}
