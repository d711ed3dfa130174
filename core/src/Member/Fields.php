<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\Kind;
use Waage\Units\Quantity;
use Waage\Units\QuantityError;

/** Reads the fields of a document and gathers what is wrong with them, so that all errors are told at once. */
final class Fields
{
    private const LONGEST_TEXT = 2000;

    /** @var list<FieldError> */
    private array $errors = [];

    public function fail(string $path, string $message): void
    {
        $this->errors[] = new FieldError($path, $message);
    }

    public function throwIfAny(): void
    {
        if ($this->errors !== []) {
            throw new InvalidMember($this->errors);
        }
    }

    public function hasErrors(): bool
    {
        return $this->errors !== [];
    }

    /** Are these fields, and all below them, without a fault so far? Only then can their values be compared. */
    public function areSound(string ...$paths): bool
    {
        foreach ($this->errors as $error) {
            foreach ($paths as $path) {
                if ($error->path === $path || str_starts_with($error->path, "{$path}.")) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * A quantity in N, mm, MPa; 0 after an error, so that reading can go on.
     *
     * @param  array<array-key, mixed>  $in
     */
    public function quantity(array $in, string $key, string $path, Kind $kind): float
    {
        $value = $in[$key] ?? '';
        if (! is_string($value)) {
            $this->fail($path, 'A quantity is a text with its unit, for example "2.5 m".');

            return 0.0;
        }
        try {
            return Quantity::parse($value, $kind);
        } catch (QuantityError $e) {
            $this->fail($path, $e->getMessage());

            return 0.0;
        }
    }

    /**
     * @param  array<array-key, mixed>  $in
     */
    public function positive(array $in, string $key, string $path, Kind $kind, string $name): float
    {
        $before = count($this->errors);
        $value = $this->quantity($in, $key, $path, $kind);
        if (count($this->errors) === $before && $value <= 0) {
            $this->fail($path, "{$name} must be greater than zero.");
        }

        return $value;
    }

    /**
     * @param  array<array-key, mixed>  $in
     */
    public function text(array $in, string $key, string $path, string $default = ''): string
    {
        $value = $in[$key] ?? $default;
        if (! is_string($value)) {
            $this->fail($path, 'This must be a text.');

            return $default;
        }
        if (mb_strlen($value) > self::LONGEST_TEXT) {
            $this->fail($path, 'This text is too long; at most '.self::LONGEST_TEXT.' characters.');
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  array<array-key, mixed>  $in
     * @param  T  $default
     * @return T
     */
    public function choice(array $in, string $key, string $path, \BackedEnum $default): \BackedEnum
    {
        if (! array_key_exists($key, $in)) {
            return $default;
        }
        $value = is_string($in[$key]) ? $default::tryFrom($in[$key]) : null;
        if ($value === null) {
            $this->fail(
                $path,
                'This must be one of: '.
                    implode(', ', array_map(fn (\BackedEnum $c): string => (string) $c->value, $default::cases())).
                    '.',
            );
        }

        return $value ?? $default;
    }

    /**
     * @param  array<array-key, mixed>  $in
     */
    public function flag(array $in, string $key, string $path, bool $default): bool
    {
        $value = $in[$key] ?? $default;
        if (! is_bool($value)) {
            $this->fail($path, 'This must be true or false.');

            return $default;
        }

        return $value;
    }

    /**
     * A plain number within limits.
     *
     * @param  array<array-key, mixed>  $in
     */
    public function number(array $in, string $key, string $path, float $default, float $least, float $most): float
    {
        $value = $in[$key] ?? $default;
        if (is_string($value) && is_numeric($value)) {
            $value = (float) $value;
        }
        if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value)) {
            $this->fail($path, 'This must be a number.');

            return $default;
        }
        if ($value < $least || $value > $most) {
            $this->fail($path, "This must lie between {$least} and {$most}.");
        }

        return (float) $value;
    }

    /**
     * A list of objects; one that cannot be read is missing, and the others keep their numbers.
     *
     * @param  array<array-key, mixed>  $in
     * @return array<int, array<array-key, mixed>>
     */
    public function rows(array $in, string $key, int $most, string $noun, ?string $path = null): array
    {
        $path ??= $key;
        $rows = $in[$key] ?? [];
        if (! is_array($rows) || ! array_is_list($rows)) {
            $this->fail($path, "This must be a list of {$noun}.");

            return [];
        }
        if (count($rows) > $most) {
            $this->fail($path, 'There are '.count($rows)." {$noun}; a member can have at most {$most}.");

            return [];
        }
        $good = [];
        foreach ($rows as $i => $row) {
            if (! is_array($row)) {
                $this->fail("{$path}.{$i}", 'This entry cannot be read.');
            } else {
                $good[$i] = $row;
            }
        }

        return $good;
    }

    /**
     * A place along a member, in mm from its left end.
     *
     * @param  array<array-key, mixed>  $in
     * @param  string  $what  what lies there, at the start of a sentence
     */
    public function place(array $in, string $key, string $path, float $length, string $what): float
    {
        // Places that differ by a rounding only (1/3 of 6 m, 2 m) are the same place.
        $x = round($this->quantity($in, $key, $path, Kind::Length), 6);
        // A position typed in feet may miss the end of a length typed in metres by a rounding.
        if ($x > $length && $x < $length + 0.5) {
            return $length;
        }
        if (($x < 0 || $x > $length) && $length > 0) {
            $this->fail(
                $path,
                "{$what} lies off the beam, which is ".
                    rtrim(rtrim(number_format($length / 1000, 3, '.', ''), '0'), '.').
                    ' m long.',
            );
        }

        return $x;
    }
}
