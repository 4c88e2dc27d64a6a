<?php

declare(strict_types=1);

namespace App\Units;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is set of a unit. */
class UnitRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:80'],
            'site' => ['sometimes', 'required', 'string', 'max:120'],
            'place' => ['sometimes', 'required', 'string', 'max:120'],
            'maker' => ['sometimes', 'present', 'nullable', 'string', 'max:80'],
            'model' => ['sometimes', 'present', 'nullable', 'string', 'max:80'],
            'serial' => ['sometimes', 'required', 'string', 'max:80', Rule::unique('units')->ignore($this->route('unit'))],
            'installed' => ['sometimes', 'required', 'integer', 'min:1900', 'max:'.(1 + (int) now()->format('Y'))],
            'circuit' => ['sometimes', 'required', 'string', Rule::exists('circuits', 'id')],
        ];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return ['serial.unique' => 'Another unit has that serial number. Look it up instead.'];
    }

    /** @return array<string, mixed> columns */
    public function columns(): array
    {
        $columns = [];
        foreach (['name', 'place', 'serial', 'maker', 'model'] as $name) {
            $columns += $this->has($name) ? [$name => $this->string($name)->trim()->toString()] : [];
        }

        return [
            ...$columns,
            ...($this->has('installed') ? ['installed' => $this->integer('installed')] : []),
            ...($this->has('circuit') ? ['circuit_id' => $this->string('circuit')->toString()] : []),
        ];
    }
}
