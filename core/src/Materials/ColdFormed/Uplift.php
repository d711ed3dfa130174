<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/**
 * How much of its strength a section has whose flange in tension is fastened to sheeting while the other one is
 * free: R of AISI S100-16, I6.2.1, typed or by its table (from memory). The fifteen conditions of that clause are
 * the engineer's.
 */
final readonly class Uplift
{
    /** mm */
    private const INCH = 25.4;

    private function __construct(public float $R, public string $note)
    {
    }

    public static function typed(float $R): self
    {
        return new self($R, 'as typed, by tests');
    }

    /** Null: the table ends there. */
    public static function byTable(Sizes $sizes, bool $isContinuous): ?self
    {
        $inches = $sizes->h / self::INCH;
        if ($inches > 12.0 + 1e-6) {
            return null;
        }
        $isZ = $sizes->shape->isZ();
        if ($isContinuous) {
            return new self($isZ ? 0.7 : 0.6, 'continuous spans');
        }

        return match (true) {
            $inches <= 6.5 + 1e-6 => new self(0.7, 'simple span, up to 6.5 in. deep'),
            $inches <= 8.5 + 1e-6 => new self(0.65, 'simple span, up to 8.5 in. deep'),
            default => new self($isZ ? 0.5 : 0.4, 'simple span, up to 12 in. deep'),
        };
    }
}
