<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** A bar that is bent to a form and does not run along the member: its length (mm), and what it looks like. */
final readonly class BarForm
{
    public function __construct(public float $length, public string $text)
    {
    }
}
