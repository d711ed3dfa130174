<?php

declare(strict_types=1);

namespace Waage\Material;

/** A make with steel in it. */
interface Reinforced
{
    /** Mass of its steel, kg by mm of the member; and by mm³ of it. Null before its bars are chosen. */
    public function steelByLength(): ?float;

    public function steelByVolume(): ?float;

    /** Its bars in a sentence, for brief sheets. */
    public function barsInWords(): string;
}
