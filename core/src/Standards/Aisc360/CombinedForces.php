<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Member\SectionStep;
use Waage\Standards\Columns;
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
        $Mc = $this->method->available('M_n', $profile->moment(), Flexure::FACTORS, 'b', Kind::Moment, '');
        $worst = $bounds = $found = [];
        foreach ($this->strength as $i => $combination) {
            $column = $this->columns->of($combination, $profile->whole, $weight);
            $bending = abs($this->moment->greatest([$combination], $weight)->value ?? 0.0) / $Mc;
            $of = fn (float $lateral): BeamColumn => new BeamColumn($profile, $this->method, $this->standard, $column, max($bending, $lateral), $this->beam->member->length);
            $found[$i] = $of;
            foreach ($of($buckling)->weigh(false) as $w) {
                if ($w->id === 'bending-axial') {
                    $bounds[$i] = (float) $w->ratio;
                } elseif ($w->ratio > ($worst[$w->id][0] ?? -1.0)) {
                    $worst[$w->id] = [(float) $w->ratio, $of($buckling)];
                }
            }
        }
        arsort($bounds);
        foreach ($bounds as $i => $bound) {
            if ($bound <= ($worst['bending-axial'][0] ?? -1.0)) {
                break;
            }
            $exact = $found[$i]($this->lateral->utilisation($this->strength[$i], $stretch, $profile, $weight));
            foreach ($exact->weigh(false) as $w) {
                if ($w->id === 'bending-axial' && $w->ratio > ($worst[$w->id][0] ?? -1.0)) {
                    $worst[$w->id] = [(float) $w->ratio, $exact];
                }
            }
        }
        $weighings = [];
        foreach ($worst as $id => [, $column]) {
            array_push($weighings, ...array_values(array_filter($column->weigh($derive), fn (Weighing $w): bool => $w->id === $id)));
        }

        return $weighings;
    }
}
