<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Levin\Core\Checks\Bench\Habit;

/** A habit that there is, and one of its choices. */
class HabitRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $habit = Habit::tryFrom($this->string('habit')->toString());

        return ['habit' => ['required', Rule::enum(Habit::class)], 'choice' => ['required', Rule::in($habit?->choices() ?? [])]];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return ['habit.*' => 'There is no such habit.', 'choice.*' => 'Choose one of its choices.'];
    }
}
