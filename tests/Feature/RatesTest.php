<?php

declare(strict_types=1);

it('keeps rates and favourites for all of an office', function (): void {
    $this->actingAs(engineer())
        ->getJson('/api/rates')
        ->assertExactJson(['price' => null, 'coating' => null, 'carbon' => null, 'currency' => '', 'favourites' => []]);
    $this->patchJson('/api/rates', ['price' => '1.5', 'currency' => 'EUR'])
        ->assertOk()
        ->assertJsonPath('price', 1.5);
    $this->patchJson('/api/rates/favourite', ['section' => 'HEB 100', 'favourite' => true])
        ->assertOk()
        ->assertJsonPath('favourites', ['HEB 100']);
    $this->patchJson('/api/rates', ['coating' => '30', 'favourites' => []])
        ->assertOk()
        ->assertJsonPath('price', 1.5)
        ->assertJsonPath('favourites', ['HEB 100']);
    // HEB 100: 20.4 kg/m, 0.567 m²/m.
    $row = $this->actingAs(engineer())
        ->postJson('/api/shortlist', ['document' => document(['families' => ['HEB']])])
        ->assertOk()
        ->json('0');
    expect($row['favourite'])
        ->toBeTrue()
        ->and($row['price'])
        ->toBeNear(20.4 * 1.5 + 0.567 * 30, 5e-3)
        ->and($row['carbon'])
        ->toBeNull();
    $this->actingAs(engineer('Birch Office'))->getJson('/api/rates')->assertJsonPath('price', null);
    $this->actingAs(engineer())
        ->patchJson('/api/rates/favourite', ['section' => 'HEB 100', 'favourite' => false])
        ->assertJsonPath('favourites', []);
    $this->patchJson('/api/rates', ['price' => ''])->assertJsonPath('price', null);
});

it('says what is no rate at its field and keeps what was there', function (
    string $path,
    array $change,
    string $field,
): void {
    $this->actingAs(engineer())
        ->patchJson('/api/rates', ['price' => 2])
        ->assertOk();
    $answer = $this->patchJson($path, $change)->assertStatus(422);
    expect(array_key_first($answer->json('errors')))->toBe($field);
    $this->getJson('/api/rates')->assertJsonPath('price', 2);
})->with([
    ['/api/rates', ['price' => 'cheap'], 'price'],
    ['/api/rates/favourite', ['section' => 'IPE 305', 'favourite' => true], 'favourites'],
    ['/api/rates/favourite', ['favourite' => true], 'favourites'],
]);

it('asks who is there', function (): void {
    $this->getJson('/api/rates')->assertUnauthorized();
    $this->patchJson('/api/rates', [])->assertUnauthorized();
});
