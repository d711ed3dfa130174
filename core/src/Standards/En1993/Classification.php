<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Sections\Channel;
use Waage\Sections\CircularHollow;
use Waage\Sections\Finish;
use Waage\Sections\ISection;
use Waage\Sections\RectangularHollow;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 5.5 and Table 5.2: class of a section. */
final class Classification
{
    /** Outstand in compression. */
    public const OUTSTAND = [9.0, 10.0, 14.0];

    /** Internal part in bending. */
    public const BENT = [72.0, 83.0, 124.0];

    /** Internal part in compression. */
    public const INTERNAL = [33.0, 38.0, 42.0];

    /** Tube, d/t over ε². */
    public const TUBE = [50.0, 70.0, 90.0];

    public static function of(SteelSection $steel, Strain $by): int
    {
        return max(array_map(fn (ClassedPart $p): int => $p->class($steel->epsilon), self::parts($steel, $by)));
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
            $d = new Derivation;
            $d->line('epsilon', 'sqrt(235 / f_y)', ['f_y' => [$steel->fy, Kind::Number]], $steel->epsilon, Kind::Number, 'Table 5.2', 'f_y in N/mm²');
            foreach (self::parts($steel, Strain::BendingY) as $part) {
                self::derive($d, $part, $steel->epsilon);
            }
            $lines = $d->lines;
        }

        return new Weighing(
            'classification', 'Section class', 'EN 1993-1-1, 5.5.2', null,
            applies: $steel->class < 4 || EffectiveSection::covers($steel),
            remark: match (true) {
                $steel->class < 4 => "The section is class {$steel->class} in bending.",
                EffectiveSection::covers($steel) => 'The section is class 4 in bending: it buckles locally before it yields. Its effective section counts (EN 1993-1-5, 4).',
                default => 'The section is class 4 in bending: it would buckle locally before it yields, and the effective section of this shape is not computed here. Take a section with thicker plates or a lower grade.',
            },
            lines: $lines,
        );
    }

    private static function derive(Derivation $d, ClassedPart $part, float $epsilon): void
    {
        $class = $part->class($epsilon);
        [[$c, $cv], [$t, $tv]] = [$part->c, $part->t];
        $d->line("lambda_{$part->name}", "{$c} / {$t}", [$c => [$cv, Kind::Size], $t => [$tv, Kind::Size]], $part->slenderness(), Kind::Number, 'Table 5.2', $part->note);
        $limit = $part->limits[min($class, 3) - 1];
        $d->line(
            "lambda_{$part->name}_".min($class, 3), (int) $limit.' * epsilon'.($part->power === 2 ? '^2' : ''), ['epsilon' => [$epsilon, Kind::Number]], $limit * $epsilon ** $part->power, Kind::Number, 'Table 5.2',
            $class === 4 ? 'limit of class 3 exceeded: class 4' : "limit of class {$class}: {$part->name} is class {$class}",
        );
    }

    /** @return non-empty-list<ClassedPart> */
    private static function parts(SteelSection $steel, Strain $by): array
    {
        $s = $steel->section;

        return match (true) {
            $s instanceof ISection => self::ofI($s, $by),
            $s instanceof Channel => self::ofChannel($s, $by),
            $s instanceof RectangularHollow => self::ofRectangle($s, $by),
            $s instanceof CircularHollow => [new ClassedPart('tube', ['d', $s->h], ['t', $s->t], self::TUBE, 'tube', 2)],
            default => throw new \LogicException('This shape has no rows in Table 5.2.'),
        };
    }

    /** @return non-empty-list<ClassedPart> */
    private static function ofI(ISection $s, Strain $by): array
    {
        $flange = new ClassedPart('flange', ['c_f', $s->c], ['t_f', $s->tf], self::OUTSTAND, 'outstand flange in compression');
        $plate = $s->plates === null ? [] : [new ClassedPart('plate', ['b_p', $s->plates->width], ['t_p', $s->plates->thickness], self::INTERNAL, 'plate between its welds, in compression')];
        $web = [
            new ClassedPart('web', ['c_w', $s->d], ['t_w', $s->tw], $by === Strain::Compression ? self::INTERNAL : self::BENT, $by === Strain::Compression ? 'web in compression' : 'web in bending'),
        ];

        return [...$plate, $flange, ...$by === Strain::BendingZ ? [] : $web];
    }

    /** @return non-empty-list<ClassedPart> bent about z-z the web or the tips of the flanges are compressed, taken as evenly */
    private static function ofChannel(Channel $s, Strain $by): array
    {
        $isBent = $by === Strain::BendingY;

        return [
            new ClassedPart('flange', ['c_f', $s->c], ['t_f', $s->tf], self::OUTSTAND, 'outstand flange in compression'),
            new ClassedPart('web', ['c_w', $s->d], ['t_w', $s->tw], $isBent ? self::BENT : self::INTERNAL, $isBent ? 'web in bending' : 'web in compression'),
        ];
    }

    /** @return non-empty-list<ClassedPart> flats between the corners taken as h − 3t and b − 3t, between plates as h − 2t and b − 2t */
    private static function ofRectangle(RectangularHollow $s, Strain $by): array
    {
        $side = fn (string $name, string $c, float $depth, bool $isBent): ClassedPart => new ClassedPart(
            $name, [$c, $depth - ($s->finish === Finish::Welded ? 2 : 3) * $s->t], ['t', $s->t], $isBent ? self::BENT : self::INTERNAL, $isBent ? 'flat side in bending' : 'flat side in compression',
        );

        return [$side('flange', 'c_f', $s->b, $by === Strain::BendingZ), $side('web', 'c_w', $s->h, $by === Strain::BendingY)];
    }
}
