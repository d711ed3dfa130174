<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Member\LoadCase;

/** A load case and the load sets it consists of: one, or for imposed load one for each span that it loads. */
final readonly class CaseSets
{
    /**
     * @param  list<int>  $sets  indices into the responses
     * @param  list<int>  $fields  for each set the span or overhang it loads; empty when the case is not arranged
     */
    public function __construct(public LoadCase $case, public array $sets, public array $fields)
    {
    }
}
