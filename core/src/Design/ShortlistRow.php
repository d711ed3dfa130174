<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Sections\ISection;

final readonly class ShortlistRow
{
    public function __construct(public ISection $section, public Verdict $verdict)
    {
    }

    /** @return array{name: string, family: string, depth: float, width: float, weight: float, holds: bool, ratio: float|null, governs: string, reason: string} */
    public function toArray(): array
    {
        return [
            'name' => $this->section->name,
            'family' => $this->section->family,
            'depth' => $this->section->h,
            'width' => $this->section->b,
            'weight' => $this->section->weight(),
            'holds' => $this->verdict->holds,
            'ratio' => $this->verdict->ratio,
            'governs' => $this->verdict->title,
            'reason' => $this->verdict->reason,
        ];
    }
}
