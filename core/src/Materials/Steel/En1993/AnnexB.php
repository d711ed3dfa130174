<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, Annex B (method 2): Tables B.1 to B.3. */
final readonly class AnnexB implements Interaction
{
    public function factors(PressedMember $member, ?Derivation $d = null): array
    {
        $plastic = $member->isPlastic();
        $shape = $member->bending->shape;
        $kyy = $this->factor('y', $member->buckling->y, $plastic ? [1.0, 0.2] : [0.6, 0.0], $shape->y($d), $d);
        if ($member->buckling->twists) {
            $kzy = $this->lateral($member->buckling->z, $plastic, $shape->lateral($d), $d);
        } else {
            $kzy = ($plastic ? 0.6 : 0.8) * $kyy;
            $d?->with(['k_yy' => [$kyy, Kind::Number]])->line(
                'k_zy',
                $plastic ? '0.6 * k_yy' : '0.8 * k_yy',
                Kind::Number,
                'Table B.1',
                'the section does not twist',
            );
        }
        if ($member->bending->uz <= 0.0) {
            return [$kyy, 0.0, $kzy, 0.0];
        }
        $kzz = $this->factor(
            'z',
            $member->buckling->z,
            match (true) {
                ! $plastic => [0.6, 0.0],
                $member->buckling->twists => [2.0, 0.6],
                default => [1.0, 0.2],
            },
            $shape->z($d),
            $d,
        );
        $kyz = ($plastic ? 0.6 : 1.0) * $kzz;
        $d?->with(['k_zz' => [$kzz, Kind::Number]])->line(
            'k_yz',
            $plastic ? '0.6 * k_zz' : 'k_zz',
            Kind::Number,
            'Table B.1',
        );

        return [$kyy, $kyz, $kzy, $kzz];
    }

    /**
     * k_yy or k_zz of Table B.1: C_m (1 + (a λ − b) n), not more than with λ = 1 (a = 0.6: 1 + 0.6 n; an I section
     * about z-z in class 1 and 2: 1 + 1.4 n).
     *
     * @param  array{float, float}  $of  a, b
     */
    private function factor(string $axis, AxisBuckling $about, array $of, float $C, ?Derivation $d): float
    {
        [$a, $b] = $of;
        $most = $a - $b;
        $k = $C * min(1 + ($a * $about->lambda - $b) * $about->n, 1 + $most * $about->n);
        $times = ($a === 1.0 ? '' : "{$a} * ")."lambda_{$axis}";
        $slope = $b === 0.0 ? $times : "({$times} - {$b})";
        $d?->with([
            "C_m{$axis}" => [$C, Kind::Number],
            "lambda_{$axis}" => [$about->lambda, Kind::Number],
            "n_{$axis}" => [$about->n, Kind::Number],
        ])->line(
            "k_{$axis}{$axis}",
            "C_m{$axis} * min(1 + {$slope} * n_{$axis}, 1 + {$most} * n_{$axis})",
            Kind::Number,
            'Table B.1',
        );

        return $k;
    }

    /** k_zy of Table B.2, for members that can twist. */
    private function lateral(AxisBuckling $z, bool $plastic, float $C, ?Derivation $d): float
    {
        $part = $plastic ? 0.1 : 0.05;
        $values = [
            'lambda_z' => [$z->lambda, Kind::Number],
            'n_z' => [$z->n, Kind::Number],
            'C_mLT' => [$C, Kind::Number],
        ];
        if ($plastic && $z->lambda < 0.4) {
            $k = min(0.6 + $z->lambda, 1 - ($part * $z->lambda * $z->n) / ($C - 0.25));
            $d?->with($values)->line(
                'k_zy',
                'min(0.6 + lambda_z, 1 - 0.1 * lambda_z * n_z / (C_mLT - 0.25))',
                Kind::Number,
                'Table B.2',
                'λ_z below 0.4',
            );

            return $k;
        }
        $k = max(1 - ($part * $z->lambda * $z->n) / ($C - 0.25), 1 - ($part * $z->n) / ($C - 0.25));
        $d?->with($values)->line(
            'k_zy',
            "max(1 - {$part} * lambda_z * n_z / (C_mLT - 0.25), 1 - {$part} * n_z / (C_mLT - 0.25))",
            Kind::Number,
            'Table B.2',
        );

        return $k;
    }
}
