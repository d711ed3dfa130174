<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\PackState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The sheets of all members of a job as one PDF, made by the queue.
 *
 * @property int $id
 * @property int $job_id
 * @property string $paper
 * @property bool $full
 * @property PackState $state
 * @property int $done
 * @property int $total
 * @property string $message
 * @property-read Job $job
 */
final class Pack extends Model
{
    /** Who makes one gives a sign of life more often than that; else it is not made any more. */
    public const SILENT_MINUTES = 2;

    protected $fillable = ['paper', 'full', 'total'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['full' => 'boolean', 'state' => PackState::class];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function path(): string
    {
        return storage_path("app/packs/{$this->id}.pdf");
    }
}
