<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LoadedBeam;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Units\Kind;

/** The moment that a support takes against what it can take, where the engineer has said how much that is. */
final readonly class SupportMoments
{
    /** @param  list<Combination>  $combinations  those for strength count */
    public function __construct(private LoadedBeam $beam, private array $combinations)
    {
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing>
     */
    public function weigh(float $weight, bool $derive): array
    {
        $weighings = [];
        foreach ($this->beam->member->supports as $i => $support) {
            if ($support->momentCapacity === INF) {
                continue;
            }
            $moments = array_map(fn (array $of): float => $of[$i][1], $this->beam->responses->reactions);
            $worst = null;
            foreach ($this->combinations as $combination) {
                foreach ($combination->purpose->isForStrength() ? [1, -1] : [] as $sign) {
                    $factors = $this->beam->loadedWhere($combination, $weight, $sign, $moments);
                    $M = $sign * array_sum(array_map(fn (float $f, int $set): float => $f * $moments[$set], $factors, array_keys($factors)));
                    if ($worst === null || $M > $worst[0]) {
                        $worst = [$M, $combination->id, $factors];
                    }
                }
            }
            if ($worst === null) {
                continue;
            }
            [$M, $combination, $factors] = $worst;
            $ratio = $M / $support->momentCapacity;
            $d = $derive ? new Derivation : null;
            $d?->given('M_Ed', $M, Kind::Moment, '', 'moment of the support, elastic');
            $d?->given('M_j_Rd', $support->momentCapacity, Kind::Moment, '', 'given by the engineer');
            $d?->line('u', 'M_Ed / M_j_Rd', ['M_Ed' => [$M, Kind::Moment], 'M_j_Rd' => [$support->momentCapacity, Kind::Moment]], $ratio, Kind::Number);
            $weighings[] = new Weighing(
                'support-moment-'.($i + 1), 'Moment of support '.($i + 1), 'capacity given by the engineer', $ratio, demand: $M, capacity: $support->momentCapacity,
                kind: Kind::Moment, demandSymbol: 'M_Ed', capacitySymbol: 'M_j_Rd', x: $support->x, combination: $combination, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [],
            );
        }

        return $weighings;
    }
}
