<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Detailing;

use Waage\Analysis\MemberEnvelopes;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\DesignForces;
use Waage\Materials\Concrete\LinkZone;

/** Spacing of links: closer at the ends of spans, as shear asks; one spacing where the engineer gives it. mm. */
final readonly class LinkZones
{
    public function __construct(private MemberEnvelopes $envelopes, private BarRules $rules)
    {
    }

    /** The same all along, as a start. */
    public function even(ConcreteMake $concrete): LinkZone
    {
        return new LinkZone(
            0.0,
            $concrete->length(),
            $concrete->wishes->linkSpacing ?? $this->rules->sizes()->links[0],
        );
    }

    /** @return non-empty-list<LinkZone> */
    public function of(ConcreteMake $concrete): array
    {
        if ($concrete->wishes->linkSpacing !== null) {
            return [$this->even($concrete)];
        }
        $zones = [];
        foreach ($this->envelopes->beam->beam->fields() as [$from, $to]) {
            array_push($zones, ...$this->ofField($concrete, $from, $to));
        }

        return $zones === [] ? [$this->even($concrete)] : $zones;
    }

    /** @return non-empty-list<LinkZone> close, wide, close */
    private function ofField(ConcreteMake $concrete, float $from, float $to): array
    {
        $module = $this->module();
        $middle = ($from + $to) / 2;
        $wide = $this->spacing($concrete, [0.0, $this->forces($concrete, $middle - 1.0, $middle + 1.0)[1]], $middle);
        [$left, $leftSpacing] = $this->closeEnd($concrete, $from, $middle, $wide);
        [$right, $rightSpacing] = $this->closeEnd($concrete, $to, $middle, $wide);
        if ($left + $right >= $to - $from - $module) {
            return [new LinkZone($from, $to, min($leftSpacing, $rightSpacing))];
        }

        return [
            ...$left > 0.0 ? [new LinkZone($from, $from + $left, $leftSpacing)] : [],
            new LinkZone($from + $left, $to - $right, $wide),
            ...$right > 0.0 ? [new LinkZone($to - $right, $to, $rightSpacing)] : [],
        ];
    }

    /** @return array{float, float} how long links are closer from an end of a span to its middle, and their spacing */
    private function closeEnd(ConcreteMake $concrete, float $end, float $middle, float $wide): array
    {
        $module = $this->module();
        $side = $middle > $end ? 1 : -1;
        $spacing = $this->spacing($concrete, $this->forces($concrete, $end, $middle), $end + $side);
        if ($spacing >= $wide) {
            return [0.0, $wide];
        }
        for ($length = $module; $length < abs($middle - $end); $length += $module) {
            if (
                $this->spacing(
                    $concrete,
                    $this->forces($concrete, $end + $side * $length, $middle),
                    $end + $side * $length,
                ) >= $wide
            ) {
                break;
            }
        }

        return [min($length, abs($middle - $end)), $spacing];
    }

    /** Zones are whole multiples of this. */
    private function module(): float
    {
        return 2 * $this->rules->sizes()->module;
    }

    /** @return array{float, float} the greatest shear and torque between two places, N and Nmm */
    private function forces(ConcreteMake $concrete, float $a, float $b): array
    {
        $forces = new DesignForces($this->envelopes, $concrete);
        [$from, $to] = [min($a, $b), max($a, $b)];

        return [abs($forces->shear($from, $to)->value ?? 0.0), $forces->torque($from, $to)];
    }

    /**
     * The widest that does for shear and torque, with the rules for the least links.
     *
     * @param  array{float, float}  $forces
     */
    private function spacing(ConcreteMake $concrete, array $forces, float $x): float
    {
        [$V, $T] = $forces;
        $most = $this->rules->linkSpacing($V, $concrete->h - $concrete->shallower($x)->centroid(), $T);
        $spacings = $this->rules->sizes()->links;
        foreach ($spacings as $spacing) {
            if ($spacing <= $most + 1e-9) {
                return $spacing;
            }
        }

        return $spacings[count($spacings) - 1];
    }
}
