<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Stem;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F9, G3 and E7 for a tee that bends in the plane of its stem. Where bending may compress the stem or
 * the flange the weaker of both counts. Moments in Nmm.
 */
final readonly class TeeShape extends PlaneProfile
{
    /** b_f/2t_f. */
    public float $flange;

    /** d/t_w. */
    private float $web;

    /** May the stem be compressed? */
    public bool $pressesStem;

    private bool $pressesFlange;

    public function __construct(public Tee $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->thickest()));
        $this->flange = $section->b / 2 / $section->tf;
        $this->web = $section->h / $section->tw;
        $this->pressesStem = $section->stem !== Stem::Tensioned;
        $this->pressesFlange = $section->stem !== Stem::Compressed;
    }

    public function compactness(): string
    {
        $of = [
            ...$this->pressesFlange ? ['flange' => [$this->flange, 0.38, 1.0]] : [],
            ...$this->pressesStem ? ['stem' => [$this->web, 0.84, 1.52]] : [],
        ];
        $words = [];
        foreach ($of as $name => [$lambda, $p, $r]) {
            $lambda > $p * $this->rootEF
                ? ($words[] = $name.($lambda > $r * $this->rootEF ? ' slender' : ' noncompact'))
                : null;
        }

        return $words === [] ? 'compact' : implode(', ', $words);
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $this->pressesFlange ? $this->deriveFlange($d) : null;
        $this->pressesStem ? $this->deriveStem($d) : null;
        $word = $this->compactness();

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            remark: $word === 'compact'
                ? 'What bending compresses of the tee is compact.'
                : "In bending: {$word}. Local buckling reduces it (F9.3, F9.4).",
            lines: $d->lines ?? [],
        );
    }

    private function deriveFlange(?Derivation $d): void
    {
        $of = ['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]];
        $d?->with(['b_f' => [$this->section->b, Kind::Size], 't_f' => [$this->section->tf, Kind::Size]])->line(
            'lambda_f',
            'b_f / (2 * t_f)',
            Kind::Number,
            'B4.1',
            'flange',
        );
        $d?->with($of)->line('lambda_pf', '0.38 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 10');
        $d?->with($of)->line('lambda_rf', '1.0 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 10');
    }

    private function deriveStem(?Derivation $d): void
    {
        $of = ['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]];
        $d?->with(['d' => [$this->section->h, Kind::Size], 't_w' => [$this->section->tw, Kind::Size]])->line(
            'lambda_w',
            'd / t_w',
            Kind::Number,
            'B4.1',
            'stem',
        );
        $d?->with($of)->line('lambda_p', '0.84 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 14');
        $d?->with($of)->line('lambda_r', '1.52 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 14');
    }

    /** M_y (F9-3): of the tip of the stem. */
    public function firstYield(): float
    {
        return $this->Fy * $this->section->Wely;
    }

    /** M_p (F9-2, F9-4). */
    public function plastic(?Derivation $d = null): float
    {
        $s = $this->section;
        $My = $this->firstYield();
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'S_x' => [$s->Wely, Kind::Modulus]])->line(
            'M_y',
            'F_y * S_x',
            Kind::Moment,
            'F9-3',
        );
        if ($this->pressesStem) {
            $d?->line('M_p', 'M_y', Kind::Moment, 'F9-4', 'stem in compression');

            return $My;
        }
        $Mp = min($this->Fy * $s->Wply, 1.6 * $My);
        $d?->with(['Z_x' => [$s->Wply, Kind::Modulus]])->line(
            'M_p',
            'min(F_y * Z_x, 1.6 * M_y)',
            Kind::Moment,
            'F9-2',
            'stem in tension',
        );

        return $Mp;
    }

    public function moment(?Derivation $d = null, string $symbol = 'M_n'): float
    {
        $limits = ['M_p' => $this->plastic($d)];
        if ($this->pressesFlange && $this->flange > 0.38 * $this->rootEF) {
            $limits['M_FLB'] = $this->ofFlange($limits['M_p'], $d);
        }
        if ($this->pressesStem && $this->web > 0.84 * $this->rootEF) {
            $limits['M_SLB'] = $this->ofStem($d);
        }
        $d?->with(array_map(fn (float $M): array => [$M, Kind::Moment], $limits))->line(
            $symbol,
            count($limits) === 1 ? 'M_p' : 'min('.implode(', ', array_keys($limits)).')',
            Kind::Moment,
            'F9',
        );

        return min($limits);
    }

    /** Local buckling of the flange (F9.3). */
    private function ofFlange(float $Mp, ?Derivation $d): float
    {
        $this->deriveFlange($d);
        $Sxc = $this->section->ofFlange;
        if ($this->flange > $this->rootEF) {
            $Mn = (0.7 * $this->E * $Sxc) / $this->flange ** 2;
            $d?->with([
                'E' => [$this->E, Kind::ModulusOfElasticity],
                'S_xc' => [$Sxc, Kind::Modulus],
                'lambda_f' => [$this->flange, Kind::Number],
            ])->line('M_FLB', '0.7 * E * S_xc / lambda_f^2', Kind::Moment, 'F9-15', 'flange slender');

            return $Mn;
        }
        $Mn = min(
            $Mp - (($Mp - 0.7 * $this->Fy * $Sxc) * ($this->flange - 0.38 * $this->rootEF)) / (0.62 * $this->rootEF),
            1.6 * $this->firstYield(),
        );
        $d?->with([
            'M_p' => [$Mp, Kind::Moment],
            'F_y' => [$this->Fy, Kind::Stress],
            'S_xc' => [$Sxc, Kind::Modulus],
            'lambda_f' => [$this->flange, Kind::Number],
            'lambda_pf' => [0.38 * $this->rootEF, Kind::Number],
            'lambda_rf' => [$this->rootEF, Kind::Number],
            'M_y' => [$this->firstYield(), Kind::Moment],
        ])->line(
            'M_FLB',
            'min(M_p - (M_p - 0.7 * F_y * S_xc) * (lambda_f - lambda_pf) / (lambda_rf - lambda_pf), 1.6 * M_y)',
            Kind::Moment,
            'F9-14',
            'flange noncompact',
        );

        return $Mn;
    }

    /** Local buckling of the stem (F9.4). */
    private function ofStem(?Derivation $d): float
    {
        $this->deriveStem($d);
        $isSlender = $this->web > 1.52 * $this->rootEF;
        $Fcr = $isSlender
            ? (1.52 * $this->E) / $this->web ** 2
            : (1.43 - (0.515 * $this->web) / $this->rootEF) * $this->Fy;
        $isSlender
            ? $d
                ?->with(['E' => [$this->E, Kind::ModulusOfElasticity], 'lambda_w' => [$this->web, Kind::Number]])
                ->line('F_cr', '1.52 * E / lambda_w^2', Kind::Stress, 'F9-19', 'stem slender')
            : $d
                ?->with([
                    'lambda_w' => [$this->web, Kind::Number],
                    'F_y' => [$this->Fy, Kind::Stress],
                    'E' => [$this->E, Kind::ModulusOfElasticity],
                ])
                ->line(
                    'F_cr',
                    '(1.43 - 0.515 * lambda_w * sqrt(F_y / E)) * F_y',
                    Kind::Stress,
                    'F9-18',
                    'stem noncompact',
                );
        $d?->with(['F_cr' => [$Fcr, Kind::Stress], 'S_x' => [$this->section->Wely, Kind::Modulus]])->line(
            'M_SLB',
            'F_cr * S_x',
            Kind::Moment,
            'F9-16',
        );

        return $Fcr * $this->section->Wely;
    }

    public function bendingClause(): string
    {
        return 'F9';
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        $s = $this->section;
        $Cv = Shear::ofPlate($this->web, $this->rootEF);
        $Vn = 0.6 * $this->Fy * $s->h * $s->tw * $Cv;
        $d?->given('C_v2', $Cv, Kind::Number, 'G2.2, G3', 'k_v = 1.2');
        $d?->with([
            'F_y' => [$this->Fy, Kind::Stress],
            'd' => [$s->h, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
        ])->line('V_n', '0.6 * F_y * d * t_w * C_v2', Kind::Force, 'G3-1', 'stem');

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return WeakAxis::moment($this, $this->flange, WeakAxis::firstYield($this, $d), $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        $of = new Area($this->section->b * $this->section->tf, 'b_f t_f');

        return WeakAxis::shear($this, $this->flange, $of, $method, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G3', 'G6'];
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        $s = $this->section;

        return SlenderElements::area(
            $this,
            $Fcr,
            [
                new SlenderElements(
                    'f',
                    ['b', $s->b / 2],
                    ['t_f', $s->tf],
                    2,
                    0.56 * $this->rootEF,
                    [0.22, 1.49],
                    'Table B4.1a, 1',
                    'half of the flange',
                ),
                new SlenderElements(
                    'w',
                    ['d', $s->h],
                    ['t_w', $s->tw],
                    1,
                    0.75 * $this->rootEF,
                    [0.22, 1.49],
                    'Table B4.1a, 4',
                    'stem',
                ),
            ],
            $d,
        );
    }

    public function lateral(): LateralStrength
    {
        return new TeeLateralStrength($this);
    }

    public function lateralClause(): string
    {
        return 'F9.2';
    }

    public function weakClause(): string
    {
        return 'F12';
    }
}
