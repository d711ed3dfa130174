<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Rectangle;
use Waage\Units\UnitSystem;

/** A row of a bar list: alike bars with their number, where they lie along the member, how they are bent; mm, kg. */
final readonly class ListedBar
{
    /** kg/mm³ */
    private const STEEL = 7.85e-6;

    /**
     * @param  'bottom'|'top'|'link'|'across'  $face
     * @param  Bars  $bar  one of its size
     * @param  int  $number  of the bars side by side; each may be in pieces that lap
     */
    public function __construct(
        public string $mark,
        public string $where,
        public string $face,
        public Bars $bar,
        public int $number,
        public BarRun $run,
        private ?BarForm $form = null,
        private Pieces $pieces = new Pieces,
    ) {
    }

    public function marked(int $number): self
    {
        return new self(...['mark' => sprintf('%02d', $number)] + get_object_vars($this));
    }

    /** In pieces that overlap by a lap, mm. */
    public function inPieces(int $pieces, float $lap): self
    {
        return new self(...['pieces' => new Pieces($pieces, $lap)] + get_object_vars($this));
    }

    /** How many are cut. */
    public function count(): int
    {
        return $this->number * $this->pieces->count;
    }

    /** Along a bar, or a piece of it. */
    public function length(): float
    {
        $whole = $this->form->length
            ?? $this->run->to - $this->run->from + $this->run->bent() * $this->run->leg;

        return ($whole + ($this->pieces->count - 1) * $this->pieces->lap) / $this->pieces->count;
    }

    /** In mm, or in inches. */
    public function shape(UnitSystem $units): string
    {
        $size = fn (float $mm): string => self::size($mm, $units);
        [$between, $leg] = [$size($this->run->to - $this->run->from), $size($this->run->leg)];
        $n = $this->run->bent();

        return match (true) {
            $this->pieces->count > 1 => "{$this->pieces->count} pieces of {$size($this->length())}, laps {$size($this->pieces->lap)}".($n > 0 ? ", bent up {$leg}" : ''),
            $this->form !== null => $this->form->text,
            $n === 0 => "straight: {$between}",
            $n === 1 => "bent at one end: {$between} + {$leg}",
            default => "bent at both ends: {$leg} + {$between} + {$leg}",
        };
    }

    /** A length as it is cut: whole millimetres, or quarters of an inch. */
    public static function size(float $mm, UnitSystem $units): string
    {
        return $units === UnitSystem::Metric ? (string) round($mm) : Rectangle::inches($mm);
    }

    /** Of all of them. */
    public function mass(): float
    {
        return (($this->count() * $this->length() * M_PI * $this->bar->diameter ** 2) / 4) * self::STEEL;
    }

    /** @return array<string, mixed> */
    public function toArray(UnitSystem $units): array
    {
        return [
            'mark' => $this->mark,
            'where' => $this->where,
            'face' => $this->face,
            'size' => $this->bar->size(),
            'diameter' => $this->bar->diameter,
            'number' => $this->count(),
            'from' => $this->run->from,
            'to' => $this->run->to,
            'bends' => $this->run->bends,
            'length' => $this->length(),
            'shape' => $this->shape($units),
            'mass' => $this->mass(),
        ];
    }
}
