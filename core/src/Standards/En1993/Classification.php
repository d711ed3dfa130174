<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 5.5 and Table 5.2: class of a rolled I section in bending about y-y. */
final class Classification
{
    public const FLANGE = [9.0, 10.0, 14.0];

    public const WEB = [72.0, 83.0, 124.0];

    /** A plate on a flange, between the welds along its edges: an internal part in compression. */
    public const PLATE = [33.0, 38.0, 42.0];

    public static function inBending(SteelSection $steel): int
    {
        $s = $steel->section;

        return max(self::classOf($s->c / $s->tf, self::FLANGE, $steel->epsilon), self::classOf($s->d / $s->tw, self::WEB, $steel->epsilon), $s->plates === null ? 1 : self::classOf($s->plates->width / $s->plates->thickness, self::PLATE, $steel->epsilon));
    }

    /** @param  list<float>  $limits c/t of classes 1, 2, 3, divided by ε */
    public static function classOf(float $slenderness, array $limits, float $epsilon): int
    {
        foreach ($limits as $i => $limit) {
            if ($slenderness <= $limit * $epsilon) {
                return $i + 1;
            }
        }

        return 4;
    }

    public static function weigh(SteelSection $steel, bool $derive): Weighing
    {
        $lines = [];
        if ($derive) {
            $s = $steel->section;
            $d = new Derivation;
            $d->line('epsilon', 'sqrt(235 / f_y)', ['f_y' => [$steel->fy, Kind::Number]], $steel->epsilon, Kind::Number, 'Table 5.2', 'f_y in N/mm²');
            $plate = $s->plates === null ? [] : [['plate', 'b_p', $s->plates->width, 't_p', $s->plates->thickness, self::PLATE, 'plate between its welds, in compression']];
            foreach ([...$plate, ['flange', 'c_f', $s->c, 't_f', $s->tf, self::FLANGE, 'outstand flange in compression'], ['web', 'c_w', $s->d, 't_w', $s->tw, self::WEB, 'web in bending']] as [$part, $c, $cv, $t, $tv, $limits, $note]) {
                $class = self::classOf($cv / $tv, $limits, $steel->epsilon);
                $d->line("lambda_{$part}", "{$c} / {$t}", [$c => [$cv, Kind::Size], $t => [$tv, Kind::Size]], $cv / $tv, Kind::Number, 'Table 5.2', $note);
                $limit = $limits[min($class, 3) - 1];
                $d->line("lambda_{$part}_".min($class, 3), (int) $limit.' * epsilon', ['epsilon' => [$steel->epsilon, Kind::Number]], $limit * $steel->epsilon, Kind::Number, 'Table 5.2', $class === 4 ? 'limit of class 3 exceeded: class 4' : "limit of class {$class}: {$part} is class {$class}");
            }
            $lines = $d->lines;
        }

        return new Weighing(
            'classification', 'Section class', 'EN 1993-1-1, 5.5.2', null,
            applies: $steel->class < 4,
            remark: $steel->class < 4
                ? "The section is class {$steel->class} in bending."
                : 'The section is class 4 in bending: it would buckle locally before it yields, and its effective section is not computed here. Take a section with thicker plates or a lower grade.',
            lines: $lines,
        );
    }
}
