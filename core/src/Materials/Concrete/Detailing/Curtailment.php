<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Detailing;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\CutOff;
use Waage\Member\Support;

/** How far top bars over supports go before those that run through suffice. mm. */
final class Curtailment
{
    /** @var list<array{float, float, list<float>}>|null hogging moments: from, to, polynomial from there */
    private ?array $hogging = null;

    public function __construct(
        private readonly MemberEnvelopes $envelopes,
        private readonly ConcreteMake $concrete,
        private readonly BarGroup $through,
        private readonly BarRules $rules,
    ) {
    }

    /**
     * @return array<int, array{float, float}> by number of the support what its top bars are for: to the middle of
     *     spans, over overhangs
     */
    public function regions(): array
    {
        $fields = $this->envelopes->beam->beam->fields();
        $names = $this->envelopes->beam->beam->fieldNames();
        $middle = function (int $field, float $end) use ($fields, $names): float {
            [$from, $to] = $fields[$field];

            return str_starts_with($names[$field], 'span') ? ($from + $to) / 2 : $end;
        };
        $regions = [];
        foreach ($this->supports() as $i => $x) {
            $region = [$x, $x];
            foreach ($fields as $k => [$from, $to]) {
                $region[0] = abs($to - $x) < 1.0 ? $middle($k, $from) : $region[0];
                $region[1] = abs($from - $x) < 1.0 ? $middle($k, $to) : $region[1];
            }
            $regions[$i + 1] = $region;
        }

        return $regions;
    }

    /** @return list<float> */
    private function supports(): array
    {
        return array_map(fn (Support $s): float => $s->x, $this->envelopes->beam->member->supports);
    }

    /**
     * @param  array<int, BarGroup>  $groups  over supports, by number
     * @return non-empty-list<BarStretch>
     */
    public function stretches(array $groups): array
    {
        $length = $this->concrete->length();
        if ($groups === []) {
            return $this->bySupport($length);
        }
        $over = [];
        foreach ($groups as $number => $group) {
            $over[] = $this->over($number, $group);
        }
        $stretches = [];
        $at = 0.0;
        foreach ($over as $i => $stretch) {
            $next = $over[$i + 1] ?? null;
            $to = $next !== null && $next->from < $stretch->to ? ($next->from + $stretch->to) / 2 : $stretch->to;
            if ($stretch->from > $at + 1.0) {
                $stretches[] = $this->between($at, $stretch->from);
            }
            $from = $stretch->from > $at + 1.0 ? $stretch->from : $at;
            $stretches[] = new BarStretch(
                $from,
                $to,
                $stretch->group,
                $stretch->id,
                $stretch->place,
                $stretch->ends,
                $stretch->cutOffs,
            );
            $at = $to;
        }

        return $at < $length - 1.0 ? [...$stretches, $this->between($at, $length)] : $stretches;
    }

    /** @return non-empty-list<BarStretch> the same bars all along, told by support */
    private function bySupport(float $length): array
    {
        $stretches = [];
        $at = 0.0;
        $regions = $this->regions();
        foreach ($regions as $number => [, $to]) {
            $to = $number === array_key_last($regions) ? $length : $to;
            $stretches[] = new BarStretch($at, $to, $this->through, (string) $number, "support {$number}", [
                0.0,
                $length,
            ]);
            $at = $to;
        }

        return $stretches === [] ? [$this->between(0.0, $length)] : $stretches;
    }

    private function between(float $from, float $to): BarStretch
    {
        return new BarStretch($from, $to, $this->through, 'through', 'top bars that run through', [
            0.0,
            $this->concrete->length(),
        ]);
    }

    private function over(int $number, BarGroup $group): BarStretch
    {
        $x = $this->supports()[$number - 1];
        $d = $this->concrete->h - $group->centroid();
        $ends = $counts = [$x, $x];
        $cutOffs = [];
        foreach ([0 => -1, 1 => 1] as $i => $side) {
            $end = $this->endOfField($x, $side);
            $suffices = $this->suffices($x, $side, $this->resistance($x));
            $pulled = $this->rules->mayEndInTension() ? 0.0 : $this->suffices($x, $side, 0.0);
            $module = $this->rules->sizes()->module;
            // Over a free end bars go a fifth of the span (EN 1992-1-1, 9.3.1.2(2)).
            $isFreeEnd = $this->rules->fixity() > 0.0 && ! $this->isInside($x);
            $least = max($this->rules->reach($suffices, $d, $group->bars), $isFreeEnd ? 0.2 * abs($end - $x) : 0.0);
            $least = max($least, $pulled);
            $reach = ceil($least / $module - 1e-6) * $module;
            if ($reach >= abs($end - $x) || ! $this->isSupport($end)) {
                $ends[$i] = $counts[$i] = $end;

                continue;
            }
            $ends[$i] = $x + $side * $reach;
            $counts[$i] = $x + $side * $this->rules->counts($reach, $d, $group->bars);
            $cutOffs[] = new CutOff($x, $side, $suffices, $reach);
        }

        return new BarStretch($counts[0], $counts[1], $group, (string) $number, "support {$number}", $ends, $cutOffs);
    }

    private function isInside(float $x): bool
    {
        return $x > 1.0 && $x < $this->concrete->length() - 1.0;
    }

    private function isSupport(float $x): bool
    {
        return array_filter($this->supports(), fn (float $s): bool => abs($s - $x) < 1.0) !== [];
    }

    private function endOfField(float $x, int $side): float
    {
        foreach ($this->envelopes->beam->beam->fields() as [$from, $to]) {
            if (abs(($side > 0 ? $from : $to) - $x) < 1.0) {
                return $side > 0 ? $to : $from;
            }
        }

        return $x;
    }

    /** Of the bars that run through. */
    private function resistance(float $x): float
    {
        $depth = $this->concrete->h - $this->through->centroid();

        return $this->rules->resistance($this->concrete->tee(-1, $x), $this->through->bars->area(), $depth);
    }

    /** From a support to where so much resistance suffices for the moment for the first time. */
    private function suffices(float $x, int $side, float $MRd): float
    {
        $end = $this->endOfField($x, $side);
        $pieces = array_values(array_filter(
            $this->hogging(),
            fn (array $p): bool => min($x, $end) <= $p[0] + 1e-6 && max($x, $end) >= $p[1] - 1e-6,
        ));
        $furthest = 0.0;
        foreach ($side > 0 ? $pieces : array_reverse($pieces) as [$from, $to, $p]) {
            $over = [-$p[0] - $MRd, ...array_map(fn (float $c): float => -$c, array_slice($p, 1))];
            $cuts = [0.0, ...Polynomial::roots($over, 0.0, $to - $from), $to - $from];
            $side > 0 ? sort($cuts) : rsort($cuts);
            foreach (array_slice($cuts, 1) as $i => $cut) {
                if (Polynomial::value($over, ($cuts[$i] + $cut) / 2) <= 0.0) {
                    return $furthest;
                }
                $furthest = abs($from + $cut - $x);
            }
        }

        return $furthest;
    }

    /** @return list<array{float, float, list<float>}> */
    private function hogging(): array
    {
        if ($this->hogging === null) {
            $breaks = $this->envelopes->moment->breaks();
            $this->hogging = array_map(
                fn (array $p): array => [
                    $breaks[$p['segment']] + $p['from'],
                    $breaks[$p['segment']] + $p['to'],
                    Polynomial::shift($p['polynomial'], $p['from']),
                ],
                $this->envelopes->moment->curve($this->envelopes->strength, -1, $this->concrete->weight()),
            );
        }

        return $this->hogging;
    }
}
