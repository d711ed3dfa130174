<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;

/** Of the weighings of all that acts together in a combination each for the combination that is the worst for it. */
final class WorstTogether
{
    /**
     * Lateral-torsional buckling is part of one of them. Its greatest utilisation under any combination bounds that
     * under each, so that it is worked out for those only that may be the worst.
     *
     * @param  list<\Closure(float, Detail): list<Weighing>>  $columns  by combination: the weighings for a utilisation
     *     in lateral-torsional buckling, with derivation or without
     * @param  string  $bounded  which of them it is part of
     * @param  float  $most  its greatest utilisation under any combination
     * @param  \Closure(int): float  $lateral  its utilisation under one of them, at most
     * @return list<Weighing>
     */
    public static function weigh(array $columns, string $bounded, float $most, \Closure $lateral, Detail $detail): array
    {
        /**
         * @var array<string, array{float, int, float}> $worst ratio, combination, utilisation in lateral-torsional
         * buckling; by weighing
         */
        $worst = [];
        $look = function (int $c, float $utilisation, bool $atBounded) use ($columns, $bounded, &$worst): ?float {
            $bound = null;
            foreach ($columns[$c]($utilisation, Detail::Verdict) as $w) {
                if (($w->id === $bounded) !== $atBounded) {
                    $bound ??= $w->id === $bounded ? $w->ratio : null;
                } elseif ($w->ratio > ($worst[$w->id][0] ?? -1.0)) {
                    $worst[$w->id] = [(float) $w->ratio, $c, $utilisation];
                }
            }

            return $bound;
        };
        $bounds = array_filter(
            array_map(fn (int $c): ?float => $look($c, $most, false), array_keys($columns)),
            fn (?float $bound): bool => $bound !== null,
        );
        arsort($bounds);
        foreach ($bounds as $c => $bound) {
            if ($bound <= ($worst[$bounded][0] ?? -1.0)) {
                break;
            }
            $look($c, $lateral($c), true);
        }
        $weighings = [];
        foreach ($worst as $id => [, $c, $utilisation]) {
            array_push(
                $weighings,
                ...array_values(
                    array_filter($columns[$c]($utilisation, $detail), fn (Weighing $w): bool => $w->id === $id),
                ),
            );
        }

        return $weighings;
    }
}
