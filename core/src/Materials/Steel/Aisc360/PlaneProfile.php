<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;

/**
 * An open section that is weighed in bending in one plane only; what is asked beyond it the member has refused
 * before.
 */
abstract readonly class PlaneProfile extends Profile
{
    public function weakMoment(?Derivation $d = null): float
    {
        throw self::isRefused();
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        throw self::isRefused();
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        throw self::isRefused();
    }

    public function isClosed(): bool
    {
        return false;
    }

    private static function isRefused(): \LogicException
    {
        return new \LogicException('This shape is weighed in one plane only.');
    }
}
