<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Material\Make;
use Waage\Material\Reinforced;

final readonly class ShortlistRow
{
    public function __construct(public Make $make, public Verdict $verdict)
    {
    }

    /**
     * @return array{name: string, family: string, depth: float, width: float, weight: float, surface: float,
     *     steel: float|null, steelByVolume: float|null, price: float|null, carbon: float|null, favourite: bool,
     *     holds: bool, ratio: float|null, governs: string, reason: string, patch: array<string, mixed>}
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
            'steel' => $this->make instanceof Reinforced ? $this->make->steelByLength() : null,
            'steelByVolume' => $this->make instanceof Reinforced ? $this->make->steelByVolume() : null,
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
