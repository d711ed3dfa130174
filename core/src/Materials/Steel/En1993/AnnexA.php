<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, Annex A (method 1): Tables A.1 and A.2.
 *
 * C_m,0 of moments that run straight from end to end by their ratio, of loads between ends without moments as of
 * even ones, of any other ones as under a uniform moment, on the safe side; so is C_1 = 1 in what tells whether
 * lateral-torsional buckling counts.
 */
final readonly class AnnexA implements Interaction
{
    /** Smallest 1 − N/N_cr: nearer to buckling the member fails by compression anyway. */
    private const LEAST = 0.05;

    public function factors(PressedMember $member, ?Derivation $d = null): array
    {
        $s = $member->steel->section;
        $Nz = $member->buckling->weakest->flexuralForce(SteelGrade::E, $member->buckling->Lz);
        $NT = $member->buckling->twists
            ? $member->buckling->weakest->torsionalForce(SteelGrade::E, SteelGrade::G, $member->buckling->LT)
            : INF;
        [$ry, $rz, $rT] = array_map(fn (float $Ncr): float => max(self::LEAST, 1 - $member->N / $Ncr), [
            $member->buckling->y->critical,
            $Nz,
            $NT,
        ]);
        $this->deriveRest('y', $member->N, $member->buckling->y->critical, 'N_cr_y', $ry, $d);
        $this->deriveRest('z', $member->N, $Nz, 'N_z', $rz, $d);
        $muY = $this->reduction('y', $member->buckling->y->chi, $ry, $d);
        $muZ = $this->reduction('z', $member->buckling->z->chi, $rz, $d);
        $Cy0 = $this->equivalent(
            'y',
            $member->bending->shape->moments->y,
            $member->bending->shape->moments->vanish[0] && ! $member->bending->shape->moments->swaysY,
            $ry,
            $d,
        );
        $Cz = $this->equivalent(
            'z',
            $member->bending->shape->moments->z,
            $member->bending->shape->moments->vanish[1] && ! $member->bending->shape->moments->swaysZ,
            $rz,
            $member->bending->uz > 0.0 ? $d : null,
        );
        [$aLT, $lambda0, $Cy, $CLT] = $this->lateral($member, $Nz, $NT, $rz, $rT, $Cy0, $d);
        $Cyy = $Cyz = $Czy = $Czz = 1.0;
        [$wy, $wz] = [min(1.5, $s->Wply / $s->Wely), min(1.5, $s->Wplz / $s->Welz)];
        [$fyz, $fzy] = [1.0, 1.0];
        if ($member->isPlastic()) {
            $plastic = new PlasticFactors($member, [$wy, $wz], $aLT, $lambda0, [$Cy, $Cz]);
            [$Cyy, $Cyz, $Czy, $Czz] = $plastic->values();
            $d === null ? null : $plastic->derive($d);
            [$fyz, $fzy] = [0.6 * sqrt($wz / $wy), 0.6 * sqrt($wy / $wz)];
        }
        $kyy = ($Cy * $CLT * $muY) / $ry / $Cyy;
        $kzy = (($Cy * $CLT * $muZ) / $ry / $Czy) * $fzy;
        [$kyz, $kzz] = [(($Cz * $muY) / $rz / $Cyz) * $fyz, ($Cz * $muZ) / $rz / $Czz];
        $isPlastic = $member->isPlastic();
        $of = [
            'C_my' => $Cy,
            'C_mLT' => $CLT,
            'C_mz' => $Cz,
            'mu_y' => $muY,
            'mu_z' => $muZ,
            'r_y' => $ry,
            'r_z' => $rz,
            'C_yy' => $Cyy,
            'C_yz' => $Cyz,
            'C_zy' => $Czy,
            'C_zz' => $Czz,
            'w_y' => $wy,
            'w_z' => $wz,
        ];
        $d?->with(self::numbers($of));
        $d?->line('k_yy', 'C_my * C_mLT * mu_y / r_y'.($isPlastic ? ' / C_yy' : ''), Kind::Number, 'Table A.1');
        $d?->line(
            'k_zy',
            'C_my * C_mLT * mu_z / r_y'.($isPlastic ? ' / C_zy * 0.6 * sqrt(w_y / w_z)' : ''),
            Kind::Number,
            'Table A.1',
        );
        if ($member->bending->uz > 0.0) {
            $d?->line(
                'k_yz',
                'C_mz * mu_y / r_z'.($isPlastic ? ' / C_yz * 0.6 * sqrt(w_z / w_y)' : ''),
                Kind::Number,
                'Table A.1',
            );
            $d?->line('k_zz', 'C_mz * mu_z / r_z'.($isPlastic ? ' / C_zz' : ''), Kind::Number, 'Table A.1');
        }

        return [$kyy, $kyz, $kzy, $kzz];
    }

    private function deriveRest(string $axis, float $N, float $Ncr, string $symbol, float $rest, ?Derivation $d): void
    {
        is_finite($Ncr)
            ? $d
                ?->with(['N_c' => [$N, Kind::Force], $symbol => [$Ncr, Kind::Force]])
                ->line("r_{$axis}", "max(0.05, 1 - N_c / {$symbol})", Kind::Number, 'Table A.1')
            : $d?->given("r_{$axis}", 1.0, Kind::Number, 'Table A.1', '1 − N/N_cr, far from buckling');
    }

    /** μ = (1 − N/N_cr) / (1 − χ N/N_cr). */
    private function reduction(string $axis, float $chi, float $rest, ?Derivation $d): float
    {
        $mu = $rest / (1 - $chi * (1 - $rest));
        $d?->with(["r_{$axis}" => [$rest, Kind::Number], "chi_{$axis}" => [$chi, Kind::Number]])->line(
            "mu_{$axis}",
            "r_{$axis} / (1 - chi_{$axis} * (1 - r_{$axis}))",
            Kind::Number,
            'Table A.1',
        );

        return $mu;
    }

    /** C_m,0 (Table A.2). */
    private function equivalent(string $axis, ?float $psi, bool $vanish, float $rest, ?Derivation $d): float
    {
        if ($psi === null && $vanish) {
            $C = 1 + 0.03 * (1 - $rest);
            $d?->with(["r_{$axis}" => [$rest, Kind::Number]])->line(
                $axis === 'y' ? 'C_my_0' : 'C_mz',
                "1 + 0.03 * (1 - r_{$axis})",
                Kind::Number,
                'Table A.2',
                'loads between ends without moments, as if even',
            );

            return $C;
        }
        $C = 0.79 + 0.21 * ($psi ?? 1.0) + 0.36 * (($psi ?? 1.0) - 0.33) * (1 - $rest);
        $symbol = $axis === 'y' ? 'C_my_0' : 'C_mz';
        $d?->given(
            "psi_{$axis}",
            $psi ?? 1.0,
            Kind::Number,
            'Table A.2',
            $psi === null ? 'as under a uniform moment: on the safe side' : 'ratio of the end moments',
        );
        $d?->with(["r_{$axis}" => [$rest, Kind::Number]])->line(
            $symbol,
            "0.79 + 0.21 * psi_{$axis} + 0.36 * (psi_{$axis} - 0.33) * (1 - r_{$axis})",
            Kind::Number,
            'Table A.2',
        );

        return $C;
    }

    /** @return array{float, float, float, float} a_LT, slenderness under a uniform moment, C_my, C_mLT */
    private function lateral(
        PressedMember $member,
        float $Nz,
        float $NT,
        float $rz,
        float $rT,
        float $Cy0,
        ?Derivation $d,
    ): array {
        $s = $member->steel->section;
        $steel = $member->steel;
        $aLT = max(0.0, 1 - $s->It / $s->Iy);
        if (! is_finite($Nz) || ! is_finite($NT)) {
            $d?->with(['C_my_0' => [$Cy0, Kind::Number]])->line(
                'C_my',
                'C_my_0',
                Kind::Number,
                'Table A.1',
                $member->buckling->twists ? 'continuously restrained' : 'the section does not twist',
            );
            $d?->given('C_mLT', 1.0, Kind::Number, 'Table A.1');

            return [$aLT, 0.0, $Cy0, 1.0];
        }
        $M0 = sqrt(($Nz * $NT * ($s->Iy + $s->Iz)) / $s->A);
        $lambda0 = sqrt(($steel->modulus * $steel->fy) / $M0);
        $limit = 0.2 * ($rz * $rT) ** 0.25;
        $symbol = $steel->modulusSymbol();
        $d?->with(['I_t' => [$s->It, Kind::SecondMoment], 'I_y' => [$s->Iy, Kind::SecondMoment]])->line(
            'a_LT',
            'max(0, 1 - I_t / I_y)',
            Kind::Number,
            'Table A.1',
        );
        $d?->with([
            'N_z' => [$Nz, Kind::Force],
            'N_T' => [$NT, Kind::Force],
            'I_z' => [$s->Iz, Kind::SecondMoment],
            'A' => [$s->A, Kind::Area],
        ])->line('M_cr_0', 'sqrt(N_z * N_T * (I_y + I_z) / A)', Kind::Moment, 'Table A.1', 'under a uniform moment');
        $d?->with([$symbol => [$steel->modulus, Kind::Modulus], 'f_y' => [$steel->fy, Kind::Stress]])->line(
            'lambda_0',
            "sqrt({$symbol} * f_y / M_cr_0)",
            Kind::Number,
            'Table A.1',
        );
        $d?->with(['N_c' => [$member->N, Kind::Force]])->line(
            'r_T',
            'max(0.05, 1 - N_c / N_T)',
            Kind::Number,
            'Table A.1',
        );
        $d?->with(['r_z' => [$rz, Kind::Number]])->line(
            'lambda_lim',
            '0.2 * (r_z * r_T)^0.25',
            Kind::Number,
            'Table A.1',
            'C_1 = 1: on the safe side',
        );
        if ($lambda0 <= $limit) {
            $d?->with(['C_my_0' => [$Cy0, Kind::Number]])->line(
                'C_my',
                'C_my_0',
                Kind::Number,
                'Table A.1',
                'λ_0 not above the limit',
            );
            $d?->given('C_mLT', 1.0, Kind::Number, 'Table A.1');

            return [$aLT, $lambda0, $Cy0, 1.0];
        }
        [$W, $ofW] = $steel->class > 3 ? [$steel->modulus, 'W_eff_y'] : [$s->Wely, 'W_el_y'];
        $A = $member->class > 3 ? 'A_eff' : 'A';
        $epsilon = (($member->bending->M / $member->N) * $member->A) / $W;
        $root = sqrt($epsilon) * $aLT;
        $Cy = $Cy0 + ((1 - $Cy0) * $root) / (1 + $root);
        $CLT = max(1.0, ($Cy ** 2 * $aLT) / sqrt($rz * $rT));
        $d?->given('M_Ed', $member->bending->M, Kind::Moment, '', 'greatest moment about y-y');
        $d?->with([$A => [$member->A, Kind::Area], $ofW => [$W, Kind::Modulus]])->line(
            'epsilon_y',
            "M_Ed / N_c * {$A} / {$ofW}",
            Kind::Number,
            'Table A.1',
        );
        $d?->with(['C_my_0' => [$Cy0, Kind::Number]])->line(
            'C_my',
            'C_my_0 + (1 - C_my_0) * sqrt(epsilon_y) * a_LT / (1 + sqrt(epsilon_y) * a_LT)',
            Kind::Number,
            'Table A.1',
        );
        $d?->line('C_mLT', 'max(1, C_my^2 * a_LT / sqrt(r_z * r_T))', Kind::Number, 'Table A.1');

        return [$aLT, $lambda0, $Cy, $CLT];
    }

    /**
     * @param  array<string, float>  $of  by symbol
     * @return array<string, array{float, Kind}>
     */
    private static function numbers(array $of): array
    {
        return array_map(fn (float $v): array => [$v, Kind::Number], $of);
    }
}
