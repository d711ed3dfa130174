<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\StressedStretches;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.1 and 9.2.1.1: bending of every span and over every support, with the bars that are there. */
final readonly class Bending
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $weighings = [];
        foreach ([1, -1] as $sign) {
            $block = Block::of($concrete)->numbers($concrete);
            foreach (StressedStretches::of($this->envelopes, $concrete, $block, $sign) as [$stretch, $e, $note]) {
                $weighings[] = $this->resists($concrete, $sign, $stretch, [$e, $note], $detail);
                $weighings[] = $this->leastBars($concrete, $sign, $stretch, $e->x, $detail);
            }
        }

        return $weighings;
    }

    /** @param  array{Extreme, string}  $of  the moment, and what stands beside it */
    private function resists(
        ConcreteMake $concrete,
        int $sign,
        BarStretch $stretch,
        array $of,
        Detail $detail,
    ): Weighing {
        [$e, $note] = $of;
        $w = $detail->working();
        $w->let('M_Ed', $sign * $e->value, Kind::Moment, '', $note);
        Section::depth($concrete, $stretch->group, $w);
        Strength::of($w, $concrete);
        Section::width($concrete, $sign, $e->x, $w);
        self::needed($concrete, $sign, $stretch, $w);
        $this->resistance($concrete, $stretch->group, $w);
        $u = $w->line('u', 'M_Ed / M_Rd', Kind::Number, '6.1(1)');
        $name = $sign > 0 ? 'sagging' : 'hogging';
        $what = ["Bending, {$name}", 'EN 1992-1-1, 6.1', 'M_Ed', 'M_Rd'];

        return (new StretchWeighings($this->envelopes, $concrete))->bending($sign, $stretch, $e, $w, $what);
    }

    /** Is the compressed face a flange that the block may reach below? */
    private static function isFlanged(Working $w): bool
    {
        return $w->has('h_f') && $w->value('b') > $w->value('b_w');
    }

    /** The most that the section takes without steel in compression; and what M_Ed needs. */
    public static function needed(ConcreteMake $concrete, int $sign, BarStretch $stretch, Working $w): void
    {
        $block = Block::of($concrete);
        [$k, $half, $f] = [$block->depth(), $block->half(), $block->strength()];
        $block->let($w);
        $w->line('x_max', $block->deepest(), Kind::Size, '5.5(4)');
        $isWeb = self::isFlanged($w) && $w->value("{$k} * x_max") > $w->value('h_f');
        if ($isWeb) {
            $w->line('F_f', "(b - b_w) * h_f * {$f}", Kind::Force, '3.1.7(3)', 'flange beside the web');
            $w->line('M_f', 'F_f * (d - h_f / 2)', Kind::Moment);
            $w->line(
                'F_max',
                "{$k} * x_max * b_w * {$f} + F_f",
                Kind::Force,
                '3.1.7(3)',
                'without steel in compression',
            );
            $w->line('M_max', "{$k} * x_max * b_w * {$f} * (d - {$half} * x_max) + M_f", Kind::Moment, '3.1.7(3)');
        } else {
            $w->line('F_max', "{$k} * x_max * b * {$f}", Kind::Force, '3.1.7(3)', 'without steel in compression');
            $w->line('M_max', "F_max * (d - {$half} * x_max)", Kind::Moment, '3.1.7(3)');
        }
        if ($w->value('M_Ed') > $w->value('M_max')) {
            self::compression($concrete, $sign, $stretch, $w);

            return;
        }
        if ($isWeb && $w->value('M_Ed') > $w->value("b * h_f * {$f} * (d - h_f / 2)")) {
            $rule = "d / 2 * (1 + sqrt(1 - 2 * (M_Ed - M_f) / (b_w * d^2 * {$f})))";
            $w->line('z_w', $rule, Kind::Size, '3.1.7(3)', 'of the web');
            $w->line('A_s_req', '(F_f + (M_Ed - M_f) / z_w) / f_yd', Kind::SteelArea, '', 'needed');

            return;
        }
        $w->line('z_req', "d / 2 * (1 + sqrt(1 - 2 * M_Ed / (b * d^2 * {$f})))", Kind::Size, '3.1.7(3)');
        $w->line('A_s_req', 'M_Ed / (z_req * f_yd)', Kind::SteelArea, '', 'needed');
    }

    private static function compression(ConcreteMake $concrete, int $sign, BarStretch $stretch, Working $w): void
    {
        $block = Block::of($concrete);
        $other = $concrete->steel()->leastInCompression($sign, $stretch->from, $stretch->to);
        $w->let('d_2', $other->centroid(), Kind::Size, '', 'to the bars in compression');
        $rule = "min(f_yd, {$block->stress()} * (1 - d_2 / x_max)) - {$block->strength()}";
        $w->line('sigma_s2', $rule, Kind::Stress, '3.1.7', 'at the failure strain; less displaced concrete');
        $w->line('A_s2_req', '(M_Ed - M_max) / ((d - d_2) * sigma_s2)', Kind::SteelArea, '', 'needed in compression');
        $w->line('A_s_req', '(F_max + (M_Ed - M_max) / (d - d_2)) / f_yd', Kind::SteelArea, '', 'needed');
        $w->let('A_s2', $other->bars->area(), Kind::SteelArea, '', "in compression {$other->text()}");
    }

    /** M_Rd of the bars; with those in compression where M_Ed calls for them and the bars in tension can use them. */
    private function resistance(ConcreteMake $concrete, BarGroup $group, Working $w): void
    {
        $block = Block::of($concrete);
        [$k, $half, $f] = [$block->depth(), $block->half(), $block->strength()];
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $group->text());
        if ($w->value('M_Ed') > $w->value('M_max') && $w->value('A_s * f_yd') > $w->value('F_max')) {
            $rule = 'max(0, min(A_s2 * sigma_s2, A_s * f_yd - F_max))';
            $w->line('F_s2', $rule, Kind::Force, '6.1(2)', 'as far as the bars in tension hold it');
            $w->line('M_Rd', 'M_max + F_s2 * (d - d_2)', Kind::Moment, '6.1(2)');

            return;
        }
        $note = 'steel yields before the concrete fails';
        if ($w->has('F_f') && $w->value('A_s * f_yd') > $w->value("b * h_f * {$f}")) {
            $w->line('x', "min((A_s * f_yd - F_f) / ({$k} * b_w * {$f}), x_max)", Kind::Size, '3.1.7(3)', $note);
            $w->line('M_Rd', "{$k} * x * b_w * {$f} * (d - {$half} * x) + M_f", Kind::Moment, '6.1(2)');

            return;
        }
        $w->line('x', "min(A_s * f_yd / ({$k} * b * {$f}), x_max)", Kind::Size, '3.1.7(3)', $note);
        $w->line('M_Rd', "{$k} * x * b * {$f} * (d - {$half} * x)", Kind::Moment, '6.1(2)');
    }

    /** 9.2.1.1(1): so that the beam does not break when it cracks. */
    private function leastBars(
        ConcreteMake $concrete,
        int $sign,
        BarStretch $stretch,
        float $x,
        Detail $detail,
    ): Weighing {
        $w = $detail->working();
        Section::depth($concrete, $stretch->group, $w);
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('f_yk', $concrete->fyk, Kind::Stress);
        Strength::tension($w);
        $tee = $concrete->tee($sign, $x);
        $tee->ht > 0.0
            ? $w->let('b_t', $tee->tensionWidth(), Kind::Size, '9.2.1.1(1)', 'mean of the part in tension')
            : $w->let('b_t', $concrete->b, Kind::Size, '9.2.1.1(1)');
        $w->line('A_s_min', 'max(0.26 * f_ctm / f_yk, 0.0013) * b_t * d', Kind::SteelArea, '9.2.1.1(1) (9.1N)');
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $stretch->group->text());
        $w->line('u', 'A_s_min / A_s', Kind::Number, '9.2.1.1(1)');

        return StretchWeighings::least($sign, $stretch, $w, 'EN 1992-1-1, 9.2.1.1');
    }
}
