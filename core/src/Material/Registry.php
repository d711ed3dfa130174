<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Materials\Concrete\Concrete;
use Waage\Materials\Steel\Steel;
use Waage\Materials\Timber\Timber;

/** The materials there are: one line each. */
final class Registry
{
    /** @var array<string, Material>|null */
    private static ?array $materials = null;

    /** @return array<string, Material> by id */
    public static function all(): array
    {
        return self::$materials ??= self::byId(new Steel, new Concrete, new Timber);
    }

    /** With one more, for tests. */
    public static function add(Material $material): void
    {
        self::$materials = [...self::all(), $material->id() => $material];
    }

    /** @return array<string, Material> */
    private static function byId(Material ...$materials): array
    {
        return array_combine(array_map(fn (Material $m): string => $m->id(), $materials), $materials);
    }
}
