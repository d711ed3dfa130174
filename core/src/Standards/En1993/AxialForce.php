<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\SecondOrder;
use Waage\Checks\Derivation;
use Waage\Checks\Line;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\SteelGrade;
use Waage\Member\SectionStep;
use Waage\Sections\ISection;
use Waage\Sections\Section;
use Waage\Standards\SidewaysEnvelopes;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.9.1(4) and 6.3.1.2(4): is the axial force so small that bending is weighed without it? A greater
 * one is weighed with it (BeamColumn), or refused where that is not covered. So is any axial force where the member
 * bends sideways as well.
 *
 * With sections that change, the least of each property stands for the whole length.
 */
final class AxialForce
{
    /** @var array<string, float> critical force (N), by what presses */
    private array $critical = [];

    /** @var array{float|null, float|null}|null ratios of the end moments about both axes that all loads have in common */
    private ?array $ratios = null;

    /** 6.3.1.2(4): N_Ed / N_cr up to which buckling is left out. */
    private const BUCKLING = 0.04;

    /**
     * @param  list<Combination>  $strength
     * @param  \Closure(Combination, SteelSection, float): float  $bendingOf  utilisation of one combination in bending, for a self-weight
     * @param  \Closure(Combination, SteelSection, float): float  $lateralOf  the same in lateral-torsional buckling
     */
    public function __construct(private readonly LoadedBeam $beam, private readonly ?Envelope $axial, private readonly array $strength, private readonly ?SidewaysEnvelopes $sideways, private readonly \Closure $bendingOf, private readonly \Closure $lateralOf)
    {
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  list<Weighing>  $bending  weighings of bending, shear and lateral-torsional buckling
     * @param  array{Weighing, Weighing}|null  $sideways  of bending and shear sideways
     * @return list<Weighing>
     */
    public function weigh(array $stretches, float $weight, array $bending, ?array $sideways, bool $derive): array
    {
        $most = $this->axial?->extreme($this->strength, 1, $weight);
        $least = $this->axial?->extreme($this->strength, -1, $weight);
        $e = -($least->value ?? 0.0) > ($most->value ?? 0.0) ? $least : $most;
        if ($e === null || $most === null || $least === null || abs($e->value) < 1.0) {
            return [
                ...$this->axial === null ? [] : [new Weighing('axial', 'Axial force', 'EN 1993-1-1, 6.2.9.1(4)', null, remark: 'No axial force acts.')],
                ...$sideways === null ? [] : $this->together($stretches, $weight, [0.0, 0.0], $bending, $sideways, $derive),
            ];
        }
        $N = abs($e->value);
        $compression = max(0.0, $most->value);
        $factors = $this->beam->worst($most->combination, $weight, Effect::Axial, 1, $most->segment, $most->t);
        $theory = SecondOrder::of($this->beam->beam, $this->beam->responses, $factors);
        $stiffer = $this->stiffer($stretches[0]->section);
        $member = $this->beam->member;
        [$L, $LT] = $this->lengths();
        $d = $derive ? new Derivation : null;
        $small = true;
        foreach ($stretches as $i => $stretch) {
            $steel = new SteelSection($stretch->section, $stretch->grade, $member->basis);
            $small = $this->isSmall($steel, $N, $compression, $L, $LT, $i === 0 ? $d : null) && $small;
        }
        $given = $member->effective->y;
        if ($compression > 0.0 && $given !== null) {
            $I = min(array_map(fn (SectionStep $s): float => $s->section->Iy, $stretches));
            $Ncr = M_PI ** 2 * SteelGrade::E * $I / $given ** 2;
            $small = $small && $compression <= self::BUCKLING * $Ncr;
            $d?->given('L_cr_y', $given, Kind::Length, '', 'as given');
            $d?->line('n_cr_y', 'N_c * L_cr_y^2 / (pi^2 * E * I_y)', ['N_c' => [$compression, Kind::Force], 'L_cr_y' => [$given, Kind::Length], 'E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_y' => [$I, Kind::SecondMoment]], $compression / $Ncr, Kind::Number, '6.3.1.2(4)', 'N_Ed / N_cr about y-y, not above 0.04');
        } elseif ($compression > 0.0) {
            $small = $small && $theory->isCriticalFrom(1 / self::BUCKLING / $stiffer);
            $factor = $derive ? $theory->criticalFactor() * $stiffer : INF;
            if ($d !== null && is_finite($factor)) {
                $d->given('alpha_cr', $factor, Kind::Number, '5.2.1', 'exact, in the plane of bending');
                $d->line('n_cr_y', '1 / alpha_cr', ['alpha_cr' => [$factor, Kind::Number]], 1 / $factor, Kind::Number, '6.3.1.2(4)', 'N_Ed / N_cr about y-y, not above 0.04');
            }
        }
        $acting = $this->beam->worst($e->combination, $weight, Effect::Axial, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);
        $at = [$e->x, $e->combination->id, $this->beam->arrangementText($acting), $acting];
        if ($small && $sideways === null) {
            return [new Weighing(
                'axial', 'Axial force', 'EN 1993-1-1, 6.2.9.1(4)', null, demand: $N, kind: Kind::Force, demandSymbol: 'N_Ed', x: $at[0], combination: $at[1], arrangement: $at[2], factors: $at[3],
                remark: 'So small that the member is weighed without it (6.2.9.1(4) for the sections, 6.3.1.2(4) for buckling).', lines: $d->lines ?? [],
            )];
        }

        return $this->together($stretches, $weight, [$compression, max(0.0, -$least->value)], $bending, $sideways, $derive, $d->lines ?? []);
    }

    /** How much stiffer a section is than the one that the statics was solved with: the critical force grows alike. */
    private function stiffer(Section $section): float
    {
        return $section->Iy / $this->beam->member->section->Iy;
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
    private function together(array $stretches, float $weight, array $N, array $bending, ?array $sideways, bool $derive, array $lines = []): array
    {
        $member = $this->beam->member;
        $steel = new SteelSection($stretches[0]->section, $stretches[0]->grade, $member->basis);
        $what = match (true) {
            $sideways === null => 'Bending with axial force',
            max($N) > 0.0 => 'Bending about both axes with axial force',
            default => 'Bending about both axes',
        };
        $highShear = array_filter($bending, fn (Weighing $w): bool => $w->id === 'bending-shear' && $w->ratio !== null) !== [] || ($sideways[1]->ratio ?? 0.0) > 0.5;
        $refusal = match (true) {
            count($stretches) > 1 => "{$what} is computed for members of one section; this one changes along its length.",
            $N[0] > 0.0 && Classification::of($steel, Strain::Compression) > 3 => 'The section is class 4 in compression: its effective section is not computed here. Take one with a thicker web.',
            $highShear => "{$what} and a high shear force (6.2.10) is not computed here.",
            default => '',
        };
        if ($refusal !== '') {
            $force = $member->basis->units->format(max($N), Kind::Force);

            return [new Weighing(
                max($N) > 0.0 ? 'axial' : 'bending-axial', max($N) > 0.0 ? 'Axial force' : $what, 'EN 1993-1-1, 6.2.9', null, applies: false, demand: max($N) > 0.0 ? max($N) : null, kind: Kind::Force, demandSymbol: 'N_Ed',
                remark: ($sideways === null ? "The axial force of {$force} is too great to be left out of the weighings (6.2.9.1(4), 6.3.1.2(4)). " : '').$refusal, lines: $lines,
            )];
        }
        // Of each weighing the combination that is the worst for it. The greatest utilisation in lateral-torsional buckling
        // of any combination bounds that of each: it is worked out for those only that may be the worst with it.
        $lateral = max([0.0, ...array_map(fn (Weighing $w): float => $w->ratio ?? 0.0, array_filter($bending, fn (Weighing $w): bool => $w->id === 'buckling'))]);
        $columns = $worst = $bounds = [];
        foreach ($this->strength as $c => $combination) {
            $columns[$c] = $this->column($combination, $steel, $weight, $sideways, $lateral);
            foreach ($columns[$c]->weigh(false) as $w) {
                if ($w->id === BeamColumn::BUCKLING) {
                    $bounds[$c] = (float) $w->ratio;
                } elseif ($w->ratio > ($worst[$w->id][0] ?? -1.0)) {
                    $worst[$w->id] = [(float) $w->ratio, $columns[$c]];
                }
            }
        }
        arsort($bounds);
        foreach ($bounds as $c => $bound) {
            if ($bound <= ($worst[BeamColumn::BUCKLING][0] ?? -1.0)) {
                break;
            }
            $column = $columns[$c]->with(($this->lateralOf)($this->strength[$c], $steel, $weight));
            $ratio = $column->bucklingRatio();
            if ($ratio > ($worst[BeamColumn::BUCKLING][0] ?? -1.0)) {
                $worst[BeamColumn::BUCKLING] = [$ratio, $column];
            }
        }
        $weighings = [];
        foreach ($worst as $id => [, $column]) {
            array_push($weighings, ...array_values(array_filter($column->weigh($derive), fn (Weighing $w): bool => $w->id === $id)));
        }

        return $weighings;
    }

    /**
     * Of the statics' own section. Load that does not press makes no difference; a section of other weight buckles nearly
     * at the same force.
     *
     * @param  array<int, float>  $factors  of the load sets
     * @param  Extreme  $most  greatest compression
     */
    private function criticalFactor(array $factors, Extreme $most): float
    {
        $N = $this->beam->responses->valuesAt(Effect::Axial, $most->segment, $most->t);
        $presses = array_filter($factors, fn (float $f, int $set): bool => abs($f * $N[$set]) > 1e-9 * $most->value, ARRAY_FILTER_USE_BOTH);
        // What presses in proportion buckles the member at the same force.
        $parts = array_map(fn (float $f): float => round($f / $most->value, 12), $presses);
        $own = $this->beam->selfWeight;
        $key = (string) json_encode(array_diff_key($parts, $own === null ? [] : [$own => true]));
        $whole = $key.' '.($parts[$own ?? -1] ?? 0.0);
        if (! isset($this->critical[$whole])) {
            $force = SecondOrder::of($this->beam->beam, $this->beam->responses, $factors)->criticalFactor(($this->critical[$key] ?? 0.0) / $most->value) * $most->value;
            $this->critical[$whole] = $this->critical[$key] = $force;
        }

        return $this->critical[$whole] / $most->value;
    }

    /** @param  array{Weighing, Weighing}|null  $sideways */
    private function column(Combination $combination, SteelSection $steel, float $weight, ?array $sideways, float $lateral): BeamColumn
    {
        $most = $this->axial?->extreme([$combination], 1, $weight);
        $least = $this->axial?->extreme([$combination], -1, $weight);
        $compression = max(0.0, $most->value ?? 0.0);
        $tension = max(0.0, -($least->value ?? 0.0));
        $M = ($this->bendingOf)($combination, $steel, $weight);
        $Mz = 0.0;
        foreach ([1, -1] as $sign) {
            $Mz = max($Mz, abs($this->sideways?->moment->extreme([$combination], $sign, $weight)->value ?? 0.0));
        }
        $at = [0.0, $combination->id, '', []];
        $e = $tension > $compression ? $least : $most;
        if ($e !== null) {
            $acting = $this->beam->worst($combination, $weight, Effect::Axial, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);
            $at = [$e->x, $combination->id, $this->beam->arrangementText($acting), $acting];
        }
        $alphaCr = INF;
        if ($most !== null && $compression > 1.0 && $this->beam->member->effective->y === null) {
            $alphaCr = $this->criticalFactor($this->beam->worst($combination, $weight, Effect::Axial, 1, $most->segment, $most->t), $most) * $this->stiffer($steel->section);
        }

        return new BeamColumn($steel, $compression > 1.0 ? $compression : 0.0, $tension > 1.0 ? $tension : 0.0, $alphaCr, [$this->beam->member->effective->y, ...$this->lengths()], $M, $lateral, $sideways === null ? 0.0 : $Mz / (float) $sideways[0]->capacity, $at, $this->shape($combination));
    }

    /**
     * Where nothing holds the member between two supports at its ends, moments at these run straight from one to the other:
     * those of rows, and those that all loads make at one and the same end.
     */
    private function shape(Combination $combination): EquivalentMoments
    {
        $member = $this->beam->member;
        $supports = $this->beam->beam->supports;
        if (count($supports) !== 2 || abs($supports[0]) > 1e-6 || abs($supports[1] - $member->length) > 1e-6) {
            return new EquivalentMoments;
        }
        if ($combination->isRow()) {
            $at = fn (string $part): float => ($combination->variable[Combination::END_FORCE.$part.'+'] ?? 0.0) - ($combination->variable[Combination::END_FORCE.$part.'-'] ?? 0.0);
            [$y, $z] = [EquivalentMoments::ratio($at('My1'), $at('My2')), EquivalentMoments::ratio($at('Mz1'), $at('Mz2'))];
        } else {
            [$y, $z] = $this->ratios ??= [self::isFromOneEnd($this->beam) ? 0.0 : null, $this->beam->sideways !== null && self::isFromOneEnd($this->beam->sideways) ? 0.0 : null];
        }
        $isFree = $member->top->positions === [] && $member->bottom->positions === [] && ! $member->top->isContinuous() && ! $member->bottom->isContinuous();

        [$swaysY, $swaysZ] = [$member->effective->y > $member->length + 1.0, $member->effective->z > $member->length + 1.0];

        return new EquivalentMoments($y, $member->heldSideways() === [] ? $z : null, $isFree ? $y : null, $swaysY, $swaysZ);
    }

    /** Do the moments of every load run straight to zero at one and the same end? */
    private static function isFromOneEnd(LoadedBeam $beam): bool
    {
        $length = $beam->beam->length;
        $start = $end = $most = 0.0;
        $bends = 0.0;
        foreach ($beam->responses->M as $segments) {
            $last = null;
            foreach ($segments as $k => [$a, $b, $c, $d]) {
                $l = $beam->responses->breaks[$k + 1] - $beam->responses->breaks[$k];
                $value = $a + $l * ($b + $l * ($c + $l * $d));
                $most = max($most, abs($a), abs($value));
                $bends = max($bends, abs($c) * $length ** 2, abs($d) * $length ** 3, $last === null ? 0.0 : abs($a - $last[0]), $last === null ? 0.0 : abs($b - $last[1]) * $length);
                $start = $k === 0 ? max($start, abs($a)) : $start;
                $last = [$value, $b];
            }
            $end = max($end, abs($last[0] ?? 0.0));
        }

        return $bends <= 1e-9 * $most && min($start, $end) <= 1e-9 * $most;
    }

    /** @return array{float, float} of buckling about z-z and of twisting, mm; 0: held all along */
    private function lengths(): array
    {
        $effective = $this->beam->member->effective;

        return [$effective->z ?? $this->heldApart(), $effective->twist ?? $this->heldApart()];
    }

    /** Greatest distance between places that hold both flanges sideways, mm; a free end counts twice. */
    private function heldApart(): float
    {
        $member = $this->beam->member;
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return 0.0;
        }
        $places = [...$this->beam->beam->supports, ...$member->heldSideways()];
        sort($places);
        $gap = 2 * max($places[0], $member->length - $places[count($places) - 1]);
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            $gap = max($gap, $places[$i] - $places[$i - 1]);
        }

        return $gap;
    }

    /** Of the section itself: (6.33), (6.34), its class, and buckling sideways over a length L. */
    private function isSmall(SteelSection $steel, float $N, float $compression, float $L, float $LT, ?Derivation $d): bool
    {
        $s = $steel->section;
        $b = $steel->basis;
        // The limits are those of I sections.
        if (! $s instanceof ISection) {
            return false;
        }
        $Npl = $s->A * $steel->fy / $b->gammaM0;
        $limit = min(0.25 * $Npl, 0.5 * $s->hw * $s->tw * $steel->fy / $b->gammaM0);
        $d?->given('N_Ed', $N, Kind::Force);
        $d?->line('N_pl_Rd', 'A * f_y / gamma_M0', ['A' => [$s->A, Kind::Area], 'f_y' => [$steel->fy, Kind::Stress], 'gamma_M0' => [$b->gammaM0, Kind::Number]], $Npl, Kind::Force, '6.2.4(2) (6.10)');
        $d?->line('N_lim', 'min(0.25 * N_pl_Rd, 0.5 * h_w * t_w * f_y / gamma_M0)', [
            'N_pl_Rd' => [$Npl, Kind::Force], 'h_w' => [$s->hw, Kind::Size], 't_w' => [$s->tw, Kind::Size], 'f_y' => [$steel->fy, Kind::Stress], 'gamma_M0' => [$b->gammaM0, Kind::Number],
        ], $limit, Kind::Force, '6.2.9.1(4) (6.33), (6.34)', 'up to here the plastic moment is not reduced');
        // The web in bending with compression (Table 5.2): α of its depth is compressed when the section is plastic.
        $alpha = min(1.0, 0.5 * (1 + $compression / ($s->d * $s->tw * $steel->fy)));
        $d?->line('alpha', 'min(1, 0.5 * (1 + N_c / (d * t_w * f_y)))', ['N_c' => [$compression, Kind::Force], 'd' => [$s->d, Kind::Size], 't_w' => [$s->tw, Kind::Size], 'f_y' => [$steel->fy, Kind::Stress]], $alpha, Kind::Number, 'Table 5.2', 'part of the web in compression');
        $web = Classification::classOf($s->d / $s->tw, [396 / (13 * $alpha - 1), 456 / (13 * $alpha - 1)], $steel->epsilon);
        $small = $N <= $limit && $steel->class <= 2 && $web <= 2;
        if ($compression <= 0.0 || $L <= 0.0) {
            return $small;
        }
        $Ncr = SidewaysBuckling::criticalForce($s, $L, $LT, $d);
        $d?->line('n_cr_z', 'N_c / N_cr_z', ['N_c' => [$compression, Kind::Force], 'N_cr_z' => [$Ncr, Kind::Force]], $compression / $Ncr, Kind::Number, '6.3.1.2(4)', 'not above 0.04');

        return $small && $compression <= self::BUCKLING * $Ncr;
    }
}
