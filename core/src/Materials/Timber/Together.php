<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Loading\Combination;

/**
 * What one combination does to a member: the greatest axial force (N, compression positive, or tension), the greatest
 * moments about both axes (Nmm, without sign), wherever each is. To put them together is on the safe side: all of them
 * only add.
 */
final readonly class Together
{
    public function __construct(
        public float $N,
        public float $My,
        public float $Mz,
        public Combination $combination,
        public LoadGroup $group,
    ) {
    }

    public function isBeyond(self $other): bool
    {
        return $this->N >= $other->N && $this->My >= $other->My && $this->Mz >= $other->Mz;
    }
}
