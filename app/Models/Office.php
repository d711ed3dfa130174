<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\OfficeFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property list<array<string, mixed>>|null $build_ups  as in the basis of a job
 * @property array<string, mixed>|null $rates  of steel, and favourite sections
 * @property array<string, array<array-key, mixed>>|null $starts  of new members, by material and kind
 */
final class Office extends Model
{
    /** @use HasFactory<OfficeFactory> */
    use HasFactory;

    protected $fillable = ['name', 'build_ups', 'rates', 'starts'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['build_ups' => 'array', 'rates' => 'array', 'starts' => 'array'];
    }

    /** @return HasMany<User, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
