<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\Registry;
use Waage\Material\Shape;
use Waage\Material\Situation;
use Waage\Units\UnitSystem;

/** A rectangle of sawn timber, b wide and h deep (mm), in a strength class and a service class. */
final readonly class TimberMake implements Make
{
    /** m/s² */
    private const GRAVITY = 9.80665;

    /** Thermal expansion along the grain, 1/K: common practice. */
    private const EXPANSION = 5e-6;

    public function __construct(
        public float $b,
        public float $h,
        public Grade $grade,
        public ServiceClass $serviceClass,
        public bool $sharesLoad,
        private Shape $shape,
    ) {
    }

    /** @throws \LogicException where it is not of timber */
    public static function from(Make $make): self
    {
        return $make instanceof self ? $make : throw new \LogicException("Timber is needed, not {$make->material()->id()}.");
    }

    public function material(): Material
    {
        return Registry::all()['timber'];
    }

    public function withSize(float $b, float $h): self
    {
        return new self(...['b' => $b, 'h' => $h] + get_object_vars($this));
    }

    public function area(): float
    {
        return $this->b * $this->h;
    }

    public function name(): string
    {
        return $this->rectangle()->name();
    }

    public function title(): string
    {
        return $this->name();
    }

    public function grade(): string
    {
        return $this->grade->name;
    }

    public function family(): string
    {
        return Rectangle::size($this->b).' mm';
    }

    public function pieces(Situation $situation): array
    {
        return [$this->main($situation)];
    }

    public function main(Situation $situation): Piece
    {
        $rigidity = $this->rectangle()->rigidity($this->grade->E, $this->grade->G);

        return new Piece($this->name(), 0.0, $this->shape->length, $this->h, $this->weight(), self::EXPANSION, $rigidity);
    }

    public function weight(): float
    {
        return $this->grade->rho * 1e-9 * self::GRAVITY * $this->b * $this->h;
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
        return $side * $this->h / 2;
    }

    public function isElastic(): bool
    {
        return true;
    }

    public function edge(): string
    {
        return 'edge';
    }

    public function describe(): array
    {
        return [...$this->rectangle()->describe(), 'family' => 'sawn timber', 'weight' => $this->weight(), 'grade' => $this->grade->name, 'fy' => $this->grade->fm];
    }

    public function blocks(UnitSystem $units): array
    {
        return [];
    }

    public function patch(): array
    {
        return ['timber' => ['width' => Rectangle::size($this->b).' mm', 'depth' => Rectangle::size($this->h).' mm']];
    }

    public function stronger(): array
    {
        return array_map(fn (string $name): array => ["Strength class {$name}", ['timber' => ['grade' => $name]]], $this->grade->stronger());
    }

    public function caption(): string
    {
        return '. Service class '.$this->serviceClass->value.($this->sharesLoad ? ', shares its load with its neighbours' : '').'.';
    }

    private function rectangle(): Rectangle
    {
        return new Rectangle($this->b, $this->h);
    }
}
