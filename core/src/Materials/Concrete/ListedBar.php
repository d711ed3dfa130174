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
     * @param  float  $outline  length of a bar that is bent to a form; 0: it runs along the member
     */
    public function __construct(
        public string $mark,
        public string $where,
        public string $face,
        public Bars $bar,
        public int $number,
        public BarRun $run,
        private float $outline = 0.0,
        private string $form = '',
    ) {
    }

    public function marked(int $number): self
    {
        return new self(...['mark' => sprintf('%02d', $number)] + get_object_vars($this));
    }

    /** Along the bar. */
    public function length(): float
    {
        return $this->outline > 0.0
            ? $this->outline
            : $this->run->to - $this->run->from + $this->run->bent() * $this->run->leg;
    }

    /** In mm, or in inches. */
    public function shape(UnitSystem $units): string
    {
        $size = fn (float $mm): string => self::size($mm, $units);
        [$between, $leg] = [$size($this->run->to - $this->run->from), $size($this->run->leg)];
        $n = $this->run->bent();

        return match (true) {
            $this->form !== '' => $this->form,
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
        return (($this->number * $this->length() * M_PI * $this->bar->diameter ** 2) / 4) * self::STEEL;
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
            'number' => $this->number,
            'from' => $this->run->from,
            'to' => $this->run->to,
            'bends' => $this->run->bends,
            'length' => $this->length(),
            'shape' => $this->shape($units),
            'mass' => $this->mass(),
        ];
    }
}
