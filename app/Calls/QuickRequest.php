<?php

declare(strict_types=1);

namespace App\Calls;

use App\Units\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Quick\CannotTrace;
use Levin\Core\Drafting\Quick\QuickTrace;

/** A rung as it was said. */
class QuickRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'words' => ['required', 'string', 'max:600'],
            'volts' => ['required', 'numeric'],
            'line' => ['numeric'],
            'unit' => ['nullable', 'integer', Rule::exists('units', 'id')],
            'name' => ['nullable', 'string', 'max:80'],
            'complaint' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return ['words.required' => CannotTrace::nothing()->getMessage()];
    }

    /**
     * @param  string  $id  of the circuit
     *
     * @throws ValidationException for what cannot be traced
     */
    public function draft(string $id): Draft
    {
        try {
            return QuickTrace::draft($id, $this->string('words')->toString(), $this->float('volts'), $this->float('line', 240.0));
        } catch (CannotTrace|CannotEdit $e) {
            throw ValidationException::withMessages(['words' => $e->getMessage()]);
        }
    }

    public function unit(): ?Unit
    {
        return $this->filled('unit') ? Unit::query()->findOrFail($this->integer('unit')) : null;
    }
}
