<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Which sizes the engineer leaves for Waage to find. */
final readonly class OpenSizes
{
    /** @param  bool  $isFound  have they been found? */
    public function __construct(public bool $width = false, public bool $depth = false, public bool $isFound = false)
    {
    }

    public function found(): self
    {
        return new self($this->width, $this->depth, true);
    }

    public function any(): bool
    {
        return $this->width || $this->depth;
    }
}
