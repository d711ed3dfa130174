<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Loading\LoadDuration;

/**
 * A row of forces at the ends of the member, as an analysis of the whole structure gives them for one combination,
 * factors and all: axial force (N, compression positive) and the moments at start and end, in the plane (Nmm, sagging
 * positive) and sideways (Nmm, tension in front positive); how long the shortest load in it stays, where that is said.
 */
final readonly class EndForces
{
    /** What a row consists of, in its order. */
    public const PARTS = ['N', 'My1', 'My2', 'Mz1', 'Mz2'];

    public function __construct(
        public string $name,
        public float $N,
        public float $My1,
        public float $My2,
        public float $Mz1,
        public float $Mz2,
        public ?LoadDuration $duration = null,
    ) {
    }

    public function times(float $factor): self
    {
        return new self(
            $this->name,
            $factor * $this->N,
            $factor * $this->My1,
            $factor * $this->My2,
            $factor * $this->Mz1,
            $factor * $this->Mz2,
            $this->duration,
        );
    }

    /**
     * @return array<string, float> its parts that are not zero, by name and sign, as positive numbers: "My1-" => 12e6
     */
    public function parts(): array
    {
        $parts = [];
        foreach (self::PARTS as $part) {
            if ($this->{$part} != 0.0) {
                $parts[$part.($this->{$part} > 0.0 ? '+' : '-')] = abs($this->{$part});
            }
        }

        return $parts;
    }
}
