<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.1.7: shear, with cracks, in either direction. */
final readonly class Shear
{
    public function __construct(private Search $search)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $sideways = $this->search->envelopes->sideways;
        $down = $this->search->of($this->search->envelopes->shear, $timber);
        $across = $sideways === null
            ? null
            : $this->search->of($sideways->shear, $timber, beam: $sideways->beam);

        return [
            ...$down === null ? [] : [$this->at($timber, $down, 'shear', 'Shear', 'h', $derive)],
            ...$across === null
                ? []
                : [$this->at($timber, $across, 'shear-sideways', 'Shear sideways', 'b', $derive)],
        ];
    }

    /** @param  string  $depth  in the direction of the force, "h" or "b" */
    private function at(
        TimberMake $timber,
        Governing $at,
        string $id,
        string $title,
        string $depth,
        bool $derive,
    ): Weighing {
        $w = new Working($derive);
        $w->let('V_d', abs($at->value), Kind::Force);
        Bending::sizes($w, $timber);
        self::stress($w, $timber, $depth === 'h' ? 'b' : 'h', $depth);
        Strength::of($w, $timber, $at->group, 'f_v_d', $timber->grade->values->shear, Strength::system($w, $timber));
        $u = $w->line('u', 'tau_d / f_v_d', Kind::Number, '6.1.7(1) (6.13)');
        $length = $this->search->beam()->member->length;

        return Report::of(
            $id,
            $title,
            'EN 1995-1-1, 6.1.7',
            $w,
            $at,
            'tau_d',
            'f_v_d',
            $u > 0.0 && $depth === 'h' ? [[0.0, $length, abs($at->value) / $u, $u]] : [],
        );
    }

    /** 1.5 V/(b_ef d) of a depth that has been let. */
    public static function stress(Working $w, TimberMake $timber, string $width, string $depth): void
    {
        $isLvl = $timber->grade->product === Product::Lvl;
        $w->let(
            'k_cr',
            $isLvl ? 1.0 : $timber->parameter('kCr'),
            Kind::Number,
            '6.1.7(2)',
            $timber->grade->product->value,
        );
        $w->line('b_ef', "k_cr * {$width}", Kind::Size, '6.1.7(2) (6.13a)');
        $w->line('tau_d', "1.5 * V_d / (b_ef * {$depth})", Kind::Stress);
    }
}
