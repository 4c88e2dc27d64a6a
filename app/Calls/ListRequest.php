<?php

declare(strict_types=1);

namespace App\Calls;

use App\Database\Dates;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Which calls a list asks for. */
class ListRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'from' => ['string'],
            'until' => ['string'],
            'unit' => ['integer', 'min:1'],
            'number' => ['integer', 'min:1'],
            'order' => ['in:earliest,latest'],
        ];
    }

    /** @return Builder<Call> */
    public function calls(): Builder
    {
        $earliest = $this->string('order')->toString() === 'earliest';

        return Call::listed()
            ->when($this->has('from'), fn (Builder $q) => $q->where('scheduled_for', '>=', $this->moment('from')))
            ->when($this->has('until'), fn (Builder $q) => $q->where('scheduled_for', '<', $this->moment('until')))
            ->when($this->has('unit'), fn (Builder $q) => $q->where('unit_id', $this->integer('unit')))
            ->when($this->has('number'), fn (Builder $q) => $q->where('number', $this->integer('number')))
            ->orderBy('scheduled_for', $earliest ? 'asc' : 'desc')
            ->orderBy('number', $earliest ? 'asc' : 'desc');
    }

    private function moment(string $field): string
    {
        try {
            return Moment::planned($field, $this->string($field)->toString())->format(Dates::FORMAT);
        } catch (BadMoment $e) {
            throw ValidationException::withMessages([$field => $e->getMessage()]);
        }
    }
}
