<?php

namespace App\Http\Resources;

use App\Models\Call;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Call */
class CallResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'number' => $this->number,
            'complaint' => $this->complaint,
            'stage' => $this->stage(),
            'scheduled_for' => $this->scheduled_for->toIso8601String(),
            'closed_at' => $this->closed_at?->toIso8601String(),
            'technician' => ['id' => $this->technician->id, 'name' => $this->technician->name],
            'unit' => ['id' => $this->unit->id, 'name' => $this->unit->name, 'site' => $this->unit->site->name, 'address' => $this->unit->site->address],
            'finding' => $this->events->last(fn ($event): bool => $event->type === 'finding')?->data['label'],
            'events' => $this->events->count(),
            'may_change' => $request->user()?->can('append', $this->resource) === true,
        ];
    }
}
