<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\StressedStretches;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Units\Kind;

/** BS 8110-1:1997, 3.4.4 and 3.12.5: bending of every span and over every support, with the bars that are there. */
final readonly class Bending
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $weighings = [];
        $block = Strength::block($concrete);
        foreach ([1, -1] as $sign) {
            foreach (StressedStretches::of($this->envelopes, $concrete, $block, $sign) as [$stretch, $e, $note]) {
                $weighings[] = $this->resists($concrete, $sign, $stretch, [$e, $note], $detail);
                $weighings[] = $this->leastBars($concrete, $sign, $stretch, $detail);
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
        $w->let('M', $sign * $e->value, Kind::Moment, '', $note);
        Section::depth($concrete, $stretch->group, $w);
        Strength::let($w, $concrete);
        Section::width($concrete, $sign, $e->x, $w);
        $this->needed($concrete, $sign, $stretch, $w);
        $this->resistance($stretch, $w);
        $w->line('u', 'M / M_R', Kind::Number, '3.4.4');
        $name = $sign > 0 ? 'sagging' : 'hogging';
        $what = ["Bending, {$name}", 'BS 8110-1, 3.4.4', 'M', 'M_R'];

        return (new StretchWeighings($this->envelopes, $concrete))->bending($sign, $stretch, $e, $w, $what);
    }

    /** A_s that M asks for, by the design formulae of 3.4.4.4; of flanges by the block of Figure 3.3. */
    public static function needed(ConcreteMake $concrete, int $sign, BarStretch $stretch, Working $w): void
    {
        $w->let('K_lim', Strength::limit($concrete), Kind::Number, '3.4.4.4', 'K′ by β_b');
        $isWeb = $w->has('h_f') && $w->value('b') > $w->value('b_w');
        $isWeb = $isWeb && $w->value('M') > $w->value('0.45 * f_cu * b * h_f * (d - h_f / 2)');
        if ($isWeb) {
            $w->line('F_f', '0.45 * f_cu * (b - b_w) * h_f', Kind::Force, 'Figure 3.3', 'flange beside the web');
            $w->line('M_f', 'F_f * (d - h_f / 2)', Kind::Moment);
        }
        [$M, $b] = $isWeb ? ['(M - M_f)', 'b_w'] : ['M', 'b'];
        $w->line('K', "{$M} / ({$b} * d^2 * f_cu)", Kind::Number, '3.4.4.4', $isWeb ? 'of the web' : '');
        $more = $isWeb ? ' + F_f / (f_y / gamma_ms)' : '';
        if ($w->value('K') <= $w->value('K_lim')) {
            $w->line('z', 'min(d * (0.5 + sqrt(0.25 - K / 0.9)), 0.95 * d)', Kind::Size, '3.4.4.4');
            $w->line('A_s_req', "{$M} / (f_y / gamma_ms * z){$more}", Kind::SteelArea, '3.4.4.4', 'needed');

            return;
        }
        $other = $concrete->steel()->leastInCompression($sign, $stretch->from, $stretch->to);
        $w->line('z', 'd * (0.5 + sqrt(0.25 - K_lim / 0.9))', Kind::Size, '3.4.4.4');
        $w->line('x_max', '(d - z) / 0.45', Kind::Size, '3.4.4.4');
        $w->let('d_c', $other->centroid(), Kind::Size, '', 'to the bars in compression');
        $w->line('f_sc', 'min(f_y / gamma_ms, 700 * (1 - d_c / x_max))', Kind::Stress, '3.4.4.1', 'at 3.5 ‰');
        $w->let('A_s_c', $other->bars->area(), Kind::SteelArea, '', "in compression {$other->text()}");
        $w->line('A_s_c_req', "(K - K_lim) * f_cu * {$b} * d^2 / (f_sc * (d - d_c))", Kind::SteelArea, '3.4.4.4', 'needed');
        $rule = "(K_lim * f_cu * {$b} * d^2 / z + A_s_c_req * f_sc) / (f_y / gamma_ms){$more}";
        $w->line('A_s_req', $rule, Kind::SteelArea, '3.4.4.4', 'needed');
    }

    /** M_R of the bars that are there. */
    private function resistance(BarStretch $stretch, Working $w): void
    {
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $stretch->group->text());
        $w->line('F_s', 'A_s * f_y / gamma_ms', Kind::Force);
        $isWeb = $w->has('h_f') && $w->value('b') > $w->value('b_w')
            && $w->value('F_s') > $w->value('0.45 * f_cu * b * h_f');
        $b = $isWeb ? 'b_w' : 'b';
        if ($isWeb && ! $w->has('F_f')) {
            $w->line('F_f', '0.45 * f_cu * (b - b_w) * h_f', Kind::Force, 'Figure 3.3', 'flange beside the web');
            $w->line('M_f', 'F_f * (d - h_f / 2)', Kind::Moment);
        }
        [$F, $M] = $isWeb ? ['(F_s - F_f)', ' + M_f'] : ['F_s', ''];
        $w->has('x_max') ?: $w->line('x_max', '(0.5 - sqrt(0.25 - K_lim / 0.9)) / 0.45 * d', Kind::Size, '3.4.4.4');
        $x = $w->value("{$F} / (0.405 * f_cu * {$b})");
        if ($x > $w->value('x_max') && $w->has('A_s_c')) {
            $w->line('F_c', "0.405 * f_cu * {$b} * x_max", Kind::Force, 'Figure 3.3');
            $w->line('F_sc', "max(0, min(A_s_c * f_sc, {$F} - F_c))", Kind::Force, '', 'as far as the bars hold it');
            $w->line('M_R', "F_c * (d - 0.45 * x_max) + F_sc * (d - d_c){$M}", Kind::Moment, '3.4.4.1');

            return;
        }
        $w->line('x', "min({$F} / (0.405 * f_cu * {$b}), x_max)", Kind::Size, 'Figure 3.3');
        $rule = $isWeb
            ? '0.405 * f_cu * b_w * x * (d - 0.45 * x) + M_f'
            : '0.405 * f_cu * b * x * min(d - 0.45 * x, 0.95 * d)';
        $w->line('M_R', $rule, Kind::Moment, '3.4.4.1');
    }

    /** Table 3.25 */
    private function leastBars(ConcreteMake $concrete, int $sign, BarStretch $stretch, Detail $detail): Weighing
    {
        $w = $detail->working();
        Section::depth($concrete, $stretch->group, $w);
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        $w->let('b_w', $concrete->b, Kind::Size);
        $part = Rules::leastPart($concrete, $concrete->tee($sign, ($stretch->from + $stretch->to) / 2));
        $w->let('p_min', 100 * $part, Kind::Number, 'Table 3.25', '% of b_w h');
        $w->line('A_s_min', 'p_min / 100 * b_w * h', Kind::SteelArea, 'Table 3.25');
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $stretch->group->text());
        $w->line('u', 'A_s_min / A_s', Kind::Number, '3.12.5.3');

        return StretchWeighings::least($sign, $stretch, $w, 'BS 8110-1, 3.12.5.3');
    }
}
