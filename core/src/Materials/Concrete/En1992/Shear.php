<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\En1992\Tools\ShearTools;
use Waage\Materials\Concrete\LinkZone;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.2.3 and 9.2.2: upright links, which carry all of the shear, and the concrete struts between them. */
final readonly class Shear
{
    /** Of the struts: cot θ from 1 to this (6.2.3(2), recommended). */
    private const FLATTEST = 2.5;

    /** Less is rounding, N. */
    private const NOTHING = 1.0;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /**
     * @return list<Weighing> links and struts of every span, and the rules for links where they are the furthest apart
     */
    public function weigh(ConcreteMake $concrete, bool $derive): array
    {
        if ($concrete->isSlab()) {
            return $this->ofSlab($concrete, $derive);
        }
        $weighings = [];
        foreach ($this->envelopes->beam->beam->fields() as $i => [$from, $to]) {
            $place = $this->place($i);
            $links = $this->worstZone($concrete, $from, $to);
            $e = $this->greatest($concrete, $from, $to);
            if ($links !== null && $e !== null && abs($e->value) >= self::NOTHING) {
                $weighings[] = $this->links($concrete, $links[0], $links[1], $place, $derive);
                $weighings[] = $this->struts($concrete, $e, $place, $derive);
            }
        }
        $zones = $concrete->steel()->links;
        usort($zones, fn (LinkZone $a, LinkZone $b): int => $b->spacing <=> $a->spacing);

        return [
            ...$weighings,
            $this->leastLinks($concrete, $zones[0], $derive),
            $this->spacing($concrete, $zones[0], $derive),
        ];
    }

    /** @return list<Weighing> of every span without links */
    private function ofSlab(ConcreteMake $concrete, bool $derive): array
    {
        $weighings = [];
        foreach ($this->envelopes->beam->beam->fields() as $i => [$from, $to]) {
            $e = $this->greatest($concrete, $from, $to);
            if ($e === null || abs($e->value) < self::NOTHING) {
                continue;
            }
            $w = new Working($derive);
            $w->let('V_Ed', abs($e->value), Kind::Force);
            $group = $this->tension($concrete, $e);
            Bending::depth($concrete, $group, $w);
            $w->bind('b_w', $concrete->b, Kind::Size);
            $w->line('A_sl', 'n * pi * phi^2 / 4', Kind::SteelArea, '6.2.2(1)', 'in tension, anchored beyond');
            $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
            $w->let('gamma_C', $concrete->parameter('gammaC'), Kind::Number, 'Table 2.1N');
            $w->let('sigma_cp', 0.0, Kind::Stress, '6.2.2(1)', 'no axial force');
            ShearTools::withoutLinks($w);
            $w->line('u', 'V_Ed / V_Rd_c', Kind::Number, '6.2.1(3)', 'no links');
            $ranges = [[$from, $to, $w->value('V_Rd_c')]];
            $weighings[] = $this->weighing(
                ['shear', 'Shear without links', 'V_Rd_c', '6.2.2'],
                $this->place($i),
                $concrete,
                $e,
                $w,
                $ranges,
            );
        }

        return $weighings;
    }

    /** Bars in tension where shear is greatest: those of the greater moment there. */
    private function tension(ConcreteMake $concrete, Extreme $e): BarGroup
    {
        $at = max(1.0, min($e->x, $concrete->length() - 1.0));
        $M = $this->envelopes->moment->greatest(
            $this->envelopes->strength,
            $concrete->weight(),
            $at - 1.0,
            $at + 1.0,
        );

        return $concrete->steel()->at(($M->value ?? 0.0) >= 0.0 ? 1 : -1, $at)->group;
    }

    /** @return array{string, string} what weighings of a span are called: end of the id, place */
    private function place(int $field): array
    {
        $names = $this->envelopes->beam->beam->fieldNames();

        return [
            count($names) === 1 ? '' : '-'.str_replace(['span ', ' overhang'], '', $names[$field]),
            $names[$field],
        ];
    }

    public function greatest(ConcreteMake $concrete, float $from, float $to): ?Extreme
    {
        return $this->envelopes->shear->greatest($this->envelopes->strength, $concrete->weight(), $from, $to);
    }

    /**
     * @return array{LinkZone, Extreme}|null of the zones of a span the one that is used most, with its greatest shear
     */
    private function worstZone(ConcreteMake $concrete, float $from, float $to): ?array
    {
        $worst = null;
        $most = -1.0;
        foreach ($concrete->steel()->linksBetween($from, $to) as $zone) {
            $e = $this->greatest($concrete, max($from, $zone->from), min($to, $zone->to));
            $d = $e === null ? 0.0 : $concrete->h - $concrete->shallower($e->x)->centroid();
            $used = $e === null ? -1.0 : (abs($e->value) / self::flattest($concrete, abs($e->value), $d)) * $zone->spacing;
            if ($e !== null && $used > $most) {
                $most = $used;
                $worst = [$zone, $e];
            }
        }

        return $worst;
    }

    /** @param  array{string, string}  $place */
    private function links(ConcreteMake $concrete, LinkZone $zone, Extreme $e, array $place, bool $derive): Weighing
    {
        $w = $this->start($concrete, $e, $derive);
        self::angle($w);
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->line('A_sw', 'n_w * pi * phi_w^2 / 4', Kind::SteelArea);
        $w->let('s', $zone->spacing, Kind::Size);
        $w->line(
            's_req',
            'A_sw * z * f_ywd * cot_theta / V_Ed',
            Kind::Size,
            '6.2.3(3) (6.8)',
            'spacing that would do',
        );
        $w->line('V_Rd_s', 'A_sw / s * z * f_ywd * cot_theta', Kind::Force, '6.2.3(3) (6.8)');
        $w->line('u', 'V_Ed / V_Rd_s', Kind::Number, '6.2.1(3)');
        $ranges = [[$zone->from, $zone->to, $w->value('V_Rd_s')]];

        return $this->weighing(['shear', 'Shear, links', 'V_Rd_s', '6.2.3'], $place, $concrete, $e, $w, $ranges);
    }

    /** cot θ of V_Ed: as flat as the struts bear. */
    public static function angle(Working $w): float
    {
        $flat = $w->line(
            'k_theta',
            'b_w * z * nu_1 * f_cd / V_Ed',
            Kind::Number,
            '6.2.3(3) (6.9)',
            'cot θ + tan θ at which the struts are used up',
        );

        return match (true) {
            $flat >= self::FLATTEST + 1 / self::FLATTEST => $w->let(
                'cot_theta',
                self::FLATTEST,
                Kind::Number,
                '6.2.3(2) (6.7N)',
                'the flattest struts',
            ),
            $flat > 2.0 => $w->line(
                'cot_theta',
                '(k_theta + sqrt(k_theta^2 - 4)) / 2',
                Kind::Number,
                '6.2.3(2), (3)',
                'as flat as the struts bear',
            ),
            default => $w->let('cot_theta', 1.0, Kind::Number, '6.2.3(2) (6.7N)', 'the steepest struts'),
        };
    }

    /** @param  array{string, string}  $place */
    private function struts(ConcreteMake $concrete, Extreme $e, array $place, bool $derive): Weighing
    {
        $w = $this->start($concrete, $e, $derive);
        $w->line('V_Rd_max', 'b_w * z * nu_1 * f_cd / 2', Kind::Force, '6.2.3(3) (6.9)', 'with cot θ = 1');
        $w->line('u', 'V_Ed / V_Rd_max', Kind::Number, '6.2.1(6)');

        return $this->weighing(
            ['struts', 'Shear, concrete struts', 'V_Rd_max', '6.2.3'],
            $place,
            $concrete,
            $e,
            $w,
            [],
        );
    }

    /** cot θ as flat as the struts bear, as a plain number. */
    public static function flattest(ConcreteMake $concrete, float $V, float $d): float
    {
        $nu = 0.6 * (1 - $concrete->grade->fck / 250);
        $k = $V <= 0.0 ? INF : ($concrete->b * 0.9 * $d * $nu * Strength::fcd($concrete)) / $V;

        return match (true) {
            $k >= self::FLATTEST + 1 / self::FLATTEST => self::FLATTEST,
            $k > 2.0 => ($k + sqrt($k ** 2 - 4)) / 2,
            default => 1.0,
        };
    }

    /** f_ywd of the links. */
    private static function yield(Working $w, ConcreteMake $concrete): void
    {
        $w->let('f_ywk', $concrete->links->yield, Kind::Stress, '', 'links');
        $w->line('f_ywd', 'f_ywk / gamma_S', Kind::Stress, '3.2.7(2)');
    }

    private function start(ConcreteMake $concrete, Extreme $e, bool $derive): Working
    {
        $w = new Working($derive);
        $w->let('V_Ed', abs($e->value), Kind::Force);
        Bending::depth($concrete, $concrete->shallower($e->x), $w);
        $w->let('b_w', $concrete->b, Kind::Size);
        Strength::of($w, $concrete);
        self::yield($w, $concrete);
        $w->line('z', '0.9 * d', Kind::Size, '6.2.3(1)');
        $w->line('nu_1', '0.6 * (1 - f_ck / 250)', Kind::Number, '6.2.2(6) (6.6N)', 'f_ck in MPa');

        return $w;
    }

    /**
     * @param  array{string, string, string, string}  $what  id, title, symbol of the capacity, clause
     * @param  array{string, string}  $place
     * @param  list<list<float>>  $ranges
     */
    private function weighing(
        array $what,
        array $place,
        ConcreteMake $concrete,
        Extreme $e,
        Working $w,
        array $ranges,
    ): Weighing {
        [$id, $title, $capacity, $clause] = $what;
        $beam = $this->envelopes->beam;
        $sign = $e->value >= 0.0 ? 1 : -1;
        $factors = $beam->worst(
            $e->combination,
            $concrete->weight(),
            $this->envelopes->shear->effect,
            $sign,
            $e->segment,
            $e->t,
        );

        return new Weighing(
            $id.$place[0],
            "{$title}, {$place[1]}",
            "EN 1992-1-1, {$clause}",
            $w->value('u'),
            demand: $w->value('V_Ed'),
            capacity: $w->value($capacity),
            kind: Kind::Force,
            demandSymbol: 'V_Ed',
            capacitySymbol: $capacity,
            x: $e->x,
            combination: $e->combination->id,
            arrangement: $beam->arrangementText($factors),
            factors: $factors,
            lines: $w->lines,
            ranges: $ranges,
            group: $id,
        );
    }

    private function leastLinks(ConcreteMake $concrete, LinkZone $zone, bool $derive): Weighing
    {
        $w = new Working($derive);
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('f_ywk', $concrete->links->yield, Kind::Stress);
        $w->line('rho_w_min', '0.08 * sqrt(f_ck) / f_ywk', Kind::Number, '9.2.2(5) (9.5N)', 'strengths in MPa');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('s', $zone->spacing, Kind::Size, '', 'where it is widest');
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->line('rho_w', 'n_w * pi * phi_w^2 / 4 / (s * b_w)', Kind::Number, '9.2.2(5) (9.4)');
        $w->line('u', 'rho_w_min / rho_w', Kind::Number, '9.2.2(5)');

        return new Weighing('least-links', 'Least links', 'EN 1992-1-1, 9.2.2(5)', $w->value('u'), lines: $w->lines);
    }

    /** Along the member, and of the legs across it. */
    private function spacing(ConcreteMake $concrete, LinkZone $zone, bool $derive): Weighing
    {
        $w = new Working($derive);
        Bending::depth($concrete, $concrete->shallower(($zone->from + $zone->to) / 2), $w);
        $w->let('s', $zone->spacing, Kind::Size, '', 'where it is widest');
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->line('s_max', '0.75 * d', Kind::Size, '9.2.2(6) (9.6N)');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->line('s_t', '(b_w - 2 * c - phi_w) / (n_w - 1)', Kind::Size, '', 'between legs');
        $w->line('s_t_max', 'min(0.75 * d, 600)', Kind::Size, '9.2.2(8) (9.8N)');
        $w->line('u', 'max(s / s_max, s_t / s_t_max)', Kind::Number, '9.2.2(6), (8)');

        return new Weighing(
            'link-spacing',
            'Spacing of links',
            'EN 1992-1-1, 9.2.2',
            $w->value('u'),
            lines: $w->lines,
        );
    }
}
