<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use LogicException;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Materials\Steel\SectionStep;

/** Which kind a section is to ANSI/AISC 360: the one place that asks. */
final class Profiles
{
    public static function of(SectionStep $stretch): Profile
    {
        return match (true) {
            $stretch->section instanceof Flanged => self::open(new Shape($stretch->section, $stretch->grade)),
            $stretch->section instanceof RectangularHollow => new Box($stretch->section, $stretch->grade),
            $stretch->section instanceof CircularHollow => new Tube($stretch->section, $stretch->grade),
            $stretch->section instanceof SolidBar => new Bar($stretch->section, $stretch->grade),
            $stretch->section instanceof UnequalI => $stretch->section->pressed === null
                ? new EitherFlange(
                    new UnequalShape($stretch->section->pressedAt(1), $stretch->grade),
                    new UnequalShape($stretch->section->pressedAt(-1), $stretch->grade),
                )
                : new UnequalShape($stretch->section, $stretch->grade),
            $stretch->section instanceof Tee => new TeeShape($stretch->section, $stretch->grade),
            $stretch->section instanceof Angle => new SingleAngle($stretch->section, $stretch->grade),
            $stretch->section instanceof StripSection => new StripShape($stretch->section, $stretch->grade),
            $stretch->section instanceof SkewSection => $stretch->section->whole instanceof Angle
                ? new SkewAngle($stretch->section, $stretch->grade)
                : new StripShape($stretch->section, $stretch->grade),
            default => throw new LogicException('No chapter covers this section.'),
        };
    }

    private static function open(Shape $shape): Profile
    {
        return $shape->hasCompactWeb() ? $shape : new Girder($shape);
    }
}
