<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Working;
use Waage\Materials\ColdFormed\Bearing;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\WebRules;
use Waage\Units\Kind;

/**
 * AISI S100-16, G2 and G5, H2 and H3: shear of a web without stiffeners, bearing at each support, both with bending at
 * inner supports.
 */
final readonly class Web implements WebRules
{
    /** The least length of bearing that G5 knows, mm. */
    private const SHORTEST = 19.0;

    /** G5: an edge of bearing nearer to the end than so many times the web is one at the end. */
    private const NEAR = 1.5;

    public function __construct(private Bending $bending, private Method $method, private float $length)
    {
    }

    public function clauses(): array
    {
        return [
            'shear' => 'AISI S100-16, G2.1',
            'bearing' => 'AISI S100-16, G5',
            'both' => 'AISI S100-16, H2',
            'pressed' => 'AISI S100-16, H3',
        ];
    }

    public function symbols(): array
    {
        return ['shear' => ['V', 'V_a'], 'bearing' => ['P', 'P_a']];
    }

    public function shear(Working $w, ColdFormedMake $make, float $V): void
    {
        $w->let('V', $V, Kind::Force, '', 'required');
        $this->shearStrength($w, $make);
        $w->line('u', 'V / V_a', Kind::Number);
    }

    public function bearing(Working $w, ColdFormedMake $make, float $P, Bearing $at): string
    {
        $w->let('P', $P, Kind::Force, '', 'required');
        $fault = $this->bearingStrength($w, $make, $at);
        $fault !== '' || $w->line('u', 'P / P_a', Kind::Number);

        return $fault;
    }

    public function bendingWithShear(Working $w, ColdFormedMake $make, float $M, float $V): Working
    {
        $this->moment($w, $make, $M);
        $w->let('V', $V, Kind::Force, '', 'required');
        $this->shearStrength($w, $make);
        $w->line('u', 'sqrt((M / M_alo)^2 + (V / V_a)^2)', Kind::Number, 'H2 (H2-1)');

        return $w;
    }

    public function bendingWithBearing(Working $w, ColdFormedMake $make, array $of, Bearing $at): ?Working
    {
        [$M, $P] = $of;
        $this->moment($w, $make, $M);
        $w->let('P', $P, Kind::Force, '', 'required');
        if ($this->bearingStrength($w, $make, $at) !== '') {
            return null;
        }
        if ($this->method === Method::LimitState) {
            $w->line('u', '(1.07 * P / P_a + M / M_alo) / 1.42', Kind::Number, 'H3', 'single webs');
        } elseif ($this->method === Method::Lrfd) {
            $w->let('phi', 0.9, Kind::Number, 'H3');
            $this->together($w, $make, '1.33 * phi', '1.46 * phi', 'b');
        } else {
            $w->let('Omega', 1.7, Kind::Number, 'H3');
            $this->together($w, $make, '1.33 / Omega', '1.46 / Omega', 'a');
        }

        return $w;
    }

    /** V_n of h, t, F_y and E. */
    public static function nominalShear(Working $w): void
    {
        $w->line('A_w', 'h * t', Kind::Area, 'G2.1');
        $w->line('V_y', '0.6 * A_w * F_y', Kind::Force, 'G2.1 (G2.1-5)');
        $w->let('k_v', 5.34, Kind::Number, 'G2.3', 'without stiffeners');
        $w->line('V_cr', 'A_w * pi^2 * E * k_v / (12 * (1 - 0.3^2) * (h / t)^2)', Kind::Force, 'G2.3 (G2.3-1)');
        $slenderness = $w->line('lambda_v', 'sqrt(V_y / V_cr)', Kind::Number, 'G2.1 (G2.1-4)');
        match (true) {
            $slenderness <= 0.815 => $w->line('V_n', 'V_y', Kind::Force, 'G2.1 (G2.1-1)', 'λ_v up to 0.815'),
            $slenderness <= 1.227 => $w->line(
                'V_n',
                '0.815 * sqrt(V_cr * V_y)',
                Kind::Force,
                'G2.1 (G2.1-2)',
                'λ_v up to 1.227',
            ),
            default => $w->line('V_n', 'V_cr', Kind::Force, 'G2.1 (G2.1-3)', 'λ_v above 1.227'),
        };
    }

    private function shearStrength(Working $w, ColdFormedMake $make): void
    {
        $w->let('h', $make->sizes->web(), Kind::Size, 'G2.1', 'flat part of the web');
        $w->let('t', $make->sizes->t, Kind::Size);
        $w->has('F_y') || $w->let('F_y', $make->Fy, Kind::Stress);
        $w->let('E', $make->standard()->elasticity(), Kind::ModulusOfElasticity);
        self::nominalShear($w);
        Holes::shear($w, $make);
        $this->method->available($w, 'V_a', 'V_n', $this->method->shear(), 1.6, Kind::Force, 'G2');
    }

    /** P_n of the coefficients, t, F_y, R, N and h. */
    public static function nominalBearing(Working $w): void
    {
        $w->line(
            'P_n',
            'C * t^2 * F_y * (1 - C_R * sqrt(R / t)) * (1 + C_N * sqrt(N / t)) * (1 - C_h * sqrt(h / t))',
            Kind::Force,
            'G5 (G5-1)',
        );
    }

    /** @return string why it is not covered; empty: it is */
    private function bearingStrength(Working $w, ColdFormedMake $make, Bearing $at): string
    {
        $s = $make->sizes;
        $near = self::NEAR * $s->web();
        $isEnd = $at->toEnd < $near;
        $case = BearingCase::of($s->shape, $make->isFastened, $isEnd, $at->toOther < $near);
        [$C, $CR, $CN, $Ch, $phi, $Omega, $most] = $case->of;
        $table = $case->table;
        $limits = [
            $at->length < self::SHORTEST => 'The bearing is shorter than 19 mm.',
            $s->web() / $s->t > 200.0 => 'The web is more than 200 times as deep as thick.',
            $at->length / $s->t > 210.0 => 'The bearing is longer than 210 times the thickness.',
            $at->length / $s->web() > 2.0 => 'The bearing is more than twice as long as the web is deep.',
            $s->r / $s->t > $most + 1e-9 => "The radius is more than {$most} times the thickness.",
        ];
        if (isset($limits[true])) {
            return "{$limits[true]} {$table} ends there.";
        }
        $fastened = $make->isFastened ? 'fastened' : 'not fastened';
        $w->let('C', $C, Kind::Number, $table, $case->words);
        $w->let('C_R', $CR, Kind::Number, $table, $fastened.($s->shape->hasLips() ? '' : ', flanges without lips'));
        $w->let('C_N', $CN, Kind::Number, $table);
        $w->let('C_h', $Ch, Kind::Number, $table);
        $w->let('t', $s->t, Kind::Size);
        $w->has('F_y') || $w->let('F_y', $make->Fy, Kind::Stress);
        $w->let('R', $s->r, Kind::Size, '', 'inner radius');
        $w->let('N', $at->length, Kind::Size, 'G5', 'bearing');
        $w->let('h', $s->web(), Kind::Size);
        self::nominalBearing($w);
        $fault = Holes::bearing($w, $make, $at, $isEnd, $this->length);
        $this->method->available($w, 'P_a', 'P_n', $phi, $Omega, Kind::Force, $table);

        return $fault;
    }

    /** H3-1 of a single web, H3-2 of two back to back. */
    private function together(Working $w, ColdFormedMake $make, string $single, string $double, string $letter): void
    {
        $make->count() === 1
            ? $w->line('u', "(0.91 * P / P_n + M / M_nl) / ({$single})", Kind::Number, "H3 (H3-1{$letter})")
            : $w->line('u', "(0.88 * P / P_n + M / M_nl) / ({$double})", Kind::Number, "H3 (H3-2{$letter})", 'two webs');
    }

    /** M_alo: the strength with M_ne = M_y. */
    private function moment(Working $w, ColdFormedMake $make, float $M): void
    {
        $w->let('M', abs($M), Kind::Moment, '', 'required');
        $this->bending->yield($w, $make);
        $w->line('M_ne', 'M_y', Kind::Moment, 'H2', 'M_alo has M_ne = M_y');
        $this->bending->local($w, $make, $M >= 0.0 ? 1 : -1);
        $this->method->available($w, 'M_alo', 'M_nl', 0.9, 1.67, Kind::Moment, 'F3');
    }
}
