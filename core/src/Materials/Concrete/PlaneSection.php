<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * A concrete section of any polygons with bars, its strains in a plane: forces of a given neutral axis, by parabola and
 * rectangle (EN 1992-1-1, 3.1.7(1)) and elastic-plastic bars. Integrated exactly in bands between the corners;
 * displaced concrete is deducted. y to the right, z upwards; N compression positive; M_y positive with compression
 * above, M_z with compression at the right, about the centroid of the concrete. N, mm, MPa.
 */
final readonly class PlaneSection
{
    private const ES = 200000.0;

    /**
     * Points and weights of Gauss on [−1, 1], exact to degree 9: the parabola times the width within a band is of
     * degree 3.
     */
    private const GAUSS = [
        [0.0, 0.5688888888888889],
        [0.5384693101056831, 0.4786286704993665],
        [-0.5384693101056831, 0.4786286704993665],
        [0.906179845938664, 0.2369268850561891],
        [-0.906179845938664, 0.2369268850561891],
    ];

    /** @var array{float, float, float} area, y and z of the centroid */
    public array $centroid;

    /**
     * @param  non-empty-list<non-empty-list<array{float, float}>>  $rings  outlines counterclockwise, holes clockwise:
     *     y, z
     * @param  list<array{float, float, float}>  $bars  y, z, area
     * @param  array{float, float, float}  $strains  ε_c2 and ε_cu2 (positive), n
     */
    public function __construct(
        private array $rings,
        public array $bars,
        private float $fcd,
        private float $fyd,
        private array $strains,
    ) {
        $this->centroid = $this->ofArea();
    }

    /** @return array{float, float, float} */
    private function ofArea(): array
    {
        $A = $Y = $Z = 0.0;
        foreach ($this->rings as $ring) {
            foreach ($ring as $i => [$y, $z]) {
                [$v, $w] = $ring[($i + 1) % count($ring)];
                $cross = $y * $w - $v * $z;
                $A += $cross / 2;
                $Y += (($y + $v) * $cross) / 6;
                $Z += (($z + $w) * $cross) / 6;
            }
        }

        return [$A, $Y / $A, $Z / $A];
    }

    /**
     * Forces with the neutral axis at a depth below the most compressed fibre.
     *
     * @param  float  $angle  of the direction towards the most compressed fibre, from z towards y, rad
     * @param  float  $depth  of the neutral axis, mm; INF: compression all over
     * @return array{N: float, My: float, Mz: float, top: float, bottom: float, stresses: list<float>} forces; strains
     *     of the extreme
     *     fibres, ‰, compression positive; stresses of the bars
     */
    public function forces(float $angle, float $depth): array
    {
        [$sin, $cos] = [sin($angle), cos($angle)];
        $along = fn (array $p): float => $p[0] * $sin + $p[1] * $cos;
        $levels = array_map($along, array_merge(...$this->rings));
        [$top, $h] = [max($levels), max($levels) - min($levels)];
        $strain = $this->strain($depth, $h);
        [$N, $My, $Mz] = $this->concrete($sin, $cos, fn (float $level): float => $strain($top - $level), $levels);
        $stresses = [];
        foreach ($this->bars as [$y, $z, $A]) {
            $eps = $strain($top - ($y * $sin + $z * $cos));
            $stresses[] = $stress = max(-$this->fyd, min($this->fyd, (self::ES * $eps) / 1000));
            $F = $A * ($stress - $this->stress($eps));
            $N += $F;
            $My += $F * ($z - $this->centroid[2]);
            $Mz += $F * ($y - $this->centroid[1]);
        }

        return [
            'N' => $N,
            'My' => $My,
            'Mz' => $Mz,
            'top' => $strain(0.0),
            'bottom' => $strain($h),
            'stresses' => $stresses,
        ];
    }

    /**
     * The neutral axis at which a direction gives an axial force, and the forces there.
     *
     * @return array{depth: float, forces: array{N: float, My: float, Mz: float, top: float, bottom: float,
     *     stresses: list<float>}}|null
     *     null: the section does not take the axial force
     */
    public function at(float $angle, float $N): ?array
    {
        // By the part of compression all over: depth = h t/(1 − t) grows from 0 to infinity.
        $depth = fn (float $t): float => $t >= 1.0 ? INF : (1000.0 * $t) / (1 - $t);
        [$low, $high] = [1e-9, 1.0];
        if ($N > $this->forces($angle, INF)['N'] + 1e-6 || $N < $this->forces($angle, $depth($low))['N'] - 1e-6) {
            return null;
        }
        for ($i = 0; $i < 200 && $high - $low > 1e-15; $i++) {
            $t = ($low + $high) / 2;
            $this->forces($angle, $depth($t))['N'] < $N ? ($low = $t) : ($high = $t);
        }

        return ['depth' => $depth($high), 'forces' => $this->forces($angle, $depth($high))];
    }

    /**
     * Strain (‰) at a depth below the most compressed fibre: ε_cu2 there, or with the axis outside of the section
     * turning about the point C of Figure 6.1.
     *
     * @return \Closure(float): float
     */
    private function strain(float $depth, float $h): \Closure
    {
        [$c2, $cu2] = $this->strains;
        if ($depth <= $h) {
            return fn (float $s): float => ($cu2 * ($depth - $s)) / $depth;
        }
        $C = $h * (1 - $c2 / $cu2);

        return fn (float $s): float => is_infinite($depth) ? $c2 : ($c2 * ($depth - $s)) / ($depth - $C);
    }

    /** Of concrete, MPa; none in tension. */
    private function stress(float $eps): float
    {
        [$c2, , $n] = $this->strains;

        return match (true) {
            $eps <= 0.0 => 0.0,
            $eps >= $c2 => $this->fcd,
            default => $this->fcd * (1 - (1 - $eps / $c2) ** $n),
        };
    }

    /**
     * @param  \Closure(float): float  $strain  at a level
     * @param  non-empty-list<float>  $levels  of the corners
     * @return array{float, float, float} N, M_y, M_z
     */
    private function concrete(float $sin, float $cos, \Closure $strain, array $levels): array
    {
        $cuts = array_values(array_unique([...$levels, ...$this->kinks($strain, min($levels), max($levels))]));
        sort($cuts);
        $N = $My = $Mz = 0.0;
        for ($i = 1; $i < count($cuts); $i++) {
            [$a, $b] = [$cuts[$i - 1], $cuts[$i]];
            foreach ($b - $a < 1e-9 ? [] : self::GAUSS as [$point, $weight]) {
                $level = ($a + $b) / 2 + ($point * ($b - $a)) / 2;
                $stress = $this->stress($strain($level));
                [$width, $moment] = $stress > 0.0 ? $this->chord($sin, $cos, $level) : [0.0, 0.0];
                $F = ($stress * $weight * ($b - $a)) / 2;
                // A point of the chord: level towards the compressed side, t across it.
                $N += $F * $width;
                $My += $F * ($width * ($level * $cos - $this->centroid[2]) - $moment * $sin);
                $Mz += $F * ($width * ($level * $sin - $this->centroid[1]) + $moment * $cos);
            }
        }

        return [$N, $My, $Mz];
    }

    /**
     * Levels where the law of stress changes.
     *
     * @param  \Closure(float): float  $strain
     * @return list<float>
     */
    private function kinks(\Closure $strain, float $low, float $high): array
    {
        [$a, $b] = [$strain($low), $strain($high)];
        $kinks = [];
        foreach (abs($b - $a) < 1e-12 ? [] : [0.0, $this->strains[0]] as $eps) {
            $level = $low + (($high - $low) * ($eps - $a)) / ($b - $a);
            if ($level > $low && $level < $high) {
                $kinks[] = $level;
            }
        }

        return $kinks;
    }

    /** @return array{float, float} how wide the section is at a level, and the integral of the place across it */
    private function chord(float $sin, float $cos, float $level): array
    {
        $width = $moment = 0.0;
        foreach ($this->rings as $ring) {
            foreach ($ring as $i => [$y, $z]) {
                [$v, $w] = $ring[($i + 1) % count($ring)];
                [$s, $e] = [$y * $sin + $z * $cos, $v * $sin + $w * $cos];
                if ($s <= $level === $e <= $level) {
                    continue;
                }
                $part = ($level - $s) / ($e - $s);
                $t = ($y + $part * ($v - $y)) * $cos - ($z + $part * ($w - $z)) * $sin;
                // Counterclockwise: on the right side of the material the ring goes up.
                $way = $e > $s ? 1 : -1;
                $width += $way * $t;
                $moment += ($way * $t ** 2) / 2;
            }
        }

        return [$width, $moment];
    }
}
