<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;

/**
 * The lines by which a weighing came to its result, in order. A value is named once: a line looks up what its formula
 * names and works it out, so that what is printed is what is computed. N, mm, MPa.
 */
final class Derivation
{
    /** @var list<Line> */
    public array $lines = [];

    /** @var array<string, array{float, Kind}> what has a name so far, by symbol */
    private array $values = [];

    /** A value that is taken from the input, a table or another weighing. */
    public function given(string $symbol, float $value, Kind $kind, string $clause = '', string $note = ''): void
    {
        $this->values[$symbol] = [$value, $kind];
        $this->lines[] = new Line($symbol, $symbol, [$symbol => [$value, $kind]], $value, $kind, $clause, $note);
    }

    /**
     * Names values that are not printed by themselves.
     *
     * @param  array<string, array{float, Kind}>  $values  by symbol
     */
    public function with(array $values): self
    {
        $this->values = [...$this->values, ...$values];

        return $this;
    }

    /** @throws \LogicException where a symbol of the formula has no value */
    public function line(string $symbol, string $formula, Kind $kind, string $clause = '', string $note = ''): void
    {
        $values = [];
        foreach (Formula::symbols($formula) as $name) {
            $values[$name] = $this->values[$name] ?? throw new \LogicException("{$name} has no value in {$formula}.");
        }
        $result = Formula::value($formula, array_map(fn (array $v): float => $v[0], $values));
        $this->values[$symbol] = [$result, $kind];
        $this->lines[] = new Line($symbol, $formula, $values, $result, $kind, $clause, $note);
    }
}
