<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Checks\Derivation;
use Waage\Checks\Line;
use Waage\Checks\Working;
use Waage\Member\AreaReduction;
use Waage\Member\Spread;
use Waage\Member\StoreyReduction;
use Waage\Units\Kind;

/** How an imposed load is reduced with the area or the number of storeys, or spreads over a slab, line by line. */
final class Reductions
{
    /** b/(t + k x (1 − x/l)), to a free edge at most. */
    private static function spread(Spread $r): Line
    {
        $w = new Working(true);
        $w->bind('b', $r->strip, Kind::Size);
        $w->bind('t', $r->covers, Kind::Size);
        $w->bind('k', $r->k, Kind::Number);
        $w->bind('x', $r->x, Kind::Size);
        $w->bind('l', $r->span, Kind::Size);
        $w->bind('e', $r->toEdge ?? 0.0, Kind::Size);
        $wide = 't + k * x * (1 - x / l)';
        $rule = $r->toEdge === null ? $wide : "min({$wide}, ({$wide}) / 2 + e)";
        $note = $r->goesOn ? 'by the middle of the load; 1.5 where moments go on' : 'by the middle of the load';
        $w->line('beta', "min(1, b / max(1, {$rule}))", Kind::Number, 'BS 8110-1, 3.5.2.2', $note);

        return $w->lines[0];
    }

    public static function line(AreaReduction|StoreyReduction|Spread $r): Line
    {
        if ($r instanceof Spread) {
            return self::spread($r);
        }
        $d = new Derivation();
        if ($r instanceof StoreyReduction) {
            if ($r->storeys > 2) {
                $d->with(['n' => [(float) $r->storeys, Kind::Number], 'psi_0' => [$r->psi0, Kind::Number]])->line(
                    'alpha_n',
                    '(2 + (n - 2) * psi_0) / n',
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
                $d->with(['A_1' => [AreaReduction::SCALE_ASCE, Kind::FloorArea], ...$A])->line(
                    'alpha_A',
                    'max(0.5, min(1, 0.25 + sqrt(A_1 / A)))',
                    Kind::Number,
                    'ASCE 7, 4.7.2',
                    'A_1 = (15 ft)², A = K_LL A_T',
                );
            }
        } else {
            $values = ['psi_0' => [$r->psi0, Kind::Number], 'A_0' => [AreaReduction::A0, Kind::FloorArea], ...$A];
            $d->with($values)->line(
                'alpha_A',
                $r->hasLeast ? 'max(0.6, min(1, 5 / 7 * psi_0 + A_0 / A))' : 'min(1, 5 / 7 * psi_0 + A_0 / A)',
                Kind::Number,
                'EN 1991-1-1, 6.3.1.2(10)',
                $r->hasLeast ? 'categories C and D: not below 0.6' : '',
            );
        }

        return $d->lines[0];
    }
}
