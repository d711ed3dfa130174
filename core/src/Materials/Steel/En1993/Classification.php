<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 5.5 and Table 5.2: class of a section. */
final class Classification
{
    /**
     * In bending about y-y with a compression of N: the web by the part of it that is compressed when the section
     * yields wholly (classes 1 and 2) or at its edge (class 3), which N decides about, the moment being what it then
     * may be.
     */
    public static function together(SteelSection $steel, float $N, ?Derivation $d = null): int
    {
        $class = 1;
        foreach ($steel->profile->parts(Strain::Compression) as $part) {
            $class = max(
                $class,
                $part->name === 'web' && $steel->profile->classesWebTogether()
                    ? self::pressedWeb($steel, $part, $N, $d)
                    : $part->class($steel->epsilon),
            );
        }

        return $class;
    }

    private static function pressedWeb(SteelSection $steel, ClassedPart $web, float $N, ?Derivation $d): int
    {
        [[$c, $depth], [$t, $thickness]] = [$web->c, $web->t];
        $count = $steel->profile->webs();
        $alpha = min(1.0, 0.5 * (1 + $N / ($count * $depth * $thickness * $steel->fy)));
        $psi = min(1.0, (2 * $N) / ($steel->section->A * $steel->fy) - 1);
        $limits = [396 / (13 * $alpha - 1), 456 / (13 * $alpha - 1), 42 / (0.67 + 0.33 * $psi)];
        $class = ClassedPart::of($web->slenderness(), $limits, $steel->epsilon);
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

    public static function weigh(SteelSection $steel, Detail $detail): Weighing
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
        if ($detail->hasLines()) {
            $d = new Derivation();
            $d->with(['f_y' => [$steel->fy, Kind::Number]])->line(
                'epsilon',
                'sqrt(235 / f_y)',
                Kind::Number,
                'Table 5.2',
                'f_y in N/mm²',
            );
            foreach ($steel->profile->parts(Strain::BendingY) as $part) {
                self::derive($d, $part, $steel->epsilon);
            }
            $lines = $d->lines;
        }

        return new Weighing(
            'classification',
            'Section class',
            'EN 1993-1-1, 5.5.2',
            null,
            applies: $steel->class < 4 || $steel->local !== null,
            remark: match (true) {
                $steel->class < 4 => "The section is class {$steel->class} in bending.",
                $steel->local !== null => "The section is class 4 in bending: it buckles locally before it yields. {$steel->local->says()}",
                default => 'The section is class 4 in bending: it would buckle locally before it yields, and the effective section of this shape is not computed here. Take a section with thicker plates or a lower grade.',
            },
            lines: $lines,
        );
    }

    private static function derive(Derivation $d, ClassedPart $part, float $epsilon): void
    {
        $class = $part->class($epsilon);
        [[$c, $cv], [$t, $tv]] = [$part->c, $part->t];
        $isTensioned = $part->limits[0] >= ClassedPart::NEVER;
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
}
