<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Detailing;

use Waage\Analysis\MemberEnvelopes;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\BarList;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\DesignForces;
use Waage\Materials\Concrete\Reinforcement;
use Waage\Materials\Concrete\Tee;
use Waage\Materials\Concrete\TorsionBars;
use Waage\Member\Support;

/**
 * Bars of a beam: at the bottom by span, at the top some that run through and others over supports; what the engineer
 * leaves open is chosen by what the standard asks of it, and goes as far as it is needed.
 */
final readonly class Detailing
{
    /** Less moment is rounding, Nmm. */
    private const NOTHING = 1.0;

    /** Bars in compression are reckoned to lie so deep before they are known, as a part of the depth. */
    private const COMPRESSION = 0.12;

    /** So often thicker bars that run through are tried where cracks would be too wide. */
    private const TRIES = 6;

    private LinkZones $zones;

    /**
     * @param  MemberEnvelopes  $elastic  before moments are redistributed: bars over supports are as long as these ask
     *     for
     */
    public function __construct(
        private MemberEnvelopes $envelopes,
        private BarRules $rules,
        private MemberEnvelopes $elastic,
    ) {
        $this->zones = new LinkZones($envelopes, $rules);
    }

    /**
     * With bars, links, bars for torsion, and the list of them all; as it is where it has them.
     *
     * @param  \Closure(ConcreteMake, Support): bool  $isBent  are bottom bars bent up behind an end support?
     */
    public function settled(ConcreteMake $concrete, \Closure $isBent): ConcreteMake
    {
        if ($concrete->steel !== null) {
            return $concrete;
        }
        $concrete = $this->of($concrete);
        $along = $concrete->isSlab() ? 0.0 : $this->rules->along($concrete);
        $concrete =
            $along > 0.0
                ? $concrete->withSteel($concrete->steel()->around(TorsionBars::choose($concrete, $along)))
                : $concrete;
        $bends = fn (Support $s): bool => $isBent($concrete, $s);
        $list = BarList::of($concrete, $this->envelopes->beam->member->supports, $bends, $this->rules);

        return $concrete->withSteel($concrete->steel()->listed($list));
    }

    private function of(ConcreteMake $concrete): ConcreteMake
    {
        $choice = new BarChoice($concrete, $this->rules);
        $bottom = $this->bottom($concrete, $choice);
        $top = $this->top($concrete, $choice);
        if ($concrete->isSlab()) {
            return $concrete->withSteel(new Reinforcement($bottom, $top, []));
        }
        $bars = new Reinforcement($bottom, $top, [$this->zones->even($concrete)]);

        $steel = new Reinforcement($bottom, $top, $this->zones->of($concrete->withSteel($bars)));

        return $concrete->withSteel($steel);
    }

    /** @return non-empty-list<BarStretch> of every span and overhang */
    private function bottom(ConcreteMake $concrete, BarChoice $choice): array
    {
        $names = $this->envelopes->beam->beam->fieldNames();
        $stretches = [];
        $span = 0;
        foreach ($this->envelopes->beam->beam->fields() as $i => [$from, $to]) {
            $span += str_starts_with($names[$i], 'span') ? 1 : 0;
            $said = str_starts_with($names[$i], 'span') ? $concrete->wishes->spans[$span] ?? null : null;
            $said ??= $concrete->wishes->bottom;
            $group = $said === null ? $this->chosen($concrete, $choice, 1, $from, $to) : $concrete->group($said);
            $id = count($names) === 1 ? '' : str_replace(['span ', ' overhang'], '', $names[$i]);
            $stretches[] = new BarStretch($from, $to, $group, $id, $names[$i], [$from, $to]);
        }

        return $stretches === [] ? throw new \LogicException('A beam has a span.') : $stretches;
    }

    /** @return non-empty-list<BarStretch> */
    private function top(ConcreteMake $concrete, BarChoice $choice): array
    {
        if ($concrete->wishes->top !== null) {
            return $this->over($concrete, $choice, $concrete->group($concrete->wishes->top));
        }
        $through = $this->through($concrete, $choice);
        for ($i = 0; $i < self::TRIES; $i++) {
            $stretches = $this->over($concrete, $choice, $through);
            $wide = array_filter(
                $stretches,
                fn (BarStretch $s): bool => $s->id === 'through' && ! $this->staysNarrow($s),
            );
            if ($wide === []) {
                break;
            }
            $area = $through->bars->area();
            $through = $choice->first(fn (BarGroup $g): bool => $g->bars->area() > 1.05 * $area);
        }

        return $stretches;
    }

    private function staysNarrow(BarStretch $stretch): bool
    {
        return $this->rules->isNarrow($stretch->group, -1, $stretch->from, $stretch->to);
    }

    /** @return non-empty-list<BarStretch> with some bars that run through, those over supports */
    private function over(ConcreteMake $concrete, BarChoice $choice, BarGroup $through): array
    {
        $curtailment = new Curtailment($this->elastic, $concrete, $through, $this->rules);
        $groups = [];
        foreach ($curtailment->regions() as $support => [$from, $to]) {
            $said = $concrete->wishes->supports[$support] ?? null;
            if ($said !== null) {
                $groups[$support] = $concrete->group($said);
            } elseif ($concrete->wishes->top === null && ! $this->does($concrete, $through, -1, $from, $to)) {
                $groups[$support] = $this->chosen($concrete, $choice, -1, $from, $to);
            } elseif ($concrete->wishes->top === null && ! $this->fixes($concrete, $through, $support)) {
                $groups[$support] = $choice->first(fn (BarGroup $g): bool => $this->fixes($concrete, $g, $support));
            }
        }

        return $curtailment->stretches($groups);
    }

    /** Do bars suffice for what a free end of the member takes in fact? */
    private function fixes(ConcreteMake $concrete, BarGroup $group, int $number): bool
    {
        $support = $this->envelopes->beam->member->supports[$number - 1];
        $isEnd = $support->x < 1.0 || $support->x > $concrete->length() - 1.0;
        if ($this->rules->fixity() <= 0.0 || ! $isEnd || $support->holdsTurning()) {
            return true;
        }
        $fields = $this->envelopes->beam->beam->fields();
        [$from, $to] = $support->x < 1.0 ? $fields[0] : $fields[count($fields) - 1];
        $M = $this->rules->fixity() * $this->moment($concrete, 1, $from, $to);
        $tee = $concrete->tee(-1, $support->x);

        return $this->rules->resistance($tee, $group->bars->area(), $concrete->h - $group->centroid()) >= $M;
    }

    /** Two bars to hang links on; more where spans need steel in compression. */
    private function through(ConcreteMake $concrete, BarChoice $choice): BarGroup
    {
        $M = max(0.0, $this->moment($concrete, 1, 0.0, INF));
        $hogs = $this->moment($concrete, -1, 0.0, INF) > self::NOTHING;

        return $choice->first(function (BarGroup $g) use ($concrete, $M, $hogs): bool {
            $d = (1 - self::COMPRESSION) * $concrete->h;
            $middle = $concrete->length() / 2;
            $least = $this->rules->steel($concrete->tee(1, $middle), $M, $d, $g->centroid())[1];
            $asTop = $hogs ? $this->leastAtTop($concrete, $concrete->h - $g->centroid()) : 0.0;

            return $g->bars->area() >= max($least, $asTop);
        });
    }

    /** The most that is least for hogging moments anywhere. */
    private function leastAtTop(ConcreteMake $concrete, float $d): float
    {
        $least = 0.0;
        foreach ($this->envelopes->beam->beam->fields() as [$from, $to]) {
            foreach ([$from + 1.0, ($from + $to) / 2, $to - 1.0] as $x) {
                $least = max($least, $this->rules->least($concrete->tee(-1, $x), $d, INF));
            }
        }

        return $least;
    }

    private function chosen(ConcreteMake $concrete, BarChoice $choice, int $sign, float $from, float $to): BarGroup
    {
        return $choice->first(fn (BarGroup $g): bool => $this->does($concrete, $g, $sign, $from, $to));
    }

    /**
     * Do bars suffice between two places: for the moment, against breaking at the first crack, and for narrow cracks?
     */
    private function does(ConcreteMake $concrete, BarGroup $group, int $sign, float $from, float $to): bool
    {
        $M = $this->moment($concrete, $sign, $from, $to);
        if ($M < self::NOTHING) {
            return true;
        }
        $d = $concrete->h - $group->centroid();
        $tee = $this->narrowest($concrete, $sign, $from, $to);
        $asked = $this->rules->steel($tee, $M, $d, self::COMPRESSION * $concrete->h)[0];
        $As = max($asked, $this->rules->least($tee, $d, $asked));
        $area = $group->bars->area();
        $most = $this->rules->most($tee, $d);
        if ($area < $As * (1 - 1e-9) || ($asked < $most && $area > $most)) {
            return false;
        }

        return $this->rules->isNarrow($group, $sign, $from, $to);
    }

    /** With the least flange that counts between two places. */
    private function narrowest(ConcreteMake $concrete, int $sign, float $from, float $to): Tee
    {
        [$a, $b] = [$concrete->tee($sign, $from + 1.0), $concrete->tee($sign, $to - 1.0)];

        return $a->b <= $b->b ? $a : $b;
    }

    /** The greatest of a sign for strength, Nmm. */
    private function moment(ConcreteMake $concrete, int $sign, float $from, float $to): float
    {
        $e = (new DesignForces($this->envelopes, $concrete))->moment($sign, $from, $to);

        return $e === null ? 0.0 : $sign * $e->value;
    }
}
