<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;

/** What counts of a section of class 4. */
interface LocalBuckling
{
    /**
     * W_eff, mm³.
     *
     * @param  string  $axis  y or z
     */
    public function modulus(string $axis, ?Derivation $d = null): float;

    /** A_eff in compression, mm². */
    public function area(?Derivation $d = null): float;

    /** What counts of it and by which standard, as a sentence. */
    public function says(): string;

    /** What the title of a weighing says where this is by another standard than its own; nothing where it is not. */
    public function foreign(): string;
}
