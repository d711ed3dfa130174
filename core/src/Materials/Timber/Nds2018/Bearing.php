<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Timber\Contacts;
use Waage\Materials\Timber\Pressure;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** NDS 2018, 3.10: bearing across the grain at each support and point load by itself, and in a sill. */
final readonly class Bearing
{
    private const INCH = 25.4;

    public function __construct(private Contacts $contacts, private Method $method)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        return array_map(
            fn (Pressure $pressure): Weighing => $this->at($pressure, $detail),
            $this->contacts->pressures($timber, 'NDS 2018, 3.10.2'),
        );
    }

    private function at(Pressure $of, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('R', $of->at->value, Kind::Force);
        $w->let('l_b', $of->along, Kind::Size, '', 'along the grain');
        $w->let('b', $of->across, Kind::Size, '', 'across it');
        $w->line('f_c_perp', 'R / (l_b * b)', Kind::Stress, '3.10.2');
        $values = new Values($of->of, $this->method);
        $values->adjusted($w, $of->at->group, 'F_c_perp_adj', 'F_c_perp', $of->of->grade->values->across, 'cp');
        if ($of->along < 6 * self::INCH && $of->fromEnd >= 3 * self::INCH) {
            $w->let('l_more', 0.375 * self::INCH, Kind::Size, '3.10.4', '0.375 in.');
            $w->line('C_b', '(l_b + l_more) / l_b', Kind::Number, '3.10.4 (3.10-2)');
        } else {
            $isNear = $of->fromEnd < 3 * self::INCH;
            $why = $isNear ? 'nearer than 3 in. to the end' : 'not shorter than 6 in.';
            $w->let('C_b', 1.0, Kind::Number, '3.10.4', $why);
        }
        $w->line('u', 'f_c_perp / (C_b * F_c_perp_adj)', Kind::Number, '3.10.2');

        return Report::of($of->heading, $w, $of->at, 'f_c_perp', 'C_b * F_c_perp_adj');
    }
}
