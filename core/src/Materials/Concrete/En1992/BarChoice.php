<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;

/** Chooses bars for a face: little steel, few bars, few layers. */
final readonly class BarChoice
{
    private const DIAMETERS = [12, 16, 20, 25, 32];

    private const MOST_BARS = 16;

    /** What a bar more, and a layer more, is worth as a part of the steel. */
    private const A_BAR = 0.02;

    private const A_LAYER = 0.12;

    /** @var list<BarGroup> that fit, the cheapest first */
    private array $groups;

    public function __construct(private ConcreteMake $concrete)
    {
        $costs = $groups = [];
        foreach (self::DIAMETERS as $diameter) {
            for ($count = 2; $count <= self::MOST_BARS; $count++) {
                $bars = new Bars($count, (float) $diameter);
                if (! $concrete->fits($bars)) {
                    break;
                }
                $groups[] = $group = $concrete->group($bars);
                $costs[] = $bars->area() * (1 + self::A_BAR * $count + self::A_LAYER * (count($group->layers) - 1));
            }
        }
        array_multisort($costs, $groups);
        $this->groups = $groups;
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

        return $last < 0 ? $this->concrete->group(new Bars(2, 12.0)) : $this->groups[$last];
    }
}
