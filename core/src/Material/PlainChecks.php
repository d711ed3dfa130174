<?php

declare(strict_types=1);

namespace Waage\Material;

/** Answers of checks that have nothing to say beside their weighings: no second order, classes of sections, factors or notes. */
trait PlainChecks
{
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
