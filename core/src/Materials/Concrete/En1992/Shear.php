<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\En1992\Tools\ShearTools;
use Waage\Materials\Concrete\LinkZone;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.2.3 and 9.2.2: upright links, which carry all of the shear, and the concrete struts between them. */
final readonly class Shear
{
    /** Of the struts: cot θ from 1 to this (6.2.3(2), recommended). */
    private const FLATTEST = 2.5;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /**
     * @return list<Weighing> links and struts of every span, and the rules for links where they are the furthest apart
     */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $spans = new ShearSpans($this->envelopes, $concrete);
        if ($concrete->isSlab()) {
            return $this->ofSlab($concrete, $spans, $detail);
        }
        $weighings = [];
        $used = fn (float $V, float $d, float $T): float => $V / self::flattest($concrete, $V, $d);
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            $links = $spans->worstZone($from, $to, $used);
            if ($links !== null) {
                $w = $this->links($concrete, $links[0], $links[1], $detail);
                $ranges = [[$links[0]->from, $links[0]->to, $w->value('V_Rd_s')]];
                $what = ['shear', 'Shear, links', 'V_Rd_s', 'EN 1992-1-1, 6.2.3'];
                $weighings[] = $spans->weighing($what, 'V_Ed', $field, $links[1], $w, $ranges);
            }
            $e = $spans->crushing($from, $to, $e);
            $w = $this->start($concrete, $e, $detail);
            $w->line('V_Rd_max', 'b_w * z * nu_1 * f_cd / 2', Kind::Force, '6.2.3(3) (6.9)', 'with cot θ = 1');
            $w->line('u', 'V_Ed / V_Rd_max', Kind::Number, '6.2.1(6)');
            $what = ['struts', 'Shear, concrete struts', 'V_Rd_max', 'EN 1992-1-1, 6.2.3'];
            $weighings[] = $spans->weighing($what, 'V_Ed', $field, $e, $w);
        }

        return [
            ...$weighings,
            $this->leastLinks($concrete, $spans->widest(), $detail),
            $this->spacing($concrete, $spans->widest(), $detail),
        ];
    }

    /** @return list<Weighing> of every span without links */
    private function ofSlab(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): array
    {
        $weighings = [];
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            $w = $detail->working();
            $w->let('V_Ed', abs($e->value), Kind::Force);
            Section::depth($concrete, $spans->tension($e), $w);
            $w->bind('b_w', $concrete->b, Kind::Size);
            $w->line('A_sl', 'n * pi * phi^2 / 4', Kind::SteelArea, '6.2.2(1)', 'in tension, anchored beyond');
            $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
            $w->let('gamma_C', $concrete->parameter('gammaC'), Kind::Number, 'Table 2.1N');
            $w->let('sigma_cp', 0.0, Kind::Stress, '6.2.2(1)', 'no axial force');
            ShearTools::withoutLinks($w);
            $w->line('u', 'V_Ed / V_Rd_c', Kind::Number, '6.2.1(3)', 'no links');
            $ranges = [[$from, $to, $w->value('V_Rd_c')]];
            $what = ['shear', 'Shear without links', 'V_Rd_c', 'EN 1992-1-1, 6.2.2'];
            $weighings[] = $spans->weighing($what, 'V_Ed', $field, $e, $w, $ranges);
        }

        return $weighings;
    }

    private function links(ConcreteMake $concrete, LinkZone $zone, Extreme $e, Detail $detail): Working
    {
        $w = $this->start($concrete, $e, $detail);
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

        return $w;
    }

    /** cot θ of V_Ed: as flat as the struts bear. */
    public static function angle(Working $w): float
    {
        $w->line(
            'k_theta',
            'b_w * z * nu_1 * f_cd / V_Ed',
            Kind::Number,
            '6.2.3(3) (6.9)',
            'cot θ + tan θ at which the struts are used up',
        );

        return self::angleOf($w);
    }

    /** cot θ of k_θ. */
    public static function angleOf(Working $w): float
    {
        $flat = $w->value('k_theta');

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

    /** cot θ as flat as the struts bear, as a plain number. */
    public static function flattest(ConcreteMake $concrete, float $V, float $d): float
    {
        $nu = 0.6 * (1 - $concrete->grade->fck / 250);
        $k = $V <= 0.0 ? INF : ($concrete->b * 0.9 * $d * $nu * Strength::fcd($concrete)) / $V;

        return self::cot($k);
    }

    /** cot θ of what cot θ + tan θ may be. */
    public static function cot(float $k): float
    {
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

    private function start(ConcreteMake $concrete, Extreme $e, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('V_Ed', abs($e->value), Kind::Force);
        Section::depth($concrete, $concrete->shallower($e->x), $w);
        $w->let('b_w', $concrete->b, Kind::Size);
        Strength::of($w, $concrete);
        self::yield($w, $concrete);
        $w->line('z', '0.9 * d', Kind::Size, '6.2.3(1)');
        $w->line('nu_1', '0.6 * (1 - f_ck / 250)', Kind::Number, '6.2.2(6) (6.6N)', 'f_ck in MPa');

        return $w;
    }

    private function leastLinks(ConcreteMake $concrete, LinkZone $zone, Detail $detail): Weighing
    {
        $w = $detail->working();
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
    private function spacing(ConcreteMake $concrete, LinkZone $zone, Detail $detail): Weighing
    {
        $w = $detail->working();
        Section::depth($concrete, $concrete->shallower(($zone->from + $zone->to) / 2), $w);
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
