<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** What a piece is made of, as the standards tell it apart. */
enum Product: string
{
    case Sawn = 'sawn timber';

    /** Of 5 in. (114 mm) and more to either side, with values of its own in America. */
    case Beam = 'beam or stringer';
    case Post = 'post or timber';
    case Glulam = 'glulam';
    case Lvl = 'laminated veneer lumber';

    /** Sawn out of the log in one piece? */
    public function isSawn(): bool
    {
        return $this !== self::Glulam && $this !== self::Lvl;
    }
}
