<?php

declare(strict_types=1);

namespace Waage\Loading;

/**
 * One combination of actions: a factor for all permanent load, and the greatest factor of each variable load case.
 *
 * A variable load case, or for imposed load each of its spans, acts with this factor where that makes the effect
 * worse, and not at all where it would help. For equilibrium each part of the permanent load has the factor
 * `permanent` where it destabilises and `stabilising` where it holds.
 */
final readonly class Combination
{
    /** @param  array<string, float>  $variable load case id => factor */
    public function __construct(
        public string $id,
        public Purpose $purpose,
        public string $clause,
        public float $permanent,
        public array $variable,
        public string $text,
        public bool $own = false,
        public ?float $stabilising = null,
    ) {
    }

    /** What makes it this combination, whatever its number: purpose and factors. */
    public function key(): string
    {
        $factors = $this->variable;
        ksort($factors);

        return $this->purpose->value.' '.round($this->permanent, 6).($this->stabilising === null ? '' : '/'.round($this->stabilising, 6)).implode('', array_map(fn (string $id, float $f): string => ' '.$id.'='.round($f, 6), array_keys($factors), $factors));
    }

    /** A factor as it is written. */
    public static function number(float $factor): string
    {
        return rtrim(rtrim(number_format($factor, 3, '.', ''), '0'), '.');
    }
}
