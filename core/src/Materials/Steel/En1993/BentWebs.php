<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * A section bent about an axis with its webs across it and flanges along it. First the compressed flange is reduced,
 * then the web under the stresses that follow (4.4(3)); the yield stress is reached at the compressed edge, or at the
 * other one where flanges differ and that yields first. Lengths from the centroid, mm.
 */
final readonly class BentWebs implements BentPlates
{
    /** Part of a web that counts as compressed at least. */
    private const LEAST = 0.01;

    /**
     * @param  string  $axis  y or z
     * @param  float  $h  over all, across the axis
     * @param  float  $edge  to the compressed edge
     * @param  float  $end  to the compressed end of the webs
     * @param  PlateGroup  $flange  the compressed one
     */
    public function __construct(
        private string $axis,
        private float $A,
        private float $I,
        private float $h,
        private float $edge,
        private float $end,
        private PlateGroup $flange,
        private PlateGroup $web,
    ) {
    }

    public function modulus(float $epsilon, ?Derivation $d = null): float
    {
        $flange = $this->lostOfFlange($epsilon, $d);
        $bc = $this->compressed($flange, $d);
        $web = $this->lostOfWeb($bc, $epsilon, $d);

        return $this->left($flange, $web, $d);
    }

    private function lostOfFlange(float $epsilon, ?Derivation $d): LostPart
    {
        $f = $this->flange;
        $rho = $f->pressed('f', $epsilon, $d);
        $lost = new LostPart((1 - $rho) * $f->area(), $this->edge - $f->t / 2);
        $d?->with([
            'rho_f' => [$rho, Kind::Number],
            'c_f' => [$f->width, Kind::Size],
            't_f' => [$f->t, Kind::Size],
        ])->line(
            'A_loss_f',
            $f->times().'(1 - rho_f) * c_f * t_f',
            Kind::Area,
            '4.4(3)',
            'what the compressed flange loses',
        );
        $d?->given('z_f', $lost->z, Kind::Size, '', 'from the centroid to the middle of the compressed flange');

        return $lost;
    }

    /** b_c: the compressed part of the web, once the flange is reduced. */
    private function compressed(LostPart $flange, ?Derivation $d): float
    {
        $e1 = ($flange->area * $flange->z) / ($this->A - $flange->area);
        $least = self::LEAST * $this->web->width;
        $d?->with(['A' => [$this->A, Kind::Area]])->line(
            'e_1',
            'A_loss_f * z_f / (A - A_loss_f)',
            Kind::Size,
            '4.4(3)',
            'how far the axis shifts',
        );
        $d?->given('z_1', $this->end, Kind::Size, '', 'from the centroid to the compressed end of the web');
        // An axis within a flange that is much the stronger one leaves all of the web on one side.
        $this->end + $e1 < $least
            ? $d
                ?->with(['c_w' => [$this->web->width, Kind::Size]])
                ->line('b_c', self::LEAST.' * c_w', Kind::Size, '', 'hardly any of the web is compressed')
            : $d?->line('b_c', 'z_1 + e_1', Kind::Size, 'Table 4.1', 'compressed part of the web');

        return max($least, $this->end + $e1);
    }

    private function lostOfWeb(float $bc, float $epsilon, ?Derivation $d): LostPart
    {
        $w = $this->web;
        $psi = ($bc - $w->width) / $bc;
        $d?->with(['b_c' => [$bc, Kind::Size], 'c_w' => [$w->width, Kind::Size]])->line(
            'psi',
            '(b_c - c_w) / b_c',
            Kind::Number,
            'Table 4.1',
        );
        $rho = PlateBuckling::internal('w', ['c_w', $w->width], ['t_w', $w->t], $psi, $epsilon, $d);
        $isWhole = $psi >= 0.0;
        $part = min($bc, $w->width);
        $l = (1 - $rho) * $part;
        $b = $isWhole ? 'c_w' : 'b_c';
        $d?->with(['rho_w' => [$rho, Kind::Number], $b => [$part, Kind::Size]])->line(
            'l_w',
            "(1 - rho_w) * {$b}",
            Kind::Size,
            'Table 4.1',
            'what the web loses',
        );
        $d?->with(['t_w' => [$w->t, Kind::Size]])->line('A_loss_w', $w->times().'l_w * t_w', Kind::Area);
        $d?->with($isWhole ? ['psi' => [$psi, Kind::Number]] : [])->line(
            'z_w',
            'z_1 - '.($isWhole ? '2 / (5 - psi)' : '0.4')." * rho_w * {$b} - l_w / 2",
            Kind::Size,
            'Table 4.1',
            $isWhole ? 'all of the web is compressed' : '0.4 of what is left at the flange, 0.6 at the axis',
        );
        $atFlange = ($isWhole ? 2 / (5 - $psi) : 0.4) * $rho * $part;

        return new LostPart($w->count * $l * $w->t, $this->end - $atFlange - $l / 2, $l);
    }

    private function left(LostPart $flange, LostPart $web, ?Derivation $d): float
    {
        $A = $this->A - $flange->area - $web->area;
        $e = ($flange->area * $flange->z + $web->area * $web->z) / $A;
        $I = $this->I - $flange->secondMoment() - $web->secondMoment() - $A * $e ** 2;
        $pulled = $this->h - $this->edge;
        $isFarther = $pulled - $e > $this->edge + $e;
        $d?->line('A_eff_M', 'A - A_loss_f - A_loss_w', Kind::Area);
        $d?->line(
            'e',
            '(A_loss_f * z_f + A_loss_w * z_w) / A_eff_M',
            Kind::Size,
            '',
            'how far the axis shifts in all',
        );
        $whole = "I_{$this->axis}";
        $d?->with([$whole => [$this->I, Kind::SecondMoment]])->line(
            'I_eff',
            "{$whole} - A_loss_f * z_f^2 - A_loss_w * (z_w^2 + l_w^2 / 12) - A_eff_M * e^2",
            Kind::SecondMoment,
        );
        $d?->given(
            'z_e',
            $isFarther ? $pulled : $this->edge,
            Kind::Size,
            '',
            'from the centroid to the '.($isFarther ? 'pulled' : 'compressed').' edge, which is the farther one',
        );
        $d?->line(
            "W_eff_{$this->axis}",
            $isFarther ? "min(I_eff / (z_e - e), {$whole} / z_e)" : 'I_eff / (z_e + e)',
            Kind::Modulus,
            'EN 1993-1-5, 4.3(4)',
        );

        // Towards the pulled edge the axis shifts, which must not make more of it.
        return $isFarther ? min($I / ($pulled - $e), $this->I / $pulled) : $I / ($this->edge + $e);
    }
}
