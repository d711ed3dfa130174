<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * ACI 318-19, 25.4.2.3 and 9.7.3: development lengths, where bars over supports end, bottom bars at simple supports.
 */
final readonly class Development
{
    /** Bars over so much fresh concrete are top bars (25.4.2.5), mm. */
    private const TOP = 304.8;

    /** Number 6 and smaller have better bond, mm. */
    private const SMALL = 19.2;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** l_d of bars at the top or at the bottom, mm. */
    public static function of(ConcreteMake $concrete, Bars $bars, bool $isTop): float
    {
        $w = new Working(false);
        self::length($concrete, $concrete->group($bars), $isTop, $w);

        return $w->value('l_d');
    }

    /** l_d of f_y. */
    private static function length(ConcreteMake $concrete, BarGroup $group, bool $isTop, Working $w): void
    {
        $bars = $group->bars;
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        Strength::letRoot($w, $concrete);
        $w->has('d_b') ?: $w->let('d_b', $bars->diameter, Kind::Size, '', $group->text());
        $over = $isTop && $concrete->h - $concrete->cage()->toBars() - $bars->diameter > self::TOP;
        $w->let(
            'psi_t',
            $over ? 1.3 : 1.0,
            Kind::Number,
            'Table 25.4.2.5',
            $over ? 'over 12 in of fresh concrete' : '',
        );
        $ksi = $concrete->fyk / 6.89475729;
        $w->let('psi_g', $ksi <= 60.5 ? 1.0 : ($ksi <= 80.5 ? 1.15 : 1.3), Kind::Number, 'Table 25.4.2.5', 'grade');
        $isWide =
            $group->clear >= ($concrete->isSlab() ? 2 : 1) * $bars->diameter - 1e-6 &&
            $concrete->cage()->toBars() >= $bars->diameter - 1e-6;
        $isSmall = $bars->diameter <= self::SMALL;
        $k = match (true) {
            $isWide && $isSmall => Strength::of($concrete, 25, 2.1),
            $isWide => Strength::of($concrete, 20, 1.7),
            $isSmall => Strength::of($concrete, 50 / 3, 1.4),
            default => Strength::of($concrete, 40 / 3, 1.1),
        };
        $w->let(
            'k_d',
            $k,
            Kind::Number,
            'Table 25.4.2.3',
            $isWide ? 'cover and clear spacing suffice' : 'close bars or thin cover',
        );
        $w->let('l_min', Strength::isMetric($concrete) ? 300.0 : 304.8, Kind::Size, '25.4.2.1(b)');
        $rule = 'max(f_y * psi_t * psi_g / (k_d * root_fc) * d_b, l_min)';
        $w->line('l_d', $rule, Kind::Size, '25.4.2.3', 'λ = ψ_e = 1');
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $weighings = StretchWeighings::cutOffs($concrete, $detail, function (BarStretch $stretch, Working $w) use (
            $concrete,
        ): string {
            Section::depth($concrete, $stretch->group, $w);
            self::length($concrete, $stretch->group, true, $w);
            $w->line('l_req', 'max(x_c + max(d, 12 * d_b), l_d)', Kind::Size, '9.7.3.3');

            return 'ACI 318-19, 9.7.3';
        });
        foreach ($this->envelopes->beam->member->supports as $i => $support) {
            $isEnd = $support->x < 1.0 || $support->x > $concrete->length() - 1.0;
            $w = $isEnd && ! $support->holdsTurning() ? $this->atEnd($concrete, $support, $detail) : null;
            if ($w !== null) {
                $weighings[] = $this->told($w, $i + 1, $support);
            }
        }

        return $weighings;
    }

    /** Do straight bars not do at an end, so that they get hooks? */
    public function isBent(ConcreteMake $concrete, Support $support): bool
    {
        $w = $this->atEnd($concrete, $support, Detail::Verdict);

        return $w !== null && $w->value('u') > 1.0;
    }

    /** 9.7.3.8.3 at the end of a simple span; null: no shear. */
    private function atEnd(ConcreteMake $concrete, Support $support, Detail $detail): ?Working
    {
        $inside = $support->x < 1.0 ? [$support->x, $support->x + 1.0] : [$support->x - 1.0, $support->x];
        $e = $this->envelopes->shear->greatest($this->envelopes->strength, $concrete->weight(), ...$inside);
        if ($e === null || abs($e->value) < 1.0) {
            return null;
        }
        $group = $concrete->steel()->at(1, $support->x < 1.0 ? 1.0 : $support->x - 1.0)->group;
        $w = $detail->working();
        $w->let('V_u', abs($e->value), Kind::Force);
        Section::depth($concrete, $group, $w);
        self::length($concrete, $group, false, $w);
        $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
        Section::width($concrete, 1, $inside[0], $w);
        $w->line('a', 'A_s * f_y / (0.85 * f_c * b)', Kind::Size, '22.2.2.4.1');
        $w->line('M_n', 'A_s * f_y * (d - a / 2)', Kind::Moment, '22.3');
        $w->let('t_b', $support->bearing, Kind::Size, '', 'bearing length');
        $w->line('l_a', 'max(0, t_b / 2 - c_c)', Kind::Size, '9.7.3.8.3', 'beyond the axis of the support');
        $w->line('l_max', '1.3 * M_n / V_u + l_a', Kind::Size, '9.7.3.8.3', 'ends confined by the reaction');
        $w->line('u', 'l_d / l_max', Kind::Number, '9.7.3.8.3');

        return $w;
    }

    private function told(Working $w, int $number, Support $support): Weighing
    {
        $isHooked = $w->value('u') > 1.0;

        return new Weighing(
            "end-anchorage-{$number}",
            "Bottom bars at support {$number}",
            'ACI 318-19, 9.7.3.8.3',
            $isHooked ? null : $w->value('u'),
            applies: ! $isHooked || $w->value('l_a') > 0.0,
            against: new Against(
                demand: $w->value('l_d'),
                capacity: $w->value('l_max'),
                kind: Kind::Size,
                demandSymbol: 'l_d',
                capacitySymbol: 'l_max',
            ),
            at: new Place(x: $support->x),
            lines: $w->lines,
            group: 'end-anchorage',
            remark: ! $isHooked
                ? ''
                : ($w->value('l_a') > 0.0
                    ? 'Straight bars are too short: they end in standard hooks beyond the axis of the support, which is enough.'
                    : 'Give the support a longer bearing, so that hooks reach beyond its axis.'),
        );
    }
}
