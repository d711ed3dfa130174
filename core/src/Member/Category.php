<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * What kind of action a load case is: permanent, variable after EN 1990, Table A1.1 and EN 1991-1-1, Table 6.1,
 * accidental, seismic, or the settlement of supports: permanent, but counted only where it is unfavourable. Other rule
 * sets read the categories of imposed load by their use.
 */
enum Category: string
{
    case Permanent = 'permanent';
    case A = 'A';
    case B = 'B';
    case C = 'C';
    case D = 'D';
    case E = 'E';
    case F = 'F';
    case G = 'G';
    case H = 'H';
    case Snow = 'snow';
    case WindDown = 'wind-down';
    case WindUp = 'wind-up';
    case Settlement = 'settlement';
    case Temperature = 'temperature';
    case Rain = 'rain';
    case Accidental = 'accidental';
    case Seismic = 'seismic';

    public function isImposed(): bool
    {
        return in_array($this, [self::A, self::B, self::C, self::D, self::E, self::F, self::G, self::H], true);
    }

    public function isWind(): bool
    {
        return $this === self::WindDown || $this === self::WindUp;
    }

    /** Of which a part may stay. */
    public function comesAndGoes(): bool
    {
        return $this->isImposed() || $this->isWind() || $this === self::Snow || $this === self::Rain;
    }

    /** Does it act in either direction? */
    public function isReversible(): bool
    {
        return $this === self::Seismic;
    }

    /** The row of the ψ table this category reads. */
    public function psiRow(): string
    {
        return $this->isWind() ? 'wind' : $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Permanent => 'Permanent',
            self::A => 'A: domestic, residential',
            self::B => 'B: offices',
            self::C => 'C: congregation',
            self::D => 'D: shopping',
            self::E => 'E: storage',
            self::F => 'F: traffic, vehicles up to 30 kN',
            self::G => 'G: traffic, vehicles 30 to 160 kN',
            self::H => 'H: roofs',
            self::Snow => 'Snow',
            self::WindDown => 'Wind, downward',
            self::WindUp => 'Wind, upward',
            self::Settlement => 'Settlement',
            self::Temperature => 'Temperature',
            self::Rain => 'Rain',
            self::Accidental => 'Accidental',
            self::Seismic => 'Seismic, either way',
        };
    }
}
