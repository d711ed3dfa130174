<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Algebra\Pencil;
use Waage\Analysis\PieceShare;

/**
 * The critical factors of a held length with a certain section.
 *
 * A diagram's critical factor is at most the one at which it balances the stiffness in the shape that another diagram
 * buckles in, and near it where the two are alike. One sum over the loads gives that estimate, so that most diagrams
 * need no eigenvalue.
 */
final class BucklingShapes
{
    /** How far below the estimate the critical factor is looked for. */
    private const MARGIN = 0.9;

    /** A shape is kept when the estimate from those before was off by more than this. */
    private const OFF = 1.01;

    private const MOST = 8;

    /** Two diagrams are alike when what they do in the shapes, moment for moment, differs by no more than this part. */
    private const ALIKE = 0.1;

    /** @var list<array{array<int, float>, list<float>, list<float>}> shape, and what moments and loads do in it */
    private array $shapes = [];

    /** @var list<array<int, float>> of each shape what each share does in it, by its number */
    private array $effects = [];

    /**
     * @var list<array{list<array{float, int}>, float}> sums that were worked out, and what their moments do not exceed
     */
    private array $known = [];

    /** @var array<int, list<float>> what each of these does in the shapes */
    private array $alike = [];

    /** @var array<int, float> the greatest of it */
    private array $sizes = [];

    /** @var \WeakMap<BucklingCase, Pencil> */
    private \WeakMap $pencils;

    /**
     * @var \WeakMap<BucklingCase, array{float, array<int, float>, float}> factor, shape, and up to which factor it was
     *     looked for
     */
    private \WeakMap $solved;

    /** @param  array<int, float>|null  $like  a shape in which a similar beam buckles: where the first search begins */
    public function __construct(
        private readonly HeldDiagrams $diagrams,
        public readonly ThinWalledBeam $beam,
        private readonly ?array $like = null,
    ) {
        $this->pencils = new \WeakMap();
        $this->solved = new \WeakMap();
    }

    /**
     * What the critical factor of a sum hardly falls below: little where no sum like it was worked out.
     *
     * @param  list<array{float, int}>  $terms  HeldDiagrams::terms()
     * @param  float  $M  what its moments do not exceed, Nmm, more than 0
     */
    public function roughly(array $terms, float $M): float
    {
        $drives = $this->drivesOf($terms);
        foreach ($drives === [] ? [] : $this->known as $i => [, $size]) {
            $near = self::ALIKE * $this->sizes[$i];
            foreach ($this->alike[$i] as $shape => $part) {
                if (abs($drives[$shape] / $M - $part / $size) > $near / $size) {
                    continue 2;
                }
            }
            $most = max([0.0, ...$drives]);

            return $most > 0.0 ? self::MARGIN / $most : INF;
        }

        return 1e-9;
    }

    /**
     * The factor of a sum was worked out, or seen to be no less than what roughly() says.
     *
     * @param  list<array{float, int}>  $terms
     * @param  float  $M  what its moments do not exceed, Nmm
     */
    public function knows(array $terms, float $M): void
    {
        $this->known[] = [$terms, $M];
        $this->compare(count($this->known) - 1);
    }

    /**
     * What a factor is tried at: above it the estimate is good enough, and the case not heavier.
     *
     * @param  list<array{float, int}>  $terms
     */
    public function tried(array $terms, float $needed, float $most): float
    {
        $greatest = max([0.0, ...$this->drivesOf($terms)]);

        return min($most, max($needed, $greatest > 0.0 ? self::MARGIN / $greatest : INF));
    }

    /**
     * @param  list<array{float, int}>  $terms
     * @return list<float> by shape: the inverse of the factor at which a sum and the stiffness balance in it
     */
    private function drivesOf(array $terms): array
    {
        $drives = [];
        foreach ($this->effects as $effects) {
            $sum = 0.0;
            foreach ($terms as [$factor, $id]) {
                $sum += $factor * $effects[$id];
            }
            $drives[] = $sum;
        }

        return $drives;
    }

    /** What a known sum does in the shapes that are known. */
    private function compare(int $i): void
    {
        $this->alike[$i] = $this->drivesOf($this->known[$i][0]);
        $this->sizes[$i] = max([0.0, ...array_map(abs(...), $this->alike[$i])]);
    }

    /** @return array<int, float>|null a shape to begin with for a similar beam */
    public function first(): ?array
    {
        return $this->shapes[0][0] ?? $this->like;
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
        $solved = $this->solved[$case] ?? null;
        if ($solved !== null && (is_finite($solved[0]) || $most <= $solved[2])) {
            return $solved[0] <= $most ? $solved[0] : INF;
        }
        $drives = array_map(
            fn (int $shape): float => $this->drives($shape, $case, $weight),
            array_keys($this->shapes),
        );
        $greatest = $drives === [] ? 0.0 : max($drives);
        $nearest = $greatest > 0.0 ? $this->shapes[(int) array_search($greatest, $drives, true)][0] : $this->like;
        [$alpha, $shape] = $this->pencil($case, $weight)->least($nearest, $most);
        $this->solved[$case] = [$alpha, $shape, $most];
        if (is_finite($alpha) && count($this->shapes) < self::MOST && self::OFF * $greatest < 1 / $alpha) {
            $work = $this->beam->work($shape);
            $this->shapes[] = [$shape, ...$work];
            $this->effects[] = array_map(
                fn (PieceShare $share): float => $this->effect($work, $share),
                $this->diagrams->shares,
            );
            array_map($this->compare(...), array_keys($this->known));
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
        return is_finite($this->factor($case, $weight, $most))
            ? $this->beam->flanges($this->solved[$case][1] ?? [])
            : [];
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
            $drives +=
                $factor * ($this->effects[$shape][$share->id] ??= $this->effect([$ofMoments, $ofLoads], $share));
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
