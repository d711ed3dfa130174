<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Heading;
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
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $sideways = $this->search->envelopes->sideways;
        $weighings = [];
        foreach ($this->search->spans() as $span) {
            $down = $this->search->of($this->search->envelopes->shear, $timber, [1, -1], $span->from, $span->to);
            if ($down !== null) {
                $w = $this->calculate($timber, $down, 'h', $detail);
                $u = $w->value('u');
                $ranges = $u > 0.0 ? [[$span->from, $span->to, abs($down->value) / $u, $u]] : [];
                $weighings[] = Report::of(
                    new Heading($span->id('shear'), $span->title('Shear'), 'EN 1995-1-1, 6.1.7', 'shear'),
                    $w,
                    $down,
                    'tau_d',
                    'f_v_d',
                    $ranges,
                );
            }
        }
        $across = $sideways === null ? null : $this->search->of($sideways->shear, $timber, beam: $sideways->beam);
        if ($across !== null) {
            $w = $this->calculate($timber, $across, 'b', $detail);
            $weighings[] = Report::of(
                new Heading('shear-sideways', 'Shear sideways', 'EN 1995-1-1, 6.1.7'),
                $w,
                $across,
                'tau_d',
                'f_v_d',
            );
        }

        return $weighings;
    }

    /** @param  string  $depth  in the direction of the force, "h" or "b" */
    private function calculate(TimberMake $timber, Governing $at, string $depth, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('V_d', abs($at->value), Kind::Force);
        Bending::sizes($w, $timber);
        self::stress($w, $timber, $depth === 'h' ? 'b' : 'h', $depth);
        Strength::of($w, $timber, $at->group, 'f_v_d', $timber->grade->values->shear, Strength::system($w, $timber));
        $w->line('u', 'tau_d / f_v_d', Kind::Number, '6.1.7(1) (6.13)');

        return $w;
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
