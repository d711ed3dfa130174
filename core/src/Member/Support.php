<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * A support at x (mm from the left end) with its bearing length in mm.
 *
 * Pinned: held against moving, along the axis as well. Roller: in one direction only. Fixed: against turning as well;
 * along the axis as `along` says.
 * Guided: against turning in the plane of bending, along the axis as `along` says, and not sideways. Elastic: by
 * springs, `vertical` in N/mm (INF: rigid) and `rotation` in Nmm/rad (0: free to turn). A support that bears only does
 * not hold the member down. `stiffened`: the web has stiffeners here, or an end plate. `momentCapacity`: the moment
 * that a support which holds against turning can take, Nmm.
 */
final readonly class Support
{
    public function __construct(
        public float $x,
        public SupportKind $kind,
        public float $bearing,
        public float $vertical = INF,
        public float $rotation = 0.0,
        public bool $bearsOnly = false,
        public float $momentCapacity = INF,
        public RollerHolds $holds = RollerHolds::Normal,
        public bool $stiffened = false,
        public AlongAxis $along = AlongAxis::Held,
    ) {
    }

    public function holdsAlong(): bool
    {
        return match ($this->kind) {
            SupportKind::Pinned => true,
            SupportKind::Fixed, SupportKind::Guided => $this->along === AlongAxis::Held,
            default => false,
        };
    }

    public function holdsTurning(): bool
    {
        return $this->kind === SupportKind::Fixed || $this->kind === SupportKind::Guided || $this->rotation > 0.0;
    }
}
