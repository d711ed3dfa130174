<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Member\SectionStep;
use Waage\Standards\Columns;
use Waage\Standards\WorstTogether;
use Waage\Units\Kind;

/** ANSI/AISC 360, chapters D, E and H: of axial force, and of all that acts together, the combination that is the worst. */
final readonly class CombinedForces
{
    /** @param  list<Combination>  $strength */
    public function __construct(private Columns $columns, private LoadedBeam $beam, private Envelope $moment, private LateralTorsionalBuckling $lateral, private array $strength, private string $standard, private Method $method)
    {
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @param  float  $buckling  greatest utilisation in lateral-torsional buckling of any combination: it bounds that of each
     * @return list<Weighing>
     */
    public function weigh(SectionStep $stretch, Profile $profile, float $weight, float $buckling, bool $derive): array
    {
        $stiffer = $this->columns->stiffer([$stretch]);
        $Mc = $this->method->available('M_n', $profile->moment(), Flexure::FACTORS, 'b', Kind::Moment, '');

        return WorstTogether::weigh(
            array_map(function (Combination $combination) use ($profile, $weight, $Mc, $stiffer): \Closure {
                $column = $this->columns->of($combination, $stiffer, $weight);
                $bending = abs($this->moment->greatest([$combination], $weight)->value ?? 0.0) / $Mc;

                return fn (float $lateral, bool $derive): array => (new BeamColumn($profile, $this->method, $this->standard, $column, max($bending, $lateral), $this->beam->member->length))->weigh($derive);
            }, $this->strength),
            'bending-axial', $buckling, fn (int $c): float => $this->lateral->utilisation($this->strength[$c], $stretch, $profile, $weight), $derive,
        );
    }
}
