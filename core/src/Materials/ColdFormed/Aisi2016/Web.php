<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\Profile;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/**
 * AISI S100-16, G2 and G5, H2 and H3: shear of a web without stiffeners, bearing at each support, both with bending at
 * inner supports.
 */
final readonly class Web
{
    /** Table G5-2, stiffened flanges, one-flange loading: C, C_R, C_N, C_h, φ, Ω; at ends and within. */
    private const END = [4.0, 0.14, 0.35, 0.02, 0.85, 1.75];

    private const INTERIOR = [13.0, 0.23, 0.14, 0.01, 0.9, 1.65];

    /** The least length of bearing that G5 knows, mm. */
    private const SHORTEST = 19.0;

    /** A C at an end that is not fastened to its support. */
    private const END_LOOSE = [4.0, 0.14, 0.35, 0.02, 0.8, 1.85];

    /** G5: an edge of bearing nearer to the end than so many times the web is one at the end. */
    private const NEAR = 1.5;

    public function __construct(private MemberEnvelopes $envelopes, private Bending $bending, private Method $method)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, bool $derive): array
    {
        return [
            ...$this->shear($make, $derive),
            ...$this->bearing($make, $derive),
            ...$this->together($make, $derive),
            ...$this->withinSpans($make, $derive),
        ];
    }

    /** @return list<Weighing> */
    private function shear(ColdFormedMake $make, bool $derive): array
    {
        $beam = $this->envelopes->beam;
        $names = $beam->beam->fieldNames();
        $weighings = [];
        foreach ($beam->beam->fields() as $i => [$from, $to]) {
            $e = $this->envelopes->shear->greatest($this->envelopes->strength, $make->weight(), $from, $to);
            if ($e === null || abs($e->value) < 1.0) {
                continue;
            }
            $w = new Working($derive);
            $w->let('V', abs($e->value), Kind::Force, '', 'required');
            $this->shearStrength($w, $make);
            $u = $w->line('u', 'V / V_a', Kind::Number);
            $where = lcfirst($names[$i]);
            $sign = $e->value >= 0.0 ? 1 : -1;
            $effect = $this->envelopes->shear->effect;
            $factors = $beam->worst($e->combination, $make->weight(), $effect, $sign, $e->segment, $e->t);
            $weighings[] = new Weighing(
                'shear-'.str_replace(' ', '-', $where),
                "Shear, {$where}",
                'AISI S100-16, G2.1',
                $u,
                demand: $w->value('V'),
                capacity: $w->value('V_a'),
                kind: Kind::Force,
                demandSymbol: 'V',
                capacitySymbol: 'V_a',
                x: $e->x,
                combination: $e->combination->id,
                arrangement: $beam->arrangementText($factors),
                lines: $w->lines,
                ranges: [[$from, $to, abs($e->value) / $u, $u]],
                factors: $factors,
                group: 'shear',
            );
        }

        return $weighings;
    }

    private function shearStrength(Working $w, ColdFormedMake $make): void
    {
        $w->let('h', $make->sizes->web(), Kind::Size, 'G2.1', 'flat part of the web');
        $w->let('t', $make->sizes->t, Kind::Size);
        $w->has('F_y') || $w->let('F_y', $make->Fy, Kind::Stress);
        $w->let('E', Profile::E, Kind::ModulusOfElasticity);
        $w->line('A_w', 'h * t', Kind::Area, 'G2.1');
        $w->line('V_y', '0.6 * A_w * F_y', Kind::Force, 'G2.1 (G2.1-5)');
        $w->let('k_v', 5.34, Kind::Number, 'G2.3', 'without stiffeners');
        $w->line('V_cr', 'A_w * pi^2 * E * k_v / (12 * (1 - 0.3^2) * (h / t)^2)', Kind::Force, 'G2.3 (G2.3-1)');
        $slenderness = $w->line('lambda_v', 'sqrt(V_y / V_cr)', Kind::Number, 'G2.1 (G2.1-4)');
        match (true) {
            $slenderness <= 0.815 => $w->line('V_n', 'V_y', Kind::Force, 'G2.1 (G2.1-1)', 'λ_v up to 0.815'),
            $slenderness <= 1.227 => $w->line(
                'V_n',
                '0.815 * sqrt(V_cr * V_y)',
                Kind::Force,
                'G2.1 (G2.1-2)',
                'λ_v up to 1.227',
            ),
            default => $w->line('V_n', 'V_cr', Kind::Force, 'G2.1 (G2.1-3)', 'λ_v above 1.227'),
        };
        $this->method->available($w, 'V_a', 'V_n', 0.95, 1.6, Kind::Force, 'G2');
    }

    /** @return list<Weighing> */
    private function bearing(ColdFormedMake $make, bool $derive): array
    {
        $weighings = [];
        foreach ($this->envelopes->beam->member->supports as $i => $support) {
            $at = $this->reaction($i, $support, $make);
            if ($at === null) {
                continue;
            }
            [$P, $combination, $factors] = $at;
            $id = 'bearing-'.($i + 1);
            $title = 'Bearing at support '.($i + 1);
            if ($support->stiffened) {
                $remark = 'The web has stiffeners or a cleat here, which are not weighed.';
                $weighings[] = new Weighing($id, $title, 'AISI S100-16, G5', null, remark: $remark);

                continue;
            }
            $w = new Working($derive);
            $w->let('P', $P, Kind::Force, '', 'required');
            $fault = $this->bearingStrength($w, $make, $support);
            if ($fault !== '') {
                $weighings[] = new Weighing($id, $title, 'AISI S100-16, G5', null, applies: false, remark: $fault);

                continue;
            }
            $weighings[] = new Weighing(
                $id,
                $title,
                'AISI S100-16, G5',
                $w->line('u', 'P / P_a', Kind::Number),
                demand: $P,
                capacity: $w->value('P_a'),
                kind: Kind::Force,
                demandSymbol: 'P',
                capacitySymbol: 'P_a',
                x: $support->x,
                combination: $combination->id,
                arrangement: $this->envelopes->beam->arrangementText($factors),
                lines: $w->lines,
                factors: $factors,
                group: 'Bearing',
            );
        }

        return $weighings;
    }

    /** @return array{float, Combination, array<int, float>}|null what presses a support */
    private function reaction(int $i, Support $support, ColdFormedMake $make): ?array
    {
        $beam = $this->envelopes->beam;
        if (
            $support->kind === SupportKind::Fixed ||
            $support->kind === SupportKind::Guided ||
            $this->envelopes->strength === []
        ) {
            return null;
        }
        $axis = $beam->beam->axis;
        $presses = array_map(
            fn (array $of): float => $axis->normal($of[$i][0], $of[$i][2]),
            $beam->responses->reactions,
        );
        $worst = $beam->greatest($this->envelopes->strength, $make->weight(), 1, $presses);

        return $worst[0] > 1.0 ? $worst : null;
    }

    /** @return string why it is not covered; empty: it is */
    private function bearingStrength(Working $w, ColdFormedMake $make, Support $support): string
    {
        $s = $make->sizes;
        $length = $this->envelopes->beam->member->length;
        $edge = min($support->x, $length - $support->x) - $support->bearing / 2;
        $isEnd = $edge < self::NEAR * $s->web();
        [$C, $CR, $CN, $Ch, $phi, $Omega] = match (true) {
            ! $isEnd => self::INTERIOR,
            $make->isFastened => self::END,
            default => self::END_LOOSE,
        };
        $table = $s->shape->isZ() ? 'Table G5-3' : 'Table G5-2';
        $isLooseEnd = $isEnd && ! $make->isFastened;
        $limits = [
            $isLooseEnd && $s->shape->isZ() => 'The end of a Z that is not fastened is not covered.',
            $support->bearing < self::SHORTEST => 'The bearing is shorter than 19 mm.',
            $s->web() / $s->t > 200.0 => 'The web is more than 200 times as deep as thick.',
            $support->bearing / $s->t > 210.0 => 'The bearing is longer than 210 times the thickness.',
            $support->bearing / $s->web() > 2.0 => 'The bearing is more than twice as long as the web is deep.',
            $s->r / $s->t > ($isEnd && ! $isLooseEnd ? 9.0 : 5.0) => 'The radius is too large for the thickness.',
            ! $s->shape->hasLips() => 'Flanges without lips are not covered.',
        ];
        if (isset($limits[true])) {
            return "{$limits[true]} {$table} ends there.";
        }
        $w->let('C', $C, Kind::Number, $table, $isEnd ? 'end, one flange' : 'interior, one flange');
        $w->let('C_R', $CR, Kind::Number, $table, $make->isFastened ? 'fastened' : 'not fastened');
        $w->let('C_N', $CN, Kind::Number, $table);
        $w->let('C_h', $Ch, Kind::Number, $table);
        $w->let('t', $s->t, Kind::Size);
        $w->has('F_y') || $w->let('F_y', $make->Fy, Kind::Stress);
        $w->let('R', $s->r, Kind::Size, '', 'inner radius');
        $w->let('N', $support->bearing, Kind::Size, 'G5', 'bearing');
        $w->let('h', $s->web(), Kind::Size);
        $w->line(
            'P_n',
            'C * t^2 * F_y * (1 - C_R * sqrt(R / t)) * (1 + C_N * sqrt(N / t)) * (1 - C_h * sqrt(h / t))',
            Kind::Force,
            'G5 (G5-1)',
        );
        $this->method->available($w, 'P_a', 'P_n', $phi, $Omega, Kind::Force, $table);

        return '';
    }

    /** @return list<Weighing> moment with shear and with bearing at inner supports */
    private function together(ColdFormedMake $make, bool $derive): array
    {
        $weighings = [];
        $member = $this->envelopes->beam->member;
        foreach ($member->supports as $i => $support) {
            [$from, $to] = [max(0.0, $support->x - 1.0), min($member->length, $support->x + 1.0)];
            $M = $this->envelopes->moment->greatest($this->envelopes->strength, $make->weight(), $from, $to);
            $V = $this->envelopes->shear->greatest($this->envelopes->strength, $make->weight(), $from, $to);
            $isEnd = $support->x < 1.0 || $support->x > $member->length - 1.0;
            if ($M === null || $V === null || ($isEnd && ! $support->holdsTurning())) {
                continue;
            }
            $weighings[] = $this->withShear($make, $M, $V, 'at support '.($i + 1), (string) ($i + 1), $derive);
            $presses = $this->reaction($i, $support, $make);
            $hogging = $this->envelopes->moment->extreme($this->envelopes->strength, -1, $make->weight(), $from, $to);
            if ($presses !== null && ! $support->stiffened && $hogging !== null && $hogging->value < -1.0) {
                $withBearing = $this->withBearing($make, $hogging, $presses[0], $i, $derive);
                array_push($weighings, ...$withBearing === null ? [] : [$withBearing]);
            }
        }

        return $weighings;
    }

    /** @return list<Weighing> where point loads act, or others begin: shear and moment may both be great there */
    private function withinSpans(ColdFormedMake $make, bool $derive): array
    {
        $weighings = [];
        $beam = $this->envelopes->beam->beam;
        $names = $beam->fieldNames();
        [$strength, $weight] = [$this->envelopes->strength, $make->weight()];
        foreach ($beam->fields() as $i => [$from, $to]) {
            $worst = null;
            foreach ($this->envelopes->moment->breaks() as $x) {
                if ($x < $from + 2.0 || $x > $to - 2.0) {
                    continue;
                }
                $M = $this->envelopes->moment->greatest($strength, $weight, $x - 1.0, $x + 1.0);
                $V = $this->envelopes->shear->greatest($strength, $weight, $x - 1.0, $x + 1.0);
                if ($M === null || $V === null) {
                    continue;
                }
                $where = lcfirst($names[$i]);
                $id = str_replace(' ', '-', $where);
                $u = (float) $this->withShear($make, $M, $V, $where, $id, false)->ratio;
                $worst = $worst === null || $u > $worst[0] ? [$u, $M, $V, $where, $id] : $worst;
            }
            if ($worst !== null) {
                $weighings[] = $this->withShear($make, $worst[1], $worst[2], $worst[3], $worst[4], $derive);
            }
        }

        return $weighings;
    }

    private function withShear(
        ColdFormedMake $make,
        Extreme $M,
        Extreme $V,
        string $where,
        string $id,
        bool $derive,
    ): Weighing {
        $w = $this->moment($make, $M, $derive);
        $w->let('V', abs($V->value), Kind::Force, '', 'required');
        $this->shearStrength($w, $make);
        $w->line('u', 'sqrt((M / M_alo)^2 + (V / V_a)^2)', Kind::Number, 'H2 (H2-1)');

        return $this->combined("bending-shear-{$id}", "Bending with shear, {$where}", 'H2', $w, $M);
    }

    private function withBearing(ColdFormedMake $make, Extreme $M, float $P, int $i, bool $derive): ?Weighing
    {
        $w = $this->moment($make, $M, $derive);
        $w->let('P', $P, Kind::Force, '', 'required');
        if ($this->bearingStrength($w, $make, $this->envelopes->beam->member->supports[$i]) !== '') {
            return null;
        }
        if ($this->method === Method::Lrfd) {
            $w->let('phi', 0.9, Kind::Number, 'H3');
            $w->line('u', '(0.91 * P / P_n + M / M_nl) / (1.33 * phi)', Kind::Number, 'H3 (H3-1b)');
        } else {
            $w->let('Omega', 1.7, Kind::Number, 'H3');
            $w->line('u', '(0.91 * P / P_n + M / M_nl) / (1.33 / Omega)', Kind::Number, 'H3 (H3-1a)');
        }

        return $this->combined(
            'bending-bearing-'.($i + 1),
            'Bending with bearing at support '.($i + 1),
            'H3',
            $w,
            $M,
        );
    }

    /** M_alo: the strength with M_ne = M_y. */
    private function moment(ColdFormedMake $make, Extreme $M, bool $derive): Working
    {
        $w = new Working($derive);
        $w->let('M', abs($M->value), Kind::Moment, '', 'required');
        $this->bending->yield($w, $make);
        $w->line('M_ne', 'M_y', Kind::Moment, 'H2', 'M_alo has M_ne = M_y');
        $this->bending->local($w, $make);
        $this->method->available($w, 'M_alo', 'M_nl', 0.9, 1.67, Kind::Moment, 'F3');

        return $w;
    }

    private function combined(string $id, string $title, string $clause, Working $w, Extreme $M): Weighing
    {
        return new Weighing(
            $id,
            $title,
            "AISI S100-16, {$clause}",
            $w->value('u'),
            x: $M->x,
            combination: $M->combination->id,
            remark: 'Greatest moment, shear and reaction at the place are put together: on the safe side.',
            lines: $w->lines,
            group: $clause === 'H2' ? 'Bending with shear' : 'Bending with bearing',
        );
    }
}
