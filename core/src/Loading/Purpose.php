<?php

declare(strict_types=1);

namespace Waage\Loading;

/** What a combination is for. */
enum Purpose: string
{
    case Strength = 'strength';
    case Equilibrium = 'equilibrium';

    /** A stage of construction: a transient situation, weighed for strength. Only of the engineer's own. */
    case Construction = 'construction';
    case Accidental = 'accidental';
    case Seismic = 'seismic';
    case Fire = 'fire';
    case Characteristic = 'characteristic';
    case Frequent = 'frequent';
    case QuasiPermanent = 'quasi-permanent';

    /** Is the resistance of the section weighed for it? In fire it is another one. */
    public function isForStrength(): bool
    {
        return in_array($this, [self::Strength, self::Construction, self::Accidental, self::Seismic], true);
    }

    public function abbreviation(): string
    {
        return match ($this) {
            self::Strength => 'STR',
            self::Equilibrium => 'EQU',
            self::Construction => 'CON',
            self::Accidental => 'ACC',
            self::Seismic => 'SEI',
            self::Fire => 'FIR',
            self::Characteristic => 'CHA',
            self::Frequent => 'FRE',
            self::QuasiPermanent => 'QPE',
        };
    }
}
