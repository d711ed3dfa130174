<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Sections\Finish;
use Waage\Sections\ISection;
use Waage\Sections\RectangularHollow;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 4: what is left of a section of class 4 where its plates buckle, of I sections without plates on their
 * flanges, rectangular hollow sections and boxes. First the compressed flange is reduced, then the web under the stresses
 * that follow (4.4(3)); the yield stress is reached at the compressed edge.
 *
 * Of compression alone nothing shifts: both axes stay those of symmetry. Shear lag (3) and the lower stress of 4.4(4) are
 * left out.
 */
final readonly class EffectiveSection
{
    private ISection|RectangularHollow $section;

    public function __construct(private SteelSection $steel)
    {
        $this->section = self::covers($steel) && ($steel->section instanceof ISection || $steel->section instanceof RectangularHollow) ? $steel->section : throw new \LogicException('This section has no effective one.');
    }

    public static function covers(SteelSection $steel): bool
    {
        $s = $steel->section;

        return $s instanceof RectangularHollow || ($s instanceof ISection && $s->plates === null);
    }

    /** A_eff in compression, mm². */
    public function area(?Derivation $d = null): float
    {
        $s = $this->section;
        [$f, $w] = [$this->flange('y'), $this->web('y')];
        $rhoF = $this->flangeReduction($f, $d);
        $rhoW = PlateBuckling::internal('w', ['c_w', $w['width']], ['t_w', $w['t']], 1.0, $this->steel->epsilon, $d);
        $A = $s->A - (1 - $rhoF) * 2 * $f['count'] * $f['width'] * $f['t'] - (1 - $rhoW) * $w['count'] * $w['width'] * $w['t'];
        $d?->line('A_eff', sprintf('A - (1 - rho_f) * %d * c_f * t_f - (1 - rho_w) * %sc_w * t_w', 2 * $f['count'], $w['count'] === 2 ? '2 * ' : ''), [
            'A' => [$s->A, Kind::Area], 'rho_f' => [$rhoF, Kind::Number], 'c_f' => [$f['width'], Kind::Size], 't_f' => [$f['t'], Kind::Size],
            'rho_w' => [$rhoW, Kind::Number], 'c_w' => [$w['width'], Kind::Size], 't_w' => [$w['t'], Kind::Size],
        ], $A, Kind::Area, 'EN 1993-1-5, 4.3(3)');

        return $A;
    }

    /**
     * W_eff in bending, mm³.
     *
     * @param  string  $axis  y or z
     */
    public function modulus(string $axis, ?Derivation $d = null): float
    {
        return $axis === 'z' && $this->section instanceof ISection ? $this->ofTips($this->section, $d) : $this->ofWebs($axis, $d);
    }

    /** Webs across the axis, flanges along it. */
    private function ofWebs(string $axis, ?Derivation $d): float
    {
        $s = $this->section;
        [$h, $I] = $axis === 'y' ? [$s->h, $s->Iy] : [$s->b, $s->Iz];
        [$f, $w] = [$this->flange($axis), $this->web($axis)];
        $rhoF = $this->flangeReduction($f, $d);
        $lostF = (1 - $rhoF) * $f['count'] * $f['width'] * $f['t'];
        $zf = ($h - $f['t']) / 2;
        $e1 = $lostF * $zf / ($s->A - $lostF);
        $depth = $w['width'];
        $bc = $depth / 2 + $e1;
        $psi = ($e1 - $depth / 2) / $bc;
        $d?->line('A_loss_f', ($f['count'] === 2 ? '2 * ' : '').'(1 - rho_f) * c_f * t_f', ['rho_f' => [$rhoF, Kind::Number], 'c_f' => [$f['width'], Kind::Size], 't_f' => [$f['t'], Kind::Size]], $lostF, Kind::Area, '4.4(3)', 'what the compressed flange loses');
        $d?->given('z_f', $zf, Kind::Size, '', 'from the middle of the section to that of the flange');
        $d?->line('e_1', 'A_loss_f * z_f / (A - A_loss_f)', ['A_loss_f' => [$lostF, Kind::Area], 'z_f' => [$zf, Kind::Size], 'A' => [$s->A, Kind::Area]], $e1, Kind::Size, '4.4(3)', 'how far the axis shifts');
        $d?->line('b_c', 'c_w / 2 + e_1', ['c_w' => [$depth, Kind::Size], 'e_1' => [$e1, Kind::Size]], $bc, Kind::Size, 'Table 4.1', 'compressed part of the web');
        $d?->line('psi', '(e_1 - c_w / 2) / b_c', ['e_1' => [$e1, Kind::Size], 'c_w' => [$depth, Kind::Size], 'b_c' => [$bc, Kind::Size]], $psi, Kind::Number, 'Table 4.1');
        $rhoW = PlateBuckling::internal('w', ['c_w', $depth], ['t_w', $w['t']], $psi, $this->steel->epsilon, $d);
        $l = (1 - $rhoW) * $bc;
        $lostW = $w['count'] * $l * $w['t'];
        $zw = $depth / 2 - 0.4 * $rhoW * $bc - $l / 2;
        $Aeff = $s->A - $lostF - $lostW;
        $e = ($lostF * $zf + $lostW * $zw) / $Aeff;
        $Ieff = $I - $lostF * $zf ** 2 - $lostW * ($zw ** 2 + $l ** 2 / 12) - $Aeff * $e ** 2;
        $W = $Ieff / ($h / 2 + $e);
        if ($d !== null) {
            $d->line('l_w', '(1 - rho_w) * b_c', ['rho_w' => [$rhoW, Kind::Number], 'b_c' => [$bc, Kind::Size]], $l, Kind::Size, 'Table 4.1', 'what the web loses');
            $d->line('A_loss_w', ($w['count'] === 2 ? '2 * ' : '').'l_w * t_w', ['l_w' => [$l, Kind::Size], 't_w' => [$w['t'], Kind::Size]], $lostW, Kind::Area);
            $d->line('z_w', 'c_w / 2 - 0.4 * rho_w * b_c - l_w / 2', ['c_w' => [$depth, Kind::Size], 'rho_w' => [$rhoW, Kind::Number], 'b_c' => [$bc, Kind::Size], 'l_w' => [$l, Kind::Size]], $zw, Kind::Size, 'Table 4.1', '0.4 of what is left at the flange, 0.6 at the axis');
            $d->line('A_eff_M', 'A - A_loss_f - A_loss_w', ['A' => [$s->A, Kind::Area], 'A_loss_f' => [$lostF, Kind::Area], 'A_loss_w' => [$lostW, Kind::Area]], $Aeff, Kind::Area);
            $d->line('e', '(A_loss_f * z_f + A_loss_w * z_w) / A_eff_M', ['A_loss_f' => [$lostF, Kind::Area], 'z_f' => [$zf, Kind::Size], 'A_loss_w' => [$lostW, Kind::Area], 'z_w' => [$zw, Kind::Size], 'A_eff_M' => [$Aeff, Kind::Area]], $e, Kind::Size, '', 'how far the axis shifts in all');
            $d->line('I_eff', "I_{$axis} - A_loss_f * z_f^2 - A_loss_w * (z_w^2 + l_w^2 / 12) - A_eff_M * e^2", [
                "I_{$axis}" => [$I, Kind::SecondMoment], 'A_loss_f' => [$lostF, Kind::Area], 'z_f' => [$zf, Kind::Size], 'A_loss_w' => [$lostW, Kind::Area], 'z_w' => [$zw, Kind::Size], 'l_w' => [$l, Kind::Size], 'A_eff_M' => [$Aeff, Kind::Area], 'e' => [$e, Kind::Size],
            ], $Ieff, Kind::SecondMoment);
            $side = $axis === 'y' ? 'h' : 'b';
            $d->line("W_eff_{$axis}", "I_eff / ({$side} / 2 + e)", ['I_eff' => [$Ieff, Kind::SecondMoment], $side => [$h, Kind::Size], 'e' => [$e, Kind::Size]], $W, Kind::Modulus, 'EN 1993-1-5, 4.3(4)', 'of the compressed edge');
        }

        return $W;
    }

    /** An I section about z-z: the compressed tips of its flanges, as if compressed evenly. */
    private function ofTips(ISection $s, ?Derivation $d): float
    {
        $f = $this->flange('y');
        $rho = $this->flangeReduction($f, $d);
        $l = (1 - $rho) * $f['width'];
        $lost = 2 * $l * $s->tf;
        $y = ($s->b - $l) / 2;
        $Aeff = $s->A - $lost;
        $e = $lost * $y / $Aeff;
        $Ieff = $s->Iz - $lost * ($y ** 2 + $l ** 2 / 12) - $Aeff * $e ** 2;
        $edge = $s->b / 2 + max($e - $l, -$e);
        $W = $Ieff / $edge;
        if ($d !== null) {
            $d->line('l_f', '(1 - rho_f) * c_f', ['rho_f' => [$rho, Kind::Number], 'c_f' => [$f['width'], Kind::Size]], $l, Kind::Size, 'Table 4.2', 'what the compressed tip of each flange loses, as if compressed evenly');
            $d->line('A_loss', '2 * l_f * t_f', ['l_f' => [$l, Kind::Size], 't_f' => [$s->tf, Kind::Size]], $lost, Kind::Area);
            $d->line('y_f', '(b - l_f) / 2', ['b' => [$s->b, Kind::Size], 'l_f' => [$l, Kind::Size]], $y, Kind::Size);
            $d->line('e', 'A_loss * y_f / (A - A_loss)', ['A_loss' => [$lost, Kind::Area], 'y_f' => [$y, Kind::Size], 'A' => [$s->A, Kind::Area]], $e, Kind::Size, '', 'how far the axis shifts');
            $d->line('I_eff', 'I_z - A_loss * (y_f^2 + l_f^2 / 12) - (A - A_loss) * e^2', ['I_z' => [$s->Iz, Kind::SecondMoment], 'A_loss' => [$lost, Kind::Area], 'y_f' => [$y, Kind::Size], 'l_f' => [$l, Kind::Size], 'A' => [$s->A, Kind::Area], 'e' => [$e, Kind::Size]], $Ieff, Kind::SecondMoment);
            $d->line('W_eff_z', 'I_eff / (b / 2 + max(e - l_f, -e))', ['I_eff' => [$Ieff, Kind::SecondMoment], 'b' => [$s->b, Kind::Size], 'e' => [$e, Kind::Size], 'l_f' => [$l, Kind::Size]], $W, Kind::Modulus, 'EN 1993-1-5, 4.3(4)', 'of the farther edge that is left');
        }

        return $W;
    }

    /** @param  array{width: float, t: float, count: int}  $f */
    private function flangeReduction(array $f, ?Derivation $d): float
    {
        return $this->section instanceof ISection
            ? PlateBuckling::outstand('f', ['c_f', $f['width']], ['t_f', $f['t']], $this->steel->epsilon, $d)
            : PlateBuckling::internal('f', ['c_f', $f['width']], ['t_f', $f['t']], 1.0, $this->steel->epsilon, $d);
    }

    /**
     * Compressed plates along one edge, of bending about an axis.
     *
     * @return array{width: float, t: float, count: int}
     */
    private function flange(string $axis): array
    {
        $s = $this->section;

        return $s instanceof ISection ? ['width' => $s->c, 't' => $s->tf, 'count' => 2] : ['width' => $this->clear($s, $axis === 'y' ? $s->b : $s->h), 't' => $s->t, 'count' => 1];
    }

    /** @return array{width: float, t: float, count: int} */
    private function web(string $axis): array
    {
        $s = $this->section;

        return $s instanceof ISection ? ['width' => $s->d, 't' => $s->tw, 'count' => 1] : ['width' => $this->clear($s, $axis === 'y' ? $s->h : $s->b), 't' => $s->t, 'count' => 2];
    }

    /** Between the corners, as in Classification. */
    private function clear(RectangularHollow $s, float $over): float
    {
        return $over - ($s->finish === Finish::Welded ? 2 : 3) * $s->t;
    }
}
