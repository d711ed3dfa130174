<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/** Where a section buckles over the half-wavelength (mm), and at which greatest stress (MPa). */
final readonly class Buckling
{
    /**
     * @param  array{float, float}|null  $local  null: the curve has no minimum
     * @param  array{float, float}|null  $distortional  null: a section without lips has no such mode
     * @param  bool  $isMinimum  has distortion a minimum of its own?
     * @param  list<array{float, float}>  $curve  all of it
     * @param  array<string, list<array{float, float}>>  $shapes  how points of the midline move in both, at most by 1
     * @param  array{float, float}|null  $atHole  local, of the strips beside a hole
     * @param  bool  $isHeld  is distortion restrained at closer places than its half-wavelength?
     */
    public function __construct(
        public ?array $local,
        public ?array $distortional,
        public bool $isMinimum,
        public array $curve,
        public array $shapes = [],
        public bool $isHeld = false,
        public ?array $atHole = null,
        public bool $isFormula = false,
    ) {
    }

    /**
     * @param  array{float, float}  $atHole
     * @param  array{float, float}|null  $distortional
     */
    public function withHoles(array $atHole, ?array $distortional): self
    {
        return new self(...['atHole' => $atHole, 'distortional' => $distortional] + get_object_vars($this));
    }

    /** @param  array{float, float}|null  $distortional */
    public function byFormulas(float $local, ?array $distortional): self
    {
        $own = [
            'local' => [$this->local[0] ?? 0.0, $local],
            'distortional' => $distortional,
            'isFormula' => true,
        ];

        return new self(...$own + get_object_vars($this));
    }

    /** @return array<string, mixed> for CurveMemory */
    public function kept(): array
    {
        return get_object_vars($this);
    }

    /** @param  array<string, mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        return new self(...$kept);
    }

    /**
     * @param  list<array{float, float}>  $points  of the midline
     * @return array<string, mixed> as the result has it
     */
    public function toArray(string $title, array $points): array
    {
        return array_filter([
            'title' => $title,
            'curve' => $this->curve,
            'local' => $this->local,
            'distortional' => $this->distortional,
            'shapes' => $this->shapes === [] ? null : $this->shapes,
            'points' => $points,
        ], fn (mixed $v): bool => $v !== null);
    }

    public function note(): string
    {
        return match (true) {
            $this->isFormula => 'closed formula',
            $this->isHeld => 'finite strips, at the distance of restraints of distortion',
            $this->isMinimum => 'finite strips, second minimum',
            default => 'finite strips, no minimum of its own',
        };
    }

    public function localStress(): float
    {
        return $this->local[1] ?? 1e6;
    }
}
