<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.2.6: resistance to shear along the depth or the width, and the limit of shear buckling. */
final class Shear
{
    /** V_pl,Rd in N for a force along the depth. */
    public static function resistance(SteelSection $steel, ?Derivation $d = null): float
    {
        $s = $steel->section;
        $b = $steel->basis;
        if ($s instanceof UnequalI || ($s instanceof Flanged && $s->finish === Finish::Welded)) {
            $Av = $b->eta * $s->hw * $s->tw;
            $d?->with([
                'eta' => [$b->eta, Kind::Number],
                'h_w' => [$s->hw, Kind::Size],
                't_w' => [$s->tw, Kind::Size],
            ])->line('A_v', 'eta * h_w * t_w', Kind::Area, '6.2.6(3)d', 'welded');
        } elseif ($s instanceof ISection) {
            $Av = max($s->AvRolled, $b->eta * $s->hw * $s->tw);
            $d?->with([
                'A' => [$s->rolled, Kind::Area],
                'b' => [$s->b, Kind::Size],
                't_f' => [$s->tf, Kind::Size],
                't_w' => [$s->tw, Kind::Size],
                'r' => [$s->r, Kind::Size],
                'eta' => [$b->eta, Kind::Number],
                'h_w' => [$s->hw, Kind::Size],
            ])->line(
                'A_v',
                'max(A - 2 * b * t_f + (t_w + 2 * r) * t_f, eta * h_w * t_w)',
                Kind::Area,
                '6.2.6(3)a',
                $s->plates === null ? '' : 'of the rolled section, without its plates',
            );
        } elseif ($s instanceof SolidBar) {
            $Av = self::areaOfBar($s, $d);
        } elseif ($s instanceof Angle) {
            $Av = (2 * $s->Iy) / ($s->h - $s->zs) ** 2;
            $d?->with([
                'I_y' => [$s->Iy, Kind::SecondMoment],
                'h' => [$s->h, Kind::Size],
                'z_s' => [$s->zs, Kind::Size],
            ])->line(
                'A_v',
                '2 * I_y / (h - z_s)^2',
                Kind::Area,
                '6.2.6(4) (6.20)',
                'I t / S: elastic, greatest stress in the upright leg',
            );
        } elseif ($s instanceof SkewSection) {
            $Av = 1 / $s->shearing;
            $d?->given('A_v', $Av, Kind::Area, '6.2.6(4) (6.20)', 'I t / S: elastic, bent about both principal axes');
        } elseif ($s instanceof StripSection) {
            $Av = $s->Iy / $s->shearing;
            $d?->given('q', $s->shearing, Kind::Area, '6.2.6(4) (6.20)', 'S/t where a vertical force shears the most');
            $d?->with(['I_y' => [$s->Iy, Kind::SecondMoment]])->line(
                'A_v',
                'I_y / q',
                Kind::Area,
                '6.2.6(4) (6.20)',
                'I t / S: elastic',
            );
        } elseif ($s instanceof Tee && $s->finish === Finish::Welded) {
            $Av = $s->tw * ($s->h - $s->tf / 2);
            $d?->with(['t_w' => [$s->tw, Kind::Size], 'h' => [$s->h, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
                'A_v',
                't_w * (h - t_f / 2)',
                Kind::Area,
                '6.2.6(3)c',
                'welded',
            );
        } elseif ($s instanceof Tee) {
            $Av = $s->A - $s->b * $s->tf + (($s->tw + 2 * $s->r) * $s->tf) / 2;
            $d?->with([
                'A' => [$s->A, Kind::Area],
                'b' => [$s->b, Kind::Size],
                't_f' => [$s->tf, Kind::Size],
                't_w' => [$s->tw, Kind::Size],
                'r' => [$s->r, Kind::Size],
            ])->line('A_v', 'A - b * t_f + (t_w + 2 * r) * t_f / 2', Kind::Area, '6.2.6(3)c');
        } elseif ($s instanceof Channel) {
            $Av = $s->A - 2 * $s->b * $s->tf + ($s->tw + $s->r) * $s->tf;
            $d?->with([
                'A' => [$s->A, Kind::Area],
                'b' => [$s->b, Kind::Size],
                't_f' => [$s->tf, Kind::Size],
                't_w' => [$s->tw, Kind::Size],
                'r' => [$s->r, Kind::Size],
            ])->line('A_v', 'A - 2 * b * t_f + (t_w + r) * t_f', Kind::Area, '6.2.6(3)b');
        } else {
            $Av = self::areaOfHollow($steel, 'h', $s->h, $d);
        }

        return self::plastic($steel, $Av, 'V_pl_Rd', $d);
    }

    /** V_pl,Rd in N for a force along the width. */
    public static function sidewaysResistance(SteelSection $steel, ?Derivation $d = null): float
    {
        $s = $steel->section;
        if ($s instanceof Flanged) {
            $Av = 2 * $s->b * $s->tf;
            $d?->with(['b' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
                'A_v',
                '2 * b * t_f',
                Kind::Area,
                '6.2.6(3)',
                'the flanges alone',
            );
        } elseif ($s instanceof Tee) {
            $Av = $s->b * $s->tf;
            $d?->with(['b' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size]])->line(
                'A_v',
                'b * t_f',
                Kind::Area,
                '6.2.6(3)',
                'the flange alone',
            );
        } elseif ($s instanceof UnequalI) {
            $Av = $s->sidewaysShearArea();
            $d?->given(
                'A_v',
                $Av,
                Kind::Area,
                '6.2.6(3)',
                'of the flange that shears the most, each with its part of I_z: b t_f (I_1 + I_2)/I_1',
            );
        } elseif ($s instanceof SolidBar) {
            $Av = self::areaOfBar($s, $d);
        } else {
            $Av = self::areaOfHollow($steel, 'b', $s->b, $d);
        }

        return self::plastic($steel, $Av, 'V_y_Rd', $d);
    }

    private static function areaOfBar(SolidBar $s, ?Derivation $d): float
    {
        $Av = $s->A * ($s->isRound ? 0.75 : 2 / 3);
        $d?->with(['A' => [$s->A, Kind::Area]])->line(
            'A_v',
            $s->isRound ? '3 / 4 * A' : '2 / 3 * A',
            Kind::Area,
            '6.2.6(4) (6.20)',
            'elastic, greatest stress in the middle',
        );

        return $Av;
    }

    private static function areaOfHollow(SteelSection $steel, string $symbol, float $along, ?Derivation $d): float
    {
        $s = $steel->section;
        if ($s instanceof CircularHollow) {
            $d?->with(['A' => [$s->A, Kind::Area]])->line('A_v', '2 * A / pi', Kind::Area, '6.2.6(3)g');

            return (2 * $s->A) / M_PI;
        }
        if ($s instanceof RectangularHollow && $s->finish === Finish::Welded) {
            $Av = 2 * ($along - 2 * $s->t) * $s->t;
            $d?->with([$symbol => [$along, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
                'A_v',
                "2 * ({$symbol} - 2 * t) * t",
                Kind::Area,
                '6.2.6(3)d',
                'the plates along the force, η = 1',
            );

            return $Av;
        }
        $Av = ($s->A * $along) / ($s->h + $s->b);
        $d?->with(['A' => [$s->A, Kind::Area], 'h' => [$s->h, Kind::Size], 'b' => [$s->b, Kind::Size]])->line(
            'A_v',
            "A * {$symbol} / (h + b)",
            Kind::Area,
            '6.2.6(3)f',
            'force along '.$symbol,
        );

        return $Av;
    }

    private static function plastic(SteelSection $steel, float $Av, string $symbol, ?Derivation $d): float
    {
        $V = ($Av * $steel->fy) / sqrt(3) / $steel->basis->gammaM0;
        $d?->with([
            'A_v' => [$Av, Kind::Area],
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M0' => [$steel->basis->gammaM0, Kind::Number],
        ])->line($symbol, 'A_v * f_y / sqrt(3) / gamma_M0', Kind::Force, '6.2.6(2) (6.18)');

        return $V;
    }

    /**
     * The plate without a web between flanges that buckles first in shear: a stem, a leg, a strip.
     *
     * @return array{float, float} c/t, 0 where there is none; k_τ: 1.2 with a free edge, as ANSI/AISC 360, G3, has
     *     it, 5.34 between others
     */
    public static function plate(SteelSection $steel): array
    {
        $s = $steel->section instanceof SkewSection ? $steel->section->whole : $steel->section;
        if (! ($s instanceof StripSection)) {
            return [
                match (true) {
                    $s instanceof Tee => $s->c / $s->tw,
                    $s instanceof Angle => ($s->h - $s->t) / $s->t,
                    default => 0.0,
                },
                1.2,
            ];
        }
        $first = [0.0, 1.2];
        foreach ($s->tree->strips as $i => $strip) {
            $plate = [$strip->t > 0.0 ? $strip->length / $strip->t : 0.0, $s->isOutstand($i) ? 1.2 : 5.34];
            $first = $plate[0] / sqrt($plate[1]) > $first[0] / sqrt($first[1]) ? $plate : $first;
        }

        return $first;
    }

    /** h_w/t_w of the web, or of both; null: a tube has none. */
    public static function webSlenderness(SteelSection $steel): ?float
    {
        $web = self::web($steel);

        return $web === null ? null : $web[0] / $web[1];
    }

    /** Greatest h_w/t_w without a check of shear buckling (6.2.6(6) (6.22)); webs without stiffeners. */
    public static function bucklingLimit(SteelSection $steel, ?Derivation $d = null): float
    {
        $limit = (72 * $steel->epsilon) / $steel->basis->eta;
        $web = self::web($steel);
        if ($web !== null) {
            $d?->with(['h_w' => [$web[0], Kind::Size], 't_w' => [$web[1], Kind::Size]])->line(
                'lambda_w',
                'h_w / t_w',
                Kind::Number,
                '6.2.6(6)',
            );
            $d?->with([
                'epsilon' => [$steel->epsilon, Kind::Number],
                'eta' => [$steel->basis->eta, Kind::Number],
            ])->line(
                'lambda_w_max',
                '72 * epsilon / eta',
                Kind::Number,
                '6.2.6(6) (6.22)',
                'EN 1993-1-5, 5.1(2): below it the web does not buckle in shear',
            );
        }

        return $limit;
    }

    /** @return array{float, float}|null clear depth and thickness of a web, mm */
    private static function web(SteelSection $steel): ?array
    {
        $s = $steel->section;

        return match (true) {
            $s instanceof Flanged, $s instanceof UnequalI => [$s->hw, $s->tw],
            $s instanceof RectangularHollow => [$s->h - 2 * $s->t, $s->t],
            default => null,
        };
    }
}
