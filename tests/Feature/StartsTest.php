<?php

declare(strict_types=1);

it('lets new members of a kind start as the office says, and puts that back', function (): void {
    $document = document(['mark' => 'B7', 'title' => 'Mine', 'kind' => 'beam', 'grade' => 'S275']);
    $this->actingAs(engineer())->putJson('/api/starts/steel beam', ['document' => $document])->assertOk()
        ->assertJsonPath('steel beam.grade', 'S275')->assertJsonMissingPath('steel beam.mark')->assertJsonMissingPath('steel beam.loads');
    $this->actingAs(engineer('Birch Office'))->getJson('/api/starts')->assertExactJson([]);
    $this->actingAs(engineer())->deleteJson('/api/starts/steel beam')->assertOk()->assertExactJson([]);
});

it('says what is no start', function (string $kind, mixed $document, int $status): void {
    $this->actingAs(engineer())->putJson("/api/starts/{$kind}", ['document' => $document])->assertStatus($status);
})->with([['steel beam', 'no', 422], ['steel beam', ['format' => 'other'], 422], ['STEEL', [], 404]]);

it('asks who is there', function (): void {
    $this->getJson('/api/starts')->assertUnauthorized();
});
