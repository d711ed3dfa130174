<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Office;
use App\Models\User;
use App\Support\EmailAddress;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

/** The people of an office: the same rules for the page and for the command line. */
final class People
{
    private const SAYS = [
        'required' => 'The :attribute is missing.',
        'string' => 'The :attribute must be a text.',
        'email' => 'This is not an e-mail address.',
        'unique' => 'There is an account with this address already.',
        'min' => 'The :attribute needs at least :min characters.',
        'max' => 'The :attribute is too long; at most :max characters.',
        'boolean' => 'This is yes or no.',
    ];

    /**
     * @param  array<string, mixed>  $typed  name, email, password, and whether administrator
     *
     * @throws ValidationException
     */
    public function add(Office $office, array $typed): User
    {
        $typed['email'] = self::address($typed['email'] ?? null);
        $own = [$typed['name'] ?? '', $typed['email'], $office->name];
        /** @var array{name: string, email: string, password: string, admin?: bool} $account */
        $account = Validator::make(
            $typed,
            [
                'name' => self::name(),
                'email' => ['required', 'string', 'email', 'max:255', Rule::unique('users', 'email')],
                'password' => self::password($own),
                'admin' => ['sometimes', 'boolean'],
            ],
            self::SAYS,
        )->validate();
        $user = new User([
            'office_id' => $office->id,
            'name' => trim($account['name']),
            'email' => $account['email'],
            'password' => $account['password'],
        ]);
        $user->is_admin = (bool) ($account['admin'] ?? false);
        $user->save();

        return $user;
    }

    /**
     * Renames somebody, gives a new password, or makes an administrator or none; what is not given stays.
     *
     * @param  array<string, mixed>  $typed
     *
     * @throws ValidationException
     */
    public function change(User $user, array $typed): User
    {
        $own = [$typed['name'] ?? $user->name, $user->email, $user->office->name];
        /** @var array{name?: string, password?: string, admin?: bool} $new */
        $new = Validator::make(
            $typed,
            [
                'name' => ['sometimes', ...self::name()],
                'password' => ['sometimes', ...self::password($own)],
                'admin' => ['sometimes', 'boolean'],
            ],
            self::SAYS,
        )->validate();

        return DB::transaction(function () use ($user, $new): User {
            $user->name = trim($new['name'] ?? $user->name);
            $user->is_admin = (bool) ($new['admin'] ?? $user->is_admin);
            if (isset($new['password'])) {
                $user->password = $new['password'];
                // Whoever is signed in elsewhere with the old one is not any more, nor by a token.
                $user->setRememberToken(Str::random(60));
            }
            $this->assertKept($user, $user->is_admin);
            $user->save();

            return $user;
        });
    }

    /** Refused where nobody would be left to look after the office. */
    public function remove(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $this->assertKept($user, false);
            $user->delete();
        });
    }

    /** @throws ValidationException */
    private function assertKept(User $user, bool $isAdmin): void
    {
        $query = User::query();
        $others = $query
            ->where('office_id', $user->office_id)
            ->whereKeyNot($user->id)
            ->where('is_admin', true)
            ->lockForUpdate()
            ->exists();
        $wasAdmin = (bool) $user->getOriginal('is_admin');
        if ($wasAdmin && ! $isAdmin && ! $others) {
            throw ValidationException::withMessages([
                'admin' => 'The office needs an administrator. Make somebody else one first.',
            ]);
        }
    }

    public static function address(mixed $typed): string
    {
        return is_string($typed) ? EmailAddress::normal($typed) : '';
    }

    /** @return list<mixed> */
    private static function name(): array
    {
        return ['required', 'string', 'max:120'];
    }

    /**
     * @param  list<mixed>  $own
     * @return list<mixed>
     */
    public static function password(array $own): array
    {
        return [
            'required',
            'string',
            'max:255',
            Password::min(12),
            new NotCommon(array_values(array_filter($own, is_string(...)))),
        ];
    }
}
