<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\Bearing;
use Waage\Materials\ColdFormed\Buckling;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Units\Kind;

/** AISI S100-16: what openings in the web change, by the simplified rules of Appendix 2 and of G3 and G6. */
final class Holes
{
    /** G3 and G6: least and most depth of round holes, most of slotted ones with their length, clear distance; mm. */
    private const LIMITS = ['least' => 14.3, 'round' => 152.4, 'slotted' => 63.5, 'length' => 114.3, 'clear' => 457.2];

    /** F_crl, of the section or of the strips beside a hole. */
    public static function local(Working $w, Buckling $buckling): void
    {
        $note = $buckling->isFormula ? 'element by element, the least' : 'finite strips, first minimum';
        if ($buckling->atHole === null) {
            $w->let('F_crl', $buckling->localStress(), Kind::Stress, 'Appendix 2', $note);

            return;
        }
        $w->let('F_crl_g', $buckling->localStress(), Kind::Stress, 'Appendix 2', $note);
        $w->let('F_crl_h', $buckling->atHole[1], Kind::Stress, 'Appendix 2', 'finite strips beside a hole');
        $w->line('F_crl', 'min(F_crl_g, F_crl_h)', Kind::Stress, 'Appendix 2');
    }

    public static function average(ColdFormedMake $make): Average
    {
        $of = $make->profile()->of;
        $net = $make->net();
        if ($net === null || $make->holes === null) {
            return new Average($of->Ix, $of->Iz, $of->J, $of->Cw);
        }
        $part = $make->holes->part();
        $mean = fn (float $gross, float $atHole): float => $gross + $part * ($atHole - $gross);

        return new Average(
            $mean($of->Ix, $net->Ix),
            $mean($of->Iz, $net->Iz),
            $mean($of->J, $net->J),
            min($of->Cw, $net->Cw),
            'average along the member',
            'at a hole',
        );
    }

    /** q_s of (G3-1). */
    public static function shear(Working $w, ColdFormedMake $make): void
    {
        $holes = $make->holes;
        if ($holes === null) {
            return;
        }
        $w->let('d_h', $holes->depth, Kind::Size, 'G3', 'hole');
        $w->line('c', $holes->isRound ? 'h / 2 - d_h / 2.83' : 'h / 2 - d_h / 2', Kind::Size, 'G3');
        $w->value('c / t') >= 54.0
            ? $w->let('q_s', 1.0, Kind::Number, 'G3 (G3-1)')
            : $w->line('q_s', 'max(5, c / t) / 54', Kind::Number, 'G3 (G3-2)');
        $w->line('V_n', 'q_s * V_n', Kind::Force, 'G3', 'with holes');
    }

    /** R_c of (G6-1), (G6-2); tells why it is not covered. */
    public static function bearing(Working $w, ColdFormedMake $make, Bearing $at, bool $isEnd, float $length): string
    {
        $holes = $make->holes;
        if ($holes === null) {
            return '';
        }
        $beside = $holes->beside($at->x, $at->length, $length);
        if ($beside < 0.0) {
            return 'A hole lies over the bearing.';
        }
        $w->let('d_h', $holes->depth, Kind::Size, 'G6', 'hole');
        $w->let('x', min($beside, 1e4), Kind::Size, 'G6', 'clear distance to the nearest hole');
        $isEnd
            ? $w->line('R_c', 'min(1, 1.01 - 0.325 * d_h / h + 0.083 * x / h)', Kind::Number, 'G6 (G6-1)')
            : $w->line('R_c', 'min(1, 0.90 - 0.047 * d_h / h + 0.053 * x / h)', Kind::Number, 'G6 (G6-2)');
        $w->line('P_n', 'R_c * P_n', Kind::Force, 'G6', 'with holes');

        return '';
    }

    /** @return list<Weighing> limits of use, where the holes are beyond them */
    public static function beyond(ColdFormedMake $make): array
    {
        $holes = $make->holes;
        if ($holes === null) {
            return [];
        }
        $h = $make->sizes->web();
        $of = self::LIMITS;
        $limits = [
            $holes->depth / $h > 0.7 => 'they are deeper than 0.7 of the flat web',
            $h / $make->sizes->t > 200.0 => 'the web is more than 200 times as deep as thick',
            $holes->spacing - $holes->length < $of['clear'] => 'they are closer than 457 mm (18 in.)',
            $holes->depth < $of['least'] => 'they are smaller than 14.3 mm (9/16 in.)',
            $holes->isRound && $holes->depth > $of['round'] => 'round ones are larger than 152 mm (6 in.)',
            ! $holes->isRound &&
            ($holes->depth > $of['slotted'] ||
                $holes->length > $of['length']) => 'slotted ones are larger than 64 by 114 mm (2.5 by 4.5 in.)',
        ];
        if (! isset($limits[true])) {
            return [];
        }
        $why = "Holes in the web are not covered here: {$limits[true]}.";

        return [new Weighing('holes', 'Holes in the web', 'AISI S100-16, G3, G6', null, applies: false, remark: $why)];
    }
}
