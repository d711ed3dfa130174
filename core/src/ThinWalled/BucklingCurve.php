<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/** The factor at which a section buckles over the half-wavelength, and its least values: local, then distortional. */
final readonly class BucklingCurve
{
    private const STATIONS = 32;

    /** Parabolas, each through the three nearest: the stress is then known to a part in 10⁵. */
    private const PARABOLAS = 4;

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
                $minima[] = $this->least($before, $here, $after);
            }
        }

        return $minima;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b  lower than both of its neighbours
     * @param  array{float, float}  $c
     * @return array{float, float} the least between them, by the logarithm of the half-wavelength
     */
    private function least(array $a, array $b, array $c): array
    {
        for ($i = 0; $i < self::PARABOLAS; $i++) {
            [$left, $right] = [log($a[0] / $b[0]), log($c[0] / $b[0])];
            [$p, $q] = [($a[1] - $b[1]) / $left, ($c[1] - $b[1]) / $right];
            $to = $q > $p ? ($q * $left - $p * $right) / (2 * ($q - $p)) : 0.0;
            if (abs($to) < 1e-5) {
                break;
            }
            $length = $b[0] * exp($to);
            $new = [$length, $this->strips->factor($length, $this->stresses)];
            [$a, $b, $c] = match (true) {
                $new[1] < $b[1] => $to < 0.0 ? [$a, $new, $b] : [$b, $new, $c],
                default => $to < 0.0 ? [$new, $b, $c] : [$a, $b, $new],
            };
        }

        return $b;
    }
}
