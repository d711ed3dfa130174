<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** A row of a bar list: alike bars with their number, where they lie along the member, how they are bent; mm, kg. */
final readonly class ListedBar
{
    /** kg/mm³ */
    private const STEEL = 7.85e-6;

    /**
     * @param  'bottom'|'top'|'link'|'across'  $face
     * @param  float  $outline  length of a bar that is bent to a form; 0: it runs along the member
     */
    public function __construct(
        public string $mark,
        public string $where,
        public string $face,
        public float $diameter,
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

    public function shape(): string
    {
        $between = round($this->run->to - $this->run->from);
        [$leg, $n] = [round($this->run->leg), $this->run->bent()];

        return match (true) {
            $this->form !== '' => $this->form,
            $n === 0 => "straight: {$between}",
            $n === 1 => "bent at one end: {$between} + {$leg}",
            default => "bent at both ends: {$leg} + {$between} + {$leg}",
        };
    }

    /** Of all of them. */
    public function mass(): float
    {
        return (($this->number * $this->length() * M_PI * $this->diameter ** 2) / 4) * self::STEEL;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'mark' => $this->mark,
            'where' => $this->where,
            'face' => $this->face,
            'diameter' => $this->diameter,
            'number' => $this->number,
            'from' => $this->run->from,
            'to' => $this->run->to,
            'bends' => $this->run->bends,
            'length' => $this->length(),
            'shape' => $this->shape(),
            'mass' => $this->mass(),
        ];
    }
}
