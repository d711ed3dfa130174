<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\Polynomial;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Loading\RuleSet;
use Waage\Materials\SteelGrade;
use Waage\Member\Category;
use Waage\Member\Restraint;
use Waage\Sections\Catalogue;
use Waage\Sections\ISection;
use Waage\Units\Kind;

/**
 * All weighings of a rolled steel beam after EN 1993-1-1. What does not depend on the section (envelopes, arrangements,
 * moment diagrams between restraints) is made once, so that a shortlist of a hundred sections stays quick.
 */
final class SteelBeam
{
    public readonly Envelope $shear;

    public readonly Envelope $moment;

    public readonly Envelope $deflection;

    /** Deflection from the line between the supports; the same as the deflection where they do not move. */
    public readonly Envelope $sag;

    /** @var list<Combination> */
    private readonly array $strength;

    /** @var list<Combination> */
    private readonly array $characteristic;

    /** @var list<Combination> */
    private readonly array $variablePart;

    /** @var array{own?: array<int, list<BucklingCase>>, any?: array<int, list<BucklingCase>>} by flange sign; for the member's section, for any section */
    private array $bucklingCases = [];

    /** @var array<string, array<string, array<int, array<string, array<int, float>>>>> by place: they are the same for all combinations */
    private array $patterns = [];

    /** @param  list<Combination>  $combinations */
    public function __construct(private readonly LoadedBeam $beam, array $combinations)
    {
        $of = fn (Purpose $p): array => array_values(array_filter($combinations, fn (Combination $c): bool => $c->purpose === $p));
        $this->strength = array_values(array_filter($combinations, fn (Combination $c): bool => $c->purpose->isForStrength()));
        $this->characteristic = $of(Purpose::Characteristic);
        $settlement = [];
        foreach ($beam->cases as $case) {
            if ($case->case->category === Category::Settlement) {
                $settlement[$case->case->id] = true;
            }
        }
        $this->variablePart = array_values(array_filter(
            array_map(fn (Combination $c): Combination => new Combination($c->id, $c->purpose, $c->clause, 0.0, array_diff_key($c->variable, $settlement), $c->text), $this->characteristic),
            fn (Combination $c): bool => $c->variable !== [],
        ));
        $this->shear = new Envelope($beam, Effect::Shear);
        $this->moment = new Envelope($beam, Effect::Moment);
        $this->deflection = new Envelope($beam, Effect::Deflection);
        $this->sag = $beam->supportsMove() ? new Envelope($beam, Effect::Sag) : $this->deflection;
    }

    /**
     * @param  bool  $derive  write down the lines of each weighing
     * @return list<Weighing>
     */
    public function weigh(ISection $section, bool $derive): array
    {
        $member = $this->beam->member;
        $steel = new SteelSection($section, $member->grade, $member->basis);
        $classification = Classification::weigh($steel, $derive);
        $weight = $section->weight();
        $rules = RuleSet::of($member->basis->combinations);
        if (! $rules->weighs) {
            return [new Weighing('strength', 'Strength', 'EN 1993-1-1, 6', null, applies: false, remark: $rules->refusal), ...$this->deflections($section, $weight, $derive)];
        }
        if (! $classification->applies || $this->strength === []) {
            return [$classification, ...$this->deflections($section, $weight, $derive)];
        }

        return [
            $classification,
            $this->bending($steel, $weight, $derive),
            ...$this->shearWeighings($steel, $weight, $derive),
            $this->buckling($steel, $member->top, 1, $weight, $derive),
            $this->buckling($steel, $member->bottom, -1, $weight, $derive),
            ...$this->deflections($section, $weight, $derive),
        ];
    }

    private function bending(SteelSection $steel, float $weight, bool $derive): Weighing
    {
        $e = $this->worst($this->moment, $this->strength, $weight);
        $d = $derive ? new Derivation : null;
        $d?->given('M_Ed', abs($e->value), Kind::Moment, '', $e->value >= 0 ? 'sagging' : 'hogging');
        $Mc = Bending::resistance($steel, $d);
        $ratio = abs($e->value) / $Mc;
        $d?->line('u', 'M_Ed / M_c_Rd', ['M_Ed' => [abs($e->value), Kind::Moment], 'M_c_Rd' => [$Mc, Kind::Moment]], $ratio, Kind::Number, '6.2.5(1) (6.12)');

        return new Weighing(
            'bending', 'Bending', 'EN 1993-1-1, 6.2.5', $ratio, demand: abs($e->value), capacity: $Mc, kind: Kind::Moment,
            demandSymbol: 'M_Ed', capacitySymbol: 'M_c_Rd', x: $e->x, combination: $e->combination->id,
            arrangement: $this->arrangement(Effect::Moment, $e, $weight), lines: $d->lines ?? [], ranges: [[0.0, $this->beam->beam->length, $Mc]],
        );
    }

    /** @return list<Weighing> shear, shear buckling, bending with shear */
    private function shearWeighings(SteelSection $steel, float $weight, bool $derive): array
    {
        $e = $this->worst($this->shear, $this->strength, $weight);
        $V = abs($e->value);
        $d = $derive ? new Derivation : null;
        $d?->given('V_Ed', $V, Kind::Force);
        $Vpl = Shear::resistance($steel, $d);
        $d?->line('u', 'V_Ed / V_pl_Rd', ['V_Ed' => [$V, Kind::Force], 'V_pl_Rd' => [$Vpl, Kind::Force]], $V / $Vpl, Kind::Number, '6.2.6(1) (6.17)');
        $shear = new Weighing(
            'shear', 'Shear', 'EN 1993-1-1, 6.2.6', $V / $Vpl, demand: $V, capacity: $Vpl, kind: Kind::Force,
            demandSymbol: 'V_Ed', capacitySymbol: 'V_pl_Rd', x: $e->x, combination: $e->combination->id,
            arrangement: $this->arrangement(Effect::Shear, $e, $weight), lines: $d->lines ?? [], ranges: [[0.0, $this->beam->beam->length, $Vpl]],
        );

        $d = $derive ? new Derivation : null;
        $limit = Shear::bucklingLimit($steel, $d);
        $slenderness = $steel->section->hw / $steel->section->tw;
        $web = new Weighing(
            'shear-buckling', 'Shear buckling of the web', 'EN 1993-1-1, 6.2.6(6)', null, applies: $slenderness <= $limit,
            demand: $slenderness, capacity: $limit, demandSymbol: 'lambda_w', capacitySymbol: 'lambda_w_max',
            remark: $slenderness <= $limit ? 'The web is stocky enough: it does not buckle in shear.' : 'The web is so slender that it may buckle in shear (EN 1993-1-5, section 5), which is not computed here. Take a section with a thicker web.',
            lines: $d->lines ?? [],
        );

        return [$shear, $web, $this->bendingWithShear($steel, $V, $Vpl, $weight, $derive)];
    }

    private function bendingWithShear(SteelSection $steel, float $greatest, float $Vpl, float $weight, bool $derive): Weighing
    {
        $clause = 'EN 1993-1-1, 6.2.8';
        if ($greatest <= 0.5 * $Vpl) {
            $d = $derive ? new Derivation : null;
            $d?->line('u_V', 'V_Ed / V_pl_Rd', ['V_Ed' => [$greatest, Kind::Force], 'V_pl_Rd' => [$Vpl, Kind::Force]], $greatest / $Vpl, Kind::Number, '6.2.8(2)', 'not above 0.5');

            return new Weighing('bending-shear', 'Bending with shear', $clause, null, remark: 'The shear force is nowhere more than half of its resistance: bending is not reduced (6.2.8(2)).', lines: $d->lines ?? []);
        }
        $Mc = Bending::resistance($steel);
        $best = -1.0;
        $found = null;
        foreach ($this->strength as $combination) {
            foreach ($this->highShear($combination, $weight, 0.5 * $Vpl) as [$k, $factors]) {
                $m = $this->beam->responses->combined(Effect::Moment, $factors, $k);
                $start = $this->beam->responses->breaks[$k];
                foreach ($this->interactionPlaces($steel, $m, $Vpl, $Mc, $this->beam->responses->breaks[$k + 1] - $start) as $t) {
                    $V = abs($m[1] + $t * (2 * $m[2] + $t * 3 * $m[3]));
                    if ($V <= 0.5 * $Vpl) {
                        continue;
                    }
                    $M = abs(Polynomial::value($m, $t));
                    $ratio = $M / max(BendingWithShear::resistance($steel, $V, $Vpl, $Mc), 1e-6 * $Mc);
                    if ($ratio > $best) {
                        $best = $ratio;
                        $found = [$M, $V, $start + $t, $combination, $factors];
                    }
                }
            }
        }
        if ($found === null) {
            throw new \LogicException('Some place must have the shear that was found.');
        }
        [$M, $V, $x, $combination, $factors] = $found;
        $d = $derive ? new Derivation : null;
        $d?->given('V_Ed', $V, Kind::Force, '', 'acts together with M_Ed');
        $d?->given('M_Ed', $M, Kind::Moment);
        $d?->given('V_pl_Rd', $Vpl, Kind::Force);
        $Mc = Bending::resistance($steel, $d);
        $MV = BendingWithShear::resistance($steel, $V, $Vpl, $Mc, $d);
        if ($MV > 0) {
            $d?->line('u', 'M_Ed / M_V_Rd', ['M_Ed' => [$M, Kind::Moment], 'M_V_Rd' => [$MV, Kind::Moment]], $M / $MV, Kind::Number, '6.2.8(1)');
        }

        return new Weighing(
            'bending-shear', 'Bending with shear', $clause, $best, demand: $M, capacity: max(0.0, $MV), kind: Kind::Moment,
            demandSymbol: 'M_Ed', capacitySymbol: 'M_V_Rd', x: $x, combination: $combination->id,
            arrangement: $this->beam->arrangementText($factors), lines: $d->lines ?? [],
        );
    }

    /**
     * Segments with a high shear force, each with the arrangements that make shear or moment the worst at one of its ends.
     *
     * @return list<array{int, array<int, float>}>
     */
    private function highShear(Combination $combination, float $weight, float $high): array
    {
        $found = [];
        $responses = $this->beam->responses;
        for ($k = 0, $n = $responses->segments(); $k < $n; $k++) {
            if (! $this->shear->mayExceed($high, $k, $combination, $weight)) {
                continue;
            }
            foreach ([0.0, $responses->breaks[$k + 1] - $responses->breaks[$k]] as $t) {
                $patterns = $this->patterns["{$k}:{$t}"] ??= $this->patterns($k, $t);
                $of = fn (string $effect, int $sign): array => $this->beam->factors($combination, $weight, $patterns[$effect][$sign]);
                foreach ([1, -1] as $sign) {
                    $factors = $of('V', $sign);
                    if ($sign * Polynomial::value($responses->combined(Effect::Shear, $factors, $k), $t) > $high) {
                        foreach ([$factors, $of('M', 1), $of('M', -1)] as $candidate) {
                            $found[$k.':'.implode(',', array_keys($candidate)).implode(',', $candidate)] = [$k, $candidate];
                        }
                    }
                }
            }
        }

        return array_values($found);
    }

    /** @return array<string, array<int, array<string, array<int, float>>>> by effect and sign, as LoadedBeam::patterns */
    private function patterns(int $segment, float $t): array
    {
        $patterns = [];
        foreach ([Effect::Shear, Effect::Moment] as $effect) {
            $values = $this->beam->responses->valuesAt($effect, $segment, $t);
            $patterns[$effect->value] = [1 => $this->beam->patterns(1, $values), -1 => $this->beam->patterns(-1, $values)];
        }

        return $patterns;
    }

    /**
     * Where M / M_V,Rd can be greatest on a segment: its ends, where the shear falls to half its resistance, and where
     * the ratio is stationary. With V = M' and M_V = a − b (2 V / V_pl − 1)², the numerator of the derivative is a
     * polynomial.
     *
     * @param  array<int, float>  $m
     * @return list<float>
     */
    private function interactionPlaces(SteelSection $steel, array $m, float $Vpl, float $Mc, float $length): array
    {
        $v = [$m[1], 2 * $m[2], 3 * $m[3]];
        if (max(abs($v[0]), abs(Polynomial::value($v, $length))) <= 0.5 * $Vpl && Polynomial::roots(Polynomial::derivative($v), 0.0, $length) === []) {
            return [];
        }
        $loss = BendingWithShear::loss($steel);
        $places = [0.0, $length];
        foreach ([1.0, -1.0] as $side) {
            // On this side of zero shear: s = 2 |V| / V_pl − 1.
            $s = Polynomial::sum([-1.0], $v, 2 * $side / $Vpl);
            $resistance = Polynomial::sum([$Mc], Polynomial::product($s, $s), -$loss);
            $slope = array_map(fn (float $c): float => -2 * $loss * $c, Polynomial::product($s, Polynomial::derivative($s)));
            $numerator = Polynomial::sum(Polynomial::product($v, $resistance), Polynomial::product($m, $slope), -1.0);
            array_push($places, ...Polynomial::roots($s, 0.0, $length), ...Polynomial::roots($numerator, 0.0, $length));
        }

        return $places;
    }

    private function buckling(SteelSection $steel, Restraint $restraint, int $sign, float $weight, bool $derive): Weighing
    {
        $flange = $sign > 0 ? 'top' : 'bottom';
        $bends = $sign > 0 ? 'sagging' : 'hogging';
        $id = "buckling-{$flange}";
        $title = "Lateral-torsional buckling, {$flange} flange";
        $clause = 'EN 1993-1-1, 6.3.2';
        if ($restraint->isContinuous()) {
            return new Weighing($id, $title, $clause, null, remark: "The {$flange} flange is held sideways along its whole length: it cannot buckle under {$bends} moments (6.3.2.1(2)).");
        }
        $member = $this->beam->member;
        $best = -1.0;
        $found = null;
        $heaviest = $ranges = [];
        foreach ($this->bucklingCases($weight)[$sign] as $case) {
            $key = (string) $case->piece->from;
            [$M, $Mb] = LateralTorsionalBuckling::check($steel, $case->piece, $case->diagram, $member->loadHeight, $weight, known: $heaviest[$key] ?? 0.0);
            if ($M <= 0) {
                continue;
            }
            if ($M / $Mb > $best) {
                $best = $M / $Mb;
                $found = $case;
            }
            if ($M / $Mb > ($heaviest[$key] ?? 0.0)) {
                $heaviest[$key] = $M / $Mb;
                $ranges[$key] = [$case->piece->from, $case->piece->to, $Mb, $M / $Mb];
            }
        }
        if ($found === null) {
            return new Weighing($id, $title, $clause, null, remark: "No combination gives a {$bends} moment.");
        }
        $piece = $found->piece;
        $d = $derive ? new Derivation : null;
        $d?->given('L', $piece->length(), Kind::Length, '', sprintf('%s flange from x = %s to %s', $flange, $member->basis->units->format($piece->from, Kind::Length), $member->basis->units->format($piece->to, Kind::Length)));
        [$M, $Mb, $x] = LateralTorsionalBuckling::check($steel, $piece, $found->diagram, $member->loadHeight, $weight, $d);
        $d?->line('u', 'M_Ed / M_b_Rd', ['M_Ed' => [$M, Kind::Moment], 'M_b_Rd' => [$Mb, Kind::Moment]], $M / $Mb, Kind::Number, '6.3.2.1(1) (6.54)');

        return new Weighing(
            $id, $title, $clause, $best, demand: $M, capacity: $Mb, kind: Kind::Moment, demandSymbol: 'M_Ed', capacitySymbol: 'M_b_Rd',
            x: $x, combination: $found->combination->id, arrangement: $this->beam->arrangementText($found->factors), lines: $d->lines ?? [], ranges: array_values($ranges),
        );
    }

    /** @return array<int, list<BucklingCase>> by flange sign */
    private function bucklingCases(float $weight): array
    {
        $member = $this->beam->member;
        $own = $member->section->weight();
        $for = $weight === $own ? 'own' : 'any';
        if (! isset($this->bucklingCases[$for])) {
            // What is left out for a shortlist must not matter for any of its sections: uplift that a heavy section
            // outweighs is there for a light one.
            $weights = $for === 'own' ? [$own] : [$own, 0.0, Catalogue::heaviest()->weight()];
            $of = fn (int $sign, Restraint $restraint, Restraint $other): array => BucklingCases::of(
                $this->beam, $this->moment, BucklingLengths::of($this->beam->beam, $restraint, $other, $sign), $this->strength, $member->loadHeight->sign(), $weights,
            );
            $this->bucklingCases[$for] = [1 => $of(1, $member->top, $member->bottom), -1 => $of(-1, $member->bottom, $member->top)];
        }

        return $this->bucklingCases[$for];
    }

    /** @return list<Weighing> */
    private function deflections(ISection $section, float $weight, bool $derive): array
    {
        $basis = $this->beam->member->basis;
        $weighings = [];
        if ($this->characteristic !== []) {
            $weighings[] = $this->deflectionWeighing('deflection-total', 'Deflection, total', $this->characteristic, $basis->limitTotal, $section, $weight, $derive);
        }
        if ($this->variablePart !== []) {
            $weighings[] = $this->deflectionWeighing('deflection-variable', 'Deflection, variable load', $this->variablePart, $basis->limitVariable, $section, $weight, $derive);
        }

        return $weighings;
    }

    /** @param  list<Combination>  $combinations */
    private function deflectionWeighing(string $id, string $title, array $combinations, float $limit, ISection $section, float $weight, bool $derive): Weighing
    {
        $EI = SteelGrade::E * $section->Iy;
        $best = -1.0;
        $found = null;
        $ranges = [];
        foreach ($this->beam->beam->fields() as [$from, $to]) {
            $overhang = $this->beam->isOverhang($from, $to);
            $L = ($to - $from) * ($overhang ? 2 : 1);
            $ranges[] = [$from, $to, $L / $limit];
            foreach ([1, -1] as $sign) {
                $e = $this->sag->extreme($combinations, $sign, $weight, $from, $to);
                if ($e !== null && $sign * $e->value / $L > $best) {
                    $best = $sign * $e->value / $L;
                    $found = [$e, $L, $overhang];
                }
            }
        }
        if ($found === null) {
            throw new \LogicException('A beam has at least one span or overhang.');
        }
        [$e, $L, $overhang] = $found;
        $w = abs($e->value) / $EI;
        $allowed = $L / $limit;
        $d = $derive ? new Derivation : null;
        if ($d !== null) {
            $d->given('E', SteelGrade::E, Kind::ModulusOfElasticity, '3.2.6(1)');
            $d->given('I_y', $section->Iy, Kind::SecondMoment);
            $d->given('w', $w, Kind::Deflection, '', ($e->value >= 0 ? 'downward' : 'upward').', from the exact deflection curve'.($this->sag === $this->deflection ? '' : ', from the line between the supports'));
            $d->line('w_lim', $overhang ? '2 * L / n' : 'L / n', ['L' => [$overhang ? $L / 2 : $L, Kind::Length], 'n' => [$limit, Kind::Number]], $allowed, Kind::Deflection, 'basis of the job', $overhang ? 'an overhang counts with twice its length' : '');
            $d->line('u', 'w / w_lim', ['w' => [$w, Kind::Deflection], 'w_lim' => [$allowed, Kind::Deflection]], $w / $allowed, Kind::Number, 'EN 1993-1-1, 7.2.1(1)');
        }

        return new Weighing(
            $id, $title, 'EN 1993-1-1, 7.2.1', $w / $allowed, demand: $w, capacity: $allowed, kind: Kind::Deflection,
            demandSymbol: 'w', capacitySymbol: 'w_lim', x: $e->x, combination: $e->combination->id,
            arrangement: $this->arrangement($this->sag->effect, $e, $weight), lines: $d->lines ?? [], ranges: $ranges,
        );
    }

    /** @param  list<Combination>  $combinations */
    private function worst(Envelope $envelope, array $combinations, float $weight): Extreme
    {
        $most = $envelope->extreme($combinations, 1, $weight);
        $least = $envelope->extreme($combinations, -1, $weight);
        if ($most === null || $least === null) {
            throw new \LogicException('An envelope has at least one combination here.');
        }

        return abs($least->value) > abs($most->value) * (1 + 1e-9) ? $least : $most;
    }

    private function arrangement(Effect $effect, Extreme $e, float $weight): string
    {
        return $this->beam->arrangementText($this->beam->worst($e->combination, $weight, $effect, $e->value >= 0 ? 1 : -1, $e->segment, $e->t));
    }
}
