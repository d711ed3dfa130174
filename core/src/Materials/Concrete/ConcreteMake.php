<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\RectangularMake;
use Waage\Material\Registry;
use Waage\Material\Shape;
use Waage\Material\Situation;

/** A rectangle of reinforced concrete, b wide and h deep, its bars the same all along; cover to the links. N, mm, MPa. */
final readonly class ConcreteMake extends RectangularMake
{
    /** 25 kN/m³: EN 1991-1-1, Table A.1, reinforced. */
    private const WEIGHT = 25e-6;

    /** EN 1992-1-1, 3.1.3(5), 1/K */
    private const EXPANSION = 10e-6;

    /** So many bars more are tried at most, where this much room is left between them, mm. */
    private const MORE_BARS = 4;

    private const ROOM = 25.0;

    public function __construct(
        float $b,
        float $h,
        public Grade $grade,
        public float $fyk,
        public float $cover,
        public Bars $bottom,
        public Bars $top,
        public Links $links,
        public CrackWidth $crack,
        private Shape $shape,
    ) {
        parent::__construct($b, $h);
    }

    /** @throws \LogicException where it is not of concrete */
    public static function from(Make $make): self
    {
        return $make instanceof self ? $make : throw new \LogicException("Concrete is needed, not {$make->material()->id()}.");
    }

    public function material(): Material
    {
        return Registry::all()['concrete'];
    }

    public function withSize(float $b, float $h): static
    {
        return new self(...['b' => $b, 'h' => $h] + get_object_vars($this));
    }

    /** Bars that moments of a sign pull: sagging the lower ones. */
    public function pulled(int $sign): Bars
    {
        return $sign > 0 ? $this->bottom : $this->top;
    }

    /** Effective depth for moments of a sign, mm. */
    public function d(int $sign): float
    {
        return $this->h - $this->cover - $this->links->diameter - $this->pulled($sign)->diameter / 2;
    }

    /** Between bars of a layer, mm. */
    public function clear(Bars $bars): float
    {
        return ($this->b - 2 * $this->cover - 2 * $this->links->diameter - $bars->count * $bars->diameter) / ($bars->count - 1);
    }

    public function grade(): string
    {
        return $this->grade->name;
    }

    /** Of the section without cracks and bars, at once. */
    public function main(Situation $situation): Piece
    {
        $E = $this->grade->Ecm();

        return new Piece($this->name(), 0.0, $this->shape->length, $this->h, $this->weight(), self::EXPANSION, $this->rectangle()->rigidity($E, $E / 2.4));
    }

    public function isElastic(): bool
    {
        return false;
    }

    public function weight(): float
    {
        return self::WEIGHT * $this->b * $this->h;
    }

    public function describe(): array
    {
        return [
            ...$this->rectangle()->describe(), 'family' => 'reinforced concrete', 'weight' => $this->weight(), 'grade' => $this->grade->name, 'fy' => $this->fyk,
            'bars' => [...$this->places($this->top, false), ...$this->places($this->bottom, true)],
            'link' => [$this->cover, $this->links->diameter],
        ];
    }

    /** @return list<list<float>> middle from the left and from the top, and diameter, mm */
    private function places(Bars $bars, bool $isBelow): array
    {
        $edge = $this->cover + $this->links->diameter + $bars->diameter / 2;
        $step = ($this->b - 2 * $edge) / ($bars->count - 1);

        return array_map(fn (int $i): array => [$edge + $i * $step, $isBelow ? $this->h - $edge : $edge, $bars->diameter], range(0, $bars->count - 1));
    }

    public function stronger(): array
    {
        return [
            ...$this->moreBars(),
            ...array_map(fn (string $name): array => ["Strength class {$name}", ['concrete' => ['grade' => $name]]], $this->grade->stronger()),
        ];
    }

    /** @return list<array{string, array<string, mixed>}> more bars of the same diameter at the top, the bottom or both, as many as have room */
    private function moreBars(): array
    {
        $more = [];
        for ($n = 1; $n <= self::MORE_BARS; $n++) {
            foreach ([['top'], ['bottom'], ['top', 'bottom']] as $sides) {
                $bars = array_map(fn (string $side): Bars => $side === 'top' ? $this->top->with($n) : $this->bottom->with($n), array_combine($sides, $sides));
                if (array_filter($bars, fn (Bars $b): bool => $this->clear($b) < self::ROOM) === []) {
                    $texts = array_map(fn (Bars $b): string => $b->text(), $bars);
                    $said = array_map(fn (string $side, Bars $b): string => "{$b->text()} at the {$side}", array_keys($bars), $bars);
                    $more[] = [implode(', ', $said), ['concrete' => $texts]];
                }
            }
        }

        return $more;
    }

    public function caption(): string
    {
        return ". Bottom {$this->bottom->text()}, top {$this->top->text()}, {$this->links->text()}; cover ".Rectangle::size($this->cover).' mm to the links; f_yk = '.Rectangle::size($this->fyk)." MPa; cracks up to {$this->crack->value} mm.";
    }
}
