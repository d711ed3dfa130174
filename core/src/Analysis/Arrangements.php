<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/**
 * Which spans variable load has to lie on to bend a length between restraints the most at a place. That does not depend
 * on the factors, so that it is found once for all combinations.
 */
final class Arrangements
{
    /**
     * @var array<string, PieceShare> every variable load case on all its spans, or as the engineer arranges it first
     */
    public readonly array $full;

    /** All permanent load but self-weight. */
    public readonly PieceShare $permanent;

    public readonly PieceResponses $responses;

    /** @var array<string, array<string, PieceShare>> by place */
    private array $worst = [];

    public function __construct(
        private readonly LoadedBeam $beam,
        private readonly float $from,
        private readonly float $to,
    ) {
        $this->responses = new PieceResponses($beam, $from, $to);
        $this->permanent = $this->responses->share(array_fill_keys($beam->permanentSets(), 1.0));
        $full = [];
        foreach ($beam->cases as $case) {
            if (! $case->isPermanent) {
                $full[$case->case->id] = array_fill_keys($case->first(), 1.0);
            }
        }
        $this->full = $this->shares($full);
    }

    /**
     * @return array<string, PieceShare> where it makes the moment of a sign greatest at x, on the segment to its left
     *     or right
     */
    public function worstAt(float $x, bool $left, int $sign): array
    {
        $k = $this->beam->responses->segmentAt($x, $left);

        return $this->worst["{$sign}:{$x}:{$k}"] ??= $this->shares(
            $this->beam->patterns(
                $sign,
                $this->beam->responses->valuesAt(Effect::Moment, $k, $x - $this->beam->responses->breaks[$k]),
            ),
        );
    }

    /**
     * The arrangements that every combination is looked at in: all spans loaded, and what makes the moment of either
     * sign greatest at the ends, the quarter points and the middle.
     *
     * @return list<array<string, PieceShare>> shares by load case
     */
    public function places(): array
    {
        $places = [$this->full];
        foreach ([1, -1] as $sign) {
            foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $part) {
                $places[] = $this->worstAt($this->from + $part * ($this->to - $this->from), $part === 1.0, $sign);
            }
        }

        return $places;
    }

    /** @param  array<string, PieceShare>  $shares  by load case */
    public function sum(Combination $combination, array $shares): ArrangementSum
    {
        return new ArrangementSum(
            $this->responses,
            $combination,
            $this->permanent,
            array_intersect_key($shares, $combination->variable),
        );
    }

    /**
     * @param  array<string, array<int, float>>  $patterns
     * @return array<string, PieceShare>
     */
    private function shares(array $patterns): array
    {
        return array_map(
            fn (array $pattern): PieceShare => $this->responses->share($pattern),
            array_filter($patterns, fn (array $p): bool => $p !== []),
        );
    }
}
