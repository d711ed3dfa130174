<?php

declare(strict_types=1);

namespace Waage\Units;

/**
 * Reads what an engineer types into a number field: arithmetic with units.
 *
 * Grammar: sums and products of numbers and brackets; a unit after a number or a bracket multiplies it. Values
 * next to each other without a sign are added when both carry a unit of the same dimension ("12 ft 6 in"). A single
 * unit at the very end belongs to all before it ("5.2/2 m").
 * Dimensions are tracked as powers of force and length, so "2.5 kN/m² * 3 m" is a line load. A dot or a comma is the
 * decimal sign; there is no thousands separator.
 *
 * The browser reads the same grammar (resources/js/lib/quantity.ts); both are tested on
 * core/tests/data/quantities.json.
 */
final class Quantity
{
    /** Longest text that is looked at; longer ones are refused. */
    public const MAX_LENGTH = 200;

    private const LARGEST = 1e15;

    /** Powers of force and length of each dimension. */
    private const POWERS = [
        'number' => [0, 0],
        'length' => [0, 1],
        'force' => [1, 0],
        'lineLoad' => [1, -1],
        'stress' => [1, -2],
        'moment' => [1, 1],
        'area' => [0, 2],
        'modulus' => [0, 3],
        'secondMoment' => [0, 4],
        'warping' => [0, 6],
        'stiffness' => [1, 2],
        'unitWeight' => [1, -3],
        // Not made of force and length: powers that nothing else comes to.
        'angle' => [0, 9],
        'areaByLength' => [8, 8],
        'temperature' => [9, 0],
        'frequency' => [9, 9],
    ];

    private int $at = 0;

    /** @param  list<array{string, string}>  $tokens kind and text */
    private function __construct(private readonly array $tokens)
    {
    }

    /**
     * The value in N, mm, MPa.
     *
     * @param  UnitSystem|null  $bare  the system whose unit a plain number takes; null: a unit must be given
     *
     * @throws QuantityError
     */
    public static function parse(string $text, Kind $kind, ?UnitSystem $bare = null): float
    {
        if (strlen($text) > self::MAX_LENGTH) {
            throw new QuantityError('This is too long for a quantity; at most '.self::MAX_LENGTH.' characters.');
        }
        [$value, $f, $l] = self::plain($text) ?? self::evaluate(self::tokens($text));
        $dimension = $kind->dimension();
        $example = $kind === Kind::Number ? '2.5' : '2.5 '.($bare ?? UnitSystem::Metric)->unit($kind);
        if ($f === 0 && $l === 0 && $dimension !== Dimension::Number) {
            if ($bare === null && $value != 0) {
                throw new QuantityError("A unit is missing, for example {$example}.");
            }
            $value *= $bare?->factor($kind) ?? 1.0;
        } elseif ([$f, $l] !== self::POWERS[$dimension->value]) {
            throw new QuantityError(
                'This is '.
                    self::describe($f, $l).
                    ', but '.
                    (in_array($kind, [Kind::Spring, Kind::RotationSpring], true)
                        ? 'a stiffness'
                        : self::noun($dimension)).
                    " is needed, for example {$example}.",
            );
        }
        if (! is_finite($value) || abs($value) > self::LARGEST) {
            throw new QuantityError('This number is too large.');
        }

        return $value;
    }

    /**
     * Most fields have a number and a unit, which is told sooner than what the grammar is for.
     *
     * @return array{float, int, int}|null null: something else
     */
    private static function plain(string $text): ?array
    {
        $unit = preg_match('~^(-?\d+(?:\.\d+)?) (\S+)$~', $text, $m) === 1 ? UnitTable::find($m[2]) : null;

        return $unit === null
            ? null
            : [(float) $m[1] * $unit['factor'], ...self::POWERS[$unit['dimension']]];
    }

    /**
     * @param  list<array{string, string}>  $tokens
     * @return array{float, int, int} value, power of force, power of length
     */
    private static function evaluate(array $tokens): array
    {
        if ($tokens === []) {
            throw new QuantityError('Nothing is entered here.');
        }
        $last = count($tokens) - 1;
        if (
            $last > 0 &&
            $tokens[$last][0] === 'unit' &&
            count(array_keys(array_column($tokens, 0), 'unit', true)) === 1
        ) {
            $tokens = [['sign', '('], ...array_slice($tokens, 0, $last), ['sign', ')'], $tokens[$last]];
        }
        $parser = new self($tokens);
        $value = $parser->sum();
        if ($parser->at < count($tokens)) {
            throw new QuantityError("“{$tokens[$parser->at][1]}” does not fit here.");
        }

        return $value;
    }

    /** @return list<array{string, string}> */
    private static function tokens(string $text): array
    {
        $text = trim(
            strtr($text, ['−' => '-', '×' => '*', '÷' => '/', "\u{00A0}" => ' ', "'" => ' ft ', '"' => ' in ']),
        );
        $text = (string) preg_replace(
            ['~(m|ft|in)\^?2\b~', '~(m|ft|in)\^?3\b~', '~(m|ft|in)\^?4\b~'],
            ['$1²', '$1³', '$1⁴'],
            $text,
        );
        $tokens = [];
        $pattern =
            '~\G\s*(?:(?<number>(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][+-]?\d+)?)|(?<unit>[\p{L}µ][\p{L}·]*[²³⁴⁶]?(?:/[\p{L}]+[²³]?)?)|(?<sign>[-+*/()]))~u';
        $offset = 0;
        while ($offset < strlen($text)) {
            if (preg_match($pattern, $text, $m, PREG_UNMATCHED_AS_NULL, $offset) !== 1) {
                throw new QuantityError(
                    '“'.mb_substr(ltrim(substr($text, $offset)), 0, 12).'” is not a number, a unit or a sign.',
                );
            }
            $offset += strlen((string) $m[0]);
            $tokens[] = match (true) {
                isset($m['number']) => ['number', str_replace(',', '.', $m['number'])],
                isset($m['unit']) => ['unit', $m['unit']],
                default => ['sign', (string) $m['sign']],
            };
        }

        return $tokens;
    }

    /** @return array{float, int, int} value, power of force, power of length */
    private function sum(): array
    {
        $left = $this->product();
        while (($sign = $this->sign('+', '-')) !== null) {
            $right = $this->product();
            $left = self::add($left, $right, $sign === '+' ? 1 : -1);
        }

        return $left;
    }

    /**
     * @param  array{float, int, int}  $a
     * @param  array{float, int, int}  $b
     * @return array{float, int, int}
     */
    private static function add(array $a, array $b, int $sign): array
    {
        if ($a[1] !== $b[1] || $a[2] !== $b[2]) {
            throw new QuantityError(
                ucfirst(self::describe($a[1], $a[2])).' and '.self::describe($b[1], $b[2]).' cannot be added.',
            );
        }

        return [$a[0] + $sign * $b[0], $a[1], $a[2]];
    }

    /** @return array{float, int, int} */
    private function product(): array
    {
        $left = $this->factor();
        while (($sign = $this->sign('*', '/')) !== null) {
            $right = $this->factor();
            if ($sign === '*') {
                $left = [$left[0] * $right[0], $left[1] + $right[1], $left[2] + $right[2]];
            } else {
                if ($right[0] == 0) {
                    throw new QuantityError('This divides by zero.');
                }
                $left = [$left[0] / $right[0], $left[1] - $right[1], $left[2] - $right[2]];
            }
        }

        return $left;
    }

    /** @return array{float, int, int} */
    private function factor(): array
    {
        if (($sign = $this->sign('+', '-')) !== null) {
            $value = $this->factor();

            return $sign === '-' ? [-$value[0], $value[1], $value[2]] : $value;
        }
        $value = $this->single();
        // "12 ft 6 in": a run of quantities of one dimension is a sum.
        while (($value[1] !== 0 || $value[2] !== 0) && ($this->tokens[$this->at][0] ?? '') === 'number') {
            $value = self::add($value, $this->single(), 1);
        }

        return $value;
    }

    /** @return array{float, int, int} */
    private function single(): array
    {
        [$kind, $text] = $this->tokens[$this->at] ?? throw new QuantityError('Something is missing at the end.');
        $this->at++;
        if ($kind === 'number') {
            $value = [(float) $text, 0, 0];
        } elseif ($text === '(') {
            $value = $this->sum();
            if ($this->sign(')') === null) {
                throw new QuantityError('A closing bracket is missing.');
            }
        } elseif ($kind === 'unit') {
            throw new QuantityError("A number is missing before “{$text}”.");
        } else {
            throw new QuantityError("“{$text}” does not fit here.");
        }
        if (($this->tokens[$this->at][0] ?? '') === 'unit') {
            $name = $this->tokens[$this->at][1];
            $unit = UnitTable::find($name) ?? throw new QuantityError("“{$name}” is not a unit Waage knows.");
            $this->at++;
            [$f, $l] = self::POWERS[$unit['dimension']];
            $value = [$value[0] * $unit['factor'], $value[1] + $f, $value[2] + $l];
        }

        return $value;
    }

    private function sign(string ...$signs): ?string
    {
        $token = $this->tokens[$this->at] ?? null;
        if ($token === null || $token[0] !== 'sign' || ! in_array($token[1], $signs, true)) {
            return null;
        }
        $this->at++;

        return $token[1];
    }

    private static function describe(int $force, int $length): string
    {
        $name = array_search([$force, $length], self::POWERS, true);

        return $name === false ? 'a quantity of another kind' : self::noun(Dimension::from($name));
    }

    private static function noun(Dimension $dimension): string
    {
        return match ($dimension) {
            Dimension::Number => 'a plain number',
            Dimension::Length => 'a length',
            Dimension::Force => 'a force',
            Dimension::LineLoad => 'a load per length',
            Dimension::Stress => 'a load per area',
            Dimension::Moment => 'a moment',
            Dimension::Area => 'an area',
            Dimension::AreaByLength => 'an area per length',
            Dimension::Angle => 'an angle',
            Dimension::UnitWeight => 'a unit weight',
            Dimension::Temperature => 'a difference of temperature',
            Dimension::Frequency => 'a frequency',
            default => 'a section property',
        };
    }
}
