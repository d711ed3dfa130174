<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * What some load sets together do on a length between two restraints. Many combinations have the same spans of a load
 * case loaded and differ in its factor only, so that this sum is made once.
 */
final class PieceShare
{
    /** @var list<list<float>>|null */
    private ?array $moments = null;

    /**
     * @param  int  $id  of all shares of the length
     * @param  array<int, float>  $factors  load set => factor
     */
    public function __construct(
        private readonly PieceResponses $of,
        public readonly int $id,
        public readonly array $factors,
    ) {
    }

    /**
     * What sagging and what hogging moments do not exceed, Nmm; negative where all are of the other sign. A cubic lies
     * between the least and the greatest of its four control points.
     *
     * @return array{float, float}
     */
    public function bounds(): array
    {
        $most = -INF;
        $least = INF;
        foreach ($this->moments() as $i => [$a, $b, $c, $d]) {
            [, , $from, $to] = $this->of->segments[$i];
            $third = ($to - $from) / 3;
            $start = $a + $from * ($b + $from * ($c + $from * $d));
            $end = $a + $to * ($b + $to * ($c + $to * $d));
            $second = $start + $third * ($b + $from * (2 * $c + $from * 3 * $d));
            $before = $end - $third * ($b + $to * (2 * $c + $to * 3 * $d));
            $most = max($most, $start, $end, $second, $before);
            $least = min($least, $start, $end, $second, $before);
        }

        return [$most, -$least];
    }

    /** @return list<list<float>> moment on each segment of the length */
    public function moments(): array
    {
        return $this->moments ??= array_map(
            fn (array $s): array => array_values(
                $this->of->responses->combined(Effect::Moment, $this->factors, $s[0]),
            ),
            $this->of->segments,
        );
    }
}
