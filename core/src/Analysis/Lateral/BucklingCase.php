<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Analysis\ArrangementSum;
use Waage\Analysis\PieceDiagram;
use Waage\Loading\Combination;

/** One moment diagram under which a held length may buckle. */
final readonly class BucklingCase
{
    public PieceDiagram $diagram;

    public function __construct(public HeldLength $held, public Combination $combination, public ArrangementSum $sum)
    {
        $this->diagram = $sum->diagram();
    }

    /**
     * The greatest moment of either sign.
     *
     * @return array{float, float, int} its size (Nmm), its place (mm), 1 for sagging and −1 for hogging
     */
    public function greatest(float $weight, float $from = -INF, float $to = INF): array
    {
        [$sagging, $x] = $this->diagram->greatest(1, $weight, $from, $to);
        [$hogging, $at] = $this->diagram->greatest(-1, $weight, $from, $to);

        return $sagging >= $hogging ? [$sagging, $x, 1] : [$hogging, $at, -1];
    }
}
