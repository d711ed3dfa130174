<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\People;

/** bin/waage user:remove: closes an account; the jobs belong to the office and stay. */
final class RemoveUserCommand extends AccountCommand
{
    protected $signature = 'user:remove {email}';

    protected $description = 'Close an account; the jobs of its office stay';

    public function __construct(private readonly People $people)
    {
        parent::__construct();
    }

    protected function work(): string
    {
        $user = $this->account();
        $this->people->remove($user);

        return "{$user->email} cannot sign in any more.";
    }
}
