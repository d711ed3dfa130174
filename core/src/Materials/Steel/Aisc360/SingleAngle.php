<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F10 and G3, for an angle that is held against moving sideways and twisting all along, so that it
 * bends about the axis of its flat leg (F10: geometric axis). The more slender leg is taken to be the one with its
 * toe in compression.
 */
final readonly class SingleAngle extends PlaneProfile
{
    private float $lambda;

    public function __construct(public Angle $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->t));
        $this->lambda = max($section->h, $section->b) / $section->t;
    }

    public function compactness(): string
    {
        return match (true) {
            $this->lambda <= 0.54 * $this->rootEF => 'compact',
            $this->lambda <= 0.91 * $this->rootEF => 'legs noncompact',
            default => 'legs slender',
        };
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $of = ['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]];
        $this->deriveSlenderness($d);
        $d?->with($of)->line('lambda_p', '0.54 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 12');
        $d?->with($of)->line('lambda_r', '0.91 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 12');

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            remark: $this->compactness() === 'compact'
                ? 'The angle is compact in bending.'
                : "In bending: {$this->compactness()}. Local buckling of a leg reduces bending (F10.3).",
            lines: $d->lines ?? [],
        );
    }

    public function moment(?Derivation $d = null): float
    {
        $s = $this->section;
        $of = ['F_y' => [$this->Fy, Kind::Stress], 'S' => [$s->Wely, Kind::Modulus]];
        $My = 1.5 * $this->Fy * $s->Wely;
        $d?->with($of)->line('M_Y', '1.5 * F_y * S', Kind::Moment, 'F10-1', 'yielding; S of the farther edge');
        if ($this->compactness() === 'compact') {
            $d?->line('M_n', 'M_Y', Kind::Moment, 'F10.1');

            return $My;
        }
        // On the safe side S of the farther edge stands for that of the compressed toe.
        $local = $this->ofLegs($s->Wely, 'S', 'M_L', $d);
        $d?->with(['M_L' => [$local, Kind::Moment]])->line('M_n', 'min(M_Y, M_L)', Kind::Moment, 'F10');

        return min($My, $local);
    }

    /**
     * Moment at which a leg buckles locally (F10.3), Nmm; INF: legs are compact.
     *
     * @param  float  $S  elastic modulus of the compressed toe, mm³
     */
    public function ofLegs(float $S, string $symbol, string $result, ?Derivation $d): float
    {
        $word = $this->compactness();
        if ($word === 'compact') {
            return INF;
        }
        $this->deriveSlenderness($d);
        $of = [
            'E' => [$this->E, Kind::ModulusOfElasticity],
            'lambda' => [$this->lambda, Kind::Number],
            $symbol => [$S, Kind::Modulus],
        ];
        $M =
            $word === 'legs slender'
                ? ((0.71 * $this->E) / $this->lambda ** 2) * $S
                : $this->Fy * $S * (2.43 - (1.72 * $this->lambda) / $this->rootEF);
        $word === 'legs slender'
            ? $d?->with($of)->line($result, "0.71 * E / lambda^2 * {$symbol}", Kind::Moment, 'F10-7, F10-8')
            : $d
                ?->with([...$of, 'F_y' => [$this->Fy, Kind::Stress]])
                ->line($result, "F_y * {$symbol} * (2.43 - 1.72 * lambda * sqrt(F_y / E))", Kind::Moment, 'F10-6');

        return $M;
    }

    private function deriveSlenderness(?Derivation $d): void
    {
        $s = $this->section;
        $d?->with(['h' => [$s->h, Kind::Size], 'b' => [$s->b, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'lambda',
            'max(h, b) / t',
            Kind::Number,
            'B4.1',
        );
    }

    public function bendingClause(): string
    {
        return 'F10';
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        $s = $this->section;
        $Cv = Shear::ofPlate($s->h / $s->t, $this->rootEF);
        $Vn = 0.6 * $this->Fy * $s->h * $s->t * $Cv;
        $d?->given('C_v2', $Cv, Kind::Number, 'G2.2, G3', 'k_v = 1.2');
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'h' => [$s->h, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'V_n',
            '0.6 * F_y * h * t * C_v2',
            Kind::Force,
            'G3-1',
            'upright leg',
        );

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G3', 'G3'];
    }

    public function lateral(): ?LateralStrength
    {
        return null;
    }
}
