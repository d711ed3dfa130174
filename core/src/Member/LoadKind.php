<?php

declare(strict_types=1);

namespace Waage\Member;

enum LoadKind: string
{
    case Line = 'line';
    case Area = 'area';
    case Slab = 'slab';
    case Point = 'point';
    case Moment = 'moment';
    case Settlement = 'settlement';
    case Rotation = 'rotation';
    /** A difference of temperature between bottom and top. */
    case Temperature = 'temperature';

    /** A change of temperature of the whole section. */
    case Warming = 'warming';

    case Train = 'train';
    case Concentrated = 'concentrated';

    /** A uniform load on any lengths, wherever they are worst. */
    case Lengths = 'lengths';

    /** Does it act at one place? */
    public function isAtOnePlace(): bool
    {
        return ! in_array(
            $this,
            [
                self::Line,
                self::Area,
                self::Slab,
                self::Temperature,
                self::Warming,
                self::Train,
                self::Concentrated,
                self::Lengths,
            ],
            true,
        );
    }

    /** Does it act at the worst place, in place of the other loads of its case? */
    public function isMoving(): bool
    {
        return $this === self::Train || $this === self::Concentrated || $this === self::Lengths;
    }

    /** Does it come from the temperature of the member? */
    public function isThermal(): bool
    {
        return $this === self::Temperature || $this === self::Warming;
    }

    /** Can it act in another direction than plumb? */
    public function hasDirection(): bool
    {
        return in_array($this, [self::Line, self::Area, self::Slab, self::Point], true);
    }

    /** Has it to have a load case of its own? */
    public function standsAlone(): bool
    {
        return $this === self::Train || $this === self::Lengths;
    }

    /** Is it a movement of a support? */
    public function isDisplacement(): bool
    {
        return $this === self::Settlement || $this === self::Rotation;
    }
}
