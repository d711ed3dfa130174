<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\PieceDiagram;
use Waage\Analysis\PieceResponses;
use Waage\Analysis\PieceShare;
use Waage\Loading\Combination;

/**
 * One arrangement of a combination on a length between restraints: what is known of its moments without working them
 * out. Most arrangements are left out by that.
 */
final readonly class ArrangementSum
{
    /** What distinguishes it from other arrangements of its combination. */
    public string $key;

    /** @var array{float, float, float, float} moments at the quarter points (Nmm) and ∫ q sin² (N), without self-weight */
    private array $measures;

    /** @var array{float, float} what sagging and hogging moments do not exceed, Nmm, without self-weight */
    private array $bounds;

    /** @var list<array{float, PieceShare}> factor, what it multiplies; without self-weight */
    private array $terms;

    /** Factor of the self-weight. */
    private float $permanent;

    /**
     * @param  PieceShare  $permanent  all permanent load but self-weight
     * @param  array<string, PieceShare>  $shares  of what acts, by load case
     */
    public function __construct(private PieceResponses $of, Combination $combination, PieceShare $permanent, private array $shares)
    {
        $this->permanent = $combination->permanent;
        $terms = [[$combination->permanent, $permanent]];
        foreach ($shares as $id => $share) {
            $terms[] = [$combination->variable[$id], $share];
        }
        $this->terms = $terms;
        $key = '';
        $a = $b = $c = $d = $sagging = $hogging = 0.0;
        foreach ($terms as [$factor, $share]) {
            $key .= "{$share->id},";
            $m = $share->measures;
            $a += $factor * $m[0];
            $b += $factor * $m[1];
            $c += $factor * $m[2];
            $d += $factor * $m[3];
            $bounds = $share->extremes();
            $sagging += $factor * $bounds[0];
            $hogging += $factor * $bounds[1];
        }
        $this->key = $key;
        $this->measures = [$a, $b, $c, $d];
        $this->bounds = [$sagging, $hogging];
    }

    /**
     * Moments at the quarter points (Nmm, sagging positive) and ∫ q sin² (N, down positive).
     *
     * @param  float  $weight  self-weight, N/mm
     * @return array{float, float, float, float}
     */
    public function measures(float $weight): array
    {
        $own = $this->of->own?->measures;
        if ($own === null) {
            return $this->measures;
        }
        $factor = $this->permanent * $weight;
        [$a, $b, $c, $d] = $this->measures;

        return [$a + $factor * $own[0], $b + $factor * $own[1], $c + $factor * $own[2], $d + $factor * $own[3]];
    }

    /** @return array{float, float} what a sagging and what a hogging moment does not exceed, Nmm */
    public function bounds(float $weight): array
    {
        [$sagging, $hogging] = $this->bounds;
        $own = $this->of->own?->extremes();
        if ($own !== null) {
            $factor = $this->permanent * $weight;
            $sagging += $factor * $own[0];
            $hogging += $factor * $own[1];
        }

        return [$sagging > 0.0 ? $sagging : 0.0, $hogging > 0.0 ? $hogging : 0.0];
    }

    public function case(BucklingLength $piece, Combination $combination): BucklingCase
    {
        $patterns = array_map(fn (PieceShare $s): array => $s->factors, $this->shares);

        return new BucklingCase($piece, $combination, new PieceDiagram($this->of, $this->terms, $combination->permanent), $patterns);
    }
}
