<?php

declare(strict_types=1);

namespace Waage\Member;

/** Lateral restraint of one flange; supports always hold the section against moving sideways and twisting. */
final readonly class Restraint
{
    /** @param  list<float>  $positions mm from the left end, without the supports */
    public function __construct(public RestraintKind $kind, public array $positions = [])
    {
    }

    public function isContinuous(): bool
    {
        return $this->kind === RestraintKind::Continuous;
    }
}
