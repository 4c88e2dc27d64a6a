<?php

namespace App\Http\Resources;

use App\Circuits\CircuitShelf;
use App\Models\Unit;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Unit */
class UnitResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'place' => $this->place,
            'maker' => $this->maker,
            'model' => $this->model,
            'serial' => $this->serial,
            'installed' => $this->installed,
            'site' => ['name' => $this->site->name, 'address' => $this->site->address, 'contact' => $this->site->contact, 'phone' => $this->site->phone],
            'circuit' => $this->circuit,
            'calls' => CallResource::collection($this->whenLoaded('calls')),
            'plates' => $this->when($this->resource->relationLoaded('calls'), fn (): array => $this->plates()),
            'circuit_title' => app(CircuitShelf::class)->model($this->circuit)->circuit->title,
            'supply' => app(CircuitShelf::class)->model($this->circuit)->circuit->supply,
        ];
    }

    /** @return list<array{part: string, label: string, values: list<array{name: string, value: float|string, unit: string, meaning: string}>}> */
    private function plates(): array
    {
        $plates = [];
        foreach (app(CircuitShelf::class)->model($this->circuit)->components as $id => $component) {
            $values = [];
            foreach ($component::definition()->fields as $field) {
                $value = $component->part->plate[$field->name] ?? null;
                if (is_int($value) || is_float($value)) {
                    $values[] = ['name' => $field->name, 'value' => (float) $value, 'unit' => $field->unit, 'meaning' => $field->meaning];
                }
            }
            if ($values !== []) {
                $plates[] = ['part' => $id, 'label' => $component->part->label, 'values' => $values];
            }
        }

        return $plates;
    }
}
