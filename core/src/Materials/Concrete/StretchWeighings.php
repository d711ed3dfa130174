<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/** Weighings of bars that every standard has, of a calculation that is done: bending, least bars, where bars end. */
final readonly class StretchWeighings
{
    public function __construct(private MemberEnvelopes $envelopes, private ConcreteMake $concrete)
    {
    }

    /**
     * @param  array{string, string, string, string}  $what  title, clause, symbols of demand and capacity
     */
    public function bending(int $sign, BarStretch $stretch, Extreme $e, Working $w, array $what): Weighing
    {
        [$title, $clause, $demand, $capacity] = $what;
        $beam = $this->envelopes->beam;
        $effect = $this->envelopes->moment->effect;
        $factors = $beam->worst($e->combination, $this->concrete->weight(), $effect, $sign, $e->segment, $e->t);
        $name = $sign > 0 ? 'sagging' : 'hogging';

        return new Weighing(
            $stretch->named($name),
            "{$title}, {$stretch->place}",
            $clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value($demand),
                capacity: $w->value($capacity),
                kind: Kind::Moment,
                demandSymbol: $demand,
                capacitySymbol: $capacity,
            ),
            at: $beam->placed($e, $factors),
            lines: $w->lines,
            ranges: $this->concrete->steel()->ranges($sign, $stretch, $w->value($capacity)),
            group: $name,
        );
    }

    /**
     * Of A_s,min and A_s.
     *
     * @param  string  $for  what they are there for, beside strength
     */
    public static function least(int $sign, BarStretch $stretch, Working $w, string $clause, string $for = ''): Weighing
    {
        $group = ($for === '' ? 'least' : 'least-'.str_replace(' ', '-', $for)).($sign > 0 ? '-bottom' : '-top');

        return new Weighing(
            $stretch->named($group),
            'Least bars'.($for === '' ? '' : " {$for}").", {$stretch->place}",
            $clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_s_min'),
                capacity: $w->value('A_s'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_s_min',
                capacitySymbol: 'A_s',
            ),
            lines: $w->lines,
            group: $group,
        );
    }

    /**
     * What sets out the bars of every support that end within the spans, on the side with less to spare.
     *
     * @param  \Closure(BarStretch, Working): string  $required  works out `l_req` of `x_c`, and tells its clause
     * @return list<Weighing>
     */
    public static function cutOffs(ConcreteMake $concrete, Detail $detail, \Closure $required): array
    {
        $weighings = [];
        foreach ($concrete->steel()->top as $stretch) {
            $cutOffs = $stretch->cutOffs;
            usort($cutOffs, fn (CutOff $a, CutOff $b): int => $a->reach - $a->suffices <=> $b->reach - $b->suffices);
            $cut = $cutOffs[0] ?? null;
            if ($cut === null) {
                continue;
            }
            $w = $detail->working();
            $w->let('x_c', $cut->suffices, Kind::Size, '', 'from the support: fewer bars suffice');
            $clause = $required($stretch, $w);
            $w->let('l_1', $cut->reach, Kind::Size, '', 'from the support to the end');
            $weighings[] = new Weighing(
                $stretch->named('length'),
                "Length of bars, {$stretch->place}",
                $clause,
                null,
                against: new Against(
                    demand: $w->value('l_req'),
                    capacity: $w->value('l_1'),
                    kind: Kind::Size,
                    demandSymbol: 'l_req',
                    capacitySymbol: 'l_1',
                ),
                at: new Place(x: $cut->support + $cut->side * $cut->reach),
                lines: $w->lines,
                group: 'length',
                remark: 'Set out so that it suffices.',
            );
        }

        return $weighings;
    }
}
