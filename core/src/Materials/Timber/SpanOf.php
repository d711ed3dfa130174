<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** A span or overhang that is weighed by itself, from and to in mm; where it is the only one it has no name. */
final readonly class SpanOf
{
    public function __construct(public string $name, public float $from, public float $to, private bool $isOnly)
    {
    }

    /** "bending-span-2" */
    public function id(string $id): string
    {
        return $this->isOnly ? $id : $id.'-'.str_replace(' ', '-', $this->name);
    }

    /** "Bending, span 2" */
    public function title(string $title): string
    {
        return $this->isOnly ? $title : "{$title}, {$this->name}";
    }
}
