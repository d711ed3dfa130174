<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\SecondOrder;
use Waage\Analysis\SidewaysEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Line;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Column;
use Waage\Materials\Steel\Columns;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\Stretches;
use Waage\Materials\Steel\WorstTogether;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.9.1(4) and 6.3.1.2(4): is the axial force so small that bending is weighed without it? A
 * greater one is weighed with it (BeamColumn), or refused where that is not covered. So is any axial force where the
 * member bends sideways as well.
 *
 * Where sections change, each is weighed with what bends its own length and the greatest axial force of all; the member
 * buckles in the plane and sideways as it does in truth, in torsion as the weakest section all along.
 */
final class AxialForce
{
    private readonly Columns $columns;

    /** 6.3.1.2(4): N_Ed / N_cr up to which buckling is left out. */
    private const BUCKLING = 0.04;

    /**
     * @param  list<Combination>  $strength
     * @param  \Closure(Combination, SectionStep, SteelSection, float): float  $bendingOf  utilisation of a length of
     *     one section under one combination in bending, for a self-weight
     * @param  \Closure(Combination, SectionStep, float): float  $lateralOf  the same of a member of one section in
     *     lateral-torsional buckling
     */
    public function __construct(
        private readonly LoadedBeam $beam,
        private readonly ?Envelope $axial,
        private readonly array $strength,
        ?SidewaysEnvelopes $sideways,
        private readonly \Closure $bendingOf,
        private readonly \Closure $lateralOf,
    ) {
        $this->columns = new Columns($beam, $axial, $sideways);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  list<Weighing>  $bending  weighings of bending, shear and lateral-torsional buckling
     * @param  array{Weighing, Weighing}|null  $sideways  of bending and shear sideways
     * @return list<Weighing>
     */
    public function weigh(array $stretches, float $weight, array $bending, ?array $sideways, Detail $detail): array
    {
        $most = $this->axial?->extreme($this->strength, 1, $weight);
        $least = $this->axial?->extreme($this->strength, -1, $weight);
        $e = -($least->value ?? 0.0) > ($most->value ?? 0.0) ? $least : $most;
        if ($e === null || $most === null || $least === null || abs($e->value) < 1.0) {
            return [
                ...$this->axial === null
                    ? []
                    : [
                        new Weighing(
                            'axial',
                            'Axial force',
                            'EN 1993-1-1, 6.2.9.1(4)',
                            null,
                            remark: 'No axial force acts.',
                        ),
                    ],
                ...$sideways === null
                    ? []
                    : $this->together($stretches, $weight, [0.0, 0.0], $bending, $sideways, $detail),
            ];
        }
        $N = abs($e->value);
        $compression = max(0.0, $most->value);
        $factors = $this->beam->worst($most->combination, $weight, Effect::Axial, 1, $most->segment, $most->t);
        $theory = SecondOrder::of($this->beam->beam, $this->beam->responses, $factors);
        $stiffer = $this->columns->stiffer($stretches);
        $member = $this->beam->member;
        [$L, $LT] = $this->columns->lengths();
        $d = $detail->derivation();
        $small = true;
        foreach ($stretches as $i => $stretch) {
            $steel = new SteelSection($stretch->section, $stretch->grade, $member->basis);
            $small = $this->isSmall($steel, $N, $compression, $L, $LT, $i === 0 ? $d : null) && $small;
        }
        $given = $member->effective->y;
        if ($compression > 0.0 && $given !== null) {
            $I = min(array_map(fn (SectionStep $s): float => $s->section->Iy, $stretches));
            $Ncr = (M_PI ** 2 * SteelGrade::E * $I) / $given ** 2;
            $small = $small && $compression <= self::BUCKLING * $Ncr;
            $d?->given('L_cr_y', $given, Kind::Length, '', 'as given');
            $d?->with([
                'N_c' => [$compression, Kind::Force],
                'E' => [SteelGrade::E, Kind::ModulusOfElasticity],
                'I_y' => [$I, Kind::SecondMoment],
            ])->line(
                'n_cr_y',
                'N_c * L_cr_y^2 / (pi^2 * E * I_y)',
                Kind::Number,
                '6.3.1.2(4)',
                'N_Ed / N_cr about y-y, not above 0.04',
            );
        } elseif ($compression > 0.0) {
            $small = $small && $theory->isCriticalFrom(1 / self::BUCKLING / $stiffer);
            $factor = $detail->hasLines() ? $theory->criticalFactor() * $stiffer : INF;
            if ($d !== null && is_finite($factor)) {
                $d->given('alpha_cr', $factor, Kind::Number, '5.2.1', 'exact, in the plane of bending');
                $d->line('n_cr_y', '1 / alpha_cr', Kind::Number, '6.3.1.2(4)', 'N_Ed / N_cr about y-y, not above 0.04');
            }
        }
        $at = $this->beam->place(Effect::Axial, $e, $weight);
        if ($small && $sideways === null) {
            return [
                new Weighing(
                    'axial',
                    'Axial force',
                    'EN 1993-1-1, 6.2.9.1(4)',
                    null,
                    against: new Against(demand: $N, kind: Kind::Force, demandSymbol: 'N_Ed'),
                    at: $at,
                    remark: 'So small that the member is weighed without it (6.2.9.1(4) for the sections, 6.3.1.2(4) for buckling).',
                    lines: $d->lines ?? [],
                ),
            ];
        }

        return $this->together(
            $stretches,
            $weight,
            [$compression, max(0.0, -$least->value)],
            $bending,
            $sideways,
            $detail,
            $d->lines ?? [],
        );
    }

    /**
     * Axial force, bending in the plane and sideways together, combination by combination; or why that is not covered.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  array{float, float}  $N  greatest compression and tension, N
     * @param  list<Weighing>  $bending
     * @param  array{Weighing, Weighing}|null  $sideways
     * @param  list<Line>  $lines  why the axial force counts
     * @return list<Weighing>
     */
    private function together(
        array $stretches,
        float $weight,
        array $N,
        array $bending,
        ?array $sideways,
        Detail $detail,
        array $lines = [],
    ): array {
        $member = $this->beam->member;
        $steel = new SteelSection($stretches[0]->section, $stretches[0]->grade, $member->basis);
        $what = match (true) {
            $sideways === null => 'Bending with axial force',
            max($N) > 0.0 => 'Bending about both axes with axial force',
            default => 'Bending about both axes',
        };
        $byId = array_column($bending, null, 'id');
        [$shear, $withShear] = [$byId['shear'] ?? null, $byId['bending-shear'] ?? null];
        $highShear =
            $withShear?->ratio === null
                ? null
                : new HighShear((float) $shear?->demand, (float) $shear?->capacity, $withShear->ratio);
        $isOpen = fn (SectionStep $s): bool => ! $this->isCoveredPressed($s);
        $refusal = match (true) {
            count($stretches) > 1 && $highShear !== null => "{$what} and a high shear force (6.2.10) is computed for members of one section; this one changes along its length.",
            $N[0] > 0.0 && array_filter($stretches, $isOpen) !== [] => 'The section is class 4 in compression: the effective section of this shape is not computed here. Take one with a thicker web.',
            $highShear !== null
                && Shear::webSlenderness($steel) > Shear::bucklingLimit($steel) => "{$what} and a high shear force in a web that buckles (EN 1993-1-5, 7.1) is not computed here. Take a thicker web.",
            ($sideways[1]->ratio ?? 0.0) > 0.5 => "{$what} and a high lateral shear force (6.2.10) is not computed here.",
            default => '',
        };
        if ($refusal !== '') {
            $force = $member->basis->units->format(max($N), Kind::Force);

            return [
                new Weighing(
                    max($N) > 0.0 ? 'axial' : 'bending-axial',
                    max($N) > 0.0 ? 'Axial force' : $what,
                    'EN 1993-1-1, 6.2.9',
                    null,
                    applies: false,
                    against: new Against(
                        demand: max($N) > 0.0 ? max($N) : null,
                        kind: Kind::Force,
                        demandSymbol: 'N_Ed',
                    ),
                    remark: ($sideways === null
                        ? "The axial force of {$force} is too great to be left out of the weighings (6.2.9.1(4), 6.3.1.2(4)). "
                        : '').$refusal,
                    lines: $lines,
                ),
            ];
        }
        $lateral = max([
            0.0,
            ...array_map(
                fn (Weighing $w): float => $w->ratio ?? 0.0,
                array_filter($bending, fn (Weighing $w): bool => $w->id === 'buckling'),
            ),
        ]);

        // By combination and stretch, one after the other.
        $columns = [];
        [$L, $LT] = $this->columns->lengths();
        $sections = array_map(fn (SectionStep $s): Section => $s->section, $stretches);
        usort(
            $sections,
            fn (Section $a, Section $b): int => SidewaysBuckling::criticalForce($a, $L, $LT, null) <=>
                SidewaysBuckling::criticalForce($b, $L, $LT, null),
        );
        $stiffer = $this->columns->stiffer($stretches);
        $main = $this->columns->main($stretches);
        $steels = array_map(
            fn (SectionStep $s): SteelSection => new SteelSection($s->section, $s->grade, $member->basis),
            $stretches,
        );
        foreach ($this->strength as $combination) {
            $column = $this->columns->of($combination, $stiffer, $weight, $main, $sections[0], $stretches);
            foreach ($stretches as $i => $stretch) {
                $columns[] = $this->column(
                    $column,
                    $combination,
                    $steels[$i],
                    $stretch,
                    count($stretches),
                    $sections[0],
                    $weight,
                    $highShear,
                );
            }
        }

        return WorstTogether::weigh(
            $columns,
            BeamColumn::BUCKLING,
            $lateral,
            fn (int $c): float => count($stretches) > 1
                ? $lateral
                : ($this->lateralOf)($this->strength[$c], $stretches[0], $weight),
            $detail,
        );
    }

    /** Has a section of class 4 in compression its effective one here? */
    private function isCoveredPressed(SectionStep $stretch): bool
    {
        $steel = new SteelSection($stretch->section, $stretch->grade, $this->beam->member->basis);

        return $steel->classIn(Strain::Compression) <= 3 || $steel->local !== null;
    }

    /**
     * @param  int  $count  of stretches
     * @param  Section  $weakest  of them sideways
     * @return \Closure(float, Detail): list<Weighing> for a utilisation in lateral-torsional buckling, with derivation
     *     or without
     */
    private function column(
        Column $column,
        Combination $combination,
        SteelSection $steel,
        SectionStep $stretch,
        int $count,
        Section $weakest,
        float $weight,
        ?HighShear $shear,
    ): \Closure {
        $bending = ($this->bendingOf)($combination, $stretch, $steel, $weight);
        $aboutZ =
            $this->columns->sidewaysMoment($combination, $stretch, $weight) /
            (($steel->modulusZ() * $steel->fy) / $steel->basis->steel->gammaM0);

        return fn (float $lateral, Detail $detail): array => array_map(
            fn (Weighing $w): Weighing => Stretches::named($w, $stretch, $count, $this->beam->member->basis->units),
            (new BeamColumn($steel, $column, $bending, $lateral, $aboutZ, $weakest, $shear))->weigh($detail),
        );
    }

    /** Of the section itself: (6.33), (6.34), its class, and buckling sideways over a length L. */
    private function isSmall(
        SteelSection $steel,
        float $N,
        float $compression,
        float $L,
        float $LT,
        ?Derivation $d,
    ): bool {
        $s = $steel->section;
        $b = $steel->basis;
        // The limits are those of I sections.
        if (! ($s instanceof ISection)) {
            return false;
        }
        $Npl = ($s->A * $steel->fy) / $b->steel->gammaM0;
        $limit = min(0.25 * $Npl, (0.5 * $s->hw * $s->tw * $steel->fy) / $b->steel->gammaM0);
        $d?->given('N_Ed', $N, Kind::Force);
        $d?->with([
            'A' => [$s->A, Kind::Area],
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M0' => [$b->steel->gammaM0, Kind::Number],
        ])->line('N_pl_Rd', 'A * f_y / gamma_M0', Kind::Force, '6.2.4(2) (6.10)');
        $d?->with(['h_w' => [$s->hw, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
            'N_lim',
            'min(0.25 * N_pl_Rd, 0.5 * h_w * t_w * f_y / gamma_M0)',
            Kind::Force,
            '6.2.9.1(4) (6.33), (6.34)',
            'up to here the plastic moment is not reduced',
        );
        $d?->given('N_c', $compression, Kind::Force, '', 'greatest compression');
        $small = $N <= $limit && max($steel->class, Classification::together($steel, $compression, $d)) <= 2;
        if ($compression <= 0.0 || $L <= 0.0) {
            return $small;
        }
        $Ncr = SidewaysBuckling::criticalForce($s, $L, $LT, $d);
        $d?->with(['N_cr_z' => [$Ncr, Kind::Force]])->line(
            'n_cr_z',
            'N_c / N_cr_z',
            Kind::Number,
            '6.3.1.2(4)',
            'not above 0.04',
        );

        return $small && $compression <= self::BUCKLING * $Ncr;
    }
}
