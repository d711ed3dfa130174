<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Member;
use App\Models\User;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

abstract class Controller
{
    use AuthorizesRequests;

    private const DEMO_JOBS = 400;

    private const DEMO_MEMBERS = 8000;

    protected function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }

    /**
     * The demo takes so much and no more: a real office is never short of room for it.
     *
     * @throws ValidationException
     */
    protected function assertRoom(Request $request): void
    {
        $user = $this->user($request);
        if (! $user->isDemo()) {
            return;
        }
        $jobs = Job::withTrashed()->where('office_id', $user->office_id);
        $members = Member::withTrashed()->whereIn('job_id', (clone $jobs)->select('id'));
        if ($jobs->count() >= self::DEMO_JOBS || $members->count() >= self::DEMO_MEMBERS) {
            throw ValidationException::withMessages([
                'name' => 'The demo is full just now. What others have left in it is cleared away after a week.',
            ]);
        }
    }
}
