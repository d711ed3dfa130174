<?php

declare(strict_types=1);

use App\Enums\PackState;
use App\Jobs\MakePack;
use App\Jobs\WeighJob;
use App\Models\Job;
use App\Models\Member;
use App\Models\Pack;
use App\Services\MemberStore;
use App\Services\Weighed;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Waage\Design\NotWanted;
use Waage\Design\Wanted;

beforeEach(function (): void {
    $this->actingAs($this->user = engineer());
    $this->job = jobOf($this->user);
});

function packOf(Job $job, PackState $state): Pack
{
    $pack = new Pack(['paper' => 'A4', 'full' => false, 'total' => 1]);
    $pack->job()->associate($job);
    $pack->state = $state;
    $pack->save();

    return $pack;
}

it('says in words that the database is away or has no room, and when to ask again', function (int $code): void {
    DB::connection()->beforeExecuting(function () use ($code): void {
        $gone = new PDOException('gone');
        $gone->errorInfo = ['HY000', $code, 'gone'];
        throw $gone;
    });
    $this->getJson('/api/jobs')
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertJsonPath('message', 'The database does not answer just now; this is tried again.');
})->with([
    'no connection' => 2002,
    'gone away' => 2006,
    'being stopped' => 1053,
    'disk full' => 1021,
    'table full' => 1114,
    'waited for a lock' => 1205,
]);

it('says that the disk is full, and when to ask again', function (): void {
    DB::connection()->beforeExecuting(function (): void {
        throw new ErrorException(
            'file_put_contents(): Write of 8192 bytes failed with errno=28 No space left on device',
        );
    });
    $this->getJson('/api/jobs')
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertJsonPath('message', 'The disk of the server is full; this is tried again.');
});

it('stores a document before it is weighed, whatever that comes to', function (): void {
    $member = memberOf($this->job);
    // As where the process ends in the middle.
    app(MemberStore::class)->update($member, document(['title' => 'kept']), 1);
    expect($member->fresh()?->title)
        ->toBe('kept')
        ->and($member->fresh()?->summary['reason'])
        ->toContain('did not come to an end');
    $this->putJson("/api/members/{$member->id}", ['document' => document(['title' => 'kept']), 'revision' => 1])
        ->assertOk()
        ->assertJsonPath('revision', 2);
    expect($member->fresh()?->state->value)->toBe('fails');
});

it('says of a member that could not be weighed that it is kept', function (): void {
    Wanted::askOf(fn (): bool => false);
    try {
        $member = memberOf($this->job, ['title' => 'odd']);
    } finally {
        Wanted::askOf(null);
    }
    expect($member->fresh()?->state->value)
        ->toBe('incomplete')
        ->and($member->fresh()?->summary['reason'])
        ->toContain('could not be weighed: a fault of Waage');
});

it('keeps a verdict only of what it was worked out of', function (): void {
    $member = memberOf($this->job);
    $store = app(MemberStore::class);
    $slow = $store->update($member, document(['section' => 'HEB 300']), 1);
    // Saved again, and the basis changed, while the first one is still weighed.
    $store->weigh($store->update($member->fresh(), document(['section' => 'HEB 400']), 2));
    $store->weigh($slow);
    expect($member->fresh()?->section)->toBe('HEB 400')->and($member->fresh()?->revision)->toBe(3);
    $slow = $store->update($member->fresh(), document(['section' => 'HEB 320']), 3);
    $slow->load('job');
    Queue::fake();
    $this->patchJson("/api/jobs/{$this->job->id}", ['basisRevision' => 1, 'basis' => ['deflection' => ['total' => 500]]])->assertOk();
    $store->weigh($slow);
    $own = new Weighed;
    expect($member->fresh()?->summary)->toEqual($own->summary($member->fresh()->load('job')->fullDocument()));
});

it('weighs a copy of a job that is just being weighed', function (): void {
    memberOf($this->job);
    Queue::fake();
    $this->patchJson("/api/jobs/{$this->job->id}", ['basisRevision' => 1, 'basis' => ['deflection' => ['total' => 500]]])->assertOk();
    $this->postJson("/api/jobs/{$this->job->id}/copy")->assertCreated();
    Queue::assertPushed(WeighJob::class, 2);
});

it('takes the same save twice for one, as an answer to it may be lost', function (): void {
    $member = memberOf($this->job);
    $save = fn () => $this->putJson("/api/members/{$member->id}", [
        'document' => document(['title' => 'once']),
        'revision' => 1,
    ]);
    $save()->assertOk()->assertJsonPath('revision', 2);
    $save()->assertOk()->assertJsonPath('revision', 2);
});

it('weighs an edit once: the save takes what the bench has just asked for', function (): void {
    config(['cache.verdicts' => 'array']);
    $member = memberOf($this->job);
    $document = document(['title' => 'edited', 'section' => 'IPE 400']);
    $this->postJson('/api/design', ['document' => [...$document, 'basis' => $this->job->basis]])->assertOk();
    // Weighing it a second time would fail.
    Wanted::askOf(fn (): bool => false);
    $this->putJson("/api/members/{$member->id}", ['document' => $document, 'revision' => 1])->assertOk();
    Wanted::askOf(null);
    expect($member->fresh()?->section)
        ->toBe('IPE 400')
        ->and($member->fresh()?->state->value)
        ->not->toBe('incomplete');
    // Of another basis it is another verdict.
    expect(
        (new Weighed())->known([...$document, 'basis' => ['units' => 'metric', 'deflection' => ['total' => 500]]]),
    )->toBeNull();
});

it(
    'answers two long questions of a person at a time, and lets a newer one take the place of an older one',
    function (): void {
        $locks = [Cache::lock("heavy {$this->user->id} 0", 60), Cache::lock("heavy {$this->user->id} 1", 60)];
        array_map(fn ($lock) => $lock->get(), $locks);
        $this->postJson('/api/reserve', ['document' => document()])
            ->assertStatus(429)
            ->assertHeader('Retry-After', '2');
        $locks[0]->release();
        $this->postJson('/api/reserve', ['document' => document()])->assertOk();
        $locks[1]->release();
        Wanted::askOf(fn (): bool => false);
        expect(fn () => Wanted::check())->toThrow(NotWanted::class);
        Wanted::askOf(null);
    },
);

it('weighs a job anew at once for all of its members', function (): void {
    $member = memberOf($this->job, [
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
    ]);
    $ratio = $member->summary['ratio'];
    Queue::fake();
    $this->patchJson("/api/jobs/{$this->job->id}", [
        'basisRevision' => 1,
        'basis' => ['deflection' => ['total' => 500]],
    ])
        ->assertOk()
        ->assertJsonPath('weighing', ['done' => 0, 'total' => 1]);
    Queue::assertPushed(WeighJob::class);
    // A job that was overtaken by a newer basis leaves everything as it is.
    app()->call([new WeighJob($this->job->id, 1), 'handle']);
    $this->getJson("/api/jobs/{$this->job->id}")
        ->assertJsonPath('members.0.summary.ratio', $ratio)
        ->assertJsonPath('weighing.total', 1);
    app()->call([new WeighJob($this->job->id, 2), 'handle']);
    $this->getJson("/api/jobs/{$this->job->id}")
        ->assertJsonPath('weighing', null)
        ->assertJsonPath('members.0.summary.ratio', fn (float $r): bool => $r > $ratio);
});

it('says of members that a failed weighing leaves that they are not weighed', function (): void {
    $member = memberOf($this->job);
    Queue::fake();
    $this->patchJson("/api/jobs/{$this->job->id}", [
        'basisRevision' => 1,
        'basis' => ['deflection' => ['total' => 500]],
    ])->assertOk();
    (new WeighJob($this->job->id, 2))->failed(new RuntimeException('out of memory'));
    expect($member->fresh()?->state->value)->toBe('incomplete');
    $this->getJson("/api/jobs/{$this->job->id}")->assertJsonPath('weighing', null);
});

it('makes one pack of an office at a time, so that it holds up nobody else', function (): void {
    memberOf($this->job);
    packOf($this->job, PackState::Working);
    $second = packOf($this->job, PackState::Waiting);
    app()->call([new MakePack($second->id), 'handle']);
    expect($second->fresh()?->state)->toBe(PackState::Waiting);
    $other = jobOf(engineer('Birch Office'));
    memberOf($other);
    $theirs = packOf($other, PackState::Waiting);
    app()->call([new MakePack($theirs->id), 'handle']);
    expect($theirs->fresh()?->state)->toBe(PackState::Ready);
    unlink($theirs->path());
});

it('ends every pack as made or as failed with the reason', function (): void {
    memberOf($this->job);
    [$silent, $lost, $fresh, $old] = array_map(fn (PackState $s): Pack => packOf($this->job, $s), [
        PackState::Working,
        PackState::Waiting,
        PackState::Working,
        PackState::Ready,
    ]);
    DB::table('packs')
        ->whereIn('id', [$silent->id, $lost->id])
        ->update(['updated_at' => now()->subMinutes(20)]);
    DB::table('packs')
        ->where('id', $old->id)
        ->update(['updated_at' => now()->subDays(8)]);
    Illuminate\Support\Facades\File::ensureDirectoryExists(dirname($old->path()));
    touch($old->path());
    $this->artisan('tidy')->assertSuccessful();
    expect($silent->fresh()?->message)
        ->toContain('Ask for it again')
        ->and($lost->fresh()?->state)
        ->toBe(PackState::Failed)
        ->and($fresh->fresh()?->state)
        ->toBe(PackState::Working)
        ->and($old->fresh())
        ->toBeNull()
        ->and(is_file($old->path()))
        ->toBeFalse();
    (new MakePack($fresh->id))->failed(new RuntimeException('Chromium is missing.'));
    expect($fresh->fresh()?->message)->toBe('The pack could not be made. Chromium is missing.');
});

it('has workers that wait longer than the longest job before they take it again', function (): void {
    $after = config('queue.connections.database.retry_after');
    expect($after)->toBeGreaterThan((new MakePack(1))->timeout)->toBeGreaterThan((new WeighJob(1, 1))->timeout);
    $supervised = (string) file_get_contents(base_path('etc/supervisord.conf'));
    preg_match_all('/--timeout=(\d+)/', $supervised, $limits);
    expect(max($limits[1]))->toBeLessThan($after)->and($supervised)->toContain('--queue=quick', '--queue=packs');
});

it('brings back nothing of a member by another way than storing it', function (): void {
    expect(Member::query()->count())->toBe(0);
    $this->postJson("/api/jobs/{$this->job->id}/members", ['document' => document(['length' => 'x'])])
        ->assertCreated()
        ->assertJsonPath('summary.state', 'incomplete');
});
