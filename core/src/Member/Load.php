<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * One load as the engineer gave it, in N and mm; down and clockwise positive (already turned up for upward wind).
 *
 * `profile` is its value at places from left to right, straight between them: N/mm for a load along the member; for a
 * load at one place its value there, in N, Nmm, mm (settlement) or rad (rotation); of a difference of temperature in K,
 * warmer below positive, of a change of it warmer positive. `eccentricity`: how far below the axis (in the sense of a
 * load normal to it) a point load meets the member, mm; `across`: how far in front of it (in the sense of a sideways
 * load); `bearing`: the length of the member that it acts on, mm, 0 for an edge; `stiffened`: the web has stiffeners
 * under it; `hangs`: it comes in at the lower part of a web, as from a beam that lands there; `twist`: how far in front
 * of the axis the part of it acts that is normal to the member. A load from an area also keeps its pressure in N/mm²
 * and the widths carried in mm; a reduction with the area is in the profile already, not in the pressure.
 */
final readonly class Load
{
    public float $from;

    public float $to;

    /**
     * @param  bool  $on  false: switched off, it is kept but does not act
     * @param  non-empty-list<array{float, float}>  $profile  place, value
     * @param  list<array{float, float}>  $widths  place, width
     * @param  list<array{float, float}>  $axles  of a load that moves between the ends of its profile: distance behind
     *     the first (mm), force (N)
     */
    public function __construct(
        public string $id,
        public string $case,
        public LoadKind $kind,
        public string $name,
        public string $remark,
        public bool $on,
        public array $profile,
        public ?float $pressure = null,
        public array $widths = [],
        public array $axles = [],
        public AreaReduction|StoreyReduction|Spread|null $reduction = null,
        public LoadDirection $direction = LoadDirection::Vertical,
        public float $eccentricity = 0.0,
        public ?BuildUp $buildUp = null,
        public float $across = 0.0,
        public float $bearing = 0.0,
        public bool $stiffened = false,
        public float $twist = 0.0,
        public Way $way = Way::Both,
        public bool $hangs = false,
    ) {
        $this->from = $profile[0][0];
        $this->to = $profile[count($profile) - 1][0];
    }

    /**
     * The axles as they may come: driving either way, or one way only.
     *
     * @return list<non-empty-list<array{float, float}>> distance behind the first (mm, ascending from 0), force (N)
     */
    public function trains(): array
    {
        if ($this->axles === []) {
            return [];
        }
        $last = $this->axles[count($this->axles) - 1][0];
        $turned = array_map(fn (array $a): array => [$last - $a[0], $a[1]], array_reverse($this->axles));

        return match (true) {
            $turned === $this->axles || $this->way === Way::ToRight => [$this->axles],
            $this->way === Way::ToLeft => [$turned],
            default => [$this->axles, $turned],
        };
    }

    /** Has it the same value all along a member of this length? */
    public function isUniformOver(float $length): bool
    {
        return in_array($this->kind, [LoadKind::Line, LoadKind::Area, LoadKind::Slab], true) &&
            $this->from < 1.0 &&
            $this->to > $length - 1.0 &&
            abs($this->start() - $this->end()) < 1e-9 &&
            count($this->profile) === 2;
    }

    /** Does it strain a level member along its axis? */
    public function actsAlong(): bool
    {
        return $this->kind === LoadKind::Warming || $this->direction === LoadDirection::Along;
    }

    /** The same load so many times as great. */
    public function times(float $factor): self
    {
        $by = fn (array $of): array => array_map(fn (array $p): array => [$p[0], $factor * $p[1]], $of);
        $values = array_diff_key(get_object_vars($this), ['from' => true, 'to' => true]);

        return new self(
            ...[
                ...$values,
                'profile' => $by($this->profile),
                'pressure' => $this->pressure === null ? null : $factor * $this->pressure,
                'axles' => $by($this->axles),
            ],
        );
    }

    /** Does it twist the member? */
    public function twists(): bool
    {
        return $this->twist !== 0.0;
    }

    /** Does it bend the member about its weak axis? */
    public function actsSideways(): bool
    {
        return $this->direction === LoadDirection::Sideways || $this->across !== 0.0;
    }

    public function start(): float
    {
        return $this->profile[0][1];
    }

    public function end(): float
    {
        return $this->profile[count($this->profile) - 1][1];
    }
}
