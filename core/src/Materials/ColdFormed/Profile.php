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

    public function strips(): FiniteStrip
    {
        $midline = $this->of->midline;

        return new FiniteStrip($midline->points, array_fill(0, count($midline->points) - 1, $midline->t), $this->E);
    }

    /** In bending about the horizontal axis, constrained to it; both senses are alike. */
    public function inBending(): Buckling
    {
        return $this->kept('bending', function (): Buckling {
            $outermost = $this->of->outermost();
            $stresses = array_map(fn (array $p): float => $p[1] / $outermost, $this->of->points);

            return $this->buckling($stresses, 4.0, M_PI ** 4 * $this->sizes->h ** 4 / 720);
        });
    }

    public function inCompression(): Buckling
    {
        return $this->kept(
            'compression',
            fn (): Buckling => $this->buckling(array_fill(0, count($this->of->points), 1.0), 6.0, 0.0),
        );
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
     * its own, at the half-wavelength of Appendix 2, 2.3.1.3 and 2.3.3.3: a flange and lip that turn about the web.
     *
     * @param  list<float>  $stresses  of 1 MPa at most
     */
    private function buckling(array $stresses, float $times, float $more): Buckling
    {
        $longest = 12 * max($this->sizes->h, $this->sizes->b);
        $strips = $this->strips();
        $curve = new BucklingCurve($strips, $stresses, 0.1 * $this->sizes->h, $longest);
        $minima = $curve->minima();
        $at = $curve->stations;
        if (! $this->sizes->shape->hasLips()) {
            return new Buckling($minima[0] ?? null, null, true, $at);
        }
        if (isset($minima[1])) {
            return new Buckling($minima[0], $minima[1], true, $at);
        }
        $flange = M_PI ** 4 * $this->sizes->h * (1 - 0.09) / $this->sizes->t ** 3 * $this->ofFlange();
        $length = ($times * $flange + $more) ** 0.25;

        return new Buckling($minima[0] ?? null, [$length, $strips->factor($length, $stresses)], false, $at);
    }

    /** I_xf b² − I_xyf²/I_yf b² of a flange with its lip, mm⁶. */
    private function ofFlange(): float
    {
        $s = $this->sizes;
        $b = $s->b - $s->t;
        $lip = $s->c - $s->t / 2;
        $flange = new MidlineProperties(new Midline(
            [[0.0, 0.0], [$b, 0.0], [$b + $lip * cos($s->lean), -$lip * sin($s->lean)]],
            $s->t,
        ));

        return ($flange->Ix - $flange->Ixz ** 2 / $flange->Iz) * $b ** 2;
    }
}
