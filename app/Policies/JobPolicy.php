<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Jobs belong to an office; everybody in it works on them, nobody else sees that they are there. */
final class JobPolicy
{
    public function work(User $user, Job $job): Response
    {
        return $job->office_id === $user->office_id ? Response::allow() : Response::denyAsNotFound();
    }
}
