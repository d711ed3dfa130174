<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Effect;
use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 7.4.3: deflection in the end under quasi-permanent load, by integrating curvature along the member
 * with the bars that are there. The arrangement is the one that is worst for the uncracked member.
 */
final class Deflection
{
    /** Stations of a span, an even number. */
    private const STATIONS = 120;

    private const ID = 'deflection';

    private const TITLE = 'Deflection in the end';

    private const CLAUSE = 'EN 1992-1-1, 7.4.3';

    /** @var list<Combination> */
    private readonly array $quasiPermanent;

    /** @var array<string, Curvature> by the bars in tension and in compression, for one make */
    private array $curvatures = [];

    /** @var array<int, non-empty-list<float>> deflections in the end at stations, by field */
    private array $ended = [];

    public function __construct(private readonly MemberEnvelopes $envelopes)
    {
        $isQuasi = fn (Combination $c): bool => $c->purpose === Purpose::QuasiPermanent;
        $this->quasiPermanent = array_values(array_filter($envelopes->combinations, $isQuasi));
    }

    /** @return list<Weighing> the span or overhang that is used most */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $this->curvatures = $this->ended = [];
        $why = $this->refusal();
        if ($why !== '') {
            return [new Weighing(self::ID, self::TITLE, self::CLAUSE, null, applies: false, remark: $why)];
        }
        $worst = null;
        foreach ($this->envelopes->beam->beam->fields() as $i => [$from, $to]) {
            $e = $this->envelopes->sag->greatest($this->quasiPermanent, $concrete->weight(), $from, $to);
            $w = $e === null ? null : $this->ofField($concrete, $i, $e);
            $worst = $w !== null && ($worst === null || $w[0] > $worst[0]) ? $w : $worst;
        }

        return $worst === null
            ? []
            : [
                $this->told($concrete, $worst, $detail),
                ...$detail->hasLines() || $concrete->service->finishes !== null
                    ? $this->afterFinishes($concrete, $detail)
                    : [],
            ];
    }

    private function refusal(): string
    {
        $member = $this->envelopes->beam->member;
        $others = array_filter(
            $member->supports,
            fn (Support $s): bool => in_array($s->kind, [SupportKind::Elastic, SupportKind::Guided], true),
        );

        return match (true) {
            $member->hinges !== [] => 'Deflection of cracked beams with hinges is not computed.',
            $this->quasiPermanent === [] => 'No quasi-permanent combination counts, which deflection is weighed under.',
            $others !== [] => 'Deflection of cracked beams on elastic and guided supports is not computed.',
            default => '',
        };
    }

    /**
     * @return array{float, float, float, int, Extreme, array<int, float>} ratio, deflection (mm), its place, field,
     *     extreme, factors
     */
    private function ofField(ConcreteMake $concrete, int $field, Extreme $e): array
    {
        $beam = $this->envelopes->beam;
        [$from, $to] = $beam->beam->fields()[$field];
        $factors = $this->factors($concrete, $e, $e->combination);
        $this->ended[$field] = $this->sags($concrete, $field, $factors);
        [$w, $x] = $this->greatest($this->ended[$field], $field);
        $limit = (($beam->isOverhang($from, $to) ? 2 : 1) * ($to - $from)) / $beam->member->basis->limits->total;

        return [abs($w) / $limit, $w, $x, $field, $e, $factors];
    }

    /**
     * Downward, from the chord of a span at stations, or of the end of an overhang, with the slope that the span
     * beside it has at the support; none where it is fixed.
     *
     * @param  array<int, float>  $factors
     * @return non-empty-list<float> mm
     */
    private function sags(ConcreteMake $concrete, int $field, array $factors, bool $isAtOnce = false): array
    {
        $fields = $this->envelopes->beam->beam->fields();
        [$from, $to] = $fields[$field];
        if (! $this->envelopes->beam->isOverhang($from, $to)) {
            $w = $this->integrated($concrete, [$from, $to], $factors, $isAtOnce);
            $end = $w[self::STATIONS];

            return array_map(fn (float $v, int $i): float => ($end * $i) / self::STATIONS - $v, $w, array_keys($w));
        }
        $isLeft = $field === 0;
        $root = $isLeft ? $to : $from;
        $span = $fields[$isLeft ? 1 : max(0, $field - 1)] ?? [$from, $to];
        $slope = $this->isFixed($root) ? 0.0 : $this->slope($concrete, $span, $root, $factors, $isAtOnce);
        $bent = $this->integrated($concrete, [$root, $isLeft ? $from : $to], $factors, $isAtOnce)[self::STATIONS];

        return [-$bent + $slope * ($isLeft ? $from - $to : $to - $from)];
    }

    /**
     * @param  non-empty-list<float>  $sags  at the stations of a field, or of the end of an overhang
     * @return array{float, float} mm, place
     */
    private function greatest(array $sags, int $field): array
    {
        [$from, $to] = $this->envelopes->beam->beam->fields()[$field];
        if (count($sags) === 1) {
            return [$sags[0], $field === 0 ? $from : $to];
        }
        $most = [0.0, ($from + $to) / 2];
        foreach ($sags as $i => $sag) {
            $most = abs($sag) > abs($most[0]) ? [$sag, $from + (($to - $from) * $i) / self::STATIONS] : $most;
        }

        return $most;
    }

    /**
     * What comes after permanent load has deflected the member at once: where it is most of its limit, or of the span.
     *
     * @return list<Weighing>
     */
    private function afterFinishes(ConcreteMake $concrete, Detail $detail): array
    {
        $worst = null;
        foreach ($this->envelopes->beam->beam->fields() as $field => [$from, $to]) {
            $e = $this->envelopes->sag->greatest($this->quasiPermanent, $concrete->weight(), $from, $to);
            if ($e === null) {
                continue;
            }
            $now = new Combination('', Purpose::QuasiPermanent, '', $e->combination->permanent, [], 'permanent');
            $all = $this->ended[$field];
            $once = $this->sags($concrete, $field, $this->factors($concrete, $e, $now), true);
            $after = array_map(fn (float $w, float $w0): float => $w - $w0, $all, $once);
            [$w, $x] = $this->greatest($after === [] ? [0.0] : $after, $field);
            $twice = $this->envelopes->beam->isOverhang($from, $to) ? 2 : 1;
            $part = abs($w) / ($twice * ($to - $from));
            if ($worst === null || $part > $worst['part']) {
                $i = (int) array_search($w, $after, true);
                $worst = ['part' => $part, 'x' => $x, 'w' => [$all[$i], $once[$i]], 'L' => $to - $from, 'k' => $twice];
            }
        }

        return $worst === null ? [] : [$this->finishes($concrete, $worst, $detail)];
    }

    /** @param  array{part: float, x: float, w: array{float, float}, L: float, k: int}  $worst */
    private function finishes(ConcreteMake $concrete, array $worst, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('w_inf', $worst['w'][0], Kind::Deflection, '7.4.3(7)', 'in the end, here');
        $w->let('w_0', $worst['w'][1], Kind::Deflection, '7.4.3(3)', 'permanent load at once: E_cm, β = 1');
        $w->line('w_fin', 'abs(w_inf - w_0)', Kind::Deflection, '', 'after finishes');
        $n = $concrete->service->finishes;
        if ($n !== null) {
            $w->let('L', $worst['L'], Kind::Length);
            $w->let('n_w', $n, Kind::Number, '7.4.1(5)', 'as asked for');
            $w->line('w_lim', $worst['k'] === 2 ? '2 * L / n_w' : 'L / n_w', Kind::Deflection, '7.4.1(5)');
            $w->line('u', 'w_fin / w_lim', Kind::Number, '7.4.1(5)');
        }

        return new Weighing(
            'deflection-finishes',
            'Deflection after finishes',
            'EN 1992-1-1, 7.4.1(5)',
            $n === null ? null : $w->value('u'),
            against: new Against(
                demand: $w->value('w_fin'),
                capacity: $n === null ? null : $w->value('w_lim'),
                kind: Kind::Deflection,
                demandSymbol: 'w_fin',
                capacitySymbol: 'w_lim',
            ),
            at: new Place(x: $worst['x']),
            lines: $w->lines,
            remark: $n === null
                ? 'No limit is asked for; usual is L/500 where finishes or partitions may be damaged.'
                : '',
            told: $n === null,
        );
    }

    /** @return array<int, float> of the arrangement that is worst at a place */
    private function factors(ConcreteMake $concrete, Extreme $e, Combination $combination): array
    {
        $effect = $this->envelopes->sag->effect;
        $sign = $e->value >= 0.0 ? 1 : -1;

        return $this->envelopes->beam->worst($combination, $concrete->weight(), $effect, $sign, $e->segment, $e->t);
    }

    private function isFixed(float $x): bool
    {
        $there = array_filter($this->envelopes->beam->member->supports, fn (Support $s): bool => abs($s->x - $x) < 1.0);

        return array_filter($there, fn (Support $s): bool => $s->kind === SupportKind::Fixed) !== [];
    }

    /**
     * Of the deflection, downward, along x at a support of a span.
     *
     * @param  array{float, float}  $span
     * @param  array<int, float>  $factors
     */
    private function slope(ConcreteMake $concrete, array $span, float $at, array $factors, bool $isAtOnce): float
    {
        // From the support into the span: what bends it away from the tangent there comes back to zero at its other
        // end.
        $other = abs($span[0] - $at) < 1.0 ? $span[1] : $span[0];

        return $this->integrated($concrete, [$at, $other], $factors, $isAtOnce)[self::STATIONS] / ($other - $at);
    }

    /**
     * Curvature integrated twice from one place to another, with no deflection and slope at the first; upward
     * positive for sagging.
     *
     * @param  array{float, float}  $along
     * @param  array<int, float>  $factors
     * @return non-empty-list<float> at stations, mm
     */
    private function integrated(ConcreteMake $concrete, array $along, array $factors, bool $isAtOnce): array
    {
        [$from, $to] = $along;
        $step = ($to - $from) / self::STATIONS;
        $inside = $to > $from ? 1.0 : -1.0;
        $slope = $w = 0.0;
        $all = [0.0];
        $before = $this->curvature($concrete, $from + 1e-3 * $inside, $factors, $isAtOnce);
        for ($i = 1; $i <= self::STATIONS; $i++) {
            $x = $from + $i * $step - ($i === self::STATIONS ? 1e-3 * $inside : 0.0);
            $now = $this->curvature($concrete, $x, $factors, $isAtOnce);
            // Between stations curvature runs straight.
            $w += $slope * $step + ((2 * $before + $now) * $step ** 2) / 6;
            $slope += (($before + $now) / 2) * $step;
            $before = $now;
            $all[] = $w;
        }

        return $all;
    }

    /** @param  array<int, float>  $factors */
    private function moment(float $x, array $factors): float
    {
        $responses = $this->envelopes->beam->responses;
        $segment = $responses->segmentAt($x);

        return Polynomial::value(
            array_values($responses->combined(Effect::Moment, $factors, $segment)),
            $x - $responses->breaks[$segment],
        );
    }

    /**
     * Sagging positive, 1/mm.
     *
     * @param  array<int, float>  $factors
     */
    private function curvature(ConcreteMake $concrete, float $x, array $factors, bool $isAtOnce): float
    {
        $M = $this->moment($x, $factors);
        $sign = $M >= 0.0 ? 1 : -1;

        return $sign * $this->at($concrete, $sign, $x, $isAtOnce)->of(abs($M));
    }

    private function at(ConcreteMake $concrete, int $sign, float $x, bool $isAtOnce = false): Curvature
    {
        [$tension, $compression] = [
            $concrete->steel()->at($sign, $x)->group,
            $concrete->steel()->at(-$sign, $x)->group,
        ];
        $tee = $concrete->tee($sign, $x);
        $key = spl_object_id($tension).' '.spl_object_id($compression)." {$tee->b} {$tee->bt} ".(int) $isAtOnce;

        return $this->curvatures[$key] ??= new Curvature($concrete, $tee, $tension, $compression, $isAtOnce);
    }

    /** @param  array{float, float, float, int, Extreme, array<int, float>}  $worst */
    private function told(ConcreteMake $concrete, array $worst, Detail $detail): Weighing
    {
        [, $deflection, $x, $field, $e, $factors] = $worst;
        $beam = $this->envelopes->beam;
        [$from, $to] = $beam->beam->fields()[$field];
        $isOverhang = $beam->isOverhang($from, $to);
        $place = $isOverhang ? ($field === 0 ? $to - 1.0 : $from + 1.0) : $x;
        $M = $this->moment($place, $factors);
        $w = $detail->working();
        $w->let(
            'M',
            abs($M),
            Kind::Moment,
            '',
            $isOverhang ? 'quasi-permanent, at the support' : 'quasi-permanent, where it deflects most',
        );
        Section::width($concrete, $M >= 0.0 ? 1 : -1, $place, $w);
        $this->at($concrete, $M >= 0.0 ? 1 : -1, $place)->derive($w);
        $w->let('w', abs($deflection), Kind::Deflection, '7.4.3(7)', 'all curvatures along the member integrated');
        $w->let('L', $to - $from, Kind::Length);
        $w->let('n_w', $beam->member->basis->limits->total, Kind::Number, 'basis of the job');
        $w->line('w_lim', $isOverhang ? '2 * L / n_w' : 'L / n_w', Kind::Deflection, '7.4.1(4)');
        $w->line('u', 'w / w_lim', Kind::Number, '7.4.3');

        return new Weighing(
            self::ID,
            self::TITLE,
            self::CLAUSE,
            $w->value('u'),
            against: new Against(
                demand: $w->value('w'),
                capacity: $w->value('w_lim'),
                kind: Kind::Deflection,
                demandSymbol: 'w',
                capacitySymbol: 'w_lim',
            ),
            at: new Place(
                x: $x,
                combination: $e->combination->id,
                arrangement: $beam->arrangementText($factors),
                factors: $factors,
            ),
            lines: $w->lines,
        );
    }
}
