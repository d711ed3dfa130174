<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/**
 * How far a member of a row could span with its loads, by each weighing for itself: moments grow with the square of the
 * span, forces with the span, deflections with its fourth power and their limits with the span. Exact for one level
 * span under uniform loads; of others nothing is said.
 */
final class LongestSpan
{
    /** Power of the span that a ratio grows with. */
    private const POWERS = ['bending' => 2, 'shear' => 1, 'deflection-variable' => 3, 'deflection-total' => 3];

    /** @param  list<Weighing>  $weighings */
    public static function text(LoadedBeam $beam, TimberMake $timber, array $weighings): string
    {
        $fields = $beam->beam->fields();
        $member = $beam->member;
        $isCovered =
            $timber->row->spacing > 0.0 &&
            count($fields) === 1 &&
            $member->angle === 0.0 &&
            ! $beam->isOverhang(...$fields[0]) &&
            $member->camber === 0.0 &&
            $member->top->isContinuous();
        foreach ($member->loads as $load) {
            $isCovered = $isCovered && (! $load->on || $load->isUniformOver($member->length));
        }
        if (! $isCovered) {
            return '';
        }
        $spans = [];
        foreach ($weighings as $weighing) {
            $power = self::POWERS[$weighing->id] ?? 0;
            if ($power > 0 && $weighing->ratio !== null && $weighing->ratio > 0.0) {
                // What is left out beside supports does not grow: as if it did, on the safe side.
                $spans[lcfirst($weighing->title)] = $member->length / $weighing->ratio ** (1 / $power);
            }
        }
        $units = $member->basis->units;
        $each = implode(
            ', ',
            array_map(
                fn (float $L, string $by): string => "by {$by} {$units->format($L, Kind::Length)}",
                $spans,
                array_keys($spans),
            ),
        );

        return $spans === []
            ? ''
            : "Longest span of this row with the same loads: {$each}; bearings and vibration apart.";
    }
}
