<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LoadedBeam;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
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
    public function weigh(float $weight, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->beam->member->supports as $i => $support) {
            if ($support->momentCapacity === INF) {
                continue;
            }
            $moments = array_map(fn (array $of): float => $of[$i][1], $this->beam->responses->reactions);
            $strength = array_values(
                array_filter($this->combinations, fn (Combination $c): bool => $c->purpose->isForStrength()),
            );
            if ($strength === []) {
                continue;
            }
            $worst = array_map(fn (int $sign): array => $this->beam->greatest($strength, $weight, $sign, $moments), [
                1,
                -1,
            ]);
            [$M, $combination, $factors] = $worst[$worst[1][0] > $worst[0][0] ? 1 : 0];
            $ratio = $M / $support->momentCapacity;
            $d = $detail->derivation();
            $d?->given('M_Ed', $M, Kind::Moment, '', 'moment of the support, elastic');
            $d?->given('M_j_Rd', $support->momentCapacity, Kind::Moment, '', 'given by the engineer');
            $d?->line('u', 'M_Ed / M_j_Rd', Kind::Number);
            $weighings[] = new Weighing(
                'support-moment-'.($i + 1),
                'Moment of support '.($i + 1),
                'capacity given by the engineer',
                $ratio,
                against: new Against(
                    demand: $M,
                    capacity: $support->momentCapacity,
                    kind: Kind::Moment,
                    demandSymbol: 'M_Ed',
                    capacitySymbol: 'M_j_Rd',
                ),
                at: new Place(
                    x: $support->x,
                    combination: $combination->id,
                    arrangement: $this->beam->arrangementText($factors),
                    factors: $factors,
                ),
                lines: $d->lines ?? [],
            );
        }

        return $weighings;
    }
}
