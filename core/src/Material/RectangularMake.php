<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Units\UnitSystem;

/** A member that is a solid rectangle all along, b wide and h deep, mm. */
abstract readonly class RectangularMake implements Make
{
    public function __construct(public float $b, public float $h)
    {
    }

    /** The same of another size. */
    abstract public function withSize(float $b, float $h): static;

    public function rectangle(): Rectangle
    {
        return new Rectangle($this->b, $this->h);
    }

    public function name(): string
    {
        return $this->rectangle()->name();
    }

    public function title(): string
    {
        return $this->name();
    }

    public function family(): string
    {
        return Rectangle::size($this->b).' mm';
    }

    public function pieces(Situation $situation): array
    {
        return [$this->main($situation)];
    }

    public function depth(): float
    {
        return $this->h;
    }

    public function width(): float
    {
        return $this->b;
    }

    public function surface(): float
    {
        return 2 * ($this->b + $this->h);
    }

    public function faceAbove(int $side): float
    {
        return ($side * $this->h) / 2;
    }

    public function isOpen(): bool
    {
        return false;
    }

    public function edge(): string
    {
        return 'edge';
    }

    public function blocks(UnitSystem $units): array
    {
        return [];
    }

    public function patch(): array
    {
        return [
            $this->material() => [
                'width' => Rectangle::size($this->b).' mm',
                'depth' => Rectangle::size($this->h).' mm',
            ],
        ];
    }
}
