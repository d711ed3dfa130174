<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Units\Kind;

/** An I section about z-z: the compressed tips of its flanges, as if in uniform compression. */
final readonly class BentTips implements BentPlates
{
    public function __construct(private ISection $section, private PlateGroup $tips)
    {
    }

    public function modulus(float $epsilon, ?Derivation $d = null): float
    {
        $s = $this->section;
        $rho = $this->tips->pressed('f', $epsilon, $d);
        $l = (1 - $rho) * $this->tips->width;
        $lost = new LostPart(2 * $l * $s->tf, ($s->b - $l) / 2, $l);
        $Aeff = $s->A - $lost->area;
        $e = ($lost->area * $lost->z) / $Aeff;
        $Ieff = $s->Iz - $lost->secondMoment() - $Aeff * $e ** 2;
        if ($d !== null) {
            $this->derive($d, $rho);
        }

        return $Ieff / ($s->b / 2 + max($e - $l, -$e));
    }

    private function derive(Derivation $d, float $rho): void
    {
        $s = $this->section;
        $d->with(['rho_f' => [$rho, Kind::Number], 'c_f' => [$this->tips->width, Kind::Size]])->line(
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
}
