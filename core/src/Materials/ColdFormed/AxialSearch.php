<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Envelope;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;

/** The combination that uses a member most under axial force, by any standard; N, Nmm. */
final readonly class AxialSearch
{
    private const SAFE = 'Greatest force and moment of a combination are put together: on the safe side.';

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /**
     * @param  list<array{array{string, string, string}, int, \Closure}>  $all  id, title and clause; 1 compression or
     *     −1 tension; what works u out, of the make, axial force and moment
     * @return list<Weighing>
     */
    public function weigh(ColdFormedMake $make, array $all, Detail $detail): array
    {
        $weighings = [];
        foreach ($all as [$what, $sign, $calculate]) {
            $of = fn (Working $w, float $N, float $M): bool => $calculate($w, $make, $N, $M);
            array_push($weighings, ...$this->worst($make, $what, $sign, $of, $detail));
        }

        return $weighings;
    }

    /**
     * @param  array{string, string, string}  $what  id, title, clause
     * @param  int  $sign  1 compression, −1 tension
     * @param  \Closure(Working, float, float): bool  $calculate  u of axial force and moment; false: nothing is to be
     *     weighed
     * @return list<Weighing> one, or none
     */
    private function worst(ColdFormedMake $make, array $what, int $sign, \Closure $calculate, Detail $detail): array
    {
        $worst = null;
        foreach ($this->envelopes->axial === null ? [] : $this->envelopes->strength as $combination) {
            $N = $this->greatest($this->envelopes->axial, $combination, [$sign], $make);
            $M = $this->greatest($this->envelopes->moment, $combination, [1, -1], $make);
            $w = new Working(false);
            if ($N >= 1.0 && $calculate($w, $N, $M) && ($worst === null || $w->value('u') > $worst[0])) {
                $worst = [$w->value('u'), $combination, $N, $M];
            }
        }
        if ($worst === null) {
            return [];
        }
        [, $combination, $N, $M] = $worst;
        $w = $detail->working();
        $calculate($w, $N, $M);
        [$id, $title, $clause] = $what;
        $remark = $M > 0.0 && $id !== 'compression' ? self::SAFE : '';

        return [
            new Weighing(
                $id,
                $title,
                $clause,
                $w->value('u'),
                at: new Place(x: null, combination: $combination->id),
                remark: $remark,
                lines: $w->lines,
            ),
        ];
    }

    /**
     * The combination that uses a member most under bending about both axes, with any axial force in compression.
     *
     * @param  array{string, string, string}  $what  id, title, clause
     * @param  \Closure(Working, float, float, float): void  $calculate  u of axial force, moment, and moment sideways
     * @return list<Weighing> none where nothing bends it sideways
     */
    public function aboutBoth(ColdFormedMake $make, array $what, \Closure $calculate, Detail $detail): array
    {
        $sideways = $this->envelopes->sideways;
        if ($sideways === null) {
            return [];
        }
        $worst = null;
        foreach ($this->envelopes->strength as $combination) {
            $across = array_map(
                fn (int $sign): float => $sign * ($sideways->moment->extreme([$combination], $sign, 0.0)->value ?? 0.0),
                [1, -1],
            );
            $forces = [
                $this->greatest($this->envelopes->axial, $combination, [1], $make),
                $this->greatest($this->envelopes->moment, $combination, [1, -1], $make),
                max(0.0, ...$across) / $make->count(),
            ];
            $w = new Working(false);
            if ($forces[2] < 1.0) {
                continue;
            }
            $calculate($w, ...$forces);
            $worst = $worst === null || $w->value('u') > $worst[0] ? [$w->value('u'), $combination, $forces] : $worst;
        }
        if ($worst === null) {
            return [];
        }
        $w = $detail->working();
        $calculate($w, ...$worst[2]);
        [$id, $title, $clause] = $what;

        return [
            new Weighing(
                $id,
                $title,
                $clause,
                $worst[0],
                at: new Place(x: null, combination: $worst[1]->id),
                remark: self::SAFE,
                lines: $w->lines,
            ),
        ];
    }

    /** @param  list<int>  $signs */
    private function greatest(?Envelope $of, Combination $combination, array $signs, ColdFormedMake $make): float
    {
        $values = array_map(
            fn (int $sign): float => $sign * ($of?->extreme([$combination], $sign, $make->weight())->value ?? 0.0),
            $signs,
        );

        return max(0.0, ...$values) / $make->count();
    }
}
