<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** What connects the ends of an angle to what it braces. */
enum StrutEnds: string
{
    case Centroid = 'centroid';
    case Upright = 'upright';
    case Flat = 'flat';

    public function words(): string
    {
        return match ($this) {
            self::Centroid => 'centred on both legs',
            self::Upright => 'by the upright leg',
            self::Flat => 'by the flat leg',
        };
    }
}
