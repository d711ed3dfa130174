<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** Lengths of one section of a member, and its self-weight (N/mm). */
final readonly class Strained
{
    /** @param  non-empty-list<SectionStep>  $stretches */
    public function __construct(public array $stretches, public float $weight)
    {
    }

    /** Is the member of one section? */
    public function isOfOne(): bool
    {
        return count($this->stretches) === 1;
    }
}
