<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Member\Support;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/**
 * The bars of a beam or a strip of slab for the workshop. Bends at their outer dimensions, without what a bend saves.
 */
final readonly class BarList
{
    /** Hooks of links, as a multiple of the diameter (EN 1992-1-1, Figure 8.5, 135°). */
    private const HOOK = 10.0;

    /** Bars are no longer than this; longer ones are lapped. */
    private const STOCK = 12192.0;

    private const STOCK_METRIC = 12000.0;

    /** Bars go on behind the face of an inner support by so many diameters (9.2.1.5(1)). */
    private const BEYOND = 10.0;

    /**
     * @param  list<Support>  $supports
     * @param  \Closure(Support): bool  $isBent  are bottom bars bent up behind an end support?
     * @param  BarRules  $rules  for laps
     */
    private function __construct(
        private ConcreteMake $concrete,
        private array $supports,
        private \Closure $isBent,
        private BarRules $rules,
    ) {
    }

    /**
     * @param  list<Support>  $supports
     * @param  \Closure(Support): bool  $isBent
     * @return list<ListedBar>
     */
    public static function of(
        ConcreteMake $concrete,
        array $supports,
        \Closure $isBent,
        BarRules $rules,
    ): array {
        $list = new self($concrete, $supports, $isBent, $rules);
        $bars = [
            ...array_map($list->bottom(...), $concrete->steel()->bottom),
            ...$list->top(),
            ...$list->around(),
            ...$concrete->isSlab() ? [$list->across()] : $list->links(),
        ];

        $bars = array_map($list->lapped(...), $bars);

        return array_map(fn (ListedBar $b, int $i): ListedBar => $b->marked($i + 1), $bars, array_keys($bars));
    }

    /** Longer than the stock: in pieces. */
    private function lapped(ListedBar $bar): ListedBar
    {
        $stock = $this->concrete->units() === UnitSystem::Metric ? self::STOCK_METRIC : self::STOCK;
        if (! in_array($bar->face, ['top', 'bottom'], true) || $bar->length() <= $stock) {
            return $bar;
        }
        $lap = $this->rules->lap($bar->bar, $bar->face === 'top');
        $pieces = (int) ceil(($bar->length() - $lap) / ($stock - $lap));

        return $bar->inPieces($pieces, $lap);
    }

    private function bottom(BarStretch $stretch): ListedBar
    {
        [$from, $bentLeft] = $this->end($stretch->from, -1, $stretch->group->bars);
        [$to, $bentRight] = $this->end($stretch->to, 1, $stretch->group->bars);
        $leg = $this->concrete->h - 2 * $this->concrete->cage()->toBars();

        return new ListedBar(
            '',
            ($stretch->group->bars->fabric === null ? '' : "{$stretch->group->text()}, ")."bottom, {$stretch->place}",
            'bottom',
            $stretch->group->bars,
            $this->number($stretch->group->bars),
            new BarRun($from, $to, [$bentLeft, $bentRight], $leg),
        );
    }

    /** @return array{float, bool} where a bottom bar ends at an end of its span, and whether it is bent up there */
    private function end(float $x, int $side, Bars $bars): array
    {
        $there = array_filter($this->supports, fn (Support $s): bool => abs($s->x - $x) < 1.0);
        $support = array_values($there)[0] ?? null;
        $isEnd = $x < 1.0 || $x > $this->concrete->length() - 1.0;

        return match (true) {
            $support === null => [$x - $side * ($isEnd ? $this->concrete->cover : 0.0), false],
            $isEnd => [$x + $side * ($support->bearing / 2 - $this->concrete->cover), ($this->isBent)($support)],
            $this->concrete->bottomLaps => [$x + $side * $this->rules->lap($bars, false) / 2, false],
            default => [$x + $side * max(0.0, self::BEYOND * $bars->diameter - $support->bearing / 2), false],
        };
    }

    /** @return list<ListedBar> those that run through once, and those over supports */
    private function top(): array
    {
        $bars = [];
        [$length, $cover] = [$this->concrete->length(), $this->concrete->cover];
        foreach ($this->concrete->steel()->top as $stretch) {
            [$from, $to] = $stretch->ends;
            $isThrough = $from <= 0.0 && $to >= $length;
            $place = $isThrough ? 'from end to end' : $stretch->place;
            $bars[$place] ??= new ListedBar(
                '',
                ($stretch->group->bars->fabric === null ? '' : "{$stretch->group->text()}, ")."top, {$place}",
                'top',
                $stretch->group->bars,
                $this->number($stretch->group->bars),
                new BarRun($from <= 0.0 ? $cover : $from, $to >= $length ? $length - $cover : $to),
            );
        }

        return array_values($bars);
    }

    /** @return list<ListedBar> for torsion, from end to end */
    private function around(): array
    {
        $bars = $this->concrete->steel()->around;
        $run = new BarRun($this->concrete->cover, $this->concrete->length() - $this->concrete->cover);

        return $bars === null
            ? []
            : [new ListedBar('', 'for torsion, around the links', 'top', $bars, $this->number($bars), $run)];
    }

    private function cut(float $mm): string
    {
        return ListedBar::size($mm, $this->concrete->units());
    }

    private function number(Bars $bars): int
    {
        return $bars->spacing === null ? (int) $bars->count : (int) ceil($this->concrete->b / $bars->spacing);
    }

    private function across(): ListedBar
    {
        $bars = $this->concrete->distribution();
        $length = $this->concrete->length();
        $number = (int) ceil($length / ($bars->spacing ?? $length));
        $width = $this->concrete->b;
        $form = 'straight: '.$this->cut($width);

        return new ListedBar(
            '',
            'across the strip',
            'across',
            $bars,
            $number,
            new BarRun(0.0, $length),
            form: new BarForm($width, $form),
        );
    }

    /** @return list<ListedBar> by zone */
    private function links(): array
    {
        $bars = [];
        [$b, $h] = [$this->concrete->b - 2 * $this->concrete->cover, $this->concrete->h - 2 * $this->concrete->cover];
        $leg = $this->concrete->links->bar();
        $phi = $leg->diameter;
        $hooks = 2 * self::HOOK * $phi;
        $form = "closed: {$this->cut($b)} × {$this->cut($h)}, outer";
        foreach ($this->concrete->steel()->links as $zone) {
            $number = (int) ceil(($zone->to - $zone->from) / $zone->spacing);
            $where = 'links at '.$this->concrete->units()->format($zone->spacing, Kind::Size);
            $bars[] = new ListedBar(
                '',
                $where,
                'link',
                $leg,
                $number,
                new BarRun($zone->from, $zone->to),
                form: new BarForm(2 * ($b + $h) + $hooks, $form),
            );
            if ($this->concrete->links->legs > 2) {
                $more = $number * ($this->concrete->links->legs - 2);
                $single = "leg: {$this->cut($h)}";
                $bars[] = new ListedBar(
                    '',
                    "single legs, {$where}",
                    'link',
                    $leg,
                    $more,
                    new BarRun($zone->from, $zone->to),
                    form: new BarForm($h + $hooks, $single),
                );
            }
        }

        return $bars;
    }
}
