<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Tools;

use Waage\Tools\Tool;

/** Calculations of timber by themselves, of all its standards. */
final class TimberTools
{
    /** @return list<Tool> */
    public static function all(): array
    {
        return [...En1995Tools::all(), ...Nds2018Tools::all(), ...CsaO86Tools::all()];
    }
}
