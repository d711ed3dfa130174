<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\Category;

/** EN 1995-1-1:2004+A1:2008, Table 2.1: for how long an action stays; from the longest. */
enum LoadDuration: string
{
    case Permanent = 'permanent';
    case Long = 'long';
    case Medium = 'medium';
    case Short = 'short';
    case Instantaneous = 'instantaneous';

    /** What Table 2.2 has for a category; snow and wind as short, which a national annex may change. */
    public static function of(Category $category): self
    {
        return match ($category) {
            Category::Permanent, Category::Settlement => self::Permanent,
            Category::E => self::Long,
            Category::H,
            Category::Snow,
            Category::WindDown,
            Category::WindUp,
            Category::Rain,
            Category::Temperature => self::Short,
            Category::Accidental, Category::Seismic => self::Instantaneous,
            default => self::Medium,
        };
    }

    /** 0: the longest. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
