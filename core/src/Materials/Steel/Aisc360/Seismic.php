<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Columns;
use Waage\Materials\Steel\Ductility;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 341 (2016 and 2022), D1.1 and D1.2: widths and thicknesses of moderately and highly ductile members, and
 * the stability bracing of beams, with the strength and stiffness that a brace needs (ANSI/AISC 360, Appendix 6).
 */
final readonly class Seismic
{
    /** φ_c, Ω_c in C_a. */
    private const AXIAL = [0.9, 1.67];

    /** @param  list<Combination>  $strength */
    public function __construct(
        private Ductility $ductility,
        private ?Envelope $axial,
        private Columns $columns,
        private array $strength,
        private string $standard,
        private Method $method,
    ) {
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @param  bool  $isBeam  lies: braces of a column are those of its frame
     * @return list<Weighing>
     */
    public function weigh(Profile $shape, float $weight, bool $isBeam, Detail $detail): array
    {
        if ($this->ductility === Ductility::None) {
            return [];
        }
        if (
            ! ($shape instanceof Shape) ||
            $shape->isChannel ||
            ($shape->section instanceof ISection && $shape->section->plates !== null)
        ) {
            return [
                new Weighing(
                    'seismic',
                    'Ductility',
                    "{$this->standard}, D1.1",
                    null,
                    applies: false,
                    remark: 'Ductility is weighed for I shapes without cover plates only. Take one, or do not ask for ductility.',
                ),
            ];
        }
        if ($shape->grade === SteelGrade::A913) {
            return [
                new Weighing(
                    'seismic',
                    'Ductility',
                    "{$this->standard}, A3.1",
                    null,
                    applies: false,
                    remark: 'Steel of a member that is to yield in earthquakes has F_y up to 50 ksi (A3.1), but in columns that stay elastic. Choose A992 or A572 50.',
                ),
            ];
        }

        return [$this->compactness($shape, $weight, $detail), ...$isBeam ? [$this->bracing($shape, $detail)] : []];
    }

    /** R_y: the expected yield stress over the specified one (Table A3.1), of rolled shapes. */
    private static function expected(SteelGrade $grade): float
    {
        return $grade === SteelGrade::A36 ? 1.5 : 1.1;
    }

    private function isHigh(): bool
    {
        return $this->ductility === Ductility::High;
    }

    private function compactness(Shape $shape, float $weight, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $shape->section;
        $Ry = self::expected($shape->grade);
        $root = sqrt($shape->E / ($Ry * $shape->Fy));
        $C = $this->axialPart($shape, $Ry, $weight, $d);
        $part = $this->isHigh() ? '0.32' : '0.4';
        $of = [
            'E' => [$shape->E, Kind::ModulusOfElasticity],
            'R_y' => [$Ry, Kind::Number],
            'F_y' => [$shape->Fy, Kind::Stress],
        ];
        $level = $this->isHigh() ? 'highly ductile' : 'moderately ductile';
        $flange = (float) $part * $root;
        $d?->given('R_y', $Ry, Kind::Number, 'Table A3.1');
        $d?->with(['b_f' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
            'lambda_f',
            'b_f / (2 * t_f)',
            Kind::Number,
            'D1.1b',
        );
        $d?->with($of)->line(
            'lambda_fd',
            "{$part} * sqrt(E / (R_y * F_y))",
            Kind::Number,
            'Table D1.1',
            "flange, {$level}",
        );
        $d?->with(['h' => [$shape->h, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
            'lambda_w',
            'h / t_w',
            Kind::Number,
            'D1.1b',
        );
        [$a, $b, $c, $e] = $this->isHigh() ? ['2.57', '1.04', '0.88', '2.68'] : ['3.96', '3.04', '1.29', '2.12'];
        $isLow = $C <= 0.114;
        $web = $isLow
            ? (float) $a * $root * (1 - (float) $b * $C)
            : max((float) $c * $root * ((float) $e - $C), 1.57 * $root);
        $d?->with([...$of, 'C_a' => [$C, Kind::Number]])->line(
            'lambda_wd',
            $isLow
                ? "{$a} * sqrt(E / (R_y * F_y)) * (1 - {$b} * C_a)"
                : "max({$c} * sqrt(E / (R_y * F_y)) * ({$e} - C_a), 1.57 * sqrt(E / (R_y * F_y)))",
            Kind::Number,
            'Table D1.1',
            "web, {$level}, C_a ".($isLow ? 'up to 0.114' : 'above 0.114'),
        );
        $u = max($shape->flange / $flange, $shape->web / $web);
        $d?->line('u', 'max(lambda_f / lambda_fd, lambda_w / lambda_wd)', Kind::Number, 'D1.1b');

        return new Weighing(
            'seismic-compactness',
            'Widths and thicknesses, '.$level,
            "{$this->standard}, D1.1",
            $u,
            lines: $d->lines ?? [],
        );
    }

    /** C_a: the axial force over that at which the section yields. */
    private function axialPart(Shape $shape, float $Ry, float $weight, ?Derivation $d): float
    {
        $P = max(0.0, $this->axial?->extreme($this->strength, 1, $weight)->value ?? 0.0);
        if ($P < 1.0) {
            $d?->given('C_a', 0.0, Kind::Number, 'Table D1.1', 'no compression');

            return 0.0;
        }
        [$phi, $omega] = self::AXIAL;
        $Py = $Ry * $shape->Fy * $shape->section->A;
        $required = $this->method->required('P');
        $d?->given($required, $P, Kind::Force, '', 'greatest compression');
        $d?->with([
            'R_y' => [$Ry, Kind::Number],
            'F_y' => [$shape->Fy, Kind::Stress],
            'A_g' => [$shape->section->A, Kind::Area],
        ])->line('P_y', 'R_y * F_y * A_g', Kind::Force, 'Table D1.1');
        $C = $this->method === Method::LRFD ? $P / ($phi * $Py) : ($omega * $P) / $Py;
        $this->method === Method::LRFD
            ? $d
                ?->with([$required => [$P, Kind::Force], 'phi_c' => [$phi, Kind::Number]])
                ->line('C_a', "{$required} / (phi_c * P_y)", Kind::Number, 'Table D1.1')
            : $d
                ?->with([
                    $required => [$P, Kind::Force],
                    'Omega_c' => [$omega, Kind::Number],
                    'P_y' => [$Py, Kind::Force],
                ])
                ->line('C_a', "Omega_c * {$required} / P_y", Kind::Number, 'Table D1.1');

        return $C;
    }

    private function bracing(Shape $shape, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $shape->section;
        $Ry = self::expected($shape->grade);
        $Lb = $this->columns->heldApart();
        $part = $this->isHigh() ? '0.095' : '0.19';
        $most = ((float) $part * $shape->ry() * $shape->E) / ($Ry * $shape->Fy);
        $d?->given('R_y', $Ry, Kind::Number, 'Table A3.1');
        $d?->with([
            'r_y' => [$shape->ry(), Kind::Size],
            'E' => [$shape->E, Kind::ModulusOfElasticity],
            'F_y' => [$shape->Fy, Kind::Stress],
        ])->line(
            'L_b_max',
            "{$part} * r_y * E / (R_y * F_y)",
            Kind::Length,
            $this->isHigh() ? 'D1.2b' : 'D1.2a (D1-2)',
            'greatest distance between restraints of both flanges',
        );
        $d?->given('L_b', $Lb, Kind::Length, '', 'greatest distance between restraints of both flanges in this member');
        if ($d !== null && $Lb > 0.0) {
            $this->braces($d, $shape, $Ry, $Lb);
        }
        $d?->line('u', 'L_b / L_b_max', Kind::Number, 'D1.2');

        return new Weighing(
            'seismic-bracing',
            'Stability bracing',
            "{$this->standard}, D1.2",
            $Lb / $most,
            against: new Against(
                demand: $Lb,
                capacity: $most,
                kind: Kind::Length,
                demandSymbol: 'L_b',
                capacitySymbol: 'L_b_max',
            ),
            lines: $d->lines ?? [],
            remark: 'What each brace has to be good for stands in the derivation; braces themselves are not weighed.',
        );
    }

    /**
     * Strength and stiffness of braces: point bracing of Appendix 6, 6.3.1b with M_r = R_y F_y Z/α_s, and at plastic
     * hinges.
     */
    private function braces(Derivation $d, Shape $shape, float $Ry, float $Lb): void
    {
        $s = $shape->section;
        $byLRFD = $this->method === Method::LRFD;
        $alpha = $byLRFD ? 1.0 : 1.5;
        $Mr = ($Ry * $shape->Fy * $s->Wply) / $alpha;
        $d->given('alpha_s', $alpha, Kind::Number, 'D1.2a', $this->method->value);
        $d->with([
            'R_y' => [$Ry, Kind::Number],
            'F_y' => [$shape->Fy, Kind::Stress],
            'Z_x' => [$s->Wply, Kind::Modulus],
        ])->line('M_r', 'R_y * F_y * Z_x / alpha_s', Kind::Moment, 'D1.2a (D1-1)', 'expected flexural strength');
        $at = ['M_r' => [$Mr, Kind::Moment], 'h_o' => [$s->hs, Kind::Size]];
        $d->with($at)->line(
            'P_br',
            '0.02 * M_r / h_o',
            Kind::Force,
            'App. 6, 6.3.1b',
            'strength of a brace along the member, C_d = 1',
        );
        $factor = $byLRFD ? 1 / 0.75 : 2.0;
        $d->with([...$at, 'L_b' => [$Lb, Kind::Length]])->line(
            'beta_br',
            $byLRFD ? '10 * M_r / (0.75 * L_b * h_o)' : '2 * 10 * M_r / (L_b * h_o)',
            Kind::Spring,
            'App. 6, 6.3.1b',
            'stiffness of a brace, C_d = 1',
        );
        $d->with(['h_o' => [$s->hs, Kind::Size]])->line(
            'P_br_h',
            '0.06 * R_y * F_y * Z_x / (alpha_s * h_o)',
            Kind::Force,
            'D1.2c',
            'strength of a brace beside an expected plastic hinge',
        );
    }
}
