<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\RectangularMake;
use Waage\Material\Registry;
use Waage\Material\Shape;
use Waage\Material\Situation;

/** A rectangle of sawn timber, b wide and h deep (mm), in a strength class and a service class. */
final readonly class TimberMake extends RectangularMake
{
    /** m/s² */
    private const GRAVITY = 9.80665;

    /** Thermal expansion along the grain, 1/K: common practice. */
    private const EXPANSION = 5e-6;

    public function __construct(
        float $b,
        float $h,
        public Grade $grade,
        public ServiceClass $serviceClass,
        public bool $sharesLoad,
        private Shape $shape,
    ) {
        parent::__construct($b, $h);
    }

    /** @throws \LogicException where it is not of timber */
    public static function from(Make $make): self
    {
        return $make instanceof self
            ? $make
            : throw new \LogicException("Timber is needed, not {$make->material()->id()}.");
    }

    public function material(): Material
    {
        return Registry::all()['timber'];
    }

    public function withSize(float $b, float $h): static
    {
        return new self(...['b' => $b, 'h' => $h] + get_object_vars($this));
    }

    /** A parameter of the basis, by its key. */
    public function parameter(string $key): float
    {
        return $this->shape->basis->parameters['timber'][$key];
    }

    public function grade(): string
    {
        return $this->grade->name;
    }

    public function main(Situation $situation): Piece
    {
        $rigidity = $this->rectangle()->rigidity($this->grade->E, $this->grade->G);

        return new Piece(
            $this->name(),
            0.0,
            $this->shape->length,
            $this->h,
            $this->weight(),
            self::EXPANSION,
            $rigidity,
        );
    }

    public function weight(): float
    {
        return $this->grade->rho * 1e-9 * self::GRAVITY * $this->b * $this->h;
    }

    public function isElastic(): bool
    {
        return true;
    }

    public function describe(): array
    {
        return [
            ...$this->rectangle()->describe(),
            'family' => 'sawn timber',
            'weight' => $this->weight(),
            'grade' => $this->grade->name,
            'fy' => $this->grade->fm,
        ];
    }

    public function stronger(): array
    {
        return array_map(
            fn (string $name): array => ["Strength class {$name}", ['timber' => ['grade' => $name]]],
            $this->grade->stronger(),
        );
    }

    public function caption(): string
    {
        return '. Service class '.
            $this->serviceClass->value.
            ($this->sharesLoad ? ', shares its load with its neighbours' : '').
            '.';
    }
}
