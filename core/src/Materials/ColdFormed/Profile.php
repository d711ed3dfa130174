<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\ThinWalled\BucklingCurve;
use Waage\ThinWalled\CurveMemory;
use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;

/** A section with its gross properties and the stresses at which it buckles, worked out once. */
final class Profile
{
    /** @var array<string, self> by sizes */
    private static array $known = [];

    public readonly MidlineProperties $of;

    /** @var array<string, MidlineProperties> by holes */
    private array $nets = [];

    /** @var array<string, Buckling> by what acts */
    private array $buckling = [];

    private function __construct(public readonly Sizes $sizes, private readonly float $E)
    {
        $this->of = new MidlineProperties(self::midline($sizes));
    }

    /** @param  float  $E  MPa */
    public static function of(Sizes $sizes, float $E): self
    {
        return self::$known[$sizes->key()." {$E}"] ??= new self($sizes, $E);
    }

    public static function midline(Sizes $sizes): Midline
    {
        $lip = $sizes->shape->hasLips() ? $sizes->c : 0.0;

        return Midline::folded($sizes->shape->isZ(), [$sizes->h, $sizes->b, $lip], $sizes->t, $sizes->r, $sizes->lean);
    }

    /** At a hole; mm. */
    public function net(Holes $holes): MidlineProperties
    {
        return $this->nets[$holes->key()] ??= new MidlineProperties(
            self::midline($this->sizes)->withOpening($holes->depth),
        );
    }

    public function strips(Sheeting $sheeting = new Sheeting()): FiniteStrip
    {
        $midline = $this->of->midline;
        $springs =
            $sheeting->sideways <= 0.0 && $sheeting->turning <= 0.0
                ? []
                : [
                    self::nearest($midline->points, [$this->sizes->b / 2, ($this->sizes->h - $this->sizes->t) / 2]) => [
                        $sheeting->sideways,
                        0.0,
                        $sheeting->turning,
                    ],
                ];
        $thicknesses = array_fill(0, count($midline->points) - 1, $midline->t);

        return new FiniteStrip($midline->points, $thicknesses, $this->E, 0.3, $springs);
    }

    /** In bending about the horizontal axis, constrained to it, with what holds the flange that it compresses. */
    public function inBending(Sheeting $sheeting = new Sheeting(), ?Holes $holes = null): Buckling
    {
        return $this->kept("bending {$sheeting->key()} {$holes?->key()}", function () use (
            $sheeting,
            $holes,
        ): Buckling {
            $outermost = $this->of->outermost();
            $stress = fn (array $p): float => $p[1] / $outermost;

            return $this->withHoles(
                $holes,
                $stress,
                $this->buckling($stress, [4.0, (M_PI ** 4 * $this->sizes->h ** 4) / 720], $sheeting),
            );
        });
    }

    /** In bending about the vertical axis; 1 compresses the lips of a C, −1 its web. */
    public function aboutMinor(int $sign): Buckling
    {
        return $this->kept("minor {$sign}", function () use ($sign): Buckling {
            $side = $this->of->sides()[$sign > 0 ? 1 : 0];

            return $this->buckling(fn (array $p): float => ($sign * $p[0]) / $side, [6.0, 0.0], new Sheeting());
        });
    }

    public function inCompression(?Holes $holes = null): Buckling
    {
        $stress = fn (array $p): float => 1.0;

        return $this->kept(
            "compression {$holes?->key()}",
            fn (): Buckling => $this->withHoles($holes, $stress, $this->buckling($stress, [6.0, 0.0], new Sheeting())),
        );
    }

    /**
     * Appendix 2, simplified: local buckling of the strips beside a hole, between corners that do not move, over the
     * length of the hole at least; distortional buckling with a web that is thinner by the part of holes.
     *
     * @param  \Closure(array{float, float}): float  $stress  of a point from the centroid, 1 MPa at most
     */
    private function withHoles(?Holes $holes, \Closure $stress, Buckling $gross): Buckling
    {
        if ($holes === null) {
            return $gross;
        }
        $midline = self::midline($this->sizes)->withOpening($holes->depth);
        $springs = [];
        [$H, $B] = [($this->sizes->h - $this->sizes->t) / 2, $this->sizes->b - $this->sizes->t];
        $side = $this->sizes->shape->isZ() ? -1.0 : 1.0;
        foreach ([[0.0, $H], [$B, $H], [0.0, -$H], [$side * $B, -$H]] as $corner) {
            $springs[self::nearest($midline->points, $corner)] = [1e6, 1e6, 0.0];
        }
        $strips = new FiniteStrip($midline->points, $midline->thicknesses(), $this->E, 0.3, $springs);
        $stresses = array_map(fn (array $p): float => $stress([0.0, $p[1]]), $midline->points);
        $curve = new BucklingCurve($strips, $stresses, 0.2 * $holes->length, 8 * max($holes->length, $this->sizes->h));
        $least = $curve->minima()[0] ?? null;
        $atHole =
            $least === null || $holes->length < $least[0]
                ? [$holes->length, $strips->factor($holes->length, $stresses)]
                : $least;
        $distortional = $gross->distortional;
        if ($distortional !== null) {
            $part = max(0.0, 1 - $holes->length / $distortional[0]);
            $thin = self::midline($this->sizes)->withWall($this->sizes->t * max(0.05, $part) ** (1 / 3));
            $strips = new FiniteStrip($thin->points, $thin->thicknesses(), $this->E, 0.3);
            $all = array_map(fn (array $p): float => $stress([0.0, $p[1]]), $thin->points);
            $distortional = [$distortional[0], min($distortional[1], $strips->factor($distortional[0], $all))];
        }

        return $gross->withHoles($atHole, $distortional);
    }

    /**
     * @param  list<array{float, float}>  $points
     * @param  array{float, float}  $at
     */
    private static function nearest(array $points, array $at): int
    {
        $far = fn (int $i): float => hypot($points[$i][0] - $at[0], $points[$i][1] - $at[1]);
        $nearest = 0;
        foreach (array_keys($points) as $i) {
            $nearest = $far($i) < $far($nearest) ? $i : $nearest;
        }

        return $nearest;
    }

    /** @param  \Closure(): Buckling  $make */
    private function kept(string $what, \Closure $make): Buckling
    {
        return $this->buckling[$what] ??= Buckling::fromArray(
            CurveMemory::of("{$what} {$this->E} {$this->sizes->key()}", fn (): array => $make()->kept()),
        );
    }

    /**
     * Local buckling at the first minimum of the curve. Distortional buckling at the second one; where it has none of
     * its own, at the half-wavelength of Appendix 2, 2.3.1.3 and 2.3.3.3: a flange and lip that turn about the web; not
     * longer than the distance of restraints.
     *
     * @param  \Closure(array{float, float}): float  $stress  of a point from the centroid, 1 MPa at most
     * @param  array{float, float}  $of  constants of that half-wavelength
     */
    private function buckling(\Closure $stress, array $of, Sheeting $sheeting): Buckling
    {
        $stresses = array_map($stress, $this->of->points);
        $longest = 12 * max($this->sizes->h, $this->sizes->b);
        $strips = $this->strips($sheeting);
        $curve = new BucklingCurve($strips, $stresses, 0.1 * $this->sizes->h, $longest);
        $minima = $curve->minima();
        $local = $minima[0] ?? null;
        $distortional = null;
        $isHeld = false;
        if ($this->sizes->shape->hasLips()) {
            $flange = ((M_PI ** 4 * $this->sizes->h * (1 - 0.09)) / $this->sizes->t ** 3) * $this->ofFlange();
            $length = $minima[1][0] ?? ($of[0] * $flange + $of[1]) ** 0.25;
            $isHeld = $sheeting->apart < $length;
            $length = min($length, $sheeting->apart);
            $distortional = $isHeld || ! isset($minima[1])
                ? [$length, $strips->factor($length, $stresses)]
                : $minima[1];
            if ($isHeld && isset($minima[1])) {
                // Near the valley of local buckling the curve is not that of distortion any more.
                $distortional[1] = max($distortional[1], $minima[1][1]);
            }
        }
        $shapes = [];
        foreach (['local' => $local, 'distortional' => $distortional] as $mode => $at) {
            if ($at !== null) {
                $shapes[$mode] = $strips->buckling($at[0], $stresses)[1];
            }
        }

        return new Buckling(
            $local,
            $distortional,
            isset($minima[1]) || $distortional === null,
            $curve->stations,
            $shapes,
            $isHeld,
        );
    }

    /** I_xf b² − I_xyf²/I_yf b² of a flange with its lip, mm⁶. */
    private function ofFlange(): float
    {
        $s = $this->sizes;
        $b = $s->b - $s->t;
        $lip = $s->c - $s->t / 2;
        $flange = new MidlineProperties(
            new Midline([[0.0, 0.0], [$b, 0.0], [$b + $lip * cos($s->lean), -$lip * sin($s->lean)]], $s->t),
        );

        return ($flange->Ix - $flange->Ixz ** 2 / $flange->Iz) * $b ** 2;
    }
}
