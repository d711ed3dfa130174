<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Column;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.3, 6.2.4, 6.2.9.1, 6.2.1(7), 6.3.1, 6.3.3: bending about y-y with an axial force that cannot
 * be left out, or with bending about z-z, or with both.
 *
 * On the safe side: the greatest axial force of a combination acts with its greatest moments; sections of class 3
 * and 4 by the sum of their utilisations; interaction of buckling by Annex B or A, with C_m = 1 or as under a
 * uniform moment where moments do not run straight. In class 4 the effective area counts; sections with two axes of
 * symmetry have no e_N.
 */
final readonly class BeamColumn
{
    private const SIDEWAYS = 'greatest utilisation in bending about the minor axis';

    /** The weighing of buckling, the one that lateral-torsional buckling is part of. */
    public const BUCKLING = 'buckling-axial';

    /** Smallest denominator of what amplifies moments: nearer to buckling the member fails by compression anyway. */
    private const LEAST = 0.05;

    /**
     * Class in bending about y-y with the compression; in compression alone where nothing, or something else, bends
     * it.
     */
    public int $class;

    /** Area that counts with it, mm². */
    private float $A;

    private EquivalentMoments $shape;

    /**
     * @param  float  $bending  utilisation in bending, with shear where it counts
     * @param  float  $lateral  utilisation in lateral-torsional buckling
     * @param  float  $sideways  utilisation in bending about z-z; 0: nothing bends it so
     * @param  Section  $weakest  what the member is sideways: where its section changes another one than this
     * @param  HighShear|null  $shear  null: nowhere more than half of the resistance
     */
    public function __construct(
        private SteelSection $steel,
        private Column $column,
        private float $bending,
        private float $lateral,
        private float $sideways,
        private Section $weakest,
        private ?HighShear $shear = null,
    ) {
        $compression = $column->compression;
        $this->shape = new EquivalentMoments($column->moments);
        $this->class = $this->isBentInPlane()
            ? Classification::together($steel, $compression)
            : $steel->classIn(Strain::Compression);
        $this->A = $compression > 0.0 && $this->class > 3 ? $steel->compressedArea() : $steel->section->A;
    }

    /** @return non-empty-list<Weighing> */
    public function weigh(Detail $detail): array
    {
        return [
            ...$this->column->compression + $this->column->tension > 0.0 ? [$this->section($detail)] : [],
            $this->sum($detail),
            ...$this->column->compression > 0.0 ? [$this->buckling($detail)] : [],
            ...$this->column->compression > 0.0 || $this->sideways === 0.0 ? [] : [$this->lateralWithSideways($detail)],
        ];
    }

    private function section(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $N = max($this->column->compression, $this->column->tension);
        $d?->given(
            'N_Ed',
            $N,
            Kind::Force,
            '',
            $this->column->compression >= $this->column->tension ? 'compression' : 'tension',
        );
        $NRd = $this->resistance($this->steel->classIn(Strain::Compression), $d);
        $d?->with(['N_c_Rd' => [$NRd, Kind::Force]])->line('u', 'N_Ed / N_c_Rd', Kind::Number, '6.2.4(1) (6.9)');

        return $this->weighing('axial', 'Axial force', 'EN 1993-1-1, 6.2.4', $N / $NRd, $d, $N, $NRd);
    }

    private function isBentInPlane(): bool
    {
        return $this->column->compression > 0.0 && $this->bending > 0.0 && $this->sideways === 0.0;
    }

    /** N_c,Rd; in tension the same without holes. */
    private function resistance(int $class, ?Derivation $d): float
    {
        $isEffective = $class > 3 && $this->column->compression > 0.0;
        $area = $isEffective ? $this->steel->compressedArea($d) : $this->steel->section->A;
        $A = $isEffective ? 'A_eff' : 'A';
        $NRd = ($area * $this->steel->fy) / $this->steel->basis->steel->gammaM0;
        $d?->with([
            $A => [$area, Kind::Area],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'gamma_M0' => [$this->steel->basis->steel->gammaM0, Kind::Number],
        ])->line(
            'N_c_Rd',
            "{$A} * f_y / gamma_M0",
            Kind::Force,
            $isEffective ? '6.2.4(2) (6.11)' : '6.2.4(2) (6.10)',
            $this->column->compression > 0.0 ? "class {$class}" : 'in tension, without holes',
        );

        return $NRd;
    }

    /** Symbol of the area that counts. */
    private function area(): string
    {
        return $this->class > 3 && $this->column->compression > 0.0 ? 'A_eff' : 'A';
    }

    /** The section under all that strains it: plastic, or by the sum of the utilisations. */
    private function sum(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $N = max($this->column->compression, $this->column->tension);
        $NRd = INF;
        if ($N > 0.0) {
            $d?->given('N_Ed', $N, Kind::Force);
            if ($d !== null && $this->isBentInPlane()) {
                $d->given('N_c', $this->column->compression, Kind::Force);
                Classification::together($this->steel, $this->column->compression, $d);
            }
            $NRd = $this->resistance($this->class, $d);
        }
        if ($this->shear !== null) {
            return $this->withShear($this->shear, $N, $d);
        }
        $compressed = $this->column->compression > 0.0 ? $this->class : 1;
        if (
            max($compressed, $this->steel->class, $this->sideways > 0.0 ? $this->steel->classZ : 1) <= 2 &&
            $N < $NRd &&
            PlasticInteraction::covers($this->steel)
        ) {
            $n = $N / $NRd;
            $N > 0.0
                ? $d
                    ?->with(['N_Ed' => [$N, Kind::Force], 'N_c_Rd' => [$NRd, Kind::Force]])
                    ->line('n', 'N_Ed / N_c_Rd', Kind::Number, '6.2.9.1(5)')
                : $d?->given('n', 0.0, Kind::Number);
            $d?->given('u_M', $this->bending, Kind::Number, '', 'greatest utilisation in bending about y-y');
            $this->sideways > 0.0 ? $d?->given('u_z', $this->sideways, Kind::Number, '', self::SIDEWAYS) : null;
            $u = (new PlasticInteraction($this->steel, $n))->utilisation($this->bending, $this->sideways, $d);

            return $this->weighing('bending-axial', $this->title('Bending'), 'EN 1993-1-1, 6.2.9.1', $u, $d);
        }
        $terms = [];
        $u = 0.0;
        if ($N > 0.0) {
            $u += $N / $NRd;
            $terms[] = 'N_Ed / N_c_Rd';
            $d?->with(['N_Ed' => [$N, Kind::Force]]);
        }
        $u += $this->moment($this->bending, 'u_M', 'greatest utilisation in bending about y-y', $d);
        $terms[] = 'u_M';
        if ($this->sideways > 0.0) {
            $u += $this->moment($this->sideways, 'u_z', self::SIDEWAYS, $d, 'z');
            $terms[] = 'u_z';
        }
        $isEffective = max($compressed, $this->steel->class, $this->sideways > 0.0 ? $this->steel->classZ : 1) > 3;
        $d?->line(
            'u',
            implode(' + ', $terms),
            Kind::Number,
            $isEffective ? '6.2.9.3(2) (6.44)' : '6.2.1(7) (6.2)',
            'sum of the utilisations',
        );

        return $this->weighing(
            'bending-axial',
            $this->title('Bending'),
            $isEffective ? 'EN 1993-1-1, 6.2.9.3' : 'EN 1993-1-1, 6.2.1(7)',
            $u,
            $d,
        );
    }

    /**
     * 6.2.10: the strength of the shear area is reduced by ρ; on the safe side the greatest of all forces at one
     * place, summed up.
     */
    private function withShear(HighShear $shear, float $N, ?Derivation $d): Weighing
    {
        [$fy, $gammaM0, $rho] = [$this->steel->fy, $this->steel->basis->steel->gammaM0, $shear->rho()];
        $Av = ($shear->Vpl * sqrt(3) * $gammaM0) / $fy;
        $A = $this->area();
        $d?->given('V_Ed', $shear->V, Kind::Force, '', 'greatest of any combination');
        $d?->given('V_pl_Rd', $shear->Vpl, Kind::Force, '6.2.6');
        $d?->line('rho', 'min(1, (2 * V_Ed / V_pl_Rd - 1)^2)', Kind::Number, '6.2.10(3)');
        $terms = [];
        $u = 0.0;
        if ($N > 0.0) {
            $NV = (($this->A - $rho * $Av) * $fy) / $gammaM0;
            $d?->with(['gamma_M0' => [$gammaM0, Kind::Number], 'f_y' => [$fy, Kind::Stress]])->line(
                'A_v',
                'V_pl_Rd * sqrt(3) * gamma_M0 / f_y',
                Kind::Area,
                '6.2.6(2) (6.18)',
            );
            $d?->with([$A => [$this->A, Kind::Area]])->line(
                'N_V_Rd',
                "({$A} - rho * A_v) * f_y / gamma_M0",
                Kind::Force,
                '6.2.10(3) (6.45)',
            );
            $u += $N / $NV;
            $terms[] = 'N_Ed / N_V_Rd';
            $d?->with(['N_Ed' => [$N, Kind::Force]]);
        }
        $u += $this->moment($shear->bending, 'u_M', 'greatest utilisation in bending with shear', $d);
        $terms[] = 'u_M';
        if ($this->sideways > 0.0) {
            // ρ = 1 leaves nothing of a section whose webs carry the bending about the minor axis as well.
            $uz = $this->moment($this->sideways, 'u_z', self::SIDEWAYS, $d, 'z');
            $left = max(0.01, 1 - $rho);
            $u += $uz / $left;
            $terms[] = 'u_z / max(0.01, 1 - rho)';
        }
        $d?->line('u', implode(' + ', $terms), Kind::Number, '6.2.10(3), 6.2.1(7) (6.2)', 'sum of the utilisations');

        return $this->weighing(
            'bending-axial',
            $this->title('Bending').', with shear',
            'EN 1993-1-1, 6.2.10',
            $u,
            $d,
        );
    }

    private function title(string $what): string
    {
        $axial = $this->column->compression + $this->column->tension > 0.0;

        return $what.
            match (true) {
                $this->sideways === 0.0 => ' with axial force',
                $what !== 'Bending' => $axial ? ' with axial force, both axes' : ' with bending about the minor axis',
                default => $axial ? ' about both axes with axial force' : ' about both axes',
            }.
            $this->steel->foreign();
    }

    /** A utilisation in bending, for the elastic modulus where compression makes the section class 3. */
    private function moment(float $ratio, string $symbol, string $is, ?Derivation $d, string $axis = 'y'): float
    {
        $d?->given("{$symbol}_1", $ratio, Kind::Number, '', $is);
        $s = $this->steel->section;
        [$Wpl, $Wel, $class] =
            $axis === 'y' ? [$s->Wply, $s->Wely, $this->steel->class] : [$s->Wplz, $s->Welz, $this->steel->classZ];
        $elastic = $this->class >= 3 && $this->column->compression > 0.0 && $class <= 2;
        $u = $elastic ? ($ratio * $Wpl) / $Wel : $ratio;
        if ($elastic) {
            $d?->with([
                "{$symbol}_1" => [$ratio, Kind::Number],
                "W_pl_{$axis}" => [$Wpl, Kind::Modulus],
                "W_el_{$axis}" => [$Wel, Kind::Modulus],
            ])->line(
                $symbol,
                "{$symbol}_1 * W_pl_{$axis} / W_el_{$axis}",
                Kind::Number,
                '5.5.2',
                "class {$this->class} with the compression: elastic modulus",
            );
        } else {
            $d?->line($symbol, "{$symbol}_1", Kind::Number);
        }

        return $u;
    }

    /** Utilisation in lateral-torsional buckling, or where the member cannot buckle so in bending; with γM1. */
    private function lateral(?Derivation $d): float
    {
        return $this->moment(
            max(
                $this->lateral,
                ($this->bending * $this->steel->basis->steel->gammaM1) / $this->steel->basis->steel->gammaM0,
            ),
            'u_LT',
            'greatest utilisation in lateral-torsional buckling; at least that in bending',
            $d,
        );
    }

    /** Utilisation in bending about z-z with γM1. */
    private function aboutZ(?Derivation $d): float
    {
        return $this->moment(
            ($this->sideways * $this->steel->basis->steel->gammaM1) / $this->steel->basis->steel->gammaM0,
            'u_z',
            'greatest utilisation in bending about the minor axis, with γ_M1',
            $d,
            'z',
        );
    }

    private function lateralWithSideways(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $uLT = $this->lateral($d);
        $uz = $this->aboutZ($d);
        $d?->with(['u_LT' => [$uLT, Kind::Number], 'u_z' => [$uz, Kind::Number]])->line(
            'u',
            'u_LT + u_z',
            Kind::Number,
            '6.3.3(4) (6.62)',
            'k_zy = C_mz = 1, without compression',
        );

        return $this->weighing(
            self::BUCKLING,
            $this->title('Lateral-torsional buckling'),
            'EN 1993-1-1, 6.3.3',
            $uLT + $uz,
            $d,
        );
    }

    private function buckling(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $d?->given('N_c', $this->column->compression, Kind::Force, '', 'greatest compression');
        [$y, $z] = $this->steel->profile->curves($this->steel->grade->isS460());
        [$Ly, $Lz, $LT] = $this->column->L;
        $sideways = $this->weakest;
        $Iy = $this->steel->section->Iy;
        $Ncry =
            $Ly === null
                ? $this->column->compression * $this->column->alphaCr
                : (M_PI ** 2 * SteelGrade::E * $Iy) / $Ly ** 2;
        if ($Ly !== null) {
            $d?->given('L_cr_y', $Ly, Kind::Length, '', 'as given');
            $d?->with(['E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_y' => [$Iy, Kind::SecondMoment]])->line(
                'N_cr_y',
                'pi^2 * E * I_y / L_cr_y^2',
                Kind::Force,
                '6.3.1.2(1)',
            );
        } elseif (is_finite($Ncry)) {
            $d?->given(
                'alpha_cr',
                $this->column->alphaCr,
                Kind::Number,
                '5.2.1',
                'exact, of the member in the plane of bending',
            );
            $d?->line('N_cr_y', 'alpha_cr * N_c', Kind::Force, '6.3.1.2(1)');
        }
        $aboutY = $this->alongOne('y', $Ncry, $y, $d);
        $aboutZ = $this->alongOne(
            'z',
            SidewaysBuckling::criticalForce($sideways, $Lz, $LT, $d, $Ncry, $this->column->isExact),
            $z,
            $d,
        );
        [$ny, $nz] = [$aboutY->n, $aboutZ->n];
        $uLT = $this->lateral($d);
        if (! $this->steel->section->hasTwoAxes()) {
            return $this->bySum($Ncry, $aboutZ->critical, $ny, $nz, $uLT, $d);
        }
        $uz = $this->sideways > 0.0 ? $this->aboutZ($d) : 0.0;
        $Wy = ($this->steel->modulus * $this->steel->fy) / $this->steel->basis->steel->gammaM0;
        $section = $this->steel->section;
        $twists = $section instanceof ISection || ($section instanceof SolidBar && ! $section->isRound);
        $member = new PressedMember(
            $this->steel,
            $this->class,
            $this->A,
            $this->column->compression,
            new PressedBuckling($aboutY, $aboutZ, $sideways, $Lz, $LT, $twists),
            new PressedBending($this->bending * $Wy, $uLT, $uz, $this->shape),
        );
        [$kyy, $kyz, $kzy, $kzz] = ($this->steel->basis->steel->annexA ? new AnnexA() : new AnnexB())->factors(
            $member,
            $d,
        );
        $first = $ny + $kyy * $uLT;
        $second = $nz + $kzy * $uLT;
        $values = ['n_y' => [$ny, Kind::Number], 'k_yy' => [$kyy, Kind::Number], 'u_LT' => [$uLT, Kind::Number]];
        $others = ['n_z' => [$nz, Kind::Number], 'k_zy' => [$kzy, Kind::Number], 'u_LT' => [$uLT, Kind::Number]];
        [$inY, $inZ] = ['', ''];
        if ($uz > 0.0) {
            $first += $kyz * $uz;
            $second += $kzz * $uz;
            [$inY, $inZ] = [' + k_yz * u_z', ' + k_zz * u_z'];
            $values += ['k_yz' => [$kyz, Kind::Number], 'u_z' => [$uz, Kind::Number]];
            $others += ['k_zz' => [$kzz, Kind::Number], 'u_z' => [$uz, Kind::Number]];
        }
        $d?->with($values)->line('u_1', "n_y + k_yy * u_LT{$inY}", Kind::Number, '6.3.3(4) (6.61)');
        $d?->with($others)->line('u_2', "n_z + k_zy * u_LT{$inZ}", Kind::Number, '6.3.3(4) (6.62)');
        $d?->line('u', 'max(u_1, u_2)', Kind::Number);

        return $this->weighing(
            self::BUCKLING,
            $this->title('Buckling'),
            'EN 1993-1-1, 6.3.3',
            max($first, $second),
            $d,
        );
    }

    /**
     * 6.3.3 is for sections with two axes of symmetry; others by 6.3.4, each utilisation at its own slenderness: on
     * the safe side.
     */
    private function bySum(float $Ncry, float $Ncrz, float $ny, float $nz, float $uLT, ?Derivation $d): Weighing
    {
        $k = 1.0;
        if (is_finite($Ncry)) {
            $k = 1 / max(1 - $this->column->compression / $Ncry, self::LEAST);
            $d?->with(['N_c' => [$this->column->compression, Kind::Force], 'N_cr_y' => [$Ncry, Kind::Force]])->line(
                'k',
                '1 / max(1 - N_c / N_cr_y, 0.05)',
                Kind::Number,
                '5.2.2(5)',
                'moments of second order',
            );
        } else {
            $d?->given('k', $k, Kind::Number, '5.2.2(5)', 'far from buckling about y-y');
        }
        $u = max($ny, $nz) + $k * $uLT;
        $values = ['n_y' => [$ny, Kind::Number], 'n_z' => [$nz, Kind::Number], 'u_LT' => [$uLT, Kind::Number]];
        $inZ = '';
        if ($this->sideways > 0.0) {
            $uz = $this->aboutZ($d);
            $kz = is_finite($Ncrz) ? 1 / max(1 - $this->column->compression / $Ncrz, self::LEAST) : 1.0;
            is_finite($Ncrz)
                ? $d
                    ?->with(['N_c' => [$this->column->compression, Kind::Force], 'N_cr_z' => [$Ncrz, Kind::Force]])
                    ->line(
                        'k_z',
                        '1 / max(1 - N_c / N_cr_z, 0.05)',
                        Kind::Number,
                        '5.2.2(5)',
                        'the same laterally, with twisting',
                    )
                : $d?->given('k_z', $kz, Kind::Number, '5.2.2(5)', 'continuously restrained');
            $u += $kz * $uz;
            $inZ = ' + k_z * u_z';
        }
        $d?->with($values)->line(
            'u',
            "max(n_y, n_z) + k * u_LT{$inZ}",
            Kind::Number,
            '6.3.4(4) (6.66)',
            'each at its own slenderness: on the safe side',
        );

        return $this->weighing(self::BUCKLING, $this->title('Buckling'), 'EN 1993-1-1, 6.3.4', $u, $d);
    }

    private function alongOne(string $axis, float $Ncr, string $curve, ?Derivation $d): AxisBuckling
    {
        $A = $this->area();
        $curve = new BucklingCurve($curve);
        $NRk = $this->A * $this->steel->fy;
        $lambda = is_finite($Ncr) ? sqrt($NRk / $Ncr) : 0.0;
        $chi = $curve->at($lambda);
        $n = $this->column->compression / (($chi * $NRk) / $this->steel->basis->steel->gammaM1);
        if ($lambda > BucklingCurve::STOCKY) {
            $d?->with([
                $A => [$this->A, Kind::Area],
                'f_y' => [$this->steel->fy, Kind::Stress],
                "N_cr_{$axis}" => [$Ncr, Kind::Force],
            ])->line("lambda_{$axis}", "sqrt({$A} * f_y / N_cr_{$axis})", Kind::Number, '6.3.1.2(1)');
            $curve->derive($d, "_{$axis}");
        } else {
            $d?->given("lambda_{$axis}", $lambda, Kind::Number, '6.3.1.2(4)', 'not above 0.2: no reduction');
            $d?->given("chi_{$axis}", $chi, Kind::Number, '6.3.1.2(4)');
        }
        $d?->with([
            'N_c' => [$this->column->compression, Kind::Force],
            "chi_{$axis}" => [$chi, Kind::Number],
            $A => [$this->A, Kind::Area],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'gamma_M1' => [$this->steel->basis->steel->gammaM1, Kind::Number],
        ])->line("n_{$axis}", "N_c / (chi_{$axis} * {$A} * f_y / gamma_M1)", Kind::Number, '6.3.1.1(1) (6.46)');

        return new AxisBuckling($lambda, $chi, $n, $Ncr);
    }

    private function weighing(
        string $id,
        string $title,
        string $clause,
        float $ratio,
        ?Derivation $d,
        ?float $demand = null,
        ?float $capacity = null,
    ): Weighing {
        return new Weighing(
            $id,
            $title,
            $clause,
            $ratio,
            against: new Against(
                demand: $demand,
                capacity: $capacity,
                kind: $demand === null ? Kind::Number : Kind::Force,
                demandSymbol: $demand === null ? '' : 'N_Ed',
                capacitySymbol: $demand === null ? '' : 'N_c_Rd',
            ),
            at: $this->column->at,
            remark: $demand === null
                ? ($this->sideways === 0.0
                    ? 'The greatest axial force of the combination with its greatest moment: on the safe side.'
                    : 'The greatest forces and moments of the combination together: on the safe side.')
                : '',
            lines: $d->lines ?? [],
        );
    }
}
