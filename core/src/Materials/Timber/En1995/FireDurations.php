<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Loading\Combination;
use Waage\Materials\Timber\Durations;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\TimberMake;

/** EN 1995-1-2, 2.3: in fire k_mod,fi is 1 whatever acts. */
final readonly class FireDurations implements Durations
{
    /** @param  list<Combination>  $combinations */
    public function __construct(private array $combinations)
    {
    }

    public function groups(TimberMake $timber): array
    {
        return $this->combinations === []
            ? []
            : [new LoadGroup(1.0, 'in fire', 'EN 1995-1-2, 2.3', $this->combinations, true)];
    }
}
