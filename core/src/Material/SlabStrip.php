<?php

declare(strict_types=1);

namespace Waage\Material;

/** A make that may be a strip of a slab, over whose width loads spread. */
interface SlabStrip
{
    /** Its width, mm; null: it is none. */
    public function strip(): ?float;
}
