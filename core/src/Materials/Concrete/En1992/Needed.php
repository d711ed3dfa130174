<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Materials\Concrete\ConcreteMake;

/**
 * Bars that a rectangle needs, and what it resists, in plain numbers: for choosing bars and for diagrams. What is
 * printed is
 * worked out by Bending. Rectangular block of 3.1.7(3) up to C50, x ≤ 0.448 d (5.5(4)). N, mm, MPa.
 */
final readonly class Needed
{
    /** x/d without redistribution (5.5(4), recommended values with δ = 1). */
    public const DEEPEST = (1 - 0.44) / 1.25;

    private float $fcd;

    private float $fyd;

    private float $b;

    public function __construct(private ConcreteMake $concrete)
    {
        $this->fcd = Strength::fcd($concrete);
        $this->fyd = Strength::fyd($concrete);
        $this->b = $concrete->b;
    }

    /** The greatest moment without steel in compression. */
    public function most(float $d): float
    {
        $x = self::DEEPEST * $d;

        return 0.8 * $x * $this->b * $this->fcd * ($d - 0.4 * $x);
    }

    /**
     * @param  float  $d2  from the face in compression to the bars there
     * @return array{float, float} in tension and in compression, mm²
     */
    public function steel(float $M, float $d, float $d2): array
    {
        $most = $this->most($d);
        if ($M <= $most) {
            $z = ($d / 2) * (1 + sqrt(max(0.0, 1 - (2 * $M) / ($this->b * $d ** 2 * $this->fcd))));

            return [$M <= 0.0 ? 0.0 : $M / ($z * $this->fyd), 0.0];
        }
        $x = self::DEEPEST * $d;
        $F2 = ($M - $most) / ($d - $d2);
        $stress = min($this->fyd, 700 * (1 - $d2 / $x)) - $this->fcd;

        return [(0.8 * $x * $this->b * $this->fcd + $F2) / $this->fyd, $stress <= 0.0 ? INF : $F2 / $stress];
    }

    /** Of so much steel in tension (mm²), without any in compression. */
    public function resistance(float $As, float $d): float
    {
        $x = min(($As * $this->fyd) / (0.8 * $this->b * $this->fcd), self::DEEPEST * $d);

        return 0.8 * $x * $this->b * $this->fcd * ($d - 0.4 * $x);
    }

    /** So that it does not break when it cracks (9.2.1.1(1)), mm². */
    public function least(float $d): float
    {
        return max((0.26 * $this->concrete->grade->fctm()) / $this->concrete->fyk, 0.0013) * $this->b * $d;
    }

    /** cot θ: as flat as the struts bear, from 1 to 2.5 (6.2.3(2), (3)). */
    public function angle(float $V, float $d): float
    {
        $k =
            $V <= 0.0 ? INF : ($this->b * 0.9 * $d * 0.6 * (1 - $this->concrete->grade->fck / 250) * $this->fcd) / $V;

        return match (true) {
            $k >= 2.9 => 2.5,
            $k > 2.0 => ($k + sqrt($k ** 2 - 4)) / 2,
            default => 1.0,
        };
    }

    /** Links for shear and the least there may be: area by length, mm²/mm. */
    public function links(float $V, float $d): float
    {
        $least = ((0.08 * sqrt($this->concrete->grade->fck)) / $this->concrete->fyk) * $this->b;

        return max($least, $V / (0.9 * $d * $this->fyd * $this->angle($V, $d)));
    }
}
