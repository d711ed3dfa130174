<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Material\Listed;
use Waage\Material\Make;
use Waage\Material\OtherMaterial;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\RectangularMake;
use Waage\Material\Shape;
use Waage\Material\Situation;
use Waage\Units\UnitSystem;

/** A rectangle of timber: one piece, or plies side by side, ply wide each and h deep (mm), of one grade. */
final readonly class TimberMake extends RectangularMake implements Listed
{
    /** m/s² */
    private const GRAVITY = 9.80665;

    /** Thermal expansion along the grain, 1/K: common practice. */
    private const EXPANSION = 5e-6;

    public float $ply;

    public int $plies;

    public ?Taper $taper;

    public ?float $lamination;

    public function __construct(
        Dimensions $dimensions,
        public Grade $grade,
        public Conditions $conditions,
        public Details $details,
        public Asked $asked,
        public Row $row,
        public OpenSizes $open,
        private Shape $shape,
    ) {
        parent::__construct($dimensions->ply * $dimensions->plies, $dimensions->h);
        $this->ply = $dimensions->ply;
        $this->plies = $dimensions->plies;
        $this->taper = $dimensions->taper;
        $this->lamination = $dimensions->lamination;
    }

    /** The same of another size, of another grade or found. */
    private function with(?Dimensions $dimensions = null, ?Grade $grade = null, ?OpenSizes $open = null): self
    {
        return new self(
            $dimensions ?? new Dimensions($this->ply, $this->h, $this->plies, $this->taper, $this->lamination),
            $grade ?? $this->grade,
            $this->conditions,
            $this->details,
            $this->asked,
            $this->row,
            $open ?? $this->open,
            $this->shape,
        );
    }

    /** @throws OtherMaterial where it is not of timber */
    public static function from(Make $make): self
    {
        return $make instanceof self
            ? $make
            : throw new OtherMaterial('timber', $make);
    }

    public function material(): string
    {
        return 'timber';
    }

    /** @param  float  $b  of one ply */
    public function withSize(float $b, float $h): static
    {
        $grade =
            $this->grade->name === Grade::LVL
                ? $this->grade
                : Grade::of($this->grade->suite, $this->grade->name, $b, $h)?->with($this->grade->typed);

        return $this->with(new Dimensions($b, $h, $this->plies, $this->taper, $this->lamination), $grade);
    }

    /** What is left of it after a fire: the same grade in one piece. */
    public function charred(float $b, float $h): self
    {
        return $this->with(new Dimensions($b, $h, 1, $this->taper?->less($this->h - $h), $this->lamination));
    }

    public function withGrade(Grade $grade): self
    {
        return $this->with(grade: $grade);
    }

    /** Is there such a size of its grade? */
    public function comesIn(float $b, float $h): bool
    {
        return $this->grade->name === Grade::LVL || Grade::of($this->grade->suite, $this->grade->name, $b, $h) !== null;
    }

    /** A parameter of the basis, by its key. */
    public function parameter(string $key): float
    {
        return $this->shape->basis->parameters['timber'][$key];
    }

    public function units(): UnitSystem
    {
        return $this->shape->basis->units;
    }

    public function name(): string
    {
        $deep = $this->taper === null ? '' : Size::bare($this->taper->endDepth, $this->units()).'–';

        return ($this->plies > 1 ? "{$this->plies} / " : '').
            Size::bare($this->ply, $this->units()).
            "×{$deep}".
            Size::bare($this->h, $this->units());
    }

    public function family(): string
    {
        return Size::of($this->ply, $this->units());
    }

    public function grade(): string
    {
        return $this->grade->name;
    }

    public function main(Situation $situation): Piece
    {
        return $this->piece(0.0, $this->shape->length, $this->h, true);
    }

    /** A tapered one in short pieces, each as deep as in its middle. */
    public function pieces(Situation $situation): array
    {
        if ($this->taper === null) {
            return [$this->main($situation)];
        }
        [$L, $n] = [$this->shape->length, Taper::PIECES];

        return array_map(
            fn (int $i): Piece => $this->piece(
                ($i * $L) / $n,
                (($i + 1) * $L) / $n,
                $this->depthAt((($i + 0.5) * $L) / $n),
                false,
            ),
            range(0, $n - 1),
        );
    }

    private function piece(float $from, float $to, float $h, bool $isMain): Piece
    {
        $of = $this->grade->values;
        $rigidity = (new Rectangle($this->b, $h))->rigidity($of->E, $of->G, $of->EFlat);

        return new Piece(
            Size::name($this->b, $h, $this->units()),
            $from,
            $to,
            $h,
            ($this->weight() * $h) / $this->h,
            self::EXPANSION,
            $rigidity,
            $isMain,
        );
    }

    public function depthAt(float $x): float
    {
        return $this->taper?->depthAt($x, $this->shape->length, $this->h) ?? $this->h;
    }

    public function length(): float
    {
        return $this->shape->length;
    }

    public function weight(): float
    {
        return $this->grade->values->density * 1e-9 * self::GRAVITY * $this->b * $this->h;
    }

    public function isOpen(): bool
    {
        return $this->open->any() && $this->open->said === '';
    }

    /** The same, of a size that has been found; what is to be said of that. */
    public function found(string $said): self
    {
        return $this->with(open: $this->open->found($said));
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
            'family' => $this->grade->product->value,
            'weight' => $this->weight(),
            'grade' => $this->grade->name,
            'fy' => $this->grade->values->bending,
            'timber' => TimberDrawing::of($this),
        ];
    }

    public function blocks(UnitSystem $units): array
    {
        return MaterialList::blocks($this, $units);
    }

    public function pieceList(): array
    {
        $pieces = $this->row->pieces() * $this->plies;
        $volume = $pieces * $this->ply * $this->h * $this->shape->length * 1e-9;

        return [
            [
                'name' => Size::name($this->ply, $this->h, $this->units()),
                'grade' => $this->grade(),
                'pieces' => $pieces,
                'length' => $this->shape->length,
                'volume' => $volume,
                'mass' => $volume * $this->grade->values->density,
            ],
        ];
    }

    public function patch(): array
    {
        $write = fn (float $mm): string => Size::written($mm, $this->units());

        return ['timber' => ['width' => $write($this->ply), 'depth' => $write($this->h)]];
    }

    public function stronger(): array
    {
        return array_map(
            fn (string $name): array => ["Grade {$name}", ['timber' => ['grade' => $name]]],
            $this->grade->typed === [] ? $this->grade->stronger() : [],
        );
    }

    public function caption(): string
    {
        $of = $this->conditions;
        $says = [
            $this->grade->suite === Suite::En1995
                ? "service class {$of->serviceClass->value}"
                : ($of->isWet()
                    ? 'wet in service'
                    : 'dry in service'),
            ...$this->plies > 1 ? ["{$this->plies} plies that act together"] : [],
            ...$of->installedWet ? ['installed wet'] : [],
            ...$this->taper === null
                ? []
                : [
                    ($this->taper->isDouble ? 'double' : 'single').
                    ' tapered, the '.
                    ($this->taper->isAbove ? 'upper' : 'lower').
                    ' edge',
                ],
            ...$of->incised ? ['incised'] : [],
            ...$of->sharesLoad ? ['shares its load with its neighbours'] : [],
            ...$this->row->spacing > 0.0 ? ['one every '.Size::of($this->row->spacing, $this->units())] : [],
        ];

        return '. '.ucfirst(implode(', ', $says)).'.';
    }
}
