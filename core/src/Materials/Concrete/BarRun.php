<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** How a bar lies along the member: from, to, which ends are bent (left, right) and by how long a leg; mm. */
final readonly class BarRun
{
    /** @param  array{bool, bool}  $bends */
    public function __construct(
        public float $from,
        public float $to,
        public array $bends = [false, false],
        public float $leg = 0.0,
    ) {
    }

    public function bent(): int
    {
        return count(array_filter($this->bends));
    }
}
