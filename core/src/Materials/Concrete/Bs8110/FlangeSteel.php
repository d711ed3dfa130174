<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** BS 8110-1:1997, Table 3.25: steel across the flange, near its top, which ties it to the web. */
final class FlangeSteel
{
    /** @return list<Weighing> what is needed; the bars of the slab count and are not known here */
    public static function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $flange = $concrete->widths?->flange;
        if ($flange === null) {
            return [];
        }
        $w = $detail->working();
        $w->let('h_f', $flange->thickness, Kind::Size, '', 'flange');
        $w->line('a_sf', '0.0015 * h_f', Kind::AreaByLength, 'Table 3.25', 'across the whole flange, by length');

        return [
            new Weighing(
                'flange-steel',
                'Steel across the flange',
                'BS 8110-1, Table 3.25',
                null,
                lines: $w->lines,
                remark: 'This much is needed, with the bars of the slab; what there is, is not weighed here.',
                told: true,
            ),
        ];
    }
}
