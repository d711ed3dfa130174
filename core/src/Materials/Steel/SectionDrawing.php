<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\ThinWalled\Strip;

/** A steel section as it is drawn, with its properties (mm, N/mm, MPa). */
final class SectionDrawing
{
    /** @return array<string, mixed> */
    public static function of(SteelMake $make): array
    {
        $s = $make->section;
        [$shape, $tw, $tf, $r] = match (true) {
            $s instanceof ISection => ['I', $s->tw, $s->tf, $s->r],
            $s instanceof Channel => ['channel', $s->tw, $s->tf, $s->r],
            $s instanceof SolidBar => [$s->isRound ? 'round' : 'flat', $s->b, $s->b, 0.0],
            $s instanceof UnequalI => ['unequal', $s->tw, $s->tt, 0.0],
            $s instanceof Tee => ['tee', $s->tw, $s->tf, $s->r],
            $s instanceof StripSection => ['strips', 0.0, 0.0, 0.0],
            $s instanceof Angle => ['angle', $s->t, $s->t, $s->r],
            $s instanceof RectangularHollow => ['rectangle', $s->t, $s->t, $s->r],
            $s instanceof CircularHollow => ['circle', $s->t, $s->t, 0.0],
            default => throw new \LogicException('This shape is not drawn.'),
        };

        return [
            'name' => $s->name,
            'family' => $s->family,
            'shape' => $shape,
            'h' => $s->h,
            'b' => $s->b,
            'tw' => $tw,
            'tf' => $tf,
            'r' => $r,
            ...$s instanceof Channel
                ? ['toe' => $s->toe, 'slope' => $s->slope, 'at' => $s->at, 'ys' => $s->ys, 'ym' => $s->ym]
                : [],
            ...$s instanceof ISection && $s->slope > 0.0 ? ['toe' => $s->toe, 'slope' => $s->slope] : [],
            ...$s instanceof Angle ? ['toe' => $s->toe, 'zs' => $s->zs, 'Iu' => $s->Iu, 'Iv' => $s->Iv] : [],
            ...$s instanceof StripSection ? self::strips($s) : [],
            ...$s instanceof Tee ? ['zs' => $s->zs, 'stemUp' => $make->stemUp] : [],
            ...$s instanceof UnequalI
                ? ['top' => $s->top, 'bottom' => $s->bottom, 'tf2' => $s->tb, 'zs' => $s->h / 2 + $s->zs]
                : [],
            'A' => $s->A,
            'Iy' => $s->Iy,
            'Iz' => $s->Iz,
            'Wely' => $s->Wely,
            'Wply' => $s->Wply,
            'It' => $s->It,
            'Iw' => $s->Iw,
            'weight' => $s->weight(),
            'grade' => $make->grade->value,
            'fy' => $make->grade->yieldStrength($s->thickest()),
        ];
    }

    /** @return array<string, mixed> its outline from its upper left corner, and what only such sections have */
    private static function strips(StripSection $s): array
    {
        $strips = array_map(fn (Strip $strip): array => $strip->corners(), $s->solid());
        $left = min(array_map(fn (array $corners): float => min(array_column($corners, 0)), $strips));

        return [
            'strips' => array_map(
                fn (array $corners): array => array_map(
                    fn (array $p): array => [$p[0] - $left, $s->top + $s->zs - $p[1]],
                    $corners,
                ),
                $strips,
            ),
            'ys' => $s->ys - $left,
            'zs' => -$s->bottom,
            'ym' => $s->yM,
            'zm' => $s->zM,
            'Iyz' => $s->Iyz,
            'Iu' => $s->Iu,
            'Iv' => $s->Iv,
            'lean' => $s->lean,
            'Wplz' => $s->Wplz,
            'Welz' => $s->Welz,
        ];
    }
}
