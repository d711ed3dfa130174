<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** A length of a beam with a stiffness of its own: from, to in mm, EI in Nmm², EA and GA in N (INF: it does not shear). */
final readonly class Step
{
    public function __construct(public float $from, public float $to, public float $EI, public float $EA, public float $GA = INF)
    {
    }
}
