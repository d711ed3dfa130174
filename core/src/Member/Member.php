<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Material\Make;

/** What the engineer has said about one member, in N and mm. Immutable. */
final readonly class Member
{
    /**
     * @param  non-empty-list<Support>  $supports  from left to right
     * @param  list<float>  $hinges  from left to right, mm
     * @param  list<LoadCase>  $cases
     * @param  list<Load>  $loads
     * @param  list<OwnCombination>  $ownCombinations
     * @param  list<string>  $leftOut  keys of combinations of the rules that do not count
     * @param  bool  $collapse  does the sheet show plastic collapse
     * @param  float  $angle  how its axis rises from the start, rad; 0 level, π/2 upright
     * @param  bool  $shears  does shear deformation count
     * @param  bool  $permanentBySpan  has permanent load its greater factor only on spans where it does harm
     * @param  bool  $liftsOff  may the member lift off supports that bear only
     * @param  array<string, Remark>  $remarks  by weighing
     * @param  list<EndForces>  $endForces  rows of an analysis of the whole structure
     * @param  float  $apart  factor on the unbraced lengths; not part of the document
     * @param  float  $camber  rise in the middle of the one span that the member is made with, mm
     * @param  list<non-empty-list<int>>  $arrangements  spans and overhangs that are loaded together, from 0; where
     *     they are chosen
     * @param  list<array<array-key, mixed>>  $influence  influence lines that the sheet shows, as they are asked for
     */
    public function __construct(
        public string $mark,
        public string $title,
        public string $notes,
        public float $length,
        public array $supports,
        public array $hinges,
        public Make $make,
        public Restraint $top,
        public Restraint $bottom,
        public LoadHeight $loadHeight,
        public bool $selfWeight,
        public array $cases,
        public array $loads,
        public array $ownCombinations,
        public array $leftOut,
        public Basis $basis,
        public bool $collapse = false,
        public Arrangement $arrangement = Arrangement::Worst,
        public array $influence = [],
        public float $angle = 0.0,
        public bool $shears = false,
        public bool $permanentBySpan = false,
        public bool $liftsOff = false,
        public array $arrangements = [],
        public array $remarks = [],
        public float $camber = 0.0,
        public array $endForces = [],
        public EffectiveLengths $effective = new EffectiveLengths,
        public float $apart = 1.0,
    ) {
    }

    /** Are forces along its axis part of its statics? */
    public function isStrainedAlong(): bool
    {
        return $this->angle !== 0.0 ||
            array_filter($this->loads, fn (Load $l): bool => $l->on && $l->actsAlong()) !== [] ||
            array_filter($this->endForces, fn (EndForces $r): bool => $r->N != 0.0) !== [];
    }

    /** Does it bend sideways? Not where both flanges are continuously restrained. */
    public function bendsSideways(): bool
    {
        return ! ($this->top->isContinuous() && $this->bottom->isContinuous()) &&
            (array_filter($this->loads, fn (Load $l): bool => $l->on && $l->actsSideways()) !== [] ||
                array_filter($this->endForces, fn (EndForces $r): bool => $r->Mz1 != 0.0 || $r->Mz2 != 0.0) !== []);
    }

    /** Do loads twist it between the places that hold it against twisting? */
    public function twists(): bool
    {
        return ! ($this->top->isContinuous() && $this->bottom->isContinuous()) &&
            array_filter(
                $this->loads,
                fn (Load $l): bool => $l->on &&
                    ($l->twists() || ($l->direction === LoadDirection::Sideways && $this->sidewaysArm() !== 0.0)),
            ) !== [];
    }

    /**
     * How far above the shear centre loads act that push the member sideways, mm: they twist it. Not where they meet a
     * flange that is restrained all along.
     */
    public function sidewaysArm(): float
    {
        $side = $this->loadHeight->sign();
        $meetsRestraint = $side > 0 ? $this->top->isContinuous() : $this->bottom->isContinuous();

        return $side === 0 || $meetsRestraint ? 0.0 : $this->make->faceAbove($side);
    }

    /**
     * Places that hold both flanges sideways, besides the supports. A continuously restrained flange counts where the
     * other one is held.
     *
     * @return list<float> mm, ascending
     */
    public function heldSideways(): array
    {
        [$top, $bottom] = [$this->top, $this->bottom];

        return match (true) {
            $top->isContinuous() => $bottom->positions,
            $bottom->isContinuous() => $top->positions,
            default => array_values(
                array_filter(
                    $top->positions,
                    fn (float $x): bool => array_filter(
                        $bottom->positions,
                        fn (float $y): bool => abs($x - $y) < 1.0,
                    ) !== [],
                ),
            ),
        };
    }

    /**
     * The same member with other loads.
     *
     * @param  list<Load>  $loads
     * @param  list<EndForces>|null  $endForces  null: its own
     */
    public function withLoads(array $loads, ?array $endForces = null): self
    {
        return new self(
            ...['loads' => $loads, 'endForces' => $endForces ?? $this->endForces] + get_object_vars($this),
        );
    }

    /** The same member, as if what holds it sideways were so many times as far apart: moments stay as they are. */
    public function heldApart(float $times): self
    {
        return new self(...['apart' => $times] + get_object_vars($this));
    }

    /** The same member without shear deformation. */
    public function withoutShear(): self
    {
        return new self(...['shears' => false] + get_object_vars($this));
    }

    /** The same member made of something else. */
    public function withMake(Make $make): self
    {
        return new self(...['make' => $make] + get_object_vars($this));
    }

    /** Is there a support that cannot hold the member down? */
    public function bearsOnly(): bool
    {
        return array_filter($this->supports, fn (Support $s): bool => $s->bearsOnly) !== [];
    }

    public function case(string $id): LoadCase
    {
        foreach ($this->cases as $case) {
            if ($case->id === $id) {
                return $case;
            }
        }
        throw new \LogicException("No load case {$id}.");
    }
}
