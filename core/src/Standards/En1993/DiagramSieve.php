<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

/** Which of many moment diagrams of a length matter for its lateral-torsional buckling. */
interface DiagramSieve
{
    /**
     * Can an arrangement not be worse than what is kept already?
     *
     * @param  non-empty-list<array{float, float}>  $moments  for each self-weight what the moment of the length's sign does not exceed, and what none does, Nmm
     */
    public function isOutdone(ArrangementSum $sum, array $moments): bool;

    /** Keeps the diagram of an arrangement, or not. */
    public function take(ArrangementSum $sum, BucklingCase $case): void;

    /** @return list<BucklingCase> */
    public function kept(): array;
}
