<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Support\EmailAddress;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;

/** What the commands about accounts share: they name one by its address and say in words what is refused. */
abstract class AccountCommand extends Command
{
    public function handle(): int
    {
        try {
            $this->info($this->work());
        } catch (ValidationException $e) {
            foreach ($e->validator->errors()->all() as $message) {
                $this->error($message);
            }

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /**
     * @return string what was done
     *
     * @throws ValidationException
     */
    abstract protected function work(): string;

    /** @throws ValidationException where there is none */
    protected function account(): User
    {
        return User::query()->with('office')->where('email', EmailAddress::normal($this->text('email')))->first() ??
            throw ValidationException::withMessages(['email' => 'There is no account with this address.']);
    }

    protected function text(string $argument): string
    {
        $text = $this->argument($argument);

        return is_string($text) ? $text : '';
    }

    /** The password of the option, or asked for without showing it. */
    protected function password(): mixed
    {
        return $this->option('password') ?? $this->secret('Password');
    }
}
