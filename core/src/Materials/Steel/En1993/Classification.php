<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 5.5 and Table 5.2: class of a section. */
final class Classification
{
    /** Outstand in compression. */
    public const OUTSTAND = [9.0, 10.0, 14.0];

    /** Outstand of a section that is taken as elastic. */
    private const ELASTIC = [-1.0, -1.0, 14.0];

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

    /**
     * In bending about y-y with a compression of N: the web by the part of it that is compressed when the section
     * yields wholly (classes 1 and 2) or at its edge (class 3), which N decides about, the moment being what it then
     * may be.
     */
    public static function together(SteelSection $steel, float $N, ?Derivation $d = null): int
    {
        $class = 1;
        foreach (self::parts($steel, Strain::Compression) as $part) {
            $class = max(
                $class,
                $part->name === 'web' && ! ($steel->section instanceof UnequalI)
                    ? self::pressedWeb($steel, $part, $N, $d)
                    : $part->class($steel->epsilon),
            );
        }

        return $class;
    }

    private static function pressedWeb(SteelSection $steel, ClassedPart $web, float $N, ?Derivation $d): int
    {
        [[$c, $depth], [$t, $thickness]] = [$web->c, $web->t];
        $count = $steel->section instanceof RectangularHollow ? 2 : 1;
        $alpha = min(1.0, 0.5 * (1 + $N / ($count * $depth * $thickness * $steel->fy)));
        $psi = min(1.0, (2 * $N) / ($steel->section->A * $steel->fy) - 1);
        $limits = [396 / (13 * $alpha - 1), 456 / (13 * $alpha - 1), 42 / (0.67 + 0.33 * $psi)];
        $class = self::classOf($web->slenderness(), $limits, $steel->epsilon);
        if ($d !== null) {
            $of = [
                'epsilon' => [$steel->epsilon, Kind::Number],
                'alpha' => [$alpha, Kind::Number],
                'psi' => [$psi, Kind::Number],
            ];
            $text = [
                '396 * epsilon / (13 * alpha - 1)',
                '456 * epsilon / (13 * alpha - 1)',
                '42 * epsilon / (0.67 + 0.33 * psi)',
            ][min($class, 3) - 1];
            $class <= 2
                ? $d
                    ->with([
                        'N_c' => [$N, Kind::Force],
                        $c => [$depth, Kind::Size],
                        $t => [$thickness, Kind::Size],
                        'f_y' => [$steel->fy, Kind::Stress],
                    ])
                    ->line(
                        'alpha',
                        'min(1, 0.5 * (1 + N_c / ('.($count === 2 ? '2 * ' : '')."{$c} * {$t} * f_y)))",
                        Kind::Number,
                        'Table 5.2',
                        'part of the web in compression',
                    )
                : $d
                    ->with([
                        'N_c' => [$N, Kind::Force],
                        'A' => [$steel->section->A, Kind::Area],
                        'f_y' => [$steel->fy, Kind::Stress],
                    ])
                    ->line(
                        'psi',
                        'min(1, 2 * N_c / (A * f_y) - 1)',
                        Kind::Number,
                        'Table 5.2',
                        'stress at one edge of the web over that at the other',
                    );
            $d->with([$c => [$depth, Kind::Size], $t => [$thickness, Kind::Size]])->line(
                'lambda_web',
                "{$c} / {$t}",
                Kind::Number,
                'Table 5.2',
                'web in bending and compression',
            );
            $d->with(array_intersect_key($of, ['epsilon' => 1, $class <= 2 ? 'alpha' : 'psi' => 1]))->line(
                'lambda_web_'.min($class, 3),
                $text,
                Kind::Number,
                'Table 5.2',
                $class === 4 ? 'limit of class 3 exceeded: class 4' : "limit of class {$class}",
            );
        }

        return $class;
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
        if ($steel->section instanceof SolidBar) {
            return new Weighing(
                'classification',
                'Section class',
                'EN 1993-1-1, 5.5.2',
                null,
                remark: 'A solid bar does not buckle locally: class 1.',
            );
        }
        $lines = [];
        if ($derive) {
            $d = new Derivation();
            $d->with(['f_y' => [$steel->fy, Kind::Number]])->line(
                'epsilon',
                'sqrt(235 / f_y)',
                Kind::Number,
                'Table 5.2',
                'f_y in N/mm²',
            );
            foreach (self::parts($steel, Strain::BendingY) as $part) {
                self::derive($d, $part, $steel->epsilon);
            }
            $lines = $d->lines;
        }

        return new Weighing(
            'classification',
            'Section class',
            'EN 1993-1-1, 5.5.2',
            null,
            applies: $steel->class < 4 || $steel->coversClass4(),
            remark: match (true) {
                $steel->class < 4 => "The section is class {$steel->class} in bending.",
                EffectiveSection::covers($steel) => 'The section is class 4 in bending: it buckles locally before it yields. Its effective section counts (EN 1993-1-5, 4).',
                EffectiveTube::covers($steel) => 'The section is class 4 in bending: it buckles locally before it yields. Its effective section counts (BS 5950-1, 3.6.6; EN 1993-1-1 gives none).',
                ReducedStress::covers($steel) => 'The section is class 4 in bending: it buckles locally before it yields. It counts at a reduced stress (EN 1993-1-5, 10).',
                default => 'The section is class 4 in bending: it would buckle locally before it yields, and the effective section of this shape is not computed here. Take a section with thicker plates or a lower grade.',
            },
            lines: $lines,
        );
    }

    private static function derive(Derivation $d, ClassedPart $part, float $epsilon): void
    {
        $class = $part->class($epsilon);
        [[$c, $cv], [$t, $tv]] = [$part->c, $part->t];
        $isTensioned = $part->limits[0] >= ClassedTee::NEVER;
        $d->with([$c => [$cv, Kind::Size], $t => [$tv, Kind::Size]])->line(
            "lambda_{$part->name}",
            "{$c} / {$t}",
            Kind::Number,
            'Table 5.2',
            $part->note.($isTensioned ? ': class 1' : ''),
        );
        if ($isTensioned) {
            return;
        }
        $limit = $part->limits[min($class, 3) - 1];
        $d->with(['epsilon' => [$epsilon, Kind::Number]])->line(
            "lambda_{$part->name}_".min($class, 3),
            $limit.' * epsilon'.($part->power === 2 ? '^2' : ''),
            Kind::Number,
            'Table 5.2',
            $class === 4
                ? 'limit of class 3 exceeded: class 4'
                : "limit of class {$class}: {$part->name} is class {$class}",
        );
    }

    /** @return non-empty-list<ClassedPart> */
    public static function parts(SteelSection $steel, Strain $by): array
    {
        $s = $steel->section instanceof SkewSection ? $steel->section->whole : $steel->section;

        return match (true) {
            $s instanceof ISection => self::ofI($s, $by),
            $s instanceof Channel => self::ofChannel($s, $by),
            $s instanceof RectangularHollow => self::ofRectangle($s, $by),
            $s instanceof UnequalI => self::ofUnequal($s, $by),
            $s instanceof Tee => ClassedTee::parts($s, $by),
            $s instanceof SolidBar => [
                new ClassedPart(
                    'bar',
                    ['h', $s->h],
                    ['b', $s->b],
                    [1e9, 1e9, 1e9],
                    'solid: it does not buckle locally',
                ),
            ],
            $s instanceof Angle => array_map(
                fn (string $name, string $c, float $leg): ClassedPart => new ClassedPart(
                    $name,
                    [$c, $leg - $s->t - $s->r],
                    ['t', $s->t],
                    self::ELASTIC,
                    "{$name} leg, as if in uniform compression",
                ),
                ['upright', 'flat'],
                ['c_h', 'c_b'],
                [$s->h, $s->b],
            ),
            $s instanceof StripSection => self::ofStrips($s),
            $s instanceof CircularHollow => [
                new ClassedPart('tube', ['d', $s->h], ['t', $s->t], self::TUBE, 'tube', 2),
            ],
            default => throw new \LogicException('This shape has no rows in Table 5.2.'),
        };
    }

    /** @return non-empty-list<ClassedPart> each as if in uniform compression */
    private static function ofStrips(StripSection $s): array
    {
        $parts = [];
        foreach ($s->tree->strips as $i => $strip) {
            if ($strip->t > 0.0) {
                $n = count($parts) + 1;
                $isOutstand = $s->isOutstand($i);
                $parts[] = new ClassedPart(
                    "strip{$n}",
                    ["c_{$n}", $strip->length],
                    ["t_{$n}", $strip->t],
                    [-1.0, -1.0, $isOutstand ? self::OUTSTAND[2] : self::INTERNAL[2]],
                    ($isOutstand ? 'with a free end' : 'between others').
                        ', along its middle line, as if in uniform compression',
                );
            }
        }

        return $parts === [] ? throw new \LogicException('There is a strip.') : $parts;
    }

    /** @return non-empty-list<ClassedPart> */
    private static function ofI(ISection $s, Strain $by): array
    {
        $flange = new ClassedPart(
            'flange',
            ['c_f', $s->c],
            ['t_f', $s->tf],
            self::OUTSTAND,
            'outstand flange in compression',
        );
        $plate =
            $s->plates === null
                ? []
                : [
                    new ClassedPart(
                        'plate',
                        ['b_p', $s->plates->width],
                        ['t_p', $s->plates->thickness],
                        self::INTERNAL,
                        'plate between its welds, in compression',
                    ),
                ];
        $web = [
            new ClassedPart(
                'web',
                ['c_w', $s->d],
                ['t_w', $s->tw],
                $by === Strain::Compression ? self::INTERNAL : self::BENT,
                $by === Strain::Compression ? 'web in compression' : 'web in bending',
            ),
        ];

        return [...$plate, $flange, ...$by === Strain::BendingZ ? [] : $web];
    }

    /**
     * @return non-empty-list<ClassedPart> bent about z-z the web or the tips of the flanges are compressed, taken as
     * evenly
     */
    private static function ofChannel(Channel $s, Strain $by): array
    {
        $isBent = $by === Strain::BendingY;

        return [
            new ClassedPart(
                'flange',
                ['c_f', $s->c],
                ['t_f', $s->tf],
                self::OUTSTAND,
                'outstand flange in compression',
            ),
            new ClassedPart(
                'web',
                ['c_w', $s->d],
                ['t_w', $s->tw],
                $isBent ? self::BENT : self::INTERNAL,
                $isBent ? 'web in bending' : 'web in compression',
            ),
        ];
    }

    /**
     * Either flange as if compressed; in bending the web with the greater part of it compressed, of sagging and
     * hogging.
     *
     * @return non-empty-list<ClassedPart>
     */
    private static function ofUnequal(UnequalI $s, Strain $by): array
    {
        $flange = fn (string $name, float $b, float $t): ClassedPart => new ClassedPart(
            $name,
            ["c_{$name}", ($b - $s->tw) / 2],
            ["t_{$name}", $t],
            self::OUTSTAND,
            "{$name} flange, outstand in compression",
        );
        $flanges = [$flange('top', $s->top, $s->tt), $flange('bottom', $s->bottom, $s->tb)];
        if ($by !== Strain::BendingY) {
            return [
                ...$flanges,
                ...$by === Strain::BendingZ
                    ? []
                    : [new ClassedPart('web', ['c_w', $s->hw], ['t_w', $s->tw], self::INTERNAL, 'web in compression')],
            ];
        }
        // How far the axis that halves the area, and that through the centroid, lie from the middle of the web.
        $alpha = min(1.0, 0.5 + abs($s->top * $s->tt - $s->bottom * $s->tb) / (2 * $s->tw * $s->hw));
        $off = abs($s->zs - ($s->tb - $s->tt) / 2);
        $psi = min(1.0, -($s->hw / 2 - $off) / ($s->hw / 2 + $off));
        // Rounded down to what is printed.
        $limits = array_map(fn (float $limit): float => floor(100 * $limit) / 100, [
            396 / (13 * $alpha - 1),
            456 / (13 * $alpha - 1),
            42 / (0.67 + 0.33 * $psi),
        ]);

        return [
            ...$flanges,
            new ClassedPart(
                'web',
                ['c_w', $s->hw],
                ['t_w', $s->tw],
                $limits,
                sprintf('web, by the larger part that is compressed: α = %.3f, ψ = %.3f', $alpha, $psi),
            ),
        ];
    }

    /**
     * @return non-empty-list<ClassedPart> flats between the corners taken as h − 3t and b − 3t, between plates as h −
     * 2t and b − 2t
     */
    private static function ofRectangle(RectangularHollow $s, Strain $by): array
    {
        $side = fn (string $name, string $c, float $depth, bool $isBent): ClassedPart => new ClassedPart(
            $name,
            [$c, $depth - ($s->finish === Finish::Welded ? 2 : 3) * $s->t],
            ['t', $s->t],
            $isBent ? self::BENT : self::INTERNAL,
            $isBent ? 'flat side in bending' : 'flat side in compression',
        );

        return [
            $side('flange', 'c_f', $s->b, $by === Strain::BendingZ),
            $side('web', 'c_w', $s->h, $by === Strain::BendingY),
        ];
    }
}
