<?php

declare(strict_types=1);

namespace Waage\Material;

/** The materials there are, as core/materials.php lists them: the house itself names none. */
final class Registry
{
    /** @var array<string, Material>|null */
    private static ?array $materials = null;

    /** @return array<string, Material> by id */
    public static function all(): array
    {
        if (self::$materials === null) {
            /** @var list<Material> $all */
            $all = require __DIR__.'/../../materials.php';
            self::$materials = self::byId(...$all);
        }

        return self::$materials;
    }

    /** What a member is made of. */
    public static function of(Make $make): Material
    {
        return self::all()[$make->material()];
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
