<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\PieceDiagram;
use Waage\Loading\Combination;

/** One moment diagram under which a length between restraints may buckle. */
final readonly class BucklingCase
{
    /** @param  array<int, float>  $factors of the variable load sets */
    public function __construct(
        public BucklingLength $piece,
        public Combination $combination,
        public PieceDiagram $diagram,
        public array $factors,
    ) {
    }
}
