<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** A steel section as it is drawn, with its properties (mm, N/mm, MPa). */
final class SectionDrawing
{
    /** @return array<string, mixed> */
    public static function of(SteelMake $make): array
    {
        $s = $make->section;
        $drawing = $s->drawing($make->stemUp);

        return [
            'name' => $s->name,
            'family' => $s->family,
            'shape' => $drawing['shape'],
            'h' => $s->h,
            'b' => $s->b,
            ...$drawing,
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
}
