<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Lengths;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\SpanOf;
use Waage\Materials\Timber\TimberMake;
use Waage\Materials\Timber\Together;
use Waage\Units\Kind;

/** NDS 2018, 3.3, 3.9.1: bending with the smaller of the factors of beam stability C_L and, of glulam, volume C_V. */
final readonly class Bending
{
    private const INCH = 25.4;

    /** 3.3.3.7 */
    private const SLENDEREST = 50.0;

    public function __construct(private Search $search, private Lengths $lengths, private Method $method)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $weighings = [];
        foreach ($this->search->spans() as $span) {
            array_push($weighings, ...$this->span($timber, $span, $derive));
        }

        return [...$weighings, ...$this->search->bendsSideways() ? $this->both($timber, $derive) : []];
    }

    /** @return list<Weighing> of a span or overhang: the worst of its lengths between restraints */
    private function span(TimberMake $timber, SpanOf $span, bool $derive): array
    {
        $worst = null;
        foreach ([1, -1] as $sign) {
            foreach ($this->lengthsIn($timber, $span, $sign) as [$from, $to, $length]) {
                $at = $this->search->of($this->search->envelopes->moment, $timber, [$sign], $from, $to);
                if ($at === null) {
                    continue;
                }
                $w = $this->calculate($timber, $at, $length, $sign, new Working(false));
                $worst = $worst === null || $w->value('u') > $worst[0] ? [$w->value('u'), $at, $length, $sign] : $worst;
            }
        }
        if ($worst === null) {
            return [];
        }
        $w = $this->calculate($timber, $worst[1], $worst[2], $worst[3], new Working($derive));
        if ($w->has('R_B') && $w->value('R_B') > self::SLENDEREST) {
            return [
                new Weighing(
                    $span->id('bending'),
                    $span->title('Bending'),
                    'NDS 2018, 3.3.3.7',
                    $w->value('R_B') / self::SLENDEREST,
                    demand: $w->value('R_B'),
                    capacity: self::SLENDEREST,
                    remark: 'The slenderness ratio R_B is above 50, which is not permitted. Restrain the compressed edge at closer places.',
                    lines: $w->lines,
                    group: 'bending',
                ),
            ];
        }
        $u = $w->value('u');
        $ranges = $u > 0.0 ? [[$span->from, $span->to, abs($worst[1]->value) / $u, $u]] : [];

        return [
            Report::of(
                new Heading($span->id('bending'), $span->title('Bending'), 'NDS 2018, 3.3', 'bending'),
                $w,
                $worst[1],
                'f_b',
                'F_b_adj',
                $ranges,
            ),
        ];
    }

    /** @return list<array{float, float, float}> what of the restrained lengths lies in a span: from, to, length */
    private function lengthsIn(TimberMake $timber, SpanOf $span, int $sign): array
    {
        $lengths = $this->isRestrainedByRule($timber) ? [] : $this->lengths->lateral($sign);
        $within = [];
        foreach ($lengths as [$from, $to, $length]) {
            if ($to > $span->from + 1.0 && $from < $span->to - 1.0) {
                $within[] = [max($from, $span->from), min($to, $span->to), $length];
            }
        }

        return $lengths === [] ? [[$span->from, $span->to, 0.0]] : $within;
    }

    private function calculate(TimberMake $timber, Governing $at, float $length, int $sign, Working $w): Working
    {
        $w->let('M', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        self::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->line('f_b', 'M / S', Kind::Stress, '3.3.2');
        $this->strength($w, $timber, $at->group, $length, $sign);
        $w->line('u', 'f_b / F_b_adj', Kind::Number, '3.3.1');

        return $w;
    }

    public static function sizes(Working $w, TimberMake $timber): void
    {
        if (! $w->has('b')) {
            $w->let('b', $timber->b, Kind::Size, '', $timber->plies > 1 ? "{$timber->plies} plies" : '');
            $w->let('d', $timber->h, Kind::Size);
        }
    }

    /**
     * F_b*, C_L, C_V and F′_b; length 0: the compressed edge is restrained.
     */
    public function strength(Working $w, TimberMake $timber, LoadGroup $group, float $length, int $sign): void
    {
        $values = new Values($timber, $this->method);
        $isGlulam = $timber->grade->product === Product::Glulam;
        $of = $sign > 0 ? $timber->grade->values->bending : $timber->grade->values->bendingReversed;
        $values->adjusted($w, $group, 'F_b_star', 'F_b', $of, 'b');
        if ($length <= 0.0) {
            $w->let(
                'C_L',
                1.0,
                Kind::Number,
                '3.3.3',
                $this->isRestrainedByRule($timber) ? 'd/b by 4.4.1, or d ≤ b' : 'the compressed edge is restrained',
            );
        } else {
            $this->stability($w, $timber, $group, $length, $sign);
        }
        if (! $isGlulam) {
            $w->line('F_b_adj', 'F_b_star * C_L', Kind::Stress, 'Table 4.3.1');

            return;
        }
        $w->let(
            'L_0',
            $this->betweenZeros(),
            Kind::Length,
            '5.3.6',
            'between points of zero moment, or the longest span',
        );
        $w->let('x', str_contains($timber->grade->name, 'SP') ? 20.0 : 10.0, Kind::Number, '5.3.6');
        $w->let('L_21', 21 * 12 * self::INCH, Kind::Length, '5.3.6', '21 ft');
        $w->let('d_12', 12 * self::INCH, Kind::Size, '5.3.6', '12 in.');
        $w->let('b_5', 5.125 * self::INCH, Kind::Size, '5.3.6', '5.125 in.');
        $w->line('C_V', 'min(1, (L_21 / L_0 * d_12 / d * b_5 / b)^(1 / x))', Kind::Number, '5.3.6 (5.3-1)');
        $w->line('F_b_adj', 'F_b_star * min(C_L, C_V)', Kind::Stress, '5.3.6', 'the smaller of C_L and C_V');
    }

    /** 3.3.3: R_B, F_bE and C_L. */
    private function stability(Working $w, TimberMake $timber, LoadGroup $group, float $length, int $sign): void
    {
        $w->let('l_u', $length, Kind::Length, '3.3.3.4', 'between restraints of the compressed edge');
        $fields = $this->search->beam()->beam->fields();
        $isCantilever = count($fields) === 1 && $this->search->beam()->isOverhang(...$fields[0]);
        $ratio = $length / $timber->h;
        match (true) {
            $isCantilever && $ratio < 7.0 => $w->line(
                'l_e',
                '1.87 * l_u',
                Kind::Length,
                'Table 3.3.3',
                'cantilever, load at its end',
            ),
            $isCantilever => $w->line(
                'l_e',
                '1.44 * l_u + 3 * d',
                Kind::Length,
                'Table 3.3.3',
                'cantilever, load at its end',
            ),
            $ratio < 7.0 => $w->line('l_e', '2.06 * l_u', Kind::Length, 'Table 3.3.3', 'l_u/d below 7'),
            $ratio <= 14.3 || $this->isUniform($sign) => $w->line(
                'l_e',
                '1.63 * l_u + 3 * d',
                Kind::Length,
                'Table 3.3.3',
                $ratio <= 14.3 ? 'l_u/d of 7 to 14.3' : 'uniform load',
            ),
            default => $w->line('l_e', '1.84 * l_u', Kind::Length, 'Table 3.3.3', 'l_u/d above 14.3'),
        };
        Stability::lateral($w, $timber, $group, $this->method);
    }

    private function isUniform(int $sign): bool
    {
        $member = $this->search->beam()->member;
        foreach ($member->loads as $load) {
            if ($load->on && ! $load->isUniformOver($member->length)) {
                return false;
            }
        }

        return count($this->search->beam()->beam->fields()) === 1 && ! $this->lengths->isRestrainedBetween($sign);
    }

    private function betweenZeros(): float
    {
        return max(0.0, ...array_map(fn (array $f): float => $f[1] - $f[0], $this->search->beam()->beam->fields()));
    }

    /** 3.3.3.1, and of sawn lumber where it is asked for 4.4.1.2: up to 4 to 1 (nominal) held at the ends only. */
    public function isRestrainedByRule(TimberMake $timber): bool
    {
        $ratio = $timber->h / $timber->b;

        return $ratio <= 1.0 ||
            ($timber->grade->product->isSawn() && $timber->asked->byDepthToBreadth && $ratio <= 4.0 * 1.15);
    }

    /** The longest length between restraints that a moment may buckle; 0 where it is restrained. */
    public function longest(TimberMake $timber): float
    {
        $longest = 0.0;
        foreach ([1, -1] as $sign) {
            foreach (
                $this->isRestrainedByRule($timber) ? [] : $this->lengths->lateral($sign) as [$from, $to, $length]
            ) {
                $acts = $this->search->of($this->search->envelopes->moment, $timber, [$sign], $from, $to) !== null;
                $longest = $acts ? max($longest, $length) : $longest;
            }
        }

        return $longest;
    }

    /** Stress and F′_b2 of bending about the minor axis, of M_2. */
    public function flat(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        self::sizes($w, $timber);
        $w->line('S_2', 'd * b^2 / 6', Kind::Modulus);
        $w->line('f_b2', 'M_2 / S_2', Kind::Stress);
        (new Values($timber, $this->method))->adjusted(
            $w,
            $group,
            'F_b2_adj',
            'F_b2',
            $timber->grade->values->bendingFlat,
            'b',
            true,
        );
    }

    /** @return list<Weighing> (3.9-3) without axial force */
    private function both(TimberMake $timber, bool $derive): array
    {
        $worst = null;
        foreach ($this->search->together($timber, 0) as $of) {
            $u = $this->bothOf($of, $timber, new Working(false))->value('u');
            $worst = $worst === null || $u > $worst[0] ? [$u, $of] : $worst;
        }
        if ($worst === null) {
            return [];
        }
        $w = $this->bothOf($worst[1], $timber, new Working($derive));

        return [
            Report::ratio(
                new Heading('bending-both', 'Bending about both axes', 'NDS 2018, 3.9.2'),
                $w,
                $this->search->governing($worst[1], $timber),
                'Greatest moments about either axis of a combination are put together: on the safe side.',
            ),
        ];
    }

    private function bothOf(Together $of, TimberMake $timber, Working $w): Working
    {
        $w->let('M', $of->My, Kind::Moment);
        self::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->line('f_b1', 'M / S', Kind::Stress);
        $this->strength($w, $timber, $of->group, $this->longest($timber), 1);
        $w->let('M_2', $of->Mz, Kind::Moment);
        $this->flat($w, $timber, $of->group);
        if ($w->has('F_bE')) {
            $w->line('u_E', '(f_b1 / F_bE)^2', Kind::Number, '3.9.2 (3.9-4)', 'part of lateral buckling');
        } else {
            $w->let('u_E', 0.0, Kind::Number, '3.9.2', 'restrained');
        }
        $w->value('u_E') < 0.99
            ? $w->line('u', 'f_b1 / F_b_adj + f_b2 / (F_b2_adj * (1 - u_E))', Kind::Number, '3.9.2 (3.9-3)')
            : $w->line('u', '1 + u_E', Kind::Number, '3.9.2 (3.9-4)', 'it buckles');

        return $w;
    }
}
