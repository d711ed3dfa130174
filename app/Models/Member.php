<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\MemberState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One member of a job: its document and what the list of members shows of it.
 *
 * @property int $id
 * @property int $job_id
 * @property int $position
 * @property int $revision
 * @property string $mark
 * @property string $title
 * @property string $section
 * @property MemberState $state
 * @property array<string, mixed> $document
 * @property array<string, mixed> $summary
 * @property-read Job $job
 */
final class Member extends Model
{
    use SoftDeletes;

    protected $fillable = ['position', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'summary' => 'array', 'state' => MemberState::class];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /**
     * The document with the basis of the job, as it is designed and exported.
     *
     * @return array<string, mixed>
     */
    public function fullDocument(): array
    {
        return [...$this->document, 'basis' => $this->job->basis];
    }
}
