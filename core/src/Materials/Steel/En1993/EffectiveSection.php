<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 4: what is left of a section of class 4 where its plates buckle, of I sections without plates on
 * their flanges, rectangular hollow sections and boxes. First the compressed flange is reduced, then the web under
 * the stresses that follow (4.4(3)); the yield stress is reached at the compressed edge, or at the other one where
 * flanges differ and that yields first.
 *
 * Of compression alone nothing shifts: both axes stay those of symmetry. Shear lag (3) and the lower stress of
 * 4.4(4) are left out.
 */
final readonly class EffectiveSection
{
    /** Part of a web that counts as compressed at least. */
    private const LEAST = 0.01;

    private ISection|RectangularHollow|UnequalI $section;

    public function __construct(private SteelSection $steel)
    {
        $this->section =
            self::covers($steel) &&
            ($steel->section instanceof ISection ||
                $steel->section instanceof RectangularHollow ||
                $steel->section instanceof UnequalI)
                ? $steel->section
                : throw new \LogicException('This section has no effective one.');
    }

    public static function covers(SteelSection $steel): bool
    {
        $s = $steel->section;

        return $s instanceof RectangularHollow ||
            $s instanceof UnequalI ||
            ($s instanceof ISection && $s->plates === null);
    }

    /** A_eff in compression, mm²; of two flanges alike. */
    public function area(?Derivation $d = null): float
    {
        $s = $this->section;
        [$f, $w] = [$this->flange('y'), $this->web('y')];
        $rhoF = $this->flangeReduction($f, $d);
        $rhoW = PlateBuckling::internal('w', ['c_w', $w['width']], ['t_w', $w['t']], 1.0, $this->steel->epsilon, $d);
        $A =
            $s->A -
            (1 - $rhoF) * 2 * $f['count'] * $f['width'] * $f['t'] -
            (1 - $rhoW) * $w['count'] * $w['width'] * $w['t'];
        $d?->with([
            'A' => [$s->A, Kind::Area],
            'rho_f' => [$rhoF, Kind::Number],
            'c_f' => [$f['width'], Kind::Size],
            't_f' => [$f['t'], Kind::Size],
            'rho_w' => [$rhoW, Kind::Number],
            'c_w' => [$w['width'], Kind::Size],
            't_w' => [$w['t'], Kind::Size],
        ])->line(
            'A_eff',
            sprintf(
                'A - (1 - rho_f) * %d * c_f * t_f - (1 - rho_w) * %sc_w * t_w',
                2 * $f['count'],
                $w['count'] === 2 ? '2 * ' : '',
            ),
            Kind::Area,
            'EN 1993-1-5, 4.3(3)',
        );

        return $A;
    }

    /**
     * W_eff in bending, mm³.
     *
     * @param  string  $axis  y or z
     */
    public function modulus(string $axis, ?Derivation $d = null): float
    {
        if ($this->section instanceof UnequalI) {
            // Either side, where either may be compressed.
            $sides = $this->section->pressed === null ? [1, -1] : [$this->section->pressed];
            $modulus = fn (int $side): float => $this->ofWebs($axis, null, $side);
            usort($sides, fn (int $a, int $b): int => $modulus($a) <=> $modulus($b));

            return $this->ofWebs($axis, $d, $sides[0]);
        }

        return $axis === 'z' && $this->section instanceof ISection
            ? $this->ofTips($this->section, $d)
            : $this->ofWebs($axis, $d);
    }

    /**
     * Webs across the axis, flanges along it.
     *
     * @param  int  $side  that is compressed, where flanges differ: 1 the upper one
     */
    private function ofWebs(string $axis, ?Derivation $d, int $side = 1): float
    {
        $s = $this->section;
        [$h, $I] = $axis === 'y' ? [$s->h, $s->Iy] : [$s->b, $s->Iz];
        [$f, $w] = [$this->flange($axis, $side), $this->web($axis)];
        $edge = $s instanceof UnequalI ? $h / 2 - $side * $s->zs : $h / 2;
        $rhoF = $this->flangeReduction($f, $d);
        $lostF = (1 - $rhoF) * $f['count'] * $f['width'] * $f['t'];
        $zf = $edge - $f['t'] / 2;
        $e1 = ($lostF * $zf) / ($s->A - $lostF);
        $depth = $w['width'];
        $z1 = $s instanceof UnequalI ? $edge - $f['t'] : $depth / 2;
        // An axis within a flange that is much the stronger one leaves all of the web on one side.
        $isPulled = $z1 + $e1 < self::LEAST * $depth;
        $bc = $isPulled ? self::LEAST * $depth : $z1 + $e1;
        $psi = ($bc - $depth) / $bc;
        $d?->with([
            'rho_f' => [$rhoF, Kind::Number],
            'c_f' => [$f['width'], Kind::Size],
            't_f' => [$f['t'], Kind::Size],
        ])->line(
            'A_loss_f',
            ($f['count'] === 2 ? '2 * ' : '').'(1 - rho_f) * c_f * t_f',
            Kind::Area,
            '4.4(3)',
            'what the compressed flange loses',
        );
        $d?->given('z_f', $zf, Kind::Size, '', 'from the centroid to the middle of the compressed flange');
        $d?->with(['A' => [$s->A, Kind::Area]])->line(
            'e_1',
            'A_loss_f * z_f / (A - A_loss_f)',
            Kind::Size,
            '4.4(3)',
            'how far the axis shifts',
        );
        $d?->given('z_1', $z1, Kind::Size, '', 'from the centroid to the compressed end of the web');
        $isPulled
            ? $d
                ?->with(['c_w' => [$depth, Kind::Size]])
                ->line('b_c', self::LEAST.' * c_w', Kind::Size, '', 'hardly any of the web is compressed')
            : $d?->line('b_c', 'z_1 + e_1', Kind::Size, 'Table 4.1', 'compressed part of the web');
        $d?->with(['b_c' => [$bc, Kind::Size], 'c_w' => [$depth, Kind::Size]])->line(
            'psi',
            '(b_c - c_w) / b_c',
            Kind::Number,
            'Table 4.1',
        );
        $rhoW = PlateBuckling::internal('w', ['c_w', $depth], ['t_w', $w['t']], $psi, $this->steel->epsilon, $d);
        $whole = $psi >= 0.0;
        $part = min($bc, $depth);
        $l = (1 - $rhoW) * $part;
        $lostW = $w['count'] * $l * $w['t'];
        $zw = $z1 - ($whole ? 2 / (5 - $psi) : 0.4) * $rhoW * $part - $l / 2;
        $Aeff = $s->A - $lostF - $lostW;
        $e = ($lostF * $zf + $lostW * $zw) / $Aeff;
        $Ieff = $I - $lostF * $zf ** 2 - $lostW * ($zw ** 2 + $l ** 2 / 12) - $Aeff * $e ** 2;
        $isFarther = $h - $edge - $e > $edge + $e;
        // Towards the pulled edge the axis shifts, which must not make more of it.
        $W = $isFarther ? min($Ieff / ($h - $edge - $e), $I / ($h - $edge)) : $Ieff / ($edge + $e);
        if ($d !== null) {
            $b = $whole ? 'c_w' : 'b_c';
            $d->with(['rho_w' => [$rhoW, Kind::Number], $b => [$part, Kind::Size]])->line(
                'l_w',
                "(1 - rho_w) * {$b}",
                Kind::Size,
                'Table 4.1',
                'what the web loses',
            );
            $d->with(['t_w' => [$w['t'], Kind::Size]])->line(
                'A_loss_w',
                ($w['count'] === 2 ? '2 * ' : '').'l_w * t_w',
                Kind::Area,
            );
            $d->with([...$whole ? ['psi' => [$psi, Kind::Number]] : []])->line(
                'z_w',
                'z_1 - '.($whole ? '2 / (5 - psi)' : '0.4')." * rho_w * {$b} - l_w / 2",
                Kind::Size,
                'Table 4.1',
                $whole ? 'all of the web is compressed' : '0.4 of what is left at the flange, 0.6 at the axis',
            );
            $d->line('A_eff_M', 'A - A_loss_f - A_loss_w', Kind::Area);
            $d->line(
                'e',
                '(A_loss_f * z_f + A_loss_w * z_w) / A_eff_M',
                Kind::Size,
                '',
                'how far the axis shifts in all',
            );
            $d->with(["I_{$axis}" => [$I, Kind::SecondMoment]])->line(
                'I_eff',
                "I_{$axis} - A_loss_f * z_f^2 - A_loss_w * (z_w^2 + l_w^2 / 12) - A_eff_M * e^2",
                Kind::SecondMoment,
            );
            $d->given(
                'z_e',
                $isFarther ? $h - $edge : $edge,
                Kind::Size,
                '',
                'from the centroid to the '.
                    ($isFarther ? 'pulled' : 'compressed').
                    ' edge, which is the farther one',
            );
            $d->with([...$isFarther ? ["I_{$axis}" => [$I, Kind::SecondMoment]] : []])->line(
                "W_eff_{$axis}",
                $isFarther ? "min(I_eff / (z_e - e), I_{$axis} / z_e)" : 'I_eff / (z_e + e)',
                Kind::Modulus,
                'EN 1993-1-5, 4.3(4)',
            );
        }

        return $W;
    }

    /** An I section about z-z: the compressed tips of its flanges, as if in uniform compression. */
    private function ofTips(ISection $s, ?Derivation $d): float
    {
        $f = $this->flange('y');
        $rho = $this->flangeReduction($f, $d);
        $l = (1 - $rho) * $f['width'];
        $lost = 2 * $l * $s->tf;
        $y = ($s->b - $l) / 2;
        $Aeff = $s->A - $lost;
        $e = ($lost * $y) / $Aeff;
        $Ieff = $s->Iz - $lost * ($y ** 2 + $l ** 2 / 12) - $Aeff * $e ** 2;
        $edge = $s->b / 2 + max($e - $l, -$e);
        $W = $Ieff / $edge;
        if ($d !== null) {
            $d->with(['rho_f' => [$rho, Kind::Number], 'c_f' => [$f['width'], Kind::Size]])->line(
                'l_f',
                '(1 - rho_f) * c_f',
                Kind::Size,
                'Table 4.2',
                'what the compressed tip of each flange loses, as if in uniform compression',
            );
            $d->with(['t_f' => [$s->tf, Kind::Size]])->line('A_loss', '2 * l_f * t_f', Kind::Area);
            $d->with(['b' => [$s->b, Kind::Size]])->line('y_f', '(b - l_f) / 2', Kind::Size);
            $d->with(['A' => [$s->A, Kind::Area]])->line(
                'e',
                'A_loss * y_f / (A - A_loss)',
                Kind::Size,
                '',
                'how far the axis shifts',
            );
            $d->with(['I_z' => [$s->Iz, Kind::SecondMoment]])->line(
                'I_eff',
                'I_z - A_loss * (y_f^2 + l_f^2 / 12) - (A - A_loss) * e^2',
                Kind::SecondMoment,
            );
            $d->line(
                'W_eff_z',
                'I_eff / (b / 2 + max(e - l_f, -e))',
                Kind::Modulus,
                'EN 1993-1-5, 4.3(4)',
                'of the farther edge that is left',
            );
        }

        return $W;
    }

    /** @param  array{width: float, t: float, count: int}  $f */
    private function flangeReduction(array $f, ?Derivation $d): float
    {
        return $this->section instanceof ISection || $this->section instanceof UnequalI
            ? PlateBuckling::outstand('f', ['c_f', $f['width']], ['t_f', $f['t']], $this->steel->epsilon, $d)
            : PlateBuckling::internal('f', ['c_f', $f['width']], ['t_f', $f['t']], 1.0, $this->steel->epsilon, $d);
    }

    /**
     * Compressed plates along one edge, of bending about an axis.
     *
     * @return array{width: float, t: float, count: int}
     */
    private function flange(string $axis, int $side = 1): array
    {
        $s = $this->section;
        if ($s instanceof UnequalI) {
            [$b, $t] = $side > 0 ? [$s->top, $s->tt] : [$s->bottom, $s->tb];

            return ['width' => ($b - $s->tw) / 2, 't' => $t, 'count' => 2];
        }

        return $s instanceof ISection
            ? ['width' => $s->c, 't' => $s->tf, 'count' => 2]
            : ['width' => $this->clear($s, $axis === 'y' ? $s->b : $s->h), 't' => $s->t, 'count' => 1];
    }

    /** @return array{width: float, t: float, count: int} */
    private function web(string $axis): array
    {
        $s = $this->section;
        if ($s instanceof UnequalI) {
            return ['width' => $s->hw, 't' => $s->tw, 'count' => 1];
        }

        return $s instanceof ISection
            ? ['width' => $s->d, 't' => $s->tw, 'count' => 1]
            : ['width' => $this->clear($s, $axis === 'y' ? $s->h : $s->b), 't' => $s->t, 'count' => 2];
    }

    /** Between the corners, as in Classification. */
    private function clear(RectangularHollow $s, float $over): float
    {
        return $over - ($s->finish === Finish::Welded ? 2 : 3) * $s->t;
    }
}
