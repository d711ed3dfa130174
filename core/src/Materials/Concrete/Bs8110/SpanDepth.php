<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\Span;
use Waage\Units\Kind;

/** BS 8110-1:1997, 3.4.6: deflection by the ratio of span to effective depth, with its modification factors. */
final readonly class SpanDepth
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> of the span or overhang that is used most */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $worst = null;
        $member = $this->envelopes->beam->member;
        foreach (Span::all($concrete->length(), $member->supports) as $span) {
            $sign = $span->isOverhang ? -1 : 1;
            $strength = $this->envelopes->strength;
            $e = $this->envelopes->moment->extreme($strength, $sign, $concrete->weight(), $span->from, $span->to);
            if ($e === null || $sign * $e->value < 1.0) {
                continue;
            }
            $w = $detail->working();
            $this->ratio($concrete, $span, $e, $w);
            if ($worst === null || $w->value('u') > $worst[0]->value('u')) {
                $worst = [$w, ($span->from + $span->to) / 2];
            }
        }
        if ($worst === null) {
            return [];
        }
        [$w, $x] = $worst;

        return [
            new Weighing(
                'deflection',
                'Deflection, span to depth',
                'BS 8110-1, 3.4.6',
                $w->value('u'),
                against: new Against(
                    demand: $w->value('l / d'),
                    capacity: $w->value('r'),
                    demandSymbol: '',
                    capacitySymbol: 'r',
                ),
                at: new Place(x: $x),
                lines: $w->lines,
            ),
        ];
    }

    private function ratio(ConcreteMake $concrete, Span $span, Extreme $e, Working $w): void
    {
        $sign = $span->isOverhang ? -1 : 1;
        $x = $span->isOverhang ? $e->x : ($span->from + $span->to) / 2;
        $stretch = $concrete->steel()->at($sign, $x);
        $w->let('l', $span->length(), Kind::Length);
        $w->let('M', $sign * $e->value, Kind::Moment, '', $sign > 0 ? 'sagging' : 'at the support');
        Section::depth($concrete, $stretch->group, $w);
        Strength::let($w, $concrete);
        Section::width($concrete, $sign, $x, $w);
        Bending::needed($concrete, $sign, $stretch, $w);
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $stretch->group->text());
        [$basic, $note] = match (true) {
            $span->isOverhang => [7.0, 'cantilever'],
            $span->goesOn === 0 => [20.0, 'simply supported'],
            default => [26.0, 'continuous'],
        };
        $w->let('r_0', $basic, Kind::Number, 'Table 3.9', $note);
        if ($w->has('b_w') && $w->value('b_w') < $w->value('b')) {
            $w->line('k_w', 'min(1, 0.8 + 0.2 * max(0, b_w / b - 0.3) / 0.7)', Kind::Number, '3.4.6.3', 'flanged');
        } else {
            $w->let('k_w', 1.0, Kind::Number, 'Table 3.9');
        }
        $w->line('f_s', '2 * f_y * A_s_req / (3 * A_s)', Kind::Stress, 'Table 3.10', 'β_b = 1');
        $rule = 'max(0, min(2, 0.55 + (477 - f_s) / (120 * (0.9 + M / (b * d^2)))))';
        $w->line('k_t', $rule, Kind::Number, 'Table 3.10', 'bars in tension');
        $other = $concrete->steel()->at(-$sign, $x)->group;
        $w->let('A_2', $other->bars->area(), Kind::SteelArea, '', "in compression {$other->text()}");
        $rule = 'min(1.5, 1 + 100 * A_2 / (b * d) / (3 + 100 * A_2 / (b * d)))';
        $w->line('k_c', $rule, Kind::Number, 'Table 3.11', 'bars in compression');
        $w->value('l') > 10000.0 && ! $span->isOverhang
            ? $w->line('k_l', '10000 / l', Kind::Number, '3.4.6.4', 'longer than 10 m')
            : $w->let('k_l', 1.0, Kind::Number, '3.4.6.4');
        $w->line('r', 'r_0 * k_w * k_t * k_c * k_l', Kind::Number, '3.4.6.1');
        $w->line('u', 'l / d / r', Kind::Number, '3.4.6.1');
    }
}
