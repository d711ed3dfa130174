<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * A load case and the load sets it consists of: one, or for imposed load one for each span that it loads;
 * for settlements one for each support that moves.
 */
final readonly class CaseSets
{
    public bool $isPermanent;

    public bool $isReversible;

    /**
     * @param  list<int>  $sets  indices into the responses
     * @param  list<string>  $labels  for each set the span, overhang or support it is on; empty when the case is not arranged
     */
    public function __construct(public LoadCase $case, public array $sets, public array $labels)
    {
        $this->isPermanent = $case->category === Category::Permanent;
        $this->isReversible = $case->category->isReversible();
    }
}
