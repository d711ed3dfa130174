<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LoadedBeam;
use Waage\Analysis\NaturalFrequency;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\Situation;
use Waage\Units\Kind;

/**
 * The lowest natural frequency of a member in its plane with its quasi-permanent load, against a limit where one is
 * given (EN 1990, A1.4.4). Members that stand are not looked at, and none is computed where no limit is given.
 */
final readonly class FrequencyCheck
{
    /** rad */
    private const STANDS = M_PI / 4;

    public function __construct(private LoadedBeam $beam)
    {
    }

    /** Hz; null where nothing vibrates. */
    public function hertz(Make $make): ?float
    {
        if (abs($this->beam->member->angle) > self::STANDS) {
            return null;
        }
        $hertz = (new NaturalFrequency($this->beam->beam, $this->beam->weights($make->weight())))->hertz();

        // A stiffer section under the same weights vibrates faster; where forces depend on it the statics is its own.
        return is_finite($hertz)
            ? $hertz * sqrt(self::stiffness($make) / self::stiffness($this->beam->member->make))
            : null;
    }

    private static function stiffness(Make $make): float
    {
        return $make->main(new Situation())->rigidity->EI;
    }

    /** @return list<Weighing> */
    public function weigh(Make $make, Detail $detail): array
    {
        $limit = $this->beam->member->basis->limits->frequency;
        $hertz = $limit > 0.0 ? $this->hertz($make) : null;
        if ($hertz === null) {
            return [];
        }
        if (! $make->isElastic()) {
            return [
                new Weighing(
                    'frequency',
                    'Natural frequency',
                    'EN 1990, A1.4.4',
                    null,
                    applies: false,
                    remark: 'The natural frequency of a member that cracks is not computed.',
                ),
            ];
        }
        $d = $detail->derivation();
        $d?->given(
            'f_1',
            $hertz,
            Kind::Frequency,
            '',
            'exact, in bending, with permanent load and ψ_2 times imposed load and snow',
        );
        $d?->given('f_lim', $limit, Kind::Frequency, 'basis of the job');
        $d?->line('u', 'f_lim / f_1', Kind::Number, 'EN 1990, A1.4.4');

        return [
            new Weighing(
                'frequency',
                'Natural frequency',
                'EN 1990, A1.4.4',
                $limit / $hertz,
                against: new Against(
                    demand: $limit,
                    capacity: $hertz,
                    kind: Kind::Frequency,
                    demandSymbol: 'f_lim',
                    capacitySymbol: 'f_1',
                ),
                lines: $d->lines ?? [],
            ),
        ];
    }
}
