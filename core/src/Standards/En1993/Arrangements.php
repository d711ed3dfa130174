<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\PieceResponses;
use Waage\Analysis\PieceShare;
use Waage\Loading\Combination;

/**
 * Which spans variable load has to lie on to bend a length between restraints the most at a place. That does not depend
 * on the factors, so that it is found once for all combinations.
 */
final class Arrangements
{
    /** @var array<string, PieceShare> every variable load case on all its spans, or as the engineer arranges it first */
    public readonly array $full;

    private readonly PieceShare $permanent;

    private readonly PieceResponses $responses;

    /** @var list<array{array<string, PieceShare>, bool}> */
    private array $places = [];

    /** @var array<string, array<string, PieceShare>> by place */
    private array $worst = [];

    public function __construct(private readonly LoadedBeam $beam, public readonly BucklingLength $piece)
    {
        $this->responses = new PieceResponses($beam, $piece->from, $piece->to);
        $this->permanent = $this->responses->share(array_fill_keys($beam->permanentSets(), 1.0));
        $full = [];
        foreach ($beam->cases as $case) {
            if (! $case->isPermanent) {
                $full[$case->case->id] = array_fill_keys($case->first(), 1.0);
            }
        }
        $this->full = $this->shares($full);
    }

    /** @return array<string, PieceShare> where it makes the moment of the length's sign greatest at x, on the segment to its left or right */
    public function worstAt(float $x, bool $left): array
    {
        $k = $this->beam->responses->segmentAt($x, $left);

        return $this->worst[$x.':'.$k] ??= $this->shares($this->beam->patterns(
            $this->piece->sign, $this->beam->responses->valuesAt(Effect::Moment, $k, $x - $this->beam->responses->breaks[$k]),
        ));
    }

    /**
     * The arrangements that every combination is looked at in: all spans loaded, and what makes the moment greatest at the
     * ends, the quarter points and the middle; from these one goes on to the peak.
     *
     * @return list<array{array<string, PieceShare>, bool}> shares by load case; is the peak looked for
     */
    public function places(): array
    {
        if ($this->places === []) {
            $places = [[$this->full, false]];
            foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $part) {
                $places[] = [$this->worstAt($this->piece->from + $part * $this->piece->length(), $part === 1.0), true];
            }
            $this->places = $places;
        }

        return $this->places;
    }

    /** @param  array<string, PieceShare>  $shares  by load case */
    public function sum(Combination $combination, array $shares): ArrangementSum
    {
        return new ArrangementSum($this->responses, $combination, $this->permanent, array_intersect_key($shares, $combination->variable));
    }

    /**
     * @param  array<string, array<int, float>>  $patterns
     * @return array<string, PieceShare>
     */
    private function shares(array $patterns): array
    {
        return array_map(fn (array $pattern): PieceShare => $this->responses->share($pattern), array_filter($patterns, fn (array $p): bool => $p !== []));
    }
}
