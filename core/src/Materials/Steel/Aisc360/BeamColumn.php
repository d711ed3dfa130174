<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Column;
use Waage\Materials\Steel\Sections\Section;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, D2, E and H1.1: axial force alone, and with bending about one or both axes, of one combination.
 * Moments of first order between the ends are amplified by B_1 (Appendix 8). On the safe side the greatest axial
 * force acts with the greatest moments.
 */
final readonly class BeamColumn
{
    /** Smallest denominator of B_1: nearer to buckling the member fails by E3 anyway. */
    private const LEAST = 0.05;

    /**
     * @param  string  $standard  with its edition
     * @param  float  $bending  utilisation in bending about the strong axis, lateral-torsional buckling among it
     * @param  float  $sideways  greatest moment about the weak axis, Nmm; 0: nothing bends it so
     * @param  float  $length  of the member, mm
     * @param  Section|null  $weakest  what the member is sideways where its section changes; null: this one
     */
    public function __construct(
        private Profile $profile,
        private Method $method,
        private string $standard,
        private Column $column,
        private float $bending,
        private float $sideways,
        private float $length,
        private ?Section $weakest = null,
    ) {
    }

    /** @return list<Weighing> axial force, where it acts; all together */
    public function weigh(Detail $detail): array
    {
        $c = $this->column;
        $acts = $c->compression + $c->tension > 0.0;

        return [...$acts ? [$this->axial($detail)] : [], $this->together($detail)];
    }

    private function pulls(): bool
    {
        return $this->column->tension > $this->column->compression;
    }

    /** Critical force in the plane of bending, N. */
    private function critical(?Derivation $d = null): float
    {
        $c = $this->column;
        [$Lx] = $c->L;
        $I = $this->profile->whole->Iy;
        if ($Lx !== null) {
            $P = (M_PI ** 2 * $this->profile->E * $I) / $Lx ** 2;
            $d?->given('L_cx', $Lx, Kind::Length, 'E2', 'as given');
            $d?->with(['E' => [$this->profile->E, Kind::ModulusOfElasticity], 'I_x' => [$I, Kind::SecondMoment]])->line(
                'P_ex',
                'pi^2 * E * I_x / L_cx^2',
                Kind::Force,
                'E3-4',
            );

            return $P;
        }
        if (is_finite($c->alphaCr)) {
            $d?->given(
                'alpha_cr',
                $c->alphaCr,
                Kind::Number,
                'E3',
                'factor at which the member buckles in the plane of bending, exact',
            );
            $d?->with(['P_r' => [$c->compression, Kind::Force]])->line('P_ex', 'alpha_cr * P_r', Kind::Force, 'E3-4');
        }

        return $c->alphaCr * $c->compression;
    }

    /** P_c, N. */
    private function available(?Derivation $d = null): float
    {
        if ($this->pulls()) {
            $s = $this->profile->whole;
            $Pn = $this->profile->Fy * $s->A;
            $d?->with(['F_y' => [$this->profile->Fy, Kind::Stress], 'A_g' => [$s->A, Kind::Area]])->line(
                'P_n',
                'F_y * A_g',
                Kind::Force,
                'D2-1',
                'yielding; rupture at holes and welds belongs to the connection',
            );

            return $this->method->available('P_n', $Pn, [0.9, 1.67], 't', Kind::Force, 'D2(a)', $d);
        }
        [, $Ly, $Lz] = $this->column->L;
        $Pn = (new Compression($this->profile, $this->weakest, $this->column->isExact))->nominal(
            $this->critical($d),
            $Ly,
            $Lz,
            $d,
        );

        return $this->method->available('P_n', $Pn, Compression::FACTORS, 'c', Kind::Force, 'E1', $d);
    }

    private function axial(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $P = max($this->column->compression, $this->column->tension);
        $d?->given('P_r', $P, Kind::Force, '', $this->pulls() ? 'tension' : 'compression');
        $Pc = $this->available($d);
        $d?->with(['P_c' => [$Pc, Kind::Force]])->line('u', 'P_r / P_c', Kind::Number, 'B3');

        return $this->weighing(
            'axial',
            $this->pulls() ? 'Tension' : 'Compression',
            $this->pulls() ? 'D2' : 'E3, E4, E7',
            $P / $Pc,
            $d,
            $P,
            $Pc,
        );
    }

    /** @return array{float, float} P_r/P_c, and the sum of M_r/M_c about both axes, amplified */
    public function parts(): array
    {
        $P = max($this->column->compression, $this->column->tension);
        $sideways =
            $this->sideways <= 0.0
                ? 0.0
                : ($this->amplifier('y') * $this->sideways) /
                    $this->method->available(
                        'M_n',
                        $this->profile->weakMoment(),
                        Flexure::FACTORS,
                        'b',
                        Kind::Moment,
                        '',
                    );

        return [$P > 0.0 ? $P / $this->available() : 0.0, $this->bending * $this->amplifier('x') + $sideways];
    }

    private function together(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $c = $this->column;
        $P = max($c->compression, $c->tension);
        $p = 0.0;
        if ($P > 0.0) {
            $d?->given('P_r', $P, Kind::Force, '', $this->pulls() ? 'tension' : 'compression');
            $Pc = $this->available();
            $d?->given('P_c', $Pc, Kind::Force, $this->pulls() ? 'D2' : 'E', 'as in the weighing of axial force');
            $p = $P / $Pc;
            $d?->line('p', 'P_r / P_c', Kind::Number, 'H1.1');
        }
        $d?->given(
            'm_x1',
            $this->bending,
            Kind::Number,
            'F2',
            'greatest utilisation in bending about the strong axis, lateral-torsional buckling among it',
        );
        $mx = $this->bending * $this->amplifier('x', $d);
        $c->compression > 0.0
            ? $d
                ?->with(['B_1x' => [$this->amplifier('x'), Kind::Number]])
                ->line('m_x', 'B_1x * m_x1', Kind::Number, 'A-8-1')
            : $d?->line('m_x', 'm_x1', Kind::Number);
        $my = 0.0;
        if ($this->sideways > 0.0) {
            $d?->given(
                'M_ry',
                $this->sideways,
                Kind::Moment,
                '',
                'greatest moment about the weak axis, of first order',
            );
            $Mc = $this->method->available(
                'M_n',
                $this->profile->weakMoment($d),
                Flexure::FACTORS,
                'b',
                Kind::Moment,
                'F1(a)',
                $d,
            );
            $B = $this->amplifier('y', $d);
            $my = ($B * $this->sideways) / $Mc;
            $c->compression > 0.0
                ? $d
                    ?->with(['B_1y' => [$B, Kind::Number], 'M_c' => [$Mc, Kind::Moment]])
                    ->line('m_y', 'B_1y * M_ry / M_c', Kind::Number, 'H1.1')
                : $d?->with(['M_c' => [$Mc, Kind::Moment]])->line('m_y', 'M_ry / M_c', Kind::Number, 'H1.1');
        }
        $sum = $this->sideways > 0.0 ? '(m_x + m_y)' : 'm_x';
        $of = ['p' => [$p, Kind::Number], 'm_x' => [$mx, Kind::Number], 'm_y' => [$my, Kind::Number]];
        $isGreat = $p >= 0.2;
        $u = $isGreat ? $p + (8 / 9) * ($mx + $my) : $p / 2 + $mx + $my;
        $text = match (true) {
            $isGreat => "p + 8 / 9 * {$sum}",
            $P > 0.0 => 'p / 2 + '.trim($sum, '()'),
            default => trim($sum, '()'),
        };
        $d?->with(
            array_filter(
                $of,
                fn (string $symbol): bool => preg_match("/\\b{$symbol}\\b/", $text) === 1,
                ARRAY_FILTER_USE_KEY,
            ),
        )->line('u', $text, Kind::Number, $isGreat ? 'H1-1a' : 'H1-1b');
        $title = match (true) {
            $this->sideways === 0.0 => 'Bending with axial force',
            $P > 0.0 => 'Bending about both axes with axial force',
            default => 'Bending about both axes',
        };

        return $this->weighing('bending-axial', $title, $this->pulls() ? 'H1.2' : 'H1.1', $u, $d);
    }

    /** B_1 about an axis (A-8-3); 1 without compression. */
    private function amplifier(string $axis, ?Derivation $d = null): float
    {
        $c = $this->column;
        if ($c->compression <= 0.0) {
            return 1.0;
        }
        [$Lx, $Ly] = $c->L;
        [$ratio, $sways] =
            $axis === 'x' ? [$c->moments->y, $c->moments->swaysY] : [$c->moments->z, $c->moments->swaysZ];
        $Cm = $ratio === null ? 1.0 : 0.6 + 0.4 * $ratio;
        $I = $axis === 'x' ? $this->profile->whole->Iy : ($this->weakest ?? $this->profile->whole)->Iz;
        // Between its ends a member that sways with them buckles as one whose ends stay.
        $L = $sways ? min($axis === 'x' ? $Lx ?? INF : $Ly, $this->length) : ($axis === 'x' ? $Lx : $Ly);
        $Pe = $L === null ? $this->critical() : ($L <= 0.0 ? INF : (M_PI ** 2 * $this->profile->E * $I) / $L ** 2);
        $alpha = $this->method === Method::ASD ? 1.6 : 1.0;
        $B = max(1.0, $Cm / max(1 - ($alpha * $c->compression) / $Pe, self::LEAST));
        if ($d !== null) {
            $ratio === null
                ? $d->given(
                    "C_m{$axis}",
                    1.0,
                    Kind::Number,
                    'App. 8.1.2',
                    'load between the ends, or moments that do not run straight',
                )
                : $d
                    ->with(['psi' => [$ratio, Kind::Number]])
                    ->line(
                        "C_m{$axis}",
                        '0.6 + 0.4 * psi',
                        Kind::Number,
                        'A-8-4',
                        'ψ = −M_1/M_2, ratio of the end moments',
                    );
            if (is_infinite($Pe)) {
                $d->given("B_1{$axis}", $B, Kind::Number, 'A-8-3', 'continuously restrained');
            } else {
                $d->given("P_e1{$axis}", $Pe, Kind::Force, 'A-8-5', $L === null ? 'P_ex' : 'π² E I / L²');
                $d->given('alpha', $alpha, Kind::Number, 'App. 8.1.2', $this->method->value);
                $d->with(["C_m{$axis}" => [$Cm, Kind::Number], 'P_r' => [$c->compression, Kind::Force]])->line(
                    "B_1{$axis}",
                    "max(1, C_m{$axis} / max(1 - alpha * P_r / P_e1{$axis}, 0.05))",
                    Kind::Number,
                    'A-8-3',
                );
            }
        }

        return $B;
    }

    private function weighing(
        string $id,
        string $title,
        string $clause,
        float $ratio,
        ?Derivation $d,
        ?float $demand = null,
        ?float $capacity = null,
    ): Weighing {
        return new Weighing(
            $id,
            $title,
            "{$this->standard}, {$clause}",
            $ratio,
            against: new Against(
                demand: $demand,
                capacity: $capacity,
                kind: $demand === null ? Kind::Number : Kind::Force,
                demandSymbol: $demand === null ? '' : 'P_r',
                capacitySymbol: $demand === null ? '' : 'P_c',
            ),
            at: $this->column->at,
            remark: $demand === null
                ? 'The greatest forces and moments of the combination together: on the safe side.'
                : '',
            lines: $d->lines ?? [],
        );
    }
}
