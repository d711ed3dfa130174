<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;

/**
 * A calculation whose values have names: a line looks them up and works its formula out, so that what is printed is
 * what is computed. N, mm, MPa.
 */
final class Working
{
    /** @var list<Line> as printed; none where they are not kept */
    public array $lines = [];

    /** @var array<string, float> */
    private array $values = [];

    /** @var array<string, Kind> */
    private array $kinds = [];

    /** @var array<string, float> typed values that have been taken */
    private array $taken = [];

    /**
     * @param  array<string, float>  $typed  values that the engineer gives in place of those that are worked out, by
     *     symbol
     */
    public function __construct(public readonly bool $keepsLines, private readonly array $typed = [])
    {
    }

    /** @return list<string> symbols of typed values that nothing has asked for */
    public function unused(): array
    {
        return array_keys(array_diff_key($this->typed, $this->taken));
    }

    public function has(string $symbol): bool
    {
        return isset($this->values[$symbol]);
    }

    /** A value that is taken from the input, a table or the statics; it is printed. */
    public function let(string $symbol, float $value, Kind $kind, string $clause = '', string $note = ''): float
    {
        if (isset($this->typed[$symbol])) {
            $this->taken[$symbol] = $value = $this->typed[$symbol];
            $note = 'typed';
        }
        $this->bind($symbol, $value, $kind);
        if ($this->keepsLines) {
            $this->lines[] = new Line($symbol, $symbol, [$symbol => [$value, $kind]], $value, $kind, $clause, $note);
        }

        return $value;
    }

    /** A value that has been printed elsewhere, or that everybody knows. */
    public function bind(string $symbol, float $value, Kind $kind): float
    {
        $this->values[$symbol] = $value;
        $this->kinds[$symbol] = $kind;

        return $value;
    }

    /** All that another calculation has worked out, without its lines. */
    public function borrow(self $other): void
    {
        $this->values = $other->values + $this->values;
        $this->kinds = $other->kinds + $this->kinds;
    }

    /** Of a formula that is not printed. */
    public function value(string $formula): float
    {
        return Formula::value($formula, $this->values);
    }

    /** @throws \LogicException where a symbol of the formula has no value */
    public function line(string $symbol, string $formula, Kind $kind, string $clause = '', string $note = ''): float
    {
        if (isset($this->typed[$symbol])) {
            return $this->let($symbol, $this->typed[$symbol], $kind, $clause);
        }
        $result = Formula::value($formula, $this->values);
        if ($this->keepsLines) {
            $values = [];
            foreach (Formula::symbols($formula) as $name) {
                $values[$name] = [$this->values[$name], $this->kinds[$name]];
            }
            $this->lines[] = new Line($symbol, $formula, $values, $result, $kind, $clause, $note);
        }

        return $this->bind($symbol, $result, $kind);
    }
}
