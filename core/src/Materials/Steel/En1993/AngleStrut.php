<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Strut;
use Waage\Materials\Steel\StrutEnds;
use Waage\Member\Basis;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.3, 6.2.4, 6.3.1 and BB.1.2: an angle in compression or tension; where one leg is connected
 * at its ends by effective slendernesses. In class 4 the effective area of the legs counts (EN 1993-1-5, 4.4),
 * without the shift of its centroid.
 */
final readonly class AngleStrut implements PressedStrut
{
    /** Curve b (Table 6.2). */
    private const CURVE = 'b';

    /** From here on a slenderness is unusual; a note, not a limit of the standard. */
    private const UNUSUAL = 200.0;

    private Angle $angle;

    private float $fy;

    private float $epsilon;

    public function __construct(private Strut $strut, private Basis $basis)
    {
        $this->angle =
            $strut->section instanceof Angle ? $strut->section : throw new \LogicException('An angle is needed.');
        $this->fy = $strut->grade->yieldStrength($this->angle->t);
        $this->epsilon = sqrt(235.0 / $this->fy);
    }

    /** @return non-empty-list<Weighing> class, axial force, buckling where it is pressed */
    public function weigh(Detail $detail): array
    {
        return [
            ...$this->strut->compression > 0.0 ? [$this->class($detail)] : [],
            $this->section($detail),
            ...$this->strut->compression > 0.0 ? [$this->buckling($detail)] : [],
        ];
    }

    /** In compression, Table 5.2, sheet 3: 3, or 4. */
    public function sectionClass(): int
    {
        return $this->isClass4() ? 4 : 3;
    }

    private function isClass4(): bool
    {
        $s = $this->angle;

        return max($s->h, $s->b) / $s->t > 15 * $this->epsilon || ($s->h + $s->b) / (2 * $s->t) > 11.5 * $this->epsilon;
    }

    private function class(Detail $detail): Weighing
    {
        $s = $this->angle;
        $d = $detail->derivation();
        $of = ['h' => [$s->h, Kind::Size], 'b' => [$s->b, Kind::Size], 't' => [$s->t, Kind::Size]];
        $epsilon = ['epsilon' => [$this->epsilon, Kind::Number]];
        $d?->with(['f_y' => [$this->fy, Kind::Number]])->line(
            'epsilon',
            'sqrt(235 / f_y)',
            Kind::Number,
            'Table 5.2',
            'f_y in N/mm²',
        );
        $d?->with($of)->line('lambda_1', 'max(h, b) / t', Kind::Number, 'Table 5.2, sheet 3');
        $d?->with($epsilon)->line('lambda_1_3', '15 * epsilon', Kind::Number, 'Table 5.2, sheet 3');
        $d?->with($of)->line('lambda_2', '(h + b) / (2 * t)', Kind::Number, 'Table 5.2, sheet 3');
        $d?->with($epsilon)->line('lambda_2_3', '11.5 * epsilon', Kind::Number, 'Table 5.2, sheet 3');

        return new Weighing(
            'classification',
            'Section class',
            'EN 1993-1-1, 5.5.2',
            null,
            remark: "The section is class {$this->sectionClass()} in compression".
                ($this->isClass4() ? ': the effective area of its legs counts.' : '.'),
            lines: $d->lines ?? [],
        );
    }

    private function section(Detail $detail): Weighing
    {
        $pulls = $this->strut->tension > $this->strut->compression;
        $d = $detail->derivation();
        $N = max($this->strut->compression, $this->strut->tension);
        $d?->given('N_Ed', $N, Kind::Force, '', $pulls ? 'tension' : 'compression');
        $A = $pulls ? $this->angle->A : $this->area($d);
        $symbol = ! $pulls && $this->isClass4() ? 'A_eff' : 'A';
        $NRd = ($A * $this->fy) / $this->basis->steel->gammaM0;
        $d?->with([
            $symbol => [$A, Kind::Area],
            'f_y' => [$this->fy, Kind::Stress],
            'gamma_M0' => [$this->basis->steel->gammaM0, Kind::Number],
        ])->line(
            'N_c_Rd',
            "{$symbol} * f_y / gamma_M0",
            Kind::Force,
            $pulls ? '6.2.3(2) (6.6)' : ($symbol === 'A' ? '6.2.4(2) (6.10)' : '6.2.4(2) (6.11)'),
        );
        $d?->line('u', 'N_Ed / N_c_Rd', Kind::Number, $pulls ? '6.2.3(1) (6.5)' : '6.2.4(1) (6.9)');
        $at = $pulls ? $this->strut->pulled : $this->strut->pressed;

        return new Weighing(
            'axial',
            'Axial force',
            $pulls ? 'EN 1993-1-1, 6.2.3' : 'EN 1993-1-1, 6.2.4',
            $N / $NRd,
            against: new Against(
                demand: $N,
                capacity: $NRd,
                kind: Kind::Force,
                demandSymbol: 'N_Ed',
                capacitySymbol: 'N_c_Rd',
            ),
            at: $at,
            lines: $d->lines ?? [],
            remark: $this->strut->tension > 0.0
                ? 'Without holes: what a leg that is connected alone bears in tension beside its bolts or welds (EN 1993-1-8, 3.10.3 and 4.13) belongs to the connection.'
                : '',
        );
    }

    /** A, or that of the effective legs. */
    private function area(?Derivation $d): float
    {
        $s = $this->angle;
        if (! $this->isClass4()) {
            return $s->A;
        }
        $terms = $values = [];
        $A = $s->A;
        foreach (['h' => $s->h, 'b' => $s->b] as $leg => $width) {
            $rho = PlateBuckling::outstand($leg, [$leg, $width], ['t', $s->t], $this->epsilon, $d);
            $A -= (1 - $rho) * $width * $s->t;
            $terms[] = "(1 - rho_{$leg}) * {$leg} * t";
            $values += ["rho_{$leg}" => [$rho, Kind::Number], $leg => [$width, Kind::Size]];
        }
        $d?->with(['A' => [$s->A, Kind::Area], ...$values, 't' => [$s->t, Kind::Size]])->line(
            'A_eff',
            'A - '.implode(' - ', $terms),
            Kind::Area,
            'EN 1993-1-5, 4.3(4)',
            'the shift of the centroid is left out',
        );

        return $A;
    }

    private function buckling(Detail $detail): Weighing
    {
        $s = $this->angle;
        $d = $detail->derivation();
        $N = $this->strut->compression;
        $d?->given('N_Ed', $N, Kind::Force, '', 'greatest compression');
        $d?->given(
            'L',
            $this->strut->L,
            Kind::Length,
            '',
            'between the ends, or as given; ends connected '.$this->strut->ends->words(),
        );
        $A = $this->area($d);
        $symbol = $this->isClass4() ? 'A_eff' : 'A';
        $NRk = $A * $this->fy;
        $slendernesses = [];
        // Connected at its centroid it is the least stiff about v-v; the legs turn what they are connected by.
        $isCentred = $this->strut->ends === StrutEnds::Centroid;
        $axes = ['v' => [$s->Iv, 0.35], ...$isCentred ? [] : ['y' => [$s->Iy, 0.5], 'z' => [$s->Iz, 0.5]]];
        foreach ($axes as $axis => [$I, $least]) {
            $lambda = $this->slenderness($axis, sqrt($I / $s->A), $A, $d);
            $isCentred
                ? null
                : $d?->line("lambda_eff_{$axis}", "{$least} + 0.7 * lambda_{$axis}", Kind::Number, 'BB.1.2(2) (BB.1)');
            $slendernesses[$isCentred ? "lambda_{$axis}" : "lambda_eff_{$axis}"] = $isCentred
                ? $lambda
                : $least + 0.7 * $lambda;
        }
        [$both, $Nu, $Nv, $NT] = $this->strut->critical();
        $this->deriveCritical($d, $both, $Nu, $Nv, $NT);
        $slendernesses['lambda_TF'] = sqrt($NRk / $both);
        $d?->with([
            $symbol => [$A, Kind::Area],
            'f_y' => [$this->fy, Kind::Stress],
            'N_TF' => [$both, Kind::Force],
        ])->line('lambda_TF', "sqrt({$symbol} * f_y / N_TF)", Kind::Number, '6.3.1.4(2) (6.52)');
        $lambda = max($slendernesses);
        $d?->with(array_map(fn (float $l): array => [$l, Kind::Number], $slendernesses))->line(
            'lambda',
            'max('.implode(', ', array_keys($slendernesses)).')',
            Kind::Number,
        );
        $curve = new BucklingCurve(self::CURVE);
        $chi = $curve->at($lambda);
        $curve->derive($d);
        $Nb = ($chi * $NRk) / $this->basis->steel->gammaM1;
        $d?->with([$symbol => [$A, Kind::Area], 'gamma_M1' => [$this->basis->steel->gammaM1, Kind::Number]])->line(
            'N_b_Rd',
            "chi * {$symbol} * f_y / gamma_M1",
            Kind::Force,
            '6.3.1.1(3) (6.47)',
        );
        $d?->line('u', 'N_Ed / N_b_Rd', Kind::Number, '6.3.1.1(1) (6.46)');

        return new Weighing(
            'buckling-axial',
            'Buckling',
            $this->strut->ends === StrutEnds::Centroid ? 'EN 1993-1-1, 6.3.1' : 'EN 1993-1-1, BB.1.2',
            $N / $Nb,
            against: new Against(
                demand: $N,
                capacity: $Nb,
                kind: Kind::Force,
                demandSymbol: 'N_Ed',
                capacitySymbol: 'N_b_Rd',
            ),
            at: $this->strut->pressed,
            lines: $d->lines ?? [],
            remark: $this->strut->ends === StrutEnds::Centroid
                ? ''
                : 'Of a web member of a lattice, or one like it: two bolts at least or welds at its ends, to what keeps them from turning (BB.1.2(1)).',
        );
    }

    /**
     * λ̄ about an axis.
     *
     * @param  float  $i  radius of gyration, mm
     * @param  float  $A  that counts, mm²
     */
    private function slenderness(string $axis, float $i, float $A, ?Derivation $d): float
    {
        $E = $this->strut->grade->elasticity();
        $d?->with(["i_{$axis}" => [$i, Kind::Size]])->line(
            "s_{$axis}",
            "L / i_{$axis}",
            Kind::Number,
            'common practice',
            $this->strut->L / $i > self::UNUSUAL ? 'slenderness, more than the usual 200' : '',
        );
        $d?->with([
            'E' => [$E, Kind::ModulusOfElasticity],
            'f_y' => [$this->fy, Kind::Stress],
            'A_eff' => [$A, Kind::Area],
            'A' => [$this->angle->A, Kind::Area],
        ])->line(
            "lambda_{$axis}",
            "s_{$axis} / (pi * sqrt(E / f_y))".($this->isClass4() ? ' * sqrt(A_eff / A)' : ''),
            Kind::Number,
            $this->isClass4() ? '6.3.1.3(1) (6.51)' : '6.3.1.3(1) (6.50)',
        );

        return ($this->strut->L / $i / (M_PI * sqrt($E / $this->fy))) * sqrt($A / $this->angle->A);
    }

    private function deriveCritical(?Derivation $d, float $both, float $Nu, float $Nv, float $NT): void
    {
        $s = $this->angle;
        [$E, $L] = [
            ['E' => [$this->strut->grade->elasticity(), Kind::ModulusOfElasticity]],
            ['L' => [$this->strut->L, Kind::Length]],
        ];
        $isCentred = $this->strut->ends === StrutEnds::Centroid;
        $i0 = sqrt(($s->Iu + $s->Iv) / $s->A + $s->u0 ** 2 + $s->v0 ** 2);
        $d?->with([...$E, 'I_u' => [$s->Iu, Kind::SecondMoment], ...$L])->line(
            'N_u',
            'pi^2 * E * I_u / L^2',
            Kind::Force,
            'Euler',
            'about the strong principal axis',
        );
        $isCentred
            ? $d
                ?->with([...$E, 'I_v' => [$s->Iv, Kind::SecondMoment], ...$L])
                ->line('N_v', 'pi^2 * E * I_v / L^2', Kind::Force, 'Euler', 'about the weak one')
            : null;
        $d?->given(
            'u_0',
            abs($s->u0),
            Kind::Size,
            '',
            'from the centroid to the shear centre along the strong principal axis',
        );
        $isCentred ? $d?->given('v_0', abs($s->v0), Kind::Size, '', 'and along the weak one') : null;
        $d?->given('i_0', $i0, Kind::Size, '', '√((I_u + I_v)/A + u_0² + v_0²)');
        $d?->with([
            'G' => [$this->strut->grade->shearModulus(), Kind::ModulusOfElasticity],
            'I_t' => [$s->It, Kind::SecondMoment],
        ])->line('N_T', 'G * I_t / i_0^2', Kind::Force, 'elastic theory', 'torsional buckling');
        if ($isCentred) {
            $d?->given(
                'N_TF',
                $both,
                Kind::Force,
                'elastic theory',
                'bending about both principal axes and twisting at once: least root of i_0² (N − N_u)(N − N_v)(N − N_T) = N² (u_0² (N − N_v) + v_0² (N − N_u))',
            );

            return;
        }
        $beta = 1 - ($s->u0 / $i0) ** 2;
        $d?->line('beta', '1 - (u_0 / i_0)^2', Kind::Number, 'elastic theory');
        $d?->line(
            'N_TF',
            '(N_u + N_T) / (2 * beta) * (1 - sqrt(1 - 4 * beta * N_u * N_T / (N_u + N_T)^2))',
            Kind::Force,
            'elastic theory',
            'bending about u-u and twisting at once',
        );
    }
}
