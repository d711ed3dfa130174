<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Materials\Steel\Sections\ISection;

/** An I section as one with two flanges like the weaker one, and as one with two like the stronger one. */
final readonly class LikeFlanges
{
    public function __construct(public ISection $weaker, public ISection $stronger)
    {
    }
}
