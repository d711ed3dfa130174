<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Pack;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class PackPolicy
{
    public function work(User $user, Pack $pack): Response
    {
        $job = Job::withTrashed()->find($pack->job_id);

        return $job?->office_id === $user->office_id ? Response::allow() : Response::denyAsNotFound();
    }
}
