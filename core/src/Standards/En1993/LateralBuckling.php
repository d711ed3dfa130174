<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;

/** The heaviest lateral-torsional buckling of a length between restraints; moments in Nmm, place in mm. */
final readonly class LateralBuckling
{
    /**
     * @param  float|null  $Mb  M_b,Rd; null: not covered
     * @param  \Closure(Derivation): mixed  $derivation
     */
    public function __construct(public BucklingCase $case, public float $M, public ?float $Mb, public float $x, public string $clause, private \Closure $derivation)
    {
    }

    public function ratio(): float
    {
        return $this->Mb === null ? INF : $this->M / $this->Mb;
    }

    /** Writes down how it was found. */
    public function derive(Derivation $d): void
    {
        ($this->derivation)($d);
    }
}
