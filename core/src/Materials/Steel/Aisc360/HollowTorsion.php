<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\TorsionEnvelopes;
use Waage\Units\Kind;

/** ANSI/AISC 360, H3.1 and H3.2: hollow sections in torsion by St Venant, alone and with all else. */
final readonly class HollowTorsion
{
    /** φ_T, Ω_T (H3.1). */
    private const FACTORS = [0.9, 1.67];

    public function __construct(
        private TorsionEnvelopes $envelopes,
        private Method $method,
        private string $standard,
    ) {
    }

    /**
     * @param  array{float, float}  $parts  utilisations in axial force and in bending
     * @param  float  $v  in shear
     * @return array{Weighing, Weighing}
     */
    public function weigh(Section $s, SteelGrade $grade, array $parts, float $v, Detail $detail): array
    {
        $e = $this->envelopes->torque();
        $at = $this->envelopes->at($e);
        $T = abs($e->value);
        $required = $this->method->required('T');
        $d = $detail->derivation();
        $d?->given($required, $T, Kind::Moment, '', 'St Venant torsion');
        [$C, $Fcr] = match (true) {
            $s instanceof CircularHollow => [self::ofTube($s, $d), self::stressOfTube($s, $grade, $d)],
            $s instanceof RectangularHollow => [self::ofBox($s, $d), self::stressOfBox($s, $grade, $d)],
            default => throw new \LogicException('A hollow section is needed.'),
        };
        $d?->with(['F_cr' => [$Fcr, Kind::Stress], 'C' => [$C, Kind::Modulus]])->line(
            'T_n',
            'F_cr * C',
            Kind::Moment,
            'H3-1',
        );
        $Tc = $this->method->available('T_n', $Fcr * $C, self::FACTORS, 'T', Kind::Moment, 'H3.1', $d);
        $t = $T / $Tc;
        $d?->with(['T_c' => [$Tc, Kind::Moment]])->line('u', "{$required} / T_c", Kind::Number, 'B3');
        $alone = new Weighing(
            'torsion',
            'Torsion',
            "{$this->standard}, H3.1",
            $t,
            against: new Against(
                demand: $T,
                capacity: $Tc,
                kind: Kind::Moment,
                demandSymbol: $required,
                capacitySymbol: 'T_c',
            ),
            at: $at,
            lines: $d->lines ?? [],
            remark: $detail->hasLines() ? $this->envelopes->twist($s, $grade) : '',
        );
        if ($t <= 0.2) {
            return [
                $alone,
                new Weighing(
                    'torsion-bending',
                    'Torsion with bending and shear',
                    "{$this->standard}, H3.2",
                    null,
                    remark: 'The torque is not more than a fifth of its strength: bending, shear and axial force are weighed without it (H3.2).',
                ),
            ];
        }
        [$p, $m] = $parts;
        $u = $p + $m + ($v + $t) ** 2;
        $d = $detail->derivation();
        $d?->given('p', $p, Kind::Number, 'D, E', 'utilisation in axial force');
        $d?->given('m', $m, Kind::Number, 'F', 'in bending, about both axes added, amplified by compression');
        $d?->given('v', $v, Kind::Number, 'G', 'greatest utilisation in shear');
        $d?->given('t', $t, Kind::Number, 'H3.1', 'utilisation in torsion');
        $d?->line('u', 'p + m + (v + t)^2', Kind::Number, 'H3-6');

        return [
            $alone,
            new Weighing(
                'torsion-bending',
                'Torsion with bending and shear',
                "{$this->standard}, H3.2",
                $u,
                at: $at,
                lines: $d->lines ?? [],
            ),
        ];
    }

    /** C (H3.1, user note), mm³. */
    private static function ofTube(CircularHollow $s, ?Derivation $d): float
    {
        $C = (M_PI * ($s->h - $s->t) ** 2 * $s->t) / 2;
        $d?->with(['D' => [$s->h, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'C',
            'pi * (D - t)^2 * t / 2',
            Kind::Modulus,
            'H3.1',
        );

        return $C;
    }

    /** C (H3.1, user note), mm³. */
    private static function ofBox(RectangularHollow $s, ?Derivation $d): float
    {
        $C = 2 * ($s->b - $s->t) * ($s->h - $s->t) * $s->t - 4.5 * (4 - M_PI) * $s->t ** 3;
        $d?->with(['B' => [$s->b, Kind::Size], 'H' => [$s->h, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'C',
            '2 * (B - t) * (H - t) * t - 4.5 * (4 - pi) * t^3',
            Kind::Modulus,
            'H3.1',
        );

        return $C;
    }

    /** F_cr; of both the one that does not depend on the length: on the safe side. */
    private static function stressOfTube(CircularHollow $s, SteelGrade $grade, ?Derivation $d): float
    {
        [$E, $Fy] = [$grade->elasticity(), $grade->yieldStrength($s->t)];
        $of = ['E' => [$E, Kind::ModulusOfElasticity], 'F_y' => [$Fy, Kind::Stress]];
        $lambda = $s->h / $s->t;
        $F = min(0.6 * $Fy, (0.6 * $E) / ($lambda * sqrt($lambda)));
        $d?->with(['D' => [$s->h, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'lambda',
            'D / t',
            Kind::Number,
            'H3.1',
        );
        $d?->with([...$of])->line(
            'F_cr',
            'min(0.6 * F_y, 0.60 * E / (lambda * sqrt(lambda)))',
            Kind::Stress,
            'H3-2b',
            'without (H3-2a): on the safe side',
        );

        return $F;
    }

    /** F_cr. */
    private static function stressOfBox(RectangularHollow $s, SteelGrade $grade, ?Derivation $d): float
    {
        [$E, $Fy] = [$grade->elasticity(), $grade->yieldStrength($s->t)];
        $of = ['E' => [$E, Kind::ModulusOfElasticity], 'F_y' => [$Fy, Kind::Stress]];
        $lambda = max($s->h, $s->b) / $s->t - 3;
        $root = sqrt($E / $Fy);
        $d?->with(['H' => [$s->h, Kind::Size], 'B' => [$s->b, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            'lambda',
            'max(H, B) / t - 3',
            Kind::Number,
            'H3.1',
        );
        [$F, $text, $clause] = match (true) {
            $lambda <= 2.45 * $root => [0.6 * $Fy, '0.6 * F_y', 'H3-3'],
            $lambda <= 3.07 * $root => [
                (0.6 * $Fy * 2.45 * $root) / $lambda,
                '0.6 * F_y * 2.45 * sqrt(E / F_y) / lambda',
                'H3-4',
            ],
            default => [(0.458 * M_PI ** 2 * $E) / $lambda ** 2, '0.458 * pi^2 * E / lambda^2', 'H3-5'],
        };
        $d?->with(
            array_filter(
                [...$of, 'lambda' => [$lambda, Kind::Number]],
                fn (string $symbol): bool => preg_match("/\\b{$symbol}\\b/", $text) === 1,
                ARRAY_FILTER_USE_KEY,
            ),
        )->line('F_cr', $text, Kind::Stress, $clause);

        return $F;
    }
}
