<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 10: of sections of class 4 that have no effective one here the whole section counts, at the
 * stress at which the first of its plates buckles: ρ f_y with the least ρ of 4.4. Nothing shifts; on the safe side.
 */
final readonly class ReducedStress implements LocalBuckling
{
    public function __construct(private Profile $profile, private float $epsilon)
    {
    }

    public function modulus(string $axis, ?Derivation $d = null): float
    {
        $rho = $this->factor($axis === 'y' ? Strain::BendingY : Strain::BendingZ, $d);
        $W = $axis === 'y' ? $this->profile->whole->Wely : $this->profile->whole->Welz;
        $d?->with(['rho' => [$rho, Kind::Number], "W_el_{$axis}" => [$W, Kind::Modulus]])->line(
            "W_eff_{$axis}",
            "rho * W_el_{$axis}",
            Kind::Modulus,
            'EN 1993-1-5, 10(5)',
            'the whole section at a reduced stress',
        );

        return $rho * $W;
    }

    public function area(?Derivation $d = null): float
    {
        $rho = $this->factor(Strain::Compression, $d);
        $A = $this->profile->whole->A;
        $d?->with(['rho' => [$rho, Kind::Number], 'A' => [$A, Kind::Area]])->line(
            'A_eff',
            'rho * A',
            Kind::Area,
            'EN 1993-1-5, 10(5)',
            'the whole section at a reduced stress',
        );

        return $rho * $A;
    }

    public function says(): string
    {
        return 'It counts at a reduced stress (EN 1993-1-5, 10).';
    }

    public function foreign(): string
    {
        return '';
    }

    private function factor(Strain $by, ?Derivation $d): float
    {
        $factors = [];
        foreach ($this->profile->parts($by) as $part) {
            if ($part->class($this->epsilon) > 3) {
                $factors["rho_{$part->name}"] = $this->ofPart($part, $d);
            }
        }
        if ($factors === []) {
            return 1.0;
        }
        $d?->with(array_map(fn (float $rho): array => [$rho, Kind::Number], $factors))->line(
            'rho',
            count($factors) === 1 ? array_key_first($factors) : 'min('.implode(', ', array_keys($factors)).')',
            Kind::Number,
            'EN 1993-1-5, 10(5)',
            'of those of class 4',
        );

        return min($factors);
    }

    private function ofPart(ClassedPart $part, ?Derivation $d): float
    {
        $internal = fn (float $psi): float => PlateBuckling::internal(
            $part->name,
            $part->c,
            $part->t,
            $psi,
            $this->epsilon,
            $d,
        );
        $outstand = fn (float $k): float => PlateBuckling::outstand(
            $part->name,
            $part->c,
            $part->t,
            $this->epsilon,
            $d,
            $k,
        );

        return match ($part->limits[2]) {
            ClassedPart::INTERNAL[2] => $internal(1.0),
            ClassedPart::BENT[2] => $internal(-1.0),
            ClassedPart::OUTSTAND[2] => $outstand(PlateBuckling::OUTSTAND),
            // Of outstands that are bent Table 5.2 tells k_σ by its limit, 21 ε √k_σ.
            default => $outstand(($part->limits[2] / 21) ** 2),
        };
    }
}
