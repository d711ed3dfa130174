<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\PieceDiagram;
use Waage\Loading\Combination;

/** One moment diagram under which a length between restraints may buckle. */
final readonly class BucklingCase
{
    /** @param  array<string, array<int, float>>  $patterns  the variable load that acts, as LoadedBeam::patterns */
    public function __construct(
        public BucklingLength $piece,
        public Combination $combination,
        public PieceDiagram $diagram,
        public array $patterns,
    ) {
    }
}
