<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Units\Kind;

/** A rectangular hollow section, or a box of plates. */
final readonly class Box extends Profile
{
    public function __construct(private RectangularHollow $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        return [
            $this->side('flange', 'c_f', $this->section->b, $by === Strain::BendingZ),
            $this->side('web', 'c_w', $this->section->h, $by === Strain::BendingY),
        ];
    }

    private function side(string $name, string $c, float $over, bool $isBent): ClassedPart
    {
        return new ClassedPart(
            $name,
            [$c, $this->clear($over)],
            ['t', $this->section->t],
            $isBent ? ClassedPart::BENT : ClassedPart::INTERNAL,
            $isBent ? 'flat side in bending' : 'flat side in compression',
        );
    }

    /** Flats between the corners taken as h − 3t and b − 3t, between plates as h − 2t and b − 2t. */
    private function clear(float $over): float
    {
        return $over - ($this->section->finish === Finish::Welded ? 2 : 3) * $this->section->t;
    }

    public function webs(): int
    {
        return 2;
    }

    public function local(float $epsilon): LocalBuckling
    {
        $s = $this->section;
        [$h, $b] = [$this->clear($s->h), $this->clear($s->b)];
        $y = new BentWebs(
            'y', $s->A, $s->Iy, $s->h, $s->h / 2, $h / 2, new PlateGroup($b, $s->t), new PlateGroup($h, $s->t, 2),
        );
        $z = new BentWebs(
            'z', $s->A, $s->Iz, $s->b, $s->b / 2, $b / 2, new PlateGroup($h, $s->t), new PlateGroup($b, $s->t, 2),
        );

        return new EffectiveSection(
            $s->A, new PlateGroup($b, $s->t), new PlateGroup($h, $s->t, 2), $y, $z, $epsilon,
        );
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        return $this->along('h', $this->section->h, $d);
    }

    public function sidewaysShearArea(?Derivation $d = null): float
    {
        return $this->along('b', $this->section->b, $d);
    }

    private function along(string $symbol, float $along, ?Derivation $d): float
    {
        $s = $this->section;
        if ($s->finish === Finish::Welded) {
            $d?->with([$symbol => [$along, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
                'A_v',
                "2 * ({$symbol} - 2 * t) * t",
                Kind::Area,
                '6.2.6(3)d',
                'the plates along the force, η = 1',
            );

            return 2 * ($along - 2 * $s->t) * $s->t;
        }
        $d?->with(['A' => [$s->A, Kind::Area], 'h' => [$s->h, Kind::Size], 'b' => [$s->b, Kind::Size]])->line(
            'A_v',
            "A * {$symbol} / (h + b)",
            Kind::Area,
            '6.2.6(3)f',
            'force along '.$symbol,
        );

        return ($s->A * $along) / ($s->h + $s->b);
    }

    public function web(): array
    {
        return [$this->section->h - 2 * $this->section->t, $this->section->t];
    }

    public function curves(bool $isS460): array
    {
        $s = $this->section;
        if ($s->finish !== Finish::Welded) {
            return Tube::curvesOf($s->finish, $isS460);
        }

        // Thick welds, which a stocky box may have, take c.
        return max($s->h, $s->b) / $s->t < 30.0 ? ['c', 'c'] : ['b', 'b'];
    }

    /** Of a box the flange counts up to 15 ε t_f from the web. */
    public function pressedWeb(float $epsilon): Flanged
    {
        $s = $this->section;

        return $s->side($s->t + min($s->b / 2 - $s->t, 15 * $epsilon * $s->t));
    }

    public function plasticLeft(string $axis, float $n, ?Derivation $d = null): float
    {
        $s = $this->section;
        [$sub, $side, $width] = $axis === 'y' ? ['a_w', 'b', $s->b] : ['a_f', 'h', $s->h];
        $a = min(0.5, ($s->A - 2 * $width * $s->t) / $s->A);
        $m = min(1.0, (1 - $n) / (1 - 0.5 * $a));
        $d?->with(['A' => [$s->A, Kind::Area], $side => [$width, Kind::Size], 't' => [$s->t, Kind::Size]])->line(
            $sub,
            "min(0.5, (A - 2 * {$side} * t) / A)",
            Kind::Number,
            '6.2.9.1(5)',
        );
        $d?->with(['n' => [$n, Kind::Number]])->line(
            "m_N_{$axis}",
            "min(1, (1 - n) / (1 - 0.5 * {$sub}))",
            Kind::Number,
            $axis === 'y' ? '6.2.9.1(5) (6.39)' : '6.2.9.1(5) (6.40)',
            'M_N_Rd over M_pl_Rd',
        );

        return $m;
    }

    public function exponents(float $n, ?Derivation $d = null): array
    {
        // From n = 0.8 on it is 6, and past 0.94 the fraction has no meaning.
        $alpha = 1.13 * $n ** 2 < 1.0 ? min(6.0, 1.66 / (1 - 1.13 * $n ** 2)) : 6.0;
        $alpha < 6.0
            ? $d
                ?->with(['n' => [$n, Kind::Number]])
                ->line('alpha', '1.66 / (1 - 1.13 * n^2)', Kind::Number, '6.2.9.1(6)')
            : $d?->given('alpha', $alpha, Kind::Number, '6.2.9.1(6)', 'not more than 6');
        $d?->with(['alpha' => [$alpha, Kind::Number]])->line('beta', 'alpha', Kind::Number, '6.2.9.1(6)');

        return [$alpha, $alpha];
    }
}
