<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Loads that always act together: forces, clockwise moments, linearly varying line loads, displacements of supports,
 * dislocations and free curvatures of the beam itself; and what acts along its axis.
 *
 * Lengths in mm from the left end, forces in N (normal to the axis, down positive), moments in Nmm (clockwise
 * positive), line loads in N/mm. Along the axis: away from the left end positive.
 */
final class LoadSet
{
    /** @var list<array{float, float}> place, force */
    public array $forces = [];

    /** @var list<array{float, float}> place, moment */
    public array $moments = [];

    /** @var list<array{float, float, float, float}> from, to, value at from, value at to */
    public array $lines = [];

    /**
     * @var list<array{int, float, float}> support, its settlement in mm (down positive) and its rotation in rad
     *     (clockwise positive)
     */
    public array $displacements = [];

    /**
     * @var list<array{float, float, float}> from, to, curvature that the beam takes freely (1/mm,
     *     as a sagging deflection curves positive)
     */
    public array $curvatures = [];

    public function curvature(float $from, float $to, float $curvature): self
    {
        $this->curvatures[] = [$from, $to, $curvature];

        return $this;
    }

    /** @var list<array{float, float}> place, force along the axis */
    public array $alongForces = [];

    /** @var list<array{float, float, float, float}> along the axis: from, to, value at from, value at to */
    public array $alongLines = [];

    /** @var list<array{float, float, float}> from, to, strain that the beam takes freely, longer positive */
    public array $strains = [];

    public function alongForce(float $x, float $force): self
    {
        if ($force != 0.0) {
            $this->alongForces[] = [$x, $force];
        }

        return $this;
    }

    public function alongLine(float $from, float $to, float $start, float $end): self
    {
        if ($to > $from && ($start != 0.0 || $end != 0.0)) {
            $this->alongLines[] = [$from, $to, $start, $end];
        }

        return $this;
    }

    public function strain(float $from, float $to, float $strain): self
    {
        $this->strains[] = [$from, $to, $strain];

        return $this;
    }

    /**
     * What bends the beam sideways: forces and line loads towards the one who looks at it, their moments; null:
     * nothing.
     */
    public ?self $sideways = null;

    /** The set of what bends sideways, to be added to. */
    public function across(): self
    {
        return $this->sideways ??= new self();
    }

    /**
     * What twists the beam: torques as forces and line loads along the axis of a set, N mm and N mm/mm; null: nothing.
     */
    public ?self $twisting = null;

    /** The set of what twists, to be added to. */
    public function turning(): self
    {
        return $this->twisting ??= new self();
    }

    /**
     * @var list<array{float, float, float}> place, by how much the right part lies lower (mm) and is turned (rad,
     *     clockwise)
     */
    public array $dislocations = [];

    public function dislocation(float $x, float $offset, float $kink): self
    {
        $this->dislocations[] = [$x, $offset, $kink];

        return $this;
    }

    public function displacement(int $support, float $settlement, float $rotation): self
    {
        $this->displacements[] = [$support, $settlement, $rotation];

        return $this;
    }

    public function force(float $x, float $force): self
    {
        $this->forces[] = [$x, $force];

        return $this;
    }

    public function moment(float $x, float $moment): self
    {
        $this->moments[] = [$x, $moment];

        return $this;
    }

    public function line(float $from, float $to, float $start, float $end): self
    {
        if ($to > $from && ($start != 0.0 || $end != 0.0)) {
            $this->lines[] = [$from, $to, $start, $end];
        }

        return $this;
    }

    /** Adds the forces, moments and line loads of another set, along the axis as well, times a factor. */
    public function with(self $other, float $factor): self
    {
        foreach ($other->forces as [$x, $force]) {
            $this->force($x, $factor * $force);
        }
        foreach ($other->moments as [$x, $moment]) {
            $this->moment($x, $factor * $moment);
        }
        foreach ($other->lines as [$a, $b, $qa, $qb]) {
            $this->line($a, $b, $factor * $qa, $factor * $qb);
        }
        foreach ($other->alongForces as [$x, $force]) {
            $this->alongForce($x, $factor * $force);
        }
        foreach ($other->alongLines as [$a, $b, $qa, $qb]) {
            $this->alongLine($a, $b, $factor * $qa, $factor * $qb);
        }
        if ($other->sideways !== null) {
            $this->across()->with($other->sideways, $factor);
        }
        if ($other->twisting !== null) {
            $this->turning()->with($other->twisting, $factor);
        }

        return $this;
    }

    /**
     * How great the forces are that it makes, N: its loads, and what its movements meet in a beam of a length and a
     * stiffness.
     */
    public function sizeWithMovements(float $length, float $EI, float $EA): float
    {
        $size = $this->size($length);
        foreach ($this->displacements as [, $settlement, $rotation]) {
            $size += $EI * (abs($settlement) / $length ** 3 + abs($rotation) / $length ** 2);
        }
        foreach ($this->curvatures as [, , $curvature]) {
            $size += ($EI * abs($curvature)) / $length;
        }
        foreach ($this->strains as [, , $strain]) {
            $size += $EA * abs($strain);
        }

        return $size;
    }

    public function isEmpty(): bool
    {
        return $this->forces === [] &&
            $this->moments === [] &&
            $this->lines === [] &&
            $this->displacements === [] &&
            $this->dislocations === [] &&
            $this->curvatures === [] &&
            $this->alongForces === [] &&
            $this->alongLines === [] &&
            $this->strains === [] &&
            ($this->sideways === null || $this->sideways->isEmpty()) &&
            ($this->twisting === null || $this->twisting->isEmpty());
    }

    /** Sum of the loads normal to the axis, N, down positive. */
    public function total(): float
    {
        return self::sum($this->forces, $this->lines);
    }

    /** Sum of the loads along the axis, N. */
    public function totalAlong(): float
    {
        return self::sum($this->alongForces, $this->alongLines);
    }

    /**
     * @param  list<array{float, float}>  $forces
     * @param  list<array{float, float, float, float}>  $lines
     */
    private static function sum(array $forces, array $lines): float
    {
        $sum = array_sum(array_column($forces, 1));
        foreach ($lines as [$a, $b, $qa, $qb]) {
            $sum += (($qa + $qb) / 2) * ($b - $a);
        }

        return $sum;
    }

    /** How much load there is, whichever way it acts, N; moments count over a length. */
    public function size(float $length): float
    {
        $sum = 0.0;
        foreach ([...$this->forces, ...$this->alongForces] as [, $force]) {
            $sum += abs($force);
        }
        foreach ($this->moments as [, $moment]) {
            $sum += abs($moment) / $length;
        }
        foreach ([...$this->lines, ...$this->alongLines] as [$a, $b, $qa, $qb]) {
            $sum += ((abs($qa) + abs($qb)) / 2) * ($b - $a);
        }

        return $sum;
    }

    /** Clockwise moment of the loads about x = 0, Nmm. */
    public function momentAboutLeftEnd(): float
    {
        $sum = array_sum(array_column($this->moments, 1));
        foreach ($this->forces as [$x, $force]) {
            $sum += $force * $x;
        }
        foreach ($this->lines as [$a, $b, $qa, $qb]) {
            $l = $b - $a;
            $sum += $qa * $l * ($a + $l / 2) + ((($qb - $qa) * $l) / 2) * ($a + (2 * $l) / 3);
        }

        return $sum;
    }
}
