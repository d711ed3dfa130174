<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\Camber;
use Waage\Loading\Combination;

/** A deflection that is weighed: under which combinations, what is counted, the camber the member is made with. */
final readonly class DeflectionCase
{
    /** @param  list<Combination>  $combinations */
    public function __construct(
        public string $id,
        public string $title,
        public string $clause,
        public array $combinations,
        public string $note = '',
        public ?Camber $camber = null,
    ) {
    }
}
