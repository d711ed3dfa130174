<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Loading\LoadDuration;

/**
 * EN 1995-1-1, 2.3.1.3: how moist it is where the member is; k_mod and k_def (Tables 3.1 and 3.2) of solid timber,
 * glulam and LVL, the same for all three. In America and Canada 3 is wet, the others are dry.
 */
enum ServiceClass: string
{
    case Dry = '1';
    case Covered = '2';
    case Exposed = '3';

    public function kMod(LoadDuration $duration): float
    {
        $row = $this === self::Exposed ? [0.5, 0.55, 0.65, 0.7, 0.9] : [0.6, 0.7, 0.8, 0.9, 1.1];

        return $row[$duration->rank()];
    }

    public function kDef(): float
    {
        return match ($this) {
            self::Dry => 0.6,
            self::Covered => 0.8,
            self::Exposed => 2.0,
        };
    }
}
