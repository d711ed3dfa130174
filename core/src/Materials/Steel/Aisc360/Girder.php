<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F4 and F5: a doubly symmetric I shape whose web is noncompact or slender in bending. What its web
 * does not change is that of the shape. Without stiffeners a web is not more slender than 260 (F13.2).
 */
final readonly class Girder extends Profile
{
    private const MOST = 260.0;

    /** R_pc (F4-9), or R_pg (F5-6). */
    public float $factor;

    /** a_w (F4-12): web over flange. */
    public float $aw;

    /** r_t (F4-11), mm. */
    public float $rt;

    /** M_n without buckling of flange or member. */
    public float $plateau;

    public function __construct(public Shape $shape)
    {
        parent::__construct($shape->whole, $shape->grade, $shape->Fy);
        $s = $shape->section;
        $this->aw = ($shape->h * $s->tw) / ($s->b * $s->tf);
        $this->rt = $s->b / sqrt(12 * (1 + $this->aw / 6));
        $this->factor = $this->webFactor();
        $this->plateau = $this->factor * $this->Fy * $s->Wely;
    }

    /** Is the web slender: F5? */
    public function isSlender(): bool
    {
        return $this->shape->web > 5.7 * $this->rootEF;
    }

    private function webFactor(?Derivation $d = null, bool $ratio = true): float
    {
        $s = $this->shape->section;
        $lambda = $this->shape->web;
        [$noncompact, $slender] = [$this->shape->compactWeb(), 5.7 * $this->rootEF];
        $d?->given('lambda_w', $lambda, Kind::Number, 'B4.1', 'h_c/t_w');
        $d?->with(['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]])->line(
            'lambda_rw',
            '5.7 * sqrt(E / F_y)',
            Kind::Number,
            'Table B4.1b, 15',
        );
        if ($this->isSlender()) {
            $R = min(1.0, 1 - ($this->aw / (1200 + 300 * $this->aw)) * ($lambda - $slender));
            $ratio
                ? $d
                    ?->with([
                        'h' => [$this->shape->h, Kind::Size],
                        't_w' => [$s->tw, Kind::Size],
                        'b_f' => [$s->b, Kind::Size],
                        't_f' => [$s->tf, Kind::Size],
                    ])
                    ->line('a_w', 'h * t_w / (b_f * t_f)', Kind::Number, 'F4-12')
                : null;
            $d?->with(['a_w' => [$this->aw, Kind::Number]])->line(
                'R_pg',
                'min(1, 1 - a_w / (1200 + 300 * a_w) * (lambda_w - lambda_rw))',
                Kind::Number,
                'F5-6',
            );

            return $R;
        }
        $ratio = min($s->Wply / $s->Wely, 1.6);
        $R = min($ratio, $ratio - (($ratio - 1) * ($lambda - $noncompact)) / ($slender - $noncompact));
        $d?->with(['Z_x' => [$s->Wply, Kind::Modulus], 'S_x' => [$s->Wely, Kind::Modulus]])->line(
            'm',
            'min(Z_x / S_x, 1.6)',
            Kind::Number,
            'F4.2(b)',
            'M_p/M_yc',
        );
        $d?->given('lambda_pw', $noncompact, Kind::Number, 'Table B4.1b, 15');
        $d?->line(
            'R_pc',
            'min(m, m - (m - 1) * (lambda_w - lambda_pw) / (lambda_rw - lambda_pw))',
            Kind::Number,
            'F4-9b',
        );

        return $R;
    }

    /**
     * The plateau on the sheet, as M_1.
     *
     * @param  bool  $ratio  with a_w, where it does not stand there yet
     */
    public function derivePlateau(Derivation $d, bool $ratio = true): void
    {
        $this->webFactor($d, $ratio);
        $R = $this->isSlender() ? 'R_pg' : 'R_pc';
        $d->with([
            $R => [$this->factor, Kind::Number],
            'F_y' => [$this->Fy, Kind::Stress],
            'S_x' => [$this->shape->section->Wely, Kind::Modulus],
        ])->line(
            'M_1',
            "{$R} * F_y * S_x",
            Kind::Moment,
            $this->isSlender() ? 'F5-1' : 'F4-1',
            'yielding of the compression flange',
        );
    }

    /** What a noncompact flange, and an inelastic member, come down to: 0.7 F_y S_x, with R_pg of a slender web. */
    public function residual(): float
    {
        return 0.7 * $this->Fy * $this->shape->section->Wely * ($this->isSlender() ? $this->factor : 1.0);
    }

    public function refusal(): string
    {
        return $this->shape->refusal();
    }

    public function compactness(): string
    {
        return $this->isSlender() ? 'web slender' : 'web noncompact';
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $isCovered = $this->shape->web <= self::MOST && $this->aw <= 10.0;

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            applies: $isCovered,
            remark: $isCovered
                ? "In bending: {$this->compactness()} (".($this->isSlender() ? 'F5' : 'F4').').'
                : 'A web without stiffeners is not more slender than 260, and not more than ten times its flange (F13.2). Take a thicker web.',
            lines: Compactness::weigh($this->shape, $standard, $detail)->lines,
        );
    }

    public function moment(?Derivation $d = null): float
    {
        $shape = $this->shape;
        $s = $shape->section;
        $d === null ?: $this->derivePlateau($d);
        $lambda = $shape->flange;
        if ($lambda <= $shape->compactFlange()) {
            $d?->with(['M_1' => [$this->plateau, Kind::Moment]])->line(
                'M_n',
                'M_1',
                Kind::Moment,
                $this->bendingClause(),
                'flange compact',
            );

            return $this->plateau;
        }
        $d?->given('lambda_f', $lambda, Kind::Number, 'B4.1', 'flange');
        $residual = $this->residual();
        $R = $this->isSlender() ? 'R_pg * ' : '';
        $factor = $this->isSlender() ? ['R_pg' => [$this->factor, Kind::Number]] : [];
        if ($lambda <= $shape->slenderFlange()) {
            $slender = Compactness::slenderFlange($shape, $d);
            $d?->given('lambda_pf', $shape->compactFlange(), Kind::Number, 'Table B4.1b');
            $Mn =
                $this->plateau -
                (($this->plateau - $residual) * ($lambda - $shape->compactFlange())) /
                    ($slender - $shape->compactFlange());
            $d?->with([
                'M_1' => [$this->plateau, Kind::Moment],
                ...$factor,
                'F_y' => [$this->Fy, Kind::Stress],
                'S_x' => [$s->Wely, Kind::Modulus],
                'lambda_rf' => [$slender, Kind::Number],
            ])->line(
                'M_n',
                "M_1 - (M_1 - {$R}0.7 * F_y * S_x) * (lambda_f - lambda_pf) / (lambda_rf - lambda_pf)",
                Kind::Moment,
                $this->isSlender() ? 'F5-8' : 'F4-13',
                'flange noncompact',
            );

            return $Mn;
        }
        $Mn = ((($this->isSlender() ? $this->factor : 1.0) * 0.9 * $this->E * $shape->kc()) / $lambda ** 2) * $s->Wely;
        $d?->given('k_c', $shape->kc(), Kind::Number, 'Table B4.1b, note a');
        $d?->with([...$factor, 'E' => [$this->E, Kind::ModulusOfElasticity], 'S_x' => [$s->Wely, Kind::Modulus]])->line(
            'M_n',
            "{$R}0.9 * E * k_c * S_x / lambda_f^2",
            Kind::Moment,
            $this->isSlender() ? 'F5-9' : 'F4-14',
            'flange slender',
        );

        return $Mn;
    }

    public function bendingClause(): string
    {
        return $this->isSlender() ? 'F5' : 'F4';
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return $this->shape->weakMoment($d);
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        return $this->shape->shear($method, $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        return $this->shape->weakShear($method, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return $this->shape->shearClauses();
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        return $this->shape->effectiveArea($Fcr, $d);
    }

    public function lateral(): LateralStrength
    {
        return new GirderLateralStrength($this);
    }

    public function isClosed(): bool
    {
        return false;
    }

    public function lateralClause(): string
    {
        return $this->isSlender() ? 'F5.2' : 'F4.2';
    }
}
