<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

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

/** CSA O86:19, 6.5.4 and 7.5.6: bending of sawn timber and of glulam, with the factor of lateral stability. */
final readonly class Bending
{
    /** 7.5.6.4.1 */
    private const SLENDEREST = 50.0;

    public function __construct(private Search $search, private Lengths $lengths)
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
        $clause = $timber->grade->product === Product::Glulam ? 'CSA O86:19, 7.5.6' : 'CSA O86:19, 6.5.4';
        if ($w->has('C_B') && $w->value('C_B') > self::SLENDEREST) {
            return [
                new Weighing(
                    $span->id('bending'),
                    $span->title('Bending'),
                    $clause,
                    $w->value('C_B') / self::SLENDEREST,
                    demand: $w->value('C_B'),
                    capacity: self::SLENDEREST,
                    remark: 'The slenderness ratio C_B is above 50, which is not permitted. Restrain the compressed edge at closer places.',
                    lines: $w->lines,
                    group: 'bending',
                ),
            ];
        }
        $u = $w->value('u');
        $ranges = $u > 0.0 ? [[$span->from, $span->to, abs($worst[1]->value) / $u, $u]] : [];

        return [
            Report::of(
                new Heading($span->id('bending'), $span->title('Bending'), $clause, 'bending', Kind::Moment),
                $w,
                $worst[1],
                'M_f',
                'M_r',
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
        $w->let('M_f', abs($at->value), Kind::Moment, '', $at->value > 0.0 ? 'sagging' : 'hogging');
        $this->resistance($w, $timber, $at->group, $length, $sign);
        $w->line('u', 'M_f / M_r', Kind::Number);

        return $w;
    }

    public static function sizes(Working $w, TimberMake $timber): void
    {
        if (! $w->has('b')) {
            $w->let('b', $timber->b, Kind::Size, '', $timber->plies > 1 ? "{$timber->plies} plies" : '');
            $w->let('d', $timber->h, Kind::Size);
        }
    }

    /** M_r about the major axis; length 0: the compressed edge is restrained. */
    public function resistance(Working $w, TimberMake $timber, LoadGroup $group, float $length, int $sign): void
    {
        self::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $values = new Values($timber);
        $of = $sign > 0 ? $timber->grade->values->bending : $timber->grade->values->bendingReversed;
        $values->strength($w, $group, 'F_b', 'f_b', $of, 'b');
        $length <= 0.0
            ? $w->let(
                'K_L',
                1.0,
                Kind::Number,
                '6.5.4.2',
                $this->isRestrainedByRule($timber) ? 'd/b not above 4' : 'the compressed edge is restrained',
            )
            : $this->stability($w, $timber, $length);
        $w->let('phi', 0.9, Kind::Number, '6.5.4.1');
        if ($timber->grade->product === Product::Glulam) {
            $w->let(
                'L',
                $this->betweenZeros(),
                Kind::Length,
                '7.5.6.5.1',
                'between points of zero moment, or the longest span',
            );
            $w->line(
                'K_Zbg',
                'min(1.3, (130 / b)^0.1 * (610 / d)^0.1 * (9100 / L)^0.1)',
                Kind::Number,
                '7.5.6.5.1',
                'mm',
            );
            $w->line('M_r1', 'phi * F_b * S * K_Zbg', Kind::Moment, '7.5.6.5.1', 'K_X = 1: straight');
            $w->line('M_r2', 'phi * F_b * S * K_L', Kind::Moment, '7.5.6.5.1');
            $w->line('M_r', 'min(M_r1, M_r2)', Kind::Moment, '7.5.6.5.1');

            return;
        }
        $w->let('K_Zb', $values->size('b'), Kind::Number, 'Table 6.4.5');
        $w->line('M_r', 'phi * F_b * S * K_Zb * K_L', Kind::Moment, '6.5.4.1');
    }

    /** 7.5.6.4: C_B, C_K and K_L. */
    private function stability(Working $w, TimberMake $timber, float $length): void
    {
        $fields = $this->search->beam()->beam->fields();
        $isCantilever = count($fields) === 1 && $this->search->beam()->isOverhang(...$fields[0]);
        $w->let('l_u', $length, Kind::Length, '7.5.6.4.3', 'between restraints of the compressed edge');
        $isCantilever
            ? $w->line('L_e', '1.69 * l_u', Kind::Length, 'Table 7.4', 'cantilever, load at its end')
            : $w->line('L_e', '1.92 * l_u', Kind::Length, 'Table 7.4', 'any loading');
        Stability::lateral($w, $timber);
    }

    private function betweenZeros(): float
    {
        return max(0.0, ...array_map(fn (array $f): float => $f[1] - $f[0], $this->search->beam()->beam->fields()));
    }

    /** 6.5.4.2: sawn timber up to 4 to 1 is held at its ends only; glulam up to 2.5 to 1 (7.5.6.3.1). */
    public function isRestrainedByRule(TimberMake $timber): bool
    {
        return $timber->h / $timber->b <= ($timber->grade->product->isSawn() ? 4.0 : 2.5);
    }

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

    /** M_r about the minor axis; K_Z of the depth, without more for flatwise use: on the safe side. */
    public function flat(Working $w, TimberMake $timber, LoadGroup $group): void
    {
        self::sizes($w, $timber);
        $w->line('S_y', 'd * b^2 / 6', Kind::Modulus);
        $values = new Values($timber);
        $values->strength($w, $group, 'F_b_y', 'f_b_y', $timber->grade->values->bendingFlat, 'b');
        $w->let('phi', 0.9, Kind::Number, '6.5.4.1');
        $w->let('K_Zb_y', $values->size('b'), Kind::Number, 'Table 6.4.5', 'of the depth');
        $w->line('M_r_y', 'phi * F_b_y * S_y * K_Zb_y', Kind::Moment, '6.5.4.1');
    }

    /** @return list<Weighing> */
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
                new Heading('bending-both', 'Bending about both axes', 'CSA O86:19, 6.5.4.3'),
                $w,
                $this->search->governing($worst[1], $timber),
                'Greatest moments about either axis of a combination are put together: on the safe side.',
            ),
        ];
    }

    private function bothOf(Together $of, TimberMake $timber, Working $w): Working
    {
        $w->let('M_f', $of->My, Kind::Moment);
        $this->resistance($w, $timber, $of->group, $this->longest($timber), 1);
        $w->let('M_f_y', $of->Mz, Kind::Moment);
        $this->flat($w, $timber, $of->group);
        $w->line('u', 'M_f / M_r + M_f_y / M_r_y', Kind::Number, '6.5.4.3');

        return $w;
    }
}
