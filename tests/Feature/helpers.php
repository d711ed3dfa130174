<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Member;
use App\Models\Office;
use App\Models\User;
use App\Services\MemberStore;

function engineer(string $office = 'Alder Office'): User
{
    static $count = 0;
    $count++;

    return User::query()->create(['office_id' => Office::query()->firstOrCreate(['name' => $office])->id, 'name' => "Engineer {$count}", 'email' => "engineer{$count}@example.test", 'password' => 'correct horse']);
}

/** @param  array<string, mixed>  $basis */
function jobOf(User $user, array $basis = ['standard' => 'EN', 'units' => 'metric']): Job
{
    $job = new Job(['name' => 'Boat shed', 'number' => '7', 'client' => 'Club', 'engineer' => 'A', 'checker' => 'B', 'basis' => $basis]);
    $job->office_id = $user->office_id;
    $job->save();

    return $job->refresh();
}

/** @param  array<string, mixed>  $change */
function memberOf(Job $job, array $change = []): Member
{
    return app(MemberStore::class)->create($job, document($change));
}
