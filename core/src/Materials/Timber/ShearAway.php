<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Member\LoadHeight;
use Waage\Member\Support;

/**
 * Shear at the depth of the member from the faces of supports (NDS 2018, 3.4.3.1; CSA O86:19, 6.5.5.2): not beside a
 * support where a point load acts within that depth, where the member is notched, or where loads act on the lower edge.
 */
final class ShearAway
{
    private bool $isReduced = false;

    public function __construct(private readonly Search $search)
    {
    }

    public function greatest(TimberMake $timber, SpanOf $span): ?Governing
    {
        [$from, $to] = [$span->from, $span->to];
        [$a, $b] = [$this->skips($from, 1, $timber), $this->skips($to, -1, $timber)];
        [$a, $b] = $from + $a >= $to - $b ? [0.0, 0.0] : [$a, $b];
        $this->isReduced = $a + $b > 0.0;

        return $this->search->of($this->search->envelopes->shear, $timber, [1, -1], $from + $a, $to - $b);
    }

    public function note(): string
    {
        return $this->isReduced ? 'at d from faces of supports' : 'not reduced near supports';
    }

    /** How much beside a support is left out; to its right (1) or left. */
    private function skips(float $x, int $side, TimberMake $timber): float
    {
        $member = $this->search->beam()->member;
        $supports = array_filter($member->supports, fn (Support $s): bool => abs($s->x - $x) < 1.0);
        if ($supports === [] || $member->loadHeight === LoadHeight::Bottom) {
            return 0.0;
        }
        $i = (int) array_key_first($supports);
        $reach = 0.5 * $member->supports[$i]->bearing + $timber->h;
        foreach ($member->loads as $load) {
            $ahead = $side * ($load->from - $x);
            $isConcentrated =
                $load->kind->isAtOnePlace() || $load->kind->isMoving() || $load->to - $load->from < $timber->h;
            if ($load->on && $isConcentrated && ($load->kind->isMoving() || ($ahead >= -1.0 && $ahead <= $reach))) {
                return 0.0;
            }
        }

        return $timber->details->notchAt($i) === null ? $reach : 0.0;
    }
}
