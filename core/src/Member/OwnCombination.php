<?php

declare(strict_types=1);

namespace Waage\Member;

/** A combination that the engineer has put together: factors of the load cases, one for all permanent load. */
final readonly class OwnCombination
{
    /**
     * @param  string  $purpose  a value of Waage\Loading\Purpose
     * @param  array<string, float>  $factors  load case id => factor, of all but permanent cases
     */
    public function __construct(
        public string $name,
        public string $purpose,
        public float $permanent,
        public array $factors,
    ) {
    }
}
