<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\MemberEnvelopes;

/** Looks for what governs where the strength goes by the combination. */
final readonly class Search
{
    /** A force that is smaller is none, N. */
    private const NOTHING = 1.0;

    public function __construct(public MemberEnvelopes $envelopes, public Durations $durations)
    {
    }

    public function beam(): LoadedBeam
    {
        return $this->envelopes->beam;
    }

    /**
     * The greatest value of an effect over its factor, between two places.
     *
     * @param  list<int>  $signs
     */
    public function of(
        Envelope $envelope,
        TimberMake $timber,
        array $signs = [1, -1],
        float $from = 0.0,
        float $to = INF,
        ?LoadedBeam $beam = null,
    ): ?Governing {
        $worst = null;
        foreach ($this->durations->groups($timber) as $group) {
            foreach ($signs as $sign) {
                $e = $envelope->extreme($group->combinations, $sign, $timber->weight(), max(0.0, $from), $to);
                $u = $e === null ? 0.0 : ($sign * $e->value) / $group->factor;
                if ($e !== null && $u > 1e-6 && ($worst === null || $u > $worst[2] * (1 + 1e-9))) {
                    $worst = [$e, $group, $u];
                }
            }
        }

        return $worst === null ? null : $this->at($worst[0], $worst[1], $envelope, $timber, $beam ?? $this->beam());
    }

    private function at(
        Extreme $e,
        LoadGroup $group,
        Envelope $envelope,
        TimberMake $timber,
        LoadedBeam $beam,
    ): Governing {
        $sign = $e->value >= 0.0 ? 1 : -1;
        $factors = $beam->worst($e->combination, $timber->weight(), $envelope->effect, $sign, $e->segment, $e->t);

        return new Governing($e->value, $e->x, $e->combination, $group, $factors, $beam->arrangementText($factors));
    }

    /** The reaction that presses a support most, over its factor or as it is; null: nothing presses it. */
    public function reaction(int $support, TimberMake $timber, bool $byDuration = true): ?Governing
    {
        $beam = $this->beam();
        $axis = $beam->beam->axis;
        $presses = array_map(
            fn (array $of): float => $axis->normal($of[$support][0], $of[$support][2]),
            $beam->responses->reactions,
        );

        return $this->greatest($presses, $beam->member->supports[$support]->x, $timber, $byDuration);
    }

    /** @param  list<float>  $values  effect of each load set */
    public function greatest(array $values, float $x, TimberMake $timber, bool $byDuration = true): ?Governing
    {
        $worst = null;
        foreach ($this->durations->groups($timber) as $group) {
            [$F, $combination, $factors] = $this->beam()->greatest($group->combinations, $timber->weight(), 1, $values);
            $u = $F / ($byDuration ? $group->factor : 1.0);
            if ($F > self::NOTHING && ($worst === null || $u > $worst[0] * (1 + 1e-9))) {
                $worst = [$u, $F, $combination, $group, $factors];
            }
        }

        return $worst === null
            ? null
            : new Governing($worst[1], $x, $worst[2], $worst[3], $worst[4], $this->beam()->arrangementText($worst[4]));
    }

    /**
     * What combinations do with axial force of a sign and moments about both axes: those that no other one of the same
     * strength goes beyond.
     *
     * @param  int  $sign  1 compression, −1 tension, 0 without axial force
     * @return list<Together>
     */
    public function together(TimberMake $timber, int $sign): array
    {
        $kept = [];
        $of = fn (?Envelope $e, LoadGroup $g, int $i, array $signs): float => max(
            0.0,
            ...array_map(
                fn (int $s): float => $s * ($e?->extreme([$g->combinations[$i]], $s, $timber->weight())->value ?? 0.0),
                $signs,
            ),
        );
        foreach ($this->durations->groups($timber) as $group) {
            $front = [];
            foreach ($group->combinations as $i => $combination) {
                $N = $sign === 0 ? 0.0 : $of($this->envelopes->axial, $group, $i, [$sign]);
                if ($sign !== 0 && $N < self::NOTHING) {
                    continue;
                }
                $next = new Together(
                    $N,
                    $of($this->envelopes->moment, $group, $i, [1, -1]),
                    $of($this->envelopes->sideways?->moment, $group, $i, [1, -1]),
                    $combination,
                    $group,
                );
                if (array_filter($front, fn (Together $t): bool => $t->isBeyond($next)) === []) {
                    $front = [...array_filter($front, fn (Together $t): bool => ! $next->isBeyond($t)), $next];
                }
            }
            array_push($kept, ...$front);
        }

        return $kept;
    }

    /** What governs of a combination, as it is told: where the axial force is greatest, or the moment. */
    public function governing(Together $of, TimberMake $timber): Governing
    {
        $sign = $of->N > 0.0 ? 1 : 0;
        $envelope = $sign === 0 ? $this->envelopes->moment : $this->envelopes->axial ?? $this->envelopes->moment;
        $most = $envelope->greatest([$of->combination], $timber->weight());

        return $most === null
            ? new Governing(0.0, 0.0, $of->combination, $of->group, [], '')
            : $this->at($most, $of->group, $envelope, $timber, $this->beam());
    }

    /** @return list<SpanOf> spans and overhangs, each weighed by itself */
    public function spans(): array
    {
        $beam = $this->beam()->beam;
        $names = $beam->fieldNames();
        $fields = $beam->fields();

        return array_map(
            fn (array $field, string $name): SpanOf => new SpanOf(
                lcfirst($name),
                $field[0],
                $field[1],
                count($fields) === 1,
            ),
            $fields,
            $names,
        );
    }

    /** Does anything act sideways? */
    public function bendsSideways(): bool
    {
        return $this->envelopes->sideways !== null;
    }
}
