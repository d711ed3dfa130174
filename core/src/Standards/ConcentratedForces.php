<?php

declare(strict_types=1);

namespace Waage\Standards;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Member\Load;
use Waage\Member\LoadDirection;
use Waage\Member\LoadHeight;
use Waage\Member\LoadKind;
use Waage\Member\SectionStep;
use Waage\Member\Support;
use Waage\Member\SupportKind;

/**
 * The forces that press on the web of a member: at supports that bear on the bottom flange, and point loads and axles on
 * the top flange. Not where the web has stiffeners or an end plate, not at fixed supports, which are connections, nor in
 * members that stand.
 */
final readonly class ConcentratedForces
{
    /** Steeper members do not lie on their supports; rad. */
    private const STANDS = M_PI / 4;

    /** @param  list<Combination>  $strength */
    public function __construct(private LoadedBeam $beam, private array $strength)
    {
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     * @return list<ConcentratedForce>
     */
    public function on(array $stretches, float $weight): array
    {
        $member = $this->beam->member;
        if ($this->strength === [] || abs($member->angle) > self::STANDS) {
            return [];
        }
        $forces = array_map(fn (int $i): ?ConcentratedForce => $this->atSupport($i, $this->strength, $stretches, $weight), array_keys($member->supports));
        foreach ($member->loadHeight === LoadHeight::Top ? $member->loads : [] as $load) {
            $forces[] = $this->underLoad($load, $stretches);
        }

        return array_values(array_filter($forces));
    }

    /**
     * @param  non-empty-list<Combination>  $strength
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function atSupport(int $i, array $strength, array $stretches, float $weight): ?ConcentratedForce
    {
        $support = $this->beam->member->supports[$i];
        if ($support->stiffened || $support->kind === SupportKind::Fixed || $support->kind === SupportKind::Guided) {
            return null;
        }
        $axis = $this->beam->beam->axis;
        $presses = array_map(fn (array $of): float => $axis->normal($of[$i][0], $of[$i][2]), $this->beam->responses->reactions);
        [$F, $combination, $factors] = $this->beam->greatest($strength, $weight, 1, $presses);
        if ($F <= 1.0) {
            return null;
        }
        $length = $this->beam->beam->length;

        return new ConcentratedForce('support', 'Web at support '.($i + 1), -1, $F, min($support->bearing, $length), min($support->x, $length - $support->x), false, $support->x, $combination->id, $this->beam->arrangementText($factors), $factors, self::at($support->x, $stretches));
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function underLoad(Load $load, array $stretches): ?ConcentratedForce
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
        $name = $load->name === '' ? ($moves ? 'an axle' : 'a point load') : "“{$load->name}”";

        return new ConcentratedForce('load', "Web under {$name}", 1, $F, $ss, $toEnd, $over !== [], $moves ? null : $load->from, $governing->id, '', [], $moves ? $stretches : self::at($load->from, $stretches));
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return non-empty-list<SectionStep> those on both sides of a place
     */
    private static function at(float $x, array $stretches): array
    {
        $there = array_values(array_filter($stretches, fn (SectionStep $s): bool => $s->from <= $x + 1e-6 && $s->to >= $x - 1e-6));

        return $there === [] ? $stretches : $there;
    }
}
