<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\Registry;
use Waage\Member\Fields;
use Waage\Member\InvalidMember;

/**
 * What steel costs an office, in money and in carbon, and the sections it likes to use. Whatever is not given is null.
 */
final readonly class Rates
{
    private const MOST_FAVOURITES = 500;

    /**
     * @param  float|null  $price  of steel, per kg
     * @param  float|null  $coating  price per m² of surface
     * @param  float|null  $carbon  embodied, kg CO₂e per kg of steel
     * @param  list<string>  $favourites  names of sections
     */
    private function __construct(
        public ?float $price,
        public ?float $coating,
        public ?float $carbon,
        public string $currency,
        public array $favourites,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $in
     *
     * @throws InvalidMember
     */
    public static function read(array $in): self
    {
        $f = new Fields;
        $rate = fn (string $key, float $most): ?float => in_array($in[$key] ?? null, [null, ''], true)
            ? null
            : $f->number($in, $key, $key, 0, 0, $most);
        [$price, $coating, $carbon] = [$rate('price', 1e6), $rate('coating', 1e6), $rate('carbon', 100)];
        $currency = trim($f->text($in, 'currency', 'currency'));
        if (mb_strlen($currency) > 5) {
            $f->fail('currency', 'Give the currency by its sign or its three letters.');
        }
        $names = $in['favourites'] ?? [];
        if (! is_array($names) || count($names) > self::MOST_FAVOURITES) {
            $f->fail('favourites', 'Give at most '.self::MOST_FAVOURITES.' sections.');
            $names = [];
        }
        $known = array_filter($names, fn (mixed $name): bool => is_string($name) && self::isKnown($name));
        if (count($known) < count($names)) {
            $f->fail('favourites', 'One of these sections is not in the catalogue.');
        }
        $f->throwIfAny();

        return new self($price, $coating, $carbon, $currency, array_values(array_unique($known)));
    }

    /** Steel and coating of a metre; null when the office gives neither. */
    public function pricePerMetre(Make $make): ?float
    {
        return $this->price === null && $this->coating === null
            ? null
            : self::massPerMetre($make) * ($this->price ?? 0.0) + ($make->surface() / 1000) * ($this->coating ?? 0.0);
    }

    /** Of a metre, kg CO₂e. */
    public function carbonPerMetre(Make $make): ?float
    {
        return $this->carbon === null ? null : self::massPerMetre($make) * $this->carbon;
    }

    /**
     * @return array{price: float|null, coating: float|null, carbon: float|null, currency: string,
     *     favourites: list<string>}
     */
    public function toArray(): array
    {
        return [
            'price' => $this->price,
            'coating' => $this->coating,
            'carbon' => $this->carbon,
            'currency' => $this->currency,
            'favourites' => $this->favourites,
        ];
    }

    /** Has any material a section of this name? */
    private static function isKnown(string $name): bool
    {
        return array_filter(Registry::all(), fn (Material $m): bool => $m->knows($name)) !== [];
    }

    /** kg per metre: the weight with g = 9.80665 m/s². */
    private static function massPerMetre(Make $make): float
    {
        return ($make->weight() / 9.80665) * 1000;
    }
}
