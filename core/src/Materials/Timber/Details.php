<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** How a member is cut, and what it bears on and carries. */
final readonly class Details
{
    /**
     * @param  list<Notch>  $notches
     * @param  Grade|null  $sill  of the timber that lies under supports, or under the foot of a post
     * @param  float  $sillBeyond  how far the sill goes on beyond the member to either side, mm
     */
    public function __construct(
        public array $notches = [],
        public ?Grade $sill = null,
        public float $sillBeyond = 0.0,
    ) {
    }

    public function notchAt(int $support): ?Notch
    {
        foreach ($this->notches as $notch) {
            if ($notch->support === $support) {
                return $notch;
            }
        }

        return null;
    }
}
