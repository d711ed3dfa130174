<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Tools\Tool;

/** The tools of ACI 318-19, and what several of them ask for. */
final class Aci318Tools
{
    /** @return list<Tool> */
    public static function all(): array
    {
        return [
            ...Flexure::tools(),
            ShearTool::tool(),
            DevelopmentTool::tool(),
            DeflectionTool::tool(),
            ...SlabTools::tools(),
        ];
    }
}
