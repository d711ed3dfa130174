<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

/** bin/waage user:list: the accounts by office. */
final class ListUsersCommand extends Command
{
    protected $signature = 'user:list';

    protected $description = 'List the accounts by office';

    public function handle(): int
    {
        $query = User::query()->with('office');
        $query->orderBy('office_id')->orderBy('name');
        $users = $query->get();
        $row = fn (User $u): array => [$u->office->name, $u->name, $u->email, $u->is_admin ? 'administrator' : ''];
        $this->table(['Office', 'Name', 'Address', ''], $users->map($row)->all());

        return self::SUCCESS;
    }
}
