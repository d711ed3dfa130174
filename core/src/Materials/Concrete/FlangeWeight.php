<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** Where the weight of a flange counts: with the member, or in the load of the slab that it is a part of. */
enum FlangeWeight: string
{
    case Own = 'own';
    case Slab = 'slab';
}
