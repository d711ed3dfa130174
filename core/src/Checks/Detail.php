<?php

declare(strict_types=1);

namespace Waage\Checks;

/** How much of a weighing is asked for. */
enum Detail
{
    /** Its verdict alone, as of each size of a shortlist. */
    case Verdict;

    /** With the lines of its derivation. */
    case Lines;

    public function hasLines(): bool
    {
        return $this === self::Lines;
    }

    /** Null: it is not asked for. */
    public function derivation(): ?Derivation
    {
        return $this === self::Lines ? new Derivation : null;
    }

    public function working(): Working
    {
        return new Working($this === self::Lines);
    }
}
