<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Member;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A row of the list of members.
 *
 * @mixin Member
 */
final class MemberRow extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'mark' => $this->mark,
            'title' => $this->title,
            'section' => $this->section,
            'revision' => $this->revision,
            'summary' => $this->summary,
        ];
    }
}
