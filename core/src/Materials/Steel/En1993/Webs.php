<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\ConcentratedForce;
use Waage\Materials\Steel\ConcentratedForces;
use Waage\Materials\Steel\SectionStep;
use Waage\Units\Kind;

/** EN 1993-1-5:2006, 6 and 7.2: the web under forces that press on a flange. */
final readonly class Webs
{
    private ConcentratedForces $forces;

    /**
     * @param  Envelope  $moment  of the beam
     * @param  Envelope|null  $axial  compression positive; null: none acts
     * @param  list<Combination>  $strength
     */
    public function __construct(
        private LoadedBeam $beam,
        private Envelope $moment,
        private ?Envelope $axial,
        private array $strength,
    ) {
        $this->forces = new ConcentratedForces($beam, $strength);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing> of each group the heaviest: supports, loads, either with the bending there
     */
    public function weigh(array $stretches, float $weight, Detail $detail): array
    {
        $forces = $this->forces->on(
            $stretches,
            $weight,
            fn (SectionStep $s): float => TransverseForce::covers($this->steel($s))
                ? (new TransverseForce($this->steel($s), 0.0, INF, false))->spread()
                : 0.0,
        );
        if (
            $forces !== [] &&
            array_filter($stretches, fn (SectionStep $s): bool => ! TransverseForce::covers($this->steel($s))) !== []
        ) {
            return [
                new Weighing(
                    'web-support',
                    'Webs at supports and under loads',
                    'EN 1993-1-5, 6',
                    null,
                    applies: false,
                    remark: 'The clause is for a web between two flanges: the wall of a tube, the stem of a tee, the legs of an angle or strips at supports and under point loads are not weighed. Give these stiffeners or an end plate, or weigh them separately and leave this out with the reason.',
                ),
            ];
        }

        return [
            ...ConcentratedForces::heaviest(
                $forces,
                fn (ConcentratedForce $f, Detail $of): array => $this->pair($f, $weight, $of),
                $detail,
            ),
            ...$this->forces->hung('EN 1993-6, 6.7'),
        ];
    }

    /**
     * @return array{Weighing, Weighing} the force alone, with the bending there: 7.2(1) is for moments that compress
     * the flange that it presses on
     */
    private function pair(ConcentratedForce $of, float $weight, Detail $detail): array
    {
        [$id, $title, $sign, $F, $x] = [$of->id, $of->title, $of->sign, $of->force, $of->at->x];
        // At an end the bearing lies within the member, about a place farther in it lies to both sides.
        [$ss, $c] = [$of->on->bearing, max(0.0, $of->on->toEnd - $of->on->bearing / 2)];
        [$combination, $arrangement, $factors] = [$of->at->combination, $of->at->arrangement, $of->at->factors];
        $steel = array_map(fn (SectionStep $s): SteelSection => $this->steel($s, $sign), $of->stretches);
        // The weakest of the sections that may be there counts.
        usort(
            $steel,
            fn (SteelSection $a, SteelSection $b): int => (new TransverseForce(
                $a,
                $ss,
                $c,
                $of->through,
            ))->resistance() <=> (new TransverseForce($b, $ss, $c, $of->through))->resistance(),
        );
        $force = new TransverseForce($steel[0], $ss, $c, $of->through);
        $d = $detail->derivation();
        $d?->given('F_Ed', $F, Kind::Force);
        $FRd = $force->resistance($d);
        $eta2 = $F / $FRd;
        $d?->with(['F_Rd' => [$FRd, Kind::Force]])->line('eta_2', 'F_Ed / F_Rd', Kind::Number, '6.6(1) (6.14)');
        $alone = new Weighing(
            "web-{$id}",
            $title,
            'EN 1993-1-5, 6',
            $eta2,
            against: new Against(
                demand: $F,
                capacity: $FRd,
                kind: Kind::Force,
                demandSymbol: 'F_Ed',
                capacitySymbol: 'F_Rd',
            ),
            at: new Place(x: $x, combination: $combination, arrangement: $arrangement, factors: $factors),
            lines: $d->lines ?? [],
            remark: $eta2 > 1.0 ? 'A stiffener, an end plate or a longer bearing helps.' : '',
        );
        $M = $this->bending($of, $weight);
        $N = $this->compression($of, $weight);
        $elastic = array_map(
            fn (SteelSection $s): array => $s->class > 3 ? [$s->modulus, 'W_eff_y'] : [$s->section->Wely, 'W_el_y'],
            array_map(
                fn (SectionStep $s): SteelSection => new SteelSection(
                    $s->section,
                    $s->grade,
                    $this->beam->member->basis,
                ),
                $of->stretches,
            ),
        );
        [$W, $symbol] = min($elastic);
        $MRd = ($W * $steel[0]->fy) / $steel[0]->basis->steel->gammaM0;
        $NRd =
            $N <= 0.0
                ? INF
                : min(array_map(fn (SteelSection $s): float => $s->compressedArea() * $s->fy, $steel)) /
                    $steel[0]->basis->steel->gammaM0;
        $eta1 = $M / $MRd + $N / $NRd;
        $u = ($eta2 + 0.8 * $eta1) / 1.4;
        $d = $detail->derivation();
        $d?->given('eta_2', $eta2, Kind::Number, '6.6(1)', lcfirst($title));
        $d?->given(
            'M_Ed',
            $M,
            Kind::Moment,
            '',
            ($sign > 0 ? 'sagging' : 'hogging').
                ($x === null ? ', greatest of the member' : ', greatest there of any combination'),
        );
        if ($N > 0.0) {
            $d?->given('N_Ed', $N, Kind::Force, '', 'greatest compression there of any combination');
            $d?->given('N_Rd', $NRd, Kind::Force, '6.2.4, 4.6(1)', 'A f_y / γ_M0, of class 4 with the effective area');
        }
        $d?->with([
            ...$N > 0.0 ? ['N_Ed' => [$N, Kind::Force], 'N_Rd' => [$NRd, Kind::Force]] : [],
            $symbol => [$W, Kind::Modulus],
            'f_y' => [$steel[0]->fy, Kind::Stress],
            'gamma_M0' => [$steel[0]->basis->steel->gammaM0, Kind::Number],
        ])->line(
            'eta_1',
            ($N > 0.0 ? 'N_Ed / N_Rd + ' : '')."M_Ed / ({$symbol} * f_y / gamma_M0)",
            Kind::Number,
            '4.6(1) (4.14)',
        );
        $d?->line('u', '(eta_2 + 0.8 * eta_1) / 1.4', Kind::Number, '7.2(1) (7.2)');

        return [
            $alone,
            new Weighing(
                'web-bending',
                "{$title}, with bending",
                'EN 1993-1-5, 7.2',
                $u,
                at: new Place(x: $x, combination: $combination, arrangement: $arrangement, factors: $factors),
                lines: $d->lines ?? [],
            ),
        ];
    }

    /** The greatest moment that compresses the flange there, Nmm; not negative. */
    private function bending(ConcentratedForce $of, float $weight): float
    {
        return max(
            0.0,
            $of->sign * ($this->moment->extreme($this->strength, $of->sign, $weight, ...$of->reach())->value ?? 0.0),
        );
    }

    /** The greatest compression there, N; not negative. */
    private function compression(ConcentratedForce $of, float $weight): float
    {
        $N = $this->axial?->extreme($this->strength, 1, $weight, ...$of->reach())->value ?? 0.0;

        return $N < 1.0 ? 0.0 : $N;
    }

    /**
     * @param  int  $side  flange that is pressed on: 1 the upper one, −1 the lower one, which counts where they
     * differ
     */
    private function steel(SectionStep $stretch, int $side = 1): SteelSection
    {
        return new SteelSection($stretch->section->seenFrom($side), $stretch->grade, $this->beam->member->basis);
    }
}
