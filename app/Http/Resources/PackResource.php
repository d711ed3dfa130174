<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Pack;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * How far a pack of sheets is.
 *
 * @mixin Pack
 */
final class PackResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'state' => $this->state->value,
            'done' => $this->done,
            'total' => $this->total,
            'message' => $this->message,
        ];
    }
}
