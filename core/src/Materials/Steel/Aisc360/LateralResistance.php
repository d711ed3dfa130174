<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\Resistance;
use Waage\Materials\Steel\BucklingLength;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F2.2, for one held length: from the load factor at which it buckles elastically, or by L_b and C_b
 * alone.
 *
 * From the elastic critical moment M_cr: with C_b of the governing unbraced length the length L_b that buckles at
 * M_cr is found, and F2.2 gives the strength. So the inelastic range between L_p and L_r is that of the standard
 * whatever holds the length between its ends and however high the loads act. More C_b at the same M_cr gives more
 * strength, so that C_b = 1 bounds it. Where its section changes the length buckles as a whole, and each section is
 * weighed with its own moment at that factor.
 */
final readonly class LateralResistance implements Resistance
{
    /**
     * @param  non-empty-list<array{LateralStrength, float, float}>  $parts  what each section of the length has,
     *     from, to (mm)
     * @param  list<BucklingLength>  $lengths  between places that hold a flange
     * @param  bool  $closed  by L_b and C_b, of one section
     */
    public function __construct(
        private array $parts,
        private Method $method,
        private array $lengths,
        private float $weight,
        public bool $closed,
    ) {
    }

    public function bound(float $M, float $alpha): float
    {
        return match (true) {
            $M <= 0.0 => 0.0,
            // C_b is 1 at least.
            $this->closed => $this->lengths === []
                ? 0.0
                : $M /
                    $this->available(
                        min(
                            array_map(
                                fn (BucklingLength $l): float => $this->parts[0][0]->nominal($l->length(), 1.0),
                                $this->lengths,
                            ),
                        ),
                    ),
            default => max(
                array_map(
                    fn (array $part): float => $M / $this->available($this->nominal($part[0], $alpha * $M, 1.0)),
                    $this->parts,
                ),
            ),
        };
    }

    public function utilisation(BucklingCase $case, float $alpha): float
    {
        return $this->part($case, $alpha)->ratio;
    }

    /** The section that is strained the most, by its own greatest moment. */
    public function part(BucklingCase $case, float $alpha): StrainedPart
    {
        if ($this->closed) {
            [$strength] = $this->parts[0];
            [$M, $x, $sign] = $case->greatest($this->weight);
            $braced = $M > 0.0 ? $this->braced($strength, $case) : null;

            return new StrainedPart(
                $strength,
                $braced === null
                    ? 0.0
                    : $braced->M / $this->available($strength->nominal($braced->length->length(), $braced->Cb)),
                $M,
                $x,
                $sign,
            );
        }
        $governing = new StrainedPart($this->parts[0][0], 0.0, 0.0, 0.0, 1);
        foreach ($this->parts as [$strength, $from, $to]) {
            [$M, $x, $sign] =
                count($this->parts) === 1 ? $case->greatest($this->weight) : $case->greatest($this->weight, $from, $to);
            if ($M <= 0.0) {
                continue;
            }
            $Mcr = min($alpha, $this->upTo($case)) * $M;
            // Above what is harmless C_b makes no difference, and is not asked for.
            $ratio =
                $M /
                $this->available(
                    $Mcr >= $strength->harmless()
                        ? $strength->local
                        : $this->nominal($strength, $Mcr, $this->braced($strength, $case)->Cb ?? 1.0),
                );
            $governing = $ratio > $governing->ratio ? new StrainedPart($strength, $ratio, $M, $x, $sign) : $governing;
        }

        return $governing;
    }

    public function usesFactor(): bool
    {
        return ! $this->closed;
    }

    public function isOfFactor(): bool
    {
        return ! $this->closed;
    }

    public function demand(BucklingCase $case, float $alpha): float
    {
        return $this->part($case, $alpha)->M;
    }

    public function upTo(BucklingCase $case): float
    {
        return $this->mostFactor($case->greatest($this->weight)[0]);
    }

    /** A section with a smaller moment than the greatest one is taken to buckle no later: on the safe side. */
    public function mostFactor(float $M): float
    {
        return max(array_map(fn (array $part): float => $part[0]->harmless() / $M, $this->parts));
    }

    /**
     * The unbraced length that a case strains the most by L_b and C_b; null: no flange that is not held is
     * compressed.
     */
    public function braced(LateralStrength $strength, BucklingCase $case): ?BracedLength
    {
        return BracedLength::heaviest($strength, $this->lengths, $case->diagram, $this->weight);
    }

    /** M_n from the elastic critical moment, Nmm. */
    private function nominal(LateralStrength $strength, float $Mcr, float $Cb): float
    {
        return $Mcr >= $strength->harmless()
            ? $strength->local
            : $strength->nominal($strength->lengthOf($Mcr, $Cb), $Cb);
    }

    private function available(float $Mn): float
    {
        return $this->method->available('M_n', $Mn, Flexure::FACTORS, 'b', Kind::Moment, '');
    }
}
