<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Columns;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\Stretches;
use Waage\Materials\Steel\WorstTogether;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, chapters D, E and H: of axial force, and of all that acts together, the combination that is the
 * worst.
 */
final readonly class CombinedForces
{
    /** @param  list<Combination>  $strength */
    public function __construct(
        private Columns $columns,
        private LoadedBeam $beam,
        private Envelope $moment,
        private LateralTorsionalBuckling $lateral,
        private array $strength,
        private string $standard,
        private Method $method,
    ) {
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  non-empty-list<Profile>  $profiles  of each of them
     * @param  float  $weight  self-weight, N/mm
     * @param  float  $buckling  greatest utilisation in lateral-torsional buckling of any combination: it bounds
     *     that of each
     * @return list<Weighing>
     */
    public function weigh(array $stretches, array $profiles, float $weight, float $buckling, Detail $detail): array
    {
        $stiffer = $this->columns->stiffer($stretches);
        $main = $this->columns->main($stretches);
        $count = count($stretches);
        $strengths = array_map(
            fn (Profile $p): float => $this->method->available(
                'M_n',
                $p->moment(),
                Flexure::FACTORS,
                'b',
                Kind::Moment,
                '',
            ),
            $profiles,
        );
        $weakest = $count > 1 ? $this->weakest($stretches) : null;
        // By combination and stretch, one after the other.
        $columns = [];
        foreach ($this->strength as $combination) {
            $column = $this->columns->of(
                $combination,
                $stiffer,
                $weight,
                $main,
                $weakest ?? $stretches[0]->section,
                $stretches,
            );
            foreach ($stretches as $i => $stretch) {
                $bending =
                    abs(
                        $this->moment->greatest(
                            [$combination],
                            $weight,
                            ...$count > 1 ? [$stretch->from, $stretch->to] : [],
                        )->value ?? 0.0,
                    ) / $strengths[$i];
                $sideways = $this->columns->sidewaysMoment($combination, $stretch, $weight);
                $columns[] = fn (float $lateral, Detail $detail): array => array_map(
                    fn (Weighing $w): Weighing => Stretches::named(
                        $w,
                        $stretch,
                        $count,
                        $this->beam->member->basis->units,
                    ),
                    (new BeamColumn(
                        $profiles[$i],
                        $this->method,
                        $this->standard,
                        $column,
                        max($bending, $lateral),
                        $sideways,
                        $this->beam->member->length,
                        $weakest,
                    ))->weigh($detail),
                );
            }
        }

        return WorstTogether::weigh(
            $columns,
            'bending-axial',
            $buckling,
            fn (int $c): float => $count > 1
                ? $buckling
                : $this->lateral->utilisation($this->strength[$c], $stretches[0], $profiles[0], $weight),
            $detail,
        );
    }

    /**
     * Of a member of one section the combination whose P_r/P_c and M_r/M_c add up to most, as (H3-6) adds them.
     *
     * @param  float  $weight  self-weight, N/mm
     * @param  float  $buckling  greatest utilisation in lateral-torsional buckling of any combination
     * @return array{float, float} P_r/P_c, the sum of M_r/M_c
     */
    public function parts(SectionStep $stretch, Profile $profile, float $weight, float $buckling): array
    {
        $strength = $this->method->available('M_n', $profile->moment(), Flexure::FACTORS, 'b', Kind::Moment, '');
        $worst = [0.0, 0.0];
        foreach ($this->strength as $combination) {
            $column = $this->columns->of(
                $combination,
                $this->columns->stiffer([$stretch]),
                $weight,
                $this->columns->main([$stretch]),
                $stretch->section,
                [$stretch],
            );
            $bending = abs($this->moment->greatest([$combination], $weight)->value ?? 0.0) / $strength;
            $parts = (new BeamColumn(
                $profile,
                $this->method,
                $this->standard,
                $column,
                max($bending, $buckling),
                $this->columns->sidewaysMoment($combination, $stretch, $weight),
                $this->beam->member->length,
            ))->parts();
            $worst = array_sum($parts) > array_sum($worst) ? $parts : $worst;
        }

        return $worst;
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function weakest(array $stretches): Section
    {
        [, $Ly, $Lz] = [0.0, ...$this->columns->lengths()];
        $force = function (SectionStep $s) use ($Ly, $Lz): float {
            [$E, $G] = [$s->grade->elasticity(), $s->grade->shearModulus()];

            return min($s->section->flexuralForce($E, $Ly), $s->section->torsionalForce($E, $G, $Lz));
        };
        usort($stretches, fn (SectionStep $a, SectionStep $b): int => $force($a) <=> $force($b));

        return $stretches[0]->section;
    }
}
