<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\MeterFunction;

/** What a healthy unit would read. */
class ExpectedReadingController
{
    #[Operation('What a healthy unit reads, as this call stands', answer: ExpectedData::class, query: [
        'function' => 'of the meter',
        'red' => 'point of the red probe, or the wires that the clamp goes round',
        'black' => 'point of the black probe; none for a clamp',
        'turns' => 'how often the wires go through the clamp',
    ])]
    public function __invoke(Request $request, Call $call, Traces $traces): JsonResponse
    {
        $request->validate([
            'function' => ['required', 'string', Rule::enum(MeterFunction::class)],
            'red' => ['required', 'string', 'max:200'],
            'black' => ['required_unless:function,amps,uadc', 'nullable', 'string', 'max:64'],
            'turns' => ['nullable', 'integer', 'between:1,100'],
        ]);
        try {
            return response()->json($traces->expected(
                $call,
                MeterFunction::from($request->string('function')->toString()),
                $request->string('red')->toString(),
                $request->string('black')->toString(),
                max(1, $request->integer('turns')),
            ));
        } catch (UnknownName $e) {
            throw ValidationException::withMessages(['red' => $e->getMessage()]);
        }
    }
}
