<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Materials\Steel\Sections\Stem;
use Waage\Materials\Steel\Sections\Tee;

/**
 * EN 1993-1-1:2005, Table 5.2, sheet 2, for tees: the flange is compressed, or the stem is, whose tip then has the
 * greatest stress; where the flange is compressed the stem is as far as the axis reaches into it. k_σ by EN
 * 1993-1-5, Table 4.2.
 */
final class ClassedTee
{
    public const NEVER = 1e9;

    /** @return non-empty-list<ClassedPart> where bending may do either, elastic: with the limits of class 3 alone */
    public static function parts(Tee $s, Strain $by): array
    {
        $flange = new ClassedPart(
            'flange',
            ['c_f', $s->cf],
            ['t_f', $s->tf],
            Classification::OUTSTAND,
            'outstand flange in compression',
        );
        $stem = fn (array $limits, string $note): ClassedPart => new ClassedPart(
            'stem',
            ['c_s', $s->c],
            ['t_w', $s->tw],
            self::roundedDown($limits),
            $note,
        );
        $isBent = $by === Strain::BendingY;

        return match (true) {
            $by === Strain::BendingZ => [$flange],
            $by === Strain::Compression => [
                $flange,
                $stem(Classification::OUTSTAND, 'stem, an outstand in compression'),
            ],
            $s->stem === Stem::Tensioned => [$flange, $stem(...self::rooted($s))],
            $s->stem === Stem::Compressed => [$stem(...self::tipped($s))],
            default => array_map(
                fn (ClassedPart $p): ClassedPart => new ClassedPart(
                    $p->name,
                    $p->c,
                    $p->t,
                    [-1.0, -1.0, $p->limits[2]],
                    "{$p->note}; sagging and hogging moments: elastic",
                ),
                [$flange, $stem(...self::tipped($s))],
            ),
        };
    }

    /** @return array{array{float, float, float}, string} limits of a stem with its tip in compression */
    private static function tipped(Tee $s): array
    {
        $alpha = min(1.0, ($s->h - $s->plasticAxis) / $s->c);
        $psi = ($s->tf + $s->r - $s->zs) / ($s->h - $s->zs);
        $k = 0.57 - 0.21 * $psi + 0.07 * $psi ** 2;

        return [
            [9 / $alpha, 10 / $alpha, 21 * sqrt($k)],
            sprintf('stem, its tip in compression: α = %.3f, ψ = %.3f, k_σ = %.3f', $alpha, $psi, $k),
        ];
    }

    /** @return array{array{float, float, float}, string} limits of a stem with its tip in tension */
    private static function rooted(Tee $s): array
    {
        $alpha = max(0.0, ($s->plasticAxis - $s->tf - $s->r) / $s->c);
        $root = $s->zs - $s->tf - $s->r;
        if ($root <= 0.0) {
            return [[self::NEVER, self::NEVER, self::NEVER], 'stem, all of it in tension'];
        }
        $psi = max(-1.0, -($s->h - $s->zs) / $root);
        $k = 1.7 - 5 * $psi + 17.1 * $psi ** 2;
        $plastic = fn (float $c): float => $alpha > 0.0 ? $c / $alpha ** 1.5 : self::NEVER;

        return [
            [$plastic(9.0), $plastic(10.0), 21 * sqrt($k)],
            sprintf('stem, its tip in tension: α = %.3f, ψ = %.3f, k_σ = %.1f', $alpha, $psi, $k),
        ];
    }

    /**
     * As they are printed.
     *
     * @param  array<int, float>  $limits
     * @return list<float>
     */
    private static function roundedDown(array $limits): array
    {
        return array_values(array_map(fn (float $limit): float => floor(100 * $limit) / 100, $limits));
    }
}
