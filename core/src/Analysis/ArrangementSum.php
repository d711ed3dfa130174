<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/** One arrangement of a combination on a length between restraints. */
final readonly class ArrangementSum
{
    /** @var list<array{float, PieceShare}> factor, what it multiplies; without self-weight */
    private array $terms;

    /** Factor of the self-weight. */
    private float $permanent;

    /**
     * @param  PieceShare  $permanent  all permanent load but self-weight
     * @param  array<string, PieceShare>  $shares  of what acts, by load case
     */
    public function __construct(
        private PieceResponses $of,
        Combination $combination,
        PieceShare $permanent,
        private array $shares,
    ) {
        $this->permanent = $combination->permanent;
        $terms = [[$combination->permanent, $permanent]];
        foreach ($shares as $id => $share) {
            $terms[] = [$combination->variable[$id], $share];
        }
        $this->terms = $terms;
    }

    /**
     * What is summed: factor, share; self-weight among it.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return list<array{float, PieceShare}>
     */
    public function terms(float $weight): array
    {
        return $this->of->own === null
            ? $this->terms
            : [...$this->terms, [$this->permanent * $weight, $this->of->own]];
    }

    /** What distinguishes it from other arrangements of its combination. */
    public function key(): string
    {
        return implode(',', array_map(fn (PieceShare $s): int => $s->id, $this->shares));
    }

    public function diagram(): PieceDiagram
    {
        return new PieceDiagram($this->of, $this->terms, $this->permanent);
    }

    /** @return array<string, array<int, float>> the variable load that acts, as LoadedBeam::patterns */
    public function patterns(): array
    {
        return array_map(fn (PieceShare $s): array => $s->factors, $this->shares);
    }
}
