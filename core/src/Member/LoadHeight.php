<?php

declare(strict_types=1);

namespace Waage\Member;

/** Where the load meets the section: it drives twisting from the top flange and calms it from the bottom flange. */
enum LoadHeight: string
{
    case Top = 'top';
    case Centre = 'centre';
    case Bottom = 'bottom';

    /** Height above the shear centre as a part of half the section's depth. */
    public function sign(): int
    {
        return match ($this) {
            self::Top => 1,
            self::Centre => 0,
            self::Bottom => -1,
        };
    }
}
