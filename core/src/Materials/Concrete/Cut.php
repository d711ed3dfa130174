<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** Sections of a beam where its bars differ, for drawings; mm. */
final readonly class Cut
{
    /** @param  float  $toBars  from a face to the bars inside the links */
    public function __construct(
        private float $length,
        private float $b,
        private float $h,
        private float $toBars,
        private Reinforcement $steel,
    ) {
    }

    /**
     * @return list<array{title: string, from: float, to: float, bars: list<list<float>>, text: string}> each different
     *     one once
     */
    public function all(): array
    {
        $steel = $this->steel;
        $places = [0.0, $this->length];
        foreach ([...$steel->bottom, ...$steel->top] as $stretch) {
            $places[] = $stretch->from;
            $places[] = $stretch->to;
        }
        sort($places);
        $cuts = [];
        foreach ($places as $i => $from) {
            $to = $places[$i + 1] ?? $from;
            if ($to - $from < 1.0) {
                continue;
            }
            [$top, $bottom] = [$steel->at(-1, ($from + $to) / 2), $steel->at(1, ($from + $to) / 2)];
            $place = str_starts_with($top->place, 'support') ? $top->place : $bottom->place;
            $cuts[] = [
                'title' => ucfirst($place),
                'from' => $from,
                'to' => $to,
                'bars' => [
                    ...$this->places($top->group, false),
                    ...$this->places($bottom->group, true),
                    ...$this->beside($steel->around),
                ],
                'text' => "top {$top->group->text()}, bottom {$bottom->group->text()}".
                    ($steel->around === null ? '' : ", around {$steel->around->text()}"),
            ];
        }

        return $cuts;
    }

    /**
     * Bars for torsion, shared by both sides of the links; one that is left over lies in the middle of the bottom.
     *
     * @return list<list<float>> as places
     */
    private function beside(?Bars $bars): array
    {
        if ($bars === null) {
            return [];
        }
        $edge = $this->toBars + $bars->diameter / 2;
        $places = [];
        $each = intdiv((int) $bars->count, 2);
        for ($i = 1; $i <= $each; $i++) {
            $y = $edge + ($this->h - 2 * $edge) * $i / ($each + 1);
            $places[] = [$edge, $y, $bars->diameter];
            $places[] = [$this->b - $edge, $y, $bars->diameter];
        }
        if ((int) $bars->count % 2 === 1) {
            $places[] = [$this->b / 2, $this->h - $edge, $bars->diameter];
        }

        return $places;
    }

    /** @return list<list<float>> middle from the left and from the top, and diameter, mm */
    private function places(BarGroup $group, bool $isBelow): array
    {
        $edge = $this->toBars + $group->bars->diameter / 2;
        $places = [];
        foreach ($group->layers as $layer => $count) {
            $step = $count === 1 ? 0.0 : $group->bars->spacing ?? ($this->b - 2 * $edge) / ($count - 1);
            $y = $isBelow ? $this->h - $group->inset($layer) : $group->inset($layer);
            for ($i = 0; $i < $count; $i++) {
                $start = $group->bars->spacing === null ? $edge : ($this->b - ($count - 1) * $step) / 2;
                $places[] = [$count === 1 ? $this->b / 2 : $start + $i * $step, $y, $group->bars->diameter];
            }
        }

        return $places;
    }
}
