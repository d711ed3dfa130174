<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Checks\Working;

/** What a standard says of a web; u is the ratio that is worked out. N, Nmm. */
interface WebRules
{
    /** @return array{shear: string, bearing: string, both: string, pressed: string} */
    public function clauses(): array;

    /** @return array{shear: array{string, string}, bearing: array{string, string}} of demand and capacity */
    public function symbols(): array;

    public function shear(Working $w, ColdFormedMake $make, float $V): void;

    /** @return string why it is not covered; empty: it is */
    public function bearing(Working $w, ColdFormedMake $make, float $P, Bearing $at): string;

    public function bendingWithShear(Working $w, ColdFormedMake $make, float $M, float $V): Working;

    /**
     * @param  array{float, float}  $of  moment and what presses
     * @return Working|null null: bearing is not covered
     */
    public function bendingWithBearing(Working $w, ColdFormedMake $make, array $of, Bearing $at): ?Working;
}
