<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\Resistance;
use Waage\Standards\BucklingLength;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F2.2, for one held length: from the load factor at which it buckles elastically, or by L_b and C_b alone.
 *
 * From the elastic critical moment M_cr: with C_b of the governing unbraced length the length L_b that buckles at M_cr is
 * found, and F2.2 gives the strength. So the inelastic range between L_p and L_r is that of the standard whatever holds
 * the length between its ends and however high the loads act. More C_b at the same M_cr gives more strength, so that
 * C_b = 1 bounds it.
 */
final readonly class LateralResistance implements Resistance
{
    /**
     * @param  list<BucklingLength>  $lengths  between places that hold a flange
     * @param  bool  $closed  by L_b and C_b
     */
    public function __construct(public LateralStrength $strength, private Method $method, private array $lengths, private float $weight, public bool $closed)
    {
    }

    public function bound(float $M, float $alpha): float
    {
        return match (true) {
            $M <= 0.0 => 0.0,
            $this->closed => INF,
            default => $M / $this->available($this->nominal($alpha * $M, 1.0)),
        };
    }

    public function utilisation(BucklingCase $case, float $alpha): float
    {
        [$M] = $case->greatest($this->weight);
        if ($M <= 0.0) {
            return 0.0;
        }
        if (! $this->closed && min($alpha, $this->mostFactor($M)) * $M >= $this->strength->harmless()) {
            return $M / $this->available($this->strength->local);
        }
        $braced = $this->braced($case);
        if ($this->closed) {
            return $braced === null ? 0.0 : $braced->M / $this->available($this->strength->nominal($braced->length->length(), $braced->Cb));
        }

        return $M / $this->available($this->nominal($alpha * $M, $braced->Cb ?? 1.0));
    }

    public function isOfFactor(): bool
    {
        return ! $this->closed;
    }

    public function mostFactor(float $M): float
    {
        return $this->strength->harmless() / $M;
    }

    /** The unbraced length that a case strains the most by L_b and C_b; null: no flange that is not held is compressed. */
    public function braced(BucklingCase $case): ?BracedLength
    {
        return BracedLength::heaviest($this->strength, $this->lengths, $case->diagram, $this->weight);
    }

    /** M_n from the elastic critical moment, Nmm. */
    public function nominal(float $Mcr, float $Cb): float
    {
        return $Mcr >= $this->strength->harmless() ? $this->strength->local : $this->strength->nominal($this->strength->lengthOf($Mcr, $Cb), $Cb);
    }

    private function available(float $Mn): float
    {
        return $this->method->available('M_n', $Mn, Flexure::FACTORS, 'b', Kind::Moment, '');
    }
}
