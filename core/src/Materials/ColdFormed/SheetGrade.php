<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/**
 * Steel sheet by the names of EN 10346, AS 1397 and ASTM A653 (from memory); of high strength and little elongation
 * only a part counts where it is thin: AS/NZS 4600, 1.5.1.4; AISI S100-16, A3.1.3.
 */
enum SheetGrade: string
{
    case S220 = 'S220GD';
    case S250 = 'S250GD';
    case S280 = 'S280GD';
    case S320 = 'S320GD';
    case S350 = 'S350GD';
    case G250 = 'G250';
    case G300 = 'G300';
    case G350 = 'G350';
    case G450 = 'G450';
    case G500 = 'G500';
    case G550 = 'G550';
    case Ss33 = 'SS33';
    case Ss37 = 'SS37';
    case Ss40 = 'SS40';
    case Ss50 = 'SS50';
    case Ss80 = 'SS80';

    private const KSI = 6.894757293;

    /** Yield strength for design (MPa) of a thickness (mm). */
    public function yield(float $t): float
    {
        $number = (float) preg_replace('/\D/', '', $this->value);

        return match (true) {
            $this === self::G550 && $t < 0.6 => min(0.75 * $number, 410.0),
            $this === self::G550 && $t < 0.9 => min(0.9 * $number, 495.0),
            $this === self::Ss80 => min(0.75 * $number, 60.0) * self::KSI,
            str_starts_with($this->value, 'SS') => $number * self::KSI,
            default => $number,
        };
    }
}
