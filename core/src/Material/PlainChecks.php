<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Units\UnitSystem;

/**
 * Answers of checks that have nothing to say beside their weighings: no choices, figures, second order, classes,
 * factors or notes.
 */
trait PlainChecks
{
    public function settle(Make $make): Make
    {
        return $make;
    }

    public function figures(Make $make): array
    {
        return [];
    }

    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return $ofJob;
    }

    public function limitsDeflection(): string
    {
        return 'deflection-total';
    }

    public function secondOrder(bool $isFar): string
    {
        return '';
    }

    public function sectionClass(): string
    {
        return '';
    }

    public function factors(): array
    {
        return [];
    }

    public function notes(): array
    {
        return [];
    }
}
