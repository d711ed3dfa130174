<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Detailing;

use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;

/** Chooses bars for a face: little steel, few bars, few layers. */
final readonly class BarChoice
{
    /** Bars at 100 mm cost as much more as a fifth of their steel. */
    private const CLOSER = 20.0;

    private const MOST_BARS = 16;

    /** What a bar more, and a layer more, is worth as a part of the steel. */
    private const A_BAR = 0.02;

    private const A_LAYER = 0.12;

    private BarSizes $sizes;

    /** @var list<BarGroup> that fit, the cheapest first */
    private array $groups;

    public function __construct(private ConcreteMake $concrete, BarRules $rules)
    {
        $this->sizes = $rules->sizes();
        $costs = $groups = [];
        foreach ($concrete->isSlab() ? $this->spaced() : [] as [$bars, $cost]) {
            $group = $concrete->group($bars);
            if ($rules->isClose($group)) {
                $groups[] = $group;
                $costs[] = $cost;
            }
        }
        $own = array_values(array_filter($concrete->wishes->sizes, fn (Bars $b): bool => $b->fabric === null));
        foreach ($concrete->isSlab() ? [] : ($own === [] ? $this->sizes->ofBeams : $own) as $one) {
            for ($count = 2; $count <= self::MOST_BARS; $count++) {
                $bars = $one->with($count - 1);
                if (! $concrete->fits($bars)) {
                    break;
                }
                $group = $concrete->group($bars);
                if (! $rules->isClose($group)) {
                    continue;
                }
                $groups[] = $group;
                $costs[] = $bars->area() * (1 + self::A_BAR * $count + self::A_LAYER * (count($group->layers) - 1));
            }
        }
        array_multisort($costs, $groups);
        $this->groups = $groups;
    }

    /** @return list<array{Bars, float}> bars of a slab, with what they cost: steel, and a little for closer ones */
    private function spaced(): array
    {
        $widest = $this->concrete->code()->widestBars($this->concrete->h);
        $choices = [];
        $own = $this->concrete->wishes->sizes;
        foreach ($own === [] ? $this->sizes->ofSlabs : $own as $one) {
            foreach ($one->fabric === null ? $this->sizes->spacings : [(float) $one->spacing] as $spacing) {
                $bars = $one->at($spacing, $this->concrete->b);
                if ($spacing <= $widest && $this->concrete->fits($bars)) {
                    $choices[] = [$bars, $bars->area() * (1 + self::CLOSER / $spacing)];
                }
            }
        }

        return $choices;
    }

    /**
     * The cheapest that do; where none do, the most there can be.
     *
     * @param  \Closure(BarGroup): bool  $do
     */
    public function first(\Closure $do): BarGroup
    {
        foreach ($this->groups as $group) {
            if ($do($group)) {
                return $group;
            }
        }
        $last = count($this->groups) - 1;

        return $last < 0
            ? $this->concrete->group(
                $this->concrete->isSlab()
                    ? $this->sizes->ofSlabs[0]->at(200.0, $this->concrete->b)
                    : $this->sizes->ofBeams[0]->with(1),
            )
            : $this->groups[$last];
    }
}
