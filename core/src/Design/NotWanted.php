<?php

declare(strict_types=1);

namespace Waage\Design;

/** Nobody waits for the answer any more. */
final class NotWanted extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('A newer question has taken the place of this one.');
    }
}
