<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Materials\Concrete\TorsionBars;
use Waage\Units\Kind;

/**
 * BS 8110-2:1985, 2.4: torsion of the web together with shear. The greatest torque and the greatest shear of a zone
 * count together: more of either needs more, so that it is on the safe side.
 */
final readonly class Torsion
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Rules $rules, Detail $detail): array
    {
        if ($this->envelopes->torque === null) {
            return [];
        }
        if ($concrete->isSlab()) {
            $why = 'Torsion of a strip of slab is not computed.';

            return [new Weighing('torsion', 'Torsion', 'BS 8110-2, 2.4', null, applies: false, remark: $why)];
        }
        $spans = new ShearSpans($this->envelopes, $concrete);
        if (self::isSmall($concrete, $spans->torque(0.0, $concrete->length()))) {
            return [$this->small($concrete, $spans->torque(0.0, $concrete->length()), $detail)];
        }
        $weighings = [];
        foreach ($this->envelopes->beam->beam->fields() as $field => [$from, $to]) {
            $links = $spans->worstZone($from, $to, $rules->links(...));
            if ($links === null) {
                continue;
            }
            [$zone, $e] = $links;
            $torque = $spans->torque(max($from, $zone->from), min($to, $zone->to));
            $d = $concrete->h - $concrete->shallower($e->x)->centroid();
            $w = $this->start($concrete, $torque, $detail);
            $w->let(
                'a_V',
                $rules->forShear(abs($e->value), $d),
                Kind::AreaByLength,
                'Table 3.7',
                'for shear, all legs',
            );
            $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
            $w->let('s_v', $zone->spacing, Kind::Size);
            $w->line('a_T', 'T / (0.8 * x_1 * y_1 * f_yv / gamma_ms)', Kind::AreaByLength, '2.4.7', 'two legs');
            $w->line('a_leg', 'a_V / n_w + a_T / 2', Kind::AreaByLength, '2.4.7', 'of an outer leg');
            $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
            $w->line('a_s', 'pi * phi_w^2 / 4 / s_v', Kind::AreaByLength);
            $w->line('u', 'a_leg / a_s', Kind::Number, '2.4.7');
            $what = ['torsion-links', 'Torsion and shear, links', 'a_s', 'BS 8110-2, 2.4.7'];
            $weighings[] = $spans->weighing($what, 'a_leg', $field, $e, $w, kind: Kind::AreaByLength);
            $w = $this->start($concrete, $spans->torque($from, $to), $detail);
            $w->let('V', abs($spans->greatest($from, $to)->value ?? 0.0), Kind::Force);
            $w->let('d', $d, Kind::Size);
            $w->let('f_cu', $concrete->grade->cube, Kind::Stress, '', $concrete->grade->name);
            $w->line('v', 'V / (b_w * d)', Kind::LowStress, '3.4.5.2');
            $w->line('v_tu', 'min(0.8 * sqrt(f_cu), 5)', Kind::LowStress, 'Table 2.3', 'in MPa');
            $w->line('u', 'max((v + v_t) / v_tu, v_t / (v_tu * min(1, y_1 / 550)))', Kind::Number, '2.4.5');
            $what = ['torsion-struts', 'Torsion and shear, size', 'v_tu', 'BS 8110-2, 2.4.5'];
            $weighings[] = $spans->weighing($what, 'v_t', $field, $e, $w, kind: Kind::LowStress);
        }

        return [...$weighings, $this->bars($concrete, $spans, $detail), $this->spacing($concrete, $spans, $detail)];
    }

    /** 2.4.6: below v_t,min torsion is left out. */
    private static function isSmall(ConcreteMake $concrete, float $torque): bool
    {
        $w = new Working(false);
        $w->bind('T', $torque, Kind::Moment);
        self::web($concrete, $w);

        return $w->value('v_t') < min(0.067 * sqrt($concrete->grade->cube), 0.4);
    }

    /** The torque of the least stress, Nmm. */
    private static function least(ConcreteMake $concrete): float
    {
        $w = new Working(false);
        $w->bind('T', 1.0, Kind::Moment);
        self::web($concrete, $w);

        return min(0.067 * sqrt($concrete->grade->cube), 0.4) / $w->value('v_t');
    }

    private function small(ConcreteMake $concrete, float $torque, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('T', $torque, Kind::Moment);
        self::web($concrete, $w);
        $w->let('f_cu', $concrete->grade->cube, Kind::Stress, '', $concrete->grade->name);
        $w->line('v_t_min', 'min(0.067 * sqrt(f_cu), 0.4)', Kind::LowStress, 'Table 2.3', 'in MPa');

        return new Weighing(
            'torsion',
            'Torsion',
            'BS 8110-2, 2.4.6',
            null,
            against: new Against(
                demand: $w->value('v_t'),
                capacity: $w->value('v_t_min'),
                kind: Kind::LowStress,
                demandSymbol: 'v_t',
                capacitySymbol: 'v_t_min',
            ),
            lines: $w->lines,
            remark: 'Below the least stress, so that it is left out.',
        );
    }

    /** v_t of T and the web, and the middle lines of its links. */
    private static function web(ConcreteMake $concrete, Working $w): void
    {
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('a_w', $concrete->cover + $concrete->links->diameter / 2, Kind::Size, '', 'to the middle of the links');
        $w->line('x_1', 'min(b_w, h) - 2 * a_w', Kind::Size, '2.4.2');
        $w->line('y_1', 'max(b_w, h) - 2 * a_w', Kind::Size, '2.4.2');
        $rule = '2 * T / (min(b_w, h)^2 * (max(b_w, h) - min(b_w, h) / 3))';
        $w->line('v_t', $rule, Kind::LowStress, '2.4.4.1', 'the web alone');
    }

    private function start(ConcreteMake $concrete, float $torque, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('T', $torque, Kind::Moment, '', 'greatest of the zone');
        self::web($concrete, $w);
        $w->let('f_yv', $concrete->links->yield, Kind::Stress, '', 'links');
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        $w->let('gamma_ms', $concrete->parameter('gammaMs'), Kind::Number, 'Table 2.2');

        return $w;
    }

    /** Of two legs by length, as a plain number; 0 where torsion is left out. */
    public static function links(ConcreteMake $concrete, float $T): float
    {
        if (self::isSmall($concrete, $T)) {
            return 0.0;
        }
        $w = new Working(false);
        $w->bind('T', $T, Kind::Moment);
        self::web($concrete, $w);

        return $T / ($w->value('0.8 * x_1 * y_1') * ($concrete->links->yield / $concrete->parameter('gammaMs')));
    }

    /** 2.4.8; INF where torsion is left out. */
    public static function widest(ConcreteMake $concrete, float $T): float
    {
        $w = new Working(false);
        $w->bind('T', $T, Kind::Moment);
        self::web($concrete, $w);

        return self::isSmall($concrete, $T) ? INF : $w->value('min(x_1, y_1 / 2, 200)');
    }

    private function along(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Working
    {
        $w = $this->start($concrete, $spans->torque(0.0, $concrete->length()), $detail);
        $w->line('a_T', 'T / (0.8 * x_1 * y_1 * f_yv / gamma_ms)', Kind::AreaByLength, '2.4.7');
        $w->line('A_s', 'a_T * f_yv * (x_1 + y_1) / f_y', Kind::SteelArea, '2.4.7', 'beside the bars for bending');

        return $w;
    }

    /** Area of bars along for torsion, mm². */
    public function area(ConcreteMake $concrete): float
    {
        $spans = new ShearSpans($this->envelopes, $concrete);

        return self::isSmall($concrete, $spans->torque(0.0, $concrete->length()))
            ? 0.0
            : $this->along($concrete, $spans, Detail::Verdict)->value('A_s');
    }

    private function bars(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Weighing
    {
        $w = $this->along($concrete, $spans, $detail);
        $bars = $concrete->steel()->around ?? TorsionBars::choose($concrete, $w->value('A_s'));
        $w->let('A_a', $bars->area(), Kind::SteelArea, '', "{$bars->text()}, spread around the links");
        $w->line('u', 'A_s / A_a', Kind::Number, '2.4.7');

        return new Weighing(
            'torsion-bars',
            'Bars along for torsion',
            'BS 8110-2, 2.4.7',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_s'),
                capacity: $w->value('A_a'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_s',
                capacitySymbol: 'A_a',
            ),
            lines: $w->lines,
            remark: 'One at each corner, the others at 300 mm at most; beside the bars for bending (2.4.9).',
        );
    }

    private function spacing(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Weighing
    {
        $w = $this->start($concrete, $spans->torque(0.0, $concrete->length()), $detail);
        $w->let('s_v', $spans->widestTwisted(self::least($concrete))->spacing, Kind::Size, '', 'where it is widest');
        $w->line('s_max', 'min(x_1, y_1 / 2, 200)', Kind::Size, '2.4.8');
        $w->line('u', 's_v / s_max', Kind::Number, '2.4.8');

        return new Weighing(
            'torsion-spacing',
            'Spacing of links for torsion',
            'BS 8110-2, 2.4.8',
            $w->value('u'),
            against: new Against(
                demand: $w->value('s_v'),
                capacity: $w->value('s_max'),
                kind: Kind::Size,
                demandSymbol: 's_v',
                capacitySymbol: 's_max',
            ),
            lines: $w->lines,
        );
    }
}
