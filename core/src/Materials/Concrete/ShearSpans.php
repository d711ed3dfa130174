<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/** Where shear is greatest in spans and in zones of links, for the weighings of any standard. */
final readonly class ShearSpans
{
    /** Less is rounding, N. */
    private const NOTHING = 1.0;

    private DesignForces $forces;

    public function __construct(private MemberEnvelopes $envelopes, private ConcreteMake $concrete)
    {
        $this->forces = new DesignForces($envelopes, $concrete);
    }

    /**
     * @return list<array{int, float, float, Extreme}> number, start and end of each field that is sheared; its
     *     greatest
     */
    public function all(): array
    {
        $spans = [];
        foreach ($this->envelopes->beam->beam->fields() as $i => [$from, $to]) {
            $e = $this->greatest($from, $to);
            if ($e !== null && abs($e->value) >= self::NOTHING) {
                $spans[] = [$i, $from, $to, $e];
            }
        }

        return $spans;
    }

    public function greatest(float $from, float $to): ?Extreme
    {
        return $this->forces->shear($from, $to);
    }

    /** What crushes concrete: at the face of supports at least. */
    public function crushing(float $from, float $to, Extreme $otherwise): Extreme
    {
        return $this->forces->crushing($from, $to) ?? $otherwise;
    }

    /**
     * Of the zones of links between two places the one that is used most, with its greatest shear.
     *
     * @param  \Closure(float, float, float): float  $links  area by length that a shear needs at a depth, with a torque
     * @return array{LinkZone, Extreme}|null
     */
    public function worstZone(float $from, float $to, \Closure $links): ?array
    {
        $worst = null;
        $most = -1.0;
        foreach ($this->concrete->steel()->linksBetween($from, $to) as $zone) {
            $e = $this->greatest(max($from, $zone->from), min($to, $zone->to));
            if ($e === null) {
                continue;
            }
            $d = $this->concrete->h - $this->concrete->shallower($e->x)->centroid();
            $torque = $this->torque(max($from, $zone->from), min($to, $zone->to));
            $used = $links(abs($e->value), $d, $torque) * $zone->spacing;
            if ($used > $most) {
                $most = $used;
                $worst = [$zone, $e];
            }
        }

        return $worst;
    }

    /** The greatest torque between two places, Nmm. */
    public function torque(float $from, float $to): float
    {
        return $this->forces->torque($from, $to);
    }

    /** Where links lie the furthest apart. */
    public function widest(): LinkZone
    {
        $zones = $this->concrete->steel()->links;
        usort($zones, fn (LinkZone $a, LinkZone $b): int => $b->spacing <=> $a->spacing);

        return $zones[0] ?? throw new \LogicException('A beam has links.');
    }

    /** The same among the zones that a torque of so much twists; all of them where none is. */
    public function widestTwisted(float $least): LinkZone
    {
        $zones = array_values(
            array_filter(
                $this->concrete->steel()->links,
                fn (LinkZone $z): bool => $this->torque($z->from, $z->to) >= $least,
            ),
        );
        usort($zones, fn (LinkZone $a, LinkZone $b): int => $b->spacing <=> $a->spacing);

        return $zones[0] ?? $this->widest();
    }

    /** Bars in tension where shear is greatest: those of the greater moment there. */
    public function tension(Extreme $e): BarGroup
    {
        $at = max(1.0, min($e->x, $this->concrete->length() - 1.0));
        $M = $this->envelopes->moment->greatest(
            $this->envelopes->strength,
            $this->concrete->weight(),
            $at - 1.0,
            $at + 1.0,
        );

        return $this->concrete->steel()->at(($M->value ?? 0.0) >= 0.0 ? 1 : -1, $at)->group;
    }

    /**
     * @param  array{string, string, string, string}  $what  id, title, symbol of the capacity, clause
     * @param  string  $demand  its symbol
     * @param  list<list<float>>  $ranges
     */
    public function weighing(
        array $what,
        string $demand,
        int $field,
        Extreme $e,
        Working $w,
        array $ranges = [],
        Kind $kind = Kind::Force,
    ): Weighing {
        [$id, $title, $capacity, $clause] = $what;
        $beam = $this->envelopes->beam;
        $names = $beam->beam->fieldNames();
        $suffix = count($names) === 1 ? '' : '-'.str_replace(['span ', ' overhang'], '', $names[$field]);
        $factors = $beam->worst(
            $e->combination,
            $this->concrete->weight(),
            $this->envelopes->shear->effect,
            $e->value >= 0.0 ? 1 : -1,
            $e->segment,
            $e->t,
        );

        return new Weighing(
            $id.$suffix,
            "{$title}, {$names[$field]}",
            $clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value($demand),
                capacity: $w->value($capacity),
                kind: $kind,
                demandSymbol: $demand,
                capacitySymbol: $capacity,
            ),
            at: $beam->placed($e, $factors),
            lines: $w->lines,
            ranges: $ranges,
            group: $id,
        );
    }
}
