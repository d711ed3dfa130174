<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Member;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class MemberPolicy
{
    public function work(User $user, Member $member): Response
    {
        $job = Job::withTrashed()->find($member->job_id);

        return $job?->office_id === $user->office_id ? Response::allow() : Response::denyAsNotFound();
    }
}
