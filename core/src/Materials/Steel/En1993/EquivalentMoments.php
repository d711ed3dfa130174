<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\EndMoments;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, Table B.3: factors for the shape of the moment diagrams in buckling with bending. Of moments
 * that run straight from end to end C_m = 0.6 + 0.4 ψ ≥ 0.4; of loads between ends without moments 0.95, as of even
 * ones; of any other ones 1, on the safe side.
 */
final readonly class EquivalentMoments
{
    public function __construct(public EndMoments $moments = new EndMoments())
    {
    }

    public function y(?Derivation $d = null): float
    {
        return self::factor('y', $this->moments->y, $d, $this->moments->vanish[0], $this->moments->swaysY);
    }

    public function z(?Derivation $d = null): float
    {
        return self::factor('z', $this->moments->z, $d, $this->moments->vanish[1], $this->moments->swaysZ);
    }

    public function lateral(?Derivation $d = null): float
    {
        return self::factor('LT', $this->moments->lateral, $d, $this->moments->vanish[2]);
    }

    private static function factor(string $of, ?float $psi, ?Derivation $d, bool $vanish, bool $sways = false): float
    {
        if ($psi !== null && $sways) {
            $d?->given(
                "C_m{$of}",
                0.9,
                Kind::Number,
                'Table B.3',
                'the ends sway: the buckling length is more than the length',
            );

            return 0.9;
        }
        if ($psi === null && $vanish && ! $sways) {
            $d?->given(
                "C_m{$of}",
                0.95,
                Kind::Number,
                'Table B.3',
                'loads between ends without moments, as if even: α_h = 0',
            );

            return 0.95;
        }
        if ($psi === null) {
            $d?->given("C_m{$of}", 1.0, Kind::Number, 'Table B.3', 'on the safe side');

            return 1.0;
        }
        $C = max(0.4, 0.6 + 0.4 * $psi);
        $d?->with(["psi_{$of}" => [$psi, Kind::Number]])->line(
            "C_m{$of}",
            "max(0.4, 0.6 + 0.4 * psi_{$of})",
            Kind::Number,
            'Table B.3',
            'ratio of the end moments',
        );

        return $C;
    }
}
