<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

enum SectionShape: string
{
    case LippedC = 'lipped C';
    case PlainC = 'plain C';
    case LippedZ = 'lipped Z';
    case PlainZ = 'plain Z';
    case TwoLippedC = 'two lipped C';
    case TwoPlainC = 'two plain C';

    public function isZ(): bool
    {
        return $this === self::LippedZ || $this === self::PlainZ;
    }

    public function hasLips(): bool
    {
        return $this === self::LippedC || $this === self::LippedZ || $this === self::TwoLippedC;
    }

    /** Two back to back, which act side by side. */
    public function count(): int
    {
        return $this === self::TwoLippedC || $this === self::TwoPlainC ? 2 : 1;
    }
}
