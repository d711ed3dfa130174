<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * What some load sets together do on a length between two restraints. Many combinations have the same spans of a load
 * case loaded and differ in its factor only, so that this sum is made once.
 */
final class PieceShare
{
    /** @var array{float, float, float, float} as PieceResponses::$measures */
    public readonly array $measures;

    /** @var list<list<float>>|null */
    private ?array $moments = null;

    /** @var array{float, float}|null */
    private ?array $extremes = null;

    /** @var list<float>|null */
    private ?array $waves = null;

    /**
     * @param  int  $id  of all shares of the length
     * @param  array<int, float>  $factors  load set => factor
     */
    public function __construct(private readonly PieceResponses $of, public readonly int $id, public readonly array $factors)
    {
        $a = $b = $c = $d = 0.0;
        foreach ($factors as $set => $factor) {
            $measure = $of->measures[$set];
            $a += $factor * $measure[0];
            $b += $factor * $measure[1];
            $c += $factor * $measure[2];
            $d += $factor * $measure[3];
        }
        $this->measures = [$a, $b, $c, $d];
    }

    /** @return array{float, float} greatest sagging and greatest hogging moment, Nmm; negative where all are of the other sign */
    public function extremes(): array
    {
        if ($this->extremes === null) {
            $most = $least = 0.0;
            foreach ($this->moments() as $i => $m) {
                [, , $from, $to] = $this->of->segments[$i];
                foreach ([$from, ...Polynomial::roots(Polynomial::derivative($m), $from, $to), $to] as $n => $t) {
                    $value = Polynomial::value($m, $t);
                    $most = $i + $n === 0 ? $value : max($most, $value);
                    $least = $i + $n === 0 ? $value : min($least, $value);
                }
            }
            $this->extremes = [$most, -$least];
        }

        return $this->extremes;
    }

    /** @return list<list<float>> moment on each segment of the length */
    public function moments(): array
    {
        return $this->moments ??= array_map(fn (array $s): array => array_values($this->of->responses->combined(Effect::Moment, $this->factors, $s[0])), $this->of->segments);
    }

    /** @return list<float> ∫ M cos(nπx/L) dx / L for n = 0 … 2·Waves::COUNT, Nmm */
    public function waves(): array
    {
        if ($this->waves === null) {
            $sums = array_fill(0, 2 * Waves::COUNT + 1, 0.0);
            foreach ($this->factors as $set => $factor) {
                foreach ($this->of->waves($set) as $n => $value) {
                    $sums[$n] += $factor * $value;
                }
            }
            $this->waves = array_values($sums);
        }

        return $this->waves;
    }
}
