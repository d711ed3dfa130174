<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * Lengths with which the member buckles under an axial force, where the structure around it decides and the engineer
 * says so; mm. Null: as its own supports and restraints make it.
 */
final readonly class EffectiveLengths
{
    public function __construct(public ?float $y = null, public ?float $z = null, public ?float $twist = null)
    {
    }
}
