<?php

declare(strict_types=1);

use Waage\Design\Rates;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Member\InvalidMember;

it('has the surface of the published tables', function (string $name, float $published): void {
    expect(section($name)->surface() / 1000)->toBeNear($published, 0.005);
})->with([
    // Painting surface A_L in m²/m of the tables after EN 10365 (from memory).
    ['IPE 200', 0.768],
    ['IPE 300', 1.16],
    ['IPE 600', 2.015],
    ['HEA 200', 1.136],
    ['HEB 300', 1.732],
    ['HEM 300', 1.832],
]);

it('has the surface of its outline walked round', function (string $name): void {
    $s = section($name);
    // A quarter: half of the outside of a flange, its edge, its inside up to the fillet, the fillet, half of the web.
    $quarter = $s->b / 2 + $s->tf + ($s->b - $s->tw) / 2 - $s->r + (M_PI / 2) * $s->r + $s->hw / 2 - $s->r;
    expect($s->surface())->toBeNear(4 * $quarter, 1e-12);
})->with(['IPE 80', 'HEB 260', 'HEM 1000', 'UB 457 x 191 x 67']);

it('makes a price and carbon of a metre, as far as the office gives rates', function (): void {
    $s = section('IPE 300');
    // 42.2 kg/m and 1.160 m²/m of the tables.
    $rates = Rates::read(['price' => '1.5', 'coating' => 30, 'carbon' => 1.2, 'currency' => ' EUR ']);
    expect($rates->pricePerMetre(made($s->name)))
        ->toBeNear(42.2 * 1.5 + 1.16 * 30, 2e-3)
        ->and($rates->carbonPerMetre(made($s->name)))
        ->toBeNear(42.2 * 1.2, 2e-3)
        ->and($rates->currency)
        ->toBe('EUR')
        ->and(Rates::read(['coating' => 30, 'price' => ''])->pricePerMetre(made($s->name)))
        ->toBeNear(1.16 * 30, 2e-3)
        ->and(Rates::read([])->pricePerMetre(made($s->name)))
        ->toBeNull()
        ->and(Rates::read(['price' => 1])->carbonPerMetre(made($s->name)))
        ->toBeNull()
        ->and(Rates::read($rates->toArray()))
        ->toEqual($rates);
});

it('puts them on the shortlist, with the favourites', function (): void {
    $rates = Rates::read(['price' => 2, 'favourites' => ['IPE 300', 'IPE 300']]);
    $rows = array_map(fn ($r): array => $r->toArray($rates), design(['families' => ['IPE']])->shortlist());
    expect(array_column(array_filter($rows, fn (array $r): bool => $r['favourite']), 'name'))
        ->toBe(['IPE 300'])
        ->and(array_column($rows, 'price', 'name')['IPE 400'])
        ->toBeNear(2 * 66.3, 2e-3)
        ->and($rows[0]['carbon'])
        ->toBeNull();
});

it('refuses what is no rate', function (array $rates, string $field): void {
    expect(fn () => Rates::read($rates))->toThrow(function (InvalidMember $e) use ($field): void {
        expect($e->errors[0]->path)->toBe($field);
    });
})->with([
    'a word' => [['price' => 'cheap'], 'price'],
    'below nothing' => [['coating' => -1], 'coating'],
    'as heavy as gold' => [['carbon' => 2000], 'carbon'],
    'a long currency' => [['currency' => 'guilders'], 'currency'],
    'no section' => [['favourites' => ['IPE 305']], 'favourites'],
    'no list' => [['favourites' => 'IPE 300'], 'favourites'],
    'too many' => [['favourites' => array_fill(0, 501, array_key_first(Catalogue::all()))], 'favourites'],
]);
