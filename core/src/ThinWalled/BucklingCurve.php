<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/** The factor at which a section buckles over the half-wavelength, and its least values: local, then distortional. */
final readonly class BucklingCurve
{
    private const STATIONS = 32;

    /** Golden section. */
    private const PART = 0.381966011250105;

    /** @var list<array{float, float}> half-wavelength (mm), factor */
    public array $stations;

    /** @param  list<float>  $stresses  of the points, compression positive */
    public function __construct(
        private FiniteStrip $strips,
        private array $stresses,
        public float $from,
        public float $to,
    ) {
        $stations = [];
        for ($i = 0; $i <= self::STATIONS; $i++) {
            $length = $from * ($to / $from) ** ($i / self::STATIONS);
            $stations[] = [$length, $strips->factor($length, $stresses)];
        }
        $this->stations = $stations;
    }

    /** @return list<array{float, float}> minima of the curve from the shortest on: half-wavelength, factor */
    public function minima(): array
    {
        $minima = [];
        for ($i = 1; $i < count($this->stations) - 1; $i++) {
            [$before, $here, $after] = [$this->stations[$i - 1], $this->stations[$i], $this->stations[$i + 1]];
            if ($here[1] <= $before[1] && $here[1] < $after[1]) {
                $minima[] = $this->least($before[0], $after[0]);
            }
        }

        return $minima;
    }

    /** @return array{float, float} the least between two half-wavelengths that enclose one */
    private function least(float $a, float $b): array
    {
        $of = fn (float $x): float => $this->strips->factor($x, $this->stresses);
        [$p, $q] = [$a + self::PART * ($b - $a), $b - self::PART * ($b - $a)];
        [$fp, $fq] = [$of($p), $of($q)];
        for ($i = 0; $i < 12; $i++) {
            if ($fp < $fq) {
                [$b, $q, $fq] = [$q, $p, $fp];
                $p = $a + self::PART * ($b - $a);
                $fp = $of($p);
            } else {
                [$a, $p, $fp] = [$p, $q, $fq];
                $q = $b - self::PART * ($b - $a);
                $fq = $of($q);
            }
        }

        return $fp < $fq ? [$p, $fp] : [$q, $fq];
    }
}
