<?php

declare(strict_types=1);

namespace Waage\Material;

use LogicException;

/** Checks of one material were given a make of another: a fault of the program. */
final class OtherMaterial extends LogicException
{
    public function __construct(string $needed, Make $make)
    {
        parent::__construct("A make of {$needed} is needed, not of {$make->material()}.");
    }
}
