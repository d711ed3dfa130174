<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A job with its basis and members.
 *
 * @mixin Job
 */
final class JobResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $members = $this->members()->get();

        return [
            'id' => $this->id,
            'name' => $this->name,
            'number' => $this->number,
            'client' => $this->client,
            'engineer' => $this->engineer,
            'checker' => $this->checker,
            'basis' => $this->basis,
            'basisRevision' => $this->basis_revision,
            // How far its members are weighed by a new basis; null: they are.
            'weighing' => $this->weighed_revision < $this->basis_revision && $members->isNotEmpty()
                    ? ['done' => $this->weighed_count, 'total' => $members->count()]
                    : null,
            'members' => MemberRow::collection($members),
        ];
    }
}
