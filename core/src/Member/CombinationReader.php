<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\Kind;

/** Reads what a member document says about combinations: the engineer's own, and generated ones that are left out. */
final class CombinationReader
{
    private const MOST = 100;

    private const GREATEST_FACTOR = 10.0;

    /** As Waage\Loading\Purpose has them. */
    private const PURPOSES = [
        'strength',
        'equilibrium',
        'construction',
        'accidental',
        'seismic',
        'fire',
        'characteristic',
        'frequent',
        'quasi-permanent',
    ];

    /** @param  list<LoadCase>  $cases */
    public function __construct(private readonly Fields $f, private readonly array $cases)
    {
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return list<OwnCombination>
     */
    public function own(array $in): array
    {
        $own = [];
        foreach ($this->f->rows($in, 'combinations', self::MOST, 'combinations') as $i => $row) {
            $path = "combinations.{$i}";
            $name = trim($this->f->text($row, 'name', "{$path}.name"));
            $purpose = $row['purpose'] ?? 'strength';
            if (! is_string($purpose) || ! in_array($purpose, self::PURPOSES, true)) {
                $this->f->fail("{$path}.purpose", 'This must be one of: '.implode(', ', self::PURPOSES).'.');
                $purpose = 'strength';
            }
            $own[] = new OwnCombination(
                $name === '' ? 'own combination '.($i + 1) : $name,
                $purpose,
                $this->factor($row, 'permanent', "{$path}.permanent"),
                $this->factors($row, $path),
            );
        }

        return $own;
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return list<string> keys of combinations
     */
    public function leftOut(array $in): array
    {
        $keys = $in['leftOut'] ?? [];
        if (
            ! is_array($keys) ||
            ! array_is_list($keys) ||
            count($keys) > 1000 ||
            array_filter($keys, fn (mixed $k): bool => ! is_string($k)) !== []
        ) {
            $this->f->fail('leftOut', 'This must be a list of combinations.');

            return [];
        }

        /** @var list<string> */
        return $keys;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<string, float>
     */
    private function factors(array $row, string $path): array
    {
        $categories = [];
        foreach ($this->cases as $case) {
            $categories[$case->id] = $case->category;
        }
        $factors = [];
        foreach ($this->f->rows($row, 'factors', self::MOST, 'factors', "{$path}.factors") as $i => $given) {
            $id = $this->f->text($given, 'case', "{$path}.factors.{$i}.case");
            if (! isset($categories[$id])) {
                $this->f->fail(
                    "{$path}.factors.{$i}.case",
                    'This combination refers to a load case that is no longer there.',
                );
            } elseif ($categories[$id] === Category::Permanent) {
                $this->f->fail(
                    "{$path}.factors.{$i}.case",
                    'All permanent load has one factor, that of the combination.',
                );
            } elseif (($factor = $this->factor($given, 'factor', "{$path}.factors.{$i}.factor")) > 0.0) {
                $factors[$id] = $factor;
            }
        }

        return $factors;
    }

    /** @param  array<array-key, mixed>  $row */
    private function factor(array $row, string $key, string $path): float
    {
        if (($row[$key] ?? '') === '') {
            return 0.0;
        }
        $factor = $this->f->quantity($row, $key, $path, Kind::Number);
        if ($factor < 0 || $factor > self::GREATEST_FACTOR) {
            $this->f->fail($path, 'A factor lies between 0 and 10.');
        }

        return $factor;
    }
}
