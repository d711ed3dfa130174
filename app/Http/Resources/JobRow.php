<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A row of the list of jobs, with how many of its members do not hold.
 *
 * @mixin Job
 */
final class JobRow extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'number' => $this->number,
            'client' => $this->client,
            'members' => $this->members_count,
            'uncovered' => $this->uncovered_count,
            'failing' => $this->failing_count,
            'changed' => $this->updated_at->toIso8601String(),
        ];
    }
}
