<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * Elements and unknowns of a held length: the sideways displacement u of its axis and its twist φ, as values and slopes
 * at nodes and as the higher shape functions of each element. u is counted in units of a (mm), half the distance of the
 * flanges, so that a flange that is held ties them: u = −φ for the top flange, u = φ for the bottom flange. Slopes are
 * per length of the whole.
 */
final readonly class Mesh
{
    /** @var list<float> */
    public array $nodes;

    public Shapes $shapes;

    /** Number of unknowns. */
    public int $size;

    /** Greatest distance of two unknowns of an element. */
    public int $band;

    /**
     * What u and φ of each element are made of: shape function, unknown, factor.
     *
     * @var list<array{list<array{int, int, float}>, list<array{int, int, float}>}>
     */
    public array $elements;

    public Forms $forms;

    /** @param  list<float>  $breaks  places where the section changes */
    public function __construct(public HeldLength $held, array $breaks = [])
    {
        $inside = array_filter(
            [...$held->forks, ...array_column($held->flanges, 0), ...$breaks],
            fn (float $x): bool => $x > $held->from + 1.0 && $x < $held->to - 1.0,
        );
        $nodes = array_values(array_unique([$held->from, ...$inside, $held->to]));
        sort($nodes);
        $this->nodes = $nodes;
        $last = count($nodes) - 1;
        $this->shapes = Shapes::ofDegree(
            match (true) {
                $last === 1 => 7,
                $last === 2 => 6,
                $last === 3 => 5,
                default => 4,
            },
        );

        $next = 0;
        $number = function (bool $isFree) use (&$next): int {
            return $isFree ? $next++ : -1;
        };
        $moves = $held->continuous === 0;
        $u = $phi = $ties = $higher = [];
        foreach ($nodes as $n => $x) {
            $isFork = in_array($x, $held->forks, true);
            $isClamped = in_array($x, $held->clamped, true);
            $ties[] =
                $held->continuous !== 0
                    ? $held->continuous
                    : array_column(array_filter($held->flanges, fn (array $f): bool => $f[0] === $x), 1)[0] ?? 0;
            $u[2 * $n] = $number($moves && ! $isFork && $ties[$n] === 0);
            $u[2 * $n + 1] = $number($moves && ! $isClamped);
            $phi[2 * $n] = $number(! $isFork);
            $phi[2 * $n + 1] = $number(! $isClamped);
            for ($i = 4; $n < $last && $i < $this->shapes->count; $i++) {
                $higher[$n][$i] = [$number($moves), $number(true)];
            }
        }
        $this->size = $next;

        $elements = [];
        $band = 0;
        for ($e = 0; $e < $last; $e++) {
            $slope = ($nodes[$e + 1] - $nodes[$e]) / $held->length();
            $ofU = $ofPhi = [];
            for ($i = 0; $i < $this->shapes->count; $i++) {
                [$p, $q] = $i < 4 ? [$u[2 * $e + $i], $phi[2 * $e + $i]] : $higher[$e][$i];
                $factor = $i === 1 || $i === 3 ? $slope : 1.0;
                if ($q >= 0) {
                    $ofPhi[] = [$i, $q, $factor];
                }
                if ($p >= 0) {
                    $ofU[] = [$i, $p, $factor];
                } elseif ($q >= 0) {
                    $ofU[] = [$i, $q, -$factor * $ties[$i < 4 ? $e + intdiv($i, 2) : $e]];
                }
            }
            $elements[] = [$ofU, $ofPhi];
            $numbers = array_column([...$ofU, ...$ofPhi], 1);
            $band = max($band, $numbers === [] ? 0 : max($numbers) - min($numbers));
        }
        $this->elements = $elements;
        $this->band = $band;
        $this->forms = new Forms($this);
    }
}
