<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, J10.2 (yielding), J10.3 (crippling), J10.4 (sidesway buckling) and J10.5 (buckling under a force that
 * goes through) of a web without stiffeners. Forces in N.
 */
final readonly class WebStrength
{
    /** C_r where bending stays below first yield, MPa: 960 000 ksi. */
    private const CR = 6.62e6;

    /**
     * @param  float  $lb  length of bearing, mm
     * @param  float  $toEnd  from the force to the end of the member, mm
     * @param  float  $unbraced  greatest length of a flange without lateral support at the force, mm; 0: it cannot sway
     * @param  bool  $yields  does bending reach first yield there
     * @param  int  $count  of webs that share the force, each as that of the shape
     */
    public function __construct(
        private Shape $shape,
        private float $lb,
        private float $toEnd,
        private bool $through,
        private float $unbraced,
        private bool $yields,
        private int $count = 1,
    ) {
    }

    public function available(Method $method, ?Derivation $d = null): float
    {
        $strengths = [
            'R_y' => $this->yielding($method, $d),
            'R_w' => $this->crippling($method, $d),
            ...$this->sidesway($method, $d),
            ...$this->compression($method, $d),
        ];
        $least = min($strengths);
        $d?->with(array_map(fn (float $R): array => [$R, Kind::Force], $strengths))->line(
            'R_c',
            'min('.implode(', ', array_keys($strengths)).')',
            Kind::Force,
            'J10',
        );

        return $least;
    }

    /**
     * @param  array{float, float}  $factors  φ and Ω
     */
    private function of(
        Method $method,
        string $symbol,
        string $nominal,
        float $R,
        array $factors,
        string $clause,
        ?Derivation $d,
    ): float {
        [$phi, $omega] = $factors;
        $byLRFD = $method === Method::LRFD;
        $available = $byLRFD ? $phi * $R : $R / $omega;
        $d?->with([
            $byLRFD ? 'phi' : 'Omega' => [$byLRFD ? $phi : $omega, Kind::Number],
            $nominal => [$R, Kind::Force],
        ])->line($symbol, $byLRFD ? "phi * {$nominal}" : "{$nominal} / Omega", Kind::Force, $clause);

        return $available;
    }

    private function yielding(Method $method, ?Derivation $d): float
    {
        $s = $this->shape;
        $part = $this->toEnd > $s->depth ? 5.0 : 2.5;
        $R = $this->count * $s->Fy * $s->section->tw * ($part * $s->k + $this->lb);
        $d?->given('l_b', $this->lb, Kind::Size, 'J10.2', 'length of bearing');
        $d?->given(
            'k',
            $s->k,
            Kind::Size,
            'J10.2',
            match (true) {
                $this->count > 1 && $s->isRolled => 'corners of 1.5 t',
                $s->isRolled => 'outer face of the flange to the toe of the fillet',
                default => 'thickness of the flange, without the weld',
            },
        );
        $d?->with(['F_y' => [$s->Fy, Kind::Stress], 't_w' => [$s->section->tw, Kind::Size]])->line(
            'R_n_y',
            $this->times().sprintf('F_y * t_w * (%s * k + l_b)', $part === 5.0 ? '5' : '2.5'),
            Kind::Force,
            $part === 5.0 ? 'J10-2' : 'J10-3',
            $part === 5.0 ? 'yielding, farther than d from the end' : 'yielding, within d of the end',
        );

        return $this->of($method, 'R_y', 'R_n_y', $R, [1.0, 1.5], 'J10.2', $d);
    }

    private function times(): string
    {
        return $this->count > 1 ? "{$this->count} * " : '';
    }

    private function crippling(Method $method, ?Derivation $d): float
    {
        $s = $this->shape;
        // Of hollow sections the flat depth counts (chapter K).
        [$h, $tw, $tf] = [$this->count > 1 ? $s->h : $s->depth, $s->section->tw, $s->section->tf];
        $root = sqrt(($s->E * $s->Fy * $tf) / $tw);
        [$part, $text, $clause, $note] = match (true) {
            $this->toEnd >= $h / 2 => [
                0.8 * (1 + ((3 * $this->lb) / $h) * ($tw / $tf) ** 1.5),
                '0.8 * t_w^2 * (1 + 3 * l_b / d * t)',
                'J10-4',
                'crippling, d/2 or more from the end',
            ],
            $this->lb / $h <= 0.2 => [
                0.4 * (1 + ((3 * $this->lb) / $h) * ($tw / $tf) ** 1.5),
                '0.4 * t_w^2 * (1 + 3 * l_b / d * t)',
                'J10-5a',
                'crippling, within d/2 of the end',
            ],
            default => [
                0.4 * (1 + ((4 * $this->lb) / $h - 0.2) * ($tw / $tf) ** 1.5),
                '0.4 * t_w^2 * (1 + (4 * l_b / d - 0.2) * t)',
                'J10-5b',
                'crippling, within d/2 of the end',
            ],
        };
        $R = $this->count * $part * $tw ** 2 * $root;
        $d?->with(['t_w' => [$tw, Kind::Size], 't_f' => [$tf, Kind::Size]])->line(
            't',
            't_w / t_f * sqrt(t_w / t_f)',
            Kind::Number,
            'J10.3',
        );
        $d?->with([
            'l_b' => [$this->lb, Kind::Size],
            'd' => [$h, Kind::Size],
            'E' => [$s->E, Kind::ModulusOfElasticity],
            'F_y' => [$s->Fy, Kind::Stress],
        ])->line('R_n_w', "{$this->times()}{$text} * sqrt(E * F_y * t_f / t_w)", Kind::Force, $clause, $note);

        return $this->of($method, 'R_w', 'R_n_w', $R, [0.75, 2.0], 'J10.3', $d);
    }

    /**
     * @return array<string, float> none where the web cannot sway (J10.4): the loaded flange is taken to be free to
     * turn
     */
    private function sidesway(Method $method, ?Derivation $d): array
    {
        $s = $this->shape;
        if ($this->unbraced <= 0.0) {
            return [];
        }
        $slenderness = $s->web / ($this->unbraced / $s->section->b);
        $with = [
            'lambda_w' => [$s->web, Kind::Number],
            'L_b' => [$this->unbraced, Kind::Length],
            'b_f' => [$s->section->b, Kind::Size],
        ];
        $d?->given('lambda_w', $s->web, Kind::Number, 'J10.4', 'h/t_w');
        $d?->given(
            'L_b',
            $this->unbraced,
            Kind::Length,
            'J10.4',
            'greatest length of a flange without lateral support at the force',
        );
        $d?->with($with)->line(
            's',
            'lambda_w / (L_b / b_f)',
            Kind::Number,
            'J10.4',
            $slenderness > 1.7 ? 'above 1.7: the web does not buckle in sidesway' : 'loaded flange free to turn',
        );
        if ($slenderness > 1.7) {
            return [];
        }
        $Cr = $this->yields ? self::CR / 2 : self::CR;
        $R = (($Cr * $s->section->tw ** 3 * $s->section->tf) / $s->h ** 2) * 0.4 * $slenderness ** 3;
        $d?->given(
            'C_r',
            $Cr,
            Kind::Stress,
            'J10.4',
            $this->yields ? 'bending reaches first yield there' : 'bending stays below first yield there',
        );
        $d?->with([
            't_w' => [$s->section->tw, Kind::Size],
            't_f' => [$s->section->tf, Kind::Size],
            'h' => [$s->h, Kind::Size],
        ])->line('R_n_s', 'C_r * t_w^3 * t_f / h^2 * 0.4 * s^3', Kind::Force, 'J10-7', 'sidesway buckling');

        return ['R_s' => $this->of($method, 'R_s', 'R_n_s', $R, [0.85, 1.76], 'J10.4', $d)];
    }

    /** @return array<string, float> none where the force does not go through */
    private function compression(Method $method, ?Derivation $d): array
    {
        if (! $this->through) {
            return [];
        }
        $s = $this->shape;
        $end = $this->toEnd < $s->depth / 2;
        $R = ($this->count * ($end ? 12.0 : 24.0) * $s->section->tw ** 3 * sqrt($s->E * $s->Fy)) / $s->h;
        $d?->with([
            't_w' => [$s->section->tw, Kind::Size],
            'E' => [$s->E, Kind::ModulusOfElasticity],
            'F_y' => [$s->Fy, Kind::Stress],
            'h' => [$s->h, Kind::Size],
        ])->line(
            'R_n_c',
            $this->times().($end ? '12' : '24').' * t_w^3 * sqrt(E * F_y) / h',
            Kind::Force,
            'J10-8',
            $end
                ? 'the force goes through to the support; half, within d/2 of the end'
                : 'the force goes through to the support',
        );

        return ['R_b' => $this->of($method, 'R_b', 'R_n_c', $R, [0.9, 1.67], 'J10.5', $d)];
    }
}
