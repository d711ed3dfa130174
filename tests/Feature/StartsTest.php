<?php

declare(strict_types=1);

it('lets new members of a kind start as the office says, and puts that back', function (): void {
    $document = document(['mark' => 'B7', 'title' => 'Mine', 'kind' => 'beam', 'grade' => 'S275']);
    $this->actingAs(engineer())
        ->putJson('/api/starts', ['kind' => 'steel beam', 'document' => $document])
        ->assertOk()
        ->assertJsonPath('steel beam.grade', 'S275')
        ->assertJsonMissingPath('steel beam.mark')
        ->assertJsonMissingPath('steel beam.loads');
    $this->actingAs(engineer('Birch Office'))->getJson('/api/starts')->assertExactJson([]);
    $this->actingAs(engineer())
        ->deleteJson('/api/starts', ['kind' => 'steel beam'])
        ->assertOk()
        ->assertExactJson([]);
});

it('says what is no start', function (string $kind, mixed $document): void {
    $this->actingAs(engineer())
        ->putJson('/api/starts', ['kind' => $kind, 'document' => $document])
        ->assertStatus(422);
})->with([['steel beam', 'no'], ['steel beam', ['format' => 'other']], ['STEEL', ['format' => 'waage-member']]]);

it('asks who is there', function (): void {
    $this->getJson('/api/starts')->assertUnauthorized();
});
