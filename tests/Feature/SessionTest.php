<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Hash;

it('signs in and out', function (): void {
    $user = engineer();
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'correct horse'])
        ->assertOk()
        ->assertJsonPath('user.office', 'Alder Office');
    $this->getJson('/api/session')->assertJsonPath('user.email', $user->email);
    $this->deleteJson('/api/session')->assertOk();
    $this->getJson('/api/session')->assertJsonPath('user', null);
});

it('refuses a wrong password, an unknown address and empty fields in words', function (): void {
    $user = engineer();
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'wrong'])
        ->assertStatus(422)
        ->assertJsonPath('errors.password.0', 'E-mail address and password do not match.');
    $this->postJson('/api/session', ['email' => 'nobody@example.test', 'password' => 'wrong'])
        ->assertStatus(422)
        ->assertJsonPath('errors.password.0', 'E-mail address and password do not match.');
    $this->postJson('/api/session', ['email' => '', 'password' => ''])
        ->assertStatus(422)
        ->assertJsonPath('errors.email.0', 'Enter your e-mail address.');
    $this->postJson('/api/session', ['email' => ['x'], 'password' => ['y']])->assertStatus(422);
});

it('lets nobody try passwords without end', function (): void {
    foreach (range(1, 10) as $i) {
        $this->postJson('/api/session', ['email' => 'a@example.test', 'password' => "guess {$i}"])->assertStatus(422);
    }
    $this->postJson('/api/session', ['email' => 'a@example.test', 'password' => 'guess'])
        ->assertStatus(429)
        ->assertJsonPath('message', 'Too many tries. Wait a minute and try again.');
});

it('keeps passwords hashed', function (): void {
    $hash = engineer()->getAuthPassword();
    expect($hash)->not->toContain('correct horse')->and(Hash::check('correct horse', $hash))->toBeTrue();
});

it('opens the demo with one click only when it is loaded', function (): void {
    config(['waage.demo' => true]);
    $this->getJson('/api/session')->assertJsonPath('demo', false);
    $this->postJson('/api/session/demo')->assertNotFound();
    $this->seed(DemoSeeder::class);
    $this->postJson('/api/session/demo')->assertOk()->assertJsonPath('user.email', 'demo@waage.example');
    $this->seed(DemoSeeder::class);
    expect(User::query()->count())->toBe(1);
});

it('shows a demo with a beam that fails for a reason, a tight one and a continuous one', function (): void {
    config(['waage.demo' => true]);
    $this->seed(DemoSeeder::class);
    $this->postJson('/api/session/demo');
    $jobs = $this->getJson('/api/jobs')->assertOk()->json();
    // The one changed last stands first: that may be either of the two.
    $club = collect($jobs)->firstWhere('name', 'Grebe Point Rowing Club');
    $members = collect($this->getJson("/api/jobs/{$club['id']}")->json('members'));
    expect($members->count())
        ->toBeGreaterThanOrEqual(4)
        ->and($members->pluck('summary.state')->unique()->values()->all())
        ->toEqualCanonicalizing(['holds', 'fails'])
        ->and($members->firstWhere('summary.state', 'fails')['summary']['reason'])
        ->not->toBe('')
        ->and($members->filter(fn (array $m): bool => $m['summary']['ratio'] > 0.9 && $m['summary']['ratio'] <= 1.0))
        ->not->toBeEmpty()
        ->and($members->filter(fn (array $m): bool => count($m['summary']['supports']) > 3))
        ->not->toBeEmpty();
});

it('shows a second job by American standards, whose members hold', function (): void {
    config(['waage.demo' => true]);
    $this->seed(DemoSeeder::class);
    $this->postJson('/api/session/demo');
    $library = collect($this->getJson('/api/jobs')->assertOk()->json())->firstWhere('name', 'Heron Landing Library');
    $job = $this->getJson("/api/jobs/{$library['id']}")
        ->assertOk()
        ->assertJsonPath('basis.units', 'us')
        ->assertJsonPath('basis.combinations', 'asce-7-22-lrfd')
        ->json();
    expect(array_column($job['members'], 'mark'))
        ->toBe(['A1', 'A2', 'A3', 'C1', 'M1', 'C2', 'A4', 'A5', 'A6', 'A7', 'F1', 'F2', 'F3', 'F4', 'F5'])
        ->and(array_unique(array_column(array_column($job['members'], 'summary'), 'state')))
        ->toBe(['holds']);
    // Loaded once: what is changed stays changed.
    $this->seed(DemoSeeder::class);
    expect($this->getJson('/api/jobs')->json())->toHaveCount(4);
});

it('serves the page at every address of the browser', function (string $path): void {
    $this->withoutVite()->get($path)->assertOk()->assertSee('<div id="app"', false);
})->with(['/', '/jobs', '/jobs/1', '/members/3/sheet', '/nowhere']);
