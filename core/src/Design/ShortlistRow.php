<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Sections\Section;

final readonly class ShortlistRow
{
    public function __construct(public Section $section, public Verdict $verdict)
    {
    }

    /** @return array{name: string, family: string, depth: float, width: float, weight: float, surface: float, price: float|null, carbon: float|null, favourite: bool, holds: bool, ratio: float|null, governs: string, reason: string} */
    public function toArray(Rates $rates): array
    {
        return [
            'name' => $this->section->name,
            'family' => $this->section->family,
            'depth' => $this->section->h,
            'width' => $this->section->b,
            'weight' => $this->section->weight(),
            'surface' => $this->section->surface(),
            'price' => $rates->pricePerMetre($this->section),
            'carbon' => $rates->carbonPerMetre($this->section),
            'favourite' => in_array($this->section->name, $rates->favourites, true),
            'holds' => $this->verdict->holds(),
            'ratio' => $this->verdict->ratio,
            'governs' => $this->verdict->title,
            'reason' => $this->verdict->reason,
        ];
    }
}
