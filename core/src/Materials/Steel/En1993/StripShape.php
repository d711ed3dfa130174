<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use LogicException;
use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Units\Kind;

/** A section of strips, each as if in uniform compression. */
final readonly class StripShape extends Profile
{
    public function __construct(private StripSection $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        $parts = [];
        foreach ($this->section->tree->strips as $i => $strip) {
            if ($strip->t > 0.0) {
                $n = count($parts) + 1;
                $isOutstand = $this->section->isOutstand($i);
                $parts[] = new ClassedPart(
                    "strip{$n}",
                    ["c_{$n}", $strip->length],
                    ["t_{$n}", $strip->t],
                    [-1.0, -1.0, $isOutstand ? ClassedPart::OUTSTAND[2] : ClassedPart::INTERNAL[2]],
                    ($isOutstand ? 'with a free end' : 'between others').
                        ', along its middle line, as if in uniform compression',
                );
            }
        }

        return $parts === [] ? throw new LogicException('There is a strip.') : $parts;
    }

    public function local(float $epsilon): LocalBuckling
    {
        return new ReducedStress($this, $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        $s = $this->section;
        $d?->given('q', $s->shearing, Kind::Area, '6.2.6(4) (6.20)', 'S/t where a vertical force shears the most');
        $d?->with(['I_y' => [$s->Iy, Kind::SecondMoment]])->line(
            'A_v',
            'I_y / q',
            Kind::Area,
            '6.2.6(4) (6.20)',
            'I t / S: elastic',
        );

        return $s->Iy / $s->shearing;
    }

    public function plate(): array
    {
        $first = [0.0, 1.2];
        foreach ($this->section->tree->strips as $i => $strip) {
            $k = $this->section->isOutstand($i) ? 1.2 : 5.34;
            $slenderness = $strip->t > 0.0 ? $strip->length / $strip->t : 0.0;
            $first = $slenderness / sqrt($k) > $first[0] / sqrt($first[1]) ? [$slenderness, $k] : $first;
        }

        return $first;
    }
}
