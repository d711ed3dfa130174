<?php

declare(strict_types=1);

use App\Models\Member;

beforeEach(function (): void {
    $this->actingAs($this->user = engineer());
    $this->job = jobOf($this->user);
});

it('answers for collapse and influence lines and stores nothing', function (): void {
    $held = document(['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]]);
    $this->postJson('/api/collapse', ['document' => $held])
        ->assertOk()
        ->assertJsonPath('combination', 'STR 1')
        ->assertJsonPath('hinges.0.sagging', true);
    $this->postJson('/api/collapse', ['document' => $held, 'combination' => 'STR 2'])
        ->assertOk()
        ->assertJsonPath('combination', 'STR 2');
    $this->postJson('/api/collapse', ['document' => $held, 'combination' => ['x']])
        ->assertOk()
        ->assertJsonPath('combination', 'STR 1');
    $this->postJson('/api/collapse', ['document' => document(['length' => ''])])
        ->assertStatus(422)
        ->assertJsonStructure(['errors' => ['length']]);
    $ask = ['effect' => 'R', 'x' => '', 'support' => 1, 'load' => '2 kN/m', 'axles' => []];
    $this->postJson('/api/influence', ['document' => document(), 'influence' => $ask])
        ->assertOk()
        ->assertJsonPath('max.on', ['span 1']);
    $this->postJson('/api/influence', [
        'document' => document(),
        'influence' => [...$ask, 'support' => 5],
    ])->assertStatus(422);
    $this->postJson('/api/reserve', ['document' => document()])
        ->assertOk()
        ->assertJsonPath('all.state', 'found')
        ->assertJsonPath('changes.0.holds', true);
    $this->postJson('/api/reserve', ['document' => document(['section' => 'IPE 1'])])
        ->assertStatus(422)
        ->assertJsonStructure(['errors' => ['section']]);
    expect(Member::query()->count())->toBe(0);
});

it('asks for a sign-in first', function (string $path): void {
    auth()->logout();
    $this->postJson("/api/{$path}", ['document' => document()])->assertStatus(401);
})->with(['design', 'collapse', 'influence', 'shortlist', 'reserve']);

it(
    'weighs every member again when the rules of combination change, and says what they do not cover',
    function (): void {
        $light = memberOf($this->job, ['length' => '3 m', 'supports' => [supportAt('0 m'), supportAt('3 m')]]);
        $heavy = memberOf($this->job);
        $change = fn (string $rules) => $this->putJson("/api/jobs/{$this->job->id}", [
            'basisRevision' => $this->job->fresh()->basis_revision,
            'basis' => ['standard' => 'EN', 'units' => 'metric', 'combinations' => $rules],
        ]);
        $change('nbc-2020')->assertOk();
        expect($light->fresh()?->summary['state'])
            ->toBe('uncovered')
            ->and($light->fresh()?->summary['reason'])
            ->toContain('CSA S16');
        $change('classic')->assertOk();
        expect($light->fresh()?->summary['state'])
            ->toBe('holds')
            ->and($heavy->fresh()?->summary['state'])
            ->toBe('fails');
        $change('by feeling')->assertStatus(422);
    },
);

it('prints a member with everything that a sheet can show', function (): void {
    $member = memberOf($this->job, [
        'collapse' => true,
        'arrangement' => 'alternate',
        'influence' => [['effect' => 'M', 'x' => '3 m', 'support' => 0, 'load' => '1 kN/m', 'axles' => []]],
        'supports' => [supportAt('0 m', 'fixed'), [...supportAt('6 m'), 'bearsOnly' => true]],
        'loads' => [
            lineLoad('g', '5 kN/m'),
            lineLoad('q', '10 kN/m', ['area' => '40 m²']),
            ['id' => 'k', 'case' => 'q', 'kind' => 'concentrated', 'value' => '4.5 kN'],
        ],
    ]);
    $text = json_encode(
        $this->getJson("/api/members/{$member->id}/sheet?full=1")
            ->assertOk()
            ->json(),
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
    );
    expect($text)->toContain(
        'Plastic collapse',
        'Influence lines',
        'Uplift of support 2',
        'bears only',
        'EN 1991-1-1, 6.3.1.2(10)',
        'at the worst place',
        'two adjacent spans',
    );
});
