<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Material\Make;
use Waage\Material\Piece;
use Waage\Material\Rigidity;
use Waage\Material\Situation;

/**
 * A length of a beam with a stiffness of its own: from, to in mm, EI in Nmm², EA and GA in N (INF: it does not shear).
 */
final readonly class Step
{
    public function __construct(
        public float $from,
        public float $to,
        public float $EI,
        public float $EA,
        public float $GA = INF,
    ) {
    }

    /**
     * The lengths of a make that are not its main piece.
     *
     * @param  \Closure(Rigidity): array{float, float, float}  $of  EI, EA and GA of a piece
     * @return list<self>
     */
    public static function of(Make $make, Situation $situation, \Closure $of): array
    {
        $others = array_filter($make->pieces($situation), fn (Piece $p): bool => ! $p->isMain);

        return array_values(
            array_map(fn (Piece $p): self => new self($p->from, $p->to, ...$of($p->rigidity)), $others),
        );
    }
}
