<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Timber\Contacts;
use Waage\Materials\Timber\Pressure;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** CSA O86:19, 6.5.7: bearing across the grain at each support and point load by itself, and in a sill. */
final readonly class Bearing
{
    /** Table 6.5.7.6: K_B by the length of bearing, mm; between rows that of the next longer one. */
    private const LENGTH = [[12.5, 1.75], [25.0, 1.38], [38.0, 1.25], [50.0, 1.19], [75.0, 1.13], [100.0, 1.1]];

    /** 6.5.7.6: K_B only so far from the end, mm. */
    private const FROM_END = 75.0;

    public function __construct(private Contacts $contacts)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        return array_map(
            fn (Pressure $pressure): Weighing => $this->at($pressure, $detail),
            $this->contacts->pressures($timber, 'CSA O86:19, 6.5.7.2'),
        );
    }

    private function at(Pressure $of, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('Q_f', $of->at->value, Kind::Force);
        $w->let('L_b', $of->along, Kind::Size, '', 'along the grain');
        $w->let('b', $of->across, Kind::Size, '', 'across it');
        $w->line('A_b', 'b * L_b', Kind::Area);
        (new Values($of->of))->strength($w, $of->at->group, 'F_cp', 'f_cp', $of->of->grade->values->across, 'cp');
        [$K, $why] = match (true) {
            $of->fromEnd < self::FROM_END => [1.0, 'nearer than 75 mm to the end'],
            $of->along < 150.0 => [self::ofLength($of->along), 'of the next longer row'],
            default => [1.0, '150 mm or longer'],
        };
        $w->let('K_B', $K, Kind::Number, 'Table 6.5.7.6', $why);
        // Flat pieces bear more (6.5.7.5): 1.15 from twice as wide as deep on. The depth of a sill is not known.
        $ratio = $of->isOfSill() ? 1.0 : $of->of->b / $of->of->h;
        $w->let(
            'K_Zcp',
            min(1.15, max(1.0, 1.0 + 0.15 * ($ratio - 1.0))),
            Kind::Number,
            '6.5.7.5',
            $of->isOfSill() ? 'on the safe side' : 'width over depth',
        );
        $w->let('phi', 0.8, Kind::Number, '6.5.7.2');
        $w->line('Q_r', 'phi * F_cp * A_b * K_B * K_Zcp', Kind::Force, '6.5.7.2');
        $w->line('u', 'Q_f / Q_r', Kind::Number);

        return Report::of($of->heading->of(Kind::Force), $w, $of->at, 'Q_f', 'Q_r');
    }

    public static function ofLength(float $length): float
    {
        foreach (self::LENGTH as [$l, $K]) {
            if ($length <= $l + 1e-6) {
                return $K;
            }
        }

        return 1.0;
    }
}
