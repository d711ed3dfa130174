<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Office;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** bin/waage user: opens an account in an office, which is made when there is none of that name. */
final class UserCommand extends Command
{
    protected $signature = 'user {office : name of the office} {name : name of the engineer} {email} {--password= : asked for when it is not given}';

    protected $description = 'Open an account in an office';

    public function handle(): int
    {
        $input = [
            'office' => $this->argument('office'),
            'name' => $this->argument('name'),
            'email' => $this->argument('email'),
            'password' => $this->option('password') ?? $this->secret('Password'),
        ];
        $check = Validator::make(
            $input,
            [
                'office' => ['required', 'string', 'max:120'],
                'name' => ['required', 'string', 'max:120'],
                'email' => ['required', 'string', 'email', 'max:255', 'unique:users'],
                'password' => ['required', 'string', 'min:10', 'max:255'],
            ],
            [
                'required' => 'The :attribute is missing.',
                'email' => 'This is not an e-mail address.',
                'unique' => 'There is an account with this address already.',
                'min' => 'The password needs at least :min characters.',
                'max' => 'The :attribute is too long.',
            ],
        );
        foreach ($check->errors()->all() as $error) {
            $this->error($error);
        }
        if ($check->fails()) {
            return self::FAILURE;
        }
        /** @var array{office: string, name: string, email: string, password: string} $account */
        $account = $check->validated();
        $office = Office::query()->firstOrCreate(['name' => $account['office']]);
        User::query()->create([
            'office_id' => $office->id,
            'name' => $account['name'],
            'email' => $account['email'],
            'password' => $account['password'],
        ]);
        $this->info("{$account['email']} can sign in and works in {$office->name}.");

        return self::SUCCESS;
    }
}
