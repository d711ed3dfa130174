<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** What the width of supports takes off: moments count at their faces, shear at d from the face. */
final readonly class Reductions
{
    public function __construct(public bool $momentsAtFace = false, public bool $shearAtD = false)
    {
    }
}
