<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Pack;
use App\Models\User;

final class PackPolicy
{
    public function work(User $user, Pack $pack): bool
    {
        $job = Job::withTrashed()->find($pack->job_id);

        return $job !== null && $job->office_id === $user->office_id;
    }
}
