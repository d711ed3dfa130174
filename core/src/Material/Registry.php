<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Materials\ColdFormed\ColdFormed;
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
        return self::$materials ??= self::byId(new Steel, new Concrete, new Timber, new ColdFormed);
    }

    /** With one more, for tests; null: without it again. */
    public static function with(?Material $more): void
    {
        self::$materials = null;
        if ($more !== null) {
            self::$materials = [...self::all(), $more->id() => $more];
        }
    }

    /** @return array<string, Material> */
    private static function byId(Material ...$materials): array
    {
        return array_combine(array_map(fn (Material $m): string => $m->id(), $materials), $materials);
    }
}
