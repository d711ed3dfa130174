<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Extreme;

/** A span or an overhang in one sense of bending (1 sagging, −1 hogging), with the greatest moment there; mm, Nmm. */
final readonly class BendingPlace
{
    public string $id;

    public string $words;

    public function __construct(
        string $field,
        public int $sign,
        public float $from,
        public float $to,
        public Extreme $greatest,
    ) {
        $sense = $sign > 0 ? 'sagging' : 'hogging';
        $this->id = str_replace(' ', '-', lcfirst($field))."-{$sense}";
        $this->words = lcfirst($field).", {$sense}";
    }
}
