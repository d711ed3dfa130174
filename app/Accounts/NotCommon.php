<?php

declare(strict_types=1);

namespace App\Accounts;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Str;

/**
 * Refuses passwords that are guessed first: usual words, rows of keys and the name of the account, also with other
 * letters, numbers and signs put in.
 */
final readonly class NotCommon implements ValidationRule
{
    /** Words and rows of keys of which the commonest passwords are made. */
    private const WORDS = [
        'password',
        'passwort',
        'passwd',
        'motdepasse',
        'contrasena',
        'welcome',
        'willkommen',
        'bienvenue',
        'qwertyuiop',
        'qwertzuiop',
        'azertyuiop',
        'qwerty',
        'qwertz',
        'azerty',
        'asdfghjkl',
        'asdfgh',
        'yxcvbnm',
        'zxcvbnm',
        'qazwsxedc',
        'qazwsx',
        'abcdefghijklmnopqrstuvwxyz',
        'abcdefghijkl',
        'abcdefgh',
        'abcdef',
        'abcd',
        'letmein',
        'iloveyou',
        'ilove',
        'monkey',
        'dragon',
        'football',
        'baseball',
        'soccer',
        'master',
        'sunshine',
        'princess',
        'shadow',
        'superman',
        'batman',
        'trustno',
        'starwars',
        'whatever',
        'freedom',
        'secret',
        'geheim',
        'hallo',
        'hello',
        'admin',
        'administrator',
        'changeme',
        'default',
        'login',
        'user',
        'test',
        'demo',
        'engineer',
        'structural',
        'beam',
        'waage',
        'summer',
        'winter',
        'spring',
        'autumn',
        'january',
        'december',
        'company',
        'office',
        'correcthorsebatterystaple',
        'correct',
        'horse',
        'battery',
        'staple',
        'my',
        'the',
        'your',
        'is',
        'this',
        'pass',
        'word',
        'a',
        'i',
        'you',
        'me',
        'for',
        'and',
        'not',
        'easy',
    ];

    /** Letters that are left when these are taken away. */
    private const LEAST = 4;

    /** @param  list<string>  $own  name, address and office of the account */
    public function __construct(private array $own = [])
    {
    }

    /** @param  Closure(string): \Illuminate\Translation\PotentiallyTranslatedString  $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || $this->isCommon($value)) {
            $fail(
                'This password is among those that are guessed first. Take several words that do not belong together.',
            );
        }
    }

    private function isCommon(string $password): bool
    {
        $letters = self::letters(
            strtr(Str::ascii(mb_strtolower($password)), [
                '0' => 'o',
                '1' => 'i',
                '3' => 'e',
                '4' => 'a',
                '5' => 's',
                '7' => 't',
                '@' => 'a',
                '$' => 's',
                '!' => 'i',
            ]),
        );
        $plain = self::letters(Str::ascii(mb_strtolower($password)));
        $own = array_filter(
            array_map(
                self::letters(...),
                preg_split('/[\s@.]+/', Str::ascii(mb_strtolower(implode(' ', $this->own)))) ?: [],
            ),
            fn (string $w): bool => strlen($w) > 2,
        );
        $words = [...self::WORDS, ...$own];
        usort($words, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $left = fn (string $of): int => strlen(str_replace(' ', '', str_replace($words, ' ', $of)));

        return min($left($letters), $left($plain)) < self::LEAST || count(array_unique(mb_str_split($password))) < 6;
    }

    private static function letters(string $text): string
    {
        return (string) preg_replace('/[^a-z]/', '', $text);
    }
}
