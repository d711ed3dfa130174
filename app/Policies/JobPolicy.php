<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;

/** Jobs belong to an office; everybody in it works on them, nobody else sees them. */
final class JobPolicy
{
    public function work(User $user, Job $job): bool
    {
        return $job->office_id === $user->office_id;
    }
}
