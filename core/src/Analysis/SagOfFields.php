<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Deflection from where the supports have moved to: in a span from the line between its supports, in an overhang from
 * the level of its support. A support that does not hold the beam down (a guided one) is no end of such a line.
 */
final class SagOfFields
{
    /** @return list<list<list<float>>> as Responses::$W */
    public static function of(Beam $beam, Responses $responses): array
    {
        $lines = [];
        foreach ($beam->fields() as [$from, $to]) {
            $lines[] = [
                $from,
                $to,
                ($beam->holdAt($from)->vertical ?? 0.0) > 0.0,
                ($beam->holdAt($to)->vertical ?? 0.0) > 0.0,
            ];
        }
        $sag = [];
        foreach ($responses->W as $W) {
            $at = function (float $x) use ($responses, $W): float {
                $k = $responses->segmentAt($x);

                return Polynomial::value($W[$k], $x - $responses->breaks[$k]);
            };
            foreach ($lines as [$from, $to, $left, $right]) {
                $a = $left ? $at($from) : ($right ? $at($to) : 0.0);
                $slope = $left && $right ? ($at($to) - $a) / ($to - $from) : 0.0;
                for (
                    $k = $responses->segmentAt($from);
                    $k < $responses->segments() && $responses->breaks[$k] < $to;
                    $k++
                ) {
                    $W[$k][0] -= $a + $slope * ($responses->breaks[$k] - $from);
                    $W[$k][1] -= $slope;
                }
            }
            $sag[] = $W;
        }

        return $sag;
    }
}
