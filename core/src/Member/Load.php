<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * One load as the engineer gave it, in N and mm; down and clockwise positive (already turned up for upward wind).
 *
 * Line and area loads run from `from` to `to` with `start` and `end` in N/mm; an area load also keeps its pressure in
 * N/mm² and the width carried in mm. A force or a moment acts at `from` with the value `start` in N or Nmm; a settlement
 * or rotation of the support at `from` has the value `start` in mm or rad.
 */
final readonly class Load
{
    public function __construct(
        public string $id,
        public string $case,
        public LoadKind $kind,
        public string $name,
        public string $remark,
        public float $from,
        public float $to,
        public float $start,
        public float $end,
        public ?float $pressure = null,
        public ?float $width = null,
    ) {
    }
}
