<?php

declare(strict_types=1);

namespace Waage\Material;

/**
 * A length of a member that is the same all along, from and to in mm: the name of its section, depth (mm), weight
 * (N/mm), thermal expansion (1/K) and rigidity.
 */
final readonly class Piece
{
    /** @param  bool  $isMain  false: it stands in place of what the member is otherwise */
    public function __construct(
        public string $name,
        public float $from,
        public float $to,
        public float $depth,
        public float $weight,
        public float $expansion,
        public Rigidity $rigidity,
        public bool $isMain = true,
    ) {
    }
}
