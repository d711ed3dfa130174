<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Checks\Line;
use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/**
 * The weighings of a design as text: every value with its symbol, unit and clause, in the order in which it is
 * computed, to be checked by hand or by another program.
 */
final class PlainText
{
    private const DIGITS = 7;

    public static function of(Design $design): string
    {
        $member = $design->member;
        $verdict = $design->verdict();
        $units = $member->basis->units;
        $blocks = [
            trim("{$member->mark} {$member->title}").
            "\n{$member->make->title()} {$member->make->grade()}, {$design->checks->standard()}\n{$verdict->state->value}".
            ($verdict->ratio === null ? '' : ': '.self::ratio($verdict->ratio)),
        ];
        foreach ($design->weighings as $weighing) {
            $blocks[] = self::weighing($weighing, $units, $design->checks->printedIn($units));
        }

        return implode("\n\n", $blocks)."\n";
    }

    private static function weighing(Weighing $w, UnitSystem $units, UnitSystem $ofLines): string
    {
        $state = match (true) {
            $w->state === State::Weighed => self::ratio((float) $w->ratio).
                ', '.
                ($w->holds() ? 'holds' : 'does not hold'),
            default => $w->state->value,
        };
        $where = implode(
            ', ',
            array_filter([
                $w->x === null ? '' : 'x = '.$units->format($w->x, Kind::Length),
                $w->combination,
                $w->arrangement,
                $w->remark,
            ]),
        );

        return implode("\n", [
            "{$w->title} ({$w->clause}): {$state}",
            ...$where === '' ? [] : ["  {$where}"],
            ...array_map(fn (Line $line): string => '  '.self::line($line, $ofLines), $w->lines),
        ]);
    }

    private static function line(Line $line, UnitSystem $units): string
    {
        $formula = $line->formula === $line->symbol ? '' : " = {$line->formula}";
        $value = trim(
            $units->significant($line->result, $line->kind, self::DIGITS).' '.$units->unit($line->kind),
        );
        $source = implode('; ', array_filter([$line->clause, $line->note]));

        return "{$line->symbol}{$formula} = {$value}".($source === '' ? '' : "   [{$source}]");
    }

    private static function ratio(float $ratio): string
    {
        return sprintf('%.4f', $ratio);
    }
}
