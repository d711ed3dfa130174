<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/**
 * Ratios of the end moments of a member, −1 … 1, positive where both bend it to the same side, where its moments run
 * straight from end to end. Null: they do not, or it is not known.
 */
final readonly class EndMoments
{
    /**
     * @param  float|null  $y  about the strong axis between supports
     * @param  float|null  $z  about the weak axis, between restraints of both flanges
     * @param  float|null  $lateral  about the strong axis between places that hold a flange
     * @param  bool  $swaysY  does the member buckle in the plane with its ends moving: longer than it is
     * @param  bool  $swaysZ  the same sideways
     * @param  array{bool, bool, bool}  $vanish  as the ratios: are the moments zero at both ends, with loads between
     *     them?
     */
    public function __construct(
        public ?float $y = null,
        public ?float $z = null,
        public ?float $lateral = null,
        public bool $swaysY = false,
        public bool $swaysZ = false,
        public array $vanish = [false, false, false],
    ) {
    }

    /** Ratio of two end moments, the smaller over the greater; null where there is none. */
    public static function ratio(float $start, float $end): ?float
    {
        [$less, $more] = abs($start) <= abs($end) ? [$start, $end] : [$end, $start];

        return $more == 0.0 ? null : $less / $more;
    }
}
