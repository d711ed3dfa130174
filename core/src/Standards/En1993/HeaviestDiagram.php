<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Member\LoadHeight;

/** Of the diagrams of a length the one that is the heaviest for one section. */
final class HeaviestDiagram implements DiagramSieve
{
    private float $ratio = 0.0;

    private ?BucklingCase $heaviest = null;

    /** @param  float  $weight  self-weight, N/mm */
    public function __construct(private readonly SteelSection $steel, private readonly BucklingLength $piece, private readonly LoadHeight $height, private readonly float $weight)
    {
    }

    public function isOutdone(ArrangementSum $sum, array $moments): bool
    {
        [$M, $absolute] = $moments[0];

        return $M <= 0.0 || LateralTorsionalBuckling::bound($this->steel, $this->piece, $this->height, $M, $absolute, $sum->measures($this->weight)) <= $this->ratio;
    }

    public function take(ArrangementSum $sum, BucklingCase $case): void
    {
        [$M, $Mb] = LateralTorsionalBuckling::check($this->steel, $this->piece, $case->diagram, $this->height, $this->weight, known: $this->ratio);
        if ($M > 0.0 && $M / $Mb > $this->ratio) {
            $this->ratio = $M / $Mb;
            $this->heaviest = $case;
        }
    }

    public function kept(): array
    {
        return $this->heaviest === null ? [] : [$this->heaviest];
    }
}
