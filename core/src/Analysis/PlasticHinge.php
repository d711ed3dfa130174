<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** A place where the plastic moment is reached; mm, Nmm. */
final readonly class PlasticHinge
{
    /**
     * @param  int  $segment  between two breaks: it tells the sides of a couple or of a support that holds against
     *     turning apart
     * @param  int  $sign  1 sagging, −1 hogging
     * @param  float  $factor  of the loads, when it formed
     * @param  float  $formedAt  where it formed; under a distributed load a hinge moves
     */
    public function __construct(
        public float $x,
        public int $field,
        public int $segment,
        public int $sign,
        public float $capacity,
        public float $factor,
        public float $formedAt,
    ) {
    }

    public function at(float $x, int $field, int $segment): self
    {
        return new self($x, $field, $segment, $this->sign, $this->capacity, $this->factor, $this->formedAt);
    }
}
