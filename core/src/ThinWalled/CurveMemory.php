<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/** Where buckling curves are kept from one calculation to the next; nowhere unless the application gives a place. */
final class CurveMemory
{
    /** @var (\Closure(string): mixed)|null what is kept under a key; null or false: nothing */
    private static ?\Closure $get = null;

    /** @var (\Closure(string, array<array-key, mixed>): void)|null */
    private static ?\Closure $keep = null;

    /**
     * @param  \Closure(string): mixed  $get
     * @param  \Closure(string, array<array-key, mixed>): void  $keep
     */
    public static function use(\Closure $get, \Closure $keep): void
    {
        [self::$get, self::$keep] = [$get, $keep];
    }

    /**
     * @template T of array<array-key, mixed>
     *
     * @param  \Closure(): T  $make
     * @return T
     */
    public static function of(string $key, \Closure $make): array
    {
        $kept = self::$get === null ? null : (self::$get)($key);
        if (is_array($kept)) {
            /** @var T $kept */
            return $kept;
        }
        $made = $make();
        self::$keep === null ? null : (self::$keep)($key, $made);

        return $made;
    }
}
