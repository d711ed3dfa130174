<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** How the strength of timber goes by what acts in a combination, and for how long. */
interface Durations
{
    /** @return list<LoadGroup> all combinations, some of them without actions that stay for a shorter time */
    public function groups(TimberMake $timber): array;
}
