<?php

declare(strict_types=1);

use App\Models\Member;

beforeEach(function (): void {
    $this->actingAs($this->user = engineer());
    $this->job = jobOf($this->user);
});

it('makes a member and shows its verdict in the list', function (): void {
    $this->postJson("/api/jobs/{$this->job->id}/members", ['document' => document(['mark' => 'B7'])])
        ->assertCreated()
        ->assertJsonPath('mark', 'B7')
        ->assertJsonPath('summary.state', 'fails')
        ->assertJsonPath('summary.governs', 'Lateral-torsional buckling');
});

it('keeps a document that is not complete yet', function (): void {
    $member = memberOf($this->job, ['length' => '6 ells', 'section' => '']);
    expect($member->fresh()?->document['length'])
        ->toBe('6 ells')
        ->and($member->summary['state'])
        ->toBe('incomplete')
        ->and($member->summary['reason'])
        ->toContain('not a unit');
});

it('saves with a revision and refuses a stale one without losing either', function (): void {
    $member = memberOf($this->job);
    $save = fn (string $title, int $revision) => $this->putJson("/api/members/{$member->id}", [
        'document' => document(['title' => $title]),
        'revision' => $revision,
    ]);
    $save('first', 1)->assertOk()->assertJsonPath('revision', 2);
    $save('other window', 1)
        ->assertStatus(409)
        ->assertJsonPath('current.revision', 2)
        ->assertJsonPath('current.document.title', 'first');
    $save('first', 2)->assertOk()->assertJsonPath('revision', 2);
    expect($member->fresh()?->title)->toBe('first');
});

it('refuses what is no member file', function (array|string|null $document, string $says): void {
    $member = memberOf($this->job);
    $response = $this->putJson("/api/members/{$member->id}", ['document' => $document, 'revision' => 1])->assertStatus(
        422,
    );
    expect($response->json('message'))->toContain($says)->and($member->fresh()?->revision)->toBe(1);
})->with([
    'nothing' => [null, 'not a Waage member file'],
    'a text' => ['abc', 'not a Waage member file'],
    'a list' => [[1, 2], 'not a Waage member file'],
    'foreign JSON' => [['type' => 'FeatureCollection'], 'not a Waage member file'],
    'later version' => [['format' => 'waage-member', 'version' => 9], 'versions 1 to 5'],
    'far too large' => [fn (): array => document(['notes' => str_repeat('x', 1_100_000)]), 'too large'],
]);

it('answers broken JSON and deep nesting with a sentence', function (): void {
    $member = memberOf($this->job);
    $this->call(
        'PUT',
        "/api/members/{$member->id}",
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: '{"document": ',
    )->assertStatus(422);
    $deep = json_decode(str_repeat('[', 400).str_repeat(']', 400), true);
    $this->putJson("/api/members/{$member->id}", ['document' => document(['loads' => $deep]), 'revision' => 1])
        ->assertStatus(422)
        ->assertJsonPath('message', 'This is not a Waage member file: it is nested too deeply.');
});

it('says when the member or its job was deleted in another window', function (): void {
    $member = memberOf($this->job);
    $this->deleteJson("/api/jobs/{$this->job->id}")->assertOk();
    $this->putJson("/api/members/{$member->id}", ['document' => document(), 'revision' => 1])
        ->assertNotFound()
        ->assertJsonPath('message', 'This no longer exists; it may have been deleted in another window.');
    $this->getJson("/api/members/{$member->id}")->assertNotFound();
    $this->postJson("/api/jobs/{$this->job->id}/restore");
    $this->deleteJson("/api/members/{$member->id}")->assertOk();
    $this->getJson("/api/members/{$member->id}")->assertNotFound();
    $this->postJson("/api/members/{$member->id}/restore")->assertOk();
    $this->getJson("/api/members/{$member->id}")->assertOk();
});

it('copies, orders and exports', function (): void {
    $a = memberOf($this->job, ['mark' => 'A']);
    $b = memberOf($this->job, ['mark' => 'B']);
    $copy = $this->postJson("/api/members/{$a->id}/copy")
        ->assertCreated()
        ->json('id');
    $marks = fn (): array => array_column($this->getJson("/api/jobs/{$this->job->id}")->json('members'), 'mark');
    expect($marks())->toBe(['A', 'A copy', 'B']);
    $this->putJson("/api/jobs/{$this->job->id}/order", ['members' => [$b->id, $copy, $a->id]])->assertOk();
    expect($marks())->toBe(['B', 'A copy', 'A']);
    $file = $this->get("/api/members/{$a->id}/file")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="A.waage.json"')
        ->json();
    expect($file['basis'])->toBe($this->job->basis);
    $this->postJson("/api/jobs/{$this->job->id}/members", ['document' => $file])
        ->assertCreated()
        ->assertJsonPath('mark', 'A');
    expect(Member::query()->count())->toBe(4);
});

it('designs without storing', function (): void {
    $this->postJson('/api/design', ['document' => document(), 'show' => 'case:g'])
        ->assertOk()
        ->assertJsonPath('verdict.holds', false)
        ->assertJsonPath('shown.M.max.0.2', -1);
    $this->postJson('/api/shortlist', ['document' => document(['families' => ['HEB']])])
        ->assertOk()
        ->assertJsonCount(24)
        ->assertJsonPath('0.name', 'HEB 100');
    expect(Member::query()->count())->toBe(0);
});

it('tells every bad field with its path', function (): void {
    $this->postJson('/api/design', [
        'document' => document(['length' => '1/0 m', 'loads' => [lineLoad('g', '10^30 kN/m')]]),
    ])
        ->assertStatus(422)
        ->assertJsonPath('errors.length.0', 'This divides by zero.')
        ->assertJsonPath('errors', fn (array $e): bool => str_contains($e['loads.0.value'][0], '^30'));
    $this->postJson('/api/design', ['document' => document(['loads' => array_fill(0, 5000, lineLoad('g', '1 kN/m'))])])
        ->assertStatus(422)
        ->assertJsonPath('errors.loads.0', 'There are 5000 loads; a member can have at most 500.');
    $this->postJson('/api/design', [])->assertStatus(422);
    $this->postJson('/api/design', ['document' => document(), 'show' => ['x' => 1]])->assertOk();
});

it('never breaks on junk in any field', function (): void {
    foreach (array_keys(document()) as $key) {
        foreach ([null, true, -1, 'x', [[]], ['x' => null]] as $junk) {
            expect($this->postJson('/api/design', ['document' => document([$key => $junk])])->status())->toBeIn([
                200,
                422,
            ]);
        }
    }
});

it('lists what a member of timber is cut from', function (): void {
    $timber = [
        'width' => '63 mm',
        'depth' => '225 mm',
        'grade' => 'C24',
        'plies' => 2,
        'spacing' => '600 mm',
        'rowWidth' => '4.8 m',
    ];
    $member = memberOf($this->job, ['version' => 5, 'material' => 'timber', 'timber' => $timber]);
    $piece = $member->summary['pieces'][0];
    expect([$piece['name'], $piece['grade'], $piece['pieces'], $piece['length']])
        ->toEqual(['63×225', 'C24', 18, 6000])
        ->and($piece['volume'])
        ->toBeNear(18 * 0.063 * 0.225 * 6)
        ->and($piece['mass'])
        ->toBeNear(18 * 0.063 * 0.225 * 6 * 420);
    expect(memberOf($this->job)->summary)->not->toHaveKey('pieces');
});
