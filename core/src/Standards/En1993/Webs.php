<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Member\Load;
use Waage\Member\LoadDirection;
use Waage\Member\LoadHeight;
use Waage\Member\LoadKind;
use Waage\Member\SectionStep;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 6 and 7.2: the web over supports that bear on the bottom flange, and under point loads and axles on
 * the top flange. Not where the web has stiffeners or an end plate, not at fixed supports, which are connections, nor in
 * members that stand.
 */
final readonly class Webs
{
    /** Steeper members do not lie on their supports; rad. */
    private const STANDS = M_PI / 4;

    /**
     * @param  Envelope  $moment  of the beam
     * @param  list<Combination>  $strength
     */
    public function __construct(private LoadedBeam $beam, private Envelope $moment, private array $strength)
    {
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing> of each group the heaviest: supports, loads, either with the bending there
     */
    public function weigh(array $stretches, float $weight, bool $derive): array
    {
        $member = $this->beam->member;
        if ($this->strength === [] || abs($member->angle) > self::STANDS) {
            return [];
        }
        $hollow = array_filter($stretches, fn (SectionStep $s): bool => ! TransverseForce::covers($this->steel($s)));
        if ($hollow !== []) {
            return [new Weighing('web-support', 'Webs at supports and under loads', 'EN 1993-1-5, 6', null, remark: 'Not weighed: the clause is for a web between two flanges. The sides of a hollow section at its supports and under point loads are to be looked at separately.')];
        }
        $places = array_map(fn (int $i): \Closure => fn (bool $derive): ?array => $this->atSupport($i, $member->supports[$i], $stretches, $weight, $derive), array_keys($member->supports));
        foreach ($member->loadHeight === LoadHeight::Top ? $member->loads : [] as $load) {
            $places[] = fn (bool $derive): ?array => $this->underLoad($load, $stretches, $weight, $derive);
        }
        // Only what is shown is written down.
        $heaviest = [];
        foreach ($places as $place) {
            foreach ($place(false) ?? [] as $which => $w) {
                if ($w->ratio > ($heaviest[$w->id][0] ?? -1.0)) {
                    $heaviest[$w->id] = [$w->ratio, $place, $which, $w];
                }
            }
        }

        return array_values(array_map(fn (array $of): Weighing => $derive ? ($of[1](true)[$of[2]] ?? $of[3]) : $of[3], $heaviest));
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return array{Weighing, Weighing}|null
     */
    private function atSupport(int $i, Support $support, array $stretches, float $weight, bool $derive): ?array
    {
        if ($support->stiffened || $support->kind === SupportKind::Fixed || $support->kind === SupportKind::Guided || $this->strength === []) {
            return null;
        }
        $axis = $this->beam->beam->axis;
        $presses = array_map(fn (array $of): float => $axis->normal($of[$i][0], $of[$i][2]), $this->beam->responses->reactions);
        [$F, $combination, $factors] = $this->beam->greatest($this->strength, $weight, 1, $presses);
        if ($F <= 1.0) {
            return null;
        }
        // At an end the bearing lies within the member, about a support farther in it lies to both sides.
        $length = $this->beam->beam->length;
        $toEnd = min($support->x, $length - $support->x);
        $ss = min($support->bearing, $length);
        $at = [$support->x, $combination->id, $this->beam->arrangementText($factors), $factors];

        return $this->pair('support', 'Web at support '.($i + 1), -1, $F, $ss, max(0.0, $toEnd - $ss / 2), false, $at, $this->steelAt($support->x, $stretches), $weight, $derive);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return array{Weighing, Weighing}|null
     */
    private function underLoad(Load $load, array $stretches, float $weight, bool $derive): ?array
    {
        $force = $load->kind === LoadKind::Point ? $load->start() : max([0.0, ...array_column($load->axles, 1)]);
        $presses = $load->kind !== LoadKind::Point || $load->direction === LoadDirection::Vertical || $load->direction === LoadDirection::Normal;
        if (! $load->on || $load->stiffened || ! $presses || $force <= 0.0 || ($load->kind !== LoadKind::Point && $load->axles === [])) {
            return null;
        }
        $force *= $load->kind === LoadKind::Point && $load->direction === LoadDirection::Normal ? 1.0 : cos($this->beam->member->angle);
        $case = $this->beam->member->case($load->case);
        $F = 0.0;
        $governing = null;
        foreach ($this->strength as $combination) {
            if ($combination->factorOf($case) * $force > $F) {
                $F = $combination->factorOf($case) * $force;
                $governing = $combination;
            }
        }
        if ($governing === null) {
            return null;
        }
        $length = $this->beam->beam->length;
        $moves = $load->kind !== LoadKind::Point;
        $toEnd = $moves ? min($load->from, $length - $load->to) : min($load->from, $length - $load->from);
        // Over a support the force goes through the web to the other flange.
        $over = array_filter($this->beam->member->supports, fn (Support $s): bool => ! $s->stiffened && $s->kind !== SupportKind::Guided && ($moves ? $s->x >= $load->from && $s->x <= $load->to : abs($s->x - $load->from) <= ($s->bearing + $load->bearing) / 2));
        $ss = min([$load->bearing, ...array_map(fn (Support $s): float => $s->bearing, $over)]);
        $at = [$moves ? null : $load->from, $governing->id, '', []];
        $name = $load->name === '' ? ($moves ? 'an axle' : 'a point load') : "“{$load->name}”";
        $steel = $moves ? array_map(fn (SectionStep $s): SteelSection => $this->steel($s), $stretches) : $this->steelAt($load->from, $stretches);

        return $this->pair('load', "Web under {$name}", 1, $F, $ss, max(0.0, $toEnd - $ss / 2), $over !== [], $at, $steel, $weight, $derive);
    }

    /**
     * @param  int  $sign  of the moment that compresses the flange that the force presses on: 7.2(1) is for that
     * @param  array{float|null, string, string, array<int, float>}  $at  place, combination, arrangement, factors
     * @param  non-empty-list<SteelSection>  $steel  sections that may be there; the weakest counts
     * @return array{Weighing, Weighing} the force alone, with the bending there
     */
    private function pair(string $id, string $title, int $sign, float $F, float $ss, float $c, bool $through, array $at, array $steel, float $weight, bool $derive): array
    {
        [$x, $combination, $arrangement, $factors] = $at;
        usort($steel, fn (SteelSection $a, SteelSection $b): int => (new TransverseForce($a, $ss, $c, $through))->resistance() <=> (new TransverseForce($b, $ss, $c, $through))->resistance());
        $force = new TransverseForce($steel[0], $ss, $c, $through);
        $d = $derive ? new Derivation : null;
        $d?->given('F_Ed', $F, Kind::Force);
        $FRd = $force->resistance($d);
        $eta2 = $F / $FRd;
        $d?->line('eta_2', 'F_Ed / F_Rd', ['F_Ed' => [$F, Kind::Force], 'F_Rd' => [$FRd, Kind::Force]], $eta2, Kind::Number, '6.6(1) (6.14)');
        $alone = new Weighing(
            "web-{$id}", $title, 'EN 1993-1-5, 6', $eta2, demand: $F, capacity: $FRd, kind: Kind::Force, demandSymbol: 'F_Ed', capacitySymbol: 'F_Rd',
            x: $x, combination: $combination, arrangement: $arrangement, factors: $factors, lines: $d->lines ?? [],
            remark: $eta2 > 1.0 ? 'A stiffener, an end plate or a longer bearing helps.' : '',
        );
        $M = $this->bending($x, $sign, $weight);
        $W = min(array_map(fn (SteelSection $s): float => $s->section->Wely, $steel));
        $MRd = $W * $steel[0]->fy / $steel[0]->basis->gammaM0;
        $eta1 = $M / $MRd;
        $u = ($eta2 + 0.8 * $eta1) / 1.4;
        $d = $derive ? new Derivation : null;
        $d?->given('eta_2', $eta2, Kind::Number, '6.6(1)', lcfirst($title));
        $d?->given('M_Ed', $M, Kind::Moment, '', ($sign > 0 ? 'sagging' : 'hogging').($x === null ? ', greatest of the member' : ', greatest there of any combination'));
        $d?->line('eta_1', 'M_Ed / (W_el_y * f_y / gamma_M0)', [
            'M_Ed' => [$M, Kind::Moment], 'W_el_y' => [$W, Kind::Modulus], 'f_y' => [$steel[0]->fy, Kind::Stress], 'gamma_M0' => [$steel[0]->basis->gammaM0, Kind::Number],
        ], $eta1, Kind::Number, '4.6(1) (4.14)');
        $d?->line('u', '(eta_2 + 0.8 * eta_1) / 1.4', ['eta_2' => [$eta2, Kind::Number], 'eta_1' => [$eta1, Kind::Number]], $u, Kind::Number, '7.2(1) (7.2)');

        return [$alone, new Weighing('web-bending', "{$title}, with bending", 'EN 1993-1-5, 7.2', $u, x: $x, combination: $combination, arrangement: $arrangement, factors: $factors, lines: $d->lines ?? [])];
    }

    /** The greatest moment of a sign at a place, or of the whole member, Nmm; not negative. */
    private function bending(?float $x, int $sign, float $weight): float
    {
        $e = $x === null ? $this->moment->extreme($this->strength, $sign, $weight) : $this->moment->extreme($this->strength, $sign, $weight, $x - 0.01, $x + 0.01);

        return max(0.0, $sign * ($e->value ?? 0.0));
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return non-empty-list<SteelSection> the sections on both sides of a place
     */
    private function steelAt(float $x, array $stretches): array
    {
        $there = array_values(array_filter($stretches, fn (SectionStep $s): bool => $s->from <= $x + 1e-6 && $s->to >= $x - 1e-6));

        return array_map($this->steel(...), $there === [] ? $stretches : $there);
    }

    private function steel(SectionStep $stretch): SteelSection
    {
        return new SteelSection($stretch->section, $stretch->grade, $this->beam->member->basis);
    }
}
