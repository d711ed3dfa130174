<?php

declare(strict_types=1);

namespace Waage\Tests\Material;

use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\RectangularMake;
use Waage\Material\Situation;

/** A square of ice. */
final readonly class IceBar extends RectangularMake
{
    public function __construct(float $size, private float $length)
    {
        parent::__construct($size, $size);
    }

    public function withSize(float $b, float $h): static
    {
        return new self($h, $this->length);
    }

    public function material(): string
    {
        return 'ice';
    }

    public function name(): string
    {
        return 'ice '.Rectangle::size($this->h);
    }

    public function grade(): string
    {
        return 'clear';
    }

    public function main(Situation $situation): Piece
    {
        return new Piece(
            $this->name(),
            0.0,
            $this->length,
            $this->h,
            $this->weight(),
            5e-5,
            $this->rectangle()->rigidity(9000.0, 3500.0),
        );
    }

    public function weight(): float
    {
        return 9e-6 * $this->h ** 2;
    }

    public function isOpen(): bool
    {
        return false;
    }

    public function isElastic(): bool
    {
        return true;
    }

    public function describe(): array
    {
        return [
            ...$this->rectangle()->describe(),
            'name' => $this->name(),
            'family' => 'ice',
            'weight' => $this->weight(),
            'grade' => 'clear',
            'fy' => 1.5,
        ];
    }

    public function patch(): array
    {
        return ['ice' => ['size' => Rectangle::size($this->h).' mm']];
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
