<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\JobFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Everything for one building: a basis and members.
 *
 * @property int $id
 * @property int $office_id
 * @property string $name
 * @property string $number
 * @property string $client
 * @property string $engineer
 * @property string $checker
 * @property array<string, mixed> $basis
 * @property int $basis_revision
 * @property int $weighed_revision  of the basis that the members are weighed by
 * @property int $weighed_count  members weighed so far, while that goes on
 * @property-read Office $office
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Member> $members
 * @property \Illuminate\Support\Carbon $updated_at
 * @property-read int $members_count
 * @property-read int $failing_count
 * @property-read int $uncovered_count
 */
final class Job extends Model
{
    /** @use HasFactory<JobFactory> */
    use HasFactory;

    use SoftDeletes;

    protected $fillable = ['name', 'number', 'client', 'engineer', 'checker', 'basis'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['basis' => 'array'];
    }

    /** @return BelongsTo<Office, $this> */
    public function office(): BelongsTo
    {
        return $this->belongsTo(Office::class);
    }

    /** @return HasMany<Member, $this> */
    public function members(): HasMany
    {
        $members = $this->hasMany(Member::class);
        $members->orderBy('position')->orderBy('id');

        return $members;
    }
}
