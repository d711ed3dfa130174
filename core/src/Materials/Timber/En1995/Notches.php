<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Notch;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.5.2: shear at the end of a member that is notched at its support. */
final readonly class Notches
{
    public function __construct(private Search $search)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $weighings = [];
        foreach ($timber->details->notches as $notch) {
            foreach ([1, -1] as $sign) {
                $at = $this->reaction($notch, $sign, $timber);
                // A notch in the face away from the support opens only where the support holds the member down.
                $opens = $notch->isBelow === $sign > 0;
                if ($at !== null && ($opens || $sign > 0)) {
                    $weighings[] = $this->at($notch, $opens, $sign, $timber, $at, $detail);
                }
            }
        }

        return $weighings;
    }

    private function reaction(Notch $notch, int $sign, TimberMake $timber): ?Governing
    {
        $beam = $this->search->beam();
        $axis = $beam->beam->axis;
        $values = array_map(
            fn (array $of): float => $sign * $axis->normal($of[$notch->support][0], $of[$notch->support][2]),
            $beam->responses->reactions,
        );

        return $this->search->greatest($values, $beam->member->supports[$notch->support]->x, $timber);
    }

    private function at(
        Notch $notch,
        bool $opens,
        int $sign,
        TimberMake $timber,
        Governing $at,
        Detail $detail,
    ): Weighing {
        $number = $notch->support + 1;
        $id = "notch-{$number}".($sign < 0 ? '-uplift' : '');
        $title = "Notch at support {$number}".($sign < 0 ? ', uplift' : '');
        if ($notch->depth > 0.5 * $timber->h) {
            return new Weighing(
                $id,
                $title,
                'EN 1995-1-1, 6.5.2',
                null,
                applies: false,
                remark: 'A notch deeper than half of the member is not covered.',
            );
        }
        $w = $detail->working();
        $w->let('V_d', $at->value, Kind::Force, '', $sign < 0 ? 'upward' : '');
        Bending::sizes($w, $timber);
        $w->let('d_n', $notch->depth, Kind::Size, '', $notch->isBelow ? 'cut out below' : 'cut out above');
        $w->line('h_ef', 'h - d_n', Kind::Size, '6.5.2, Figure 6.11');
        Shear::stress($w, $timber, 'b', 'h_ef');
        if (! $opens) {
            $w->let('k_v', 1.0, Kind::Number, '6.5.2(2) (6.61)', 'the notch is opposite to the support');
        } else {
            $w->line('alpha', 'h_ef / h', Kind::Number);
            $w->let('x', $notch->x, Kind::Size, '6.5.2(2)', 'from the reaction to the corner');
            $w->let('i', $notch->slope, Kind::Number, '6.5.2(2)', $notch->slope > 0.0 ? 'slope i to 1' : 'square');
            $w->let(
                'k_n',
                self::factor($timber->grade->product),
                Kind::Number,
                '6.5.2(2) (6.63)',
                $timber->grade->product->value,
            );
            $w->line(
                'k_v',
                'min(1, k_n * (1 + 1.1 * i^1.5 / sqrt(h)) / (sqrt(h) * (sqrt(alpha * (1 - alpha)) + 0.8 * x / h * sqrt(1 / alpha - alpha^2))))',
                Kind::Number,
                '6.5.2(2) (6.62)',
                'h in mm',
            );
        }
        Strength::of($w, $timber, $at->group, 'f_v_d', $timber->grade->values->shear, Strength::system($w, $timber));
        $w->line('u', 'tau_d / (k_v * f_v_d)', Kind::Number, '6.5.2(2) (6.60)');

        return Report::of(new Heading($id, $title, 'EN 1995-1-1, 6.5.2', 'Notch'), $w, $at, 'tau_d', 'k_v * f_v_d');
    }

    /** k_n of (6.63). */
    public static function factor(Product $product): float
    {
        return match ($product) {
            Product::Glulam => 6.5,
            Product::Lvl => 4.5,
            default => 5.0,
        };
    }
}
