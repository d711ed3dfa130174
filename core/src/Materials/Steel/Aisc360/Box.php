<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F7, G4 and E7 for square and rectangular hollow sections, and for boxes welded of plates. The flat
 * width of a side is that over all less three times the thickness (B4.1b(d)), of plates that between the others.
 */
final readonly class Box extends Profile
{
    private bool $isWelded;

    public function __construct(public RectangularHollow $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->t));
        $this->isWelded = $section->finish === Finish::Welded;
    }

    /** Width over thickness of a side that is so wide over all. */
    private function slenderness(float $over): float
    {
        return $over / $this->section->t - ($this->isWelded ? 2 : 3);
    }

    private function slenderFlange(): float
    {
        return ($this->isWelded ? 1.49 : 1.4) * $this->rootEF;
    }

    public function compactness(): string
    {
        [$flange, $web] = [$this->slenderness($this->section->b), $this->slenderness($this->section->h)];

        return match (true) {
            $web > 5.7 * $this->rootEF => 'web slender',
            $flange > $this->slenderFlange() => 'flange slender',
            $flange > 1.12 * $this->rootEF => 'flange noncompact',
            $web > 2.42 * $this->rootEF => 'web noncompact',
            default => 'compact',
        };
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $this->section;
        $less = $this->isWelded ? '2' : '3';
        $of = ['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]];
        $d?->with(['b' => [$s->b, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'lambda_f',
            "b / t - {$less}",
            Kind::Number,
            'B4.1b',
            'side in compression',
        );
        $d?->with($of)->line(
            'lambda_pf',
            '1.12 * sqrt(E / F_y)',
            Kind::Number,
            $this->isWelded ? 'Table B4.1b, 21' : 'Table B4.1b, 17',
        );
        $d?->with(['h' => [$s->h, Kind::Size]])->line(
            'lambda_w',
            "h / t - {$less}",
            Kind::Number,
            'B4.1b',
            'side in bending',
        );
        $d?->with($of)->line('lambda_pw', '2.42 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 19');
        $c = $this->compactness();

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            applies: $c !== 'web slender',
            remark: match ($c) {
                'compact' => 'The section is compact in bending.',
                'web slender' => 'The webs are slender in bending (F7.3(c)), which is not computed here. Take a section with thicker sides.',
                default => "In bending: {$c}. Local buckling reduces bending (F7).",
            },
            lines: $d->lines ?? [],
        );
    }

    public function moment(?Derivation $d = null): float
    {
        $s = $this->section;

        return $this->bent($s->h, $s->b, $s->Wply, $s->Wely, $s->Iy, 'x', $d);
    }

    public function bendingClause(): string
    {
        return 'F7';
    }

    public function weakMoment(?Derivation $d = null): float
    {
        $s = $this->section;

        return $this->bent($s->b, $s->h, $s->Wplz, $s->Welz, $s->Iz, 'y', $d);
    }

    /** M_n for a depth, width and moduli about one axis. */
    private function bent(float $h, float $b, float $Z, float $S, float $I, string $axis, ?Derivation $d): float
    {
        [$Fy, $E, $t] = [$this->Fy, $this->E, $this->section->t];
        [$flange, $web] = [$this->slenderness($b), $this->slenderness($h)];
        $Mp = $Fy * $Z;
        $d?->with(['F_y' => [$Fy, Kind::Stress], "Z_{$axis}" => [$Z, Kind::Modulus]])->line(
            'M_p',
            "F_y * Z_{$axis}",
            Kind::Moment,
            'F7-1',
        );
        $of = [
            'M_p' => [$Mp, Kind::Moment],
            'F_y' => [$Fy, Kind::Stress],
            "S_{$axis}" => [$S, Kind::Modulus],
            'E' => [$E, Kind::ModulusOfElasticity],
        ];
        $strengths = ['M_p' => $Mp];
        if ($flange > $this->slenderFlange()) {
            $strengths['M_FLB'] = $this->slenderMoment($h, $b, $I, $axis, $d);
        } elseif ($flange > 1.12 * $this->rootEF) {
            $strengths['M_FLB'] = min($Mp, $Mp - ($Mp - $Fy * $S) * ((3.57 * $flange) / $this->rootEF - 4.0));
            $d?->given('lambda_f', $flange, Kind::Number, 'B4.1b', 'side in compression, noncompact');
            $d?->with([...$of])->line(
                'M_FLB',
                "min(M_p, M_p - (M_p - F_y * S_{$axis}) * (3.57 * lambda_f * sqrt(F_y / E) - 4))",
                Kind::Moment,
                'F7-2',
            );
        }
        if ($web > 2.42 * $this->rootEF) {
            $strengths['M_WLB'] = min($Mp, $Mp - ($Mp - $Fy * $S) * ((0.305 * $web) / $this->rootEF - 0.738));
            $d?->given('lambda_w', $web, Kind::Number, 'B4.1b', 'side in bending, noncompact');
            $d?->with([...$of, 'lambda_w' => [$web, Kind::Number]])->line(
                'M_WLB',
                "min(M_p, M_p - (M_p - F_y * S_{$axis}) * (0.305 * lambda_w * sqrt(F_y / E) - 0.738))",
                Kind::Moment,
                'F7-6',
            );
        }
        $Mn = min($strengths);
        $d?->with(array_map(fn (float $M): array => [$M, Kind::Moment], $strengths))->line(
            'M_n',
            count($strengths) === 1 ? 'M_p' : 'min('.implode(', ', array_keys($strengths)).')',
            Kind::Moment,
            'F7',
        );

        return $Mn;
    }

    /** F_y S_e (F7-3): what the slender side loses is taken off both sides, on the safe side. */
    private function slenderMoment(float $h, float $b, float $I, string $axis, ?Derivation $d): float
    {
        $t = $this->section->t;
        $width = $b - ($this->isWelded ? 2 : 3) * $t;
        $part = $this->isWelded ? '0.34' : '0.38';
        $be = min($width, 1.92 * $t * $this->rootEF * (1 - ((float) $part / ($width / $t)) * $this->rootEF));
        $Se = ($I - 2 * ($width - $be) * $t * (($h - $t) / 2) ** 2) / ($h / 2);
        $d?->given('b', $width, Kind::Size, 'B4.1b', 'flat width of the side in compression, slender');
        $d?->with([
            't' => [$t, Kind::Size],
            'E' => [$this->E, Kind::ModulusOfElasticity],
            'F_y' => [$this->Fy, Kind::Stress],
        ])->line(
            'b_e',
            "min(b, 1.92 * t * sqrt(E / F_y) * (1 - {$part} * t / b * sqrt(E / F_y)))",
            Kind::Size,
            'F7-4, F7-5',
        );
        $d?->with(["I_{$axis}" => [$I, Kind::SecondMoment], 'h' => [$h, Kind::Size]])->line(
            'S_e',
            "(I_{$axis} - 2 * (b - b_e) * t * ((h - t) / 2)^2) / (h / 2)",
            Kind::Modulus,
            'F7.2(c)',
            'taken off both sides: on the safe side',
        );
        $d?->line('M_FLB', 'F_y * S_e', Kind::Moment, 'F7-3');

        return $this->Fy * $Se;
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        return $this->sheared($this->section->h, $method, $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        return $this->sheared($this->section->b, $method, $d);
    }

    private function sheared(float $over, Method $method, ?Derivation $d): float
    {
        $t = $this->section->t;
        $lambda = $this->slenderness($over);
        $root = sqrt(5.0) * $this->rootEF;
        $Cv = match (true) {
            $lambda <= 1.1 * $root => 1.0,
            $lambda <= 1.37 * $root => (1.1 * $root) / $lambda,
            default => (1.51 * $root ** 2) / $lambda ** 2,
        };
        $Vn = 0.6 * $this->Fy * 2 * $lambda * $t * $t * $Cv;
        $d?->given('h', $lambda * $t, Kind::Size, 'G4', 'flat width of a side along the force');
        $d?->given('C_v2', $Cv, Kind::Number, 'G2.2', 'k_v = 5');
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 't' => [$t, Kind::Size]])->line(
            'V_n',
            '0.6 * F_y * 2 * h * t * C_v2',
            Kind::Force,
            'G4-1',
        );

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G4', 'G4'];
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        $s = $this->section;
        [$limit, $factors, $case] = $this->isWelded
            ? [1.49, [0.18, 1.31], 'Table B4.1a, 8']
            : [1.4, [0.2, 1.38], 'Table B4.1a, 6'];

        return SlenderElements::area(
            $this,
            $Fcr,
            [
                new SlenderElements(
                    'f',
                    ['b', $this->slenderness($s->b) * $s->t],
                    ['t', $s->t],
                    2,
                    $limit * $this->rootEF,
                    $factors,
                    $case,
                    'flat width of the narrow sides',
                ),
                new SlenderElements(
                    'w',
                    ['h', $this->slenderness($s->h) * $s->t],
                    ['t', $s->t],
                    2,
                    $limit * $this->rootEF,
                    $factors,
                    $case,
                    'flat width of the deep sides',
                ),
            ],
            $d,
        );
    }

    public function lateral(): ?LateralStrength
    {
        return $this->section->h > $this->section->b ? new BoxLateralStrength($this) : null;
    }

    public function isClosed(): bool
    {
        return true;
    }

    public function lateralClause(): string
    {
        return 'F7.4';
    }
}
