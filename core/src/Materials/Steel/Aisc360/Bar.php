<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/** ANSI/AISC 360, F11 for flats and rounds; shear with the greatest stress of an elastic section, on the safe side. */
final readonly class Bar extends Profile
{
    public function __construct(public SolidBar $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->b));
    }

    public function compactness(): string
    {
        return 'compact';
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, F11",
            null,
            remark: 'A solid bar has no slender elements.',
        );
    }

    public function moment(?Derivation $d = null): float
    {
        return $this->plastic($this->section->Wply, $this->section->Wely, 'x', $d);
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return $this->plastic($this->section->Wplz, $this->section->Welz, 'y', $d);
    }

    private function plastic(float $Z, float $S, string $axis, ?Derivation $d): float
    {
        $most = $this->section->isRound ? 1.6 : 1.5;
        $Mp = min($this->Fy * $Z, $most * $this->Fy * $S);
        $d?->with([
            'F_y' => [$this->Fy, Kind::Stress],
            "Z_{$axis}" => [$Z, Kind::Modulus],
            "S_{$axis}" => [$S, Kind::Modulus],
        ])->line('M_p', "min(F_y * Z_{$axis}, {$most} * F_y * S_{$axis})", Kind::Moment, 'F11-1');
        $d?->line('M_n', 'M_p', Kind::Moment, 'F11.1');

        return $Mp;
    }

    public function bendingClause(): string
    {
        return 'F11';
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        $part = $this->section->isRound ? 0.75 : 2 / 3;
        $Vn = 0.6 * $this->Fy * $this->section->A * $part;
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'A_g' => [$this->section->A, Kind::Area]])->line(
            'V_n',
            '0.6 * F_y * A_g * '.($this->section->isRound ? '3 / 4' : '2 / 3'),
            Kind::Force,
            'G1',
            'greatest stress of an elastic section at 0.6 F_y: on the safe side',
        );

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        return $this->shear($method, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G1', 'G1'];
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        $d?->with(['A_g' => [$this->section->A, Kind::Area]])->line('A_e', 'A_g', Kind::Area, 'E7', 'solid');

        return $this->section->A;
    }

    public function lateral(): ?LateralStrength
    {
        return $this->section->isRound ? null : new BarLateralStrength($this);
    }

    /** A solid bar buckles by bending before it twists. */
    public function isClosed(): bool
    {
        return true;
    }
}
