<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/**
 * Fire by the tables: EN 1992-1-2:2004, Tables 5.5, 5.6 and 5.8 (axis distance and width, η_fi = 0.7); BS
 * 8110-1:1997, Table 3.4 and Figure 3.2 (cover and width); ACI 318-19 has none. From memory. mm, minutes.
 */
final readonly class Fire
{
    /** Least width and axis distance of beams, simply supported (Table 5.5). */
    private const SIMPLE = [
        30 => [[80, 25], [120, 20], [160, 15], [200, 15]],
        60 => [[120, 40], [160, 35], [200, 30], [300, 25]],
        90 => [[150, 55], [200, 45], [300, 40], [400, 35]],
        120 => [[200, 65], [240, 60], [300, 55], [500, 50]],
        180 => [[240, 80], [300, 70], [400, 65], [600, 60]],
        240 => [[280, 90], [350, 80], [500, 75], [700, 70]],
    ];

    /** The same of continuous ones, redistributed by 15 % at most (Table 5.6). */
    private const CONTINUOUS = [
        30 => [[80, 15], [160, 12]],
        60 => [[120, 25], [200, 12]],
        90 => [[150, 35], [250, 25]],
        120 => [[200, 45], [300, 35], [450, 35], [500, 30]],
        180 => [[240, 60], [400, 50], [550, 50], [600, 40]],
        240 => [[280, 75], [500, 60], [650, 60], [700, 50]],
    ];

    /** Thickness and axis distance of slabs that span one way (Table 5.8). */
    private const SLABS = [
        30 => [60, 10],
        60 => [80, 20],
        90 => [100, 30],
        120 => [120, 40],
        180 => [150, 55],
        240 => [175, 65],
    ];

    /**
     * Cover to all steel: beams simple, continuous; floors simple, continuous; least width and thickness (BS 8110-1).
     */
    private const CLASSIC = [
        30 => [20, 20, 20, 20, 200, 75],
        60 => [20, 20, 20, 20, 200, 95],
        90 => [20, 20, 25, 20, 200, 110],
        120 => [40, 30, 35, 25, 200, 125],
        180 => [60, 40, 45, 35, 240, 150],
        240 => [70, 50, 55, 45, 280, 170],
    ];

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<int> */
    public static function periods(): array
    {
        return array_keys(self::SLABS);
    }

    /** @return list<Weighing> none where no fire is asked for */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $minutes = $concrete->service->around->fire;
        if ($minutes === null) {
            return [];
        }
        $w = $detail->working();
        $isContinuous = $this->isContinuous($concrete);
        if ($concrete->code() === Code::Aci318) {
            $why = 'ACI 318 has no rule for fire: the building code says what cover and size it asks for.';

            return [new Weighing('fire', "Fire, R{$minutes}", 'ACI 318-19', null, applies: false, remark: $why)];
        }
        $clause = match (true) {
            $concrete->code() === Code::Bs8110 => $this->classic($concrete, $minutes, $isContinuous, $w),
            $concrete->isSlab() => $this->slab($concrete, $minutes, $w),
            default => $this->beam($concrete, $minutes, $isContinuous, $w),
        };
        if (! $w->has('u')) {
            $why = 'The beam is narrower than any of the table.';

            return [
                new Weighing(
                    'fire',
                    "Fire, R{$minutes}",
                    $clause,
                    null,
                    applies: false,
                    lines: $w->lines,
                    remark: $why,
                ),
            ];
        }

        return [new Weighing('fire', "Fire, R{$minutes}", $clause, $w->value('u'), lines: $w->lines)];
    }

    /** Of all spans: a single one that is not counts for all. */
    private function isContinuous(ConcreteMake $concrete): bool
    {
        $spans = Span::all($concrete->length(), $this->envelopes->beam->member->supports);

        return array_filter($spans, fn (Span $s): bool => ! $s->isOverhang && $s->goesOn === 0) === [];
    }

    /** The bottom bars that lie nearest to the heat: axis distance of the group, and of the corner bars to the side. */
    private function nearest(ConcreteMake $concrete): BarGroup
    {
        $groups = array_map(fn (BarStretch $s): BarGroup => $s->group, $concrete->steel()->bottom);
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $a->centroid() <=> $b->centroid());

        return $groups[0];
    }

    private function slab(ConcreteMake $concrete, int $minutes, Working $w): string
    {
        [$thickness, $axis] = self::SLABS[$minutes];
        $group = $this->nearest($concrete);
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('a', $group->centroid(), Kind::Size, '5.2(11)', "axis of {$group->text()}");
        $w->let('h_min', (float) $thickness, Kind::Size, 'Table 5.8', "R{$minutes}, one way");
        $w->let('a_min', (float) $axis, Kind::Size, 'Table 5.8');
        $w->line('u', 'max(h_min / h, a_min / a)', Kind::Number, 'Table 5.8');

        return 'EN 1992-1-2, 5.7';
    }

    private function beam(ConcreteMake $concrete, int $minutes, bool $isContinuous, Working $w): string
    {
        $group = $this->nearest($concrete);
        $table = $isContinuous ? 'Table 5.6' : 'Table 5.5';
        $rows = self::rows($minutes, $isContinuous);
        $w->let('b', $concrete->b, Kind::Size);
        $w->let('a', $group->centroid(), Kind::Size, '5.2(11), (15)', "axis of {$group->text()}");
        $side = $concrete->cage()->toBars() + $group->bars->diameter / 2;
        $w->let('a_sd', $side, Kind::Size, '', 'axis of the corner bars to the side');
        $w->let(
            'b_min',
            (float) $rows[0][0],
            Kind::Size,
            $table,
            "R{$minutes}, ".($isContinuous ? 'continuous' : 'simply supported'),
        );
        $axis = $this->axis($rows, $concrete->b);
        if ($axis === null) {
            return 'EN 1992-1-2, 5.6';
        }
        $w->let('a_min', $axis, Kind::Size, $table, 'for this width');
        // Beams wider than the third column (the second where they go on) need no more at the corners.
        $isWide = $concrete->b > ($rows[$isContinuous ? 1 : 2][0] ?? INF);
        $adds = count($group->layers) === 1 && ! $isWide;
        $w->line('a_sd_min', $adds ? 'a_min + 10' : 'a_min', Kind::Size, $table, $adds ? 'one layer' : '');
        $w->line('u', 'max(b_min / b, a_min / a, a_sd_min / a_sd)', Kind::Number, '5.6');

        return 'EN 1992-1-2, 5.6';
    }

    /** @return list<array{int, int}> */
    private static function rows(int $minutes, bool $isContinuous): array
    {
        return ($isContinuous ? self::CONTINUOUS : self::SIMPLE)[$minutes];
    }

    /**
     * Between the columns on the straight line (5.2(17)); null: too narrow.
     *
     * @param  list<array{int, int}>  $rows
     */
    private function axis(array $rows, float $b): ?float
    {
        foreach ($rows as $i => [$width, $axis]) {
            if ($b <= $width) {
                if ($i === 0) {
                    return $b < $width ? null : (float) $axis;
                }
                [$before, $a] = $rows[$i - 1];

                return $a + (($axis - $a) * ($b - $before)) / ($width - $before);
            }
        }

        return (float) $rows[count($rows) - 1][1];
    }

    private function classic(ConcreteMake $concrete, int $minutes, bool $isContinuous, Working $w): string
    {
        $row = self::CLASSIC[$minutes];
        $cover = $row[($concrete->isSlab() ? 2 : 0) + ($isContinuous ? 1 : 0)];
        $w->let('c', $concrete->cover, Kind::Size, '', 'to all steel');
        $w->let(
            'b',
            $concrete->isSlab() ? $concrete->h : $concrete->b,
            Kind::Size,
            '',
            $concrete->isSlab() ? 'thickness' : '',
        );
        $note = $minutes / 60 .' h, '.($isContinuous ? 'continuous' : 'simply supported');
        $w->let('c_min', (float) $cover, Kind::Size, 'Table 3.4', $note);
        $w->let('b_min', (float) $row[$concrete->isSlab() ? 5 : 4], Kind::Size, 'Figure 3.2');
        $w->line('u', 'max(c_min / c, b_min / b)', Kind::Number, '3.3.6');

        return 'BS 8110-1, 3.3.6';
    }
}
