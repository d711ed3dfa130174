<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Material\Make;

final readonly class ShortlistRow
{
    public function __construct(public Make $make, public Verdict $verdict)
    {
    }

    /**
     * @return array{name: string, family: string, depth: float, width: float, weight: float, surface: float,
     *     price: float|null, carbon: float|null, favourite: bool, holds: bool, ratio: float|null, governs: string,
     *     reason: string, patch: array<string, mixed>}
     */
    public function toArray(Rates $rates): array
    {
        return [
            'name' => $this->make->name(),
            'family' => $this->make->family(),
            'depth' => $this->make->depth(),
            'width' => $this->make->width(),
            'weight' => $this->make->weight(),
            'surface' => $this->make->surface(),
            'price' => $rates->pricePerMetre($this->make),
            'carbon' => $rates->carbonPerMetre($this->make),
            'favourite' => in_array($this->make->name(), $rates->favourites, true),
            'holds' => $this->verdict->holds(),
            'ratio' => $this->verdict->ratio,
            'governs' => $this->verdict->title,
            'reason' => $this->verdict->reason,
            'patch' => $this->make->patch(),
        ];
    }
}
