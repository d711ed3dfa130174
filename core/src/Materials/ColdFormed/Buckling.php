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
     */
    public function __construct(
        public ?array $local,
        public ?array $distortional,
        public bool $isMinimum,
        public array $curve,
    ) {
    }

    /** @return array{array{float, float}|null, array{float, float}|null, bool, list<array{float, float}>} */
    public function kept(): array
    {
        return [$this->local, $this->distortional, $this->isMinimum, $this->curve];
    }

    /** @param  array{array{float, float}|null, array{float, float}|null, bool, list<array{float, float}>}  $kept */
    public static function fromArray(array $kept): self
    {
        return new self(...$kept);
    }

    /** @return array<string, mixed> as the result has it */
    public function toArray(string $title): array
    {
        return array_filter([
            'title' => $title,
            'curve' => $this->curve,
            'local' => $this->local,
            'distortional' => $this->distortional,
        ], fn (mixed $v): bool => $v !== null);
    }

    public function note(): string
    {
        return $this->isMinimum ? 'finite strips, second minimum' : 'finite strips, no minimum of its own';
    }

    public function localStress(): float
    {
        return $this->local[1] ?? 1e6;
    }
}
