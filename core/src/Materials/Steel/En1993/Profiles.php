<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use LogicException;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;

/** Which kind a section is to EN 1993: the one place that asks. */
final class Profiles
{
    public static function of(Section $section): Profile
    {
        return match (true) {
            $section instanceof ISection => new Shape($section),
            $section instanceof Channel => new ChannelShape($section),
            $section instanceof RectangularHollow => new Box($section),
            $section instanceof CircularHollow => new Tube($section),
            $section instanceof SolidBar => new Bar($section),
            $section instanceof UnequalI => new UnequalShape($section),
            $section instanceof Tee => new TeeShape($section),
            $section instanceof Angle => new SingleAngle($section),
            $section instanceof StripSection => new StripShape($section),
            $section instanceof SkewSection => new SkewShape($section, self::of($section->whole)),
            default => throw new LogicException('EN 1993 has no rules for this shape.'),
        };
    }
}
