<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\People;
use App\Models\Office;

/** bin/waage user:add: opens an account in an office, which is made when there is none of that name. */
final class AddUserCommand extends AccountCommand
{
    protected $signature = 'user:add {office : name of the office} {name : name of the engineer} {email} {--admin : looks after the people of the office} {--password= : asked for when it is not given}';

    protected $description = 'Open an account in an office; the first one of an office is its administrator';

    public function __construct(private readonly People $people)
    {
        parent::__construct();
    }

    protected function work(): string
    {
        $name = trim($this->text('office'));
        $office = Office::query()->where('name', $name)->first() ?? new Office(['name' => $name]);
        $isFirst = ! $office->exists || ! $office->people()->exists();
        $typed = [
            'name' => $this->text('name'),
            'email' => $this->text('email'),
            'password' => $this->password(),
            'admin' => $isFirst || $this->option('admin') === true,
        ];
        $user = $office->getConnection()->transaction(function () use ($office, $typed) {
            $office->save();

            return $this->people->add($office, $typed);
        });

        return "{$user->email} can sign in and works in {$office->name}".
            ($user->is_admin ? ', as its administrator.' : '.');
    }
}
