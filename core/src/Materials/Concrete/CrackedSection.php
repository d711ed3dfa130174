<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * A section with bars at both faces, elastic: transformed before and after it cracks, depths from the compressed
 * face.
 */
final readonly class CrackedSection
{
    /** Axis and second moment (mm⁴) before it cracks. */
    public float $x1;

    public float $I1;

    /** And after. */
    public float $x2;

    public float $I2;

    /**
     * @param  float  $ratio  of the moduli of steel and concrete
     * @param  array{float, float}  $tension  area, depth
     * @param  array{float, float}  $compression  the same of the bars at the compressed face
     */
    public function __construct(public Tee $tee, float $ratio, array $tension, array $compression)
    {
        [[$A, $d], [$A2, $d2]] = [$tension, $compression];
        $a = $ratio;
        [$Ac, $zc] = [$tee->area($tee->h), $tee->centroid()];
        $this->x1 = ($Ac * $zc + ($a - 1) * ($A * $d + $A2 * $d2)) / ($Ac + ($a - 1) * ($A + $A2));
        $this->I1 =
            $tee->inertia() +
            $Ac * ($zc - $this->x1) ** 2 +
            ($a - 1) * ($A * ($d - $this->x1) ** 2 + $A2 * ($this->x1 - $d2) ** 2);
        [$steel, $first] = [$a * $A + ($a - 1) * $A2, $a * $A * $d + ($a - 1) * $A2 * $d2];
        $x = self::axis($steel / $tee->b, (2 * $first) / $tee->b);
        if ($tee->isFlanged() && $x > $tee->hf) {
            $beside = $tee->b - $tee->bw;
            $x = self::axis(
                ($beside * $tee->hf + $steel) / $tee->bw,
                ($beside * $tee->hf ** 2 + 2 * $first) / $tee->bw,
            );
        }
        $this->x2 = $x;
        $this->I2 = $tee->second($x, $x) + $a * $A * ($d - $x) ** 2 + ($a - 1) * $A2 * ($x - $d2) ** 2;
    }

    /** The depth of the axis where x² + 2 B x = C. */
    private static function axis(float $B, float $C): float
    {
        return sqrt($B ** 2 + $C) - $B;
    }

    /** Does the axis of the cracked section lie in the web of a T? */
    public function isInWeb(): bool
    {
        return $this->tee->isFlanged() && $this->x2 > $this->tee->hf;
    }
}
