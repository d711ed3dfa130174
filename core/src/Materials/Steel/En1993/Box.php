<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Finish;
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
}
