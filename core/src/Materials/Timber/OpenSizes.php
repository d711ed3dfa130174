<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Which sizes the engineer leaves for Waage to find. */
final readonly class OpenSizes
{
    /** @param  string  $said  what has been found; empty: nothing yet */
    public function __construct(public bool $width = false, public bool $depth = false, public string $said = '')
    {
    }

    public function found(string $said): self
    {
        return new self($this->width, $this->depth, $said);
    }

    public function any(): bool
    {
        return $this->width || $this->depth;
    }
}
