<?php

declare(strict_types=1);

namespace App\Models;

use App\Support\EmailAddress;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $office_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property bool $is_admin  looks after the people of the office
 * @property-read Office $office
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    public const DEMO = 'demo@waage.example';

    protected $fillable = ['office_id', 'name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'is_admin' => 'boolean'];
    }

    /** The one that anyone may be, to look around. */
    public function isDemo(): bool
    {
        return $this->email === self::DEMO;
    }

    protected function email(): Attribute
    {
        return Attribute::make(set: fn (string $typed): string => EmailAddress::normal($typed));
    }

    /** @return BelongsTo<Office, $this> */
    public function office(): BelongsTo
    {
        return $this->belongsTo(Office::class);
    }
}
