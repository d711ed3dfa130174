<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Interaction;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\SpanOf;
use Waage\Materials\Timber\TimberMake;
use Waage\Materials\Timber\Together;
use Waage\Member\LoadHeight;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.1.6 and 6.3.3: bending, and lateral buckling between restraints of the compressed edge. */
final readonly class Bending
{
    private MemberBuckling $ofMember;

    public function __construct(
        private Search $search,
        private RestrainedLengths $lengths,
        private bool $isFire = false,
    ) {
        $this->ofMember = new MemberBuckling($search->beam());
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $moment = $this->search->envelopes->moment;
        $bending = [];
        foreach ($this->search->spans() as $span) {
            $worst = $this->search->of($moment, $timber, [1, -1], $span->from, $span->to);
            array_push($bending, ...$worst === null ? [] : [$this->bending($timber, $worst, $span, $detail)]);
        }
        $buckles = null;
        foreach ([1, -1] as $sign) {
            foreach ($this->lengths->lateral($sign) as [$from, $to, $length]) {
                $found = $this->search->of($moment, $timber, [$sign], $from, $to);
                if ($found !== null) {
                    $w = new Working(false);
                    $this->buckling($timber, $found, $length, $sign, $w);
                    $u = $w->value('u');
                    $buckles = $buckles === null || $u > $buckles[0] ? [$u, $found, $length, $sign] : $buckles;
                }
            }
        }

        return [
            ...$bending,
            ...$this->lateral($timber, $buckles, $detail),
            ...$this->search->bendsSideways()
                ? (new Interaction($this->search))->weigh(
                    new Heading('bending-both', 'Bending about both axes', 'EN 1995-1-1, 6.1.6'),
                    $timber,
                    0,
                    $this->ofBoth(...),
                    $detail,
                )
                : [],
        ];
    }

    /**
     * @param  array{float, Governing, float, int}|null  $buckles
     * @return list<Weighing>
     */
    private function lateral(TimberMake $timber, ?array $buckles, Detail $detail): array
    {
        if ($buckles === null) {
            $remark = 'The compressed edge is restrained all along, or nothing bends the member.';

            return [
                new Weighing(
                    $this->isFire ? 'fire-buckling' : 'buckling',
                    $this->isFire ? 'Lateral buckling in fire' : 'Lateral buckling',
                    'EN 1995-1-1, 6.3.3',
                    null,
                    remark: $remark,
                ),
            ];
        }
        $w = $detail->working();
        $this->buckling($timber, $buckles[1], $buckles[2], $buckles[3], $w);

        return [
            Report::of(
                new Heading('buckling', 'Lateral buckling', 'EN 1995-1-1, 6.3.3'),
                $w,
                $buckles[1],
                'sigma_m_y_d',
                'k_crit * f_m_y_d',
                $this->ranges($buckles[1], $w),
            ),
        ];
    }

    private function bending(TimberMake $timber, Governing $at, SpanOf $span, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('M_y_d', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        self::stress($w, $timber, $at->group);
        $w->line('u', 'sigma_m_y_d / f_m_y_d', Kind::Number, '6.1.6(1) (6.11)');

        return Report::of(
            new Heading($span->id('bending'), $span->title('Bending'), 'EN 1995-1-1, 6.1.6', 'bending'),
            $w,
            $at,
            'sigma_m_y_d',
            'f_m_y_d',
            $this->ranges($at, $w, $span),
        );
    }

    /** @return list<list<float>> */
    private function ranges(Governing $at, Working $w, ?SpanOf $span = null): array
    {
        $u = $w->value('u');
        $length = $this->search->beam()->member->length;

        return $u > 0.0 ? [[$span->from ?? 0.0, $span->to ?? $length, abs($at->value) / $u, $u]] : [];
    }

    /** Stress and strength in bending about the major axis, of M_y_d. */
    public static function stress(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        self::sizes($w, $timber);
        $w->line('W_y', 'b * h^2 / 6', Kind::Modulus);
        $w->line('sigma_m_y_d', 'M_y_d / W_y', Kind::Stress);
        $times = Strength::size($w, $timber, $group, 'k_h', 'h', $timber->h).Strength::system($w, $timber);
        Strength::of($w, $timber, $group, 'f_m_y_d', $timber->grade->values->bending, $times);
    }

    /** The same about the minor axis, of M_z_d. */
    public static function stressFlat(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        self::sizes($w, $timber);
        $w->line('W_z', 'h * b^2 / 6', Kind::Modulus);
        $w->line('sigma_m_z_d', 'M_z_d / W_z', Kind::Stress);
        $times = Strength::size($w, $timber, $group, 'k_h_z', 'b', $timber->b);
        Strength::of($w, $timber, $group, 'f_m_z_d', $timber->grade->values->bendingFlat, $times);
    }

    public static function sizes(Working $w, TimberMake $timber): void
    {
        if (! $w->has('b')) {
            $w->let('b', $timber->b, Kind::Size, '', $timber->plies > 1 ? "{$timber->plies} plies" : '');
            $w->let('h', $timber->h, Kind::Size);
        }
    }

    private function buckling(TimberMake $timber, Governing $at, float $length, int $sign, Working $w): void
    {
        $w->let('M_y_d', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        self::stress($w, $timber, $at->group);
        $this->critical($w, $timber, $length, $sign);
        $isChosen = $timber->asked->criticalOfMember;
        $factor = $isChosen || $w->keepsLines ? $this->ofMember->factor($timber, $at) : null;
        if ($factor === null) {
            $w->line('u', 'sigma_m_y_d / (k_crit * f_m_y_d)', Kind::Number, '6.3.3(3) (6.33)');

            return;
        }
        $w->line('u_1', 'sigma_m_y_d / (k_crit * f_m_y_d)', Kind::Number, '6.3.3(3) (6.33)', 'by the formulas');
        $w->let('alpha_cr', $factor, Kind::Number, '', 'eigenvalue of the member, on its loads');
        $w->line('sigma_cr', 'alpha_cr * sigma_m_y_d', Kind::Stress, '6.3.3(2)');
        Stability::factor($w, 'lambda_rel_2', 'sigma_cr', 'k_crit_2');
        $w->line('u_2', 'sigma_m_y_d / (k_crit_2 * f_m_y_d)', Kind::Number, '6.3.3(3) (6.33)', 'by the eigenvalue');
        $w->line('u', $isChosen ? 'u_2' : 'u_1', Kind::Number, '', $isChosen ? 'as chosen' : 'the formulas count');
    }

    /** k_crit of a length between restraints. */
    private function critical(Working $w, TimberMake $timber, float $length, int $sign): void
    {
        $single = count($this->search->beam()->beam->fields()) === 1;
        $free = $single && $this->search->beam()->isOverhang(...$this->search->beam()->beam->fields()[0]);
        $isUniform = $single && ! $free && $this->hasOnlyUniform() && ! $this->lengths->isRestrainedBetween($sign);
        $w->let('l', $length, Kind::Length, '', 'between restraints of the compressed edge');
        [$part, $why] = match (true) {
            $free => [0.8, 'point load at the end of a cantilever'],
            $isUniform => [0.9, 'uniform load'],
            default => [1.0, 'as of a constant moment'],
        };
        $w->let('k_l', $part, Kind::Number, 'Table 6.1', $why);
        $side = $this->search->beam()->member->loadHeight;
        match (true) {
            $side === LoadHeight::Centre => $w->line('l_ef', 'k_l * l', Kind::Length, 'Table 6.1'),
            $side->sign() === $sign => $w->line(
                'l_ef',
                'k_l * l + 2 * h',
                Kind::Length,
                'Table 6.1',
                'loads on the compressed edge',
            ),
            default => $w->line(
                'l_ef',
                'max(k_l * l - 0.5 * h, 0.5 * l)',
                Kind::Length,
                'Table 6.1',
                'loads on the edge in tension',
            ),
        };
        Stability::lateral($w, $timber);
    }

    /** k_crit of the longest length that a moment of either sign may buckle; 1 where there is none. */
    public function leastCritical(Working $w, TimberMake $timber): void
    {
        $longest = null;
        foreach ([1, -1] as $sign) {
            foreach ($this->lengths->lateral($sign) as [$from, $to, $length]) {
                $acts = $this->search->of($this->search->envelopes->moment, $timber, [$sign], $from, $to) !== null;
                $longest = $acts && $length > ($longest[0] ?? 0.0) ? [$length, $sign] : $longest;
            }
        }
        $longest === null
            ? $w->let('k_crit', 1.0, Kind::Number, '6.3.3(5)', 'the compressed edge is restrained')
            : $this->critical($w, $timber, ...$longest);
    }

    private function hasOnlyUniform(): bool
    {
        foreach ($this->search->beam()->member->loads as $load) {
            if ($load->on && ! $load->isUniformOver($this->search->beam()->member->length)) {
                return false;
            }
        }

        return true;
    }

    /** Bending about both axes; each part of (6.11) and (6.12) by itself. */
    private function ofBoth(Working $w, Together $of, TimberMake $timber): bool
    {
        self::bothStresses($w, $of, $timber);
        $w->line('u_y', 'sigma_m_y_d / f_m_y_d + k_m * sigma_m_z_d / f_m_z_d', Kind::Number, '6.1.6(1) (6.11)');
        $w->line('u_z', 'k_m * sigma_m_y_d / f_m_y_d + sigma_m_z_d / f_m_z_d', Kind::Number, '6.1.6(1) (6.12)');
        $w->line('u', 'max(u_y, u_z)', Kind::Number);

        return true;
    }

    public static function bothStresses(Working $w, Together $of, TimberMake $timber): void
    {
        $w->let('M_y_d', $of->My, Kind::Moment);
        self::stress($w, $timber, $of->group);
        $w->let('M_z_d', $of->Mz, Kind::Moment);
        self::stressFlat($w, $timber, $of->group);
        $w->let('k_m', 0.7, Kind::Number, '6.1.6(2)', 'rectangle');
    }
}
