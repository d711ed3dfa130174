<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->actingAs($this->user = engineer());
});

it('makes, lists and changes a job', function (): void {
    $id = $this->postJson('/api/jobs', ['name' => 'Boat shed', 'client' => 'Club'])
        ->assertCreated()
        ->json('id');
    $this->patchJson("/api/jobs/{$id}", [
        'number' => '26-1',
        'basisRevision' => 1,
        'basis' => ['standard' => 'EN', 'units' => 'us', 'combinations' => '6.10a/b'],
    ])
        ->assertOk()
        ->assertJsonPath('basis.combinations', '6.10a/b');
    memberOf(App\Models\Job::query()->findOrFail($id));
    $this->getJson('/api/jobs')
        ->assertJsonPath('0.name', 'Boat shed')
        ->assertJsonPath('0.members', 1)
        ->assertJsonPath('0.failing', 1);
});

it('refuses bad fields in words', function (array $body, string $field, string $says): void {
    $job = jobOf($this->user);
    $response = $this->patchJson("/api/jobs/{$job->id}", $body)->assertStatus(422);
    expect($response->json('errors')[$field][0])->toContain($says);
})->with([
    'no name' => [['name' => ''], 'name', 'needs a name'],
    'long name' => [['name' => str_repeat('x', 10_000)], 'name', 'too long'],
    'name that is no text' => [['name' => ['x']], 'name', 'must be a text'],
    'another standard' => [['basis' => ['standard' => 'XX']], 'basis.standard', 'Eurocodes'],
    'factor far out' => [
        ['basis' => ['parameters' => ['gammaQ' => 1e30]]],
        'basis.parameters.gammaQ',
        'between 1 and 2',
    ],
    'ψ far out' => [
        ['basis' => ['parameters' => ['psi' => ['B' => [2, 0.5, 0.3]]]]],
        'basis.parameters.psi.B.0',
        'between 0 and 1',
    ],
]);

it('weighs its members again when the basis changes, to the same ratio in other units', function (): void {
    $job = jobOf($this->user);
    $member = memberOf($job, ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]]);
    $ratio = $member->summary['ratio'];
    $this->patchJson("/api/jobs/{$job->id}", ['basisRevision' => 1, 'basis' => ['units' => 'us']])->assertOk();
    expect($member->fresh()?->summary['ratio'])->toBe($ratio);
    $this->patchJson("/api/jobs/{$job->id}", [
        'basisRevision' => 2,
        'basis' => ['deflection' => ['total' => 500]],
    ])->assertJsonPath('members.0.summary.ratio', fn (float $r): bool => $r > 1.15 * $ratio);
});

it('copies a job with its members', function (): void {
    $job = jobOf($this->user);
    memberOf($job, ['mark' => 'B1']);
    memberOf($job, ['mark' => 'B2']);
    $copy = $this->postJson("/api/jobs/{$job->id}/copy")
        ->assertCreated()
        ->json();
    expect($copy['name'])
        ->toBe('Boat shed (copy)')
        ->and(array_column($copy['members'], 'mark'))
        ->toBe(['B1', 'B2'])
        ->and($copy['id'])
        ->not->toBe($job->id);
});

it('deletes with a way back', function (): void {
    $job = jobOf($this->user);
    $this->deleteJson("/api/jobs/{$job->id}")->assertOk();
    $this->getJson("/api/jobs/{$job->id}")
        ->assertNotFound()
        ->assertJsonPath('message', 'This no longer exists; it may have been deleted in another window.');
    $this->postJson("/api/jobs/{$job->id}/restore")->assertOk();
    $this->getJson("/api/jobs/{$job->id}")->assertOk();
});
