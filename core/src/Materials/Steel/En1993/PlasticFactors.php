<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Section;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, Table A.1: C_yy, C_yz, C_zy and C_zz, which count plasticity of sections of class 1 and 2. */
final readonly class PlasticFactors
{
    private Section $section;

    private float $n;

    /** λ_max. */
    private float $most;

    /** b_LT, c_LT, d_LT and e_LT. */
    private float $b;

    private float $c;

    private float $d;

    private float $e;

    private float $leastY;

    private float $leastZ;

    /**
     * @param  array{float, float}  $w  W_pl over W_el about y-y and z-z, not more than 1.5
     * @param  float  $aLT  a_LT
     * @param  float  $lambda0  slenderness under a uniform moment
     * @param  array{float, float}  $Cm  C_my and C_mz
     */
    public function __construct(
        private PressedMember $member,
        private array $w,
        private float $aLT,
        private float $lambda0,
        private array $Cm,
    ) {
        $s = $this->section = $member->steel->section;
        [$Cy, $Cz] = $Cm;
        [$uLT, $uz, $lz] = [$member->bending->uLT, $member->bending->uz, $member->buckling->z->lambda];
        $this->n = $member->N / (($member->A * $member->steel->fy) / $member->steel->basis->steel->gammaM1);
        $this->most = max($member->buckling->y->lambda, $lz);
        $this->b = 0.5 * $aLT * $lambda0 ** 2 * $uLT * $uz;
        $this->c = (((10 * $aLT * $lambda0 ** 2) / (5 + $lz ** 4)) * $uLT) / $Cy;
        $this->d = (((((2 * $aLT * $lambda0) / (0.1 + $lz ** 4)) * $uLT) / $Cy) * $uz) / $Cz;
        $this->e = (((1.7 * $aLT * $lambda0) / (0.1 + $lz ** 4)) * $uLT) / $Cy;
        [$this->leastY, $this->leastZ] = [$s->Wely / $s->Wply, $s->Welz / $s->Wplz];
    }

    /** @return array{float, float, float, float} C_yy, C_yz, C_zy, C_zz */
    public function values(): array
    {
        [[$wy, $wz], [$Cy, $Cz], $most, $n] = [$this->w, $this->Cm, $this->most, $this->n];
        $powers = $most + $most ** 2;

        return [
            max($this->leastY, 1 + ($wy - 1) * ((2 - (1.6 / $wy) * $Cy ** 2 * $powers) * $n - $this->b)),
            max(
                0.6 * sqrt($wz / $wy) * $this->leastZ,
                1 + ($wz - 1) * ((2 - (14 * $Cz ** 2 * $most ** 2) / $wz ** 5) * $n - $this->c),
            ),
            max(
                0.6 * sqrt($wy / $wz) * $this->leastY,
                1 + ($wy - 1) * ((2 - (14 * $Cy ** 2 * $most ** 2) / $wy ** 5) * $n - $this->d),
            ),
            max($this->leastZ, 1 + ($wz - 1) * (2 - (1.6 / $wz) * $Cz ** 2 * $powers - $this->e) * $n),
        ];
    }

    public function derive(Derivation $d): void
    {
        $member = $this->member;
        $s = $this->section;
        [[$wy, $wz], [$Cy, $Cz], $aLT, $lambda0, $lz] = [
            $this->w,
            $this->Cm,
            $this->aLT,
            $this->lambda0,
            $member->buckling->z->lambda,
        ];
        $area = [
            'A' => [$member->A, Kind::Area],
            'f_y' => [$member->steel->fy, Kind::Stress],
            'gamma_M1' => [$member->steel->basis->steel->gammaM1, Kind::Number],
        ];
        $modulus = fn (string $symbol, float $W): array => [$symbol => [$W, Kind::Modulus]];
        $d->with(['N_c' => [$member->N, Kind::Force], ...$area])->line(
            'n_pl',
            'N_c / (A * f_y / gamma_M1)',
            Kind::Number,
            'Table A.1',
        );
        $d->with([...$modulus('W_pl_y', $s->Wply), ...$modulus('W_el_y', $s->Wely)])->line(
            'w_y',
            'min(1.5, W_pl_y / W_el_y)',
            Kind::Number,
            'Table A.1',
        );
        $d->with([...$modulus('W_pl_z', $s->Wplz), ...$modulus('W_el_z', $s->Welz)])->line(
            'w_z',
            'min(1.5, W_pl_z / W_el_z)',
            Kind::Number,
            'Table A.1',
        );
        $d->with(['lambda_y' => [$member->buckling->y->lambda, Kind::Number], 'lambda_z' => [$lz, Kind::Number]])->line(
            'lambda_max',
            'max(lambda_y, lambda_z)',
            Kind::Number,
            'Table A.1',
        );
        $of = [
            'a_LT' => $aLT,
            'lambda_0' => $lambda0,
            'lambda_z' => $lz,
            'lambda_max' => $this->most,
            'u_LT' => $member->bending->uLT,
            'u_z' => $member->bending->uz,
            'C_my' => $Cy,
            'C_mz' => $Cz,
            'n_pl' => $this->n,
            'w_y' => $wy,
            'w_z' => $wz,
            'b_LT' => $this->b,
            'c_LT' => $this->c,
            'd_LT' => $this->d,
            'e_LT' => $this->e,
            'v_y' => $this->leastY,
            'v_z' => $this->leastZ,
        ];
        $d->with(array_map(fn (float $v): array => [$v, Kind::Number], $of));
        $isTwisted = $lambda0 > 0.0;
        $isSideways = $member->bending->uz > 0.0;
        $isTwisted && $isSideways
            ? $d->line('b_LT', '0.5 * a_LT * lambda_0^2 * u_LT * u_z', Kind::Number, 'Table A.1')
            : $d->given('b_LT', 0.0, Kind::Number, 'Table A.1');
        $isTwisted && $isSideways
            ? $d->line(
                'd_LT',
                '2 * a_LT * lambda_0 / (0.1 + lambda_z^4) * u_LT / C_my * u_z / C_mz',
                Kind::Number,
                'Table A.1',
            )
            : $d->given('d_LT', 0.0, Kind::Number, 'Table A.1');
        $d->with([...$modulus('W_el_y', $s->Wely), ...$modulus('W_pl_y', $s->Wply)])->line(
            'v_y',
            'W_el_y / W_pl_y',
            Kind::Number,
            'Table A.1',
        );
        $d->line(
            'C_yy',
            'max(v_y, 1 + (w_y - 1) * ((2 - 1.6 / w_y * C_my^2 * (lambda_max + lambda_max^2)) * n_pl - b_LT))',
            Kind::Number,
            'Table A.1',
        );
        $d->line(
            'C_zy',
            'max(0.6 * sqrt(w_y / w_z) * v_y, 1 + (w_y - 1) * ((2 - 14 * C_my^2 * lambda_max^2 / w_y^5) * n_pl - d_LT))',
            Kind::Number,
            'Table A.1',
        );
        if ($isSideways) {
            $isTwisted
                ? $d->line('c_LT', '10 * a_LT * lambda_0^2 / (5 + lambda_z^4) * u_LT / C_my', Kind::Number, 'Table A.1')
                : $d->given('c_LT', 0.0, Kind::Number, 'Table A.1');
            $isTwisted
                ? $d->line(
                    'e_LT',
                    '1.7 * a_LT * lambda_0 / (0.1 + lambda_z^4) * u_LT / C_my',
                    Kind::Number,
                    'Table A.1',
                )
                : $d->given('e_LT', 0.0, Kind::Number, 'Table A.1');
            $d->with([...$modulus('W_el_z', $s->Welz), ...$modulus('W_pl_z', $s->Wplz)])->line(
                'v_z',
                'W_el_z / W_pl_z',
                Kind::Number,
                'Table A.1',
            );
            $d->line(
                'C_yz',
                'max(0.6 * sqrt(w_z / w_y) * v_z, 1 + (w_z - 1) * ((2 - 14 * C_mz^2 * lambda_max^2 / w_z^5) * n_pl - c_LT))',
                Kind::Number,
                'Table A.1',
            );
            $d->line(
                'C_zz',
                'max(v_z, 1 + (w_z - 1) * (2 - 1.6 / w_z * C_mz^2 * (lambda_max + lambda_max^2) - e_LT) * n_pl)',
                Kind::Number,
                'Table A.1',
            );
        }
    }
}
