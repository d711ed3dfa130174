<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use LogicException;
use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\Sections\Section;

/** A kind of section, and what the clauses of EN 1993 make of it. Lengths in mm. */
abstract readonly class Profile
{
    public function __construct(public Section $whole)
    {
    }

    /** @return non-empty-list<ClassedPart> rows of EN 1993-1-1, Table 5.2 */
    abstract public function parts(Strain $by): array;

    /** Class of the section, 1 to 4. */
    public function class(Strain $by, float $epsilon): int
    {
        return max(array_map(fn (ClassedPart $p): int => $p->class($epsilon), $this->parts($by)));
    }

    /** Webs that share what a web carries. */
    public function webs(): int
    {
        return 1;
    }

    /** Is a web that is bent and compressed together classed by what the force makes of it? */
    public function classesWebTogether(): bool
    {
        return true;
    }

    /** What counts of it in class 4; null: that is not computed. */
    abstract public function local(float $epsilon): ?LocalBuckling;

    /** A_v of a force along the depth (EN 1993-1-1, 6.2.6(3), (4)), mm². */
    abstract public function shearArea(float $eta, ?Derivation $d = null): float;

    /** A_v of a force along the width, mm². */
    public function sidewaysShearArea(?Derivation $d = null): float
    {
        throw new LogicException('A section that does not bend about its principal axes is not sheared along its width.');
    }

    /** @return array{float, float}|null clear depth and thickness of its web; null: it has none */
    public function web(): ?array
    {
        return null;
    }

    /**
     * The plate without a web between flanges that buckles first in shear: a stem, a leg, a strip.
     *
     * @return array{float, float} c/t, 0 where there is none; k_τ: 1.2 with a free edge, as ANSI/AISC 360, G3, has
     *     it, 5.34 between others
     */
    public function plate(): array
    {
        return [0.0, 1.2];
    }

    /** @return array{string, string} buckling curves about y-y and z-z (EN 1993-1-1, Table 6.2) */
    public function curves(bool $isS460): array
    {
        throw new LogicException('This shape has no row in Table 6.2.');
    }

    /** A web with the flanges that a force presses on, of a box one side of it; null: it has none, or unlike ones. */
    public function pressedWeb(float $epsilon): ?Flanged
    {
        return null;
    }

    /** An I section with two flanges like the weaker one, and with two like the stronger one; null: it is none. */
    public function likeFlanges(): ?LikeFlanges
    {
        return null;
    }

    /** Which curve of lateral-torsional buckling it takes. */
    public function lateralCurve(bool $rolledCurves): LateralCurve
    {
        return LateralCurve::ofOthers();
    }

    /**
     * M_N,Rd over M_pl,Rd about an axis (EN 1993-1-1, 6.2.9.1(5)).
     *
     * @param  float  $n  N_Ed over N_pl,Rd, more than 0 and less than 1
     */
    public function plasticLeft(string $axis, float $n, ?Derivation $d = null): float
    {
        throw new LogicException('This shape is not in 6.2.9.1(5).');
    }

    /** @return array{float, float} α and β of (6.41) */
    public function exponents(float $n, ?Derivation $d = null): array
    {
        throw new LogicException('This shape is not in 6.2.9.1(6).');
    }
}
