<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** Bars of one diameter at one face, in layers; the layer next to the face is the fullest. Lengths in mm. */
final readonly class BarGroup
{
    public const MOST_LAYERS = 3;

    /**
     * @param  non-empty-list<int>  $layers  bars in each, from the face inwards
     * @param  float  $clear  between bars of the fullest layer
     * @param  float  $gap  between layers
     * @param  float  $first  from the face to the middle of the first layer
     */
    private function __construct(
        public Bars $bars,
        public array $layers,
        public float $clear,
        public float $gap,
        private float $first,
    ) {
    }

    /** As many layers as the bars need so that concrete gets between them. */
    public static function of(Bars $bars, Cage $cage): self
    {
        $gap = $cage->leastClear($bars->diameter);
        if ($bars->spacing !== null) {
            $first = $cage->toBars() + $bars->diameter / 2;

            return new self($bars, [max(1, (int) $bars->count)], $bars->spacing - $bars->diameter, $gap, $first);
        }
        $room = $cage->room();
        $most = max(2, (int) floor(($room + $gap + 1e-6) / ($bars->diameter + $gap)));
        $layers = self::layers((int) $bars->count, $most);
        $clear = ($room - $layers[0] * $bars->diameter) / ($layers[0] - 1);

        return new self($bars, $layers, $clear, $gap, $cage->toBars() + $bars->diameter / 2);
    }

    /** @return non-empty-list<int> full ones, and what is left; a bar does not lie alone */
    private static function layers(int $count, int $most): array
    {
        $left = $count % $most;
        $full = array_fill(0, intdiv($count, $most), $most);
        if ($left === 1 && $full !== [] && $most > 2) {
            return [...array_slice($full, 1), $most - 1, 2];
        }

        return $left === 0 && $full !== [] ? $full : [...$full, $left];
    }

    /** From the face to a layer. */
    public function inset(int $layer): float
    {
        return $this->first + $layer * $this->pitch();
    }

    /** From the face to the centroid of the bars. */
    public function centroid(): float
    {
        if (count($this->layers) === 1) {
            return $this->first;
        }
        $sum = 0.0;
        foreach ($this->layers as $i => $count) {
            $sum += $count * $this->inset($i);
        }

        return $sum / $this->bars->count;
    }

    /** From layer to layer. */
    public function pitch(): float
    {
        return $this->bars->diameter + $this->gap;
    }

    public function fits(): bool
    {
        return count($this->layers) <= self::MOST_LAYERS && $this->clear >= $this->gap - 1e-6;
    }

    /** "4ø16", or "6ø20 in layers of 4 and 2" */
    public function text(): string
    {
        return $this->bars->text().(count($this->layers) === 1 ? '' : ' in layers of '.implode(' and ', $this->layers));
    }
}
