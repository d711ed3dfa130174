<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Units\Kind;

/** A channel: bent about z-z its web or the tips of its flanges are compressed, taken as evenly. */
final readonly class ChannelShape extends OpenShape
{
    public function __construct(private Channel $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        return [$this->flange(), $this->classedWeb($by)];
    }

    public function local(float $epsilon): LocalBuckling
    {
        return new ReducedStress($this, $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        $s = $this->section;
        if ($s->finish === Finish::Welded) {
            return self::ofWeldedWeb($eta, $s->hw, $s->tw, $d);
        }
        $d?->with([
            'A' => [$s->A, Kind::Area],
            'b' => [$s->b, Kind::Size],
            't_f' => [$s->tf, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'r' => [$s->r, Kind::Size],
        ])->line('A_v', 'A - 2 * b * t_f + (t_w + r) * t_f', Kind::Area, '6.2.6(3)b');

        return $s->A - 2 * $s->b * $s->tf + ($s->tw + $s->r) * $s->tf;
    }

    public function curves(bool $isS460): array
    {
        return ['c', 'c'];
    }
}
