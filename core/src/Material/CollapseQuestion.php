<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;

/** Which member is asked for its plastic collapse, and how it stands otherwise. */
final readonly class CollapseQuestion
{
    /**
     * @param  list<Weighing>  $weighings  of the member
     * @param  bool  $lifts  does the member lift off a support
     * @param  string  $combination  id; another than one for strength: the one that collapses first
     */
    public function __construct(
        public MemberEnvelopes $envelopes,
        public array $weighings,
        public bool $lifts,
        public string $combination = '',
    ) {
    }
}
