<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Strut;
use Waage\Units\Kind;

/**
 * A section without symmetry that is pressed or pulled along its axis; pulled by D2, by the whole of it. Forces in N.
 */
abstract readonly class PressedStrut
{
    public function __construct(protected Strut $strut, protected Method $method, private string $standard)
    {
    }

    /** Why it is not covered; empty: it is. */
    abstract public function refusal(bool $isBent = false): string;

    abstract protected function pressed(Detail $detail): Weighing;

    /** @return non-empty-list<Weighing> of compression, of tension */
    public function weigh(Detail $detail): array
    {
        return [
            ...$this->strut->compression > 0.0 ? [$this->pressed($detail)] : [],
            ...$this->strut->tension > 0.0 ? [$this->pulled($detail)] : [],
        ] ?:
            throw new \LogicException('A strut is in compression or tension.');
    }

    private function pulled(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $this->strut->section;
        $Fy = $this->strut->grade->yieldStrength($s->thickest());
        $d?->given('P_r', $this->strut->tension, Kind::Force, '', 'tension');
        $d?->with(['F_y' => [$Fy, Kind::Stress], 'A_g' => [$s->A, Kind::Area]])->line(
            'P_n',
            'F_y * A_g',
            Kind::Force,
            'D2-1',
            'yielding; rupture, with shear lag of a leg that is connected alone (D3), belongs to the connection',
        );
        $Pc = $this->method->available('P_n', $Fy * $s->A, [0.9, 1.67], 't', Kind::Force, 'D2(a)', $d);

        return $this->weighing('tension', 'Tension', 'D2', $this->strut->tension, $Pc, $this->strut->pulled, $d);
    }

    protected function weighing(
        string $id,
        string $title,
        string $clause,
        float $P,
        float $Pc,
        Place $at,
        ?Derivation $d,
    ): Weighing {
        $d?->with(['P_r' => [$P, Kind::Force], 'P_c' => [$Pc, Kind::Force]])->line(
            'u',
            'P_r / P_c',
            Kind::Number,
            'B3',
        );

        return new Weighing(
            $id,
            $title,
            "{$this->standard}, {$clause}",
            $P / $Pc,
            against: new Against(
                demand: $P,
                capacity: $Pc,
                kind: Kind::Force,
                demandSymbol: 'P_r',
                capacitySymbol: 'P_c',
            ),
            at: $at,
            lines: $d->lines ?? [],
        );
    }
}
