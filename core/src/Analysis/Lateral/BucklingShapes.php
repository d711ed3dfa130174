<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Analysis\PieceShare;

/**
 * The critical factors of a held length with a certain section.
 *
 * A diagram's critical factor is at most the one at which it balances the stiffness in the shape that another diagram
 * buckles in, and near it where the two are alike. One sum over the loads gives that estimate, so that most diagrams need
 * no eigenvalue.
 */
final class BucklingShapes
{
    /** How far below the estimate the critical factor is looked for. */
    private const MARGIN = 0.9;

    /** A shape is kept when the estimate from those before was off by more than this. */
    private const OFF = 1.01;

    private const MOST = 8;

    /** @var list<array{array<int, float>, list<float>, list<float>}> shape, and what moments and loads do in it */
    private array $shapes = [];

    /** @var list<array<int, float>> of each shape what each share does in it, by its number */
    private array $effects = [];

    /** @var array<int, true> arrangements of which a diagram was worked out: the estimate is not trusted before */
    private array $known = [];

    /** @var \WeakMap<BucklingCase, Pencil> */
    private \WeakMap $pencils;

    public function __construct(private readonly HeldDiagrams $diagrams, public readonly ThinWalledBeam $beam)
    {
        $this->pencils = new \WeakMap;
    }

    /**
     * What the critical factor of an arrangement hardly falls below.
     *
     * @param  list<array{float, int}>  $terms  HeldDiagrams::terms()
     */
    public function roughly(int $place, array $terms): float
    {
        if (! isset($this->known[$place])) {
            return 1e-9;
        }
        $most = 0.0;
        foreach ($this->effects as $effects) {
            $sum = 0.0;
            foreach ($terms as [$factor, $id]) {
                $sum += $factor * $effects[$id];
            }
            $most = $sum > $most ? $sum : $most;
        }

        return $most > 0.0 ? self::MARGIN / $most : INF;
    }

    public function knows(int $place): void
    {
        $this->known[$place] = true;
    }

    /** Does a case buckle at more than this factor only? */
    public function isAbove(BucklingCase $case, float $weight, float $factor): bool
    {
        return $this->pencil($case, $weight)->isAbove($factor);
    }

    /**
     * The critical factor of a case; INF where it is above $most.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function factor(BucklingCase $case, float $weight, float $most): float
    {
        $drives = array_map(fn (int $shape): float => $this->drives($shape, $case, $weight), array_keys($this->shapes));
        $greatest = $drives === [] ? 0.0 : max($drives);
        $nearest = $greatest > 0.0 ? $this->shapes[(int) array_search($greatest, $drives, true)][0] : null;
        [$alpha, $shape] = $this->pencil($case, $weight)->least($nearest, $most);
        if (is_finite($alpha) && count($this->shapes) < self::MOST && self::OFF * $greatest < 1 / $alpha) {
            $work = $this->beam->work($shape);
            $this->shapes[] = [$shape, ...$work];
            $this->effects[] = array_map(fn (PieceShare $share): float => $this->effect($work, $share), $this->diagrams->shares);
        }

        return $alpha;
    }

    /**
     * How the flanges move sideways when a case buckles the length.
     *
     * @return list<array{float, float, float}> as ThinWalledBeam::flanges(); none where it does not buckle up to $most
     */
    public function flanges(BucklingCase $case, float $weight, float $most): array
    {
        [$alpha, $shape] = $this->pencil($case, $weight)->least(null, $most);

        return is_finite($alpha) ? $this->beam->flanges($shape) : [];
    }

    /** The beam under a case. */
    private function pencil(BucklingCase $case, float $weight): Pencil
    {
        if (isset($this->pencils[$case])) {
            return $this->pencils[$case];
        }
        $moments = $ofLoads = [];
        foreach ($case->sum->terms($weight) as [$factor, $share]) {
            [$sampled, $withoutCouples] = $this->diagrams->samples($share);
            foreach ($sampled as $g => $value) {
                $moments[$g] = ($moments[$g] ?? 0.0) + $factor * $value;
                $ofLoads[$g] = ($ofLoads[$g] ?? 0.0) + $factor * $withoutCouples[$g];
            }
        }

        return $this->pencils[$case] = $this->beam->under($moments, $ofLoads);
    }

    /** The inverse of the factor at which a case and the stiffness balance in a shape. */
    private function drives(int $shape, BucklingCase $case, float $weight): float
    {
        [, $ofMoments, $ofLoads] = $this->shapes[$shape];
        $drives = 0.0;
        foreach ($case->sum->terms($weight) as [$factor, $share]) {
            $drives += $factor * ($this->effects[$shape][$share->id] ??= $this->effect([$ofMoments, $ofLoads], $share));
        }

        return $drives;
    }

    /** @param  array{list<float>, list<float>}  $work  what moments and loads do in a shape */
    private function effect(array $work, PieceShare $share): float
    {
        [$ofMoments, $ofLoads] = $work;
        [$moments, $withoutCouples] = $this->diagrams->samples($share);
        $sum = 0.0;
        foreach ($moments as $g => $value) {
            $sum += $value * $ofMoments[$g] + $withoutCouples[$g] * $ofLoads[$g];
        }

        return $sum;
    }
}
