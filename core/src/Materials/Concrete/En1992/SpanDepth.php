<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/** EN 1992-1-1, 7.4.2: the ratio of span to depth, beside the deflection of the cracked beam. */
final readonly class SpanDepth
{
    /** The ratios keep deflection within span/250 (7.4.1(4)). */
    private const STANDS_FOR = 250.0;

    /** rad */
    private const STANDS = M_PI / 4;

    private const ID = ['span-depth', 'Span to depth', 'EN 1992-1-1, 7.4.2'];

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /**
     * @return list<Weighing> of the span or overhang that is used most, told beside the deflection that is calculated
     */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $beam = $this->envelopes->beam;
        if (! $this->isFor()) {
            return [];
        }
        $worst = null;
        foreach ($beam->beam->fields() as [$from, $to]) {
            $sign = $beam->isOverhang($from, $to) ? -1 : 1;
            $e = $this->envelopes->moment->extreme($this->envelopes->strength, $sign, $concrete->weight(), $from, $to);
            if ($e === null || $sign * $e->value < 1.0) {
                continue;
            }
            $w = $detail->working();
            $this->ratio($concrete, [$from, $to], $e, $w);
            // A section that is too small has no steel that would do, and so no such ratio.
            if (! is_finite($w->value('u'))) {
                continue;
            }
            if ($worst === null || $w->value('u') > $worst[0]->value('u')) {
                $worst = [$w, ($from + $to) / 2];
            }
        }
        if ($worst === null) {
            return [];
        }
        [$w, $x] = $worst;

        return [
            new Weighing(
                ...self::ID,
                ratio: null,
                against: new Against($w->value('L / d'), $w->value('lambda_lim'), capacitySymbol: 'lambda_lim'),
                at: new Place($x),
                lines: $w->lines,
                remark: $w->value('u') <= 1.0
                    ? 'Beside the deflection that is calculated: it could be left out by this rule.'
                    : 'Beside the deflection that is calculated, which this rule would not spare.',
                told: true,
            ),
        ];
    }

    /** The rule is for level beams on rigid supports, and stands for span/250. */
    private function isFor(): bool
    {
        $member = $this->envelopes->beam->member;
        $others = array_filter(
            $member->supports,
            fn (Support $s): bool => in_array($s->kind, [SupportKind::Elastic, SupportKind::Guided], true),
        );

        return abs($member->angle) <= self::STANDS && $member->basis->limits->total <= self::STANDS_FOR
            && $member->hinges === [] && $others === [];
    }

    /** @param  array{float, float}  $field */
    private function ratio(ConcreteMake $concrete, array $field, Extreme $e, Working $w): void
    {
        [$K, $system] = $this->system($field);
        $sign = $K < 1.0 ? -1 : 1;
        $stretch = $concrete->steel()->at($sign, $sign > 0 ? ($field[0] + $field[1]) / 2 : $e->x);
        $w->let('L', $field[1] - $field[0], Kind::Length);
        $note = $sign > 0 ? 'sagging, the greatest of this span' : 'hogging, the greatest of this overhang';
        $w->let('M_Ed', $sign * $e->value, Kind::Moment, '', $note);
        Section::depth($concrete, $stretch->group, $w);
        Strength::of($w, $concrete);
        Section::width($concrete, $sign, $e->x, $w);
        Bending::needed($concrete, $sign, $stretch, $w);
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $stretch->group->text());
        $w->let('K', $K, Kind::Number, 'Table 7.4N', $system);
        $w->line('rho', 'A_s_req / (b * d)', Kind::Number);
        $w->line('rho_0', 'sqrt(f_ck) / 1000', Kind::Number, '7.4.2(2)', 'f_ck in MPa');
        if ($w->value('rho') <= $w->value('rho_0')) {
            $rule = 'K * (11 + 1.5 * sqrt(f_ck) * rho_0 / rho + 3.2 * sqrt(f_ck) * (rho_0 / rho - 1)^1.5)';
            $w->line('lambda_0', $rule, Kind::Number, '7.4.2(2) (7.16a)');
        } elseif ($w->value('M_Ed') <= $w->value('M_max')) {
            $rule = 'K * (11 + 1.5 * sqrt(f_ck) * rho_0 / rho)';
            $w->line('lambda_0', $rule, Kind::Number, '7.4.2(2) (7.16b)', 'no steel in compression needed');
        } else {
            $w->line('rho_2', 'A_s2_req / (b * d)', Kind::Number, '', 'needed in compression');
            $rule = 'K * (11 + 1.5 * sqrt(f_ck) * rho_0 / (rho - rho_2) + sqrt(f_ck) / 12 * sqrt(rho_2 / rho_0))';
            $w->line('lambda_0', $rule, Kind::Number, '7.4.2(2) (7.16b)');
        }
        $rule = 'min(500 / f_yk * A_s / A_s_req, 1.5)';
        $w->line('F_s', $rule, Kind::Number, '7.4.2(2) (7.17)', 'more steel than needed; at most 1.5');
        $w->value('L') > 7000.0 && $sign > 0
            ? $w->line('F_L', '7000 / L', Kind::Number, '7.4.2(2)', 'longer than 7 m, in case it carries partitions')
            : $w->let('F_L', 1.0, Kind::Number, '7.4.2(2)');
        $isWide = $w->has('b_w') && $w->value('b / b_w') > 3.0;
        $w->let('F_f', $isWide ? 0.8 : 1.0, Kind::Number, '7.4.2(2)', $isWide ? 'flange wider than 3 webs' : '');
        $w->line('lambda_lim', 'lambda_0 * F_s * F_L * F_f', Kind::Number, '7.4.2(2)');
        $w->line('u', 'L / d / lambda_lim', Kind::Number, '7.4.2(2)');
    }

    /**
     * @param  array{float, float}  $field
     * @return array{float, string} K
     */
    private function system(array $field): array
    {
        $beam = $this->envelopes->beam;
        if ($beam->isOverhang(...$field)) {
            return [0.4, 'cantilever'];
        }
        $length = $beam->member->length;
        $goesOn = 0;
        foreach ($field as $x) {
            $isInside = $x > 1.0 && $x < $length - 1.0;
            $fixed = array_filter(
                $beam->member->supports,
                fn (Support $s): bool => abs($s->x - $x) < 1.0 && $s->kind === SupportKind::Fixed,
            );
            $goesOn += $isInside && ! $this->carriesOverhang($x) || $fixed !== [] ? 1 : 0;
        }

        return [[1.0, 'simply supported'], [1.3, 'end span'], [1.5, 'interior span']][$goesOn];
    }

    /** An overhang beyond a support is not the continuity that the table means. */
    private function carriesOverhang(float $x): bool
    {
        $beam = $this->envelopes->beam;
        foreach ($beam->beam->fields() as [$from, $to]) {
            if ((abs($from - $x) < 1.0 || abs($to - $x) < 1.0) && $beam->isOverhang($from, $to)) {
                return true;
            }
        }

        return false;
    }
}
