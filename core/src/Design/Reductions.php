<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Checks\Derivation;
use Waage\Checks\Line;
use Waage\Member\AreaReduction;
use Waage\Member\StoreyReduction;
use Waage\Units\Kind;

/** How an imposed load is reduced with the area or the number of storeys, line by line. */
final class Reductions
{
    public static function line(AreaReduction|StoreyReduction $r): Line
    {
        $d = new Derivation;
        if ($r instanceof StoreyReduction) {
            if ($r->storeys > 2) {
                $d->line(
                    'alpha_n',
                    '(2 + (n - 2) * psi_0) / n',
                    ['n' => [(float) $r->storeys, Kind::Number], 'psi_0' => [$r->psi0, Kind::Number]],
                    $r->factor,
                    Kind::Number,
                    'EN 1991-1-1, 6.3.1.2(11)',
                );
            } else {
                $d->given('alpha_n', 1.0, Kind::Number, 'EN 1991-1-1, 6.3.1.2(11)', 'for more than two storeys');
            }

            return $d->lines[0];
        }
        $A = ['A' => [$r->area, Kind::FloorArea]];
        if ($r->isAsce) {
            if ($r->area < AreaReduction::FROM_ASCE) {
                $d->given('alpha_A', 1.0, Kind::Number, 'ASCE 7, 4.7.2', 'the influence area is below 400 ft²');
            } else {
                $d->line(
                    'alpha_A',
                    'max(0.5, min(1, 0.25 + sqrt(A_1 / A)))',
                    ['A_1' => [AreaReduction::SCALE_ASCE, Kind::FloorArea], ...$A],
                    $r->factor,
                    Kind::Number,
                    'ASCE 7, 4.7.2',
                    'A_1 = (15 ft)², A = K_LL A_T',
                );
            }
        } else {
            $values = ['psi_0' => [$r->psi0, Kind::Number], 'A_0' => [AreaReduction::A0, Kind::FloorArea], ...$A];
            $d->line(
                'alpha_A',
                $r->hasLeast ? 'max(0.6, min(1, 5 / 7 * psi_0 + A_0 / A))' : 'min(1, 5 / 7 * psi_0 + A_0 / A)',
                $values,
                $r->factor,
                Kind::Number,
                'EN 1991-1-1, 6.3.1.2(10)',
                $r->hasLeast ? 'categories C and D: not below 0.6' : '',
            );
        }

        return $d->lines[0];
    }
}
