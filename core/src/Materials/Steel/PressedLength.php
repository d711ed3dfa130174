<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** The length of a flange that a force, or several forces together, press on. */
final readonly class PressedLength
{
    /**
     * @param  float  $bearing  that it acts on, mm
     * @param  float  $toEnd  from its middle to the end of the member, mm
     * @param  float  $half  of several forces: from their middle to the outermost ones, mm
     */
    public function __construct(public float $bearing, public float $toEnd, public float $half = 0.0)
    {
    }
}
