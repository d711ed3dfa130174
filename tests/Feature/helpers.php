<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Member;
use App\Models\Office;
use App\Models\User;
use App\Services\MemberStore;

function engineer(string $office = 'Alder Office'): User
{
    return User::factory()->create(['office_id' => Office::query()->firstOrCreate(['name' => $office])->id]);
}

/** @param  array<string, mixed>  $basis */
function jobOf(User $user, array $basis = ['standard' => 'EN', 'units' => 'metric']): Job
{
    return Job::factory()
        ->create(['office_id' => $user->office_id, 'basis' => $basis])
        ->refresh();
}

/** @param  array<string, mixed>  $change */
function memberOf(Job $job, array $change = []): Member
{
    $store = app(MemberStore::class);

    return $store->weigh($store->create($job, document($change)));
}
