<?php

declare(strict_types=1);

namespace Waage\Design;

/** Where weighing takes long it asks from time to time whether its answer is still wanted. */
final class Wanted
{
    /** @var (\Closure(): bool)|null */
    private static ?\Closure $ask = null;

    /** @param  (\Closure(): bool)|null  $ask  false: nobody waits for the answer any more */
    public static function askOf(?\Closure $ask): void
    {
        self::$ask = $ask;
    }

    /** @throws NotWanted */
    public static function check(): void
    {
        if (self::$ask !== null && ! (self::$ask)()) {
            throw new NotWanted;
        }
    }
}
