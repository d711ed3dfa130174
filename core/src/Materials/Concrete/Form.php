<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** What a rectangle of concrete is: a beam with links, or a strip of a slab that spans one way. */
enum Form: string
{
    case Beam = 'beam';
    case Slab = 'slab';
}
