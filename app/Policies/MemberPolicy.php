<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Member;
use App\Models\User;

final class MemberPolicy
{
    public function work(User $user, Member $member): bool
    {
        $job = Job::withTrashed()->find($member->job_id);

        return $job !== null && $job->office_id === $user->office_id;
    }
}
