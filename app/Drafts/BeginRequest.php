<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Circuits\Circuit;
use App\Circuits\CircuitRevision;
use App\Circuits\OwnCircuit;
use App\Units\Unit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Levin\Core\Drafting\Families\Families;
use Levin\Core\Drafting\Families\Family;

/** What a draft begins with, and as what it will be saved. */
class BeginRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required_without:family', 'nullable', 'integer', Rule::exists('circuit_revisions', 'id')],
            'family' => ['required_without:revision', 'nullable', 'string', Rule::in(array_keys(Families::all()))],
            'answers' => ['array', 'max:40'],
            'answers.*' => ['integer', 'min:0', 'max:40'],
            'unit' => ['nullable', 'integer', Rule::exists('units', 'id')],
            'title' => ['nullable', 'string', 'max:120', 'not_regex:/"/'],
        ];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return [
            'revision.required_without' => 'Say what it begins with: a circuit, or a family.',
            'title.not_regex' => 'Leave the quotes out of the title.',
        ];
    }

    public function family(): ?Family
    {
        return $this->filled('family') ? Families::all()[$this->string('family')->toString()] : null;
    }

    public function base(): CircuitRevision
    {
        $family = $this->family();

        return $family === null
            ? CircuitRevision::query()->findOrFail($this->integer('revision'))
            : Circuit::query()->findOrFail($family->from)->newest()->firstOrFail();
    }

    /** @return array<int, int> by number of the question */
    public function answers(): array
    {
        return array_map(static fn (mixed $a): int => is_numeric($a) ? (int) $a : 0, array_values($this->array('answers')));
    }

    public function unit(): ?Unit
    {
        return $this->filled('unit') ? Unit::query()->findOrFail($this->integer('unit')) : null;
    }

    public function title(): string
    {
        return trim($this->string('title')->toString());
    }

    /** The id that it will be saved as. */
    public function circuit(): string
    {
        $unit = $this->unit();
        if ($unit !== null) {
            return OwnCircuit::of($this->base()->circuit_id, $unit->id)->id;
        }
        if ($this->title() === '') {
            return $this->base()->circuit_id;
        }
        $slug = Str::slug($this->title()) ?: 'circuit';
        $free = $slug;
        for ($n = 2; Circuit::query()->whereKey($free)->exists(); $n++) {
            $free = "$slug-$n";
        }

        return $free;
    }
}
