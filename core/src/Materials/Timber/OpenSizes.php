<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Which sizes the engineer leaves for Waage to find. */
final readonly class OpenSizes
{
    public function __construct(public bool $width = false, public bool $depth = false)
    {
    }

    public function any(): bool
    {
        return $this->width || $this->depth;
    }
}
