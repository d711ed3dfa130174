<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\Envelope;
use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\Taper;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\LoadHeight;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.4.2 and 6.4.3: bending, shear and, at an apex, tension across the grain of tapered glulam beams. */
final readonly class TaperedBeam
{
    /** Places that are looked at for the greatest stress, besides those next to the best of them. */
    private const PLACES = 80;

    private const FINER = 10;

    /** As far to either side of a place it is the same, mm. */
    private const NEAR = 0.5;

    public function __construct(private Search $search, private RestrainedLengths $lengths)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $taper = $timber->taper ?? throw new \LogicException('It has a taper.');
        $weighings = [];
        $edges = [1 => ['bending', 'Bending at the tapered edge'], -1 => ['hogging', 'Hogging at the tapered edge']];
        foreach ($edges as $sign => [$id, $title]) {
            $at = $this->worst($this->search->envelopes->moment, $timber, [$sign], 2);
            if ($at !== null) {
                $w = $this->edge($timber, $taper, $at, $sign, $detail->working());
                $weighings[] = Report::of(
                    new Heading($id, $title, 'EN 1995-1-1, 6.4.2'),
                    $w,
                    $at,
                    'sigma_m_y_d',
                    'k_m_alpha * f_m_y_d',
                );
                array_push($weighings, ...$this->lateral($timber, $at, $sign, $detail));
            }
        }
        $shear = $this->worst($this->search->envelopes->shear, $timber, [1, -1], 1);
        if ($shear !== null) {
            $w = $detail->working();
            $w->let('V_d', abs($shear->value), Kind::Force);
            $w->let('b', $timber->b, Kind::Size);
            $w->let('h_x', $timber->depthAt($shear->x), Kind::Size, '', 'depth there');
            Shear::stress($w, $timber, 'b', 'h_x');
            Strength::of(
                $w,
                $timber,
                $shear->group,
                'f_v_d',
                $timber->grade->values->shear,
                Strength::system($w, $timber),
            );
            $w->line('u', 'tau_d / f_v_d', Kind::Number, '6.1.7(1) (6.13)');
            $weighings[] = Report::of(
                new Heading('shear', 'Shear', 'EN 1995-1-1, 6.1.7'),
                $w,
                $shear,
                'tau_d',
                'f_v_d',
            );
        }

        return [...$weighings, ...$taper->isDouble ? $this->apex($timber, $taper, $detail) : []];
    }

    /**
     * Where a force over a power of the depth, and over its factor, is greatest.
     *
     * @param  list<int>  $signs
     */
    private function worst(Envelope $envelope, TimberMake $timber, array $signs, int $power): ?Governing
    {
        $worst = null;
        $step = $timber->length() / self::PLACES;
        foreach ($this->search->durations->groups($timber) as $group) {
            foreach ($signs as $sign) {
                $at = fn (float $x): float => max(
                    0.0,
                    $sign *
                        ($envelope->extreme(
                            $group->combinations,
                            $sign,
                            $timber->weight(),
                            max(0.0, $x - self::NEAR),
                            $x + self::NEAR,
                        )->value ??
                            0.0),
                ) /
                    $timber->depthAt($x) ** $power /
                    $group->factor;
                $best = [0.0, 0.0];
                for ($i = 0; $i <= self::PLACES; $i++) {
                    $best = $at($i * $step) > $best[1] ? [$i * $step, $at($i * $step)] : $best;
                }
                $middle = $best[0];
                for ($i = -self::FINER; $i <= self::FINER; $i++) {
                    $x = min($timber->length(), max(0.0, $middle + ($i * $step) / self::FINER));
                    $best = $at($x) > $best[1] ? [$x, $at($x)] : $best;
                }
                $worst = $best[1] > ($worst[1] ?? 1e-12) * (1 + 1e-9) ? [$best[0], $best[1], $sign] : $worst;
            }
        }

        return $worst === null
            ? null
            : $this->search->of($envelope, $timber, [$worst[2]], $worst[0] - self::NEAR, $worst[0] + self::NEAR);
    }

    private function edge(TimberMake $timber, Taper $taper, Governing $at, int $sign, Working $w): Working
    {
        $this->stress($timber, $at, $w);
        $w->let(
            'tan_alpha',
            $taper->slope($timber->length(), $timber->h),
            Kind::Number,
            '',
            'slope of the tapered edge',
        );
        $this->across($w, $timber, $at->group);
        $inCompression = $taper->isAbove === $sign > 0;
        $inCompression
            ? $w->line(
                'k_m_alpha',
                '1 / sqrt(1 + (f_m_y_d / (1.5 * f_v_d) * tan_alpha)^2 + (f_m_y_d / f_c_90_d * tan_alpha^2)^2)',
                Kind::Number,
                '6.4.2(2) (6.40)',
                'tapered edge in compression',
            )
            : $w->line(
                'k_m_alpha',
                '1 / sqrt(1 + (f_m_y_d / (0.75 * f_v_d) * tan_alpha)^2 + (f_m_y_d / f_t_90_d * tan_alpha^2)^2)',
                Kind::Number,
                '6.4.2(2) (6.39)',
                'tapered edge in tension',
            );
        $w->line('u', 'sigma_m_y_d / (k_m_alpha * f_m_y_d)', Kind::Number, '6.4.2(2) (6.38)');

        return $w;
    }

    /** Stress and strength in bending where it is greatest. */
    private function stress(TimberMake $timber, Governing $at, Working $w): void
    {
        $depth = $timber->depthAt($at->x);
        $w->let('M_y_d', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        $w->let('x', $at->x, Kind::Length, '', 'place of the greatest stress');
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h_x', $depth, Kind::Size, '', 'depth there');
        $w->line('sigma_m_y_d', '6 * M_y_d / (b * h_x^2)', Kind::Stress, '6.4.2(2) (6.37)');
        $times = Strength::size($w, $timber, $at->group, 'k_h', 'h_x', $depth).Strength::system($w, $timber);
        Strength::of($w, $timber, $at->group, 'f_m_y_d', $timber->grade->values->bending, $times);
    }

    private function across(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        Strength::of($w, $timber, $group, 'f_v_d', $timber->grade->values->shear);
        Strength::of($w, $timber, $group, 'f_c_90_d', $timber->grade->values->across);
        Strength::of($w, $timber, $group, 'f_t_90_d', 0.5);
    }

    /** @return list<Weighing> lateral buckling with the slenderness of the greatest depth: on the safe side */
    private function lateral(TimberMake $timber, Governing $at, int $sign, Detail $detail): array
    {
        $lengths = array_column($this->lengths->lateral($sign), 2);
        if ($lengths === []) {
            return [];
        }
        $w = $detail->working();
        $this->stress($timber, $at, $w);
        $w->let('h', $timber->h, Kind::Size, '', 'greatest depth: on the safe side');
        $w->line('W_y', 'b * h^2 / 6', Kind::Modulus);
        $w->let('l', max($lengths), Kind::Length, '', 'between restraints of the compressed edge');
        $onEdge = $this->search->beam()->member->loadHeight !== LoadHeight::Centre;
        $w->line('l_ef', $onEdge ? 'l + 2 * h' : 'l', Kind::Length, 'Table 6.1', 'as of a constant moment');
        Stability::lateral($w, $timber);
        $w->line('u', 'sigma_m_y_d / (k_crit * f_m_y_d)', Kind::Number, '6.3.3(3) (6.33)');

        return [
            Report::of(
                new Heading($sign > 0 ? 'buckling' : 'buckling-hogging', 'Lateral buckling', 'EN 1995-1-1, 6.3.3'),
                $w,
                $at,
                'sigma_m_y_d',
                'k_crit * f_m_y_d',
            ),
        ];
    }

    /** @return list<Weighing> 6.4.3: bending and tension across the grain at the apex of a straight beam */
    private function apex(TimberMake $timber, Taper $taper, Detail $detail): array
    {
        $middle = $timber->length() / 2;
        $at = $this->search->of(
            $this->search->envelopes->moment,
            $timber,
            [1],
            $middle - self::NEAR,
            $middle + self::NEAR,
        );
        if ($at === null) {
            return [];
        }
        $w = $detail->working();
        $this->apexBending($timber, $taper, $at, $w);
        $bending = Report::of(
            new Heading('apex', 'Bending at the apex', 'EN 1995-1-1, 6.4.3'),
            $w,
            $at,
            'sigma_m_d',
            'f_m_y_d',
        );
        if ($at->group->isFire) {
            return [$bending];
        }

        return [$bending, $this->apexTension($timber, $taper, $at, $detail->working())];
    }

    private function apexBending(TimberMake $timber, Taper $taper, Governing $at, Working $w): void
    {
        $w->let('M_ap_d', $at->value, Kind::Moment, '', 'at the apex');
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h_ap', $timber->h, Kind::Size);
        $w->let(
            'tan_alpha',
            $taper->slope($timber->length(), $timber->h),
            Kind::Number,
            '',
            'slope of the tapered edge',
        );
        $w->line(
            'k_l',
            '1 + 1.4 * tan_alpha + 5.4 * tan_alpha^2',
            Kind::Number,
            '6.4.3(4) (6.43)',
            'straight: no curvature',
        );
        $w->line('sigma_m_d', 'k_l * 6 * M_ap_d / (b * h_ap^2)', Kind::Stress, '6.4.3(4) (6.42)');
        $times = Strength::size($w, $timber, $at->group, 'k_h', 'h_ap', $timber->h).Strength::system($w, $timber);
        Strength::of($w, $timber, $at->group, 'f_m_y_d', $timber->grade->values->bending, $times);
        $w->let('k_r', 1.0, Kind::Number, '6.4.3(5) (6.49)', 'straight laminations');
        $w->line('u', 'sigma_m_d / (k_r * f_m_y_d)', Kind::Number, '6.4.3(3) (6.41)');
    }

    /** With the shear at the apex (6.53), which is none under loads alike on both halves. */
    private function apexTension(TimberMake $timber, Taper $taper, Governing $at, Working $w): Weighing
    {
        $L = $timber->length();
        $V = $this->search->envelopes->shear->greatest(
            [$at->combination],
            $timber->weight(),
            $L / 2 - self::NEAR,
            $L / 2 + self::NEAR,
        );
        $w->let('M_ap_d', $at->value, Kind::Moment, '', 'at the apex');
        $w->let('V_d', abs($V->value ?? 0.0), Kind::Force, '', 'greatest shear there');
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h_ap', $timber->h, Kind::Size);
        $w->let('h_s', $taper->endDepth, Kind::Size);
        $w->let('L', $L, Kind::Length);
        $w->let('tan_alpha', $taper->slope($L, $timber->h), Kind::Number);
        $w->line('k_p', '0.2 * tan_alpha', Kind::Number, '6.4.3(8) (6.56)', 'straight: no curvature');
        $w->line(
            'sigma_t_90_d',
            'k_p * 6 * M_ap_d / (b * h_ap^2)',
            Kind::Stress,
            '6.4.3(8) (6.54)',
            'without pressure term',
        );
        $w->let('k_dis', 1.4, Kind::Number, '6.4.3(7) (6.52)');
        $w->line('V_b', 'b * L * (h_s + h_ap) / 2 / 10^9', Kind::Number, '', 'volume of the beam, m³');
        $w->line(
            'V',
            'min(b * h_ap^2 * (1 - tan_alpha / 4) / 10^9, 2 / 3 * V_b)',
            Kind::Number,
            '6.4.3(6), Figure 6.9',
            'stressed volume, m³',
        );
        $w->line('k_vol', 'min(1, (0.01 / V)^0.2)', Kind::Number, '6.4.3(6) (6.51)');
        Strength::of($w, $timber, $at->group, 'f_t_90_d', 0.5);
        Shear::stress($w, $timber, 'b', 'h_ap');
        Strength::of($w, $timber, $at->group, 'f_v_d', $timber->grade->values->shear);
        $w->line('u_90', 'sigma_t_90_d / (k_dis * k_vol * f_t_90_d)', Kind::Number, '6.4.3(6) (6.50)', 'tension alone');
        $w->line('u', 'tau_d / f_v_d + u_90', Kind::Number, '6.4.3(9) (6.53)', 'with shear');

        return Report::of(
            new Heading('apex-tension', 'Tension across the grain at the apex', 'EN 1995-1-1, 6.4.3'),
            $w,
            $at,
            'sigma_t_90_d',
            'k_dis * k_vol * f_t_90_d',
        );
    }
}
