<?php

declare(strict_types=1);

/** @return array<string, mixed> */
function floorBuildUp(string $weight = '25 kN/m³', string $name = 'Floor'): array
{
    return [
        'name' => $name,
        'layers' => [
            ['name' => 'Slab', 'thickness' => '200 mm', 'weight' => $weight],
            ['name' => 'Screed', 'thickness' => '', 'weight' => '1.2 kN/m²'],
        ],
    ];
}

it('keeps build-ups for all of an office, one of a name', function (): void {
    $this->actingAs(engineer())->getJson('/api/build-ups')->assertExactJson([]);
    $this->postJson('/api/build-ups', ['buildUp' => floorBuildUp()])->assertOk();
    $this->postJson('/api/build-ups', ['buildUp' => floorBuildUp(name: 'Roof')])
        ->assertOk()
        ->assertJsonCount(2);
    $this->postJson('/api/build-ups', ['buildUp' => floorBuildUp('24 kN/m³')])
        ->assertOk()
        ->assertJsonCount(2)
        ->assertJsonPath('1.layers.0.weight', '24 kN/m³');
    $this->actingAs(engineer())->getJson('/api/build-ups')->assertJsonCount(2);
    $this->actingAs(engineer('Birch Office'))->getJson('/api/build-ups')->assertExactJson([]);
    $this->actingAs(engineer())
        ->deleteJson('/api/build-ups', ['name' => 'Floor'])
        ->assertOk()
        ->assertJsonCount(1)
        ->assertJsonPath('0.name', 'Roof');
});

it('keeps nothing that a job could not use', function (mixed $buildUp, string $field): void {
    $answer = $this->actingAs(engineer())
        ->postJson('/api/build-ups', ['buildUp' => $buildUp])
        ->assertStatus(422);
    expect(array_key_first($answer->json('errors')))->toBe($field);
    $this->getJson('/api/build-ups')->assertExactJson([]);
})->with([
    'no name' => [floorBuildUp(name: ' '), 'basis.buildUps.0.name'],
    'no number' => [floorBuildUp('heavy'), 'basis.buildUps.0.layers.0.weight'],
    'nothing' => [null, 'basis.buildUps.0'],
]);
