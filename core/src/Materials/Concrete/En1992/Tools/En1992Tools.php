<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Tools\Tool;

/** The tools of EN 1992-1-1. */
final class En1992Tools
{
    /** @return list<Tool> */
    public static function all(): array
    {
        return [
            ConcreteProperties::tool(),
            ...Time::tools(),
            Cover::tool(),
            RequiredSteel::tool(),
            ...LeastSteel::tools(),
            FlangeWidth::tool(),
            ...ShearTools::tools(),
            CrackTools::width(),
            CrackTools::tables(),
            CrackTools::least(),
            Bond::tool(),
            SlendernessTool::tool(),
            DeflectionTool::tool(),
            ElasticSection::tool(),
            SectionTool::tool(),
            ...BarTables::tools(),
        ];
    }
}
