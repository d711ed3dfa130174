<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** What bending does to the stem of a tee. */
enum Stem
{
    case Compressed;

    case Tensioned;

    /** Either, under one load or another. */
    case Both;

    /**
     * @param  int  $points  where to: 1 upwards, −1 downwards
     * @param  int|null  $pressed  the side that is compressed; null: either
     */
    public static function of(int $points, ?int $pressed): self
    {
        return match ($pressed) {
            $points => self::Compressed,
            -$points => self::Tensioned,
            default => self::Both,
        };
    }
}
