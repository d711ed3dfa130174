<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/** ANSI/AISC 360, F8, G5 and E7.2 for round hollow sections and pipes. */
final readonly class Tube extends Profile
{
    private float $lambda;

    public function __construct(public CircularHollow $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->t));
        $this->lambda = $section->h / $section->t;
    }

    /** F_y D/(E t): what the limits are given in. */
    private function relative(): float
    {
        return ($this->lambda * $this->Fy) / $this->E;
    }

    public function compactness(): string
    {
        return match (true) {
            $this->relative() <= 0.07 => 'compact',
            $this->relative() <= 0.31 => 'noncompact',
            $this->relative() <= 0.45 => 'slender',
            default => 'beyond 0.45 E/F_y',
        };
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $d?->with(['D' => [$this->section->h, Kind::Size], 't' => [$this->section->t, Kind::Size]])->line(
            'lambda',
            'D / t',
            Kind::Number,
            'B4.1b',
        );
        $d?->with(['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]])->line(
            'lambda_p',
            '0.07 * E / F_y',
            Kind::Number,
            'Table B4.1b, 20',
        );
        $applies = $this->relative() <= 0.45;

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            applies: $applies,
            remark: $applies
                ? "The tube is {$this->compactness()} in bending."
                : 'D/t is above 0.45 E/F_y, where F8 ends. Take a thicker tube.',
            lines: $d->lines ?? [],
        );
    }

    public function moment(?Derivation $d = null): float
    {
        $s = $this->section;
        $of = [
            'E' => [$this->E, Kind::ModulusOfElasticity],
            'lambda' => [$this->lambda, Kind::Number],
            'S' => [$s->Wely, Kind::Modulus],
        ];
        $Mp = $this->Fy * $s->Wply;
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'Z' => [$s->Wply, Kind::Modulus]])->line(
            'M_p',
            'F_y * Z',
            Kind::Moment,
            'F8-1',
        );
        if ($this->relative() <= 0.07) {
            $d?->line('M_n', 'M_p', Kind::Moment, 'F8.1', 'compact');

            return $Mp;
        }
        $d?->given('lambda', $this->lambda, Kind::Number, 'B4.1b', 'D/t');
        $isNoncompact = $this->relative() <= 0.31;
        $Mn = min(
            $Mp,
            ($isNoncompact ? (0.021 * $this->E) / $this->lambda + $this->Fy : (0.33 * $this->E) / $this->lambda) *
                $s->Wely,
        );
        $isNoncompact
            ? $d
                ?->with([...$of])
                ->line('M_n', 'min(M_p, (0.021 * E / lambda + F_y) * S)', Kind::Moment, 'F8-2', 'noncompact')
            : $d
                ?->with([...$of, 'M_p' => [$Mp, Kind::Moment]])
                ->line('M_n', 'min(M_p, 0.33 * E / lambda * S)', Kind::Moment, 'F8-3, F8-4', 'slender');

        return $Mn;
    }

    public function bendingClause(): string
    {
        return 'F8';
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return $this->moment($d);
    }

    /**
     * Of both buckling stresses of G5 the one that does not depend on the length: the smaller one, on the safe side.
     */
    public function shear(Method $method, ?Derivation $d = null): float
    {
        $A = $this->section->A;
        $Fcr = min(0.6 * $this->Fy, (0.78 * $this->E) / ($this->lambda * sqrt($this->lambda)));
        $d?->given('lambda', $this->lambda, Kind::Number, 'G5', 'D/t');
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'E' => [$this->E, Kind::ModulusOfElasticity]])->line(
            'F_cr',
            'min(0.6 * F_y, 0.78 * E / (lambda * sqrt(lambda)))',
            Kind::Stress,
            'G5-2b',
            'without (G5-2a): on the safe side',
        );
        $d?->with(['A_g' => [$A, Kind::Area]])->line('V_n', 'F_cr * A_g / 2', Kind::Force, 'G5-1');

        return $method->available('V_n', ($Fcr * $A) / 2, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        return $this->shear($method, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G5', 'G5'];
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        $A = $this->section->A;
        $isSlender = $this->relative() > 0.11;
        $Ae = $isSlender ? (0.038 / $this->relative() + 2 / 3) * $A : $A;
        $isSlender
            ? $d
                ?->with([
                    'E' => [$this->E, Kind::ModulusOfElasticity],
                    'F_y' => [$this->Fy, Kind::Stress],
                    'lambda' => [$this->lambda, Kind::Number],
                    'A_g' => [$A, Kind::Area],
                ])
                ->line('A_e', '(0.038 * E / (F_y * lambda) + 2 / 3) * A_g', Kind::Area, 'E7-7', 'D/t above 0.11 E/F_y')
            : $d
                ?->with(['A_g' => [$A, Kind::Area]])
                ->line('A_e', 'A_g', Kind::Area, 'E7-6', 'D/t not above 0.11 E/F_y');

        return $Ae;
    }

    public function lateral(): ?LateralStrength
    {
        return null;
    }

    public function isClosed(): bool
    {
        return true;
    }
}
