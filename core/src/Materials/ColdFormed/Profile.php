<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\ThinWalled\BucklingCurve;
use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;

/** A section with its gross properties and the stresses at which it buckles, worked out once. */
final class Profile
{
    /** MPa: AISI S100. */
    public const E = 203000.0;

    public const G = 78000.0;

    /** @var array<string, self> by sizes */
    private static array $known = [];

    public readonly MidlineProperties $of;

    /** @var list<array{float, float}>|null half-wavelength and stress of the minima, in bending */
    private ?array $bending = null;

    private function __construct(public readonly Sizes $sizes)
    {
        $this->of = new MidlineProperties(self::midline($sizes));
    }

    public static function of(Sizes $sizes): self
    {
        return self::$known[$sizes->key()] ??= new self($sizes);
    }

    public static function midline(Sizes $sizes): Midline
    {
        $lip = $sizes->shape->hasLips() ? $sizes->c : 0.0;

        return Midline::folded($sizes->shape->isZ(), [$sizes->h, $sizes->b, $lip], $sizes->t, $sizes->r, $sizes->lean);
    }

    public function strips(): FiniteStrip
    {
        $midline = $this->of->midline;

        return new FiniteStrip($midline->points, array_fill(0, count($midline->points) - 1, $midline->t), self::E);
    }

    /**
     * Half-wavelength (mm) and greatest stress (MPa) at the minima of the curve in bending about the horizontal axis,
     * constrained to it: local, then distortional where it has a minimum of its own. Both senses are alike.
     *
     * @return list<array{float, float}>
     */
    public function inBending(): array
    {
        if ($this->bending === null) {
            $outermost = $this->of->outermost();
            $stresses = array_map(fn (array $p): float => $p[1] / $outermost, $this->of->points);
            $longest = 12 * max($this->sizes->h, $this->sizes->b);
            $this->bending = (new BucklingCurve($this->strips(), $stresses, 0.1 * $this->sizes->h, $longest))->minima();
        }

        return $this->bending;
    }
}
