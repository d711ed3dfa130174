<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * One combination of actions: a factor for all permanent load, and the greatest factor of each variable load case.
 *
 * A variable load case, or for imposed load each of its spans, acts with this factor where that makes the effect
 * worse, and not at all where it would help. For equilibrium each part of the permanent load has the factor
 * `permanent` where it destabilises and `stabilising` where it holds.
 */
final readonly class Combination
{
    /**
     * The load case for what the greater factor of permanent load adds to the smaller one, span by span where it does
     * harm.
     */
    public const MORE_PERMANENT = '+permanent';

    /** Before the load case of a unit force at the ends, which a row of end forces multiplies. */
    public const END_FORCE = '+end ';

    /** Behind the load case of all arrangements: these less the permanent load. */
    public const VARIABLE = ' variable';

    /**
     * @param  array<string, float>  $variable load case id => factor
     * @param  Combination|null  $of  the combination of the rules that this one is the statics of, where supports lift
     *     off
     */
    public function __construct(
        public string $id,
        public Purpose $purpose,
        public string $clause,
        public float $permanent,
        public array $variable,
        public string $text,
        public bool $own = false,
        public ?float $stabilising = null,
        private ?self $of = null,
    ) {
    }

    /** Is it a row of end forces, from an analysis of the whole structure? */
    public function isRow(): bool
    {
        return str_starts_with((string) array_key_first($this->variable), self::END_FORCE);
    }

    /** The same combination, as one load case that holds all its arrangements. */
    public function as(string $case): self
    {
        return new self(
            $this->id,
            $this->purpose,
            $this->clause,
            0.0,
            [$case => 1.0],
            $this->text,
            $this->own,
            null,
            $this,
        );
    }

    /** The greatest factor that a load case has in it. */
    public function factorOf(LoadCase $case): float
    {
        return match (true) {
            $this->of !== null => $this->of->factorOf($case),
            $case->category === Category::Permanent => $this->permanent +
                ($this->variable[self::MORE_PERMANENT] ?? 0.0),
            default => $this->variable[$case->id] ?? 0.0,
        };
    }

    /**
     * What its variable loads do beyond the permanent ones, as a combination; null: it has none.
     *
     * @param  array<string, mixed>  $without  ids of load cases that do not count
     */
    public function variablePart(array $without): ?self
    {
        $variable =
            $this->of === null
                ? array_diff_key($this->variable, $without)
                : [array_key_first($this->variable).self::VARIABLE => 1.0];
        $isThere = $this->of === null ? $variable !== [] : array_diff_key($this->of->variable, $without) !== [];

        return $isThere ? new self($this->id, $this->purpose, $this->clause, 0.0, $variable, $this->text) : null;
    }

    /** What makes it this combination, whatever its number: purpose and factors. */
    public function key(): string
    {
        if ($this->of !== null) {
            return $this->of->key();
        }
        $factors = $this->variable;
        ksort($factors);

        return $this->purpose->value.
            ' '.
            round($this->permanent, 6).
            ($this->stabilising === null ? '' : '/'.round($this->stabilising, 6)).
            implode(
                '',
                array_map(
                    fn (string $id, float $f): string => ' '.$id.'='.round($f, 6),
                    array_keys($factors),
                    $factors,
                ),
            );
    }

    /** A factor as it is written. */
    public static function number(float $factor): string
    {
        return rtrim(rtrim(number_format($factor, 3, '.', ''), '0'), '.');
    }
}
