<?php

namespace App\Http\Resources;

use App\Models\CallEvent;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin CallEvent */
class EventResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'sequence' => $this->sequence,
            'type' => $this->type,
            'data' => $this->data,
            'by' => $this->user->name,
            'noted_at' => $this->noted_at->toIso8601String(),
        ];
    }
}
