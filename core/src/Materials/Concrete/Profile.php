<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** What a section of concrete looks like; flanges of an L lie at its right. */
enum Profile: string
{
    case Rectangle = 'rectangle';
    case Tee = 'T';
    case Ell = 'L';
    case InvertedTee = 'inverted T';

    public function hasFlange(): bool
    {
        return $this !== self::Rectangle;
    }
}
