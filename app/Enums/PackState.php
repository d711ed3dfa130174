<?php

declare(strict_types=1);

namespace App\Enums;

/** How far a pack of sheets is. */
enum PackState: string
{
    case Waiting = 'waiting';
    case Working = 'working';
    case Ready = 'ready';
    case Cancelled = 'cancelled';
    case Failed = 'failed';

    public function isOpen(): bool
    {
        return $this === self::Waiting || $this === self::Working;
    }
}
