<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Units\Kind;

/** A flat or a round. */
final readonly class Bar extends Profile
{
    public function __construct(private SolidBar $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        return [
            new ClassedPart(
                'bar',
                ['h', $this->section->h],
                ['b', $this->section->b],
                array_fill(0, 3, ClassedPart::NEVER),
                'solid: it does not buckle locally',
            ),
        ];
    }

    public function local(float $epsilon): null
    {
        return null;
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        return $this->sidewaysShearArea($d);
    }

    public function sidewaysShearArea(?Derivation $d = null): float
    {
        $isRound = $this->section->isRound;
        $d?->with(['A' => [$this->section->A, Kind::Area]])->line(
            'A_v',
            $isRound ? '3 / 4 * A' : '2 / 3 * A',
            Kind::Area,
            '6.2.6(4) (6.20)',
            'elastic, greatest stress in the middle',
        );

        return $this->section->A * ($isRound ? 0.75 : 2 / 3);
    }

    public function curves(bool $isS460): array
    {
        return ['c', 'c'];
    }
}
