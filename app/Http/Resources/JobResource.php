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
        return [
            'id' => $this->id,
            'name' => $this->name,
            'number' => $this->number,
            'client' => $this->client,
            'engineer' => $this->engineer,
            'checker' => $this->checker,
            'basis' => $this->basis,
            'members' => MemberRow::collection($this->members()->get()),
        ];
    }
}
