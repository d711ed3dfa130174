<?php

declare(strict_types=1);

namespace Waage\Loading;

/** What a combination is for. */
enum Purpose: string
{
    case Strength = 'strength';
    case Characteristic = 'characteristic';
    case Frequent = 'frequent';
    case QuasiPermanent = 'quasi-permanent';

    public function abbreviation(): string
    {
        return match ($this) {
            self::Strength => 'STR',
            self::Characteristic => 'CHA',
            self::Frequent => 'FRE',
            self::QuasiPermanent => 'QPE',
        };
    }
}
