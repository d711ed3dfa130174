<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Units\Kind;

/** An angle or strips that bend about both principal axes, as nothing holds them; made of the parts of the whole. */
final readonly class SkewShape extends Profile
{
    public function __construct(private SkewSection $section, private Profile $upright)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        return $this->upright->parts($by);
    }

    public function local(float $epsilon): LocalBuckling
    {
        return new ReducedStress($this, $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        $Av = 1 / $this->section->shearing;
        $d?->given('A_v', $Av, Kind::Area, '6.2.6(4) (6.20)', 'I t / S: elastic, bent about both principal axes');

        return $Av;
    }

    public function plate(): array
    {
        return $this->upright->plate();
    }
}
