<?php

declare(strict_types=1);

namespace App\Calls;

use App\Database\Dates;
use App\Shop\SignedIn;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\ValidationException;

/** Which calls a list asks for. */
class ListRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'from' => ['string'],
            'until' => ['string'],
            'unit' => ['integer', 'min:1'],
            'number' => ['integer', 'min:1'],
            'order' => ['in:earliest,latest'],
            'section' => [Rule::enum(DaySection::class)],
        ];
    }

    /** @return Builder<Call>  as whoever is signed in has them */
    public function calls(): Builder
    {
        $earliest = $this->string('order')->toString() === 'earliest';

        return Call::listed()
            ->when($this->has('from'), fn (Builder $q) => $q->where('scheduled_for', '>=', $this->moment('from')))
            ->when($this->has('until'), fn (Builder $q) => $q->where('scheduled_for', '<', $this->moment('until')))
            ->when($this->has('unit'), fn (Builder $q) => $q->where('unit_id', $this->integer('unit')))
            ->when($this->has('number'), fn (Builder $q) => $q->where('number', $this->integer('number')))
            ->when($this->has('section'), fn (Builder $q) => $this->enum('section', DaySection::class)?->of($q, SignedIn::by($this)))
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
