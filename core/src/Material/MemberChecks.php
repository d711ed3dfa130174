<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Units\UnitSystem;

/**
 * The checks of one member by one standard. What does not depend on the make is done once, so that shortlists stay
 * quick.
 */
interface MemberChecks
{
    /** @return list<Weighing> */
    public function weigh(Make $make, Detail $detail): array;

    /** The standard and its edition. */
    public function standard(): string;

    /** @return list<string> what its weighings take for granted, and where they end */
    public function assumptions(): array;

    /**
     * What it makes of second order in the plane of bending, where the loads are near to buckling the member or far
     * from it.
     */
    public function secondOrder(bool $isFar): string;

    /** What the standard calls the section in bending, where it has a word for that: a class, or compact. */
    public function sectionClass(): string;

    /** @return array<string, float> partial factors of the basis that its weighings use, by symbol */
    public function factors(): array;

    /** The make with all that these checks choose for it where the engineer leaves it open, such as bars. */
    public function settle(Make $make): Make;

    /** @return list<Figure> diagrams along the member beside those of the forces */
    public function figures(Make $make): array;

    /** The id of the weighing whose limit belongs to the deflections that are drawn. */
    public function limitsDeflection(): string;

    /** In which units derivations are printed: formulas that hold in N and mm only are, whatever the job has. */
    public function printedIn(UnitSystem $ofJob): UnitSystem;

    /** @return list<string> what the engineer has to know beside the verdict */
    public function notes(): array;
}
