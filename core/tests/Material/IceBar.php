<?php

declare(strict_types=1);

namespace Waage\Tests\Material;

use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\Situation;
use Waage\Units\UnitSystem;

final readonly class IceBar implements Make
{
    public function __construct(public float $size, private float $length, private Material $material)
    {
    }

    public function material(): Material
    {
        return $this->material;
    }

    public function name(): string
    {
        return 'ice '.Rectangle::size($this->size);
    }

    public function title(): string
    {
        return $this->name();
    }

    public function grade(): string
    {
        return 'clear';
    }

    public function family(): string
    {
        return 'ice';
    }

    public function pieces(Situation $situation): array
    {
        return [$this->main($situation)];
    }

    public function main(Situation $situation): Piece
    {
        return new Piece($this->name(), 0.0, $this->length, $this->size, $this->weight(), 5e-5, (new Rectangle($this->size, $this->size))->rigidity(9000.0, 3500.0));
    }

    public function weight(): float
    {
        return 9e-6 * $this->size ** 2;
    }

    public function isElastic(): bool
    {
        return true;
    }

    public function depth(): float
    {
        return $this->size;
    }

    public function width(): float
    {
        return $this->size;
    }

    public function surface(): float
    {
        return 4 * $this->size;
    }

    public function faceAbove(int $side): float
    {
        return $side * $this->size / 2;
    }

    public function edge(): string
    {
        return 'edge';
    }

    public function describe(): array
    {
        return [...(new Rectangle($this->size, $this->size))->describe(), 'name' => $this->name(), 'family' => 'ice', 'weight' => $this->weight(), 'grade' => 'clear', 'fy' => 1.5];
    }

    public function blocks(UnitSystem $units): array
    {
        return [];
    }

    public function patch(): array
    {
        return ['ice' => ['size' => Rectangle::size($this->size).' mm']];
    }

    public function stronger(): array
    {
        return [];
    }

    public function caption(): string
    {
        return '.';
    }
}
