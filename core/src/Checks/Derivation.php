<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;

/** The lines by which a weighing came to its result, in order. */
final class Derivation
{
    /** @var list<Line> */
    public array $lines = [];

    /** A value that is taken from the input, a table or another weighing. */
    public function given(string $symbol, float $value, Kind $kind, string $clause = '', string $note = ''): void
    {
        $this->lines[] = new Line($symbol, $symbol, [$symbol => [$value, $kind]], $value, $kind, $clause, $note);
    }

    /** @param  array<string, array{float, Kind}>  $values what stands in the formula, by symbol */
    public function line(
        string $symbol,
        string $formula,
        array $values,
        float $result,
        Kind $kind,
        string $clause = '',
        string $note = '',
    ): void {
        $this->lines[] = new Line($symbol, $formula, $values, $result, $kind, $clause, $note);
    }
}
