<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\People;

/** bin/waage user:change: another name, another password, administrator or not any more. */
final class ChangeUserCommand extends AccountCommand
{
    protected $signature = 'user:change {email} {--name=} {--admin= : yes or no} {--set-password : asks for a new password} {--password= : the new password}';

    protected $description = 'Rename a person, give a new password, or make an administrator or none';

    public function __construct(private readonly People $people)
    {
        parent::__construct();
    }

    protected function work(): string
    {
        $asksForOne = $this->option('set-password') === true || $this->option('password') !== null;
        $user = $this->people->change($this->account(), [
            ...$this->option('name') === null ? [] : ['name' => $this->option('name')],
            ...$this->option('admin') === null ? [] : ['admin' => $this->option('admin') === 'yes'],
            ...$asksForOne ? ['password' => $this->password()] : [],
        ]);

        return "{$user->name} ({$user->email}) is changed.";
    }
}
