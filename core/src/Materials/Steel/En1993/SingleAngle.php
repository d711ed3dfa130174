<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Units\Kind;

/** An angle, taken as elastic. */
final readonly class SingleAngle extends Profile
{
    public function __construct(private Angle $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        $leg = fn (string $name, string $c, float $length): ClassedPart => new ClassedPart(
            $name,
            [$c, $length - $this->section->t - $this->section->r],
            ['t', $this->section->t],
            ClassedPart::ELASTIC,
            "{$name} leg, as if in uniform compression",
        );

        return [$leg('upright', 'c_h', $this->section->h), $leg('flat', 'c_b', $this->section->b)];
    }

    public function local(float $epsilon): LocalBuckling
    {
        return new ReducedStress($this, $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        $s = $this->section;
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

        return (2 * $s->Iy) / ($s->h - $s->zs) ** 2;
    }

    public function plate(): array
    {
        return [($this->section->h - $this->section->t) / $this->section->t, 1.2];
    }
}
