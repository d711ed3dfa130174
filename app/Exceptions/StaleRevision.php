<?php

declare(strict_types=1);

namespace App\Exceptions;

/** Somebody saved in between: the newer state goes back to the browser, nothing is overwritten or merged blindly. */
final class StaleRevision extends \RuntimeException
{
    /** @param  array<string, mixed>  $current */
    public function __construct(public readonly array $current, string $what = 'member')
    {
        parent::__construct("This {$what} was changed in another window since you opened it.");
    }
}
