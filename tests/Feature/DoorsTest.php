<?php

declare(strict_types=1);

use App\Models\User;
use App\Services\MemberStore;

beforeEach(function (): void {
    $this->actingAs($this->user = engineer());
    $this->job = jobOf($this->user);
});

it('says to the browser what the page may do', function (string $path): void {
    $headers = $this->withoutVite()->get($path)->headers;
    expect($headers->get('Content-Security-Policy'))
        ->toContain("script-src 'self';", "frame-ancestors 'none'")
        ->not->toContain('unsafe-eval')
        ->and($headers->get('X-Content-Type-Options'))
        ->toBe('nosniff')
        ->and($headers->get('Referrer-Policy'))
        ->toBe('same-origin')
        ->and($headers->has('X-Powered-By'))
        ->toBeFalse();
})->with(['/', '/api/jobs', '/api/nothing']);

it('takes whole numbers, or there is nothing', function (string $path): void {
    $this->getJson("/api/{$path}")->assertNotFound();
})->with(['jobs/1abc', 'jobs/-1', 'jobs/1.5', 'jobs/0x1', 'members/99999999999999999999', 'packs/1e3', 'members/1%00']);

it('refuses a body that cannot be read, with the reason', function (string $body, string $type, string $says): void {
    $answer = $this->call(
        'POST',
        '/api/jobs',
        server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
        content: $body,
    )->assertStatus(422);
    expect($answer->json('message'))->toContain($says);
})->with([
    'broken' => ['{"name": ', 'application/json', 'not JSON'],
    'not UTF-8' => ["{\"name\": \"\xff\xfe\"}", 'application/json', 'not UTF-8'],
    'half of a letter' => ['{"name": "\ud800"}', 'application/json', 'not UTF-8'],
    'nested' => [str_repeat('[', 90).str_repeat(']', 90), 'application/json', 'nested too deeply'],
    'a form' => ['name=Shed', 'application/x-www-form-urlencoded', 'not JSON'],
]);

it('keeps nothing under the name of a basis that is none', function (array $basis, string $field, string $says): void {
    $answer = $this->patchJson("/api/jobs/{$this->job->id}", ['basisRevision' => 1, 'basis' => $basis])->assertStatus(
        422,
    );
    expect($answer->json('errors')[$field][0])
        ->toContain($says)
        ->and($this->job->fresh()?->basis_revision)
        ->toBe(1);
})->with([
    'large' => [fn (): array => ['units' => 'metric', 'more' => str_repeat('x', 700_000)], 'basis', 'too large'],
    'foreign' => [['units' => 'metric', 'colour' => 'red'], 'basis', '“colour” is not part of a basis.'],
    'foreign inside' => [['parameters' => ['gammaZ' => 1]], 'basis.parameters', '“gammaZ” is not part'],
]);

it('takes a basis as it gives it, with empty parts', function (): void {
    $basis = ['standard' => 'EN', 'units' => 'metric', 'parameters' => [], 'deflection' => [], 'buildUps' => []];
    $this->patchJson("/api/jobs/{$this->job->id}", ['basisRevision' => 1, 'basis' => $basis])
        ->assertOk()
        ->assertJsonPath('basisRevision', 2);
});

it('loses none of two changes of a basis', function (): void {
    $change = fn (int $revision, int $total) => $this->patchJson("/api/jobs/{$this->job->id}", [
        'basisRevision' => $revision,
        'basis' => ['deflection' => ['total' => $total]],
    ]);
    $change(1, 300)->assertOk()->assertJsonPath('basisRevision', 2);
    $change(1, 400)
        ->assertStatus(409)
        ->assertJsonPath('current.basisRevision', 2)
        ->assertJsonPath('current.basis.deflection.total', 300)
        ->assertJsonPath('message', 'This job was changed in another window since you opened it.');
    // Texts of the job are none of it.
    $this->patchJson("/api/jobs/{$this->job->id}", ['client' => 'Club'])->assertOk();
    $change(2, 400)->assertOk();
});

it('takes so much into the demo and no more', function (): void {
    $demo = User::factory()->create(['office_id' => $this->user->office_id, 'email' => User::DEMO]);
    config(['waage.demo' => true]);
    $member = memberOf($this->job);
    $rows = array_fill(0, 8000, [
        ...Illuminate\Support\Arr::except($member->fresh()?->getAttributes() ?? [], ['id']),
        'document' => '{}',
        'summary' => '{}',
    ]);
    foreach (array_chunk($rows, 2000) as $some) {
        App\Models\Member::query()->insert($some);
    }
    $this->actingAs($demo)
        ->postJson('/api/jobs', ['name' => 'One more'])
        ->assertStatus(422)
        ->assertJsonPath(
            'message',
            'The demo is full just now. What others have left in it is cleared away after a week.',
        );
    $this->postJson("/api/jobs/{$this->job->id}/members", ['document' => document()])->assertStatus(422);
    $this->actingAs($this->user)
        ->postJson('/api/jobs', ['name' => 'Real work'])
        ->assertCreated();
});

it('keeps texts of any letters', function (): void {
    $name = "Überdachung 📐 \u{202E}abc ' \" <b> \\ %s {{ 7*7 }}";
    $this->postJson('/api/jobs', ['name' => $name])
        ->assertCreated()
        ->assertJsonPath('name', $name);
    $member = app(MemberStore::class)->create($this->job, document(['title' => $name]));
    $this->getJson("/api/members/{$member->id}")->assertJsonPath('document.title', $name);
});
