<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, Table B.3: factors for the shape of the moment diagrams in buckling with bending. Of moments that run
 * straight from end to end C_m = 0.6 + 0.4 ψ ≥ 0.4; of any other ones 1, on the safe side.
 */
final readonly class EquivalentMoments
{
    /**
     * @param  float|null  $psiY  ratio of the end moments about y-y between supports, −1 … 1; null: not straight, or not known
     * @param  float|null  $psiZ  the same about z-z, between places that hold both flanges
     * @param  float|null  $psiLT  about y-y between places that hold a flange
     * @param  bool  $swaysY  does the member buckle in the plane with its ends moving: longer than it is
     * @param  bool  $swaysZ  the same sideways
     */
    public function __construct(private ?float $psiY = null, private ?float $psiZ = null, private ?float $psiLT = null, private bool $swaysY = false, private bool $swaysZ = false)
    {
    }

    /** Ratio of two end moments, the smaller over the greater; null where there is none. */
    public static function ratio(float $start, float $end): ?float
    {
        [$less, $more] = abs($start) <= abs($end) ? [$start, $end] : [$end, $start];

        return $more == 0.0 ? null : $less / $more;
    }

    public function y(?Derivation $d = null): float
    {
        return self::factor('y', $this->psiY, $d, $this->swaysY);
    }

    public function z(?Derivation $d = null): float
    {
        return self::factor('z', $this->psiZ, $d, $this->swaysZ);
    }

    public function lateral(?Derivation $d = null): float
    {
        return self::factor('LT', $this->psiLT, $d);
    }

    private static function factor(string $of, ?float $psi, ?Derivation $d, bool $sways = false): float
    {
        if ($psi !== null && $sways) {
            $d?->given("C_m{$of}", 0.9, Kind::Number, 'Table B.3', 'the ends sway: the buckling length is more than the length');

            return 0.9;
        }
        if ($psi === null) {
            $d?->given("C_m{$of}", 1.0, Kind::Number, 'Table B.3', 'on the safe side');

            return 1.0;
        }
        $C = max(0.4, 0.6 + 0.4 * $psi);
        $d?->line("C_m{$of}", "max(0.4, 0.6 + 0.4 * psi_{$of})", ["psi_{$of}" => [$psi, Kind::Number]], $C, Kind::Number, 'Table B.3', 'ratio of the end moments');

        return $C;
    }
}
