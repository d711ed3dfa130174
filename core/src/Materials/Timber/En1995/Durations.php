<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\ByDuration;
use Waage\Materials\Timber\Durations as DurationsOfCode;
use Waage\Materials\Timber\TimberMake;

/** EN 1995-1-1, 3.1.3(2): k_mod goes by the shortest action of a combination. */
final readonly class Durations implements DurationsOfCode
{
    private ByDuration $byDuration;

    /** @param  list<Combination>  $strength */
    public function __construct(LoadedBeam $beam, array $strength)
    {
        $this->byDuration = new ByDuration($beam, $strength);
    }

    public function groups(TimberMake $timber): array
    {
        return $this->byDuration->groups(
            fn (LoadDuration $d): float => $timber->conditions->serviceClass->kMod($d),
            'Table 3.1',
        );
    }
}
