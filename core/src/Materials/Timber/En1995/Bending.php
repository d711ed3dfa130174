<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\LoadHeight;
use Waage\Member\Restraint;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.1.6 and 6.3.3: bending, and lateral buckling between restraints of the compressed edge. */
final readonly class Bending
{
    public function __construct(private MemberEnvelopes $envelopes, private Durations $durations)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $worst = $this->worst($timber, -INF, INF, [1, -1]);
        $buckles = null;
        foreach ([1, -1] as $sign) {
            foreach ($this->lengths($sign) as [$from, $to]) {
                $found = $this->worst($timber, $from, $to, [$sign]);
                if ($found !== null) {
                    $length = $this->effective($timber, $to - $from, $sign);
                    $u = $this->buckling($timber, $found, $length, new Working(false));
                    $buckles = $buckles === null || $u > $buckles[0] ? [$u, $found, $length, $to - $from] : $buckles;
                }
            }
        }

        return [
            ...$worst === null ? [] : [$this->bending($timber, $worst, $derive)],
            $buckles === null
                ? new Weighing(
                    'buckling',
                    'Lateral buckling',
                    'EN 1995-1-1, 6.3.3',
                    null,
                    remark: 'The compressed edge is restrained all along, or nothing bends the member.',
                )
                : $this->weighBuckling($timber, $buckles[1], $buckles[2], $buckles[3], $derive),
        ];
    }

    /**
     * The greatest moment over k_mod between two places.
     *
     * @param  list<int>  $signs
     * @return array{Extreme, float, LoadDuration}|null with k_mod
     */
    private function worst(TimberMake $timber, float $from, float $to, array $signs): ?array
    {
        $worst = null;
        foreach ($this->durations->groups($timber->serviceClass) as [$duration, $kMod, $combinations]) {
            foreach ($signs as $sign) {
                $e = $this->envelopes->moment->extreme($combinations, $sign, $timber->weight(), max(0.0, $from), $to);
                $u = $e === null ? 0.0 : ($sign * $e->value) / $kMod;
                if ($e !== null && $u > 1e-6 && ($worst === null || $u > $worst[3] * (1 + 1e-9))) {
                    $worst = [$e, $kMod, $duration, $u];
                }
            }
        }

        return $worst === null ? null : [$worst[0], $worst[1], $worst[2]];
    }

    /** @param  array{Extreme, float, LoadDuration}  $of */
    private function bending(TimberMake $timber, array $of, bool $derive): Weighing
    {
        $w = new Working($derive);
        $this->stresses($timber, $of, $w);
        $w->line('u', 'sigma_m_d / f_m_d', Kind::Number, '6.1.6(1) (6.11)');

        return $this->weighing('bending', 'Bending', '6.1.6', 'f_m_d', $of, $timber, $w);
    }

    /** @param  array{Extreme, float, LoadDuration}  $of */
    private function stresses(TimberMake $timber, array $of, Working $w): void
    {
        [$e, $kMod, $duration] = $of;
        $w->let('M_d', abs($e->value), Kind::Moment, '', $e->value > 0.0 ? 'sagging' : 'hogging');
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h', $timber->h, Kind::Size);
        $w->line('W_y', 'b * h^2 / 6', Kind::Modulus);
        $w->line('sigma_m_d', 'M_d / W_y', Kind::Stress);
        $w->let('f_m_k', $timber->grade->fm, Kind::Stress, 'EN 338', $timber->grade->name);
        $timber->h < 150.0
            ? $w->line('k_h', 'min((150 / h)^0.2, 1.3)', Kind::Number, '3.2(3) (3.1)', 'h in mm')
            : $w->let('k_h', 1.0, Kind::Number, '3.2(3)', 'h is not less than 150 mm');
        $w->let(
            'k_sys',
            $timber->sharesLoad ? 1.1 : 1.0,
            Kind::Number,
            '6.6',
            $timber->sharesLoad ? 'shares its load' : 'stands alone',
        );
        Strength::of($w, $timber, 'f_m_d', 'f_m_k', $kMod, $duration, 'k_h * k_sys * ', '2.4.1 (2.14)');
    }

    /** @param  array{Extreme, float, LoadDuration}  $of */
    private function weighBuckling(
        TimberMake $timber,
        array $of,
        float $effective,
        float $length,
        bool $derive,
    ): Weighing {
        $w = new Working($derive);
        $w->let('l', $length, Kind::Length, '', 'between restraints of the compressed edge');
        $this->buckling($timber, $of, $effective, $w);

        return $this->weighing('buckling', 'Lateral buckling', '6.3.3', 'k_crit * f_m_d', $of, $timber, $w);
    }

    /** @param  array{Extreme, float, LoadDuration}  $of */
    private function buckling(TimberMake $timber, array $of, float $effective, Working $w): float
    {
        $this->stresses($timber, $of, $w);
        $w->let('l_ef', $effective, Kind::Length, '6.3.3(3), Table 6.1', 'constant moment, and where loads act');
        $w->let('E_0_05', $timber->grade->E05, Kind::ModulusOfElasticity, 'EN 338');
        if ($timber->grade->isSoftwood()) {
            $w->line('sigma_m_crit', '0.78 * b^2 * E_0_05 / (h * l_ef)', Kind::Stress, '6.3.3(3) (6.32)');
        } else {
            $w->line(
                'G_0_05',
                'E_0_05 / 16',
                Kind::ModulusOfElasticity,
                '',
                'in proportion, as EN 338 has the means',
            );
            $w->line('I_z', 'h * b^3 / 12', Kind::SecondMoment);
            $w->line('I_tor', 'h * b^3 / 3 * (1 - 0.63 * b / h)', Kind::SecondMoment);
            $w->line(
                'sigma_m_crit',
                'pi * sqrt(E_0_05 * I_z * G_0_05 * I_tor) / (l_ef * W_y)',
                Kind::Stress,
                '6.3.3(2) (6.31)',
            );
        }
        $lambda = $w->line('lambda_rel_m', 'sqrt(f_m_k / sigma_m_crit)', Kind::Number, '6.3.3(2) (6.30)');
        match (true) {
            $lambda <= 0.75 => $w->let('k_crit', 1.0, Kind::Number, '6.3.3(4) (6.34)', 'λ_rel,m is not above 0.75'),
            $lambda <= 1.4 => $w->line('k_crit', '1.56 - 0.75 * lambda_rel_m', Kind::Number, '6.3.3(4) (6.34)'),
            default => $w->line('k_crit', '1 / lambda_rel_m^2', Kind::Number, '6.3.3(4) (6.34)'),
        };

        return $w->line('u', 'sigma_m_d / (k_crit * f_m_d)', Kind::Number, '6.3.3(3) (6.33)');
    }

    private function effective(TimberMake $timber, float $length, int $sign): float
    {
        $side = $this->envelopes->beam->member->loadHeight;

        return match (true) {
            $side === LoadHeight::Centre => $length,
            $side->sign() === $sign => $length + 2 * $timber->h,
            default => max($length - 0.5 * $timber->h, 0.5 * $length),
        };
    }

    /**
     * Lengths between restraints of the edge that moments of a sign compress; beyond the last one a free end counts
     * with its whole length.
     *
     * @return list<array{float, float}>
     */
    private function lengths(int $sign): array
    {
        $member = $this->envelopes->beam->member;
        /** @var Restraint $edge */
        $edge = $sign > 0 ? $member->top : $member->bottom;
        if ($edge->isContinuous()) {
            return [];
        }
        $places = array_unique([0.0, ...$this->envelopes->beam->beam->forks, ...$edge->positions, $member->length]);
        sort($places);
        $lengths = [];
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            if ($places[$i] - $places[$i - 1] > 1.0) {
                $lengths[] = [$places[$i - 1], $places[$i]];
            }
        }

        return $lengths;
    }

    /** @param  array{Extreme, float, LoadDuration}  $of */
    private function weighing(
        string $id,
        string $title,
        string $clause,
        string $strength,
        array $of,
        TimberMake $timber,
        Working $w,
    ): Weighing {
        $e = $of[0];
        $beam = $this->envelopes->beam;
        $sign = $e->value >= 0.0 ? 1 : -1;
        $u = $w->value('u');
        $factors = $beam->worst(
            $e->combination,
            $timber->weight(),
            $this->envelopes->moment->effect,
            $sign,
            $e->segment,
            $e->t,
        );

        return new Weighing(
            $id,
            $title,
            "EN 1995-1-1, {$clause}",
            $u,
            demand: $w->value('sigma_m_d'),
            capacity: $w->value($strength),
            kind: Kind::LowStress,
            demandSymbol: 'sigma_m_d',
            capacitySymbol: str_contains($strength, '*') ? '' : $strength,
            x: $e->x,
            combination: $e->combination->id,
            arrangement: $beam->arrangementText($factors),
            factors: $factors,
            lines: $w->lines,
            ranges: [[0.0, $beam->member->length, abs($e->value) / $u, $u]],
        );
    }
}
