<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Units\Kind;

/** Deflections of the gross section, more where buckling leaves less of it, by any standard; mm. */
final readonly class ServiceSearch
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** The greatest service moment of a piece, Nmm. */
    public function moment(ColdFormedMake $make): float
    {
        $e = $this->envelopes->moment->greatest($this->envelopes->characteristic, $make->weight());

        return abs($e->value ?? 0.0) / $make->count();
    }

    /**
     * @param  string  $clause  of the standard
     * @param  \Closure(Working): string  $stiffness  works out `I_g` and what there is of it; tells the symbol of that
     * @return list<Weighing> of variable load, and of all
     */
    public function weigh(ColdFormedMake $make, string $clause, \Closure $stiffness, Detail $detail): array
    {
        $basis = $this->envelopes->beam->member->basis;
        $both = [
            [
                'deflection-variable',
                'Deflection of variable load',
                $this->envelopes->variablePart,
                $basis->limits->variable,
            ],
            ['deflection-total', 'Deflection of all loads', $this->envelopes->characteristic, $basis->limits->total],
        ];
        $weighings = [];
        foreach ($both as [$id, $title, $combinations, $n]) {
            $worst = $this->worst($combinations, $n, $make);
            if ($worst === null) {
                continue;
            }
            [$e, $L, $rule, $ranges] = $worst;
            $w = $detail->working();
            $left = $stiffness($w);
            $deflection = abs($e->value) / $make->stiffness();
            $w->let('w_g', $deflection, Kind::Deflection, '', 'of the gross section, exact');
            $w->line('w', "w_g * I_g / {$left}", Kind::Deflection);
            $w->let('L', $L, Kind::Length);
            $w->let('n', $n, Kind::Number, '', 'basis of the job, or of this member');
            $w->line('w_lim', $rule, Kind::Deflection);
            $u = $w->line('u', 'w / w_lim', Kind::Number);
            $share = $w->value("{$left} / I_g");
            $weighings[] = new Weighing(
                $id,
                $title,
                $clause,
                $u,
                against: new Against(
                    demand: $w->value('w'),
                    capacity: $w->value('w_lim'),
                    kind: Kind::Deflection,
                    demandSymbol: 'w',
                    capacitySymbol: 'w_lim',
                ),
                at: new Place(x: $e->x, combination: $e->combination->id),
                lines: $w->lines,
                ranges: array_map(fn (array $r): array => [$r[0], $r[1], $r[2] * $share, $r[3] / $share], $ranges),
            );
        }

        return $weighings;
    }

    /**
     * @param  list<Combination>  $combinations
     * @return array{Extreme, float, string, list<list<float>>}|null extreme, length, limit, how far lengths are used
     */
    private function worst(array $combinations, float $n, ColdFormedMake $make): ?array
    {
        $beam = $this->envelopes->beam;
        $worst = null;
        $ranges = [];
        foreach ($combinations === [] ? [] : $beam->beam->fields() as [$from, $to]) {
            $times = $beam->isOverhang($from, $to) ? 2 : 1;
            $most = 0.0;
            foreach ([1, -1] as $sign) {
                $e = $this->envelopes->sag->extreme($combinations, $sign, $make->weight(), $from, $to);
                $u = $e === null ? -1.0 : ($sign * $e->value * $n) / ($times * ($to - $from)) / $make->stiffness();
                $most = max($most, $u);
                if ($e !== null && ($worst === null || $u > $worst[3])) {
                    $worst = [$e, $to - $from, $times === 2 ? '2 * L / n' : 'L / n', $u];
                }
            }
            $ranges[] = [$from, $to, ($times * ($to - $from)) / $n, $most];
        }

        return $worst === null ? null : [$worst[0], $worst[1], $worst[2], $ranges];
    }
}
